import { z } from 'zod';
import { personIdSchema, type Place, type Person } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { parseDay } from '@/core/log/reader/fields';
import {
  minutes,
  plainDateSchema,
  type Currency,
  type PlainDate,
  type UnitSystem,
} from '@/core/units';
import { hoursField } from '@/features/kit/hours';

/** A typed day: with its year, or the nearest such day before or (`ahead`) after today. */
function readDayField(text: string, today: PlainDate, ahead = false): PlainDate | undefined {
  const iso = plainDateSchema.safeParse(text);
  if (iso.success) return iso.data;
  // Which of 3/7 is the day is agreed later, under Settings.
  if (/^\d{1,2}\/\d/.test(text)) return undefined;
  const near = parseDay(text, today);
  if (!near || !ahead || near > today) return near;
  const next = plainDateSchema.safeParse(`${Number(near.slice(0, 4)) + 1}${near.slice(4)}`);
  return next.success ? next.data : undefined;
}

/** The schema needs to know today, to understand "14 Mar". */
export const startFormSchema = (today: PlainDate) =>
  z
    .object({
      name: z.string().trim().min(1, 'Give the house a name.').max(80, 'Use at most 80 letters.'),
      yearBuilt: z.string().transform((text, context) => {
        const year = Number(text.trim());
        if (!Number.isInteger(year) || year < 1500 || year > Number(today.slice(0, 4)) + 1) {
          context.addIssue({
            code: 'custom',
            message:
              'Give the year it was built, such as 1928. It decides which old-house dangers apply.',
          });
          return z.NEVER;
        }
        return year;
      }),
      occupancy: z.enum(['lived-in', 'empty']),
      units: z.enum(['imperial', 'metric']),
      firstDay: dayField(today, 'Give the first day as 2026-03-14 or 14 Mar.'),
      wishedMoveIn: z.string().transform((text, context): PlainDate | null => {
        if (text.trim() === '') return null;
        const date = readDayField(text.trim(), today, true);
        if (date) return date;
        context.addIssue({
          code: 'custom',
          message: 'Give the day as 2026-08-31, or leave it empty.',
        });
        return z.NEVER;
      }),
      weekday: hoursField,
      saturday: hoursField,
      sunday: hoursField,
      helper: z.string().trim().max(60),
      helperWeekend: hoursField,
    })
    .check((context) => {
      const { firstDay, wishedMoveIn, weekday, saturday, sunday } = context.value;
      if (wishedMoveIn !== null && wishedMoveIn <= firstDay) {
        context.issues.push({
          code: 'custom',
          path: ['wishedMoveIn'],
          message: 'The wish has to be after the first day.',
          input: wishedMoveIn,
        });
      }
      if (weekday + saturday + sunday === 0) {
        context.issues.push({
          code: 'custom',
          path: ['weekday'],
          message:
            'Without an hour a week nothing can be planned. Give at least one day some time.',
          input: weekday,
        });
      }
    });

function dayField(today: PlainDate, message: string) {
  return z.string().transform((text, context): PlainDate => {
    const date = readDayField(text.trim(), today);
    if (date) return date;
    context.addIssue({ code: 'custom', message });
    return z.NEVER;
  });
}

export type StartTyped = z.input<ReturnType<typeof startFormSchema>>;
export type StartRead = z.output<ReturnType<typeof startFormSchema>>;

export const emptyStart = (today: PlainDate): StartTyped => ({
  name: '',
  yearBuilt: '',
  occupancy: 'empty',
  units: 'imperial',
  firstDay: today,
  wishedMoveIn: '',
  weekday: '3h',
  saturday: '7h',
  sunday: '4h',
  helper: '',
  helperWeekend: '',
});

function peopleOf(read: StartRead): Person[] {
  const five = [0, 1, 2, 3, 4].map(() => read.weekday);
  const me: Person = {
    id: personIdSchema.parse('me'),
    name: 'Me',
    role: 'self',
    week: [...five, read.saturday, read.sunday],
  };
  if (read.helper === '') return [me];
  const off = five.map(() => minutes(0));
  const helper: Person = {
    id: personIdSchema.parse('helper-1'),
    name: read.helper,
    role: 'helper',
    week: [...off, read.helperWeekend, read.helperWeekend],
  };
  return [me, helper];
}

const CURRENCY: Record<UnitSystem, Currency> = { imperial: 'USD', metric: 'EUR' };

/** The first events of a house. */
export const startEvents = (read: StartRead, places: readonly Place[]): EventBodyOf[] => [
  {
    type: 'houseStarted',
    payload: {
      house: {
        name: read.name,
        yearBuilt: read.yearBuilt,
        occupancy: read.occupancy,
        firstDay: read.firstDay,
        wishedMoveIn: read.wishedMoveIn,
      },
      units: read.units,
      currency: CURRENCY[read.units],
      people: peopleOf(read),
    },
  },
  ...places.map((payload): EventBodyOf => ({ type: 'placeAdded', payload })),
];
