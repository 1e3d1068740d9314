import { z } from 'zod';
import { centsSchema, minutesSchema, plainDateSchema, type PlainDate } from '../units';
import { jobIdSchema } from './entries';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

/** A job given to a hired trade, at a price that brings its materials. */
export const hireSchema = z.object({
  jobId: jobIdSchema,
  trade: noteSchema,
  workdays: z.int().min(1).max(120),
  cents: centsSchema.min(0),
  /** The day it was agreed with them; without it the price is a guess. */
  agreedOn: plainDateSchema.optional(),
});
export type Hire = z.infer<typeof hireSchema>;

/** How the work goes through the house: each trade through all rooms, each room to its end, or what a first night needs before all else. */
export const pathSchema = z.enum(['trades', 'rooms', 'core']);
export type Path = z.infer<typeof pathSchema>;

/** Where good builders disagree: the questions whose answer changes the order, and what may be answered. */
export const PRACTICE_OPTIONS = {
  shell: ['dry-in-first', 'inside-first'],
  floors: ['cabinets-first', 'floor-first'],
  trim: ['prefinish', 'in-place'],
  paint: ['paint-then-floors', 'last-coat-after-floors'],
  shelves: ['bench', 'in-place'],
} as const;
export type PracticeId = keyof typeof PRACTICE_OPTIONS;
export type PracticeOption = (typeof PRACTICE_OPTIONS)[PracticeId][number];

const answerTo = <S extends PracticeId>(school: S) =>
  z.object({ school: z.literal(school), option: z.enum(PRACTICE_OPTIONS[school]) });
export const practiceChoiceSchema = z.discriminatedUnion('school', [
  answerTo('shell'),
  answerTo('floors'),
  answerTo('trim'),
  answerTo('paint'),
  answerTo('shelves'),
]);
/** The answers given so far; a school not in it follows its default. */
export const schoolsSchema = z.partialRecord(
  z.enum(['shell', 'floors', 'trim', 'paint', 'shelves']),
  z.string(),
);

const yearDaySchema = z.string().regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/);

/** The part of every year in which nothing is done outside: frost, storms, the rains. Month and day, both ends count. */
export const outsideRestSchema = z.object({ from: yearDaySchema, to: yearDaySchema });
export type OutsideRest = z.infer<typeof outsideRestSchema>;

/** Whether a day lies in the rest; it may run over the turn of the year. */
export function isAtRest(rest: OutsideRest | null, date: PlainDate): boolean {
  if (!rest) return false;
  const day = date.slice(5);
  return rest.from <= rest.to
    ? rest.from <= day && day <= rest.to
    : day >= rest.from || day <= rest.to;
}

/** A work put off until somebody lives there. */
export const deferralSchema = z.object({
  placeId: placeIdSchema,
  workId: keySchema(64),
  deferred: z.boolean(),
});
/** The key under which a work of a place is put off. */
export const deferralKey = (placeId: string, workId: string): string => `${placeId}/${workId}`;

/** What one option would have come to on the day it was weighed. */
const weighedSchema = z.object({
  title: noteSchema,
  cents: centsSchema,
  minutes: minutesSchema,
  livingOn: plainDateSchema.nullable(),
});

/** A decision with the options it was taken from and why, to be read years later. */
export const decisionRecordSchema = z.object({
  id: keySchema(80),
  on: plainDateSchema,
  question: noteSchema,
  options: z.array(weighedSchema).min(2).max(6),
  chosen: z.int().min(0).max(5),
  reasons: noteSchema.nullable(),
});
