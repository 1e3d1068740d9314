import { z } from 'zod';
import { centsSchema, plainDateSchema, ticksSchema } from '../units';
import { jobIdSchema } from './entries';
import { offcutSchema } from './finishes';
import { placeIdSchema } from './place';

const idSchema = z.string().min(1).max(64);
const wordsSchema = z.string().trim().min(1).max(300);

/** Something ordered for a job, from the day it was ordered to the day it came. */
export const orderSchema = z.object({
  id: idSchema,
  /** `jobId + material`: the line of the takeoff this order serves. */
  lineId: z.string().min(1).max(240),
  shop: wordsSchema.nullable(),
  orderedOn: plainDateSchema,
  expectedOn: plainDateSchema,
  /** How much of each line it is for, as it stood on the day; shared by quantity over several rooms. */
  shares: z
    .array(z.object({ lineId: z.string().min(1).max(240), units: z.int().min(0) }))
    .max(200)
    .optional(),
  /** What the shop asked for all of it. */
  cents: centsSchema.min(0).optional(),
  arrival: z
    .object({
      on: plainDateSchema,
      state: z.enum(['whole', 'short', 'damaged', 'wrong']),
      note: wordsSchema.nullable(),
    })
    .nullable(),
});
export type Order = z.infer<typeof orderSchema>;

export const inspectionSchema = z.object({
  jobId: jobIdSchema,
  on: plainDateSchema,
  result: z.enum(['passed', 'failed']),
  note: wordsSchema.nullable(),
});
export type Inspection = z.infer<typeof inspectionSchema>;

/** What lies behind a wall, kept before it is closed. Offsets run from the left corner. */
export const wallRecordSchema = z.object({
  id: idSchema,
  placeId: placeIdSchema,
  wall: wordsSchema,
  on: plainDateSchema,
  holds: z
    .array(
      z.object({
        what: z.enum([
          'supply',
          'drain',
          'vent',
          'gas',
          'cable',
          'duct',
          'box',
          'blocking',
          'beam',
          'stub',
        ]),
        offset: ticksSchema,
        height: ticksSchema,
        note: wordsSchema.nullable(),
      }),
    )
    .min(1)
    .max(200),
});
export type WallRecord = z.infer<typeof wallRecordSchema>;

export const openQuestionSchema = z.object({
  id: idSchema,
  placeId: placeIdSchema.nullable(),
  question: wordsSchema,
  askedOn: plainDateSchema,
  /** Jobs that wait for the answer. */
  holdsUp: z.array(jobIdSchema).max(40),
  answer: z.object({ on: plainDateSchema, text: wordsSchema }).nullable(),
});
export type OpenQuestion = z.infer<typeof openQuestionSchema>;

/** What a trade asked for a job the household did itself. */
export const quoteSchema = z.object({
  id: idSchema,
  placeId: placeIdSchema.nullable(),
  what: wordsSchema,
  cents: centsSchema,
  from: wordsSchema,
});
export type Quote = z.infer<typeof quoteSchema>;

export const leftoverSchema = z.object({
  id: idSchema,
  what: wordsSchema,
  amount: wordsSchema,
  placeId: placeIdSchema.nullable(),
  /** Lengths that the next cut plan may use. */
  offcut: offcutSchema.optional(),
  returnedOn: plainDateSchema.optional(),
});
export type Leftover = z.infer<typeof leftoverSchema>;
