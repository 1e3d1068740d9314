import { z } from 'zod';
import { plainDateSchema } from '../units';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

/** Something small that is still to be put right before the house is called done. */
export const punchItemSchema = z.object({
  id: keySchema(64),
  placeId: placeIdSchema.nullable(),
  what: noteSchema,
  on: plainDateSchema,
  /** The day it was put right; null while it is open. */
  closedOn: plainDateSchema.nullable(),
});
export type PunchItem = z.infer<typeof punchItemSchema>;

/** What is still to be put right, the oldest first. */
export const openPunch = ({ punch }: { punch: Readonly<Record<string, PunchItem>> }): PunchItem[] =>
  Object.values(punch)
    .filter(({ closedOn }) => closedOn === null)
    .sort((a, b) => a.on.localeCompare(b.on));

/** A condition of a gate that this house does not have to meet. */
export const waiverSchema = z.object({
  conditionId: z.string().min(1).max(64),
  on: plainDateSchema,
  because: noteSchema,
});
