import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import type { GateSummary } from '@/core/planning/report';
import { takenAway } from '@/core/planning/report/taken-away';
import { wayTo } from '@/core/planning/report/way';
import { countWords, formatAbout, formatDate, formatElapsed, formatMinutes } from '@/core/units';
import { FormCard, TextField, useKeptForm, wordsField } from '@/features/kit/form';
import { TakeBack } from '@/features/history';
import { inSentence } from '@/features/job';
import { Photos } from '@/features/kit/photo';
import { DateAsk } from '@/features/job/story';
import {
  keep,
  placeOf,
  selectJobsById,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Board, Button, ButtonLink, Note, Strong } from '@/ui';
import { seasonWords } from './words';

type Condition = GateSummary['conditions'][number];
type Asking = 'nothing' | 'check' | 'waive';

/** One condition of a gate: met, missing jobs, waiting for a person's own check, or not asked of this house. */
export function ConditionRow({ condition }: { condition: Condition }) {
  const [asking, setAsking] = useState<Asking>('nothing');
  const byHand = condition.jobIds.length === 0;
  const { id, title, met, checkedOn, waived } = condition;
  const close = () => setAsking('nothing');
  return (
    <View className="flex-row gap-3 border-t border-line pt-2">
      <Board state={met ? 'done' : 'later'} height={28} />
      <View className="min-w-0 flex-1">
        <Strong>{title}</Strong>
        <Standing condition={condition} />
        {met ? null : <TheWay condition={condition} />}
        {id === 'punch' ? (
          <ButtonLink look="quiet" className="self-start" href="/punch" label="The punch list" />
        ) : null}
        {id === 'finals' || id === 'certificate' ? (
          <ButtonLink
            look="quiet"
            className="self-start"
            href="/visits"
            label="The inspections"
            hint={`The inspections: ${title}`}
          />
        ) : null}
        {byHand && !met && asking === 'nothing' ? (
          <View className="flex-row flex-wrap gap-2">
            <Button
              look="quiet"
              label="Check it off"
              hint={`Check off: ${title}`}
              onPress={() => setAsking('check')}
            />
            <Button
              look="quiet"
              label="Not asked of this house"
              hint={`Not asked of this house: ${title}`}
              onPress={() => setAsking('waive')}
            />
          </View>
        ) : null}
        {byHand && (checkedOn !== null || waived !== null) ? (
          <TakeBack about={`check/${id}`} what={`checked off, ${title}`} />
        ) : null}
        {byHand && checkedOn !== null ? (
          <Photos placeId={null} of={`check/${id}`} about={inSentence(title)} />
        ) : null}
        {asking === 'check' && !met ? <Checked condition={condition} onDone={close} /> : null}
        {asking === 'waive' && !met ? <Waived condition={condition} onDone={close} /> : null}
      </View>
    </View>
  );
}

/** Whether it is met, and by what. */
function Standing({ condition }: { condition: Condition }) {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const jobs = useAppSelector(selectJobsById);
  const today = useAppSelector(selectToday);
  const { jobIds, openJobIds, met, checkedOn, waived, punchLeft } = condition;
  const byHand = jobIds.length === 0;
  if (met) {
    const note =
      byHand && checkedOn
        ? `checked ${formatDate(checkedOn, today)}`
        : byHand && waived
          ? `not asked of this house: ${waived}`
          : byHand || openJobIds.length > 0
            ? 'you live here, and it holds today'
            : 'its jobs are done';
    const away = plan ? takenAway(plan, condition) : null;
    const until = away
      ? `; work takes it away from ${formatDate(away.from, today)} to ${formatDate(away.to, today)}, as planned`
      : '';
    return <Note>{`Met · ${note}${until}`}</Note>;
  }
  const missing = openJobIds.flatMap((id) => jobs.get(id) ?? []);
  const open = punchLeft > 0 ? [`${countWords(punchLeft, 'thing')} on the punch list`] : [];
  const byJobs = missing.map(
    (job) =>
      `${job.title}, ${placeOf(project, job)}${job.work.kind === 'inspection' ? ' (an inspector)' : ''}`,
  );
  const lines = [...open, ...byJobs];
  return (
    <Note>
      {`Missing · ${lines.length > 0 ? lines.join(' · ') : 'Nothing in the plan does this: look yourself and check it off.'}`}
    </Note>
  );
}

/** The shortest way there: how many jobs, hours, waits and money, and its day as planned. */
function TheWay({ condition }: { condition: Condition }) {
  const plan = useAppSelector(selectPlan);
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const season = plan ? seasonWords(condition.id, project.outsideRest, plan) : null;
  const way = plan ? wayTo(plan, condition.openJobIds) : null;
  return (
    <>
      {way && way.finish !== null ? (
        <Note>
          {[
            `${countWords(way.jobs.length, 'job')} on the way`,
            `${formatMinutes(way.minutesLeft)} of yours`,
            ...(way.waitMinutes > 0 ? [`${formatElapsed(way.waitMinutes)} of waiting`] : []),
            ...(way.moneyLeft > 0
              ? [`about ${formatAbout(way.moneyLeft, project.currency)} to pay`]
              : []),
            `as planned by ${formatDate(way.finish, today)}`,
          ].join(' · ')}
        </Note>
      ) : null}
      {season ? <Note>{season}</Note> : null}
    </>
  );
}

function Checked({
  condition: { id, title },
  onDone,
}: {
  condition: Condition;
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  return (
    <DateAsk
      name={id}
      question={`On which day did you see it: ${inSentence(title)}?`}
      onCancel={onDone}
      onDate={(on) =>
        dispatch(
          keep(
            [{ type: 'conditionChecked', payload: { conditionId: id, on } }],
            `Checked: ${title}.`,
          ),
        )
      }
    />
  );
}

const waiverForm = z.object({
  because: wordsField('Say why, so that you know it in a year.'),
});

function Waived({
  condition: { id, title },
  onDone,
}: {
  condition: Condition;
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const of = useKeptForm({
    name: `waive/${id}`,
    schema: waiverForm,
    initial: { because: '' },
    onDone,
    onKeep: ({ because }) =>
      dispatch(
        keep(
          [{ type: 'conditionWaived', payload: { conditionId: id, on: today, because } }],
          `Not asked of this house: ${title}.`,
        ),
      ),
  });
  return (
    <FormCard of={of} title="Not asked of this house" action="Keep the reason">
      <TextField name="because" label="Why not" placeholder="all on one floor, no stairs" />
    </FormCard>
  );
}
