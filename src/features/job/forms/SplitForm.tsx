import { z } from 'zod';
import type { PlannedJob } from '@/core/planning/report';
import { ChoiceField, FormCard, TextField, countField, useKeptForm } from '@/features/kit/form';
import { keep, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Note } from '@/ui';

const splitSchema = z.object({ percent: countField(1, 99), inOrder: z.enum(['after', 'free']) });

/** One job in two parts: half now, half after; or a part of it for somebody else. */
export function SplitForm({ job, onDone }: { job: PlannedJob; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  // What is done is the first part; before anything was told it may be cut anywhere.
  const done = job.share;
  const of = useKeptForm({
    name: `split/${job.id}`,
    schema: splitSchema,
    initial: { percent: String(done ?? 50), inOrder: 'after' as const },
    onDone,
    onKeep: (read) => {
      const percent = read.percent ?? 50;
      if (done !== null && percent !== done) {
        return {
          field: 'percent',
          message: `${done}% of it is done: it splits there, into what is done and what is left.`,
        };
      }
      return dispatch(
        keep(
          [
            {
              type: 'jobSplit',
              payload: { jobId: job.id, percent, inOrder: read.inOrder === 'after' },
            },
            ...(done === null
              ? []
              : [{ type: 'jobTicked' as const, payload: { jobId: job.id, on: today } }]),
          ],
          `${job.title}: in two parts.`,
        ),
      );
    },
  });
  return (
    <FormCard of={of} title="In two parts" action="Split it">
      <TextField name="percent" label="First part, in percent" className="max-w-[200px]" numeric />
      <ChoiceField
        name="inOrder"
        label="The rest"
        options={[
          { value: 'after', label: 'comes after it' },
          { value: 'free', label: 'whenever it fits' },
        ]}
      />
      <Note>Hours, quantities and money of the parts add up to the whole.</Note>
    </FormCard>
  );
}
