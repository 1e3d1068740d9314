import { z } from 'zod';
import { minutesSchema } from '../units';
import { jobIdSchema } from './entries';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

export const workChoiceIdSchema = keySchema(64).brand<'WorkChoiceId'>();
export type WorkChoiceId = z.infer<typeof workChoiceIdSchema>;

/** "Replace a window, twice, in the back bedroom": a work from the library, chosen for a place. */
export const workChoiceSchema = z.object({
  id: workChoiceIdSchema,
  placeId: placeIdSchema,
  workId: keySchema(64),
  count: z.int().min(1).max(99),
});
export type WorkChoice = z.infer<typeof workChoiceSchema>;

/** A job the library does not know, mostly the child of a find: "sister the rotten sill". */
export const ownJobSchema = z.object({
  id: jobIdSchema,
  placeId: placeIdSchema.nullable(),
  title: z.string().trim().min(1).max(120),
  stage: z.int().min(1).max(21),
  minutes: minutesSchema,
  hands: z.union([z.literal(1), z.literal(2)]),
  /** Jobs that cannot start before this one is done, and why. */
  before: z.array(jobIdSchema).max(40),
  because: noteSchema,
});
export type OwnJob = z.infer<typeof ownJobSchema>;
