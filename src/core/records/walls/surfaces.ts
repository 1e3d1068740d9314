import { cornersOf, shapeOf, type Place, type SurfaceRef } from '../../house';
import { floorSurface, wallSurface, type Surface } from '../../estimating/layout';

/** A point of a room: along the first wall, across it, and up, in ticks. */
export type Point3 = { x: number; y: number; z: number };

/** Every surface of a room something may lie behind: its walls in order, then ceiling and floor. */
export const surfacesOf = (place: Place): SurfaceRef[] => [
  ...place.walls.map((_, at): SurfaceRef => ({ kind: 'wall', wall: at })),
  { kind: 'ceiling' },
  { kind: 'floor' },
];

/** The surface laid out flat, left to right as it is seen from inside; undefined for a wall that is not there. */
export function flatSurface(place: Place, at: SurfaceRef): Surface | undefined {
  const shape = shapeOf(place);
  if (at.kind !== 'wall') return floorSurface(shape);
  return at.wall < shape.walls.length ? wallSurface(shape, at.wall) : undefined;
}

/**
 * Where a spot of a surface is in the room. On a wall it is `offset` from its left corner and `height` up; on ceiling
 * and floor `offset` from the left and `height` from the first wall, as the room is drawn. Undefined for a wall that is
 * not there.
 */
export function pointOf(
  place: Place,
  at: SurfaceRef,
  spot: { offset: number; height: number },
): Point3 | undefined {
  const corners = cornersOf(place.walls);
  if (at.kind !== 'wall') {
    const left = Math.min(...corners.map(({ x }) => x));
    const top = Math.min(...corners.map(({ y }) => y));
    const z = at.kind === 'floor' ? 0 : place.height;
    return { x: left + spot.offset, y: top + spot.height, z };
  }
  const [from, run] = [corners[at.wall], place.walls[at.wall]];
  if (!from || !run) return undefined;
  const to = corners[(at.wall + 1) % corners.length] ?? from;
  const along = spot.offset / run.length;
  return {
    x: from.x + (to.x - from.x) * along,
    y: from.y + (to.y - from.y) * along,
    z: spot.height,
  };
}

const minus = (a: Point3, b: Point3): Point3 => ({ x: a.x - b.x, y: a.y - b.y, z: a.z - b.z });
const dot = (a: Point3, b: Point3): number => a.x * b.x + a.y * b.y + a.z * b.z;

/** From a point to a run between two others, straight through the room: to its nearest place, not to its ends. */
export function distanceToRun(point: Point3, from: Point3, to: Point3): number {
  const run = minus(to, from);
  const length = dot(run, run);
  const along = length === 0 ? 0 : Math.min(1, Math.max(0, dot(minus(point, from), run) / length));
  const nearest = {
    x: from.x + run.x * along,
    y: from.y + run.y * along,
    z: from.z + run.z * along,
  };
  const off = minus(point, nearest);
  return Math.sqrt(dot(off, off));
}
