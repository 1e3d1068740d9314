import { Knapsack } from './knapsack';
import type { Cutting, Ground } from './problem';

/** What linear programming says of a cutting problem. */
export type Bound = {
  /** No plan costs less. */
  value: number;
  /** What one more of each size would cost; never negative. */
  worth: number[];
  /** What one board more of each limited stock would save; 0 for unlimited stock. */
  rent: number[];
  /** The fractional plan the bound comes from. */
  boards: { cutting: Cutting; many: number }[];
};

type Column =
  | { kind: 'pattern'; cutting: Cutting; cost: number }
  | { kind: 'surplus' | 'slack' | 'missing'; row: number; cost: number };

/** Work allowed, in cells of the knapsack filled: about 0.2 s. Hundreds of different sizes are cut short by it. */
const MOST_WORK = 80_000_000;
/** The bound is taken along the way, as the last prices are not always the best ones. */
const BOUND_EVERY = 25;
const TINY = 1e-7;
/** What the work counts in steps of the search. */
const CELLS_A_STEP = 100;
const PIVOT_CELLS_A_STEP = 6;
/** Far more than a program of a house's sizes ever takes. */
const MOST_PIVOTS = 20_000;

/**
 * Column generation (Gilmore and Gomory 1961): a revised simplex whose columns are cutting patterns, found by a
 * knapsack as they are wanted. Rows: demand of each size, then limited stocks. Undefined when no plan exists
 * even in fractions, which is when limited stock runs out.
 */
export function boundOf(
  ground: Ground,
  pool?: Pool,
  spend: (steps: number) => void = () => undefined,
): Bound | undefined {
  const limited = ground.available.flatMap((count, stock) => (count < Infinity ? [stock] : []));
  const master = new Master(ground, limited);
  const knapsack = new Knapsack(ground);
  let best: Bound | undefined;
  const rounds = MOST_WORK / knapsack.work;
  const aPivot = (ground.sizes.length + limited.length) ** 2 / PIVOT_CELLS_A_STEP;
  for (let round = 0, pivots = 0; round < rounds && pivots < MOST_PIVOTS; pivots += 1) {
    const prices = master.prices();
    const known = pool ? knownToEnter(ground, limited, pool, prices) : [];
    if (known.some((column) => master.enter(column))) {
      spend(aPivot);
      continue;
    }
    const patterns = patternsToEnter(ground, limited, knapsack, prices);
    spend(aPivot + knapsack.work / CELLS_A_STEP);
    if (pool) remember(pool, ground, patterns);
    const entering = patterns.length > 0 ? patterns : master.surplusToEnter(prices);
    if (!entering.some((column) => master.enter(column))) break;
    if (round % BOUND_EVERY === 0)
      best = higher(best, safeBound(ground, limited, knapsack, master));
    round += 1;
  }
  if (master.isMissingSomething()) return undefined;
  const last = higher(best, safeBound(ground, limited, knapsack, master));
  return { ...last, boards: master.boards() };
}

/** Patterns found before, by the room of their stock: a bound of nearly the same problem begins with them. */
export type Pool = Map<number, number[][]>;

function remember(pool: Pool, ground: Ground, columns: readonly Column[]): void {
  for (const column of columns) {
    if (column.kind !== 'pattern') continue;
    const room = ground.rooms[column.cutting.stock] ?? 0;
    pool.set(room, [...(pool.get(room) ?? []), column.cutting.counts]);
  }
}

/** The known pattern that would save most, where one would. */
function knownToEnter(
  ground: Ground,
  limited: readonly number[],
  pool: Pool,
  prices: Float64Array,
): Column[] {
  let best: { stock: number; counts: number[]; saving: number } | undefined;
  ground.prices.forEach((price, stock) => {
    const at = limited.indexOf(stock);
    const rent = at < 0 ? 0 : (prices[ground.sizes.length + at] ?? 0);
    for (const counts of pool.get(ground.rooms[stock] ?? 0) ?? []) {
      let saving = rent - price;
      for (let piece = 0; piece < counts.length; piece += 1) {
        saving += (counts[piece] ?? 0) * (prices[piece] ?? 0);
      }
      if (saving > TINY * (1 + price) && (!best || saving > best.saving)) {
        best = { stock, counts, saving };
      }
    }
  });
  if (!best) return [];
  const { stock, counts } = best;
  return [{ kind: 'pattern', cutting: { stock, counts }, cost: ground.prices[stock] ?? 0 }];
}

