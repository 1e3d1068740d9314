import type { Ground } from './problem';

/** Grid lines on the longest stock: lengths finer than this are relaxed, so that the bound stays a bound. */
const MOST_CELLS = 8_192;
/** With many sizes a coarser grid: the bound loosens by a fifth of a percent and comes three times as fast. */
const MANY_SIZES = 40;
const COARSE_CELLS = 1_200;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** Each size as one to several lots (1, 2, 4 … of it), so that no pattern holds more than is asked for. */
type Lot = { piece: number; many: number; cells: number };

/**
 * The best filling of every stock length at once, by dynamic programming over length.
 * Sizes round down to the grid and stock up: a relaxation, exact when the grid divides all lengths.
 */
export class Knapsack {
  private readonly cells: number[];
  private readonly lots: Lot[];
  private readonly best: Float64Array;
  private readonly taken: Uint8Array;
  private readonly width: number;

  constructor(private readonly ground: Ground) {
    const longest = Math.max(...ground.rooms);
    const shared = [...ground.sizes, ...ground.rooms].reduce(gcd);
    const most = ground.sizes.length > MANY_SIZES ? COARSE_CELLS : MOST_CELLS;
    const cell = Math.max(shared, Math.ceil(longest / most));
    this.cells = ground.rooms.map((room) => Math.ceil(room / cell));
    this.width = Math.max(...this.cells) + 1;
    this.lots = ground.sizes.flatMap((size, piece) => {
      const cells = Math.max(1, Math.floor(size / cell));
      let left = Math.min(ground.demand[piece] ?? 0, Math.floor(longest / size));
      const lots: Lot[] = [];
      for (let many = 1; left > 0; many *= 2) {
        const taken = Math.min(many, left);
        lots.push({ piece, many: taken, cells: cells * taken });
        left -= taken;
      }
      return lots;
    });
    this.best = new Float64Array(this.width);
    this.taken = new Uint8Array(this.width * this.lots.length);
  }

  /** Values every length for these values of the pieces. Pieces worth nothing are left out. */
  value(values: ArrayLike<number>): void {
    const { best, taken, width } = this;
    best.fill(0);
    this.lots.forEach((lot, at) => {
      const row = at * width;
      const worth = (values[lot.piece] ?? 0) * lot.many;
      taken.fill(0, row, row + width);
      if (worth <= 1e-9) return;
      for (let room = width - 1; room >= lot.cells; room -= 1) {
        const other = (best[room - lot.cells] ?? 0) + worth;
        if (other > (best[room] ?? 0) + 1e-9) {
          best[room] = other;
          taken[row + room] = 1;
        }
      }
    });
  }

  /** Cells filled by one valuing. */
  get work(): number {
    return this.width * this.lots.length;
  }

  worth = (stock: number): number => this.best[this.cells[stock] ?? 0] ?? 0;

  /** The counts that reach `worth(stock)`. */
  filling(stock: number): number[] {
    const counts = this.ground.sizes.map(() => 0);
    let room = this.cells[stock] ?? 0;
    for (let at = this.lots.length - 1; at >= 0; at -= 1) {
      const lot = this.lots[at];
      if (!lot || this.taken[at * this.width + room] !== 1) continue;
      counts[lot.piece] = (counts[lot.piece] ?? 0) + lot.many;
      room -= lot.cells;
    }
    return counts;
  }
}
