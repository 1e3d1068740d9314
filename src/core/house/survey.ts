import { z } from 'zod';
import { centsSchema, minutesSchema, plainDateSchema } from '../units';
import { elementSchema, suspicionSchema } from './elements';
import { jobIdSchema } from './entries';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

export const conditionSchema = z.enum(['sound', 'tired', 'failing', 'unknown']);
export type ElementCondition = z.infer<typeof conditionSchema>;

export const decisionSchema = z.enum([
  'keep',
  'clean',
  'repair',
  'replace',
  'remove',
  'move',
  'add',
  'undecided',
]);
export type Decision = z.infer<typeof decisionSchema>;

/** What may come of a suspicion: a chance in percent, and hours and money as a range if it is true. */
export const riskSchema = z
  .object({
    chance: z.int().min(0).max(100),
    minutes: z.object({ low: minutesSchema, high: minutesSchema }),
    cents: z.object({ low: centsSchema.min(0), high: centsSchema.min(0) }),
  })
  .refine(({ minutes, cents }) => minutes.low <= minutes.high && cents.low <= cents.high, {
    error: 'low is above high',
  });
export type Risk = z.infer<typeof riskSchema>;

/** One element of one place as it was seen on the walk; looked at again, the later look stands. */
export const surveySchema = z.object({
  placeId: placeIdSchema,
  element: elementSchema,
  on: plainDateSchema,
  condition: conditionSchema,
  decision: decisionSchema,
  /** The way to do it, a work of the library; null is the usual way, or none for what stays. */
  how: z.string().min(1).max(64).nullable(),
  count: z.int().min(1).max(99),
  reason: noteSchema.nullable(),
  /** A quick size as it was called out, such as 32" x 48"; measuring proper comes later. */
  size: noteSchema.nullable().default(null),
  suspicion: suspicionSchema.nullable(),
  /** The owner's own figures for the suspicion; null is the starting values of its kind. */
  risk: riskSchema.nullable(),
  /** What of it is kept to be used again, with its size as it was said. */
  salvage: z.object({ what: noteSchema, size: noteSchema.nullable() }).nullable(),
  /** Decisions thought about while it is undecided. */
  options: z.array(decisionSchema.exclude(['undecided'])).max(7),
});
export type Survey = z.infer<typeof surveySchema>;

/** The id of what was said of an element of a place. */
export const surveyIdOf = ({ placeId, element }: Pick<Survey, 'placeId' | 'element'>): string =>
  `${placeId}/${element}`;

/** What opening up showed: nothing, or a find with the works it brings. */
export const settlementSchema = z.object({
  surveyId: keySchema(160),
  on: plainDateSchema,
  found: z
    .object({
      words: noteSchema,
      works: z.array(z.object({ workId: keySchema(64), count: z.int().min(1).max(99) })).max(10),
    })
    .nullable(),
});

/** A date that somebody outside the house sets. */
export const demandSchema = z.object({
  id: keySchema(80),
  from: z.enum(['insurer', 'landlord', 'permit', 'season', 'lender', 'you']),
  what: noteSchema,
  /** Which jobs must be done by then. */
  covers: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('outside') }),
    z.object({ kind: z.literal('place'), placeId: placeIdSchema }),
    z.object({ kind: z.literal('gate'), gate: z.enum(['sleep', 'live', 'done']) }),
    z.object({ kind: z.literal('job'), jobId: jobIdSchema }),
    z.object({ kind: z.literal('jobs'), jobIds: z.array(jobIdSchema).min(1).max(200) }),
    /** Roof, walls, windows and doors keep the weather out, in every place. */
    z.object({ kind: z.literal('closed-in') }),
    /** The outside of one place: sheathing, windows, doors, roof, skin, and the faces and roofs told of it. */
    z.object({ kind: z.literal('outside-of'), placeId: placeIdSchema }),
  ]),
  by: plainDateSchema,
});
export type Demand = z.infer<typeof demandSchema>;

/** A photo of a place, or of one element of it. The picture itself is stored beside the journal, under its id. */
export const photoSchema = z.object({
  id: keySchema(80),
  /** Null for a paper that is of no room. */
  placeId: placeIdSchema.nullable(),
  element: elementSchema.nullable(),
  on: plainDateSchema,
  /** What it shows beside a place: `job/…` the card of a visit, `check/…` a condition, `punch/…` an item, `wall/…` a record. */
  about: keySchema(240).optional(),
});
export type Photo = z.infer<typeof photoSchema>;
