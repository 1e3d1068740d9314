import { addDays, plainDate, plainDateSchema, type PlainDate } from '../../units';
import type { DateOrder } from '../../house/ways';
import { dayAt, type SaidDay } from './days';
import { tokensOf } from '../../language/tokens';

function saidDay(text: string, today: PlainDate, order: DateOrder): SaidDay | undefined {
  const tokens = tokensOf(text.trim().replace(/[.,;]$/, (sign) => (sign === '.' ? sign : '')));
  const day = dayAt(tokens, 0, today, order, 'point');
  const isWhole = day !== undefined && tokens.slice(day.to).every(({ text: sign }) => sign === '.');
  return isWhole && !day.or ? day : undefined;
}

/** A day by itself, as typed in a field: the last such day; undefined when the text is not one. */
export const parseDay = (
  text: string,
  today: PlainDate,
  order: DateOrder = 'day-first',
): PlainDate | undefined => saidDay(text, today, order)?.past;

/** A day to come, as typed in a field: a weekday is the next one, a day without its year the next that falls on it. */
export function parseComingDay(
  text: string,
  today: PlainDate,
  order: DateOrder = 'day-first',
): PlainDate | undefined {
  const day = saidDay(text, today, order);
  if (!day) return undefined;
  // Today by its own date is today, not a year on.
  if (day.past === today && day.tells === null && /\d/.test(text)) return today;
  if (day.ahead >= today || /\d{4}/.test(text)) return day.ahead;
  const next = `${Number(day.ahead.slice(0, 4)) + 1}${day.ahead.slice(4)}`;
  return plainDateSchema.safeParse(next).success ? plainDate(next) : addDays(day.ahead, 365);
}
