/*
 * Not among the common exports of the house: faults are looked for where a room is measured, behind the first screen.
 */
import { ticks, type Ticks } from '../units';
import {
  closingOf,
  crossingWalls,
  CLOSING_TOLERANCE,
  type Closing,
  type Diagonal,
} from './closing';
import type { WallRun } from './place';
import { heightAt, trayPerimeter, type RoomShape } from './room';

export type RoomFault =
  | { code: 'not-closed'; closing: Closing }
  | { code: 'walls-cross'; walls: [number, number] }
  | { code: 'bad-wall'; wall: number }
  | { code: 'bad-height' }
  | { code: 'no-such-wall'; opening: number; wall: number }
  | { code: 'bad-opening'; opening: number }
  | { code: 'opening-outside'; opening: number; past: 'end' | 'top'; by: Ticks }
  | { code: 'openings-overlap'; openings: [number, number]; wall: number }
  | { code: 'tray-too-wide' };

/** Less than this over a slope is rounding. */
const HAIR = 1;

function openingFault(shape: RoomShape, at: number): RoomFault | undefined {
  const opening = shape.openings[at];
  if (!opening) return undefined;
  const wall = shape.walls[opening.wall];
  if (!wall) return { code: 'no-such-wall', opening: at, wall: opening.wall };
  const { offset, width, height, sill } = opening;
  if (width <= 0 || height <= 0 || offset < 0 || sill < 0) {
    return { code: 'bad-opening', opening: at };
  }
  const pastEnd = offset + width - wall.length;
  if (pastEnd > 0) return { code: 'opening-outside', opening: at, past: 'end', by: ticks(pastEnd) };
  // A ceiling line sags nowhere: over an opening it is lowest at one of its sides.
  const over = Math.min(
    heightAt(shape, opening.wall, offset),
    heightAt(shape, opening.wall, offset + width),
  );
  const pastTop = sill + height - over;
  if (pastTop >= HAIR)
    return { code: 'opening-outside', opening: at, past: 'top', by: ticks(pastTop) };
  const other = shape.openings.findIndex(
    (before, index) =>
      index < at &&
      before.wall === opening.wall &&
      before.offset < offset + width &&
      offset < before.offset + before.width &&
      before.sill < sill + height &&
      sill < before.sill + before.height,
  );
  return other < 0
    ? undefined
    : { code: 'openings-overlap', openings: [other, at], wall: opening.wall };
}

/** The first thing wrong with a room as measured, walls before openings; undefined for a room that can be built in. */
export function roomFault(
  shape: RoomShape,
  diagonals: readonly Diagonal[] = [],
): RoomFault | undefined {
  const bad = shape.walls.findIndex(({ length }) => length <= 0);
  if (bad >= 0) return { code: 'bad-wall', wall: bad };
  if (shape.height <= 0) return { code: 'bad-height' };
  const closing = closingOf(shape.walls, diagonals);
  if (closing.error > CLOSING_TOLERANCE) return { code: 'not-closed', closing };
  const crossing = crossingWalls(shape.walls);
  if (crossing) return { code: 'walls-cross', walls: crossing };
  if (shape.ceiling.kind === 'tray' && trayPerimeter(shape.walls, shape.ceiling.inset) <= 0) {
    return { code: 'tray-too-wide' };
  }
  for (const at of shape.openings.keys()) {
    const fault = openingFault(shape, at);
    if (fault) return fault;
  }
  return undefined;
}

/** How far two opposite walls, or the two diagonals of a four-sided room, differ; undefined for other shapes. */
export function offSquareBy(
  walls: readonly WallRun[],
  diagonals: readonly Diagonal[],
): Ticks | undefined {
  if (walls.length !== 4) return undefined;
  const [one, other] = [
    diagonals.find(({ from, to }) => Math.min(from, to) === 0 && Math.max(from, to) === 2),
    diagonals.find(({ from, to }) => Math.min(from, to) === 1 && Math.max(from, to) === 3),
  ];
  if (one && other) return ticks(Math.abs(one.length - other.length));
  const [a, b, c, d] = walls.map(({ length }) => length);
  return ticks(Math.max(Math.abs((a ?? 0) - (c ?? 0)), Math.abs((b ?? 0) - (d ?? 0))));
}
