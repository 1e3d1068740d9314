import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { beforeClosing } from '@/core/records/walls';
import { jobIdSchema } from '@/core/house';
import { correctionJobs, correctionsIn } from '@/core/records/inspections';
import type { PlannedJob } from '@/core/planning/report';
import { formatDate } from '@/core/units';
import {
  DayRow,
  FormCard,
  TextField,
  noteField,
  useDoneDay,
  useKeptForm,
} from '@/features/kit/form';
import {
  freshId,
  keep,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note } from '@/ui';
import { NotYet } from './NotYet';
import { DateAsk } from './DateAsk';

/** What can be said of a job without a log line: that it is done, or how a visit went. */
export function JobActions({ job }: { job: PlannedJob }) {
  const [asking, setAsking] = useState<'passed' | 'failed' | 'done' | null>(null);
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  if (job.doneOn !== null) return null;
  const close = () => setAsking(null);
  const missing = plan ? beforeClosing(project, plan, job) : null;
  if (missing && missing.surfaces.length + missing.jobs.length > 0) {
    return <NotYet missing={missing} />;
  }
  if (asking === 'done') {
    return (
      <DateAsk
        name={`done/${job.id}`}
        question="On which day was it done?"
        onCancel={close}
        onDate={(on) =>
          dispatch(
            keep(
              [{ type: 'jobTicked', payload: { jobId: job.id, on } }],
              `${job.title}: done on ${formatDate(on, today)}.`,
            ),
          )
        }
      />
    );
  }
  if (asking) return <VisitHeld key={asking} job={job} result={asking} onDone={close} />;
  return (
    <View className="flex-row flex-wrap gap-2">
      {job.work.kind === 'inspection' ? (
        <>
          <Button look="main" label="It passed" onPress={() => setAsking('passed')} />
          <Button look="danger" label="It did not pass" onPress={() => setAsking('failed')} />
        </>
      ) : (
        <Button
          look="main"
          label="Mark it done"
          hint={`Mark done: ${job.title}`}
          onPress={() => setAsking('done')}
        />
      )}
    </View>
  );
}

/** How a visit went, with what has to be put right where it did not pass. */
function VisitHeld({
  job,
  result,
  onDone,
}: {
  job: PlannedJob;
  result: 'passed' | 'failed';
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const of = useKeptForm({
    name: `visit-held/${result}/${job.id}`,
    schema: z.object({ note: noteField, on: useDoneDay() }),
    initial: { note: '', on: '' },
    onDone,
    onKeep: ({ note = null, on }) => {
      const newId = () => jobIdSchema.parse(`${job.placeId ?? 'house'}/own.${dispatch(freshId())}`);
      const put = correctionJobs(job, correctionsIn(note ?? ''), newId);
      return dispatch(
        keep(
          [
            { type: 'inspectionHeld', payload: { jobId: job.id, on, result, note } },
            ...put.map((payload) => ({ type: 'jobAdded' as const, payload })),
          ],
          `${job.title}: ${result} on ${formatDate(on, today)}.`,
        ),
      );
    },
  });
  return (
    <FormCard plain of={of} title={`The visit: ${result}`} closing={<DayRow />}>
      {result === 'failed' ? (
        <TextField
          name="note"
          label="What has to be put right"
          placeholder="two boxes over-filled 1h; nail plates at the sill"
          hint="Each becomes a job before the next visit, of an hour where you say no time. Put a ; between them."
        />
      ) : null}
      <Note className="text-ink">On which day was the visit?</Note>
    </FormCard>
  );
}
