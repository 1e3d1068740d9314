import { boundOf, type Bound, type Pool } from './bound';
import type { Cutting, Ground } from './problem';
import { CutSearch } from './search';

/** A share below which a count of boards is whole: what rounding leaves of one. */
const WHOLE = 1e-4;
/** Steps for the boards of one branch once their counts are whole. */
const LEAF_STEPS = 60_000;

/** How many boards of each stock are bought at least, and at most. */
type Counts = { least: readonly number[]; most: readonly number[] };

/** A branch as a problem of its own: boards that are bought anyway cost nothing more. */
type Branch = { ground: Ground; stockOf: number[]; paid: number };

/**
 * Proves that no plan costs at most `goal`, or finds one: what the linear program buys of a stock in part is bought
 * either less or more (Belov and Scheithauer 2006 branch likewise on sums of patterns). Boards a branch must buy are
 * lent to it as free stock, so that its bound is one more linear program.
 */
export class StockBranches {
  /** The best plan found; undefined when none met the goal. */
  found: Cutting[] | undefined;
  private readonly pool: Pool = new Map();

  constructor(
    private readonly ground: Ground,
    private goal: number,
    public stepsLeft: number,
    private readonly priceStep: number,
  ) {}

  /** True when every branch was ended by a proof. */
  run(): boolean {
    const { available } = this.ground;
    return this.visit({ least: available.map(() => 0), most: available });
  }

  private visit(counts: Counts): boolean {
    if (this.stepsLeft <= 0) return false;
    const branch = branchOf(this.ground, counts);
    if (branch.paid > this.goal || !holdsLongest(branch.ground)) return true;
    const bound = boundOf(branch.ground, this.pool, (steps) => (this.stepsLeft -= steps));
    if (!bound || branch.paid + bound.value > this.goal + WHOLE) return true;
    const stock = this.mostFractional(branch, bound);
    if (!stock) return this.searchLeaf(branch, bound);
    const { at, many } = stock;
    const least = counts.least[at] ?? 0;
    const fewer = { ...counts, most: counts.most.with(at, least + Math.floor(many)) };
    const more = { ...counts, least: counts.least.with(at, least + Math.floor(many) + 1) };
    return this.visit(more) && this.visit(fewer);
  }

  /** The stock of which the program buys most nearly half a board beside what the branch has. */
  private mostFractional({ ground, stockOf }: Branch, { boards }: Bound) {
    const bought = new Map<number, number>();
    for (const { cutting, many } of boards) {
      if ((ground.prices[cutting.stock] ?? 0) === 0) continue;
      const at = stockOf[cutting.stock] ?? 0;
      bought.set(at, (bought.get(at) ?? 0) + many);
    }
    let best: { at: number; many: number; off: number } | undefined;
    for (const [at, many] of bought) {
      const off = Math.abs(many - Math.round(many));
      if (off > WHOLE && (!best || off > best.off)) best = { at, many, off };
    }
    return best;
  }

  private searchLeaf({ ground, stockOf, paid }: Branch, bound: Bound): boolean {
    const steps = Math.min(LEAF_STEPS, this.stepsLeft);
    const search = new CutSearch(ground, bound, this.goal - paid, steps, this.priceStep, Infinity);
    const isComplete = search.run();
    this.stepsLeft -= steps - search.stepsLeft;
    if (search.found) {
      this.found = search.found.map(({ stock, counts }) => ({
        stock: stockOf[stock] ?? 0,
        counts,
      }));
      const price = this.found.reduce(
        (sum, { stock }) => sum + (this.ground.prices[stock] ?? 0),
        0,
      );
      this.goal = price - this.priceStep;
    }
    return isComplete;
  }
}

/** A stock that costs nothing of itself is never bought: it is only lent. */
function branchOf(ground: Ground, { least, most }: Counts): Branch {
  const branch: Branch = {
    ground: { ...ground, rooms: [], prices: [], available: [] },
    stockOf: [],
    paid: 0,
  };
  const add = (stock: number, price: number, available: number) => {
    if (available <= 0) return;
    branch.ground.rooms.push(ground.rooms[stock] ?? 0);
    branch.ground.prices.push(price);
    branch.ground.available.push(available);
    branch.stockOf.push(stock);
  };
  ground.prices.forEach((price, stock) => {
    const lent = least[stock] ?? 0;
    add(stock, 0, lent);
    add(stock, price, (most[stock] ?? Infinity) - lent);
    branch.paid += lent * price;
  });
  return branch;
}

const holdsLongest = ({ sizes, rooms }: Ground): boolean =>
  Math.max(0, ...rooms) >= Math.max(...sizes);
