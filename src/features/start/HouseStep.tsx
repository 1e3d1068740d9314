import { Controller, type UseFormReturn } from 'react-hook-form';
import { View } from 'react-native';
import { Button, Choice, Field, Note, Section, Strong } from '@/ui';
import type { StartRead, StartTyped } from './form';

type Form = UseFormReturn<StartTyped, unknown, StartRead>;
type TextName = Exclude<keyof StartTyped, 'occupancy' | 'units'>;

function Line({
  form,
  name,
  label,
  hint,
  placeholder,
}: {
  form: Form;
  name: TextName;
  label: string;
  hint?: string;
  placeholder?: string;
}) {
  return (
    <Controller
      control={form.control}
      name={name}
      render={({ field, fieldState }) => (
        <Field
          className="min-w-[140px] flex-1"
          label={label}
          hint={hint}
          placeholder={placeholder}
          value={field.value}
          onChangeText={field.onChange}
          error={fieldState.error?.message}
        />
      )}
    />
  );
}

const PAIR = 'flex-row flex-wrap gap-3';

/** What the plan must know of the house and of the hours there are. */
export function HouseStep({ form, onRead }: { form: Form; onRead: (read: StartRead) => void }) {
  const submit = form.handleSubmit(onRead);
  return (
    <View className="gap-5">
      <Line form={form} name="name" label="Name of the house" placeholder="Quince Lane" />
      <View className={PAIR}>
        <Line form={form} name="yearBuilt" label="Year built" placeholder="1928" />
        <Line form={form} name="firstDay" label="First day of work" hint="2026-03-14 or 14 Mar" />
        <Line form={form} name="wishedMoveIn" label="Wished move-in day" hint="may stay empty" />
      </View>
      <View className="gap-2">
        <Strong>During the work</Strong>
        <Controller
          control={form.control}
          name="occupancy"
          render={({ field }) => (
            <Choice
              label="During the work"
              value={field.value}
              options={[
                { value: 'empty', label: 'It stands empty' },
                { value: 'lived-in', label: 'We live in it' },
              ]}
              onChange={field.onChange}
            />
          )}
        />
      </View>
      <View className="gap-2">
        <Strong>Show sizes in</Strong>
        <Controller
          control={form.control}
          name="units"
          render={({ field }) => (
            <Choice
              label="Show sizes in"
              value={field.value}
              options={[
                { value: 'imperial', label: 'feet and inches' },
                { value: 'metric', label: 'metres' },
              ]}
              onChange={field.onChange}
            />
          )}
        />
        <Note>You may type either at any time.</Note>
      </View>
      <Section title="Your own hours">
        <View className={PAIR}>
          <Line form={form} name="weekday" label="Each weekday" hint="3h, 2h30, 0" />
          <Line form={form} name="saturday" label="Saturday" />
          <Line form={form} name="sunday" label="Sunday" />
        </View>
      </Section>
      <Section title="Somebody who helps">
        <View className={PAIR}>
          <Line form={form} name="helper" label="Helper’s name" hint="may stay empty" />
          <Line form={form} name="helperWeekend" label="Hours each weekend day" hint="2h" />
        </View>
        <Note>Board, tubs and beams want two people. More helpers and single days: Settings.</Note>
      </Section>
      <Button look="main" label="On to the rooms" onPress={() => void submit()} />
    </View>
  );
}
