import {
  surfaceTitle,
  type Held,
  type Place,
  type Project,
  type SurfaceRef,
  type WallRecord,
} from '../../house';
import { ticks, type PlainDate, type Ticks } from '../../units';
import { changedSince, isPlaced, lengthOf, sameSurface } from './since';

type Records = Pick<Project, 'wallRecords'>;

/** What is kept of a surface as the room is drawn today; undefined where nobody kept anything. */
export const recordOf = (
  { wallRecords }: Records,
  place: Place,
  at: SurfaceRef,
): WallRecord | undefined =>
  Object.values(wallRecords).find(
    (record) =>
      record.placeId === place.id && isPlaced(record, place) && sameSurface(record.at, at),
  );

/** How a wall is today, by which a change of the room is seen later; nothing of ceiling and floor. */
function measuresOf(place: Place, at: SurfaceRef): Pick<WallRecord, 'of'> {
  const length = lengthOf(place, at);
  return length === undefined ? {} : { of: { length, walls: place.walls.length } };
}

type Said = Partial<Pick<WallRecord, 'holds' | 'clear' | 'unseen' | 'overlay' | 'photoId'>>;

/**
 * The record of a surface after somebody said something of it. What holds things is neither clear nor unseen any more;
 * everything else that was said stands. `id` is for a record that was not there.
 */
export function recordWith(
  project: Records,
  place: Place,
  at: SurfaceRef,
  said: Said,
  { id, on }: { id: string; on: PlainDate },
): WallRecord {
  const before = recordOf(project, place, at);
  const holds = said.holds ?? before?.holds ?? [];
  const { clear, unseen, ...rest } = { ...before, ...said };
  return {
    ...rest,
    id: before?.id ?? id,
    placeId: place.id,
    wall: before?.wall ?? surfaceTitle(at),
    at,
    on,
    holds,
    ...(holds.length === 0 && clear ? { clear } : {}),
    ...(holds.length === 0 && !clear && unseen ? { unseen } : {}),
    // Which corner stayed is still to be said: a word about the wall does not answer it.
    ...(before && changedSince(before, place).is === 'resized' ? {} : measuresOf(place, at)),
  };
}

/** Whether two are the same thing in the same spot, as when it is said again. */
export const isSameThing = (one: Held, other: Held): boolean =>
  one.what === other.what && one.offset === other.offset && one.height === other.height;

/** The record of a wall that changed its length, its things counted again from the corner that stayed. */
export function keptFrom(
  corner: 'left' | 'right',
  record: WallRecord,
  place: Place,
  on: PlainDate,
): WallRecord {
  const since = changedSince(record, place);
  if (since.is !== 'resized' || !record.at) return record;
  const by = corner === 'left' ? 0 : since.now - since.was;
  const moved = <T extends { offset: Ticks }>(spot: T): T => ({
    ...spot,
    offset: ticks(spot.offset + by),
  });
  return {
    ...record,
    on,
    holds: record.holds.map((held) => ({
      ...moved(held),
      ...(held.to ? { to: moved(held.to) } : {}),
    })),
    ...(record.overlay ? { overlay: record.overlay.map(moved) } : {}),
    ...measuresOf(place, record.at),
  };
}
