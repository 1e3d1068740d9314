import { z } from 'zod';
import { NOT_PLANNED, placeIdSchema, projectSchema } from '../../house';
import { centsSchema, minutesSchema, momentSchema, plainDateSchema } from '../../units';

const loggedSchema = z.object({
  share: z.int().min(0).max(100).nullable(),
  logged: minutesSchema,
  by: z.record(z.string(), minutesSchema),
  sinceShare: minutesSchema,
  firstOn: plainDateSchema.nullable(),
  lastOn: plainDateSchema.nullable(),
  doneOn: plainDateSchema.nullable(),
  waits: z.object({ until: momentSchema, what: z.string() }).nullish(),
});

const notPlanned = Object.fromEntries(
  Object.keys(NOT_PLANNED).map((field) => [field, true]),
) as Record<keyof typeof NOT_PLANNED, true>;

const purchaseSchema = z.object({
  id: z.string(),
  on: plainDateSchema,
  what: z.string(),
  shop: z.string().nullable(),
  kind: z.string(),
  cents: centsSchema,
  placeIds: z.array(placeIdSchema.nullable()),
  isAgreed: z.boolean(),
  isDeposit: z.boolean(),
  covers: z.array(z.string()).nullable(),
  isWhole: z.boolean().nullable(),
});

/** A {@link PlanningInput} as it comes from another thread. */
export const planningInputSchema = projectSchema.omit(notPlanned).extend({
  logged: z.record(z.string(), loggedSchema),
  worked: z.record(plainDateSchema, z.record(z.string(), minutesSchema)),
  purchases: z.record(z.string(), purchaseSchema),
});

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
