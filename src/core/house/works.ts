import { z } from 'zod';
import { heightSchema, spanSchema } from './openings';
import { placeIdSchema } from './place';
import { keySchema } from './text';

export const workChoiceIdSchema = keySchema(64).brand<'WorkChoiceId'>();
export type WorkChoiceId = z.infer<typeof workChoiceIdSchema>;

export const OPENING_CHANGES = [
  { id: 'window-to-door', title: 'Window to door' },
  { id: 'door-to-window', title: 'Door to window' },
  { id: 'wider', title: 'Wider' },
  { id: 'lower-sill', title: 'Lower sill' },
  { id: 'smaller', title: 'Smaller' },
  { id: 'moved', title: 'Moved' },
  { id: 'closed', title: 'Closed for good' },
  { id: 'two-into-one', title: 'Two into one' },
  { id: 'new', title: 'New, where there was none' },
] as const;

export const openingSizeSchema = z.object({
  width: spanSchema,
  height: spanSchema,
  /** From the floor; 0 for what one walks through. */
  sill: heightSchema,
});
export type OpeningSize = z.infer<typeof openingSizeSchema>;

/** How one opening changes: what it is, what it becomes, and what that meets in the wall. */
export const openingChangeSchema = z.object({
  change: z.enum(OPENING_CHANGES.map(({ id }) => id)),
  wall: z.enum(['frame', 'masonry']),
  /** A header or lintel is there that carries the new width too. */
  header: z.boolean(),
  /** Cable or pipe runs where the hole will be. */
  linesInTheWay: z.boolean(),
  now: openingSizeSchema.nullable(),
  then: openingSizeSchema.nullable(),
});
export type OpeningChange = z.infer<typeof openingChangeSchema>;

/** "Replace a window, twice, in the back bedroom": a work from the library, chosen for a place. */
export const workChoiceSchema = z.object({
  id: workChoiceIdSchema,
  placeId: placeIdSchema,
  workId: keySchema(64),
  count: z.int().min(1).max(99),
  opening: openingChangeSchema.optional(),
  /** The second of its kind in one place is 2, and stays so when the first is dropped. */
  nth: z.int().min(2).max(99).optional(),
});
export type WorkChoice = z.infer<typeof workChoiceSchema>;
