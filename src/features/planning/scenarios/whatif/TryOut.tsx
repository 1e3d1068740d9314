import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { EventBodyOf } from '@/core/journal';
import { sayLoop } from '@/core/planning/explanation';
import type { Result } from '@/core/result';
import type { Missed, WhatIf } from '@/core/planning/scenarios/whatif/schema';
import {
  keep,
  placeNameIn,
  selectProject,
  selectToday,
  tryChanges,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, Section, Slip, Small, Strong } from '@/ui';
import type { PlanningError } from '@/workers/protocol';
import { answerWords, linesOf, missedWords, movedWords } from './words';

/**
 * Something not kept yet: what it would change, side by side, and what moves and why. Kept or dropped from here.
 * `onNearest` is offered when a wished day cannot be.
 */
export function TryOut({
  changes,
  said,
  onDone,
  onNearest,
}: {
  changes: readonly EventBodyOf[];
  said: string;
  onDone: (kept: boolean) => void;
  onNearest?: (missed: Missed) => void;
}) {
  const dispatch = useAppDispatch();
  const { answer, error } = useTried(changes);
  const take = async () => {
    if (await dispatch(keep(changes, `${said}.`))) onDone(true);
  };
  if (error) return <Refused error={error} onDone={() => onDone(false)} />;
  if (!answer) return <Note role="status">{`${said}: planning it…`}</Note>;
  const wished = new Set(
    changes.flatMap((change) => (change.type === 'demandMade' ? [change.payload.id] : [])),
  );
  const missed = answer.missed.filter(({ demandId }) => wished.has(demandId));
  return (
    <View className="gap-4 rounded-board border border-spruce p-3">
      <View role="status">
        <Strong>{said}</Strong>
        <Note className="text-ink">{answerWords(answer)}</Note>
      </View>
      {missed.map((each) => (
        <Impossible key={each.demandId} missed={each} onNearest={onNearest} />
      ))}
      <Sides answer={answer} />
      <MovedJobs answer={answer} />
      <View className="flex-row flex-wrap gap-2">
        <Button
          look="main"
          label={missed.length > 0 ? 'Keep it as a wish' : 'Keep it so'}
          onPress={() => void take()}
        />
        <Button label="Drop it" onPress={() => onDone(false)} />
      </View>
    </View>
  );
}

type Tried = Result<WhatIf, PlanningError>;

/** Asks the planner; a newer set of changes cancels the older question. */
function useTried(changes: readonly EventBodyOf[]) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const [heard, setHeard] = useState<{ of: typeof changes; result: Tried } | null>(null);
  useEffect(() => {
    const stop = new AbortController();
    void dispatch(tryChanges(changes, stop.signal)).then((result) => {
      if (!stop.signal.aborted && result) setHeard({ of: changes, result });
    });
    return () => stop.abort();
  }, [dispatch, changes, project]);
  // What was answered to other changes is no answer.
  const result = heard?.of === changes ? heard.result : null;
  return {
    answer: result?.ok ? result.value : null,
    error: result && !result.ok ? result.error : null,
  };
}

function Impossible({
  missed,
  onNearest,
}: {
  missed: Missed;
  onNearest?: ((missed: Missed) => void) | undefined;
}) {
  const today = useAppSelector(selectToday);
  return (
    <View role="alert" className="gap-2 rounded-board border border-brick bg-brick-pale p-3">
      <Strong>{missedWords(missed, today)}</Strong>
      {missed.whys.map((why) => (
        <Note key={why} className="text-ink">
          {why}
        </Note>
      ))}
      {onNearest ? (
        <Button
          className="self-start"
          label="Take the soonest day"
          onPress={() => onNearest(missed)}
        />
      ) : null}
    </View>
  );
}

function Sides({ answer }: { answer: WhatIf }) {
  const today = useAppSelector(selectToday);
  const { currency } = useAppSelector(selectProject);
  return (
    <View role="table" aria-label="As it stands, and as it would be">
      <View role="row" className="flex-row gap-3 border-b border-ink py-1">
        <Small role="columnheader" className="flex-1">
          As it stands
        </Small>
        <Small role="columnheader" className="flex-1">
          As it would be
        </Small>
      </View>
      {linesOf(answer, today, currency).map(({ name, before, after, differs }) => (
        <View key={name} role="row" className="border-b border-line py-2">
          <Small role="rowheader">{differs ? name : `${name}, the same`}</Small>
          <View className="flex-row gap-3">
            <Note role="cell" className="flex-1">
              {before}
            </Note>
            <Note role="cell" className={`flex-1 ${differs ? 'font-strong text-ink' : ''}`}>
              {after}
            </Note>
          </View>
        </View>
      ))}
    </View>
  );
}

const SHOWN = 8;

function MovedJobs({ answer: { moved } }: { answer: WhatIf }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [all, setAll] = useState(false);
  if (moved.length === 0) return null;
  return (
    <Section title="What moves, and why" sum="most first">
      {moved.slice(0, all ? moved.length : SHOWN).map((each) => (
        <Slip
          key={each.jobId}
          title={`${each.title}, ${placeNameIn(project, each.placeId)}`}
          note={`${movedWords(each, today)}. ${each.why}`}
          href={{ pathname: '/job', params: { id: each.jobId } }}
        />
      ))}
      {moved.length > SHOWN && !all ? (
        <Button
          look="quiet"
          className="self-start"
          label={`Show ${moved.length}`}
          onPress={() => setAll(true)}
        />
      ) : null}
    </Section>
  );
}

function Refused({ error, onDone }: { error: PlanningError; onDone: () => void }) {
  return (
    <View role="alert" className="gap-2 rounded-board border border-brick bg-brick-pale p-3">
      <Note className="text-ink">
        {error.code === 'loop'
          ? `That cannot be: jobs would wait for each other in a ring. ${sayLoop(error)}`
          : error.code === 'no-hours'
            ? 'That cannot be planned: nobody would have an hour for what is left. Nothing was changed.'
            : 'That could not be planned; nothing was changed.'}
      </Note>
      <Button className="self-start" label="Drop it" onPress={onDone} />
    </View>
  );
}
