import { useState } from 'react';
import { View } from 'react-native';
import type { DatedHours, Person, DateOrder } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { parseComingDay } from '@/core/evening/fields';
import { formatDate, formatMinutes, type PlainDate } from '@/core/units';
import { selectToday, selectWays, useAppSelector } from '@/store';
import { Button, Choice, Field, Tick, useKeeping } from '@/ui';
import { hoursField } from '@/features/hours';

type Errors = { from?: string; to?: string; hours?: string };

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
  const { dateOrder } = useAppSelector(selectWays);
  const [who, setWho] = useState<string>(people[0]?.id ?? '');
  const [text, setText] = useState({ from: '', to: '', hours: '', because: '' });
  const [everyYear, setEveryYear] = useState(false);
  const [errors, setErrors] = useState<Errors>({});
  const type = (field: keyof typeof text) => (value: string) => {
    setText((before) => ({ ...before, [field]: value }));
    setErrors({});
  };
  const person = people.find(({ id }) => id === who) ?? people[0];
  const keeping = useKeeping({ who, text, everyYear });
  const save = async () => {
    const read = readDays(text, today, dateOrder);
    if ('errors' in read) return setErrors(read.errors);
    if (!person) return;
    const dated = everyYear ? { ...read.dated, everyYear } : read.dated;
    const dates = [...(person.dates ?? []), dated];
    const change: EventBodyOf = {
      type: 'peopleAgreed',
      payload: {
        people: people.map((each) => (each.id === person.id ? { ...each, dates } : each)),
      },
    };
    await keeping(
      () => onDays(change, datedWords(dated, person.name, today)),
      () => {
        setText({ from: '', to: '', hours: '', because: '' });
        setEveryYear(false);
      },
    );
  };
  return (
    <View className="gap-3">
      <Choice
        label="Whose days"
        value={person?.id ?? null}
        options={people.map(({ id, name }) => ({ value: id as string, label: name }))}
        onChange={setWho}
      />
      <View className="flex-row flex-wrap gap-2">
        <Field
          className="min-w-[140px] flex-1"
          label="From"
          placeholder="4 Apr"
          value={text.from}
          error={errors.from}
          onChangeText={type('from')}
        />
        <Field
          className="min-w-[140px] flex-1"
          label="To"
          placeholder="same day"
          value={text.to}
          error={errors.to}
          onChangeText={type('to')}
        />
        <Field
          className="min-w-[140px] flex-1"
          label="Hours a day"
          placeholder="0 for away"
          value={text.hours}
          error={errors.hours}
          onChangeText={type('hours')}
        />
      </View>
      <Field
        label="Because"
        placeholder="holiday, a push, comes to help"
        value={text.because}
        onChangeText={type('because')}
      />
      <View className="flex-row">
        <Tick label="Every year" on={everyYear} onChange={setEveryYear} />
      </View>
      <Button className="self-start" label={label} onPress={() => void save()} />
    </View>
  );
}

function readDays(
  text: { from: string; to: string; hours: string; because: string },
  today: PlainDate,
  order: DateOrder,
): { errors: Errors } | { dated: DatedHours } {
  const from = parseComingDay(text.from, today, order);
  const to = text.to.trim() === '' ? from : parseComingDay(text.to, today, order);
  const hours = hoursField.safeParse(text.hours);
  const unread = (value: string) => `“${value}” is not a day. Write 4 Apr, Sat or 2026-04-04.`;
  const errors: Errors = {
    ...(from ? {} : { from: unread(text.from) }),
    ...(to || !from ? {} : { to: unread(text.to) }),
    ...(from && to && to < from ? { to: 'That is before the first day. Turn them round.' } : {}),
    ...(text.hours.trim() === ''
      ? { hours: 'Write the hours of each day, or 0 for away.' }
      : hours.success
        ? {}
        : { hours: hours.error.issues[0]?.message ?? 'These are not hours.' }),
  };
  if (Object.keys(errors).length > 0 || !from || !to || !hours.success) return { errors };
  return { dated: { from, to, minutes: hours.data, because: text.because.trim() } };
}
