import { z } from 'zod';

const lineSchema = z.object({
  id: z.string(),
  item: z.string(),
  quantity: z.number(),
  unit: z.string(),
  working: z.string(),
  source: z.string(),
  exact: z.number().optional(),
  again: z.literal(true).optional(),
});

/** A takeoff as it comes back from where it was worked out; fields that do not read are told before it is asked. */
export const workedSchema = z.discriminatedUnion('ok', [
  z.object({
    ok: z.literal(true),
    value: z.object({ lines: z.array(lineSchema), cautions: z.array(z.string()) }),
  }),
  z.object({
    ok: z.literal(false),
    error: z.discriminatedUnion('code', [
      z.object({ code: z.literal('needs'), what: z.string() }),
      z.object({ code: z.literal('impossible'), field: z.string(), why: z.string() }),
    ]),
  }),
]);
export type WorkedOut = z.infer<typeof workedSchema>;
