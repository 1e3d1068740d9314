import { useState } from 'react';
import { View } from 'react-native';
import type { Option, Weighed } from '@/core/compare';
import type { EventBodyOf } from '@/core/house';
import { parseDay } from '@/core/log';
import type { PlannedJob } from '@/core/plan';
import { countWords, formatDate, type PlainDate } from '@/core/units';
import {
  freshId,
  keep,
  placeOf,
  selectJobs,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
  weigh,
} from '@/store';
import { Button, Choice, Field, Note, SubHeading } from '@/ui';
import type { PlanningError } from '@/workers/protocol';

type Wish = { change: EventBodyOf; said: string };

const OFFERED = 6;

/** Moves a job: not before a day, or after another job. The plan is tried with the wish before it is kept. */
export function MoveJob({ job }: { job: PlannedJob }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const until = useAppSelector(selectProject).notBefore[job.id];
  const [asking, setAsking] = useState<'day' | 'after' | null>(null);
  const [wish, setWish] = useState<Wish | null>(null);
  const close = () => {
    setAsking(null);
    setWish(null);
  };
  return (
    <View className="gap-2 print:hidden">
      <SubHeading>Move it</SubHeading>
      {until !== undefined ? (
        <View className="flex-row flex-wrap items-center gap-3">
          <Note>{`You said: not before ${formatDate(until, today)}.`}</Note>
          <Button
            look="quiet"
            label="Let it go"
            hint={`Let it go: ${job.title}`}
            onPress={() =>
              void dispatch(
                keep([{ type: 'jobLetGo', payload: { jobId: job.id } }], `Let go: ${job.title}.`),
              )
            }
          />
        </View>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Not before a day" onPress={() => setAsking('day')} />
        <Button label="After another job" onPress={() => setAsking('after')} />
      </View>
      {asking === 'day' ? <NotBefore job={job} onWish={setWish} /> : null}
      {asking === 'after' ? <After job={job} onWish={setWish} /> : null}
      {wish ? <Tried key={wish.said} wish={wish} onDone={close} /> : null}
    </View>
  );
}

function NotBefore({ job, onWish }: { job: PlannedJob; onWish: (wish: Wish) => void }) {
  const today = useAppSelector(selectToday);
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const tryIt = () => {
    const on: PlainDate | undefined = parseDay(text, today);
    if (!on) setError(`“${text}” is not a day. Write 14 Mar, Sat or 2026-03-14.`);
    else if (on <= today) setError('That day is here already. Give a later one.');
    else {
      onWish({
        change: { type: 'jobHeldUntil', payload: { jobId: job.id, on } },
        said: `${job.title}: not before ${formatDate(on, today)}`,
      });
    }
  };
  return (
    <View className="flex-row items-end gap-2">
      <Field
        className="flex-1"
        label="Not before"
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
  const project = useAppSelector(selectProject);
  const open = useAppSelector(selectJobs).filter(
    ({ id, doneOn }) => doneOn === null && id !== job.id,
  );
  const [search, setSearch] = useState('');
  const [because, setBecause] = useState('');
  const [error, setError] = useState<string>();
  const named = open.map((other) => ({
    value: other.id as string,
    label: `${other.title}, ${placeOf(project, other)}`,
  }));
  const found = named
    .filter(({ label }) => label.toLowerCase().includes(search.trim().toLowerCase()))
    .slice(0, OFFERED);
  const choose = (id: string) => {
    const before = open.find((other) => other.id === id);
    if (!before) return;
    if (because.trim() === '') {
      setError('Say why: the reason is what lets you change your mind later.');
      return;
    }
    onWish({
      change: {
        type: 'ruleAdded',
        payload: {
          id: dispatch(freshId()),
          before: before.id,
          after: job.id,
          because: because.trim(),
        },
      },
      said: `${job.title} after ${before.title}`,
    });
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
      <Field
        label="After which job"
        placeholder="type to find it"
        value={search}
        onChangeText={setSearch}
      />
      <Choice label="After" value={null} options={found} onChange={choose} />
      {found.length === 0 ? <Note>No open job is called that.</Note> : null}
    </View>
  );
}

const asItIs: Option = { id: 'now', title: '', changes: [], yearsGained: null, givesUp: '' };

/** The plan with and without the wish: what it costs, or which jobs object. Kept or dropped from here. */
function Tried({ wish, onDone }: { wish: Wish; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const [answer, setAnswer] = useState<Weighed | null>(null);
  const [error, setError] = useState<PlanningError | null>(null);
  const tryIt = async () => {
    const options = [asItIs, { ...asItIs, id: 'wish', changes: [wish.change] }];
    const result = await dispatch(weigh(options, new AbortController().signal));
    if (result?.ok) setAnswer(result.value[1] ?? null);
    else if (result) setError(result.error);
  };
  const take = async () => {
    if (await dispatch(keep([wish.change], `${wish.said}.`))) onDone();
  };
  if (error) return <Refused error={error} onDone={onDone} />;
  if (!answer) {
    return (
      <Button
        look="main"
        className="self-start"
        label="See what it costs"
        hint={`See what it costs: ${wish.said}`}
        onPress={() => void tryIt()}
      />
    );
  }
  return (
    <View role="status" className="gap-2 rounded-board border border-spruce p-3">
      <Note className="text-ink">{`${wish.said}: ${costWords(answer)}`}</Note>
      <View className="flex-row flex-wrap gap-2">
        <Button look="main" label="Keep it so" onPress={() => void take()} />
        <Button label="Drop it" onPress={onDone} />
      </View>
    </View>
  );
}

function costWords({ gates }: Weighed): string {
  const moved = (name: string, days: number) =>
    `${name} ${countWords(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'sooner'}`;
  const words = [
    ...(gates.live.daysLater === 0 ? [] : [moved('living here', gates.live.daysLater)]),
    ...(gates.done.daysLater === 0 ? [] : [moved('all done', gates.done.daysLater)]),
  ];
  return words.length === 0
    ? 'the plan repairs itself, no gate moves.'
    : `the plan repairs itself; ${words.join(', ')}.`;
}

function Refused({ error, onDone }: { error: PlanningError; onDone: () => void }) {
  const jobs = useAppSelector(selectJobsById);
  const titles =
    error.code === 'loop' ? error.jobIds.map((id) => jobs.get(id as never)?.title ?? id) : [];
  return (
    <View role="alert" className="gap-2 rounded-board border border-brick bg-brick-pale p-3">
      <Note className="text-ink">
        {error.code === 'loop'
          ? `That cannot be: the jobs would wait for each other in a ring, ${titles.join(' before ')}. The rules between them stand under “Waits for”.`
          : 'That could not be planned; nothing was changed.'}
      </Note>
      <Button className="self-start" label="Drop the wish" onPress={onDone} />
    </View>
  );
}
