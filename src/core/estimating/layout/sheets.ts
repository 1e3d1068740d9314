import { hangFirst, type Hanging } from './joints';
import { moveJoints } from './move-joints';
import type { SheetLayout, SheetRules, Uncut } from './sheet';
import { sheetsFor } from './sheet-cuts';
import { rowsOf, type Folded } from './sheet-rows';
import { surfaceArea } from './surface';

/**
 * Hangs sheets on all surfaces of a room in rows along x: butt joints on the framing, staggered from row to row by at
 * least one bay, off the corners of openings where that is possible, as few of them as the lengths allow; among those
 * layouts the one whose pieces come from the fewest sheets, offcuts of one surface used on another. Undefined when the
 * longest sheet cannot reach between two pieces of framing.
 */
export function layoutRoom(
  surfaces: readonly Folded[],
  rules: SheetRules,
): SheetLayout[] | undefined {
  const hangings = surfaces.map((surface) => ({ surface, rows: rowsOf(surface, rules.width) }));
  if (!hangings.every((hanging) => hangFirst(hanging, rules))) return undefined;
  moveJoints(hangings, rules);
  return hangings.map((hanging) => layoutOf(hanging, rules));
}

/** One surface on its own. */
export const layoutSheets = (surface: Folded, rules: SheetRules): SheetLayout | undefined =>
  layoutRoom([surface], rules)?.[0];

function layoutOf({ surface, rows }: Hanging, rules: SheetRules): SheetLayout {
  const pieces: Uncut[] = [];
  const butts: { at: number; height: number }[] = [];
  rows.forEach(({ bottom, top, stretches }, row) => {
    for (const { from, to, joints } of stretches) {
      const edges = [from, ...joints, to];
      edges.slice(1).forEach((end, at) => {
        const x = edges[at] ?? from;
        pieces.push({ row, x, y: bottom, width: end - x, height: top - bottom });
      });
      butts.push(...joints.map((at) => ({ at, height: top - bottom })));
    }
  });
  return cutFrom(surface, rules, pieces, butts);
}

function cutFrom(
  surface: Folded,
  rules: SheetRules,
  pieces: readonly Uncut[],
  butts: readonly { at: number; height: number }[],
): SheetLayout {
  const { sheets, sheetOf } = sheetsFor(pieces, rules);
  const bought = sheets.reduce((sum, { length }) => sum + length * rules.width, 0);
  return {
    pieces: pieces.map((piece, at) => ({ ...piece, sheet: sheetOf.get(at) ?? 0 })),
    sheets,
    buttLength: butts.reduce((sum, { height }) => sum + height, 0),
    seamLength: seamsBetween(pieces) + foldSeam(surface, pieces),
    waste: bought > 0 ? 1 - surfaceArea(surface) / bought : 0,
  };
}

/** The joint along a fold that rows run across; one they run along is a seam between two of them. */
const foldSeam = ({ fold }: Folded, pieces: readonly Uncut[]): number =>
  fold?.axis === 'x'
    ? pieces
        .filter(({ x, width }) => Math.abs(x + width - fold.at) < 1)
        .reduce((sum, { height }) => sum + height, 0)
    : 0;

/** Length of the seams between rows: where a piece stands on one of the row below. */
function seamsBetween(pieces: readonly Uncut[]): number {
  return pieces.reduce((sum, upper) => {
    const under = pieces.filter((lower) => Math.abs(lower.y + lower.height - upper.y) < 1);
    return (
      sum +
      under.reduce((shared, lower) => {
        const overlap =
          Math.min(upper.x + upper.width, lower.x + lower.width) - Math.max(upper.x, lower.x);
        return shared + Math.max(0, overlap);
      }, 0)
    );
  }, 0);
}
