import { View } from 'react-native';
import { leftToKeys } from '@/core/planning/report';
import { Page, PlanState } from '@/features/shell';
import { doubtWords } from '@/features/today';
import { selectForecast, useAppSelector } from '@/store';
import { ButtonLink, Note } from '@/ui';
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
          <ButtonLink href="/pace" label="How your work goes" className="self-start" />
          <Forward />
          <Fits />
          <Phases />
        </View>
      ) : null}
    </Page>
  );
}

function titleWords(left: number | null): string {
  if (left === null) return 'Keys';
  if (left === 0) return 'Nothing stands between you and the keys';
  return left === 1
    ? 'One thing stands between you and the keys'
    : `${left} things stand between you and the keys`;
}
