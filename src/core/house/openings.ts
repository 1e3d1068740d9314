import { z } from 'zod';
import { ticksSchema, type Ticks } from '../units';

/** What is over a room. `pitch` is the rise on twelve of run; two heights come to a pitch by the room's width. */
export const ceilingSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('flat') }),
  z.object({
    kind: z.literal('vaulted'),
    pitch: z.number().positive().max(24),
    /** A ridge over the middle, or one slope from side to side. */
    shape: z.enum(['gable', 'shed']),
  }),
  z.object({ kind: z.literal('tray'), rise: ticksSchema, inset: ticksSchema }),
]);
export type Ceiling = z.infer<typeof ceilingSchema>;
export const FLAT: Ceiling = { kind: 'flat' };

/** A door, window or plain opening: `offset` from the left corner of its wall, seen from inside. */
export const openingSchema = z.object({
  wall: z.int().min(0).max(199),
  kind: z.enum(['door', 'window', 'opening']),
  offset: ticksSchema,
  width: ticksSchema,
  height: ticksSchema,
  /** From the floor; 0 for what one walks through. */
  sill: ticksSchema,
});
export type Opening = z.infer<typeof openingSchema>;

/** Whether it reaches the floor, so that base trim stops at it. */
export const reachesFloor = ({ sill }: { sill: Ticks }): boolean => sill === 0;
