import type { OrderLine } from '@/core/estimating/purchasing/order-line';
import type { Offer } from '@/core/estimating/supplier';
import { addCents, addDays, formatDate } from '@/core/units';
import { freshId, keep, selectToday, useAppDispatch, useAppSelector } from '@/store';

/** Places one order for one or several lines of the same thing; each line's share is written down as it stands today. */
export function usePlaceOrder() {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  return (lines: readonly OrderLine[], offer: Offer | null): void => {
    const [first] = lines;
    if (!first) return;
    const leadDays = Math.max(...lines.map((line) => line.leadDays));
    const expectedOn = offer?.promisedOn ?? addDays(today, leadDays);
    const payload = {
      id: dispatch(freshId()),
      lineId: first.lineId,
      shop: offer?.shop ?? first.shop,
      orderedOn: today,
      expectedOn,
      arrival: null,
      shares: lines.map(({ lineId, units, unit }) => ({ lineId, units, unit })),
      cents: offer?.cents ?? addCents(lines.map(({ price }) => price)),
    };
    void dispatch(
      keep(
        [{ type: 'orderPlaced', payload }],
        `${first.what} ordered, expected ${formatDate(expectedOn, today)}.`,
      ),
    );
  };
}
