import { View } from 'react-native';
import { z } from 'zod';
import { outsideRestSchema, type OutsideRest, type Person } from '@/core/house';
import { DatedDaysForm, datedWords } from '@/features/kit/dated';
import { FormCard, TextField, useKeptForm } from '@/features/kit/form';
import { keep, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Button, Note, Section } from '@/ui';

/** Days that differ from the week, and the part of the year in which nothing is done outside. */
export function CalendarForm({
  people,
  rest,
}: {
  people: readonly Person[];
  rest: OutsideRest | null;
}) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const dropDay = (person: Person, at: number) =>
    void dispatch(
      keep(
        [
          {
            type: 'peopleAgreed',
            payload: {
              people: people.map((each) =>
                each.id === person.id
                  ? { ...each, dates: each.dates?.filter((_, index) => index !== at) }
                  : each,
              ),
            },
          },
        ],
        'Those days follow the week again.',
      ),
    );
  return (
    <>
      <Section title="Days that differ from your week">
        <Note>Days away, a push of long days, the dates a helper promised. The plan follows.</Note>
        {people.flatMap((person) =>
          (person.dates ?? []).map((dated, at) => {
            const words = datedWords(dated, person.name, today);
            return (
              <View key={`${person.id} ${at}`} className="flex-row flex-wrap items-center gap-3">
                <Note className="flex-1 text-ink">{words}</Note>
                <Button
                  look="quiet"
                  label="Drop it"
                  hint={`Drop: ${words}`}
                  onPress={() => dropDay(person, at)}
                />
              </View>
            );
          }),
        )}
        <DatedDaysForm
          people={people}
          label="Keep these days"
          onDays={(change, title) => dispatch(keep([change], `${title}.`))}
        />
      </Section>
      <RestForm rest={rest} />
    </>
  );
}

const endField = (message: string) =>
  z
    .string()
    .trim()
    .refine((text) => outsideRestSchema.shape.from.safeParse(text).success, { message });

function RestForm({ rest }: { rest: OutsideRest | null }) {
  const dispatch = useAppDispatch();
  const save = (next: OutsideRest | null) =>
    dispatch(
      keep(
        [{ type: 'outsideRestAgreed', payload: { rest: next } }],
        next ? `Outside rests from ${next.from} to ${next.to}.` : 'Outside work all year.',
      ),
    );
  const of = useKeptForm({
    name: 'outside-rest',
    schema: z.object({
      from: endField('Write month and day of both ends, such as 12-01 and 03-15.'),
      to: endField('Its last day too, such as 03-15.'),
    }),
    initial: { from: rest?.from ?? '', to: rest?.to ?? '' },
    follows: true,
    onKeep: save,
  });
  return (
    <Section title="When outside rests">
      <Note>Frost, storms or the rains: every year, from month and day to month and day.</Note>
      <FormCard of={of} title="When outside rests" action="Keep the rest" plain>
        <View className="flex-row flex-wrap gap-2">
          <TextField
            name="from"
            label="Rests from"
            placeholder="12-01"
            className="min-w-[140px] flex-1"
          />
          <TextField
            name="to"
            label="Rests to"
            placeholder="03-15"
            className="min-w-[140px] flex-1"
          />
        </View>
      </FormCard>
      {rest ? (
        <Button
          look="quiet"
          className="self-start"
          label="Outside all year"
          onPress={() => void save(null)}
        />
      ) : null}
    </Section>
  );
}
