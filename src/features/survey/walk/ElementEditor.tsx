import { useController, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import {
  conditionSchema,
  decisionSchema,
  suspicionSchema,
  surveyIdOf,
  type Place,
  type Survey,
} from '@/core/house';
import { waysFor } from '@/core/survey/scope';
import { findWork } from '@/core/trade/steps/works';
import { ChoiceField, FormCard, TextField, useKeptForm, useWritten } from '@/features/kit/form';
import {
  CONDITION_NAMES,
  DECISION_NAMES,
  ELEMENT_NAMES,
  SUSPICION_NAMES,
} from '@/features/survey/names';
import { selectProject, selectToday, useAppSelector } from '@/store';
import { Button, Note, Strong } from '@/ui';
import {
  NOTHING,
  USUAL,
  elementFormSchema,
  goes,
  startingTyped,
  surveyFrom,
  typedElement,
  type ElementTyped,
} from './element-form';

type Option = Survey['options'][number];
const OPTIONS = decisionSchema.exclude(['undecided']).options;
const PAIR = 'flex-row flex-wrap gap-3';
const HALF = 'min-w-[112px] flex-1';

/** Everything else there is to say of an element; kept at once or not at all. */
export function ElementEditor({
  place,
  survey,
  onSurvey,
  onDone,
}: {
  place: Place;
  survey: Survey;
  /** Answers whether it was kept. */
  onSurvey: (survey: Survey) => Promise<boolean>;
  onDone: () => void;
}) {
  const today = useAppSelector(selectToday);
  const { currency } = useAppSelector(selectProject);
  const of = useKeptForm({
    name: `element/${surveyIdOf(survey)}`,
    schema: elementFormSchema(useWritten()),
    initial: typedElement(survey, currency),
    // A decision tapped above it shows here too.
    follows: true,
    onDone,
    onKeep: (read) => onSurvey(surveyFrom(read, survey, today)),
  });
  const { control, setValue } = of.form;
  const [decision, suspicion] = useWatch({ control, name: ['decision', 'suspicion'] });
  const ways = waysFor(survey.element, decision, place.kind);
  const isOptional = decision === 'keep';
  return (
    <FormCard
      of={of}
      title={`${ELEMENT_NAMES[survey.element]}: all there is to say`}
      action="Note it"
    >
      <ChoiceField
        name="decision"
        label="Decision"
        options={decisionSchema.options.map((value) => ({ value, label: DECISION_NAMES[value] }))}
        onChosen={() => setValue('how', USUAL)}
      />
      {ways.length > (isOptional ? 0 : 1) ? (
        <ChoiceField
          name="how"
          label="In which way"
          options={[
            ...(isOptional ? [{ value: USUAL, label: 'as it is' }] : []),
            ...ways.map((id, at) => ({
              value: !isOptional && at === 0 ? USUAL : id,
              label: findWork(id)?.title ?? id,
            })),
          ]}
        />
      ) : null}
      {decision === 'undecided' ? <Options /> : null}
      <ChoiceField
        name="condition"
        label="Condition"
        options={conditionSchema.options.map((value) => ({ value, label: CONDITION_NAMES[value] }))}
      />
      <ChoiceField
        name="suspicion"
        label="Suspicion"
        hint="Does something frighten you?"
        options={[
          { value: NOTHING, label: 'nothing' },
          ...suspicionSchema.options.map((value) => ({ value, label: SUSPICION_NAMES[value] })),
        ]}
        onChosen={(value) => setValue('risk', startingTyped(value, currency))}
      />
      {suspicion === NOTHING ? null : <RiskFields />}
      <View className="flex-row flex-wrap gap-3">
        <TextField name="count" className="w-[96px]" label="How many" numeric />
        <TextField
          name="size"
          className="min-w-[140px] flex-1"
          label="Quick size"
          placeholder={'32" x 48"'}
        />
        <TextField
          name="reason"
          className="min-w-[180px] flex-1"
          label="Why"
          placeholder="sill rotten"
        />
      </View>
      {goes(decision) ? (
        <View className="flex-row flex-wrap gap-3">
          <TextField
            name="again"
            className="min-w-[150px] flex-1"
            label="Keep to use again"
            placeholder="panel door"
          />
          <TextField
            name="againSize"
            className="min-w-[120px] flex-1"
            label="Its size"
            placeholder={'30" x 78"'}
          />
        </View>
      ) : null}
    </FormCard>
  );
}

/** Chance, hours and money of a suspicion: starting values of its kind, changed where one knows better. */
function RiskFields() {
  return (
    <View className="gap-2">
      <View className={PAIR}>
        <TextField name="risk.chance" className="w-full" label="Chance, %" numeric />
        <TextField name="risk.low" className={HALF} label="Hours from" />
        <TextField name="risk.high" className={HALF} label="Hours to" />
      </View>
      <View className={PAIR}>
        <TextField name="risk.cheap" className={HALF} label="Money from" />
        <TextField name="risk.dear" className={HALF} label="Money to" />
      </View>
      <Note>
        Starting guesses for its kind. The middle of the range times the chance weighs on the
        forecast.
      </Note>
    </View>
  );
}

/** Decisions thought about while nothing is decided; what they would bring decides by when one has to choose. */
function Options() {
  const { field } = useController<ElementTyped, 'options'>({ name: 'options' });
  const toggle = (option: Option) =>
    field.onChange(
      field.value.includes(option)
        ? field.value.filter((other) => other !== option)
        : [...field.value, option],
    );
  return (
    <>
      <Strong>You think of</Strong>
      <View className="flex-row flex-wrap gap-2" role="group" aria-label="Options thought of">
        {OPTIONS.map((option) => {
          const on = field.value.includes(option);
          return (
            <Button
              key={option}
              look={on ? 'main' : 'plain'}
              label={DECISION_NAMES[option]}
              hint={`${on ? 'No longer think of' : 'Think of'}: ${DECISION_NAMES[option]}`}
              onPress={() => toggle(option)}
            />
          );
        })}
      </View>
    </>
  );
}
