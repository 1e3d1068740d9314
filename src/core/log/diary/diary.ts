import { daysInOrder, type DayLog, type Project } from '../../house';
import { addCents, minutes, type Cents, type Minutes, type PlainDate } from '../../units';

/** One day of the diary: its lines, in the order they were kept. */
export type DiaryPage = { date: PlainDate; logs: DayLog[] };

const hoursOf = (day: DayLog): number =>
  day.entries.reduce((sum, entry) => sum + (entry.kind === 'hours' ? entry.minutes : 0), 0);

const spentOn = (day: DayLog): Cents[] =>
  day.entries.flatMap((entry) =>
    entry.kind === 'money' ? entry.shares.map((share) => share.cents) : [],
  );

/** The hours of everybody on a day, and the money, added up. */
export const pageSums = ({ logs }: DiaryPage): { minutes: Minutes; spent: Cents } => ({
  minutes: minutes(logs.reduce((sum, day) => sum + hoursOf(day), 0)),
  spent: addCents(logs.flatMap(spentOn)),
});

/** The diary, newest day first; lines of one day stay in the order they were kept. */
export function diaryOf(project: Pick<Project, 'days'>): DiaryPage[] {
  const pages: DiaryPage[] = [];
  for (const day of daysInOrder(project)) {
    const last = pages.at(-1);
    if (last?.date === day.date) last.logs.push(day);
    else pages.push({ date: day.date, logs: [day] });
  }
  return pages.reverse();
}
