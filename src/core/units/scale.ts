import { addDays, daysBetween, formatMonth, mondayOf, plainDate, type PlainDate } from './time';

/** A stretch of days as a measure from 0 to 1. */
export type TimeScale = { from: PlainDate; to: PlainDate };

/** Where a day stands on a scale: 0 at its first day, 1 at its last, beyond them outside. */
export const positionOn = (scale: TimeScale, date: PlainDate): number =>
  daysBetween(scale.from, date) / Math.max(1, daysBetween(scale.from, scale.to));

const firstOfNextMonth = (date: PlainDate): PlainDate => {
  const [year = 0, month = 1] = date.split('-').map(Number);
  const next = month === 12 ? [year + 1, 1] : [year, month + 1];
  return plainDate(`${next[0]}-${String(next[1]).padStart(2, '0')}-01`);
};

/** A scale of whole months round all the days given, with a tick a week and a longer, named one a month. */
export function monthScale(days: readonly PlainDate[]): {
  scale: TimeScale;
  ticks: { at: number; label?: string }[];
} {
  const sorted = days.toSorted();
  const from = plainDate(`${(sorted[0] ?? '2000-01-01').slice(0, 7)}-01`);
  const scale = { from, to: firstOfNextMonth(sorted.at(-1) ?? from) };
  const months: { at: number; label?: string }[] = [];
  for (let month = from; month < scale.to; month = firstOfNextMonth(month)) {
    months.push({ at: positionOn(scale, month), label: formatMonth(month) });
  }
  const weeks: { at: number }[] = [];
  for (let monday = addDays(mondayOf(from), 7); monday < scale.to; monday = addDays(monday, 7)) {
    if (!monday.endsWith('-01')) weeks.push({ at: positionOn(scale, monday) });
  }
  return { scale, ticks: [...months, ...weeks] };
}
