import { z } from 'zod';
import { fail, ok, type Result } from '../result';

/** Money in hundredths of the project's currency. Negative for refunds. */
export const centsSchema = z.int().min(-1e12).max(1e12).brand<'Cents'>();
export type Cents = z.infer<typeof centsSchema>;

export const cents = (value: number): Cents => Math.round(value) as Cents;
export const addCents = (values: readonly Cents[]): Cents =>
  cents(values.reduce((sum, value) => sum + value, 0));

export type Currency = 'USD' | 'CAD' | 'EUR' | 'GBP' | 'AUD';
export const currencySchema = z.enum(['USD', 'CAD', 'EUR', 'GBP', 'AUD']);

export type MoneyError = { code: 'unreadable'; text: string } | { code: 'empty' };

const MONEY =
  /^(-)?\s*(?:[$€£]|usd|eur|gbp|cad|aud)?\s*(-)?(\d+(?:[.,]\d+)*)\s*(k)?\s*(?:[$€£]|usd|eur|gbp|cad|aud|dollars?|bucks|euros?|pounds?)?$/;

/**
 * The figure of a sum in cents: `1,250`, `1.250,00`, `18.4`. One or two digits behind the last sign are cents, three are
 * thousands; undefined when the signs make no sum.
 */
function figureOf(text: string, style: 'point' | 'comma'): number | undefined {
  const groups = text.split(/[.,]/);
  const last = groups.at(-1) ?? '';
  const hasCents = groups.length > 1 && last.length < 3;
  const whole = hasCents ? groups.slice(0, -1) : groups;
  const signs = text.replace(/\d/g, '');
  const between = hasCents ? signs.slice(0, -1) : signs;
  const isGrouped =
    whole.length === 1 ||
    (/^\d{1,3}$/.test(whole[0] ?? '') && whole.slice(1).every((group) => group.length === 3));
  const isOneSign =
    new Set(between).size <= 1 && !(hasCents && between.includes(signs.at(-1) ?? ''));
  // Where the point is for cents, "1.234" is a slip.
  const isSlip = style === 'point' && !hasCents && signs.includes('.');
  if (!isGrouped || !isOneSign || (groups.length > 1 && last.length > 3) || isSlip)
    return undefined;
  return Number(whole.join('')) * 100 + (hasCents ? Number(last.padEnd(2, '0')) : 0);
}

/**
 * Reads `$18.40`, `1,250`, `18,40 €`, `38k`, `-$20`; `65.000` where a house writes thousands with points. At most two
 * decimals: there is no half cent.
 */
export function parseMoney(
  text: string,
  style: 'point' | 'comma' = 'point',
): Result<Cents, MoneyError> {
  const clean = text.trim().toLowerCase();
  if (clean === '') return fail({ code: 'empty' });
  const match = MONEY.exec(clean);
  const figure = match && figureOf(match[3] ?? '', style);
  if (!match || figure === undefined || figure === null) return fail({ code: 'unreadable', text });
  const sign = match[1] || match[2] ? -1 : 1;
  return ok(cents(sign * figure * (match[4] ? 1000 : 1)));
}

/** `$18.40`; whole sums of 1,000 and more drop their noughts: `$12,400`. */
export function formatMoney(value: Cents, currency: Currency): string {
  const whole = value % 100 === 0 && Math.abs(value) >= 100_000;
  return formatFor(currency, whole ? 0 : 2).format(value / 100);
}

/** Formats take longer to make than to use, and a screen writes hundreds of sums. */
const formats = new Map<string, Intl.NumberFormat>();

function formatFor(currency: Currency, digits: 0 | 2): Intl.NumberFormat {
  const key = `${currency} ${digits}`;
  const made =
    formats.get(key) ??
    new Intl.NumberFormat('en-US', {
      style: 'currency',
      currency,
      minimumFractionDigits: digits,
      maximumFractionDigits: digits,
    });
  formats.set(key, made);
  return made;
}

/**
 * Splits a sum by whole-number weights; the parts always add up to the sum.
 * Largest remainder: what rounding leaves goes, a cent each, to the parts that lost most.
 * Weights that are all nought are taken as equal.
 */
export function splitCents(total: Cents, weights: readonly number[]): Cents[] {
  const weightSum = weights.reduce((sum, weight) => sum + weight, 0);
  const shares = weightSum > 0 ? weights : weights.map(() => 1);
  const whole = weightSum > 0 ? weightSum : weights.length;
  const sign = total < 0 ? -1 : 1;
  const exact = shares.map((share) => (Math.abs(total) * share) / whole);
  const floors = exact.map(Math.floor);
  const left = Math.abs(total) - floors.reduce((sum, part) => sum + part, 0);
  const byRemainder = exact
    .map((value, index) => ({ index, remainder: value - Math.floor(value) }))
    .sort((a, b) => b.remainder - a.remainder || a.index - b.index);
  const extra = new Set(byRemainder.slice(0, Math.round(left)).map(({ index }) => index));
  return floors.map((part, index) => cents(sign * (part + (extra.has(index) ? 1 : 0))));
}
