import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import type { Opening } from '@/core/house';
import { Button, Section, Strong } from '@/ui';
import { emptyOpening, type FieldFault, type MeasureTyped } from './form';
import { TypedField } from './TypedField';

const NAMES: Record<Opening['kind'], string> = {
  door: 'Door',
  window: 'Window',
  opening: 'Open way',
};
const SIZES = [
  ['wall', 'On wall', '1'],
  ['offset', 'From left corner', '3\' 2"'],
  ['width', 'Width', '32"'],
  ['height', 'Height', '80"'],
  ['sill', 'Sill above floor', '36"'],
] as const;

/** Doors and windows: on which wall, how far from its left corner, how large, how high the sill. */
export function OpeningRows({
  control,
  faults,
}: {
  control: Control<MeasureTyped>;
  faults: readonly FieldFault[];
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'openings' });
  const openings = useWatch({ control, name: 'openings' });
  return (
    <Section title="Openings" sum={`${fields.length}`}>
      {fields.map((field, at) => (
        <View
          key={field.id}
          role="group"
          aria-label={`Opening ${at + 1}`}
          className="gap-2 border-b border-line pb-2"
        >
          <View className="flex-row items-center justify-between">
            <Strong>{`${at + 1}: ${NAMES[openings[at]?.kind ?? 'opening']}`}</Strong>
            <Button
              look="quiet"
              label="Drop"
              hint={`Drop opening ${at + 1}`}
              onPress={() => remove(at)}
            />
          </View>
          <View className="flex-row flex-wrap gap-2">
            {SIZES.filter(([name]) => name !== 'sill' || openings[at]?.kind !== 'door').map(
              ([name, label, placeholder]) => (
                <TypedField
                  key={name}
                  className={name === 'wall' ? 'w-[84px]' : 'min-w-[110px] flex-1'}
                  control={control}
                  faults={faults}
                  name={`openings.${at}.${name}`}
                  label={label}
                  placeholder={placeholder}
                />
              ),
            )}
          </View>
        </View>
      ))}
      <View className="flex-row flex-wrap gap-2">
        {(['door', 'window', 'opening'] as const).map((kind) => (
          <Button
            key={kind}
            label={`Add a ${NAMES[kind].toLowerCase()}`.replace('a open', 'an open')}
            onPress={() => append(emptyOpening(kind))}
          />
        ))}
      </View>
    </Section>
  );
}
