import { z } from 'zod';
import { fail, ok, type Result } from '../../result';

/** A length on sale, or lying in the stores at price nought. Whole numbers of one unit of length. */
type Stock = {
  length: number;
  /** Cents for one. */
  price: number;
  /** How many there are; as many as wanted when left out. */
  available?: number;
};
type Piece = { length: number; qty: number };
export type CutProblem = {
  /** What the saw eats between two pieces. */
  kerf: number;
  stock: readonly Stock[];
  pieces: readonly Piece[];
};

/** One board: its length, what it costs (nought from the stores), and the pieces cut from it. */
export type CutBoard = { stock: number; price: number; cuts: number[] };

export type CutPlan = {
  boards: CutBoard[];
  /** Cents for all boards. */
  price: number;
  /** Length bought and not used in a piece, saw cuts included. */
  waste: number;
  /** No plan can cost less than this. */
  lowerBound: number;
  /** True when `price` is proved to be the least there is. */
  proven: boolean;
};

/** A problem and its plan as messages between threads carry them. */
export const cutProblemSchema = z.object({
  kerf: z.number(),
  stock: z.array(
    z.object({ length: z.number(), price: z.number(), available: z.number().optional() }),
  ),
  pieces: z.array(z.object({ length: z.number(), qty: z.number() })),
});
export const cutPlanSchema = z.object({
  boards: z.array(z.object({ stock: z.number(), price: z.number(), cuts: z.array(z.number()) })),
  price: z.number(),
  waste: z.number(),
  lowerBound: z.number(),
  proven: z.boolean(),
});
const at = { index: z.int() };
export const cutErrorSchema = z.discriminatedUnion('code', [
  z.object({ code: z.enum(['no-pieces', 'no-stock', 'negative-kerf', 'not-enough-stock']) }),
  z.object({ code: z.enum(['bad-piece', 'bad-stock', 'no-price']), ...at }),
  z.object({ code: z.literal('stock-twice'), ...at, length: z.number() }),
  z.object({ code: z.literal('too-long'), ...at, length: z.number(), longest: z.number() }),
]);

export type CutError = z.infer<typeof cutErrorSchema>;

const isCount = (value: number) => Number.isSafeInteger(value) && value >= 0;

/** The first thing wrong with a problem, in the order a reader meets it. */
function cutFault({ kerf, stock, pieces }: CutProblem): CutError | undefined {
  if (!isCount(kerf)) return { code: 'negative-kerf' };
  if (stock.length === 0) return { code: 'no-stock' };
  if (pieces.length === 0) return { code: 'no-pieces' };
  for (const [index, { length, price, available }] of stock.entries()) {
    if (!isCount(length) || length === 0 || (available !== undefined && !isCount(available))) {
      return { code: 'bad-stock', index };
    }
    if (!isCount(price)) return { code: 'no-price', index };
    const isUnlimited = available === undefined;
    // What lies in the stores may be as long as what is on sale; on sale, one length has one price.
    if (
      isUnlimited &&
      stock
        .slice(0, index)
        .some((other) => other.length === length && other.available === undefined)
    ) {
      return { code: 'stock-twice', index, length };
    }
  }
  const usable = stock.filter(({ available }) => available !== 0);
  const longest = Math.max(0, ...usable.map(({ length }) => length));
  for (const [index, { length, qty }] of pieces.entries()) {
    if (!isCount(length) || length === 0 || !isCount(qty)) return { code: 'bad-piece', index };
    if (qty > 0 && length > longest) return { code: 'too-long', index, length, longest };
  }
  return undefined;
}

/** The same problem as plain arrays: lengths with their saw cut, longest piece first, stock shortest first. */
export type Ground = {
  /** Piece length plus one kerf. */
  sizes: number[];
  demand: number[];
  /** Stock length plus one kerf: the last piece needs no cut behind it. */
  rooms: number[];
  prices: number[];
  /** Infinity when not limited. */
  available: number[];
  kerf: number;
};

/** A cutting problem checked and made smaller. Fails with the index of what is wrong. */
export function groundOf(problem: CutProblem): Result<Ground, CutError> {
  const fault = cutFault(problem);
  if (fault) return fail(fault);
  const { kerf } = problem;
  const byLength = new Map<number, number>();
  for (const { length, qty } of problem.pieces) {
    if (qty > 0) byLength.set(length, (byLength.get(length) ?? 0) + qty);
  }
  const pieces = [...byLength].sort(([a], [b]) => b - a);
  const stock = problem.stock
    .filter(({ available }) => available !== 0)
    .toSorted((a, b) => a.length - b.length);
  return ok({
    sizes: pieces.map(([length]) => length + kerf),
    demand: pieces.map(([, qty]) => qty),
    rooms: stock.map(({ length }) => length + kerf),
    prices: stock.map(({ price }) => price),
    available: stock.map(({ available }) => available ?? Infinity),
    kerf,
  });
}

/** One board: which stock, and how many of each size. */
export type Cutting = { stock: number; counts: number[] };

/** What all boards of a plan cost, in the problem's own money. */
export const costOf = (ground: Ground, cuttings: readonly Cutting[]): number =>
  cuttings.reduce((sum, { stock }) => sum + (ground.prices[stock] ?? 0), 0);
