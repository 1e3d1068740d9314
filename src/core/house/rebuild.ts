import { z } from 'zod';
import { centsSchema } from '../units';

/** What a new house in place of this one would cost, as the owner knows better than a starting guess. */
export const rebuildSchema = z.object({
  /** For so much heated floor. */
  per: z.enum(['sqft', 'm2']),
  buildCents: centsSchema.min(0),
  clearCents: centsSchema.min(0),
  /** A larger house than this one: heated floor in percent more. */
  growthPercent: z.int().min(-90).max(300),
  keepsFoundation: z.boolean(),
  /** A builder's price for all of it, which goes before the rates. */
  quoteCents: centsSchema.min(0).nullable(),
});
export type Rebuild = z.infer<typeof rebuildSchema>;
