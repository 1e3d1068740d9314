import { View } from 'react-native';
import { z } from 'zod';
import { hireOf, type Quote } from '@/core/house';
import { sharesOf } from '@/core/money/quotes';
import { countWords, formatMoney, isWeekend, type PlainDate } from '@/core/units';
import {
  FormCard,
  TextField,
  countField,
  dayField,
  useKeptForm,
  useWritten,
  type Written,
} from '@/features/kit/form';
import { tradeDayFault } from '@/features/job/forms';
import {
  keep,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Note } from '@/ui';

const acceptSchema = (today: PlainDate, written: Written) =>
  z.object({ days: countField(1, 240), from: dayField(today, written) });

/** A quote taken: its jobs are the trade's, its sum is agreed, and the first day may be booked. */
export function AcceptForm({ quote, onDone }: { quote: Quote; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const jobs = useAppSelector(selectJobsById);
  const open = (quote.jobIds ?? [])
    .flatMap((id) => jobs.get(id) ?? [])
    .filter(({ doneOn, work }) => doneOn === null && work.kind !== 'inspection')
    .toSorted((a, b) => a.start - b.start);
  const of = useKeptForm({
    name: `accept/${quote.id}`,
    schema: acceptSchema(today, useWritten()),
    initial: { days: String(quote.workdays ?? Math.max(1, open.length)), from: '' },
    onDone,
    onKeep: ({ days, from }) => {
      const titleOf = (id: (typeof open)[number]['id']) => jobs.get(id)?.title ?? id;
      const ids = open.map(({ id }) => id);
      const fault =
        from && ids.length === 0 && isWeekend(from)
          ? 'Trades come on weekdays.'
          : tradeDayFault(project, quote.from, from, ids, titleOf);
      if (fault) return { field: 'from' as const, message: fault };
      const taken = open.find(({ id }) => hireOf(project, id)?.agreedOn !== undefined);
      if (taken) {
        return {
          field: 'days' as const,
          message: `“${taken.title}” is agreed with the ${hireOf(project, taken.id)?.trade ?? ''} already. Release that first.`,
        };
      }
      return dispatch(
        keep(
          [
            {
              type: 'quoteAccepted',
              payload: {
                quoteId: quote.id,
                on: today,
                from: quote.from,
                cents: quote.cents,
                bookedFrom: from,
                workdays: days ?? 1,
                shares: sharesOf(quote, days ?? 1, open),
              },
            },
          ],
          `Agreed with ${quote.from}.`,
        ),
      );
    },
  });
  return (
    <FormCard of={of} title={`Agree with ${quote.from}`} action="Agree">
      <Note>
        {open.length > 0
          ? `${formatMoney(quote.cents, project.currency)} over ${countWords(open.length, 'job')}, by their hours. They are theirs from now on.`
          : `${formatMoney(quote.cents, project.currency)}, for no job of the plan.`}
      </Note>
      <View className="flex-row flex-wrap gap-3">
        <TextField name="days" label="Workdays in all" className="w-[140px]" numeric />
        <TextField
          name="from"
          label="Booked from"
          placeholder="not booked"
          className="min-w-[140px] flex-1"
        />
      </View>
    </FormCard>
  );
}
