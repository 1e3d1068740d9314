import { impossible, type CalculatorError } from './calculator';

/** Pieces set out at once: a hall of small tiles is under it, a slip of the pen is not. */
const MOST_PIECES = 50_000;

/** Refuses what would be worked for minutes; undefined where it is a house's measure. `count` is an estimate. */
export function tooMany(
  field: string,
  count: number,
  what: string,
  most = MOST_PIECES,
): { ok: false; error: CalculatorError } | undefined {
  if (count <= most) return undefined;
  return impossible(
    field,
    `would make some ${Math.round(count).toLocaleString('en-US')} ${what}, and ${most.toLocaleString('en-US')} are worked out at most; check the sizes`,
  );
}
