import { z } from 'zod';
import { isOutside, placeIdSchema, type Place, type PlaceId } from './place';

/**
 * How two places belong together. Read as "this place … those places": a face is the outside of rooms, a roof lies
 * over places, a deck carries the roof that lands on it.
 */
export const RELATIONS = [
  { id: 'outside-of', says: 'is the outside of' },
  { id: 'over', says: 'lies over' },
  { id: 'carries', says: 'carries' },
  { id: 'below', says: 'lies under' },
  { id: 'way-through', says: 'is the way through to' },
  { id: 'floor-runs', says: 'has one floor with' },
  { id: 'shared-wall', says: 'shares a wall with' },
  { id: 'joins', says: 'is built on to' },
  { id: 'passes', says: 'sends a flue, stair or pipe through' },
] as const;

const relationKindSchema = z.enum(RELATIONS.map(({ id }) => id));
export type RelationKind = z.infer<typeof relationKindSchema>;

/** The key of a relation that starts at a place. */
export const relationKey = (kind: RelationKind, placeId: string): string => `${kind}:${placeId}`;

export const relatedSchema = z.object({
  kind: relationKindSchema,
  placeId: placeIdSchema,
  /** All of them; an empty list says that there is none. */
  to: z.array(placeIdSchema).max(200),
});

export type Relation = { kind: RelationKind; from: PlaceId; to: PlaceId; told: boolean };

type Places = {
  places: Readonly<Record<string, Place>>;
  placeOrder: readonly PlaceId[];
  relations: Readonly<Record<string, readonly PlaceId[]>>;
};

/** Which relations make sense to ask of a place. */
export function relationsToAsk(kind: Place['kind']): RelationKind[] {
  switch (kind) {
    case 'outside-face':
      return ['outside-of'];
    case 'roof':
      return ['over'];
    case 'porch':
      return ['carries', 'outside-of'];
    case 'yard':
      return [];
    case 'hall':
    case 'stairs':
      return ['way-through', 'below', 'floor-runs', 'shared-wall', 'passes'];
    default:
      return ['below', 'floor-runs', 'shared-wall', 'joins', 'passes'];
  }
}

const IDLE_WORDS: ReadonlySet<string> = new Set([
  'the',
  'face',
  'roof',
  'wall',
  'side',
  'room',
  'of',
]);
const wordsOf = ({ name }: Place): Set<string> =>
  new Set(
    name
      .toLowerCase()
      .split(/[^\p{L}\p{N}]+/u)
      .filter((word) => word.length > 2 && !IDLE_WORDS.has(word)),
  );

function sharingAWord(place: Place, others: readonly Place[]): Place[] {
  const words = wordsOf(place);
  return others.filter((other) => [...wordsOf(other)].some((word) => words.has(word)));
}

/** By name where the names say it ("porch", "porch roof"), else all that may be meant. */
const likely = (place: Place, others: readonly Place[]): Place[] => {
  const named = sharingAWord(place, others);
  return named.length > 0 ? named : [...others];
};

const UNDER_ROOF: ReadonlySet<string> = new Set(['attic', 'cellar', 'stairs']);

/** What is taken as given until somebody says otherwise. */
function guess(kind: RelationKind, place: Place, all: readonly Place[]): Place[] {
  const rooms = all.filter(({ id, kind: other }) => id !== place.id && !isOutside(other));
  const living = rooms.filter(({ kind: other }) => !UNDER_ROOF.has(other));
  switch (kind) {
    case 'outside-of':
      return place.kind === 'outside-face' ? likely(place, living) : [];
    case 'over': {
      const porches = sharingAWord(
        place,
        all.filter(({ kind: other }) => other === 'porch'),
      );
      if (porches.length > 0) return porches;
      const attics = rooms.filter(({ kind: other }) => other === 'attic');
      const top = Math.max(...living.map(({ floor }) => floor), -9);
      return [...attics, ...living.filter(({ floor }) => floor === top)];
    }
    case 'carries':
      return place.kind === 'porch'
        ? sharingAWord(
            place,
            all.filter(({ kind: other }) => other === 'roof'),
          )
        : [];
    case 'below': {
      if (place.kind === 'cellar') return living.filter(({ floor }) => floor === place.floor + 1);
      const attics = rooms.filter(
        ({ kind: other, floor }) =>
          other === 'attic' && floor >= place.floor && floor <= place.floor + 1,
      );
      const above = rooms.filter(
        ({ kind: other, floor }) => other !== 'attic' && floor === place.floor + 1,
      );
      const mates = living.filter(({ floor }) => floor === place.floor);
      const isInside = !isOutside(place.kind) && place.kind !== 'attic';
      return isInside ? [...attics, ...(mates.length === 0 ? above : [])] : [];
    }
    case 'way-through':
      return place.kind === 'hall' ? living.filter(({ floor }) => floor === place.floor) : [];
    default:
      return [];
  }
}

/** The places a place belongs with in one way, as told or as guessed. */
export function relatedTo(
  { places, placeOrder, relations }: Places,
  kind: RelationKind,
  place: Place,
): { to: Place[]; told: boolean } {
  const told = relations[relationKey(kind, place.id)];
  if (told) return { to: told.flatMap((id) => places[id] ?? []), told: true };
  const all = placeOrder.flatMap((id) => places[id] ?? []);
  return { to: guess(kind, place, all), told: false };
}

/** Every relation of the house, told or guessed. */
export function relationsOf(house: Places): Relation[] {
  return house.placeOrder.flatMap((id) => {
    const place = house.places[id];
    if (!place) return [];
    return relationsToAsk(place.kind).flatMap((kind) => {
      const { to, told } = relatedTo(house, kind, place);
      return to
        .filter((other) => other.id !== place.id)
        .map((other): Relation => ({ kind, from: place.id, to: other.id, told }));
    });
  });
}
