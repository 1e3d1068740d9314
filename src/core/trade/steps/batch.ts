import { z } from 'zod';
import { unitSystemSchema } from '../../units';

/** A size something is sold in, with its price in cents. */
const canSchema = z.object({
  id: z.string(),
  name: z.string(),
  holds: z.number().positive(),
  price: z.number().min(0),
});

/** Paint before it is rounded to cans: one colour is bought for all its rooms and coats at once. */
export const batchSchema = z.object({
  /** In the smallest can. */
  need: z.number().min(0),
  /** Which paint it is: what has the same colour is poured from the same cans. */
  colour: z.string(),
  system: unitSystemSchema,
  cans: z.array(canSchema),
});
export type Batch = z.infer<typeof batchSchema>;
