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
  /^(-)?\s*(?:[$€£]|usd|eur|gbp)?\s*(-)?(\d{1,3}(?:,\d{3})+|\d+)(?:[.,](\d{1,2}))?\s*(?:[$€£]|dollars?|bucks|euros?|pounds?)?$/;

/** Reads `$18.40`, `1,250`, `18,40 €`, `-$20`. At most two decimals: there is no half cent. */
export function parseMoney(text: string): Result<Cents, MoneyError> {
  const clean = text.trim().toLowerCase();
  if (clean === '') return fail({ code: 'empty' });
  const match = MONEY.exec(clean);
  if (!match) return fail({ code: 'unreadable', text });
  const whole = Number((match[3] ?? '0').replaceAll(',', ''));
  const sign = match[1] || match[2] ? -1 : 1;
  return ok(cents(sign * (whole * 100 + Number((match[4] ?? '0').padEnd(2, '0')))));
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
