import { useState } from 'react';
import { View } from 'react-native';
import type { EventBodyOf } from '@/core/journal';
import { parseComingDay } from '@/core/evening/fields';
import type { PlannedJob } from '@/core/plan';
import { formatDate, type PlainDate } from '@/core/units';
import { TryOut } from '@/features/whatif';
import {
  freshId,
  keep,
  selectProject,
  selectToday,
  selectWays,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice, Field, Note, SubHeading } from '@/ui';
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
  const { dateOrder } = useAppSelector(selectWays);
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const tryIt = () => {
    const on: PlainDate | undefined = parseComingDay(text, today, dateOrder);
    if (!on) setError(`“${text}” is not a day. Write 14 Mar, Sat or 2026-03-14.`);
    else if (asking === 'not-before' && on <= today)
      setError('That day is here already. Give a later one.');
    else if (on < today) setError('That day is past. Give a later one.');
    else if (asking === 'not-before') onWish(notBefore(job, on));
    else onWish((asking === 'on' ? onDay : doneBy)(job, on, dispatch(freshId())));
  };
  return (
    <View className="flex-row items-end gap-2">
      <Field
        className="flex-1"
        label={DAY_LABELS[asking]}
        placeholder="2026-04-14"
        value={text}
        error={error}
        onChangeText={(next) => {
          setText(next);
          setError(undefined);
        }}
        onSubmitEditing={tryIt}
      />
      <Button label="Try it" hint="Try that day" onPress={tryIt} />
    </View>
  );
}

function After({ job, onWish }: { job: PlannedJob; onWish: (wish: Wish) => void }) {
  const dispatch = useAppDispatch();
  const [because, setBecause] = useState('');
  const [error, setError] = useState<string>();
  const choose = (before: PlannedJob) => {
    if (because.trim() === '') {
      setError('Say why: the reason is what lets you change your mind later.');
    } else {
      onWish(after(job, before, because.trim(), dispatch(freshId())));
    }
  };
  return (
    <View className="gap-2">
      <Field
        label="Because"
        placeholder="the plumber wants the room empty"
        value={because}
        error={error}
        onChangeText={(next) => {
          setBecause(next);
          setError(undefined);
        }}
      />
      <FindJob label="After which job" choiceLabel="After" except={job.id} onChoose={choose} />
    </View>
  );
}
