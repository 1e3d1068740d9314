import { useState } from 'react';
import { View } from 'react-native';
import type { GateSummary } from '@/core/planning/report';
import { formatDate } from '@/core/units';
import { TakeBack } from '@/features/history';
import { inSentence } from '@/features/job';
import { DateAsk } from '@/features/story';
import {
  placeOf,
  keep,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Board, Button, Note, Strong } from '@/ui';

type Condition = GateSummary['conditions'][number];

/** One condition of a gate: met, missing jobs, or waiting for a person's own check with a date. */
export function ConditionRow({ condition }: { condition: Condition }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const today = useAppSelector(selectToday);
  const [asking, setAsking] = useState(false);
  const byHand = condition.jobIds.length === 0;
  const missing = condition.openJobIds.flatMap((id) => jobs.get(id) ?? []);
  const note = condition.met
    ? condition.checkedOn && byHand
      ? `checked ${formatDate(condition.checkedOn, today)}`
      : byHand || condition.openJobIds.length > 0
        ? 'you live here, and it holds today'
        : 'its jobs are done'
    : byHand
      ? 'Nothing in the plan does this: look yourself and check it off.'
      : missing.map((job) => `${job.title}, ${placeOf(project, job)}`).join(' · ');
  return (
    <View className="flex-row gap-3 border-t border-line pt-2">
      <Board state={condition.met ? 'done' : 'later'} height={28} />
      <View className="min-w-0 flex-1">
        <Strong>{condition.title}</Strong>
        <Note>{`${condition.met ? 'Met' : 'Missing'} · ${note}`}</Note>
        {byHand && !condition.met && !asking ? (
          <Button
            look="quiet"
            className="self-start"
            label="Check it off"
            hint={`Check off: ${condition.title}`}
            onPress={() => setAsking(true)}
          />
        ) : null}
        {condition.met && condition.checkedOn && byHand ? (
          <TakeBack about={`check/${condition.id}`} what={`checked off, ${condition.title}`} />
        ) : null}
        {asking && !condition.met ? (
          <DateAsk
            name={condition.id}
            question={`On which day did you see it: ${inSentence(condition.title)}?`}
            onCancel={() => setAsking(false)}
            onDate={(on) =>
              dispatch(
                keep(
                  [{ type: 'conditionChecked', payload: { conditionId: condition.id, on } }],
                  `Checked: ${condition.title}.`,
                ),
              )
            }
          />
        ) : null}
      </View>
    </View>
  );
}
