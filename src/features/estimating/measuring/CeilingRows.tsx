import { useController, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { Choice, Section } from '@/ui';
import type { FieldFault, MeasureTyped } from './form';
import { TypedField } from './TypedField';

/** Height, and what is over the room. */
export function CeilingRows({
  control,
  faults,
}: {
  control: Control<MeasureTyped>;
  faults: readonly FieldFault[];
}) {
  const { field: ceiling } = useController({ control, name: 'ceiling' });
  const { field: slope } = useController({ control, name: 'slope' });
  const isVault = ceiling.value === 'vaulted';
  const typed = { control, faults };
  return (
    <Section title="Height and ceiling">
      <TypedField
        {...typed}
        className="max-w-[220px]"
        name="height"
        label={isVault ? 'Height at the low side' : 'Height'}
        placeholder={'8\' 2"'}
      />
      <Choice
        label="Ceiling"
        value={ceiling.value}
        options={[
          { value: 'flat', label: 'flat' },
          { value: 'vaulted', label: 'vaulted' },
          { value: 'tray', label: 'tray' },
        ]}
        onChange={ceiling.onChange}
      />
      {isVault ? (
        <View className="gap-2">
          <Choice
            label="Slopes"
            value={slope.value}
            options={[
              { value: 'gable', label: 'two slopes to a ridge' },
              { value: 'shed', label: 'one slope' },
            ]}
            onChange={slope.onChange}
          />
          <TypedField
            {...typed}
            className="max-w-[220px]"
            name="high"
            label="Height at the high side"
          />
        </View>
      ) : null}
      {ceiling.value === 'tray' ? (
        <View className="flex-row flex-wrap gap-3">
          <TypedField
            {...typed}
            className="min-w-[120px] flex-1"
            name="rise"
            label="Tray goes up"
          />
          <TypedField
            {...typed}
            className="min-w-[120px] flex-1"
            name="inset"
            label="Set in from the walls"
          />
        </View>
      ) : null}
    </Section>
  );
}
