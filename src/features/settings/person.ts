import { z } from 'zod';
import { personIdSchema, skillSchema, type Person } from '@/core/house';
import { cents, formatMinutes, minutes, plainMoney, type Currency } from '@/core/units';
import { countField, moneyField, wordsField, type Written } from '@/features/kit/form';
import { hoursField } from '@/features/kit/hours';

export const WEEK = [0, 1, 2, 3, 4, 5, 6] as const;
const MOST_IN_A_CREW = 12;

export const newPerson = (role: Person['role'], id: string): Person => ({
  id: personIdSchema.parse(id),
  name: '',
  role,
  week: WEEK.map(() => minutes(0)),
  ...(role === 'crew' ? { crew: { size: 2, dayCents: cents(0) } } : {}),
});

export const personFormSchema = (written: Written) =>
  z.object({
    name: wordsField('Give everybody a name, so the log can tell them apart.', 60),
    role: z.enum(['self', 'helper', 'crew']),
    week: z.array(hoursField),
    does: z.enum(['all', 'some']),
    skills: z.array(skillSchema),
    size: countField(1, MOST_IN_A_CREW, false),
    day: moneyField(written, cents(0)),
  });
type Schema = ReturnType<typeof personFormSchema>;
export type PersonTyped = z.input<Schema>;

export const typedPerson = (person: Person, currency: Currency): PersonTyped => ({
  name: person.name,
  role: person.role,
  week: person.week.map((day) => (day === 0 ? '0' : formatMinutes(day))),
  does: person.skills ? 'some' : 'all',
  skills: [...(person.skills ?? [])],
  size: String(person.crew?.size ?? 2),
  day: person.crew ? plainMoney(person.crew.dayCents, currency, true) : '',
});

/** The person as typed; days that differ from the week are kept apart and stay. */
export function personFrom(read: z.output<Schema>, before: Person): Person {
  const { skills: _skills, crew: _crew, ...rest } = before;
  return {
    ...rest,
    name: read.name,
    role: read.role,
    week: read.week,
    ...(read.does === 'some' ? { skills: read.skills } : {}),
    ...(read.role === 'crew'
      ? { crew: { size: read.size ?? 1, dayCents: read.day ?? cents(0) } }
      : {}),
  };
}
