import type { OrderLine } from '@/core/estimating/purchasing/order-line';
import type { Offer } from '@/core/estimating/supplier';
import { formatDate, formatMoney, type Currency, type PlainDate } from '@/core/units';
import type { BoardState } from '@/ui';

export const BOARDS: Record<OrderLine['state'], BoardState> = {
  'to-measure': 'ready',
  'to-choose': 'ready',
  'to-order': 'later',
  'on-the-way': 'arrives',
  late: 'held',
  short: 'held',
  damaged: 'held',
  wrong: 'held',
  here: 'done',
  fitted: 'done',
};

/** What has to be done by the same day, before it can be ordered. */
const FIRST = { 'to-measure': 'measure first; ', 'to-choose': 'choose first; ', 'to-order': '' };

/** The figure at the right of a line, and what it means. */
export function figures(line: OrderLine, today: PlainDate): { figure: string; figureNote: string } {
  switch (line.state) {
    case 'to-measure':
    case 'to-choose':
    case 'to-order':
      return {
        figure: `by ${formatDate(line.orderBy, today)}`,
        figureNote: `${FIRST[line.state]}${line.leadDays > 0 ? `${line.leadDays} days on the way` : 'from the shelf'}`,
      };
    case 'on-the-way':
    case 'late':
      return {
        figure: line.expectedOn ? formatDate(line.expectedOn, today) : 'no day given',
        figureNote: line.state === 'late' ? 'was promised: late' : 'promised',
      };
    case 'here':
      return { figure: 'here', figureNote: `needed ${formatDate(line.neededBy, today)}` };
    case 'fitted':
      return { figure: 'fitted', figureNote: 'built in' };
    case 'short':
    case 'damaged':
    case 'wrong':
      return { figure: line.state, figureNote: 'order what is missing' };
  }
}

export function offerWords(offer: Offer, currency: Currency, today: PlainDate): string {
  const stock = offer.inStock > 0 ? `${offer.inStock} on the shelf` : 'none on the shelf';
  return `${formatMoney(offer.cents, currency)}, ${stock}, all of it ${formatDate(offer.promisedOn, today)}`;
}
