import { useState } from 'react';
import { View } from 'react-native';
import type { OrderLine } from '@/core/plan';
import { addDays, formatDate, formatMoney } from '@/core/units';
import {
  freshId,
  keep,
  placeNameIn,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice, Slip, type BoardState } from '@/ui';

const BOARDS: Record<OrderLine['state'], BoardState> = {
  'to-order': 'later',
  'on-the-way': 'arrives',
  late: 'held',
  short: 'held',
  damaged: 'held',
  wrong: 'held',
  here: 'done',
};

type Arrival = 'whole' | 'short' | 'damaged' | 'wrong';
const ARRIVALS: readonly { value: Arrival; label: string }[] = [
  { value: 'whole', label: 'all of it' },
  { value: 'short', label: 'short' },
  { value: 'damaged', label: 'damaged' },
  { value: 'wrong', label: 'wrong' },
];

function figures(line: OrderLine, today: Parameters<typeof formatDate>[0]) {
  switch (line.state) {
    case 'to-order':
      return {
        figure: `by ${formatDate(line.orderBy, today)}`,
        figureNote: line.leadDays > 0 ? `${line.leadDays} days on the way` : 'from the shelf',
      };
    case 'on-the-way':
    case 'late':
      return {
        figure: line.expectedOn ? formatDate(line.expectedOn, today) : 'no day given',
        figureNote: line.state === 'late' ? 'was promised: late' : 'promised',
      };
    case 'here':
      return { figure: 'here', figureNote: `needed ${formatDate(line.neededBy, today)}` };
    default:
      return { figure: line.state, figureNote: 'order what is missing' };
  }
}

/** A line of the takeoff: how much for which job, what it costs, by when; ordered and received with a tap. */
export function OrderSlip({ line }: { line: OrderLine }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const job = useAppSelector(selectJobsById).get(line.jobId);
  const cost = `about ${formatMoney(line.price, project.currency)}`;
  return (
    <Slip
      state={BOARDS[line.state]}
      title={`${line.units} ${line.unit} · ${line.what}`}
      note={`${placeNameIn(project, line.placeId)} · ${job?.title ?? ''} · ${cost}`}
      {...figures(line, today)}
    >
      {line.state === 'to-order' || line.state === 'damaged' || line.state === 'wrong' ? (
        <OrderedButton line={line} />
      ) : null}
      {line.state === 'on-the-way' || line.state === 'late' ? <Received line={line} /> : null}
    </Slip>
  );
}

function OrderedButton({ line }: { line: OrderLine }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const order = () => {
    const expectedOn = addDays(today, line.leadDays);
    const payload = {
      id: dispatch(freshId()),
      lineId: line.lineId,
      shop: null,
      orderedOn: today,
      expectedOn,
      arrival: null,
    };
    void dispatch(
      keep(
        [{ type: 'orderPlaced', payload }],
        `${line.what} ordered, expected ${formatDate(expectedOn, today)}.`,
      ),
    );
  };
  return (
    <Button
      look="quiet"
      className="self-start"
      label="Ordered today"
      hint={`Ordered today: ${line.what}`}
      onPress={order}
    />
  );
}

function Received({ line }: { line: OrderLine }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const [asking, setAsking] = useState(false);
  const receive = (state: Arrival) => {
    if (line.orderId === null) return;
    const arrival = { on: today, state, note: null };
    void dispatch(
      keep(
        [{ type: 'orderArrived', payload: { orderId: line.orderId, arrival } }],
        `${line.what} came ${state === 'whole' ? 'whole' : state}.`,
      ),
    );
  };
  if (!asking) {
    return (
      <Button
        look="quiet"
        className="self-start"
        label="It came"
        hint={`It came: ${line.what}`}
        onPress={() => setAsking(true)}
      />
    );
  }
  return (
    <View className="py-2">
      <Choice label="How did it come" value={null} options={ARRIVALS} onChange={receive} />
    </View>
  );
}
