import { z } from 'zod';
import { ticksSchema } from '../units';

/** Longer than any house or plot; areas of such sizes are still exact. */
const LONGEST = 300 * 1_000 * 320;

/** A length that something has. */
export const spanSchema = ticksSchema.min(1).max(LONGEST);
/** Where something lies, from a corner or a floor; below a floor is possible. */
export const offsetSchema = ticksSchema.min(-LONGEST).max(LONGEST);
/** Up to the ceiling; nought where there is none to measure. */
export const heightSchema = ticksSchema.min(0).max(LONGEST / 10);

/** What is over a room. `pitch` is the rise on twelve of run; two heights come to a pitch by the room's width. */
export const ceilingSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('flat') }),
  z.object({
    kind: z.literal('vaulted'),
    pitch: z.number().positive().max(24),
    /** A ridge over the middle, or one slope from side to side. */
    shape: z.enum(['gable', 'shed']),
  }),
  z.object({ kind: z.literal('tray'), rise: heightSchema, inset: heightSchema }),
]);
export type Ceiling = z.infer<typeof ceilingSchema>;
export const FLAT: Ceiling = { kind: 'flat' };

/** A door, window or plain opening: `offset` from the left corner of its wall, seen from inside. */
export const openingSchema = z.object({
  wall: z.int().min(0).max(199),
  kind: z.enum(['door', 'window', 'opening']),
  offset: offsetSchema,
  width: spanSchema,
  height: spanSchema,
  /** From the floor; 0 for what one walks through. */
  sill: heightSchema,
});
export type Opening = z.infer<typeof openingSchema>;
