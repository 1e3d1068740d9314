import { z } from 'zod';
import { centsSchema, plainDateSchema } from '../units';
import { jobIdSchema } from './entries';
import { spanSchema } from './openings';
import { keySchema, noteSchema } from './text';

const idSchema = keySchema(64);

/** What a finish covers: the walls, ceiling and floor, the trim, the board under paint, and the openings by number. */
export const slotSchema = z
  .union([
    z.enum(['floor', 'walls', 'ceiling', 'board', 'trim']),
    z.string().regex(/^opening-\d{1,3}$/),
  ])
  .brand<'Slot'>();
export type Slot = z.infer<typeof slotSchema>;
/** A name as a slot. Throws on one that is none. */
export const slotOf = (name: string): Slot => slotSchema.parse(name);
/** The slot of the opening of that index in its room. */
export const openingSlot = (index: number): Slot => slotOf(`opening-${index}`);

/** Something to cover or close with: from the catalogue, or the owner's own by its label. */
export const productSchema = z.object({
  id: idSchema,
  name: noteSchema,
  /** Slots it suits; `opening` stands for any opening. */
  suits: z.array(z.enum(['floor', 'walls', 'ceiling', 'board', 'trim', 'opening'])).min(1),
  /** The sum that works out how much, and the fields its label settles. */
  sum: z.string().min(1).max(40),
  fields: z.record(z.string(), z.union([z.string(), z.number(), z.boolean()])),
  /** The line of the sum that is bought, and what one is called. */
  line: z.string().min(1).max(60),
  unit: noteSchema,
  price: centsSchema.min(0),
  leadDays: z.int().min(0).max(400),
  shop: noteSchema.nullable(),
});
export type Product = z.infer<typeof productSchema>;

/** A line of Stores written by hand: what a takeoff does not know, or what ran short. */
export const ownLineSchema = z.object({
  id: idSchema,
  what: noteSchema,
  unit: noteSchema,
  units: z.int().min(1).max(100_000),
  price: centsSchema.min(0),
  leadDays: z.int().min(0).max(400),
  jobId: jobIdSchema,
});

/** The key under which the finish of a slot is kept. */
export const finishKey = (placeId: string, slot: Slot): string => `${placeId}/${slot}`;

/** A measured length lying in the stores, for the next cut plan. */
export const offcutSchema = z.object({ length: spanSchema, count: z.int().min(1).max(999) });

export const returnedSchema = z.object({ leftoverId: idSchema, on: plainDateSchema });
