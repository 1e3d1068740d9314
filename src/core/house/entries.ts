import { z } from 'zod';
import { centsSchema, minutesSchema, plainDateSchema } from '../units';
import { personIdSchema } from './people';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

/** A job's id is made of its place and step, so it survives every re-plan: `back-bed/board.tape`. */
export const jobIdSchema = keySchema(160).brand<'JobId'>();
export type JobId = z.infer<typeof jobIdSchema>;

export const spendKindSchema = z.enum([
  'materials',
  'hire',
  'trades',
  'permits',
  'waste',
  'tools',
  'food and stay',
]);
export type SpendKind = z.infer<typeof spendKindSchema>;

/** Who a share of a receipt belongs to; null is the house as a whole. */
const moneyShareSchema = z.object({ placeId: placeIdSchema.nullable(), cents: centsSchema });
export type MoneyShare = z.infer<typeof moneyShareSchema>;

/** One entry of hours holds a year at most: more is a slip, and a shorter limit would lose an evening. */
export const LONGEST_ENTRY = 366 * 24 * 60;

/** What one breath of the log says. Every share of `money` is already rounded; their sum is the receipt. */
export const entrySchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('hours'),
    personId: personIdSchema,
    minutes: minutesSchema.min(1).max(LONGEST_ENTRY),
    jobId: jobIdSchema.nullable(),
    placeId: placeIdSchema.nullable(),
  }),
  z.object({
    kind: z.literal('progress'),
    jobId: jobIdSchema,
    /** Percent of the whole job that is done now; 100 closes it. */
    share: z.int().min(1).max(100),
  }),
  z.object({
    kind: z.literal('money'),
    what: noteSchema,
    spend: spendKindSchema,
    shares: z.array(moneyShareSchema).min(1).max(200),
    shop: noteSchema.nullable(),
    /** Paid from the budget, or from the contingency because nobody could foresee it. */
    drawsOn: z.enum(['budget', 'contingency']),
  }),
  z.object({
    kind: z.literal('material'),
    what: noteSchema,
    /** Thousandths of the unit: 1.5 buckets is 1500. */
    thousandths: z.int().min(1).max(1e12),
    unit: noteSchema,
    placeId: placeIdSchema.nullable(),
  }),
  z.object({ kind: z.literal('find'), text: noteSchema, placeId: placeIdSchema.nullable() }),
  z.object({ kind: z.literal('decision'), text: noteSchema, placeId: placeIdSchema.nullable() }),
  z.object({ kind: z.literal('note'), text: noteSchema, placeId: placeIdSchema.nullable() }),
]);
export type Entry = z.infer<typeof entrySchema>;
export type EntryOf<K extends Entry['kind']> = Extract<Entry, { kind: K }>;

export const logIdSchema = keySchema(64).brand<'LogId'>();
export type LogId = z.infer<typeof logIdSchema>;

/** One line of the log strip and what was made of it. A day may have several. */
export const dayLogSchema = z.object({
  id: logIdSchema,
  date: plainDateSchema,
  line: noteSchema,
  entries: z.array(entrySchema).min(1).max(1_000),
});
export type DayLog = z.infer<typeof dayLogSchema>;
