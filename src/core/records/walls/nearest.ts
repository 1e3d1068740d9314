import { isSpokenOf, type Held, type Place, type SurfaceRef, type WallRecord } from '../../house';
import { ticks, type Ticks } from '../../units';
import { changedSince, isPlaced, sameSurface } from './since';
import { distanceToRun, pointOf } from './surfaces';

/** One thing behind a surface, and how far it is from where somebody asks. */
type Near = { record: WallRecord; held: Held; distance: Ticks };

export type WallSpot = { at: SurfaceRef; offset: Ticks; height: Ticks };

/** What the wall answers: the things of the room by distance, and records of it that say no wall. */
export type NearestConcealed = {
  near: Near[];
  /** Said in words only, or of walls that the room no longer has: where they are nobody can measure. */
  unplaced: WallRecord[];
  /** Their walls are longer or shorter now, and nobody said which corner stayed: their spots may be off. */
  resized: WallRecord[];
  /** Whether anybody looked behind the surface that is asked about, if only to see that nothing is in it. */
  isRecorded: boolean;
};

/**
 * What lies nearest to a spot of a room's surface, straight through, so across a corner and from ceiling and floor too:
 * to the run of a pipe or cable, not to its ends. Undefined when the spot is on a wall that is not there.
 */
export function nearestConcealed(
  place: Place,
  records: readonly WallRecord[],
  { at, ...spot }: WallSpot,
): NearestConcealed | undefined {
  const point = pointOf(place, at, spot);
  if (!point) return undefined;
  const here = records.filter(({ placeId }) => placeId === place.id);
  const placed = here.filter((record) => isPlaced(record, place));
  const near = placed.flatMap((record): Near[] =>
    record.holds.flatMap((held) => {
      const from = pointOf(place, record.at, held);
      const to = held.to ? pointOf(place, record.at, held.to) : from;
      return from && to
        ? [{ record, held, distance: ticks(Math.round(distanceToRun(point, from, to))) }]
        : [];
    }),
  );
  return {
    near: near.sort((a, b) => a.distance - b.distance),
    unplaced: here.filter((record) => !isPlaced(record, place)),
    resized: placed.filter((record) => changedSince(record, place).is === 'resized'),
    isRecorded: placed.some(
      (record) =>
        isSpokenOf(record) &&
        !record.unseen &&
        record.at !== undefined &&
        sameSurface(record.at, at),
    ),
  };
}