const higher = (a: Bound | undefined, b: Bound): Bound => (a && a.value > b.value ? a : b);

/** A pattern of each stock that would save something, the best first: one valuing serves several columns. */
function patternsToEnter(
  ground: Ground,
  limited: readonly number[],
  knapsack: Knapsack,
  prices: Float64Array,
): Column[] {
  knapsack.value(prices.subarray(0, ground.sizes.length));
  const saving = ground.prices.map((price, stock) => {
    const at = limited.indexOf(stock);
    const rent = at < 0 ? 0 : (prices[ground.sizes.length + at] ?? 0);
    return knapsack.worth(stock) + rent - price;
  });
  return [...ground.prices.keys()]
    .filter((stock) => (saving[stock] ?? 0) > TINY * (1 + (ground.prices[stock] ?? 0)))
    .sort((a, b) => (saving[b] ?? 0) - (saving[a] ?? 0))
    .map((stock) => ({
      kind: 'pattern',
      cutting: { stock, counts: knapsack.filling(stock) },
      cost: ground.prices[stock] ?? 0,
    }));
}

/** Duals shrunk until no pattern of any stock is worth more than its price (Farley 1990), so that rounding never flatters. */
function safeBound(
  ground: Ground,
  limited: readonly number[],
  knapsack: Knapsack,
  master: Master,
): Bound {
  const prices = master.prices();
  const worth = ground.sizes.map((_, piece) => Math.max(0, prices[piece] ?? 0));
  const rent = ground.prices.map((_, stock) => {
    const at = limited.indexOf(stock);
    return at < 0 ? 0 : Math.max(0, -(prices[ground.sizes.length + at] ?? 0));
  });
  knapsack.value(worth);
  const shrink = ground.prices.reduce((least, price, stock) => {
    const value = knapsack.worth(stock);
    return value > TINY ? Math.min(least, (price + (rent[stock] ?? 0)) / value) : least;
  }, 1);
  const shrunk = worth.map((value) => value * shrink);
  const value =
    shrunk.reduce((sum, each, piece) => sum + each * (ground.demand[piece] ?? 0), 0) -
    limited.reduce((sum, stock) => sum + (rent[stock] ?? 0) * (ground.available[stock] ?? 0), 0);
  return { value: Math.max(0, value), worth: shrunk, rent, boards: master.boards() };
}

/** The cheapest way to cut one size alone from unlimited stock: where the simplex begins. */
function cheapestAlone(ground: Ground, piece: number): Column | undefined {
  let best: { column: Column; each: number } | undefined;
  ground.rooms.forEach((room, stock) => {
    const many = Math.min(Math.floor(room / (ground.sizes[piece] ?? 1)), ground.demand[piece] ?? 0);
    const cost = ground.prices[stock] ?? 0;
    if (many === 0 || ground.available[stock] !== Infinity) return;
    if (best && best.each <= cost / many) return;
    const counts = ground.sizes.map((_, other) => (other === piece ? many : 0));
    best = { each: cost / many, column: { kind: 'pattern', cutting: { stock, counts }, cost } };
  });
  return best?.column;
}

/** The restricted master problem, with its basis inverse kept dense: a house has few sizes. */
class Master {
  private readonly rows: number;
  private readonly basis: Column[];
  private readonly inverse: Float64Array[];
  private readonly amounts: Float64Array;

