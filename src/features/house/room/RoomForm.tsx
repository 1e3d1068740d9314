import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { placeKindSchema, type PlaceKind } from '@/core/house';
import type { UnitSystem } from '@/core/units';
import { ChoiceField, FormCard, TextField, useKeptForm } from '@/features/kit/form';
import { Note } from '@/ui';
import { roomFormSchema, understood, type RoomRead, type RoomTyped } from './form';
import { FLOOR_NAMES, KIND_NAMES } from './words';

const SIZES = [
  { name: 'length', label: 'Length' },
  { name: 'width', label: 'Width' },
  { name: 'height', label: 'Height' },
] as const;

const KINDS = placeKindSchema.options.map((value) => ({ value, label: KIND_NAMES[value] }));
const OWN_NAMES = Object.values(KIND_NAMES);

const emptyRoom = (units: UnitSystem): RoomTyped => ({
  kind: 'bedroom',
  name: '',
  floor: '0',
  length: '',
  width: '',
  height: units === 'imperial' ? '8\' 0"' : '2.44 m',
});

/** What a room is, its name and its sizes, typed in any usual writing. Cleared only once it was kept. */
export function RoomForm({
  units,
  room,
  action,
  sized = true,
  draftOf,
  onRoom,
  onDone,
}: {
  units: UnitSystem;
  /** The room that is put right; a new one when left out. */
  room?: { id: string; typed: RoomTyped };
  action: string;
  /** False for a room measured wall by wall: its sizes are changed there. */
  sized?: boolean;
  /** Whose draft it is, while there is no house yet. */
  draftOf?: 'device';
  onRoom: (room: RoomRead) => Promise<boolean> | boolean;
  onDone?: () => void;
}) {
  const of = useKeptForm({
    name: `room/${room?.id ?? 'new'}`,
    schema: roomFormSchema,
    initial: room?.typed ?? emptyRoom(units),
    draftOf,
    onDone,
    // The next room is often of the same kind.
    next: ({ kind }) => room?.typed ?? { ...emptyRoom(units), kind },
    onKeep: onRoom,
  });
  const { control, getValues, setValue } = of.form;
  const typed = useWatch({ control });
  const nameAfter = (kind: string) => {
    const name = getValues('name');
    if (name === '' || OWN_NAMES.includes(name)) setValue('name', KIND_NAMES[kind as PlaceKind]);
  };
  return (
    <FormCard plain of={of} title={room ? 'Put the place right' : 'A place'} action={action}>
      <ChoiceField name="kind" label="What is it" options={KINDS} onChosen={nameAfter} />
      <TextField name="name" label="Name" placeholder="Back bedroom" />
      {sized ? (
        <View className="flex-row flex-wrap gap-3">
          {SIZES.map(({ name, label }) => (
            <TextField
              key={name}
              name={name}
              className="min-w-[104px] flex-1"
              label={label}
              hint={understood(typed[name] ?? '', units)}
            />
          ))}
        </View>
      ) : null}
      {sized ? (
        <Note>{'Any usual writing: 12\' 3 1/2", 147.5", 12-3 1/2, 3.74 m, 374 cm.'}</Note>
      ) : (
        <Note>It was measured wall by wall: change its sizes with the tape.</Note>
      )}
      <ChoiceField name="floor" label="Which floor" options={FLOOR_NAMES} />
    </FormCard>
  );
}
