import type { ComparisonKind, Flip, GateDays } from '@/core/compare';
import { cents, formatDate, formatMoney, type Currency, type PlainDate } from '@/core/units';

export const KIND_TITLES: Record<ComparisonKind, string> = {
  path: 'The whole house',
  rebuild: 'The whole house',
  element: 'Keep, mend or replace',
  hire: 'Do it or hire it',
  defer: 'Before or after moving in',
};

const days = (count: number): string => `${count} ${count === 1 ? 'day' : 'days'}`;

/** "Thu 14 May, 9 days later". */
export function gateWords({ date, daysLater }: GateDays, today: PlainDate): string {
  if (date === null) return 'nothing left';
  const shift =
    daysLater === 0 ? '' : `, ${days(Math.abs(daysLater))} ${daysLater > 0 ? 'later' : 'sooner'}`;
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
