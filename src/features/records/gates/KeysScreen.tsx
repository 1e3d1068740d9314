import { View } from 'react-native';
import { closedUnrecorded } from '@/core/records/walls';
import { leftToKeys } from '@/core/planning/report';
import { Page, PlanState } from '@/features/shell';
import { doubtWords } from '@/features/log/today';
import { selectForecast, selectPlan, selectProject, useAppSelector } from '@/store';
import { BlockLink, ButtonLink, Note, Strong } from '@/ui';
import { Fits } from './Fits';
import { Forward } from './Forward';
import { GateCard } from './GateCard';
import { Phases } from './Phases';

const GATES = ['sleep', 'live', 'done'] as const;

/** What is left before the house can be lived in. */
export function KeysScreen() {
  const forecast = useAppSelector(selectForecast);
  const left = forecast ? leftToKeys(forecast.plan) : null;
  return (
    <Page title={titleWords(left)}>
      <PlanState />
      {forecast ? (
        <View className="gap-4">
          <View className="gap-4 wide:flex-row wide:items-start">
            {GATES.map((gate) => (
              <GateCard key={gate} gate={gate} forecast={forecast} />
            ))}
          </View>
          <Note>{doubtWords(forecast)}</Note>
          <View className="flex-row flex-wrap gap-2">
            <ButtonLink href="/visits" label="Inspections" />
            <ButtonLink href="/ready" label="Ready to close walls?" />
            <ButtonLink href="/punch" label="Punch list" />
            <ButtonLink href="/handover" label="Handover" />
            <ButtonLink href="/pace" label="How your work goes" />
          </View>
          <ClosedUnrecorded />
          <Forward />
          <Fits />
          <Phases />
        </View>
      ) : null}
    </Page>
  );
}

/** Rooms that were closed although nobody had said what is behind their walls. */
function ClosedUnrecorded() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const closed = plan ? closedUnrecorded(project, plan) : [];
  if (closed.length === 0) return null;
  return (
    <BlockLink href="/ready">
      <Strong>{`Closed unrecorded: ${closed.map(({ place }) => place.name).join(', ')}`}</Strong>
      <Note>Say wall by wall what is known of them, while somebody remembers.</Note>
    </BlockLink>
  );
}

function titleWords(left: number | null): string {
  if (left === null) return 'Keys';
  if (left === 0) return 'Nothing stands between you and the keys';
  return left === 1
    ? 'One thing stands between you and the keys'
    : `${left} things stand between you and the keys`;
}
