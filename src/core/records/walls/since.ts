import type { Place, SurfaceRef, WallRecord } from '../../house';
import type { Ticks } from '../../units';

/** Whether two references are of one wall, ceiling or floor. */
export const sameSurface = (one: SurfaceRef, other: SurfaceRef): boolean =>
  one.kind === 'wall' ? other.kind === 'wall' && other.wall === one.wall : one.kind === other.kind;

/** How long a wall is; undefined for ceiling and floor, and for a wall that is not there. */
export const lengthOf = (place: Place, at: SurfaceRef): Ticks | undefined =>
  at.kind === 'wall' ? place.walls[at.wall]?.length : undefined;

/** What became of a recorded wall: as it was, of another length, or of a room drawn with other walls. */
export type Since = { is: 'same' } | { is: 'resized'; was: Ticks; now: Ticks } | { is: 'redrawn' };

/** Whether the room was changed since a wall of it was recorded. What was kept before this was told counts as the same. */
export function changedSince(record: WallRecord, place: Place): Since {
  const { at, of } = record;
  if (!at || !of) return { is: 'same' };
  const now = lengthOf(place, at);
  if (now === undefined || place.walls.length !== of.walls) return { is: 'redrawn' };
  return now === of.length ? { is: 'same' } : { is: 'resized', was: of.length, now };
}

/** A record that still says where its things are: on a surface that the room has, with as many walls as it had. */
export const isPlaced = (
  record: WallRecord,
  place: Place,
): record is WallRecord & { at: SurfaceRef } =>
  record.at !== undefined &&
  changedSince(record, place).is !== 'redrawn' &&
  (record.at.kind !== 'wall' || record.at.wall < place.walls.length);
