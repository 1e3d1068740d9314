import { z } from 'zod';
import { isWeekend, minutesSchema, weekdayOf, type Minutes, type PlainDate } from '../units';

export const personIdSchema = z.string().min(1).max(64).brand<'PersonId'>();
export type PersonId = z.infer<typeof personIdSchema>;

export const personSchema = z.object({
  id: personIdSchema,
  name: z.string().trim().min(1).max(60),
  role: z.enum(['self', 'helper']),
  /** Working minutes for Monday … Sunday. */
  week: z.array(minutesSchema.max(960)).length(7),
});
export type Person = z.infer<typeof personSchema>;

export const minutesOn = (person: Person, date: PlainDate): Minutes =>
  person.week[weekdayOf(date)] ?? (0 as Minutes);

/** When work starts: after supper on a weekday, at eight at the weekend and on any long day. Starting guesses. */
const EVENING_START = 18 * 60 + 30;
const LONG_DAY_START = 8 * 60;
const EVENING_LIMIT = 240;

/** The stretch of the day in which a person works, in minutes of the day; undefined on a day off. */
export function workWindow(
  person: Person,
  date: PlainDate,
): { from: number; to: number } | undefined {
  const length = minutesOn(person, date);
  if (length === 0) return undefined;
  const byDay = isWeekend(date) || length > EVENING_LIMIT;
  const from = byDay ? LONG_DAY_START : EVENING_START;
  return { from, to: from + length };
}
