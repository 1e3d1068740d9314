import { remembering } from '../remembering';
import { z } from 'zod';
import { fail, ok, type Result } from '../result';

/** Money in the minor unit of the project's currency: cents, or yen where there is no smaller coin. Negative for refunds. */
export const centsSchema = z.int().min(-1e12).max(1e12).brand<'Cents'>();
export type Cents = z.infer<typeof centsSchema>;

/** Rounded to whole smallest coins of the house's currency. */
export const cents = (value: number): Cents => Math.round(value) as Cents;
/** The sum; nought of nothing. */
export const addCents = (values: readonly Cents[]): Cents =>
  cents(values.reduce((sum, value) => sum + value, 0));

/** A three-letter code of ISO 4217. */
export type Currency = string;
export const currencySchema = z
  .string()
  .regex(/^[A-Z]{3}$/)
  .refine((code) => Intl.supportedValuesOf('currency').includes(code));

/** More than a person meets. */
const CURRENCIES_KEPT = 100;

/** How many decimals a currency has: 2 for dollars, none for yen, 3 for dinars. */
export const exponentOf = remembering(CURRENCIES_KEPT, (currency: Currency): number => {
  const format = new Intl.NumberFormat('en-US', { style: 'currency', currency });
  return format.resolvedOptions().maximumFractionDigits ?? 2;
});

/** How many of its smallest coins make one of a currency. */
export const minorUnits = (currency: Currency): number => 10 ** exponentOf(currency);

export type MoneyError =
  | { code: 'unreadable'; text: string }
  | { code: 'empty' }
  /** A sign or code of another currency than the house's. */
  | { code: 'other-currency'; text: string };

const MONEY =
  /^(-)?\s*(\p{Sc}|[a-z]{3})?\s*(-)?(\d+(?:[.,]\d+)*)\s*(k)?\s*(\p{Sc}|[a-z]{3}|dollars?|bucks|euros?|pounds?)?$/u;

/** Signs and words of money, with the currencies they may stand for. */
const SIGNS: Readonly<Record<string, RegExp>> = {
  $: /^[A-Z]{2}D$|^MXN$|^ARS$|^CLP$|^COP$/,
  dollar: /^[A-Z]{2}D$/,
  dollars: /^[A-Z]{2}D$/,
  bucks: /^[A-Z]{2}D$/,
  '€': /^EUR$/,
  euro: /^EUR$/,
  euros: /^EUR$/,
  '£': /^GBP$|^EGP$/,
  pound: /^GBP$|^EGP$/,
  pounds: /^GBP$|^EGP$/,
  '¥': /^JPY$|^CNY$/,
};

const isOf = (sign: string, currency: Currency): boolean =>
  SIGNS[sign]?.test(currency) ?? (/^\p{Sc}$/u.test(sign) || sign.toUpperCase() === currency);
const isMoneySign = (sign: string): boolean =>
  SIGNS[sign] !== undefined ||
  /^\p{Sc}$/u.test(sign) ||
  currencySchema.safeParse(sign.toUpperCase()).success;

/**
 * The figure of a sum in minor units: `1,250`, `1.250,00`, `18.4`. Up to as many digits as the currency has decimals
 * stand behind the last sign, else three are thousands; undefined when the signs make no sum.
 */
function figureOf(text: string, style: 'point' | 'comma', digits: number): number | undefined {
  const groups = text.split(/[.,]/);
  const last = groups.at(-1) ?? '';
  const signs = text.replace(/\d/g, '');
  const point = style === 'point' ? '.' : ',';
  const isShort = last.length < 3 || (digits > 2 && signs.endsWith(point));
  const hasCents = digits > 0 && groups.length > 1 && isShort && last.length <= digits;
  const whole = hasCents ? groups.slice(0, -1) : groups;
  const between = hasCents ? signs.slice(0, -1) : signs;
  const isGrouped =
    whole.length === 1 ||
    (/^\d{1,3}$/.test(whole[0] ?? '') && whole.slice(1).every((group) => group.length === 3));
  const isOneSign =
    new Set(between).size <= 1 && !(hasCents && between.includes(signs.at(-1) ?? ''));
  // Where the point is for cents, "1.234" is a slip.
  const isSlip = style === 'point' && !hasCents && signs.includes('.');
  if (!isGrouped || !isOneSign || isSlip) return undefined;
  const minor = hasCents ? Number(last.padEnd(digits, '0')) : 0;
  return Number(whole.join('')) * 10 ** digits + minor;
}

