import { View } from 'react-native';
import type { Forecast } from '@/core/planning/report';
import { formatDate } from '@/core/units';
import { selectProject, selectToday, useAppSelector } from '@/store';
import { BlockLink, Note, Small, Strong, Tape } from '@/ui';
import { doubtWords, forecastTape } from './forecast-tape';

/** The move-in forecast: the tape and its line of words. */
export function ForecastLine({ forecast, left }: { forecast: Forecast; left: number }) {
  const today = useAppSelector(selectToday);
  const { wishedMoveIn } = useAppSelector(selectProject).house;
  const tape = forecastTape(forecast, 'live', today, wishedMoveIn);
  const { soonest, likely, fairlySafe, latest } = forecast.gates.live;
  const isGuess = forecast.learned.points.length === 0;
  if (!tape || likely === null || fairlySafe === null) {
    return (
      <BlockLink href="/keys">
        <Strong>You can live here. What is left may wait.</Strong>
      </BlockLink>
    );
  }
  return (
    <View>
      <Tape ticks={tape.ticks} marks={tape.marks} spoken={tape.spoken} />
      <BlockLink href="/keys">
        <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
          <Strong>{`Living here: likely ${formatDate(likely, today)}`}</Strong>
          <Strong className="text-spruce">{`${left} to Keys`}</Strong>
        </View>
        <Note>{`fairly safe ${formatDate(fairlySafe, today)}`}</Note>
      </BlockLink>
      {isGuess && soonest && latest ? (
        <Note>{`Nothing finished and logged yet: between ${formatDate(soonest, today)} and ${formatDate(latest, today)}.`}</Note>
      ) : null}
      <Small>{doubtWords(forecast)}</Small>
    </View>
  );
}
