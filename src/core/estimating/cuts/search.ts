import type { Bound } from './bound';
import type { Cutting, Ground } from './problem';

const EPSILON = 1e-6;
/** States remembered at most, so that memory stays small on a phone. */
const MOST_STATES = 100_000;

type Candidate = { cutting: Cutting; loss: number };

/**
 * Looks for a plan that costs at most `goal`, board by board. Every board loses something against the bound
 * (its price less what its pieces are worth there); boards are tried least loss first, and a branch ends when its
 * losses add up to more than lies between bound and goal. Each board holds the longest piece left and as much as
 * fits: any plan can be put into that form, so an exhausted search is a proof.
 */
export class CutSearch {
  /** The best plan found so far; undefined when none met the goal. */
  found: Cutting[] | undefined;
  stepsLeft: number;
  private gap: number;
  private readonly chosen: Cutting[] = [];
  private readonly seen = new Map<string, number>();
  private readonly left: number[];
  private readonly stockLeft: number[];
  /** The most a unit of length is worth among this size and all shorter ones. */
  private readonly density: number[];
  private wasCut = false;

  constructor(
    private readonly ground: Ground,
    private readonly bound: Bound,
    goal: number,
    steps: number,
    /** Prices come in multiples of this: the next better plan saves at least as much. */
    private readonly priceStep: number,
    /** Boards tried at each turn; fewer dive faster, Infinity makes the search complete. */
    private readonly breadth: number,
  ) {
    this.stepsLeft = steps;
    this.gap = goal - bound.value + EPSILON;
    this.left = [...ground.demand];
    this.stockLeft = [...ground.available];
    this.density = [];
    let most = 0;
    for (let piece = ground.sizes.length - 1; piece >= 0; piece -= 1) {
      most = Math.max(most, (bound.worth[piece] ?? 0) / (ground.sizes[piece] ?? 1));
      this.density[piece] = most;
    }
  }

  /** True when every plan within the goal was looked at: what is found is then the least there is. */
  run(): boolean {
    this.descend(0, 0);
    return !this.wasCut && this.stepsLeft > 0;
  }

  private descend(lost: number, price: number): void {
    const longest = this.left.findIndex((count) => count > 0);
    if (longest < 0) {
      // Limited stock left lying makes the losses add up to less than the price: only the price counts here.
      if (price - this.bound.value > this.gap) return;
      this.found = this.chosen.map(({ stock, counts }) => ({ stock, counts: [...counts] }));
      this.gap = price - this.priceStep - this.bound.value + EPSILON;
      return;
    }
    // Remembering and sorting cost about as much as this many steps of filling.
    this.stepsLeft -= this.left.length * 5;
    const key = `${this.left.join(' ')}|${this.stockLeft.join(' ')}`;
    if ((this.seen.get(key) ?? Infinity) <= lost + EPSILON) return;
    if (this.seen.size < MOST_STATES) this.seen.set(key, lost);
    const candidates = this.candidates(longest, lost).sort((a, b) => a.loss - b.loss);
    if (candidates.length > this.breadth) this.wasCut = true;
    for (const { cutting, loss } of candidates.slice(0, this.breadth)) {
      if (this.stepsLeft <= 0) return;
      if (lost + loss > this.gap) break;
      this.take(cutting, 1);
      this.chosen.push(cutting);
      this.descend(lost + loss, price + (this.ground.prices[cutting.stock] ?? 0));
      this.chosen.pop();
      this.take(cutting, -1);
    }
  }

  private take({ stock, counts }: Cutting, sign: 1 | -1): void {
    counts.forEach((count, piece) => {
      this.left[piece] = (this.left[piece] ?? 0) - sign * count;
    });
    this.stockLeft[stock] = (this.stockLeft[stock] ?? 0) - sign;
  }

  /** Every full board with the longest piece left whose loss still fits the gap. */
  private candidates(longest: number, lost: number): Candidate[] {
    const { rooms, prices } = this.ground;
    const found: Candidate[] = [];
    rooms.forEach((room, stock) => {
      if ((this.stockLeft[stock] ?? 0) <= 0) return;
      const price = (prices[stock] ?? 0) + (this.bound.rent[stock] ?? 0);
      const counts = this.ground.sizes.map(() => 0);
      this.fill(stock, longest, longest, room, price, lost, counts, found);
    });
    return found;
  }

  private fill(
    stock: number,
    longest: number,
    piece: number,
    room: number,
    loss: number,
    lost: number,
    counts: number[],
    found: Candidate[],
  ): void {
    this.stepsLeft -= 1;
    if (this.stepsLeft <= 0) return;
    if (lost + loss - room * (this.density[piece] ?? 0) > this.gap) return;
    if (piece === counts.length) {
      if (this.isFull(counts, room) && !this.hasCheaperStock(stock, room)) {
        found.push({ cutting: { stock, counts: [...counts] }, loss });
      }
      return;
    }
    const size = this.ground.sizes[piece] ?? 1;
    const most = Math.min(this.left[piece] ?? 0, Math.floor(room / size));
    const least = piece === longest ? 1 : 0;
    for (let count = most; count >= least; count -= 1) {
      counts[piece] = count;
      this.fill(
        stock,
        longest,
        piece + 1,
        room - count * size,
        loss - count * (this.bound.worth[piece] ?? 0),
        lost,
        counts,
        found,
      );
    }
    counts[piece] = 0;
  }

  private isFull = (counts: readonly number[], room: number): boolean =>
    this.ground.sizes.every(
      (size, piece) => size > room || (this.left[piece] ?? 0) <= (counts[piece] ?? 0),
    );

  /** An unlimited stock that holds the same for less, or for the same and comes first, makes this one pointless. */
  private hasCheaperStock(stock: number, spare: number): boolean {
    const { rooms, prices, available } = this.ground;
    const used = (rooms[stock] ?? 0) - spare;
    const price = prices[stock] ?? 0;
    return rooms.some((room, other) => {
      const otherPrice = prices[other] ?? 0;
      if (other === stock || room < used || available[other] !== Infinity) return false;
      return otherPrice < price || (otherPrice === price && other < stock);
    });
  }
}
