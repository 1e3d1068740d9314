import { fromInches, ticks, type Ticks } from '../units';
import { endOf } from './gap';
import { cornersOf, type Corner, type WallRun } from './place';

/** More than this and the room is measured again: 1/2 inch. */
export const CLOSING_TOLERANCE: Ticks = fromInches(0.5);

/** A measured line from one corner to another, to settle which wall is wrong. Corner n is where wall n begins. */
export type Diagonal = { from: number; to: number; length: Ticks };

/** A wall that would bring the room nearest to closing with another length, and how far it would still miss. */
export type Suspect = { wall: number; length: Ticks; misses: Ticks };

export type Closing = {
  /** How far the end of the last wall misses the first corner. */
  error: Ticks;
  /** The corner at which it misses: the one after the last wall. */
  corner: number;
  /** Degrees the turns miss 360 by: a corner is missing or one too many. */
  turnsMissing: number;
  /**
   * Every wall that could be misread, likeliest first: those that alone close the room, then those that leave least,
   * as where two readings are a little off.
   */
  suspects: Suspect[];
};

const toRadians = (degrees: number) => (degrees * Math.PI) / 180;

function turnsMissingOf(walls: readonly WallRun[]): number {
  const turned = walls.reduce((sum, { turn }) => sum + turn, 0);
  const missing = Math.abs(turned) <= 180 ? 360 - turned : Math.sign(turned) * 360 - turned;
  // Decimals of a degree do not add up to the last bit.
  return Math.round(missing * 1_000) / 1_000;
}

/**
 * Whether the runs close, by how much not, and which walls could be misread: those that run along the gap, so that
 * another length brings the end nearer. A measured diagonal puts those first with which it agrees best.
 */
export function closingOf(walls: readonly WallRun[], diagonals: readonly Diagonal[] = []): Closing {
  const gap = endOf(walls);
  const error = ticks(Math.hypot(gap.x, gap.y));
  const turnsMissing = turnsMissingOf(walls);
  const closing = { error, corner: 0, turnsMissing, suspects: [] as Suspect[] };
  if (error <= CLOSING_TOLERANCE) return closing;
  let heading = 0;
  walls.forEach(({ length, turn }, wall) => {
    const along = gap.x * Math.cos(toRadians(heading)) + gap.y * Math.sin(toRadians(heading));
    const corrected = Math.round(length - along);
    const misses = ticks(Math.sqrt(Math.max(0, error ** 2 - along ** 2)));
    if (Math.abs(along) > LEAST_HELP && corrected > 0) {
      closing.suspects.push({ wall, length: ticks(corrected), misses });
    }
    heading += turn;
  });
  const misfit = ({ wall, length }: Suspect) =>
    diagonalMisfit(withLength(walls, wall, length), diagonals);
  const closes = ({ misses }: Suspect) => (misses <= CLOSING_TOLERANCE ? 0 : misses);
  closing.suspects.sort(
    (a, b) => closes(a) - closes(b) || misfit(a) - misfit(b) || size(walls, b) - size(walls, a),
  );
  return closing;
}

/** A wall that brings the end no nearer than this was not misread. */
const LEAST_HELP: Ticks = fromInches(0.25);

/** Those of the suspects that alone close the room. */
export const thatClose = ({ suspects }: Closing): Suspect[] =>
  suspects.filter(({ misses }) => misses <= CLOSING_TOLERANCE);

/** Without a diagonal the longest wall comes first: a long tape sags most. */
const size = (walls: readonly WallRun[], { wall }: Suspect) => walls[wall]?.length ?? 0;

const withLength = (walls: readonly WallRun[], wall: number, length: Ticks): WallRun[] =>
  walls.map((run, at) => (at === wall ? { ...run, length } : run));

/** How much the measured diagonals differ from those of these walls, all together, in whole inches' worth of ticks. */
function diagonalMisfit(walls: readonly WallRun[], diagonals: readonly Diagonal[]): number {
  const corners = cornersOf(walls);
  return diagonals.reduce((sum, { from, to, length }) => {
    const [a, b] = [corners[from], corners[to]];
    return a && b ? sum + Math.abs(Math.hypot(a.x - b.x, a.y - b.y) - length) : sum;
  }, 0);
}

const crosses = (a: Corner, b: Corner, c: Corner, d: Corner): boolean => {
  const side = (p: Corner, q: Corner, r: Corner) =>
    Math.sign((q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
};

/** The first two walls that cross each other; undefined for a real room. */
export function crossingWalls(walls: readonly WallRun[]): [number, number] | undefined {
  const corners = cornersOf(walls);
  const end = (at: number) => corners[(at + 1) % corners.length];
  for (let one = 0; one < corners.length; one += 1) {
    for (let other = one + 2; other < corners.length; other += 1) {
      if (one === 0 && other === corners.length - 1) continue;
      const [a, b, c, d] = [corners[one], end(one), corners[other], end(other)];
      if (a && b && c && d && crosses(a, b, c, d)) return [one, other];
    }
  }
  return undefined;
}
