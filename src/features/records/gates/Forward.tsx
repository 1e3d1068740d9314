import { planningInputOf } from '@/core/house';
import { useState } from 'react';
import { View } from 'react-native';
import {
  forwardOptions,
  waysForward,
  type WayForward,
} from '@/core/planning/scenarios/compare/forward';
import { cents, countWords, formatDate, formatMoney, type Currency } from '@/core/units';
import {
  keep,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
  weigh,
} from '@/store';
import { Button, Note, Section, Slip } from '@/ui';

type Answer = ReturnType<typeof waysForward>;

/** What would bring the day forward, each measured by planning the house anew with it. */
export function Forward() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [working, setWorking] = useState(false);
  if (!plan || plan.gates.live.date === null) return null;
  const ask = async () => {
    setWorking(true);
    const options = forwardOptions(planningInputOf(project), plan);
    const result = await dispatch(weigh(options, new AbortController().signal));
    setWorking(false);
    if (result?.ok) setAnswer(waysForward(options, result.value));
  };
  return (
    <Section title="What would bring it forward">
      {answer ? (
        <Measured answer={answer} onTaken={() => setAnswer(null)} />
      ) : (
        <Button
          className="self-start"
          disabled={working}
          label={working ? 'Planning each way…' : 'Try it out'}
          hint={working ? 'Planning each way…' : 'Try out what would bring it forward'}
          onPress={() => void ask()}
        />
      )}
    </Section>
  );
}

function Measured({ answer, onTaken }: { answer: Answer; onTaken: () => void }) {
  const { sooner, idle } = answer;
  return (
    <View className="gap-2">
      {sooner.length === 0 ? (
        <Note>None of the ways tried moves the day you can live here.</Note>
      ) : null}
      {sooner.map((way) => (
        <OneWay key={way.option.id} way={way} onTaken={onTaken} />
      ))}
      {idle.length > 0 ? <Note>{`No day sooner: ${idle.join('; ')}.`}</Note> : null}
    </View>
  );
}

function moneyWords(more: number, currency: Currency): string {
  if (more === 0) return 'No more money';
  return `${formatMoney(cents(Math.abs(more)), currency)} ${more > 0 ? 'more' : 'less'}`;
}

function OneWay({ way, onTaken }: { way: WayForward; onTaken: () => void }) {
  const dispatch = useAppDispatch();
  const { currency } = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { option, date, daysSooner, centsMore } = way;
  const take = async () => {
    if (await dispatch(keep(option.changes, `${option.title}.`))) onTaken();
  };
  return (
    <Slip
      title={option.title}
      note={`${moneyWords(centsMore, currency)}. Gives up: ${option.givesUp}`}
      figure={`${countWords(daysSooner, 'day')} sooner`}
      figureNote={date ? `as planned ${formatDate(date, today)}` : ''}
    >
      <Button
        look="quiet"
        className="self-start"
        label="Do it"
        hint={`Do it: ${option.title}`}
        onPress={() => void take()}
      />
    </Slip>
  );
}
