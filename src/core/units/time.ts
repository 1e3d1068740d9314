import { z } from 'zod';
import { remembering } from '../remembering';
import { fail, ok, type Result } from '../result';

/** Screens draw week by week from the first day known: a slip in the year must not make thousands of them. */
const FIRST_DAY = '1900-01-01';
const LAST_DAY = '2299-12-31';

/** A calendar day, 'YYYY-MM-DD', without a time zone. Sorts as text. */
export const plainDateSchema = z.iso
  .date()
  .refine((date) => date >= FIRST_DAY && date <= LAST_DAY, { error: 'not a day of 1900 to 2299' })
  .brand<'PlainDate'>();
export type PlainDate = z.infer<typeof plainDateSchema>;

/** Minutes of work (one person's) or of waiting. */
export const minutesSchema = z.int().min(0).max(10_000_000).brand<'Minutes'>();
export type Minutes = z.infer<typeof minutesSchema>;
/** Rounded to whole minutes, never under nought. */
export const minutes = (value: number): Minutes => Math.max(0, Math.round(value)) as Minutes;

/** The same years as the days', in minutes: 1900-01-01 00:00 to the end of 2299. */
const FIRST_MINUTE = -36_816_480;
const LAST_MINUTE = 173_563_199;

/** A point on the household's own clock: minutes since 1970-01-01 00:00, local. */
export const momentSchema = z.int().min(FIRST_MINUTE).max(LAST_MINUTE).brand<'Moment'>();
export type Moment = z.infer<typeof momentSchema>;
/** Rounded to whole minutes since 1970 in the house's own clock. */
export const moment = (value: number): Moment => Math.round(value) as Moment;

export const MINUTES_PER_DAY = 1_440;
const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A text that is known to be YYYY-MM-DD. */
export const plainDate = (text: string): PlainDate => text as PlainDate;

/** Three hundred years of them: planning asks for the same thousand a million times. */
const DAYS_KEPT = 110_000;

/** Days since 1970-01-01 (proleptic Gregorian). */
export const toDayNumber = remembering(DAYS_KEPT, daysFromCivil);

/** The inverse of {@link toDayNumber}. */
export const fromDayNumber = remembering(DAYS_KEPT, civilFromDays);

/** Hinnant's days_from_civil. */
function daysFromCivil(date: PlainDate): number {
  const [y = 1970, month = 1, day = 1] = date.split('-').map(Number);
  const year = month <= 2 ? y - 1 : y;
  const era = Math.floor(year / 400);
  const yearOfEra = year - era * 400;
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  const dayOfEra =
    yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
  return era * 146_097 + dayOfEra - 719_468;
}

/** Hinnant's civil_from_days. */
function civilFromDays(dayNumber: number): PlainDate {
  const shifted = dayNumber + 719_468;
  const era = Math.floor(shifted / 146_097);
  const dayOfEra = shifted - era * 146_097;
  const yearOfEra = Math.floor(
    (dayOfEra -
      Math.floor(dayOfEra / 1_460) +
      Math.floor(dayOfEra / 36_524) -
      Math.floor(dayOfEra / 146_096)) /
      365,
  );
  const dayOfYear =
    dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const marchMonth = Math.floor((5 * dayOfYear + 2) / 153);
  const day = dayOfYear - Math.floor((153 * marchMonth + 2) / 5) + 1;
  const month = marchMonth + (marchMonth < 10 ? 3 : -9);
  const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0);
  const pad = (value: number, width: number) => String(value).padStart(width, '0');
  return plainDate(`${pad(year, 4)}-${pad(month, 2)}-${pad(day, 2)}`);
}

/** So many days later, or earlier. */
export const addDays = (date: PlainDate, days: number): PlainDate =>
  fromDayNumber(toDayNumber(date) + days);
/** Whole days from one to the other; below nought where it is earlier. */
export const daysBetween = (from: PlainDate, to: PlainDate): number =>
  toDayNumber(to) - toDayNumber(from);

/** 0 = Monday … 6 = Sunday. */
export const weekdayOf = (date: PlainDate): number => (((toDayNumber(date) + 3) % 7) + 7) % 7;
/** Saturday or Sunday. */
export const isWeekend = (date: PlainDate): boolean => weekdayOf(date) >= 5;
/** The Monday of its week. */
export const mondayOf = (date: PlainDate): PlainDate => addDays(date, -weekdayOf(date));

