import { z } from 'zod';
import {
  isWeekend,
  centsSchema,
  minutes,
  minutesSchema,
  plainDateSchema,
  weekdayOf,
  type Minutes,
  type PlainDate,
} from '../units';
import { skillSchema } from './skills';
import { LONGEST_NOTE, keySchema } from './text';

export const personIdSchema = keySchema(64).brand<'PersonId'>();
export type PersonId = z.infer<typeof personIdSchema>;

/** Days that differ from the week: away, a push of long days, the dates a helper promised. Both ends count. */
const datedHoursSchema = z.object({
  from: plainDateSchema,
  to: plainDateSchema,
  /** Working minutes on each of these days; 0 is a day off. */
  minutes: minutesSchema.max(960),
  because: z.string().trim().max(LONGEST_NOTE),
  /** The same days come back every year: a farm's season, summers away. */
  everyYear: z.boolean().optional(),
});
export type DatedHours = z.infer<typeof datedHoursSchema>;

export const personSchema = z.object({
  id: personIdSchema,
  name: z.string().trim().min(1).max(60),
  /** The first owner is "me" in the log; a crew is paid by the day. */
  role: z.enum(['self', 'helper', 'crew']),
  /** Working minutes for Monday … Sunday. */
  week: z.array(minutesSchema.max(960)).length(7),
  /** The later of two that speak of one day counts. */
  dates: z.array(datedHoursSchema).max(60).optional(),
  /** The only kinds of work they do; left out for people who do anything. */
  skills: z.array(skillSchema).max(20).optional(),
  /** How many a crew is, and what a day of it costs, all of them together. */
  crew: z.object({ size: z.int().min(1).max(12), dayCents: centsSchema.min(0) }).optional(),
});
export type Person = z.infer<typeof personSchema>;

/** How many pairs of hands somebody brings. */
export const handsOf = ({ crew }: Person): number => crew?.size ?? 1;

const monthDay = (date: PlainDate): string => date.slice(5);

/** Whether a day falls in it; one that comes back every year may run over New Year. */
function speaksOf({ from, to, everyYear }: DatedHours, date: PlainDate): boolean {
  if (from <= date && date <= to) return true;
  if (!everyYear || date < from) return false;
  const [day, first, last] = [monthDay(date), monthDay(from), monthDay(to)];
  return first <= last ? first <= day && day <= last : day >= first || day <= last;
}

/** Minutes somebody has on a day: a dated entry before the week's. */
export const minutesOn = (person: Person, date: PlainDate): Minutes =>
  person.dates?.findLast((dated) => speaksOf(dated, date))?.minutes ??
  person.week[weekdayOf(date)] ??
  (0 as Minutes);

/** No day of a person is longer; it may be that none is as long. */
export const longestDayOf = ({ week, dates = [] }: Person): Minutes =>
  minutes(Math.max(0, ...week, ...dates.map((dated) => dated.minutes)));

/**
 * When work starts: after supper on a weekday, at eight at the weekend and on any long day. What four hours after
 * supper do not hold begins before it, so that who gives more still meets whoever comes in the evening. Starting guesses.
 */
const EVENING_START = 18 * 60 + 30;
const EVENING_END = 22 * 60 + 30;
const LONG_DAY_START = 8 * 60;
const LONGEST_EVENING = 360;

/** The stretch of the day in which a person works, in minutes of the day; undefined on a day off. */
export function workWindow(
  person: Person,
  date: PlainDate,
): { from: number; to: number } | undefined {
  const length = minutesOn(person, date);
  if (length === 0) return undefined;
  const byDay = isWeekend(date) || length > LONGEST_EVENING;
  const from = byDay ? LONG_DAY_START : Math.min(EVENING_START, EVENING_END - length);
  return { from, to: from + length };
}
