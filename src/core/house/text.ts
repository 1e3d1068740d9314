import { z } from 'zod';

/** The longest note anybody writes: some five pages. */
export const LONGEST_NOTE = 10_000;

/** What a person wrote: a find, a reason, a remark. */
export const noteSchema = z.string().trim().min(1).max(LONGEST_NOTE);

/** An id that names a row of one of the house's maps. `__proto__` would name the map's own ancestor. */
export const keySchema = (longest: number) =>
  z
    .string()
    .min(1)
    .max(longest)
    .refine((id) => id !== '__proto__', { error: 'not an id' });
