import { z } from 'zod';
import type { OrderLine } from '@/core/estimating/purchasing/order-line';
import { formatDate } from '@/core/units';
import { FormCard, TextField, dayField, useKeptForm, useWritten } from '@/features/kit/form';
import { keep, selectToday, useAppDispatch, useAppSelector } from '@/store';

/** The day the shop now gives for what is on the way. */
export function DelayForm({
  line,
  orderId,
  onDone,
}: {
  line: OrderLine;
  orderId: string;
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const of = useKeptForm({
    name: `delay/${orderId}`,
    schema: z.object({ on: dayField(today, useWritten(), { needed: true }) }),
    initial: { on: '' },
    onDone,
    onKeep: ({ on }) =>
      on !== null &&
      dispatch(
        keep(
          [{ type: 'orderDelayed', payload: { orderId, expectedOn: on } }],
          `${line.what}: now expected ${formatDate(on, today)}.`,
        ),
      ),
  });
  return (
    <FormCard of={of} title={`Another day for ${line.what}`} action="Keep the day">
      <TextField name="on" label="The shop now says" placeholder="Fri 20 Mar" />
    </FormCard>
  );
}
