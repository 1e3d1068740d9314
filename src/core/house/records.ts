import { z } from 'zod';
import { centsSchema, plainDateSchema } from '../units';
import { jobIdSchema } from './entries';
import { offcutSchema } from './finishes';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

const idSchema = keySchema(64);

/** Something ordered for a job, from the day it was ordered to the day it came. */
export const orderSchema = z.object({
  id: idSchema,
  /** `jobId + material`: the line of the takeoff this order serves. */
  lineId: z.string().min(1).max(240),
  shop: noteSchema.nullable(),
  orderedOn: plainDateSchema,
  expectedOn: plainDateSchema,
  /** How much of each line it is for, as it stood on the day; shared by quantity over several rooms. */
  shares: z
    .array(
      z.object({
        lineId: z.string().min(1).max(240),
        units: z.int().min(0),
        /** What they are counted in; left out by orders of before paint was counted in cans. */
        unit: z.string().min(1).max(40).optional(),
      }),
    )
    .max(200)
    .optional(),
  /** What the shop asked for all of it. */
  cents: centsSchema.min(0).optional(),
  arrival: z
    .object({
      on: plainDateSchema,
      state: z.enum(['whole', 'short', 'damaged', 'wrong']),
      note: noteSchema.nullable(),
    })
    .nullable(),
});
export type Order = z.infer<typeof orderSchema>;

export const inspectionSchema = z.object({
  jobId: jobIdSchema,
  on: plainDateSchema,
  result: z.enum(['passed', 'failed']),
  note: noteSchema.nullable(),
});
export type Inspection = z.infer<typeof inspectionSchema>;

export const openQuestionSchema = z.object({
  id: idSchema,
  placeId: placeIdSchema.nullable(),
  question: noteSchema,
  askedOn: plainDateSchema,
  /** Jobs that wait for the answer. */
  holdsUp: z.array(jobIdSchema).max(40),
  answer: z.object({ on: plainDateSchema, text: noteSchema }).nullable(),
});
export type OpenQuestion = z.infer<typeof openQuestionSchema>;

/** What a trade asks: for one job, for a set of them, or for something the plan does not know. */
export const quoteSchema = z.object({
  id: idSchema,
  placeId: placeIdSchema.nullable(),
  what: noteSchema,
  cents: centsSchema,
  from: noteSchema,
  /** The jobs it is for; quotes for the same jobs are compared. */
  jobIds: z.array(jobIdSchema).max(200).optional(),
  workdays: z.int().min(1).max(240).optional(),
  on: plainDateSchema.optional(),
  note: noteSchema.optional(),
});
export type Quote = z.infer<typeof quoteSchema>;

export const leftoverSchema = z.object({
  id: idSchema,
  what: noteSchema,
  amount: noteSchema,
  placeId: placeIdSchema.nullable(),
  /** Lengths that the next cut plan may use. */
  offcut: offcutSchema.optional(),
  returnedOn: plainDateSchema.optional(),
});
export type Leftover = z.infer<typeof leftoverSchema>;
