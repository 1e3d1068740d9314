import { seededRandom, type Random } from '../../random';
import { waysAt, type Hanging } from './joints';
import { PieceSet } from './piece-set';
import type { SheetRules } from './sheet';
import type { RowSpan } from './sheet-rows';

/** Layouts of a usual room looked at, a tenth of a second; of a larger one fewer, as each takes longer. */
const MOST_LOOKS = 3_000;
const USUAL_PIECES = 60;
/** Layouts begun anew when none near the last is better, each with this share of its stretches jointed otherwise. */
const MOST_ROUNDS = 12;
const SHAKEN = 0.25;

/**
 * Moves joints to where the pieces of all surfaces together come from fewer or shorter sheets, one stretch at a time,
 * and again from layouts shaken up a little; the number of butts never grows. The same room is always hung the same.
 */
export function moveJoints(hangings: readonly Hanging[], rules: SheetRules): void {
  const random = seededRandom(1);
  const longer = (rules.looks ?? MOST_LOOKS) / MOST_LOOKS;
  const looks = { left: MOST_LOOKS * longer };
  const pieces = new PieceSet(rules, hangings);
  const fewest = pieces.fewest();
  let best = { cost: pieces.cost(0), stretches: keptOf(hangings) };
  for (let round = 0; round < MOST_ROUNDS * longer && looks.left > 0; round += 1) {
    if (round > 1) shake(hangings, pieces, rules, random);
    descend(hangings, pieces, rules, round % 2 === 0 ? FULLER : 0, looks);
    const cost = pieces.cost(0);
    if (cost < best.cost - 1e-9) best = { cost, stretches: keptOf(hangings) };
    if (Math.floor(best.cost) <= fewest) break;
    if (round > 0) putBack(hangings, pieces, best.stretches);
  }
  putBack(hangings, pieces, best.stretches);
}

/** How much it counts that sheets are filled fuller, so that one of as many can be emptied piece by piece. */
const FULLER = 0.01;

type Kept = RowSpan[][][];
const keptOf = (hangings: readonly Hanging[]): Kept =>
  hangings.map(({ rows }) => rows.map(({ stretches }) => [...stretches]));

function putBack(hangings: readonly Hanging[], pieces: PieceSet, kept: Kept): void {
  hangings.forEach(({ rows }, at) =>
    rows.forEach((row, nth) => {
      for (const stretch of row.stretches) pieces.add(row, stretch, -1);
      row.stretches = [...(kept[at]?.[nth] ?? [])];
      for (const stretch of row.stretches) pieces.add(row, stretch, 1);
    }),
  );
}

/** Other ways to joint one stretch that have no more butts, as its neighbours stand. */
const otherWays = (
  hanging: Hanging,
  row: number,
  stretch: RowSpan,
  rules: SheetRules,
): number[][] =>
  waysAt(hanging, row, stretch, rules, [-1, 1]).filter(
    ({ length }) => length <= stretch.joints.length,
  );

function shake(
  hangings: readonly Hanging[],
  pieces: PieceSet,
  rules: SheetRules,
  random: Random,
): void {
  for (const hanging of hangings) {
    hanging.rows.forEach((row, at) =>
      row.stretches.forEach((stretch, nth) => {
        if (random() > SHAKEN) return;
        const ways = otherWays(hanging, at, stretch, rules);
        const joints = ways[Math.floor(random() * ways.length)];
        if (!joints) return;
        pieces.add(row, stretch, -1);
        row.stretches[nth] = { ...stretch, joints };
        pieces.add(row, { ...stretch, joints }, 1);
      }),
    );
  }
}

/** Each stretch to its best way as the others stand, until none finds a better one. */
function descend(
  hangings: readonly Hanging[],
  pieces: PieceSet,
  rules: SheetRules,
  fuller: number,
  looks: { left: number },
): void {
  let cost = pieces.cost(fuller);
  for (let isBetter = true; isBetter;) {
    isBetter = false;
    for (const hanging of hangings) {
      for (const [at, row] of hanging.rows.entries()) {
        for (const [nth, stretch] of row.stretches.entries()) {
          if (looks.left <= 0) return;
          let best = stretch;
          pieces.add(row, stretch, -1);
          for (const joints of otherWays(hanging, at, stretch, rules)) {
            const other = { ...stretch, joints };
            pieces.add(row, other, 1);
            const found = pieces.cost(fuller);
            pieces.add(row, other, -1);
            looks.left -= Math.max(1, pieces.size / USUAL_PIECES);
            if (found >= cost - 1e-9) continue;
            cost = found;
            best = other;
            isBetter = true;
          }
          pieces.add(row, best, 1);
          row.stretches[nth] = best;
        }
      }
    }
  }
}
