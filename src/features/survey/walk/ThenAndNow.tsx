import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { ScopeItem } from '@/core/survey/scope';
import type { ScopeDay } from '@/core/estimating/scope-history';
import { findWork } from '@/core/trade/steps/works';
import { cents, formatDate, formatDayMonth, formatMinutes, formatMoney } from '@/core/units';
import {
  placeNameIn,
  readScopeHistory,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { LineChart, Note, Section, Strong } from '@/ui';

/** Scope then and now: what was added and dropped, by which find or wish, and what it came to. */
export function ThenAndNow() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const [days, setDays] = useState<ScopeDay[]>([]);
  useEffect(() => {
    let gone = false;
    void dispatch(readScopeHistory()).then((history) => {
      if (!gone) setDays(history);
    });
    return () => {
      gone = true;
    };
  }, [dispatch, project]);
  const [first, last] = [days[0], days.at(-1)];
  if (!first || !last) return null;
  const money = (value: number) => formatMoney(cents(value), project.currency);
  return (
    <Section
      title="Scope then and now"
      sum={`${formatMinutes(first.minutes)} then, ${formatMinutes(last.minutes)} now`}
    >
      {days.length > 1 ? (
        <LineChart
          points={days.map(({ on, minutes }) => ({
            label: formatDayMonth(on),
            value: Math.round(minutes / 60),
          }))}
          spoken={`Hours of the whole scope: ${days
            .map(({ on, minutes }) => `${formatDayMonth(on)} ${formatMinutes(minutes)}`)
            .join(', ')}`}
        />
      ) : null}
      <Note>{`Hours of yours in all that is wanted; with materials and trades ${money(first.cents)} then, ${money(last.cents)} now.`}</Note>
      {days
        .slice(1)
        .toReversed()
        .map((day) => (
          <Day key={day.on} day={day} />
        ))}
    </Section>
  );
}

const signed = (value: number, words: (size: number) => string): string =>
  value === 0 ? '' : `${value > 0 ? '+' : '−'}${words(Math.abs(value))}`;

function Day({ day }: { day: ScopeDay }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const line = (
    sign: string,
    { placeId, workId, because }: Pick<ScopeItem, 'placeId' | 'workId' | 'because'>,
  ) => {
    const title = findWork(workId)?.title ?? workId;
    const why = because === title ? '' : ` (${because})`;
    return `${sign} ${title}, ${placeNameIn(project, placeId)}${why}`;
  };
  const lines = [
    ...day.added.map((item) => line('+', item)),
    ...day.dropped.map((item) => line('−', item)),
  ];
  const moved = [
    signed(day.minutesMore, formatMinutes),
    signed(day.centsMore, (value) => formatMoney(cents(value), project.currency)),
  ].filter(Boolean);
  return (
    <View className="border-b border-line py-2">
      <View className="flex-row justify-between gap-3">
        <Strong>{formatDate(day.on, today)}</Strong>
        <Note>{moved.join(', ')}</Note>
      </View>
      {lines.length === 0 ? <Note>Jobs of your own, or sizes, changed.</Note> : null}
      {lines.map((words) => (
        <Note key={words} className="text-ink">
          {words}
        </Note>
      ))}
    </View>
  );
}
