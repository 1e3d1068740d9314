import { ticks, type Ticks } from '../units';
import type { Corner, WallRun } from './place';

const toRadians = (degrees: number) => (degrees * Math.PI) / 180;

/** Where the walk ends, in ticks from where it began. */
export function endOf(walls: readonly WallRun[]): Corner {
  let heading = 0;
  const at = { x: 0, y: 0 };
  for (const { length, turn } of walls) {
    at.x += length * Math.cos(toRadians(heading));
    at.y += length * Math.sin(toRadians(heading));
    heading += turn;
  }
  return at;
}

/** How far the end of the last wall misses the first corner. */
export function closingError(walls: readonly WallRun[]): Ticks {
  const { x, y } = endOf(walls);
  return ticks(Math.hypot(x, y));
}