/**
 * Reads `$18.40`, `1,250`, `18,40 €`, `38k`, `-$20`; `65.000` where a house writes thousands with points. At most as
 * many decimals as the currency has: there is no half cent. Without a currency any sign will do, and two decimals.
 */
export function parseMoney(
  text: string,
  style: 'point' | 'comma' = 'point',
  currency?: Currency,
): Result<Cents, MoneyError> {
  const clean = text.trim().toLowerCase();
  if (clean === '') return fail({ code: 'empty' });
  const match = MONEY.exec(clean);
  const signs = [match?.[2], match?.[6]].filter((sign) => sign !== undefined);
  const figure = match && figureOf(match[4] ?? '', style, exponentOf(currency ?? 'USD'));
  if (!match || typeof figure !== 'number' || !signs.every(isMoneySign)) {
    return fail({ code: 'unreadable', text });
  }
  if (currency && !signs.every((sign) => isOf(sign, currency))) {
    return fail({ code: 'other-currency', text });
  }
  const sign = match[1] || match[3] ? -1 : 1;
  return ok(cents(sign * figure * (match[5] ? 1000 : 1)));
}

/** `$18.40`; whole sums of 1,000 and more drop their noughts: `$12,400`. For running text. */
export function formatMoney(value: Cents, currency: Currency): string {
  const minor = minorUnits(currency);
  const whole = value % minor === 0 && Math.abs(value) >= 1_000 * minor;
  return formatFor(currency, whole ? 0 : exponentOf(currency)).format(value / minor);
}

/** To the last coin, whatever it is: for what was paid, so that a column has the same decimals all the way down. */
export const formatPaid = (value: Cents, currency: Currency): string =>
  formatFor(currency, exponentOf(currency)).format(value / minorUnits(currency));

/** What is only guessed is known to three figures at most, and never to the cent: `$18,300`. */
const KNOWN_FIGURES = 3;

/** A guess, rounded to what is known of it: 18,274.61 is `$18,300`, 48.90 is `$49`. Put "about" before it. */
export function formatAbout(value: Cents, currency: Currency): string {
  const whole = value / minorUnits(currency);
  const size = Math.floor(Math.log10(Math.max(1, Math.abs(whole)))) + 1;
  const step = 10 ** Math.max(0, size - KNOWN_FIGURES);
  return formatFor(currency, 0).format(Math.round(whole / step) * step || 0);
}

/** A bare figure for fields and tables: `18.40`. `isShort` drops noughts behind the point. */
export function plainMoney(value: Cents, currency: Currency, isShort = false): string {
  const text = (value / minorUnits(currency)).toFixed(exponentOf(currency));
  return isShort ? text.replace(/\.0+$/, '') : text;
}

/** Formats take longer to make than to use, and a screen writes hundreds of sums. */
const formatOf = remembering(CURRENCIES_KEPT, (key: `${Currency} ${number}`) => {
  const [currency = '', digits = ''] = key.split(' ');
  return new Intl.NumberFormat('en-US', {
    style: 'currency',
    currency,
    minimumFractionDigits: Number(digits),
    maximumFractionDigits: Number(digits),
  });
});

const formatFor = (currency: Currency, digits: number): Intl.NumberFormat =>
  formatOf(`${currency} ${digits}`);

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
