import { addDays, plainDate, plainDateSchema, weekdayOf, type PlainDate } from '../units';

const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

const ISO = /^(?:on\s+)?(\d{4}-\d{2}-\d{2})\s*[:,]?\s*/i;
const RELATIVE = /^(today|tonight|yesterday)\b\s*[:,]?\s*/i;
const DAY_MONTH =
  /^(?:on\s+)?(?:(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\s+)?(\d{1,2})\s+(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\b\s*[:,]?\s*/i;
const WEEKDAY = /^(?:on\s+|last\s+)?(mon|tue|wed|thu|fri|sat|sun)(?:[a-z]*day)?\b\s*[:,]?\s*/i;

function dayMonth(day: string, month: string, today: PlainDate): PlainDate | undefined {
  const at = MONTHS.indexOf(month.toLowerCase().slice(0, 3)) + 1;
  const inYear = (year: number) => `${year}-${String(at).padStart(2, '0')}-${day.padStart(2, '0')}`;
  const thisYear = Number(today.slice(0, 4));
  const near = inYear(thisYear) > today ? inYear(thisYear - 1) : inYear(thisYear);
  return plainDateSchema.safeParse(near).success ? plainDate(near) : undefined;
}

/** The day a line begins with, today when it names none, and what is left of the line. Weekdays look back. */
export function readDay(
  line: string,
  today: PlainDate,
): { date: PlainDate; rest: string; named: boolean } {
  const iso = ISO.exec(line);
  if (iso && plainDateSchema.safeParse(iso[1]).success) {
    return { date: plainDate(iso[1] ?? ''), rest: line.slice(iso[0].length), named: true };
  }
  const relative = RELATIVE.exec(line);
  if (relative) {
    const back = relative[1]?.toLowerCase() === 'yesterday' ? -1 : 0;
    return { date: addDays(today, back), rest: line.slice(relative[0].length), named: true };
  }
  const dated = DAY_MONTH.exec(line);
  const date = dated && dayMonth(dated[1] ?? '', dated[2] ?? '', today);
  if (dated && date) return { date, rest: line.slice(dated[0].length), named: true };
  const weekday = WEEKDAY.exec(line);
  if (weekday) {
    const wanted = WEEKDAYS.indexOf((weekday[1] ?? '').toLowerCase());
    const back = (weekdayOf(today) - wanted + 7) % 7;
    return { date: addDays(today, -back), rest: line.slice(weekday[0].length), named: true };
  }
  return { date: today, rest: line, named: false };
}

/** A day by itself, as typed in a field; undefined when the text is not one. */
export function parseDay(text: string, today: PlainDate): PlainDate | undefined {
  const { date, rest, named } = readDay(text.trim(), today);
  return named && rest.trim() === '' ? date : undefined;
}

/** A day to come, as typed in a field: a weekday is the next one, a day without its year the next that falls on it. */
export function parseComingDay(text: string, today: PlainDate): PlainDate | undefined {
  const day = parseDay(text, today);
  if (day === undefined || day >= today || /\d{4}/.test(text)) return day;
  if (!/\d/.test(text)) return addDays(day, 7);
  const next = `${Number(day.slice(0, 4)) + 1}${day.slice(4)}`;
  return plainDateSchema.safeParse(next).success ? plainDate(next) : undefined;
}
