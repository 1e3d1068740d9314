import { z } from 'zod';
import { hireOf } from '@/core/house';
import type { PlannedJob } from '@/core/planning/report';
import { formatDate, isWeekend, type PlainDate } from '@/core/units';
import {
  FormCard,
  TextField,
  dayField,
  useKeptForm,
  useWritten,
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

const visitSchema = (today: PlainDate, written: Written) =>
  z.object({ on: dayField(today, written, { needed: true }) });

/** The day agreed with an inspector or a trade, booked or moved. */
export function VisitForm({ job, onDone }: { job: PlannedJob; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const jobs = useAppSelector(selectJobsById);
  const written = useWritten();
  const of = useKeptForm({
    name: `visit/${job.id}`,
    schema: visitSchema(today, written),
    initial: { on: '' },
    onDone,
    onKeep: ({ on }) => {
      if (!on) return false;
      const trade = hireOf(project, job.id)?.trade ?? '';
      const titleOf = (id: PlannedJob['id']) => jobs.get(id)?.title ?? id;
      const fault =
        trade === ''
          ? isWeekend(on)
            ? `Inspectors and trades come on weekdays; ${formatDate(on)} is not one.`
            : undefined
          : tradeDayFault(project, trade, on, [job.id], titleOf);
      if (fault) return { field: 'on', message: fault };
      return dispatch(
        keep(
          [{ type: 'visitBooked', payload: { jobId: job.id, on } }],
          `${job.title}: booked for ${formatDate(on, today)}.`,
        ),
      );
    },
  });
  return (
    <FormCard of={of} title="The day they come" action={job.bookedOn ? 'Move it' : 'Book it'}>
      <TextField
        name="on"
        label="Which day"
        placeholder="Tue 24 Mar"
        hint={job.bookedOn ? `now ${formatDate(job.bookedOn, today)}` : undefined}
        className="max-w-[240px]"
      />
    </FormCard>
  );
}
