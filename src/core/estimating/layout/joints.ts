import { LEAST_STRIP, type Folded, type Row, type RowSpan } from './sheet-rows';
import type { SheetRules } from './sheet';
import type { Surface } from './surface';

/** Joints of the rows beside, which those of a row keep a bay away from. */
const jointsOf = (row: Row | undefined): number[] =>
  row?.stretches.flatMap(({ joints }) => joints) ?? [];

/** Where a butt joint may land in a stretch: on framing, away from opening corners, from its ends and from joints beside it. */
function jointPlaces(
  surface: Surface,
  { bottom, top }: Row,
  { from, to }: RowSpan,
  beside: readonly number[],
  { spacing }: SheetRules,
  strict: boolean,
): number[] {
  const corners = surface.holes
    .filter(({ y, height }) => y < top && y + height > bottom)
    .flatMap(({ x, width }) => [x, x + width]);
  const end = strict ? LEAST_STRIP : 1;
  const places: number[] = [];
  for (let at = Math.ceil((from + 1) / spacing) * spacing; at < to - 1; at += spacing) {
    if (at - from < end || to - at < end) continue;
    if (strict && corners.some((corner) => Math.abs(corner - at) < spacing / 2)) continue;
    if (beside.some((joint) => Math.abs(joint - at) < spacing - 1)) continue;
    places.push(at);
  }
  return places;
}

/** Ways to joint one stretch that are looked at, and joints tried to find them. */
const MOST_WAYS = 60;
const MOST_TRIED = 20_000;

/** Every way to joint a stretch with the fewest butts, or as many of them as are looked at; none where no sheet reaches. */
function waysToJoint(
  { from, to }: RowSpan,
  places: readonly number[],
  longest: number,
): number[][] {
  let fewest = Math.max(0, Math.ceil((to - from - 1) / longest) - 1);
  for (; fewest <= places.length; fewest += 1) {
    const ways: number[][] = [];
    let tried = 0;
    const look = (last: number, first: number, joints: readonly number[]) => {
      if (ways.length >= MOST_WAYS * 6 || (tried += 1) > MOST_TRIED) return;
      if (joints.length === fewest) {
        if (to - last <= longest + 1) ways.push([...joints]);
        return;
      }
      // What is left must be within reach of the joints that are left.
      const least = to - (fewest - joints.length) * (longest + 1);
      for (let at = first; at < places.length; at += 1) {
        const place = places[at] ?? 0;
        if (place - last > longest + 1) break;
        if (place >= least) look(place, at + 1, [...joints, place]);
      }
    };
    look(from, 0, []);
    if (ways.length > 0) return thinned(ways);
    if (fewest > 0 && places.length === 0) return [];
  }
  return [];
}

/** Not all of very many, but some from every part of them. */
function thinned<T>(all: readonly T[]): T[] {
  const part = (at: number) => Math.floor((at * MOST_WAYS) / all.length);
  return all.filter((_, at) => all.length <= MOST_WAYS || part(at) !== part(at - 1));
}

/** One surface with its rows as they are jointed so far. */
export type Hanging = { surface: Folded; rows: Row[] };

/** The ways of one stretch as its neighbours stand, off the corners of openings where that is possible. */
export function waysAt(
  { surface, rows }: Hanging,
  row: number,
  stretch: RowSpan,
  rules: SheetRules,
  sides: readonly (-1 | 1)[],
): number[][] {
  const here = rows[row];
  if (!here) return [];
  const longest = Math.max(...rules.lengths);
  const beside = sides.flatMap((side) => jointsOf(rows[row + side]));
  for (const strict of [true, false]) {
    const places = jointPlaces(surface, here, stretch, beside, rules, strict);
    const ways = waysToJoint(stretch, places, longest);
    if (ways.length > 0) return ways;
  }
  return [];
}

/** Joints row by row from the first, each away from those of the row before. False where no sheet reaches. */
export function hangFirst(hanging: Hanging, rules: SheetRules): boolean {
  for (const [at, row] of hanging.rows.entries()) {
    for (const [nth, stretch] of row.stretches.entries()) {
      const [joints] = waysAt(hanging, at, stretch, rules, [-1]);
      if (!joints) return false;
      row.stretches[nth] = { ...stretch, joints };
    }
  }
  return true;
}
