import { View } from 'react-native';
import { z } from 'zod';
import { houseSchema, type House } from '@/core/house';
import { plainDateSchema } from '@/core/units';
import { ChoiceField, FormCard, TextField, useKeptForm } from '@/features/kit/form';
import { keep, useAppDispatch } from '@/store';
import { Section } from '@/ui';

const dayOr = (message: string) =>
  z
    .string()
    .trim()
    .refine((text) => plainDateSchema.safeParse(text).success, { message });

const houseFormSchema = z.object({
  name: z.string().trim().min(1, 'Give the house a name.').max(80, 'Use at most 80 letters.'),
  yearBuilt: z
    .string()
    .refine((text) => houseSchema.shape.yearBuilt.safeParse(Number(text)).success, {
      message: 'Give the year it was built, such as 1928.',
    }),
  firstDay: dayOr('Give the first day as 2026-01-10.'),
  wishedMoveIn: z.union([
    z.literal(''),
    dayOr('Give the wished day as 2026-08-31, or leave it empty.'),
  ]),
  occupancy: houseSchema.shape.occupancy,
});

/** The facts the house was started with, put right. */
export function HouseForm({ house }: { house: House }) {
  const dispatch = useAppDispatch();
  const of = useKeptForm({
    name: 'house',
    schema: houseFormSchema,
    follows: true,
    initial: {
      name: house.name,
      yearBuilt: String(house.yearBuilt),
      firstDay: house.firstDay as string,
      wishedMoveIn: (house.wishedMoveIn ?? '') as string,
      occupancy: house.occupancy,
    },
    onKeep: (read) => {
      const wish = read.wishedMoveIn === '' ? null : read.wishedMoveIn;
      if (wish !== null && wish <= read.firstDay) {
        return {
          field: 'wishedMoveIn' as const,
          message: 'The wished day has to be after the first day.',
        };
      }
      const payload = houseSchema.parse({
        ...read,
        yearBuilt: Number(read.yearBuilt),
        wishedMoveIn: wish,
      });
      return dispatch(keep([{ type: 'houseCorrected', payload }], 'Put the house right.'));
    },
  });
  return (
    <Section title="The house">
      <FormCard of={of} title="The house" action="Keep the house facts" plain>
        <TextField name="name" label="Name of the house" />
        <View className="flex-row flex-wrap gap-3">
          <TextField name="yearBuilt" label="Year built" className="min-w-[130px] flex-1" numeric />
          <TextField name="firstDay" label="First day of work" className="min-w-[130px] flex-1" />
          <TextField
            name="wishedMoveIn"
            label="Wished move-in day"
            className="min-w-[130px] flex-1"
          />
        </View>
        <ChoiceField
          name="occupancy"
          label="During the work"
          options={[
            { value: 'empty', label: 'It stands empty' },
            { value: 'lived-in', label: 'We live in it' },
          ]}
        />
      </FormCard>
    </Section>
  );
}
