import { ok, fail, type Result } from '../../result';
import { seededRandom, type Random } from '../../random';
import { boundOf, type Bound } from './bound';
import { StockBranches } from './branch';
import { bestFirstFit } from './first-fit';
import {
  costOf,
  groundOf,
  type CutError,
  type CutPlan,
  type CutProblem,
  type Cutting,
  type Ground,
} from './problem';
import { CutSearch } from './search';

/** Work allowed, in search steps: under 0.5 s on a two-core laptop. Steps, not seconds: the same answer everywhere. */
const STEPS = 900_000;
/** Boards tried at each turn, and the share of all steps that may go there: quick dives, then a proof. */
const DIVES = [
  { breadth: 1, share: 0.05 },
  { breadth: 3, share: 0.1 },
  { breadth: 8, share: 0.1 },
  { breadth: Infinity, share: 0.1 },
];
/** The share of all steps for a proof by how many boards of each stock are bought. */
const BRANCHING = 0.45;
/** Above this many pieces the whole boards of the fractional plan are taken first. */
const MANY_PIECES = 90;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
const priceStepOf = ({ prices }: Ground): number => Math.max(1, prices.reduce(gcd, 0));

/** The bound, up to the next sum that board prices can make. */
function attainable(ground: Ground, bound: number): number {
  const step = priceStepOf(ground);
  const least = Math.ceil((bound - 1e-4) / step);
  const prices = [...new Set(ground.prices)]
    .filter((price) => price > 0)
    .map((price) => price / step);
  const most = least + Math.max(0, ...prices);
  if (prices.length === 0 || most > 2_000_000) return Math.max(0, least * step);
  const reachable = new Uint8Array(most + 1);
  reachable[0] = 1;
  for (let sum = 0; sum <= most; sum += 1) {
    if (sum >= least && reachable[sum] === 1) return sum * step;
    if (reachable[sum] === 1)
      for (const price of prices) if (sum + price <= most) reachable[sum + price] = 1;
  }
  return least * step;
}

/**
 * The cheapest set of boards, and which piece from which board. First a bound by linear programming, then a search
 * that proves what it can within its steps, then re-cutting of a few boards at a time. Limited stock (what lies in
 * the stores) is used where it pays. Errors: see `CutError`; more pieces than limited stock holds is `not-enough-stock`.
 */
export function planCuts(
  problem: CutProblem,
  { steps = STEPS, seed = 1 } = {},
): Result<CutPlan, CutError> {
  const read = groundOf(problem);
  if (!read.ok) return read;
  const ground = read.value;
  if (ground.sizes.length === 0) {
    return ok({ boards: [], price: 0, waste: 0, lowerBound: 0, proven: true });
  }
  const bound = boundOf(ground);
  if (!bound) return fail({ code: 'not-enough-stock' });
  const lowerBound = attainable(ground, bound.value);
  const first = bestFirstFit(ground);
  const state: State = { ground, bound, lowerBound, best: first, stepsLeft: steps };
  if (piecesOf(ground) > MANY_PIECES) roundDown(state);
  const proven = isOptimal(state) || dig(state);
  if (!proven && state.best) recut(state, seededRandom(seed));
  if (!state.best) return fail({ code: 'not-enough-stock' });
  return ok(planOf(ground, state.best, lowerBound, proven || isOptimal(state)));
}

const piecesOf = ({ demand }: Ground): number => demand.reduce((sum, count) => sum + count, 0);

type State = {
  ground: Ground;
  bound: Bound;
  lowerBound: number;
  best: Cutting[] | undefined;
  stepsLeft: number;
};

const isOptimal = ({ ground, best, lowerBound }: State): boolean =>
  best !== undefined && costOf(ground, best) <= lowerBound;

const goalOf = (ground: Ground, best: Cutting[] | undefined): number =>
  best ? costOf(ground, best) - priceStepOf(ground) : Infinity;

/** Narrow dives first, then wider ones, then branch by branch; true when one of them came to its end. */
function dig(state: State): boolean {
  const { ground, bound } = state;
  const all = state.stepsLeft;
  for (const { breadth, share: part } of DIVES) {
    const share = all * part;
    const search = new CutSearch(
      ground,
      bound,
      goalOf(ground, state.best),
      share,
      priceStepOf(ground),
      breadth,
    );
    const complete = search.run();
    state.stepsLeft -= share - search.stepsLeft;
    state.best = search.found ?? state.best;
    if (isOptimal(state) || complete) return true;
  }
  // Of hundreds of pieces a proof is out of reach: the steps are better spent on re-cutting.
  if (piecesOf(ground) > MANY_PIECES) return false;
  const share = all * BRANCHING;
  const branches = new StockBranches(
    ground,
    goalOf(ground, state.best),
    share,
    priceStepOf(ground),
  );
  const complete = branches.run();
  state.stepsLeft -= share - Math.max(0, branches.stepsLeft);
  state.best = branches.found ?? state.best;
  return complete || isOptimal(state);
}

