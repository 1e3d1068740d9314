import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { placeKindSchema, type PlaceKind } from '@/core/house';
import type { UnitSystem } from '@/core/units';
import { Button, Choice, Field, Note, Strong } from '@/ui';
import { roomFormSchema, understood, type RoomRead, type RoomTyped } from './form';
import { FLOOR_NAMES, KIND_NAMES } from './words';

const SIZES = [
  { field: 'length', label: 'Length' },
  { field: 'width', label: 'Width' },
  { field: 'height', label: 'Height' },
] as const;

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
  initial,
  action,
  sized = true,
  onRoom,
}: {
  units: UnitSystem;
  initial?: RoomTyped;
  action: string;
  /** False for a room measured wall by wall: its sizes are changed there. */
  sized?: boolean;
  onRoom: (room: RoomRead) => Promise<boolean> | boolean;
}) {
  const { control, handleSubmit, reset, setValue, getValues } = useForm<
    RoomTyped,
    unknown,
    RoomRead
  >({
    defaultValues: initial ?? emptyRoom(units),
    resolver: zodResolver(roomFormSchema),
  });
  const submit = handleSubmit(async (room) => {
    const typed = JSON.stringify(getValues());
    const kept = await onRoom(room);
    const unchanged = JSON.stringify(getValues()) === typed;
    if (kept && unchanged && !initial) reset({ ...emptyRoom(units), kind: room.kind });
  });
  const chooseKind = (kind: PlaceKind) => {
    const named = getValues('name');
    const wasDefault = named === '' || Object.values(KIND_NAMES).includes(named);
    setValue('kind', kind);
    if (wasDefault) setValue('name', KIND_NAMES[kind]);
  };
  return (
    <View className="gap-4">
      <View className="gap-2">
        <Strong>What is it</Strong>
        <Controller
          control={control}
          name="kind"
          render={({ field }) => (
            <Choice
              label="What is it"
              value={field.value}
              options={placeKindSchema.options.map((value) => ({
                value,
                label: KIND_NAMES[value],
              }))}
              onChange={chooseKind}
            />
          )}
        />
      </View>
      <Controller
        control={control}
        name="name"
        render={({ field, fieldState }) => (
          <Field
            label="Name"
            placeholder="Back bedroom"
            value={field.value}
            onChangeText={field.onChange}
            error={fieldState.error?.message}
          />
        )}
      />
      {sized ? (
        <View className="flex-row flex-wrap gap-3">
          {SIZES.map(({ field: name, label }) => (
            <Controller
              key={name}
              control={control}
              name={name}
              render={({ field, fieldState }) => (
                <Field
                  className="min-w-[104px] flex-1"
                  label={label}
                  value={field.value}
                  onChangeText={field.onChange}
                  onSubmitEditing={() => void submit()}
                  hint={understood(field.value, units)}
                  error={fieldState.error?.message}
                />
              )}
            />
          ))}
        </View>
      ) : null}
      {sized ? (
        <Note>{'Any usual writing: 12\' 3 1/2", 147.5", 12-3 1/2, 3.74 m, 374 cm.'}</Note>
      ) : (
        <Note>It was measured wall by wall: change its sizes with the tape.</Note>
      )}
      <View className="gap-2">
        <Strong>Which floor</Strong>
        <Controller
          control={control}
          name="floor"
          render={({ field }) => (
            <Choice
              label="Which floor"
              value={field.value}
              options={FLOOR_NAMES}
              onChange={field.onChange}
            />
          )}
        />
      </View>
      <Button look="main" label={action} onPress={() => void submit()} />
    </View>
  );
}
