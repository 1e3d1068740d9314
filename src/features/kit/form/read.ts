import { z } from 'zod';
import { parseComingDay, parseDay } from '@/core/log/reader/fields';
import type { DateOrder, NumberStyle } from '@/core/house';
import {
  formatDate,
  formatMoney,
  minutes,
  parseDuration,
  parseMoney,
  parseLength,
  type Cents,
  type Currency,
  type Minutes,
  type PlainDate,
  type Ticks,
} from '@/core/units';

/** How a house writes money and days. */
export type Written = { currency: Currency; numberStyle: NumberStyle; dateOrder: DateOrder };

const LARGEST = 100_000_000_00 as Cents;

/** A typed sum from nought on. `empty` is what nothing typed stands for; without it a sum is asked for. */
export function moneyField({ currency, numberStyle }: Written, empty?: Cents | null) {
  return z.string().transform((text, context): Cents | null => {
    const fault = (message: string) => {
      context.addIssue({ code: 'custom', message });
      return z.NEVER;
    };
    const read = parseMoney(text, numberStyle, currency);
    if (!read.ok) {
      if (read.error.code === 'empty') {
        return empty === undefined ? fault('Give the sum, such as 62.40.') : empty;
      }
      return fault(
        read.error.code === 'other-currency'
          ? `This house counts in ${currency}. Turn the sum into it first, at the rate you paid.`
          : `“${text}” is not a sum. Write it like ${formatMoney(124_050 as Cents, currency).replace(/[^\d.,]/g, '')}.`,
      );
    }
    if (read.value < 0) return fault('It cannot be less than nothing.');
    if (read.value > LARGEST)
      return fault('That is more than any house costs. Is a point missing?');
    return read.value;
  });
}

/** A sum that has to be there. */
export const sumField = (written: Written) =>
  moneyField(written).transform((sum) => sum ?? (0 as Cents));

const unread = (text: string) => `“${text}” is not a day. Write 4 Apr, Sat or 2026-04-04.`;

/** A day to come, or one of the past; null where nothing was typed and nothing has to be. */
export function dayField(
  today: PlainDate,
  { dateOrder }: Written,
  {
    past = false,
    needed = false,
    from,
  }: { past?: boolean; needed?: boolean; from?: PlainDate } = {},
) {
  return z.string().transform((text, context): PlainDate | null => {
    if (text.trim() === '' && !needed) return null;
    const day = (past ? parseDay : parseComingDay)(text, today, dateOrder);
    const message =
      day === undefined
        ? unread(text)
        : past && day > today
          ? 'That day has not come yet.'
          : !past && day < today
            ? 'That day has passed.'
            : from !== undefined && day < from
              ? `That is before the first day, ${formatDate(from, today)}.`
              : undefined;
    if (day !== undefined && message === undefined) return day;
    context.addIssue({ code: 'custom', message: message ?? unread(text) });
    return z.NEVER;
  });
}

/** A text that has to be there. */
export const wordsField = (missing: string, most = 300) =>
  z.string().trim().min(1, missing).max(most, `Use at most ${most} letters.`);

/** A text that may be left out. */
export const noteField = z
  .string()
  .trim()
  .max(300, 'Use at most 300 letters.')
  .transform((text) => (text === '' ? undefined : text));

/** A length over nothing, in any usual writing; `missing` says what to write. */
export const lengthField = (missing: string) =>
  z.string().transform((text, context): Ticks => {
    const read = parseLength(text);
    if (read.ok && read.value > 0) return read.value;
    context.addIssue({ code: 'custom', message: missing });
    return z.NEVER;
  });

/** A whole number between two; null where nothing was typed and nothing has to be. */
export const countField = (least: number, most: number, needed = true, thing = 'a whole number') =>
  z.string().transform((text, context): number | null => {
    if (text.trim() === '' && !needed) return null;
    const count = Number(text.trim());
    if (Number.isInteger(count) && count >= least && count <= most && text.trim() !== '')
      return count;
    context.addIssue({ code: 'custom', message: `Give ${thing} from ${least} to ${most}.` });
    return z.NEVER;
  });

const LONGEST_HOURS = 5_000;

/** Hours of work of any length: `4h`, `2h30`, `45 min`, `12`; null where nothing was typed. */
export const workField = (needed: boolean) =>
  z.string().transform((text, context): Minutes | null => {
    const clean = text.trim();
    if (clean === '' && !needed) return null;
    const parsed = parseDuration(/^\d+([.,]\d+)?$/.test(clean) ? `${clean}h` : clean);
    const message =
      !parsed.ok || parsed.value < 0
        ? `“${text}” is not hours. Write 4h, 2h30 or 45 min.`
        : parsed.value > LONGEST_HOURS * 60
          ? `That is over ${LONGEST_HOURS} hours.`
          : undefined;
    if (parsed.ok && message === undefined) return minutes(parsed.value);
    context.addIssue({ code: 'custom', message: message ?? '' });
    return z.NEVER;
  });

const DAYS = /^(\d+(?:[.,]\d+)?)\s*(?:d|days?|nights?)$/i;
const HOURS_A_DAY = 24;
const LONGEST_WAIT_DAYS = 730;

/** How long something dries: `24h`, `3 days`, `0` for not at all; null where nothing was typed. */
export const waitField = z.string().transform((text, context): number | null => {
  const clean = text.trim();
  if (clean === '') return null;
  const days = DAYS.exec(clean)?.[1];
  const read = days === undefined ? parseDuration(/^\d+$/.test(clean) ? `${clean}h` : clean) : null;
  const hours =
    days !== undefined
      ? Number(days.replace(',', '.')) * HOURS_A_DAY
      : clean === '0'
        ? 0
        : read?.ok
          ? read.value / 60
          : undefined;
  if (hours !== undefined && hours >= 0 && hours <= LONGEST_WAIT_DAYS * HOURS_A_DAY) {
    return Math.round(hours);
  }
  context.addIssue({ code: 'custom', message: `“${text}” is no time. Write 24h, 3 days or 0.` });
  return z.NEVER;
});
