import { useState } from 'react';
import { View } from 'react-native';
import type { OrderLine } from '@/core/estimating/purchasing/order-line';
import { formatDate } from '@/core/units';
import {
  askWhereItIs,
  keep,
  selectIsDemo,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice, Note } from '@/ui';
import { DelayForm } from './DelayForm';

type Arrival = 'whole' | 'short' | 'damaged' | 'wrong';
const ARRIVALS: readonly { value: Arrival; label: string }[] = [
  { value: 'whole', label: 'all of it' },
  { value: 'short', label: 'short' },
  { value: 'damaged', label: 'damaged' },
  { value: 'wrong', label: 'wrong' },
];

/** What is on the way: it came, and how; or the shop is asked where it is. */
export function Received({ line }: { line: OrderLine }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const [asking, setAsking] = useState(false);
  const [said, setSaid] = useState('');
  const [delayed, setDelayed] = useState(false);
  const isDemo = useAppSelector(selectIsDemo);
  const { orderId, expectedOn } = line;
  const receive = (state: Arrival) => {
    if (orderId === null) return;
    const arrival = { on: today, state, note: null };
    void dispatch(
      keep(
        [{ type: 'orderArrived', payload: { orderId, arrival } }],
        `${line.what} came ${state === 'whole' ? 'whole' : state}.`,
      ),
    );
  };
  const askShop = async () => {
    if (orderId === null || expectedOn === null) return;
    const delivery = await dispatch(askWhereItIs(orderId, expectedOn));
    const day = formatDate(delivery.on, today);
    if (delivery.on <= expectedOn) {
      setSaid(`The shop keeps to ${day}.`);
      return;
    }
    if (!isDemo) {
      setSaid(`A made-up shop would say ${day}. Ask yours, and write down its day.`);
      return;
    }
    await dispatch(
      keep(
        [{ type: 'orderDelayed', payload: { orderId, expectedOn: delivery.on } }],
        `${line.what}: the shop now says ${day}.`,
      ),
    );
  };
  if (delayed && orderId !== null) {
    return <DelayForm line={line} orderId={orderId} onDone={() => setDelayed(false)} />;
  }
  if (asking) {
    return (
      <View className="py-2">
        <Choice label="How did it come" value={null} options={ARRIVALS} onChange={receive} />
      </View>
    );
  }
  return (
    <View>
      <View className="flex-row flex-wrap gap-x-4">
        <Button
          look="quiet"
          label="It came"
          hint={`It came: ${line.what}`}
          onPress={() => setAsking(true)}
        />
        <Button
          look="quiet"
          label="Another day from the shop"
          hint={`Another day from the shop: ${line.what}`}
          onPress={() => setDelayed(true)}
        />
        <Button
          look="quiet"
          label="Ask where it is"
          hint={`Ask where it is: ${line.what}`}
          onPress={() => void askShop()}
        />
      </View>
      {said ? (
        <View role="status">
          <Note>{said}</Note>
        </View>
      ) : null}
    </View>
  );
}
