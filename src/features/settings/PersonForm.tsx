import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { SKILLS, type Person } from '@/core/house';
import { weekdayName } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  ManyField,
  TextField,
  useKeptForm,
  useWritten,
} from '@/features/kit/form';
import { keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Note } from '@/ui';
import { WEEK, personFormSchema, personFrom, typedPerson } from './person';

/** One person's name, hours of the week and kinds of work; of a crew its size and price. */
export function PersonForm({
  person,
  people,
  onDone,
}: {
  person: Person;
  people: readonly Person[];
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const { currency } = useAppSelector(selectProject);
  const isNew = people.every(({ id }) => id !== person.id);
  const isFirst = people[0]?.id === person.id;
  const of = useKeptForm({
    name: `person/${isNew ? `new/${person.role}` : person.id}`,
    schema: personFormSchema(useWritten()),
    initial: typedPerson(person, currency),
    onDone,
    onKeep: (read) => {
      const taken = people.some(
        ({ id, name }) => id !== person.id && name.toLowerCase() === read.name.toLowerCase(),
      );
      if (taken) {
        return {
          field: 'name' as const,
          message: `There is a ${read.name} already. Give another name, such as ${read.name} B.`,
        };
      }
      if (read.does === 'some' && read.skills.length === 0) {
        return { field: 'skills' as const, message: 'Name what they do, or choose anything.' };
      }
      const agreed = personFrom(read, person);
      const everybody = isNew
        ? [...people, agreed]
        : people.map((each) => (each.id === person.id ? { ...each, ...agreed } : each));
      return dispatch(
        keep(
          [{ type: 'peopleAgreed', payload: { people: everybody } }],
          `Hours of ${agreed.name} agreed.`,
        ),
      );
    },
  });
  const role = useWatch({ control: of.form.control, name: 'role' });
  const does = useWatch({ control: of.form.control, name: 'does' });
  return (
    <FormCard of={of} title={`Hours of ${person.name || 'somebody new'}`} action="Keep the hours">
      <TextField name="name" label="Name" />
      {isFirst ? null : (
        <ChoiceField
          name="role"
          label="They are"
          options={[
            { value: 'helper', label: 'a helper' },
            { value: 'self', label: 'an owner too' },
            { value: 'crew', label: 'a paid crew' },
          ]}
        />
      )}
      {role === 'crew' ? (
        <View className="flex-row flex-wrap gap-3">
          <TextField
            name="size"
            label="How many they are"
            className="min-w-[140px] flex-1"
            numeric
          />
          <TextField
            name="day"
            label="A day costs, all of them"
            className="min-w-[160px] flex-1"
            numeric
          />
        </View>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {WEEK.map((day) => (
          <TextField key={day} name={`week.${day}`} label={weekdayName(day)} className="w-[84px]" />
        ))}
      </View>
      <ChoiceField
        name="does"
        label="What they do"
        options={[
          { value: 'all', label: 'anything' },
          { value: 'some', label: 'some work only' },
        ]}
      />
      {does === 'some' ? (
        <ManyField
          name="skills"
          label="Their work"
          add="Name a kind"
          options={SKILLS.map(({ id, title }) => ({ value: id, label: title }))}
        />
      ) : null}
      <Note>
        Single days, such as two Saturdays in May, are kept below, under the days that differ.
      </Note>
    </FormCard>
  );
}