/** A minute of a day as a moment. */
export const momentAt = (date: PlainDate, minuteOfDay = 0): Moment =>
  moment(toDayNumber(date) * MINUTES_PER_DAY + minuteOfDay);
/** The day a moment falls on. */
export const dateOf = (at: Moment): PlainDate => fromDayNumber(Math.floor(at / MINUTES_PER_DAY));
/** Minutes since its midnight. */
export const minuteOfDay = (at: Moment): number =>
  ((at % MINUTES_PER_DAY) + MINUTES_PER_DAY) % MINUTES_PER_DAY;
/** The last day that a stretch ending at `at` touches: a finish at midnight belongs to the day before. */
export const lastDayOf = (at: Moment): PlainDate => dateOf(moment(at - 1));

/** `2026-03-14T18:30`, for files and the command line. */
export function toIsoMinute(at: Moment): string {
  const rest = minuteOfDay(at);
  const pad = (value: number) => String(value).padStart(2, '0');
  return `${dateOf(at)}T${pad(Math.floor(rest / 60))}:${pad(rest % 60)}`;
}

/** `Sat 14 Mar`; the year is added when it is not that of `relativeTo`. */
export function formatDate(date: PlainDate, relativeTo?: PlainDate): string {
  const [year, month = '1', day = '1'] = date.split('-');
  const short = `${WEEKDAYS[weekdayOf(date)]} ${Number(day)} ${MONTHS[Number(month) - 1]}`;
  return relativeTo && relativeTo.slice(0, 4) !== year ? `${short} ${year}` : short;
}

/** Jan to Dec. */
export const formatMonth = (date: PlainDate): string => MONTHS[Number(date.slice(5, 7)) - 1] ?? '';
/** `14 Mar`, where a weekday would not fit. */
export const formatDayMonth = (date: PlainDate): string =>
  `${Number(date.slice(8, 10))} ${formatMonth(date)}`;
/** Mon to Sun, from 0. */
export const weekdayName = (weekday: number): string => WEEKDAYS[weekday] ?? '';

/** `8 pm`, `6:30 pm`. */
export function formatTimeOfDay(at: Moment): string {
  const rest = minuteOfDay(at);
  const hour = Math.floor(rest / 60);
  const past = rest % 60 === 0 ? '' : `:${String(rest % 60).padStart(2, '0')}`;
  return `${hour % 12 === 0 ? 12 : hour % 12}${past} ${hour < 12 ? 'am' : 'pm'}`;
}

/** `2h 30`, `2h`, `45 min`: hours of work, as they are spoken. */
export function formatMinutes(value: number): string {
  const whole = Math.round(value);
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours}h` : `${hours}h ${String(rest).padStart(2, '0')}`;
}

/** `3 d 6 h`, `5 h`, `40 min`: time that passes by itself. */
export function formatElapsed(value: number): string {
  const whole = Math.max(0, Math.round(value));
  if (whole < 60) return `${whole} min`;
  const hours = Math.round(whole / 60);
  const days = Math.floor(hours / 24);
  if (days === 0) return `${hours} h`;
  return hours % 24 === 0 ? `${days} d` : `${days} d ${hours % 24} h`;
}

export type DurationError = { code: 'unreadable'; text: string } | { code: 'empty' };

const HOURS_MINUTES = /^(\d+)\s*(?:h|hr|hrs|hour|hours)\s*(\d{1,2})?\s*(?:m|min|mins|minutes)?$/;
const DECIMAL_HOURS = /^(\d+(?:[.,]\d+)?)\s*(?:h|hr|hrs|hour|hours)$/;
const MINUTES_ONLY = /^(\d+)\s*(?:m|min|mins|minutes)$/;
const CLOCK = /^(\d{1,2}):(\d{2})$/;

/** Reads `2h30`, `2.5h`, `2 h`, `45 min`, `1:30`, `2 hours 15 min`. */
export function parseDuration(text: string): Result<Minutes, DurationError> {
  const clean = text.trim().toLowerCase();
  if (clean === '') return fail({ code: 'empty' });
  const pair = HOURS_MINUTES.exec(clean) ?? CLOCK.exec(clean);
  if (pair) return ok(minutes(Number(pair[1]) * 60 + Number(pair[2] ?? 0)));
  const decimal = DECIMAL_HOURS.exec(clean);
  if (decimal) return ok(minutes(Number((decimal[1] ?? '0').replace(',', '.')) * 60));
  const short = MINUTES_ONLY.exec(clean);
  if (short) return ok(minutes(Number(short[1])));
  return fail({ code: 'unreadable', text });
}
