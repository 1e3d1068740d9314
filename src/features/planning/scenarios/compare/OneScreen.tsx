import { planningInputOf } from '@/core/house';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import {
  comparisonsOf,
  flipsOf,
  rebuildBasis,
  type Comparison,
  type Weighed,
  type GateDays,
} from '@/core/planning/scenarios/compare';
import { formatElapsed, formatMinutes, formatMoney } from '@/core/units';
import { Page, PlanState } from '@/features/shell';
import {
  freshId,
  keep,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Body, Button, ButtonLink, Empty, Fact, Field, Note, Section, Title } from '@/ui';
import { RebuildForm } from './RebuildForm';
import { useWeighed } from './useWeighed';
import { flipWords, gateWords, hireWords, rebuildWords, sameWords } from './words';

/** One question, its options side by side, what would turn the answer round, and the choice. */
export function OneScreen({ id }: { id: string }) {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  // The question as it stood when it was opened: a choice must not reshuffle it under the finger.
  const found = useMemo(
    () =>
      plan ? comparisonsOf(planningInputOf(project), plan).find((one) => one.id === id) : undefined,
    [project, plan, id],
  );
  const { weighed, error } = useWeighed(found);
  if (plan && !found) {
    return (
      <Page title="Nothing to weigh">
        <Empty title="This question is settled" note="It was decided, begun or dropped since.">
          <ButtonLink href="/compare" label="Other questions" />
        </Empty>
      </Page>
    );
  }
  return (
    <Page title={found?.question ?? 'Weigh it up'}>
      <PlanState />
      {error ? (
        <Body role="alert" className="text-brick">
          One of the options cannot be planned: give somebody hours under Settings, then try again.
        </Body>
      ) : null}
      {!weighed && !error ? <Note role="status">Planning each way…</Note> : null}
      {found && weighed ? <SideBySide comparison={found} weighed={weighed} /> : null}
    </Page>
  );
}

function SideBySide({ comparison, weighed }: { comparison: Comparison; weighed: Weighed[] }) {
  const project = useAppSelector(selectProject);
  const { currency } = project;
  const [reasons, setReasons] = useState('');
  const flips = flipsOf(weighed, comparison.gamble);
  return (
    <>
      <View className="gap-4 wide:flex-row wide:items-start">
        {weighed.map((option) => (
          <OptionColumn
            key={option.id}
            option={option}
            comparison={comparison}
            weighed={weighed}
            reasons={reasons}
          />
        ))}
      </View>
      <Section title="What would turn it round">
        {flips.length === 0 ? (
          <Note>In money they come to the same. Days, hours and what you give up decide.</Note>
        ) : null}
        {flips.map((flip) => (
          <Note key={flip.kind} className="text-ink">
            {flipWords(flip, currency)}
          </Note>
        ))}
        {comparison.hire ? <Note>{hireWords(comparison.hire, currency)}</Note> : null}
        {comparison.kind === 'rebuild' ? <BuildingNew /> : null}
      </Section>
      <Field
        label="Your reasons, to be read years later"
        placeholder="the panes are original"
        value={reasons}
        onChangeText={setReasons}
      />
    </>
  );
}

/** What the price of building new is made of, and the form to say it better. */
function BuildingNew() {
  const project = useAppSelector(selectProject);
  const [asking, setAsking] = useState(false);
  return (
    <View className="gap-2">
      <Note>
        {rebuildWords(rebuildBasis(project), project)} Whether the foundation and the frame are
        sound enough to keep is for an engineer to say.
      </Note>
      {asking ? (
        <RebuildForm onDone={() => setAsking(false)} />
      ) : (
        <Button
          className="self-start"
          label="Change these figures"
          onPress={() => setAsking(true)}
        />
      )}
    </View>
  );
}

function OptionColumn({
  option,
  comparison,
  weighed,
  reasons,
}: {
  option: Weighed;
  comparison: Comparison;
  weighed: readonly Weighed[];
  reasons: string;
}) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { currency } = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const money = (value: Weighed['centsTotal']) => formatMoney(value, currency);
  const isFirst = weighed[0]?.id === option.id;
  const choose = async () => {
    const changes = comparison.options.find(({ id }) => id === option.id)?.changes ?? [];
    const kept = await dispatch(
      keep(
        [
          ...changes,
          {
            type: 'decisionWritten',
            payload: {
              id: dispatch(freshId()),
              on: today,
              question: comparison.question,
              options: weighed.map(({ title, centsTotal, ownMinutes, gates }) => ({
                title,
                cents: centsTotal,
                minutes: ownMinutes,
                livingOn: gates.live.date,
              })),
              chosen: weighed.indexOf(option),
              reasons: reasons.trim() || null,
            },
          },
        ],
        `Decided: ${option.title}.`,
      ),
    );
    if (kept) router.replace('/compare');
  };
  return (
    <View
      role="region"
      aria-label={option.title}
      className="gap-1 rounded-board border border-line bg-paper p-3 wide:min-w-0 wide:flex-1"
    >
      <Title>{option.title.charAt(0).toUpperCase() + option.title.slice(1)}</Title>
      <Fact
        name="Money to the end"
        figure={money(option.centsTotal)}
        working={`${money(option.centsToEnd)} to spend, suspicions on average + ${money(option.contingency)} contingency`}
      />
      <Fact name="Of it within a month" figure={money(option.centsNow)} />
      <GateFact name="Sleep here, likely" days={option.gates.sleep} isFirst={isFirst} />
      <GateFact name="Live here, likely" days={option.gates.live} isFirst={isFirst} />
      <GateFact name="Call it done, likely" days={option.gates.done} isFirst={isFirst} />
      <Fact name="Hours of yours" figure={formatMinutes(option.ownMinutes)} />
      <Fact name="Permits and inspections" figure={`${option.permits} and ${option.inspections}`} />
      <Fact
        name="Suspicions open"
        figure={
          option.suspicions === 0
            ? 'none'
            : `${option.suspicions}, ${formatElapsed(option.riskMinutes)} on average`
        }
      />
      {option.yearsGained === null ? null : (
        <Fact name="Years gained" figure={`about ${option.yearsGained}`} />
      )}
      <Note>{`You give up: ${option.givesUp}`}</Note>
      <Button
        look="main"
        label="Choose this"
        hint={`Choose: ${option.title}`}
        onPress={() => void choose()}
      />
    </View>
  );
}

function GateFact({ name, days, isFirst }: { name: string; days: GateDays; isFirst: boolean }) {
  const today = useAppSelector(selectToday);
  const same = isFirst ? undefined : sameWords(days);
  return <Fact name={name} figure={gateWords(days, today)} {...(same ? { working: same } : {})} />;
}
