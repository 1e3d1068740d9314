import { z } from 'zod';
import { plainDateSchema } from '../units';
import { offsetSchema, spanSchema } from './openings';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

/** A surface of a measured room: one of its walls in their order, its ceiling or its floor. */
export const surfaceRefSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('wall'), wall: z.int().min(0).max(199) }),
  z.object({ kind: z.literal('ceiling') }),
  z.object({ kind: z.literal('floor') }),
]);
export type SurfaceRef = z.infer<typeof surfaceRefSchema>;

/** "Wall 2", "Ceiling": walls are counted as the room is walked. */
export const surfaceTitle = (at: SurfaceRef): string =>
  at.kind === 'wall' ? `Wall ${at.wall + 1}` : at.kind === 'ceiling' ? 'Ceiling' : 'Floor';

const spotSchema = z.object({ offset: offsetSchema, height: offsetSchema });

/** One thing behind a surface. */
export const heldSchema = z.object({
  what: z.enum([
    'supply',
    'drain',
    'vent',
    'gas',
    'cable',
    'duct',
    'box',
    'blocking',
    'beam',
    'stub',
  ]),
  ...spotSchema.shape,
  note: noteSchema.nullable(),
  /** Where a pipe, cable, duct or beam runs to; left out for what is in one spot. */
  to: spotSchema.optional(),
  /** The shut-off, breaker or cleanout it hangs on. */
  hangsOn: noteSchema.optional(),
  /** Put there for something to come: a capped stub, an empty conduit. */
  later: z.literal(true).optional(),
});
export type Held = z.infer<typeof heldSchema>;

/** Whether somebody said what is behind it, be it nothing, or that nobody looked; a picture alone says it not. */
export const isSpokenOf = ({
  holds,
  clear,
  unseen,
}: {
  holds: readonly unknown[];
  clear?: true | undefined;
  unseen?: true | undefined;
}): boolean => holds.length > 0 || clear === true || unseen === true;

/** What lies behind a wall, kept before it is closed. Offsets run from the left corner. */
export const wallRecordSchema = z
  .object({
    id: keySchema(64),
    placeId: placeIdSchema,
    /** What the wall is called. */
    wall: noteSchema,
    /** Which surface it is; left out where it was said in words only. */
    at: surfaceRefSchema.optional(),
    on: plainDateSchema,
    /** Somebody looked, and there is nothing in it. */
    clear: z.literal(true).optional(),
    holds: z.array(heldSchema).max(200),
    photoId: keySchema(80).optional(),
    /** Two spots of the picture, in thousandths of its width and height, and where on the surface they are. */
    overlay: z
      .array(
        z.object({
          across: z.int().min(0).max(1000),
          down: z.int().min(0).max(1000),
          ...spotSchema.shape,
        }),
      )
      .length(2)
      .optional(),
    /** It was closed before anybody looked: what is behind it is not known, and is asked no more. */
    unseen: z.literal(true).optional(),
    /** How long the wall was and how many the room had when this was recorded: a change since is seen by it. */
    of: z.object({ length: spanSchema, walls: z.int().min(1).max(200) }).optional(),
  })
  .refine((record) => isSpokenOf(record) || record.photoId !== undefined, {
    error: 'a record of nothing',
    path: ['holds'],
  });
export type WallRecord = z.infer<typeof wallRecordSchema>;
