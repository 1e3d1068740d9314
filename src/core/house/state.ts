import { z } from 'zod';
import { plainDateSchema } from '../units';
import { placeKindSchema, type Place } from './place';

/** What a place is today. */
export const PLACE_STATES = [
  { id: 'finished', title: 'Finished', says: 'It stands, with everything in it' },
  { id: 'shell', title: 'Bare shell', says: 'Studs and joists show; nothing to take out' },
  { id: 'to-build', title: 'To be built', says: 'Nothing stands there yet' },
  {
    id: 'becomes',
    title: 'Becomes another kind',
    says: 'A porch, garage or attic on its way to a room',
  },
] as const;

export const placeStateSchema = z.enum(PLACE_STATES.map(({ id }) => id));
export type PlaceState = z.infer<typeof placeStateSchema>;

export const placeTodaySchema = z.object({
  state: placeStateSchema,
  /** The day it was said. */
  on: plainDateSchema,
  /** The kind it was, when it becomes another. */
  was: placeKindSchema.optional(),
});
export type PlaceToday = z.infer<typeof placeTodaySchema>;

/** What a place is today; finished where nobody said otherwise. */
export const stateOf = (
  { placeStates }: { placeStates: Readonly<Record<string, PlaceToday>> },
  place: Pick<Place, 'id'>,
): PlaceState => placeStates[place.id]?.state ?? 'finished';

/** Where nothing was ever put up that could be taken down. */
export const hasNothingToTakeOut = (state: PlaceState): boolean =>
  state === 'shell' || state === 'to-build';
