import type { Hanging } from './joints';
import type { SheetRules } from './sheet';
import type { Row, RowSpan } from './sheet-rows';

/** The pieces of a room by their height, and about how many sheets they come from. */
export class PieceSet {
  private readonly byHeight = new Map<number, Map<number, number>>();

  constructor(
    private readonly rules: SheetRules,
    hangings: readonly Hanging[],
  ) {
    for (const { rows } of hangings) {
      for (const row of rows) for (const stretch of row.stretches) this.add(row, stretch, 1);
    }
  }

  /** Pieces in all. */
  size = 0;

  /** No layout takes fewer sheets. */
  fewest(): number {
    const longest = Math.max(...this.rules.lengths);
    return [...this.byHeight].reduce((sum, [height, counts]) => {
      const run = [...counts].reduce((all, [length, count]) => all + length * count, 0);
      return sum + Math.ceil(run / (longest + 1) / this.lanesOf(height) - 1e-3);
    }, 0);
  }

  private lanesOf = (height: number): number =>
    Math.max(1, Math.floor((this.rules.width + 1) / height));

  add({ bottom, top }: Row, { from, to, joints }: RowSpan, count: 1 | -1): void {
    const height = Math.round(top - bottom);
    const lengths = this.byHeight.get(height) ?? new Map<number, number>();
    this.byHeight.set(height, lengths);
    [...joints, to].forEach((end, at) => {
      const length = Math.round(end - (joints[at - 1] ?? from));
      lengths.set(length, (lengths.get(length) ?? 0) + count);
      this.size += count;
    });
  }

  /** Sheets, first-fit with the longest piece first; of as many those that are `fuller`, then their length. */
  cost(fuller: number): number {
    const { lengths } = this.rules;
    const longest = Math.max(...lengths);
    let sheets = 0;
    let bought = 0;
    let fullness = 0;
    for (const [height, counts] of this.byHeight) {
      const lanes = this.lanesOf(height);
      const pieces = [...counts].sort(([a], [b]) => b - a);
      const left: number[] = [];
      for (const [length, count] of pieces) {
        for (let nth = 0; nth < count; nth += 1) {
          const at = left.findIndex((rest) => rest >= length - 1);
          if (at < 0) left.push(longest - length);
          else left[at] = (left[at] ?? 0) - length;
        }
      }
      sheets += Math.ceil(left.length / lanes);
      for (const rest of left) {
        bought += Math.min(...lengths.filter((length) => length >= longest - rest - 1)) / lanes;
        fullness += (1 - rest / longest) ** 2 / lanes;
      }
    }
    return sheets - fullness * fuller + bought / (longest * 1_000);
  }
}
