import { View } from 'react-native';
import { z } from 'zod';
import type { DatedHours, Person } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { formatDate, formatMinutes, minutes, type PlainDate } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  TextField,
  TickField,
  dayField,
  useKeptForm,
  useWritten,
  type Written,
} from '@/features/kit/form';
import { hoursField } from '@/features/kit/hours';
import { selectToday, useAppSelector } from '@/store';

/** `Ana: Sat 4 Apr to Sun 5 Apr, 8h a day (helps with the board)`. */
export const datedWords = (
  { from, to, minutes, because, everyYear }: DatedHours,
  name: string,
  today: PlainDate,
): string => {
  const days =
    from === to
      ? formatDate(from, today)
      : `${formatDate(from, today)} to ${formatDate(to, today)}`;
  const hours = minutes === 0 ? 'away' : `${formatMinutes(minutes)} a day`;
  const again = everyYear ? ', every year' : '';
  return `${name}: ${days}${again}, ${hours}${because === '' ? '' : ` (${because})`}`;
};

const datedSchema = (today: PlainDate, written: Written) =>
  z.object({
    who: z.string(),
    from: dayField(today, written, { needed: true }),
    to: dayField(today, written),
    hours: z.string().trim().min(1, 'Write the hours of each day, or 0 for away.').pipe(hoursField),
    because: z.string().trim().max(300, 'Use at most 300 letters.'),
    everyYear: z.boolean(),
  });

/** Some days on which somebody gives other hours than the week says: away, a push, the dates a helper promised. */
export function DatedDaysForm({
  people,
  label,
  onDays,
}: {
  people: readonly Person[];
  label: string;
  /** Answers whether it was taken; the fields empty then. */
  onDays: (change: EventBodyOf, title: string) => Promise<boolean>;
}) {
  const today = useAppSelector(selectToday);
  const of = useKeptForm({
    name: `dated/${label}`,
    schema: datedSchema(today, useWritten()),
    initial: {
      who: (people[0]?.id ?? '') as string,
      from: '',
      to: '',
      hours: '',
      because: '',
      everyYear: false,
    },
    onKeep: (read) => {
      const person = people.find(({ id }) => id === read.who) ?? people[0];
      if (!person || read.from === null) return false;
      const to = read.to ?? read.from;
      if (to < read.from) {
        return { field: 'to' as const, message: 'That is before the first day. Turn them round.' };
      }
      const dated: DatedHours = {
        from: read.from,
        to,
        minutes: minutes(read.hours),
        because: read.because,
        ...(read.everyYear ? { everyYear: true } : {}),
      };
      const dates = [...(person.dates ?? []), dated];
      return onDays(
        {
          type: 'peopleAgreed',
          payload: {
            people: people.map((each) => (each.id === person.id ? { ...each, dates } : each)),
          },
        },
        datedWords(dated, person.name, today),
      );
    },
  });
  return (
    <FormCard of={of} title={label} action={label} plain>
      <ChoiceField
        name="who"
        label="Whose days"
        options={people.map(({ id, name }) => ({ value: id as string, label: name }))}
      />
      <View className="flex-row flex-wrap gap-2">
        <TextField name="from" label="From" placeholder="4 Apr" className="min-w-[140px] flex-1" />
        <TextField name="to" label="To" placeholder="same day" className="min-w-[140px] flex-1" />
        <TextField
          name="hours"
          label="Hours a day"
          placeholder="0 for away"
          className="min-w-[140px] flex-1"
        />
      </View>
      <TextField name="because" label="Because" placeholder="holiday, a push, comes to help" />
      <TickField name="everyYear" label="Every year" />
    </FormCard>
  );
}
