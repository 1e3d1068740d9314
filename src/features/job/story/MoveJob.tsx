import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import type { JobId } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import type { PlannedJob } from '@/core/planning/report';
import { formatDate } from '@/core/units';
import {
  FormCard,
  TextField,
  dayField,
  useKeptForm,
  useWritten,
  wordsField,
} from '@/features/kit/form';
import { TryOut } from '@/features/planning/scenarios/whatif';
import {
  freshId,
  keep,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice, Note, SubHeading } from '@/ui';
import { FindJob } from './FindJob';
import { after, doneBy, notBefore, onDay, type Wish } from './wishes';

type Asking = 'not-before' | 'on' | 'by' | 'after';

const WAYS = [
  { value: 'not-before' as const, label: 'Not before a day' },
  { value: 'on' as const, label: 'On a day' },
  { value: 'by' as const, label: 'Done by a day' },
  { value: 'after' as const, label: 'After another job' },
];

/** Moves a job: to a day, or behind another job. The plan is tried with the wish before it is kept. */
export function MoveJob({ job }: { job: PlannedJob }) {
  const [asking, setAsking] = useState<Asking | null>(null);
  const [wish, setWish] = useState<Wish | null>(null);
  const close = () => {
    setAsking(null);
    setWish(null);
  };
  return (
    <View className="gap-2 print:hidden">
      <SubHeading>Move it</SubHeading>
      <Wishes job={job} />
      <Choice
        label="Move it"
        value={asking}
        options={WAYS}
        onChange={(next) => {
          setAsking(next);
          setWish(null);
        }}
      />
      {asking === 'after' ? <After job={job} onWish={setWish} /> : null}
      {asking !== null && asking !== 'after' ? (
        <ToDay key={asking} job={job} asking={asking} onWish={setWish} />
      ) : null}
      {wish ? (
        <TryOut
          key={wish.said}
          changes={wish.changes}
          said={wish.said}
          onDone={close}
          onNearest={({ finish }) => setWish(doneBy(job, finish, wish.demandId ?? ''))}
        />
      ) : null}
    </View>
  );
}

/** What was wished for this job already, each to be let go again. */
function Wishes({ job }: { job: PlannedJob }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const { notBefore: held, demands } = useAppSelector(selectProject);
  const until = held[job.id];
  const wished = Object.values(demands).filter(
    ({ covers }) => covers.kind === 'job' && covers.jobId === job.id,
  );
  const said: { words: string; letGo: EventBodyOf }[] = [
    ...(until === undefined
      ? []
      : [
          {
            words: `You said: not before ${formatDate(until, today)}.`,
            letGo: { type: 'jobLetGo' as const, payload: { jobId: job.id } },
          },
        ]),
    ...wished.map(({ id, by }) => ({
      words: `You said: done by ${formatDate(by, today)}.`,
      letGo: { type: 'demandLifted' as const, payload: { demandId: id } },
    })),
  ];
  return said.map(({ words, letGo }) => (
    <View key={words} className="flex-row flex-wrap items-center gap-3">
      <Note>{words}</Note>
      <Button
        look="quiet"
        label="Let it go"
        hint={`Let it go: ${words}`}
        onPress={() => void dispatch(keep([letGo], `Let go: ${job.title}.`))}
      />
    </View>
  ));
}

const DAY_LABELS = { 'not-before': 'Not before', on: 'On', by: 'Done by' } as const;

function ToDay({
  job,
  asking,
  onWish,
}: {
  job: PlannedJob;
  asking: Exclude<Asking, 'after'>;
  onWish: (wish: Wish) => void;
}) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const written = useWritten();
  const of = useKeptForm({
    name: `move/${asking}/${job.id}`,
    schema: z.object({ on: dayField(today, written, { needed: true }) }),
    initial: { on: '' },
    follows: true,
    onKeep: ({ on }) => {
      if (on === null) return false;
      if (asking === 'not-before' && on <= today) {
        return { field: 'on', message: 'That day is here already. Give a later one.' };
      }
      onWish(
        asking === 'not-before'
          ? notBefore(job, on)
          : (asking === 'on' ? onDay : doneBy)(job, on, dispatch(freshId())),
      );
      return true;
    },
  });
  const { submit } = of;
  return (
    <FormCard
      plain
      of={of}
      title="Move it to a day"
      closing={
        <Button className="self-start" label="Try it" hint="Try that day" onPress={submit} />
      }
    >
      <TextField name="on" label={DAY_LABELS[asking]} placeholder="2026-04-14" />
    </FormCard>
  );
}

const afterSchema = z.object({
  because: wordsField('Say why: the reason is what lets you change your mind later.'),
  after: z.string(),
});

function After({ job, onWish }: { job: PlannedJob; onWish: (wish: Wish) => void }) {
  const dispatch = useAppDispatch();
  const jobs = useAppSelector(selectJobsById);
  const of = useKeptForm({
    name: `move/after/${job.id}`,
    schema: afterSchema,
    initial: { because: '', after: '' },
    follows: true,
    onKeep: (read) => {
      const before = jobs.get(read.after as JobId);
      if (!before) return false;
      onWish(after(job, before, read.because, dispatch(freshId())));
      return true;
    },
  });
  return (
    <FormCard
      plain
      of={of}
      title="Move it behind another job"
      closing={
        <FindJob
          label="After which job"
          choiceLabel="After"
          except={job.id}
          onChoose={({ id }) => {
            of.form.setValue('after', id);
            of.submit();
          }}
        />
      }
    >
      <TextField name="because" label="Because" placeholder="the plumber wants the room empty" />
    </FormCard>
  );
}
