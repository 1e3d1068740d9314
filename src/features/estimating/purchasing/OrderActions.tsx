import { useState } from 'react';
import { View } from 'react-native';
import { isToOrder, type OrderLine } from '@/core/estimating/purchasing/order-line';
import type { Offer } from '@/core/estimating/supplier';
import {
  askShops,
  keep,
  selectIsDemo,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note } from '@/ui';
import { OrderForm } from './OrderForm';
import { usePlaceOrder } from './usePlaceOrder';
import { offerWords } from './words';

/** Ordering a line: as it is, or from one of the shops asked. */
export function OrderActions({ line }: { line: OrderLine }) {
  const dispatch = useAppDispatch();
  const { currency } = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const placeOrder = usePlaceOrder();
  const [offers, setOffers] = useState<Offer[] | null>(null);
  const again = line.state === 'damaged' || line.state === 'wrong';
  const isDemo = useAppSelector(selectIsDemo);
  const [asking, setAsking] = useState(false);
  if (asking) return <OrderForm line={line} onDone={() => setAsking(false)} />;
  if (!isToOrder(line) && !again) {
    return <Placed line={line} onChange={() => setAsking(true)} />;
  }
  const ask = async () =>
    setOffers(
      await dispatch(
        askShops({
          what: line.what,
          units: line.units,
          cents: line.price,
          leadDays: line.leadDays,
          today,
        }),
      ),
    );
  return (
    <View>
      <View className="flex-row flex-wrap gap-x-4">
        <Button
          look="quiet"
          label="Ordered today"
          hint={`Ordered today: ${line.what}`}
          onPress={() => placeOrder([line], null)}
        />
        <Button
          look="quiet"
          label="With shop and price"
          hint={`Ordered, with shop and price: ${line.what}`}
          onPress={() => setAsking(true)}
        />
        {isDemo ? (
          <Button
            look="quiet"
            label="Ask the shops"
            hint={`Ask the shops: ${line.what}`}
            onPress={() => void ask()}
          />
        ) : null}
      </View>
      {offers ? (
        <View role="group" aria-label={`Offers: ${line.what}`} className="gap-1">
          <Note>Made-up shops, as a stand-in for yours.</Note>
          {offers.map((offer) => (
            <View
              key={offer.shop}
              className="flex-row flex-wrap items-center justify-between gap-2 border-t border-line"
            >
              <Note className="min-w-[160px] flex-1 text-ink">{`${offer.shop}: ${offerWords(offer, currency, today)}`}</Note>
              <Button
                look="quiet"
                label="Order here"
                hint={`Order from ${offer.shop}: ${line.what}`}
                onPress={() => placeOrder([line], offer)}
              />
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}

/** What may be said of an order that stands: other figures, or that there is none. */
function Placed({ line, onChange }: { line: OrderLine; onChange: () => void }) {
  const dispatch = useAppDispatch();
  const { orders } = useAppSelector(selectProject);
  const { orderId, what } = line;
  // One told in the log is put right there.
  if (orderId === null || !orders[orderId]) return null;
  return (
    <View className="flex-row flex-wrap gap-x-4">
      <Button
        look="quiet"
        label="Put the order right"
        hint={`Put the order right: ${what}`}
        onPress={onChange}
      />
      <Button
        look="quiet"
        label="Not ordered after all"
        hint={`Not ordered after all: ${what}`}
        onPress={() =>
          void dispatch(
            keep([{ type: 'orderCancelled', payload: { orderId } }], `${what}: not ordered.`),
          )
        }
      />
    </View>
  );
}