  constructor(
    private readonly ground: Ground,
    private readonly limited: readonly number[],
  ) {
    const sizes = ground.sizes.length;
    this.rows = sizes + limited.length;
    const missing = 10 * ground.prices.reduce((sum, price) => sum + price, 1);
    const alone = ground.sizes.map((_, piece) => cheapestAlone(ground, piece));
    this.basis = Array.from({ length: this.rows }, (_, row): Column => {
      if (row >= sizes) return { kind: 'slack', row, cost: 0 };
      return alone[row] ?? { kind: 'missing', row, cost: missing };
    });
    const holds = (row: number) => {
      const column = alone[row];
      return column?.kind === 'pattern' ? (column.cutting.counts[row] ?? 1) : 1;
    };
    this.inverse = Array.from({ length: this.rows }, (_, row) => {
      const line = new Float64Array(this.rows);
      line[row] = 1 / holds(row);
      return line;
    });
    this.amounts = Float64Array.from([
      ...ground.demand.map((count, row) => count / holds(row)),
      ...limited.map((stock) => ground.available[stock] ?? 0),
    ]);
  }

  /** Dual prices: what one more of each row would cost. */
  prices(): Float64Array {
    const prices = new Float64Array(this.rows);
    this.basis.forEach(({ cost }, at) => {
      if (cost === 0) return;
      const line = this.inverse[at];
      for (let row = 0; row < this.rows; row += 1) {
        prices[row] = (prices[row] ?? 0) + cost * (line?.[row] ?? 0);
      }
    });
    return prices;
  }

  /** More of a size than asked for is welcome when its price went below nought; likewise a stock left lying. */
  surplusToEnter(prices: Float64Array): Column[] {
    const gain = (row: number) =>
      row < this.ground.sizes.length ? -(prices[row] ?? 0) : (prices[row] ?? 0);
    return Array.from({ length: this.rows }, (_, row) => row)
      .filter((row) => gain(row) > TINY)
      .sort((a, b) => gain(b) - gain(a))
      .map((row) => ({
        kind: row < this.ground.sizes.length ? 'surplus' : 'slack',
        row,
        cost: 0,
      }));
  }

  private columnOf(column: Column): Float64Array {
    const dense = new Float64Array(this.rows);
    if (column.kind === 'pattern') {
      dense.set(column.cutting.counts);
      const at = this.limited.indexOf(column.cutting.stock);
      if (at >= 0) dense[this.ground.sizes.length + at] = 1;
    } else dense[column.row] = column.kind === 'surplus' ? -1 : 1;
    return dense;
  }

  /** One pivot; false when it would not help (the problem is unbounded or numbers gave out). */
  enter(column: Column): boolean {
    const dense = this.columnOf(column);
    const change = this.inverse.map((line) =>
      line.reduce((sum, value, row) => sum + value * (dense[row] ?? 0), 0),
    );
    let leaving = -1;
    let least = Infinity;
    change.forEach((rate, at) => {
      if (rate <= TINY) return;
      const ratio = (this.amounts[at] ?? 0) / rate;
      const tie = Math.abs(ratio - least) <= 1e-12;
      if (ratio < least - 1e-12 || (tie && this.basis[at]?.kind === 'missing')) {
        least = Math.min(ratio, least);
        leaving = at;
      }
    });
    const pivotLine = this.inverse[leaving];
    const pivot = change[leaving];
    if (!pivotLine || pivot === undefined) return false;
    for (let row = 0; row < this.rows; row += 1) pivotLine[row] = (pivotLine[row] ?? 0) / pivot;
    this.amounts[leaving] = (this.amounts[leaving] ?? 0) / pivot;
    this.inverse.forEach((line, at) => {
      const rate = change[at] ?? 0;
      if (at === leaving || rate === 0) return;
      for (let row = 0; row < this.rows; row += 1) {
        line[row] = (line[row] ?? 0) - rate * (pivotLine[row] ?? 0);
      }
      const left = (this.amounts[at] ?? 0) - rate * (this.amounts[leaving] ?? 0);
      this.amounts[at] = Math.max(0, left);
    });
    this.basis[leaving] = column;
    return true;
  }

  isMissingSomething = (): boolean =>
    this.basis.some(({ kind }, at) => kind === 'missing' && (this.amounts[at] ?? 0) > 1e-6);

  boards = (): Bound['boards'] =>
    this.basis.flatMap((column, at) =>
      column.kind === 'pattern' && (this.amounts[at] ?? 0) > TINY
        ? { cutting: column.cutting, many: this.amounts[at] ?? 0 }
        : [],
    );
}
