import { GATE_NAMES } from '@/core/planning/explanation';
import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import type { Fit } from '@/core/planning/scenarios/fit/schema';
import type { Plan } from '@/core/planning/report';
import { countWords, type PlainDate } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  TextField,
  dayField,
  useKeptForm,
  useWritten,
} from '@/features/kit/form';
import {
  askWhatFits,
  keep,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, Section, Slip, Strong } from '@/ui';
import { fitSumWords, fitWords, type GateId } from './words';

const GATES = ['sleep', 'live', 'done'] as const;

/** What it takes for a gate to be likely by a day somebody has in mind: ways that go together, with what they give up. */
export function Fits() {
  const plan = useAppSelector(selectPlan);
  const [fit, setFit] = useState<Fit | null>(null);
  const gates = plan ? GATES.filter((gate) => plan.gates[gate].date !== null) : [];
  const [first] = gates;
  if (!plan || !first) return null;
  return (
    <Section title="Before a day">
      <Wish gates={gates} first={gates.includes('live') ? 'live' : first} onAnswer={setFit} />
      {fit ? <Answer fit={fit} plan={plan} onTaken={() => setFit(null)} /> : null}
    </Section>
  );
}

function Wish({
  gates,
  first,
  onAnswer,
}: {
  gates: readonly GateId[];
  first: GateId;
  onAnswer: (fit: Fit | null) => void;
}) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const written = useWritten();
  const [working, setWorking] = useState(false);
  const of = useKeptForm({
    name: 'fit',
    schema: z.object({
      gate: z.enum(GATES),
      by: dayField(today, written, { needed: true }).transform((day) => day as PlainDate),
    }),
    initial: { gate: first, by: '' },
    next: (typed) => typed,
    onKeep: async (wish) => {
      setWorking(true);
      onAnswer(null);
      const answer = await dispatch(askWhatFits(wish, new AbortController().signal));
      setWorking(false);
      if (answer?.ok) onAnswer(answer.value);
      return answer?.ok
        ? true
        : { field: 'by', message: 'That could not be planned. Try it again.' };
    },
  });
  return (
    <FormCard
      of={of}
      title="What it takes for a gate to be likely by a day"
      plain
      action={working ? 'Planning sets of ways…' : 'What would it take?'}
    >
      <ChoiceField
        name="gate"
        label="What should be reached"
        tight
        options={gates.map((value) => ({ value, label: GATE_NAMES[value] }))}
      />
      <TextField name="by" label="By which day" placeholder="14 Jun" className="max-w-[240px]" />
      {working ? (
        <Note role="status">It plans the house dozens of times; that takes a while.</Note>
      ) : null}
    </FormCard>
  );
}

function Answer({ fit, plan, onTaken }: { fit: Fit; plan: Plan; onTaken: () => void }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const { currency } = useAppSelector(selectProject);
  const { ways } = fit;
  const take = async () => {
    const changes = ways.flatMap((way) => way.changes);
    if (await dispatch(keep(changes, `${countWords(ways.length, 'way')} taken.`))) onTaken();
  };
  // What was planned for another state of the house says nothing of this one.
  const isOld = plan.gates[fit.gate].date === null;
  if (isOld) return null;
  return (
    <View className="gap-2" role="region" aria-label="What it takes">
      <View role="status">
        <Strong>{fitWords(fit, today)}</Strong>
      </View>
      {ways.map((way) => (
        <Slip
          key={way.id}
          title={way.title}
          note={`Gives up: ${way.givesUp}`}
          figure={way.daysSooner > 0 ? countWords(way.daysSooner, 'day') : 'under a day'}
          figureNote="later without it"
        />
      ))}
      {ways.length > 0 ? (
        <>
          <Note>{fitSumWords(fit, currency)}</Note>
          <Button
            look="quiet"
            className="self-start"
            label={ways.length === 1 ? 'Do it' : 'Do all of it'}
            onPress={() => void take()}
          />
        </>
      ) : null}
    </View>
  );
}
