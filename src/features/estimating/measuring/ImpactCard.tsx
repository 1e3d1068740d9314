import { planningInputOf } from '@/core/house';
import { useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Weighed } from '@/core/planning/scenarios/compare';
import { applyEvent, type EventBodyOf } from '@/core/journal';
import { impactOf, isNoChange } from '@/core/estimating/measuring';
import {
  cents,
  type Cents,
  countWords,
  formatDate,
  formatMinutes,
  formatMoney,
  minutes,
} from '@/core/units';
import {
  placeNameIn,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
  weigh,
} from '@/store';
import { Fact, Note, Section, Strong } from '@/ui';

const signed = (value: number, say: (size: number) => string): string =>
  value === 0 ? 'no change' : `${value > 0 ? '+' : '-'}${say(Math.abs(value))}`;

/** What a change would do before it is kept: quantities, hours, money and dates; what is ordered already is flagged. */
export function ImpactCard({ change }: { change: EventBodyOf }) {
  const project = useAppSelector(selectProject);
  const impact = useMemo(() => {
    const after = applyEvent(project, change);
    return after ? impactOf(planningInputOf(project), planningInputOf(after)) : null;
  }, [project, change]);
  const money = (value: Cents) => formatMoney(value, project.currency);
  if (!impact) return null;
  if (isNoChange(impact)) return <Note>This changes no quantity and no hours.</Note>;
  const ordered = impact.lines.filter((line) => line.ordered);
  const open = impact.lines.filter((line) => !line.ordered);
  return (
    <Section
      title="What this changes"
      sum={countWords(impact.lines.length + impact.hours.length, 'thing')}
    >
      <View>
        <Fact
          name="Your hours"
          figure={signed(impact.minutes, (size) => formatMinutes(minutes(size)))}
          working={`${countWords(impact.hours.length, 'job')} changed`}
        />
        <Fact
          name="Not ordered yet"
          figure={signed(impact.cents, (size) => money(cents(size)))}
          working="at the prices reckoned with"
        />
        <MovedDate change={change} />
      </View>
      {ordered.length > 0 ? (
        <View role="alert" className="gap-1 rounded-board border border-brick bg-brick-pale p-3">
          <Strong>Ordered already: look at these</Strong>
          {ordered.map(({ lineId, what, unit, before, after, placeId }) => (
            <Note key={lineId} className="text-ink">
              {`${what}, ${placeNameIn(project, placeId)}: reckoned ${before}, now ${countWords(after, unit)}. The order stays as it is.`}
            </Note>
          ))}
        </View>
      ) : null}
      {open.map(({ lineId, what, unit, before, after }) => (
        <Note key={lineId}>{`${what}: ${countWords(before, unit)}, now ${after}`}</Note>
      ))}
    </Section>
  );
}

/** Re-plans the house with and without the change, off the main thread. */
function MovedDate({ change }: { change: EventBodyOf }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const [weighed, setWeighed] = useState<Weighed[] | null>(null);
  useEffect(() => {
    const abort = new AbortController();
    const option = { yearsGained: null, givesUp: '' };
    const options = [
      { ...option, id: 'now', title: 'As it is', changes: [] },
      { ...option, id: 'then', title: 'With the change', changes: [change] },
    ];
    void dispatch(weigh(options, abort.signal)).then((result) => {
      if (result?.ok && !abort.signal.aborted) setWeighed(result.value);
    });
    return () => abort.abort();
  }, [change, dispatch]);
  const live = weighed?.[1]?.gates.live;
  if (!live) return <Fact name="Live here" figure="…" working="working out the dates" />;
  return (
    <Fact
      name="Live here"
      figure={live.date ? formatDate(live.date, today) : 'ready'}
      working={
        live.daysLater === 0
          ? 'no difference that can be told'
          : `${signed(live.daysLater, (days) => `${days} days`)} against now`
      }
    />
  );
}
