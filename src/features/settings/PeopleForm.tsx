import { useState } from 'react';
import { View } from 'react-native';
import { SKILLS, type Person } from '@/core/house';
import { formatMinutes, formatMoney, minutes, weekdayName } from '@/core/units';
import { freshId, keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Note, Section, Slip } from '@/ui';
import { PersonForm } from './PersonForm';
import { newPerson } from './person';

/** Everybody who works on the house: their hours, what they do, and crews with their price. */
export function PeopleForm({ people }: { people: readonly Person[] }) {
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState<Person | null>(null);
  const close = () => setOpen(null);
  return (
    <Section title="Who works on it">
      <Note>The log knows them by these names; “me” is always the first of you.</Note>
      {people.map((person) =>
        open?.id === person.id ? (
          <PersonForm key={person.id} person={person} people={people} onDone={close} />
        ) : (
          <PersonSlip
            key={person.id}
            person={person}
            people={people}
            onChange={() => setOpen(person)}
          />
        ),
      )}
      {open && people.every(({ id }) => id !== open.id) ? (
        <PersonForm person={open} people={people} onDone={close} />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {(['helper', 'self', 'crew'] as const).map((role) => (
          <Button
            key={role}
            label={ADD[role]}
            onPress={() => setOpen(newPerson(role, dispatch(freshId())))}
          />
        ))}
      </View>
    </Section>
  );
}

const ADD = { helper: 'Add a helper', self: 'Add an owner', crew: 'Add a crew' } as const;
const ROLES = { helper: 'helper', self: 'owner', crew: 'crew' } as const;

function PersonSlip({
  person,
  people,
  onChange,
}: {
  person: Person;
  people: readonly Person[];
  onChange: () => void;
}) {
  const dispatch = useAppDispatch();
  const { currency } = useAppSelector(selectProject);
  const { id, name, role, week, skills, crew } = person;
  const hours = week.reduce((sum, day) => sum + day, 0);
  const days = week.flatMap((day, at) =>
    day > 0 ? [`${weekdayName(at)} ${formatMinutes(day)}`] : [],
  );
  const does = skills?.map((skill) => SKILLS.find((each) => each.id === skill)?.title ?? skill);
  const note = [
    ROLES[role],
    does ? `only ${does.join(', ').toLowerCase()}` : '',
    crew ? `${crew.size} people, ${formatMoney(crew.dayCents, currency)} a day` : '',
    days.join(', ') || 'no hours of the week',
  ]
    .filter(Boolean)
    .join(' · ');
  return (
    <Slip title={name} note={note} figure={`${formatMinutes(minutes(hours))} a week`}>
      <View className="flex-row flex-wrap gap-3">
        <Button look="quiet" label="Change" hint={`Change: ${name}`} onPress={onChange} />
        {people[0]?.id === id ? null : (
          <Button
            look="quiet"
            label="No longer helps"
            hint={`${name} no longer helps`}
            onPress={() =>
              void dispatch(
                keep(
                  [
                    {
                      type: 'peopleAgreed',
                      payload: { people: people.filter((each) => each.id !== id) },
                    },
                  ],
                  `${name} no longer helps.`,
                ),
              )
            }
          />
        )}
      </View>
    </Slip>
  );
}
