import { z } from 'zod';
import { NOT_PLANNED, projectSchema } from '../house';
import { minutesSchema, momentSchema, plainDateSchema } from '../units';

const loggedSchema = z.object({
  share: z.int().min(0).max(100).nullable(),
  logged: minutesSchema,
  firstOn: plainDateSchema.nullable(),
  lastOn: plainDateSchema.nullable(),
  doneOn: plainDateSchema.nullable(),
  waits: z.object({ until: momentSchema, what: z.string() }).nullish(),
});

const notPlanned = Object.fromEntries(
  Object.keys(NOT_PLANNED).map((field) => [field, true]),
) as Record<keyof typeof NOT_PLANNED, true>;

/** A {@link PlanningInput} as it comes from another thread. */
export const planningInputSchema = projectSchema
  .omit(notPlanned)
  .extend({ logged: z.record(z.string(), loggedSchema) });

/** What changed of it since the last one. */
export const inputChangesSchema = z.record(
  z.string(),
  z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('whole'), value: z.unknown() }),
    z.object({
      kind: z.literal('rows'),
      set: z.record(z.string(), z.unknown()),
      drop: z.array(z.string()),
    }),
  ]),
);
