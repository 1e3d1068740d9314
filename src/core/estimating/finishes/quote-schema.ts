import { z } from 'zod';
import { centsSchema } from '../../units';

/** What a product would take in a slot of a room, or why it does not fit. */
export const finishQuoteSchema = z.discriminatedUnion('ok', [
  z.object({
    ok: z.literal(true),
    /** As it is bought: `62 boards`, `2 gallons + 1 quart`. */
    amount: z.string(),
    cents: centsSchema,
    working: z.string(),
  }),
  z.object({ ok: z.literal(false), reason: z.string() }),
]);
export type FinishQuote = z.infer<typeof finishQuoteSchema>;
