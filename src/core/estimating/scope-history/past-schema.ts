import { z } from 'zod';
import { jobIdSchema, placeIdSchema } from '../../house';
import { centsSchema, minutesSchema, plainDateSchema } from '../../units';

/** What looks back over the whole scope, as the worker answers it. */
const originSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('chosen'), choiceId: z.string() }),
  z.object({ kind: z.enum(['walk', 'suspicion', 'find']), surveyId: z.string() }),
]);
const scopeItemSchema = z.object({
  placeId: placeIdSchema,
  workId: z.string(),
  count: z.int(),
  deferred: z.boolean(),
  because: z.string(),
  origin: originSchema,
});

/** What the scope gained and lost on one day, and what it came to at the end of it. */
export const scopeDaySchema = z.object({
  on: plainDateSchema,
  added: z.array(scopeItemSchema),
  dropped: z.array(scopeItemSchema),
  /** Own hours and money of the whole scope as planned that evening, and how they moved. */
  minutes: minutesSchema,
  cents: centsSchema,
  minutesMore: z.number(),
  centsMore: z.number(),
});
export type ScopeDay = z.infer<typeof scopeDaySchema>;

/** Work that was logged on a job which no decision asks for any more. */
export const droppedSchema = z.object({
  jobId: jobIdSchema,
  title: z.string(),
  placeId: placeIdSchema.nullable(),
  minutes: minutesSchema,
});
export type Dropped = z.infer<typeof droppedSchema>;
