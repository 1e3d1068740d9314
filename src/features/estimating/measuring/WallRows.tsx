import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { Button, Choice, Section } from '@/ui';
import { emptyWall, type FieldFault, type MeasureTyped, type Turn } from './form';
import { TypedField } from './TypedField';

const TURNS: readonly { value: Turn; label: string }[] = [
  { value: 'right', label: 'right' },
  { value: 'left', label: 'left' },
  { value: 'other', label: 'other' },
];

/** The walls in the order one walks them, clockwise: a length, and the way one turns at its end. */
export function WallRows({
  control,
  faults,
  onTurn,
}: {
  control: Control<MeasureTyped>;
  faults: readonly FieldFault[];
  onTurn: (wall: number, turn: Turn) => void;
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'walls' });
  const walls = useWatch({ control, name: 'walls' });
  return (
    <Section title="Walls" sum="clockwise, seen from inside">
      {fields.map((field, at) => (
        <View
          key={field.id}
          className="flex-row flex-wrap items-end gap-2 border-b border-line pb-2"
        >
          <TypedField
            className="min-w-[120px] flex-1"
            control={control}
            faults={faults}
            name={`walls.${at}.length`}
            label={`Wall ${at + 1}`}
            placeholder={'12\' 3 1/2"'}
          />
          <Choice
            tight
            label={`At the end of wall ${at + 1} turn`}
            value={walls[at]?.turn ?? 'right'}
            options={TURNS}
            onChange={(turn) => onTurn(at, turn)}
          />
          {walls[at]?.turn === 'other' ? (
            <TypedField
              className="w-[110px]"
              control={control}
              faults={faults}
              name={`walls.${at}.degrees`}
              label="Degrees right"
              placeholder="45"
            />
          ) : null}
          {fields.length > 3 ? (
            <Button
              look="quiet"
              label="Drop"
              hint={`Drop wall ${at + 1}`}
              onPress={() => remove(at)}
            />
          ) : null}
        </View>
      ))}
      <Button className="self-start" label="Add a wall" onPress={() => append(emptyWall())} />
    </Section>
  );
}
