import { useState } from 'react';
import { View } from 'react-native';
import { personIdSchema, type Person } from '@/core/house';
import { formatMinutes, minutes, weekdayName } from '@/core/units';
import { hoursField } from '@/features/hours';
import { freshId, keep, useAppDispatch } from '@/store';
import { Button, Field, Note, Section, useFollowing } from '@/ui';

type Typed = { person: Person; name: string; week: string[]; errors: (string | undefined)[] };

const typedFrom = (person: Person): Typed => ({
  person,
  name: person.name,
  week: person.week.map((day) => (day === 0 ? '0' : formatMinutes(day))),
  errors: [],
});

const WEEK = [0, 1, 2, 3, 4, 5, 6];

/** Everybody who works on the house, with their hours for each weekday. */
export function PeopleForm({ people }: { people: readonly Person[] }) {
  const dispatch = useAppDispatch();
  const [rows, setRows] = useFollowing(people.map(typedFrom));
  const [nameError, setNameError] = useState<string>();
  const change = (id: Person['id'], changed: Partial<Typed>) =>
    setRows(rows.map((row) => (row.person.id === id ? { ...row, ...changed } : row)));
  const add = () => {
    const person: Person = {
      id: personIdSchema.parse(dispatch(freshId())),
      name: '',
      role: 'helper',
      week: WEEK.map(() => minutes(0)),
    };
    setRows([...rows, typedFrom(person)]);
  };
  const save = () => {
    const read = rows.map((row) => ({
      row,
      days: row.week.map((text) => hoursField.safeParse(text)),
    }));
    setRows(
      read.map(({ row, days }) => ({
        ...row,
        errors: days.map((day) => (day.success ? undefined : day.error.issues[0]?.message)),
      })),
    );
    const nameless = rows.some((row) => row.name.trim() === '');
    setNameError(nameless ? 'Give everybody a name, so the log can tell them apart.' : undefined);
    if (nameless || read.some(({ days }) => days.some((day) => !day.success))) return;
    const agreed = read.map(({ row, days }) => ({
      // Days that differ are changed elsewhere, perhaps while this was typed.
      ...(people.find(({ id }) => id === row.person.id) ?? row.person),
      name: row.name.trim(),
      week: days.map((day) => (day.success ? day.data : minutes(0))),
    }));
    void dispatch(keep([{ type: 'peopleAgreed', payload: { people: agreed } }], 'Hours agreed.'));
  };
  return (
    <Section title="Hours a week">
      <Note>The log knows them by these names; “me” is always you.</Note>
      {rows.map(({ person, name, week, errors }) => (
        <View
          key={person.id}
          role="group"
          aria-label={`Hours of ${name || 'a new helper'}`}
          className="gap-2 rounded-board border border-line bg-paper p-3"
        >
          <Field
            label={person.role === 'self' ? 'You' : 'Helper'}
            value={name}
            error={name.trim() === '' ? nameError : undefined}
            onChangeText={(next) => change(person.id, { name: next })}
          />
          <View className="flex-row flex-wrap gap-2">
            {WEEK.map((day) => (
              <Field
                key={day}
                className="w-[84px]"
                label={weekdayName(day)}
                value={week[day] ?? ''}
                error={errors[day]}
                onChangeText={(next) =>
                  change(person.id, { week: week.map((text, at) => (at === day ? next : text)) })
                }
              />
            ))}
          </View>
          {person.role === 'helper' ? (
            <Button
              look="quiet"
              className="self-start"
              label="No longer helps"
              hint={`${name} no longer helps`}
              onPress={() => setRows(rows.filter((row) => row.person.id !== person.id))}
            />
          ) : null}
        </View>
      ))}
      <View className="flex-row flex-wrap gap-2">
        <Button look="main" label="Keep the hours" onPress={save} />
        <Button label="Add a helper" onPress={add} />
      </View>
    </Section>
  );
}
