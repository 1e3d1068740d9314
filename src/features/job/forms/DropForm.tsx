import { z } from 'zod';
import type { PlannedJob } from '@/core/planning/report';
import { FormCard, TextField, useKeptForm, wordsField } from '@/features/kit/form';
import { keep, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Body, Caution } from '@/ui';

const dropSchema = z.object({ because: wordsField('Say why, so that you know it in a year.') });

/** A job left out, with its reason. What is for safety or an inspector says what that means. */
export function DropForm({ job, onDone }: { job: PlannedJob; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const of = useKeptForm({
    name: `drop/${job.id}`,
    schema: dropSchema,
    initial: { because: '' },
    onDone,
    onKeep: ({ because }) =>
      dispatch(
        keep(
          [{ type: 'jobDropped', payload: { jobId: job.id, on: today, because } }],
          `Left out: ${job.title}.`,
        ),
      ),
  });
  const isWatched = job.work.kind === 'inspection' || job.cautions.length > 0;
  return (
    <FormCard of={of} title="Leave this job out" action="Leave it out">
      {isWatched ? (
        <Caution>
          <Body>
            It is there for safety or for an inspector. Your local code and a licensed trade decide
            whether it may be left out; a gate that needs it will ask for your own check.
          </Body>
        </Caution>
      ) : null}
      <TextField name="because" label="Why it is left out" placeholder="we keep the old one" />
    </FormCard>
  );
}
