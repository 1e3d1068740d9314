import { View } from 'react-native';
import { z } from 'zod';
import type { Order } from '@/core/house';
import type { OrderLine } from '@/core/estimating/purchasing/order-line';
import { addDays, formatDate, plainMoney, type PlainDate } from '@/core/units';
import {
  FormCard,
  TextField,
  dayField,
  sumField,
  useKeptForm,
  useWritten,
  type Written,
} from '@/features/kit/form';
import { freshId, keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';

const orderSchema = (today: PlainDate, written: Written) =>
  z.object({
    shop: z.string().trim().max(120),
    price: sumField(written),
    due: dayField(today, written, { needed: true }),
  });

/** An order as it was placed: where, for how much and for when; or one put right. */
export function OrderForm({ line, onDone }: { line: OrderLine; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const written = useWritten();
  const order = line.orderId === null ? undefined : project.orders[line.orderId];
  const of = useKeptForm({
    name: `order/${line.lineId}`,
    schema: orderSchema(today, written),
    initial: {
      shop: order?.shop ?? '',
      price: plainMoney(order?.cents ?? line.price, project.currency, true),
      due: (order?.expectedOn ?? addDays(today, line.leadDays)) as string,
    },
    onDone,
    onKeep: ({ shop, price, due }) => {
      const payload: Order = {
        id: order?.id ?? dispatch(freshId()),
        lineId: order?.lineId ?? line.lineId,
        shop: shop === '' ? null : shop,
        orderedOn: order?.orderedOn ?? today,
        expectedOn: due ?? today,
        arrival: order?.arrival ?? null,
        shares: order?.shares ?? [{ lineId: line.lineId, units: line.units, unit: line.unit }],
        cents: price,
      };
      return dispatch(
        keep(
          [{ type: 'orderPlaced', payload }],
          `${line.what} ordered, expected ${formatDate(payload.expectedOn, today)}.`,
        ),
      );
    },
  });
  return (
    <FormCard
      of={of}
      title={order ? `The order of ${line.what}` : `Order ${line.what}`}
      action="Keep the order"
    >
      <View className="flex-row flex-wrap gap-3">
        <TextField name="shop" label="Shop" className="min-w-[140px] flex-1" />
        <TextField name="price" label="For all of it" className="min-w-[120px] flex-1" numeric />
        <TextField name="due" label="Expected" className="min-w-[130px] flex-1" />
      </View>
    </FormCard>
  );
}
