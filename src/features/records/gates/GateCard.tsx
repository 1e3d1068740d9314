import { GATE_NAMES, gateMoved } from '@/core/planning/explanation';
import { countWords } from '@/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import { addedBy, type Forecast } from '@/core/planning/report';
import {
  selectJobsById,
  selectPlanBefore,
  selectProject,
  selectToday,
  useAppSelector,
} from '@/store';
import { Body, Button, Door, Note, Small, Strong, Title } from '@/ui';
import { ConditionRow } from './ConditionRow';
import {
  GATE_ASKS,
  chainWords,
  gateDateWords,
  gateLoadWords,
  mayWaitWords,
  movedWords,
  type GateId,
} from './words';
import { GateJobs } from './GateJobs';

/** One gate: its door, its date with the doubt, and behind a tap everything that is missing. */
export function GateCard({ gate, forecast }: { gate: GateId; forecast: Forecast }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const jobs = useAppSelector(selectJobsById);
  const [shown, setShown] = useState<'nothing' | 'conditions' | 'jobs'>('nothing');
  const summary = forecast.plan.gates[gate];
  const before = useAppSelector(selectPlanBefore);
  const moved = before ? gateMoved(before, forecast.plan, gate) : null;
  const left = summary.jobsLeft + summary.checksLeft;
  const added = addedBy(forecast.plan, gate);
  const met = summary.conditions.filter((condition) => condition.met).length;
  const chain = summary.chain.flatMap((id) => jobs.get(id) ?? []);
  const barred = chain.some(({ state }) => state === 'held');
  const toggle = (what: 'conditions' | 'jobs') => setShown(shown === what ? 'nothing' : what);
  return (
    <View
      role="region"
      aria-label={GATE_NAMES[gate]}
      className="gap-3 rounded-board border border-line bg-paper p-3 wide:min-w-0 wide:flex-1"
    >
      <View className="flex-row gap-4">
        <Door
          open={met / summary.conditions.length}
          barred={barred}
          spoken={`${met} of ${summary.conditions.length} conditions met${barred ? ', held by an inspection' : ''}`}
        />
        <View className="min-w-0 flex-1 gap-1">
          <View className="flex-row flex-wrap items-baseline justify-between gap-x-2">
            <Title>{GATE_NAMES[gate]}</Title>
            <Strong>{left === 0 ? 'open' : `${left} left`}</Strong>
          </View>
          <Body>{gateDateWords(forecast, gate, today)}</Body>
          {gate !== 'sleep' && left > 0 ? (
            <Small>{`${added} of them beyond the gate before.`}</Small>
          ) : null}
          {moved ? <Note role="note">{movedWords(moved, forecast.plan)}</Note> : null}
          <Note>{GATE_ASKS[gate]}</Note>
          {left > 0 ? <Note>{gateLoadWords(summary, project.currency)}</Note> : null}
          {chain.length > 0 ? <Note>{chainWords(chain)}</Note> : null}
          {gate === 'live' && left > 0 ? <Note>{mayWaitWords(forecast.plan)}</Note> : null}
        </View>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={
            shown === 'conditions'
              ? 'Hide what it asks'
              : `What it asks: ${met} of ${summary.conditions.length} met`
          }
          hint={`${GATE_NAMES[gate]}: ${shown === 'conditions' ? 'hide what it asks' : 'what it asks'}`}
          onPress={() => toggle('conditions')}
        />
        {summary.jobsLeft > 0 ? (
          <Button
            label={
              shown === 'jobs' ? 'Hide the jobs' : `${countWords(summary.jobsLeft, 'job')} left`
            }
            hint={`${GATE_NAMES[gate]}: ${shown === 'jobs' ? 'hide the jobs' : 'jobs left'}`}
            onPress={() => toggle('jobs')}
          />
        ) : null}
      </View>
      {shown === 'conditions'
        ? summary.conditions.map((condition) => (
            <ConditionRow key={condition.id} condition={condition} />
          ))
        : null}
      {shown === 'jobs' ? <GateJobs gate={gate} plan={forecast.plan} /> : null}
    </View>
  );
}
