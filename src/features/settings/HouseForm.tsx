import { useState } from 'react';
import { View } from 'react-native';
import { houseSchema, type House } from '@/core/house';
import { keep, useAppDispatch } from '@/store';
import { Body, Button, Choice, Field, Section, useFollowing } from '@/ui';

const REASONS: Record<string, string> = {
  name: 'The house needs a name of at most 80 letters.',
  yearBuilt: 'Give the year it was built, such as 1928.',
  firstDay: 'Give the first day as 2026-01-10.',
  wishedMoveIn: 'Give the wished day as 2026-08-31, or leave it empty.',
};

/** The facts the house was started with, put right. */
export function HouseForm({ house }: { house: House }) {
  const dispatch = useAppDispatch();
  const [name, setName] = useFollowing(house.name);
  const [yearBuilt, setYearBuilt] = useFollowing(String(house.yearBuilt));
  const [firstDay, setFirstDay] = useFollowing<string>(house.firstDay);
  const [wish, setWish] = useFollowing<string>(house.wishedMoveIn ?? '');
  const [occupancy, setOccupancy] = useFollowing(house.occupancy);
  const [error, setError] = useState<string>();
  const save = () => {
    const read = houseSchema.safeParse({
      name,
      yearBuilt: Number(yearBuilt),
      firstDay: firstDay.trim(),
      wishedMoveIn: wish.trim() === '' ? null : wish.trim(),
      occupancy,
    });
    if (!read.success) {
      setError(REASONS[String(read.error.issues[0]?.path[0])] ?? 'Something here cannot be read.');
      return;
    }
    if (read.data.wishedMoveIn !== null && read.data.wishedMoveIn <= read.data.firstDay) {
      setError('The wished day has to be after the first day.');
      return;
    }
    setError(undefined);
    void dispatch(keep([{ type: 'houseCorrected', payload: read.data }], 'Put the house right.'));
  };
  return (
    <Section title="The house">
      <Field label="Name of the house" value={name} onChangeText={setName} />
      <View className="flex-row flex-wrap gap-3">
        <Field
          className="min-w-[130px] flex-1"
          label="Year built"
          value={yearBuilt}
          onChangeText={setYearBuilt}
        />
        <Field
          className="min-w-[130px] flex-1"
          label="First day of work"
          value={firstDay}
          onChangeText={setFirstDay}
        />
        <Field
          className="min-w-[130px] flex-1"
          label="Wished move-in day"
          value={wish}
          onChangeText={setWish}
        />
      </View>
      <Choice
        label="During the work"
        value={occupancy}
        options={[
          { value: 'empty', label: 'It stands empty' },
          { value: 'lived-in', label: 'We live in it' },
        ]}
        onChange={setOccupancy}
      />
      {error ? (
        <Body role="alert" className="text-brick">
          {error}
        </Body>
      ) : null}
      <View className="flex-row">
        <Button look="main" label="Keep the house facts" onPress={save} />
      </View>
    </Section>
  );
}
