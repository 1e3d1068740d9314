import type {
  ComparisonKind,
  Flip,
  GateDays,
  HireBasis,
  RebuildBasis,
} from '@/core/planning/scenarios/compare';
import type { Project } from '@/core/house';
import {
  cents,
  formatArea,
  formatDate,
  formatMinutes,
  formatMoney,
  type Cents,
  type Currency,
  type PlainDate,
} from '@/core/units';

export const KIND_TITLES: Record<ComparisonKind, string> = {
  path: 'The whole house',
  rebuild: 'The whole house',
  element: 'Keep, mend or replace',
  hire: 'Do it or hire it',
  defer: 'Before or after moving in',
};

const days = (count: number): string => `${count} ${count === 1 ? 'day' : 'days'}`;

/** Beside the first option: that no difference can be told; undefined where there is one. */
export const sameWords = ({ date, daysLater }: GateDays): string | undefined =>
  date !== null && daysLater === 0 ? 'no difference that can be told' : undefined;

const movedWords = (daysLater: number): string =>
  `${days(Math.abs(daysLater))} ${daysLater > 0 ? 'later' : 'sooner'}`;

/** "Thu 14 May, 9 days later". */
export function gateWords({ date, daysLater }: GateDays, today: PlainDate): string {
  if (date === null) return 'nothing left';
  const shift = daysLater === 0 ? '' : `, ${movedWords(daysLater)}`;
  return `${formatDate(date, today)}${shift}`;
}

export function flipWords(flip: Flip, currency: Currency): string {
  const money = (value: number) => formatMoney(cents(value), currency);
  switch (flip.kind) {
    case 'price':
      return `“${flip.dearer}” draws level with “${flip.cheaper}” if it costs ${money(flip.by)} less.`;
    case 'hour':
      return `“${flip.dearer}” saves hours of yours: it is worth it if an hour is worth more than ${money(flip.centsAnHour)} to you.`;
    case 'chance':
      return `“${flip.cheaper}” is a gamble: from a chance of ${flip.percent}% on it is no longer the cheaper.`;
  }
}

/** What the trade's price is made of. */
export const hireWords = (hire: HireBasis, currency: Currency): string =>
  `Hired: ${formatMinutes(hire.minutes)} at ${formatMoney(cents(hire.centsAnHour), currency)} an hour and ${formatMoney(hire.materials, currency)} of materials make ${formatMoney(hire.cents, currency)}. A starting guess: a quote wins.`;

/** What the price of building new is made of. */
export function rebuildWords(
  { rates, isGuess, heated, built, saved, days: length }: RebuildBasis,
  { units, currency }: Pick<Project, 'units' | 'currency'>,
): string {
  const money = (value: Cents) => formatMoney(value, currency);
  const per = rates.per === 'sqft' ? 'a square foot' : 'a square metre';
  const grown = built === heated ? '' : `, built as ${formatArea(built, units)}`;
  const foundation = saved > 0 ? `, less ${money(saved)} for the foundation that stays` : '';
  const price =
    rates.quoteCents === null
      ? `at ${money(rates.buildCents)} ${per} to build and ${money(rates.clearCents)} to clear${foundation}`
      : `for ${money(rates.quoteCents)} as a builder quoted`;
  const whose = isGuess ? ' Starting guesses, made up.' : '';
  return `New: ${formatArea(heated, units)} of heated floor${grown}, ${price}; ${length} days in a row.${whose}`;
}
