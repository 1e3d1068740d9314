import { View } from 'react-native';
import { ChoiceField, FormCard, TextField, type KeptForm } from '@/features/kit/form';
import { Note, Section } from '@/ui';
import type { StartTyped } from './form';

const Line = (line: {
  name: keyof StartTyped;
  label: string;
  hint?: string;
  placeholder?: string;
}) => <TextField className="min-w-[140px] flex-1" {...line} />;

const PAIR = 'flex-row flex-wrap gap-3';

/** What the plan must know of the house and of the hours there are. */
export function HouseStep({ of }: { of: KeptForm<StartTyped> }) {
  return (
    <FormCard plain of={of} title="The house and its hours" action="On to the rooms">
      <Line name="name" label="Name of the house" placeholder="Quince Lane" />
      <View className={PAIR}>
        <Line name="yearBuilt" label="Year built" placeholder="1928" />
        <Line name="firstDay" label="First day of work" hint="2026-03-14 or 14 Mar" />
        <Line name="wishedMoveIn" label="Wished move-in day" hint="may stay empty" />
      </View>
      <ChoiceField
        name="occupancy"
        label="During the work"
        options={[
          { value: 'empty', label: 'It stands empty' },
          { value: 'lived-in', label: 'We live in it' },
        ]}
      />
      <ChoiceField
        name="units"
        label="Show sizes in"
        hint="You may type either at any time."
        options={[
          { value: 'imperial', label: 'feet and inches' },
          { value: 'metric', label: 'metres' },
        ]}
      />
      <Section title="Your own hours">
        <View className={PAIR}>
          <Line name="weekday" label="Each weekday" hint="3h, 2h30, 0" />
          <Line name="saturday" label="Saturday" />
          <Line name="sunday" label="Sunday" />
        </View>
      </Section>
      <Section title="Somebody who helps">
        <View className={PAIR}>
          <Line name="helper" label="Helper’s name" hint="may stay empty" />
          <Line name="helperWeekend" label="Hours each weekend day" hint="2h" />
        </View>
        <Note>Board, tubs and beams want two people. More helpers and single days: Settings.</Note>
      </Section>
    </FormCard>
  );
}
