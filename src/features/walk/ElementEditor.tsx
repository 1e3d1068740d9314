import { useState } from 'react';
import { View } from 'react-native';
import {
  conditionSchema,
  decisionSchema,
  suspicionSchema,
  type Place,
  type Survey,
  type Suspicion,
} from '@/core/house';
import { waysFor } from '@/core/scope';
import { findWork } from '@/core/steps/works';
import { CONDITION_NAMES, DECISION_NAMES, SUSPICION_NAMES } from '@/features/survey';
import { selectToday, useAppSelector } from '@/store';
import { Button, Choice, Field, Strong, useKeeping } from '@/ui';
import { RiskForm } from './RiskForm';

type Option = Survey['options'][number];
const NOTHING = 'nothing';
const USUAL = 'usual';
const OPTIONS = decisionSchema.exclude(['undecided']).options;

/** Everything else there is to say of an element; kept at once or not at all. */
export function ElementEditor({
  place,
  survey,
  onSurvey,
  onDone,
}: {
  place: Place;
  survey: Survey;
  /** Answers whether it was kept; `onDone` follows unless something was typed meanwhile. */
  onSurvey: (survey: Survey) => Promise<boolean>;
  onDone: () => void;
}) {
  const today = useAppSelector(selectToday);
  const [next, setNext] = useState(survey);
  const [count, setCount] = useState(String(survey.count));
  const [quickSize, setQuickSize] = useState(survey.size ?? '');
  const [reason, setReason] = useState(survey.reason ?? '');
  const [what, setWhat] = useState(survey.salvage?.what ?? '');
  const [size, setSize] = useState(survey.salvage?.size ?? '');
  const [error, setError] = useState<string>();
  const change = (part: Partial<Survey>) => setNext((before) => ({ ...before, ...part }));
  const ways = waysFor(next.element, next.decision, place.kind);
  const optional = next.decision === 'keep';
  const goes = ['remove', 'replace', 'move'].includes(next.decision);
  const keeping = useKeeping({ next, count, quickSize, reason, what, size });
  const save = () => {
    const number = Number(count);
    if (!Number.isInteger(number) || number < 1 || number > 99) {
      setError('Say how many, from 1 to 99.');
      return;
    }
    const said: Survey = {
      ...next,
      on: today,
      count: number,
      reason: reason.trim() || null,
      size: quickSize.trim() || null,
      salvage: goes && what.trim() !== '' ? { what: what.trim(), size: size.trim() || null } : null,
      options: next.decision === 'undecided' ? next.options : [],
    };
    void keeping(() => onSurvey(said), onDone);
  };
  return (
    <View className="gap-3 border-t border-line pt-3">
      <Strong>What becomes of it</Strong>
      <Choice
        label="Decision"
        value={next.decision}
        options={decisionSchema.options.map((value) => ({ value, label: DECISION_NAMES[value] }))}
        onChange={(decision) => change({ decision, how: null })}
      />
      {ways.length > (optional ? 0 : 1) ? (
        <>
          <Strong>In which way</Strong>
          <Choice
            label="In which way"
            value={next.how ?? USUAL}
            options={[
              ...(optional ? [{ value: USUAL, label: 'as it is' }] : []),
              ...ways.map((id, at) => ({
                value: !optional && at === 0 ? USUAL : id,
                label: findWork(id)?.title ?? id,
              })),
            ]}
            onChange={(way) => change({ how: way === USUAL ? null : way })}
          />
        </>
      ) : null}
      {next.decision === 'undecided' ? (
        <Options next={next} onOptions={(options) => change({ options })} />
      ) : null}
      <Strong>Its condition</Strong>
      <Choice
        label="Condition"
        value={next.condition}
        options={conditionSchema.options.map((value) => ({ value, label: CONDITION_NAMES[value] }))}
        onChange={(condition) => change({ condition })}
      />
      <Strong>Does something frighten you</Strong>
      <Choice
        label="Suspicion"
        value={next.suspicion ?? NOTHING}
        options={[
          { value: NOTHING, label: 'nothing' },
          ...suspicionSchema.options.map((value) => ({
            value: value as string,
            label: SUSPICION_NAMES[value],
          })),
        ]}
        onChange={(value) =>
          change({ suspicion: value === NOTHING ? null : (value as Suspicion), risk: null })
        }
      />
      {next.suspicion ? (
        <RiskForm
          key={next.suspicion}
          suspicion={next.suspicion}
          risk={next.risk}
          onRisk={(risk) => change({ risk })}
        />
      ) : null}
      <View className="flex-row flex-wrap gap-3">
        <Field
          className="w-[96px]"
          label="How many"
          inputMode="numeric"
          value={count}
          error={error}
          onChangeText={setCount}
        />
        <Field
          className="min-w-[140px] flex-1"
          label="Quick size"
          placeholder={'32" x 48"'}
          value={quickSize}
          onChangeText={setQuickSize}
        />
        <Field
          className="min-w-[180px] flex-1"
          label="Why"
          placeholder="sill rotten"
          value={reason}
          onChangeText={setReason}
        />
      </View>
      {goes ? (
        <View className="flex-row flex-wrap gap-3">
          <Field
            className="min-w-[150px] flex-1"
            label="Keep to use again"
            placeholder="panel door"
            value={what}
            onChangeText={setWhat}
          />
          <Field
            className="min-w-[120px] flex-1"
            label="Its size"
            placeholder={'30" x 78"'}
            value={size}
            onChangeText={setSize}
          />
        </View>
      ) : null}
      <Button look="main" label="Note it" onPress={save} />
    </View>
  );
}

/** Decisions thought about while nothing is decided; what they would bring decides by when one has to choose. */
function Options({ next, onOptions }: { next: Survey; onOptions: (options: Option[]) => void }) {
  return (
    <>
      <Strong>You think of</Strong>
      <View className="flex-row flex-wrap gap-2" role="group" aria-label="Options thought of">
        {OPTIONS.map((option) => {
          const on = next.options.includes(option);
          return (
            <Button
              key={option}
              look={on ? 'main' : 'plain'}
              label={DECISION_NAMES[option]}
              hint={`${on ? 'No longer think of' : 'Think of'}: ${DECISION_NAMES[option]}`}
              onPress={() =>
                onOptions(
                  on ? next.options.filter((other) => other !== option) : [...next.options, option],
                )
              }
            />
          );
        })}
      </View>
    </>
  );
}
