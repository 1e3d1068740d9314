import { useFieldArray, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { Button, Note, Section } from '@/ui';
import { emptyDiagonal, type FieldFault, type MeasureTyped } from './form';
import { TypedField } from './TypedField';

/** Lines from corner to corner, to settle which wall is wrong and how far the room is off square. */
export function Diagonals({
  control,
  faults,
}: {
  control: Control<MeasureTyped>;
  faults: readonly FieldFault[];
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'diagonals' });
  return (
    <Section title="Diagonals" sum="when in doubt">
      {fields.length === 0 ? (
        <Note>Corner 1 is where wall 1 begins. A diagonal tells which wall was misread.</Note>
      ) : null}
      {fields.map((field, at) => (
        <View key={field.id} className="flex-row flex-wrap items-end gap-2">
          {(['from', 'to'] as const).map((end) => (
            <TypedField
              key={end}
              className="w-[110px]"
              control={control}
              faults={faults}
              name={`diagonals.${at}.${end}`}
              label={end === 'from' ? 'From corner' : 'to corner'}
            />
          ))}
          <TypedField
            className="min-w-[110px] flex-1"
            control={control}
            faults={faults}
            name={`diagonals.${at}.length`}
            label={`Diagonal ${at + 1}`}
          />
          <Button
            look="quiet"
            label="Drop"
            hint={`Drop diagonal ${at + 1}`}
            onPress={() => remove(at)}
          />
        </View>
      ))}
      <Button
        className="self-start"
        label="Add a diagonal"
        onPress={() => append(emptyDiagonal())}
      />
    </Section>
  );
}
