import { View } from 'react-native';
import { z } from 'zod';
import { hireOf } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import type { PlannedJob } from '@/core/planning/report';
import { cents, plainMoney, type PlainDate } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  TextField,
  countField,
  dayField,
  sumField,
  useKeptForm,
  useWritten,
  wordsField,
  type Written,
} from '@/features/kit/form';
import {
  keep,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { tradeDayFault } from './trade-day';

const tradeSchema = (today: PlainDate, written: Written) =>
  z.object({
    trade: wordsField('Say which trade, such as plumber.', 120),
    price: sumField(written),
    days: countField(1, 240),
    from: dayField(today, written),
    agreed: z.enum(['guess', 'agreed']),
  });

/** A job for a hired trade: who, for how much, how long and from when. */
export function TradeForm({ job, onDone }: { job: PlannedJob; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const jobs = useAppSelector(selectJobsById);
  const written = useWritten();
  const hire = hireOf(project, job.id);
  const usual = job.work.kind === 'subcontract' ? job.work : undefined;
  const price = hire?.cents ?? usual?.price;
  const of = useKeptForm({
    name: `trade/${job.id}`,
    schema: tradeSchema(today, written),
    initial: {
      trade: hire?.trade ?? usual?.trade ?? '',
      price: price === undefined ? '' : plainMoney(price, project.currency, true),
      days: String(hire?.workdays ?? usual?.workdays ?? 1),
      from: job.bookedOn ?? '',
      agreed: hire?.agreedOn ? ('agreed' as const) : ('guess' as const),
    },
    onDone,
    onKeep: ({ trade, price: asked, days, from, agreed }) => {
      const fault = tradeDayFault(
        project,
        trade,
        from,
        [job.id],
        (id) => jobs.get(id)?.title ?? id,
      );
      if (fault) return { field: 'from', message: fault };
      const events: EventBodyOf[] = [
        {
          type: 'jobHired',
          payload: {
            jobId: job.id,
            trade,
            workdays: days ?? 1,
            cents: cents(asked),
            ...(agreed === 'agreed' ? { agreedOn: hire?.agreedOn ?? today } : {}),
          },
        },
      ];
      const booked = project.bookings[job.id];
      if (from && from !== booked) {
        events.push({ type: 'visitBooked', payload: { jobId: job.id, on: from } });
      }
      if (!from && booked) events.push({ type: 'visitCancelled', payload: { jobId: job.id } });
      return dispatch(keep(events, `${job.title}: for the ${trade}.`));
    },
  });
  return (
    <FormCard of={of} title="A trade does it" action="Give it to them">
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name="trade"
          label="Which trade"
          placeholder="plumber"
          className="min-w-[140px] flex-1"
        />
        <TextField
          name="price"
          label="Price, things included"
          className="min-w-[140px] flex-1"
          numeric
        />
        <TextField name="days" label="Workdays" className="w-[110px]" numeric />
        <TextField
          name="from"
          label="Booked from"
          placeholder="not booked"
          className="min-w-[140px] flex-1"
        />
      </View>
      <ChoiceField
        name="agreed"
        label="The price is"
        options={[
          { value: 'guess', label: 'a guess' },
          { value: 'agreed', label: 'agreed with them' },
        ]}
        hint="What is agreed counts as committed money."
      />
    </FormCard>
  );
}