/** Whole boards of the fractional plan as they are, the rest searched for: good plans for hundreds of pieces. */
function roundDown(state: State): void {
  const { ground, bound } = state;
  const left = [...ground.demand];
  const stockLeft = [...ground.available];
  const whole: Cutting[] = [];
  for (const { cutting, many } of bound.boards) {
    for (let count = Math.floor(many + 1e-6); count > 0; count -= 1) {
      if (cutting.counts.some((wanted, piece) => wanted > (left[piece] ?? 0))) break;
      if ((stockLeft[cutting.stock] ?? 0) <= 0 || !fitsTruly(ground, cutting)) break;
      cutting.counts.forEach((wanted, piece) => (left[piece] = (left[piece] ?? 0) - wanted));
      stockLeft[cutting.stock] = (stockLeft[cutting.stock] ?? 0) - 1;
      whole.push(cutting);
    }
  }
  const { plan: rest, spent } = solveSmall(
    { ...ground, demand: left, available: stockLeft },
    state.stepsLeft / 4,
  );
  state.stepsLeft -= spent;
  if (!rest) return;
  const plan = [...whole, ...rest];
  if (!state.best || costOf(ground, plan) < costOf(ground, state.best)) state.best = plan;
}

/** Patterns of the bound may rest on lengths rounded to the grid. */
const fitsTruly = (ground: Ground, { stock, counts }: Cutting): boolean =>
  counts.reduce((sum, count, piece) => sum + count * (ground.sizes[piece] ?? 0), 0) <=
  (ground.rooms[stock] ?? 0);

type Small = { plan: Cutting[] | undefined; spent: number };

/** A part of the problem on its own: sizes not asked for are left out while it is searched. */
function solveSmall(ground: Ground, steps: number, goal = Infinity): Small {
  const kept = ground.sizes.flatMap((_, piece) => ((ground.demand[piece] ?? 0) > 0 ? [piece] : []));
  const stocks = ground.rooms.flatMap((_, stock) =>
    (ground.available[stock] ?? 0) > 0 ? [stock] : [],
  );
  if (kept.length === 0) return { plan: [], spent: 0 };
  const pick = (values: readonly number[], at: readonly number[]) =>
    at.map((index) => values[index] ?? 0);
  const small: Ground = {
    kerf: ground.kerf,
    sizes: pick(ground.sizes, kept),
    demand: pick(ground.demand, kept),
    rooms: pick(ground.rooms, stocks),
    prices: pick(ground.prices, stocks),
    available: pick(ground.available, stocks),
  };
  let spent = 0;
  const bound = boundOf(small, undefined, (each) => (spent += each));
  if (!bound || bound.value > goal) return { plan: undefined, spent };
  let best = goal === Infinity ? bestFirstFit(small) : undefined;
  for (const breadth of [2, Infinity]) {
    const target = best ? costOf(small, best) - priceStepOf(ground) : goal;
    const search = new CutSearch(small, bound, target, steps / 2, priceStepOf(ground), breadth);
    const complete = search.run();
    spent += steps / 2 - search.stepsLeft;
    best = search.found ?? best;
    if (complete) break;
  }
  const plan = best?.map(({ stock, counts }) => {
    const all = ground.sizes.map(() => 0);
    kept.forEach((piece, at) => (all[piece] = counts[at] ?? 0));
    return { stock: stocks[stock] ?? 0, counts: all };
  });
  return { plan, spent };
}

/** Takes a few boards apart, wasteful ones rather, and cuts their pieces anew, as long as steps are left. */
function recut(state: State, random: Random): void {
  const { ground } = state;
  const share = 20_000;
  let idle = 0;
  while (state.stepsLeft > 0 && state.best && idle < 400 && !isOptimal(state)) {
    const plan = state.best;
    const many = Math.min(plan.length, 3 + Math.floor(random() * 6));
    const picked = pickBoards(ground, plan, many, random);
    const taken = plan.filter((_, at) => picked.has(at));
    const kept = plan.filter((_, at) => !picked.has(at));
    const demand = ground.sizes.map((_, piece) =>
      taken.reduce((sum, { counts }) => sum + (counts[piece] ?? 0), 0),
    );
    const available = ground.available.map(
      (count, stock) => count - kept.filter((board) => board.stock === stock).length,
    );
    const goal = costOf(ground, taken) - priceStepOf(ground);
    const { plan: better, spent } = solveSmall({ ...ground, demand, available }, share, goal);
    state.stepsLeft -= spent;
    idle += 1;
    if (!better) continue;
    state.best = [...kept, ...better];
    idle = 0;
  }
}

function pickBoards(
  ground: Ground,
  plan: readonly Cutting[],
  many: number,
  random: Random,
): Set<number> {
  const scored = plan.map(({ stock, counts }, at) => {
    const used = counts.reduce((sum, count, piece) => sum + count * (ground.sizes[piece] ?? 0), 0);
    const waste = 1 - used / (ground.rooms[stock] ?? 1);
    return { at, score: random() * (0.15 + waste) };
  });
  return new Set(
    scored
      .sort((a, b) => b.score - a.score)
      .slice(0, many)
      .map(({ at }) => at),
  );
}

function planOf(
  ground: Ground,
  plan: readonly Cutting[],
  lowerBound: number,
  proven: boolean,
): CutPlan {
  const { kerf } = ground;
  const boards = plan
    .map(({ stock, counts }) => ({
      stock: (ground.rooms[stock] ?? 0) - kerf,
      price: ground.prices[stock] ?? 0,
      cuts: counts.flatMap((count, piece) =>
        Array.from({ length: count }, () => (ground.sizes[piece] ?? 0) - kerf),
      ),
    }))
    .sort((a, b) => b.stock - a.stock || a.price - b.price || (b.cuts[0] ?? 0) - (a.cuts[0] ?? 0));
  const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
  const price = costOf(ground, plan);
  return {
    boards,
    price,
    waste: sum(boards.map(({ stock, cuts }) => stock - sum(cuts))),
    lowerBound: proven ? price : lowerBound,
    proven,
  };
}
