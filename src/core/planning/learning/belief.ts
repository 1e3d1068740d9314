import type { Random } from '../../random';
import { normal } from './normal';

/** One thing seen: a sum of some unknowns, and how far off a single look may be (standard deviation). */
export type Seen = { row: readonly Weighted[]; value: number; spread: number };
/** An unknown by its place, and how much of it was in what was seen. */
export type Weighted = { at: number; weight: number };
/** What is thought of an unknown before anything was seen. */
export type Prior = { mean: number; spread: number };

/** Freedom of Student's t: small, so that one mad evening hardly counts. */
const FREEDOM = 4;
const ROUNDS = 8;

/**
 * What is believed of several unknowns after some looks at sums of them: a Bayesian linear model with normal priors,
 * and looks whose errors are Student's t (as normal ones of weights found by iteration, Lange, Little and Taylor 1989).
 */
export class Belief {
  private constructor(
    private readonly means: Float64Array,
    /** Lower Cholesky factor of the precision. */
    private readonly factor: readonly Float64Array[],
  ) {}

  static of(priors: readonly Prior[], seen: readonly Seen[]): Belief {
    let belief = solved(
      priors,
      seen,
      seen.map(() => 1),
    );
    for (let round = 0; round < ROUNDS && seen.length > 0; round += 1) {
      const now = belief;
      const weights = seen.map(({ row, value, spread }) => {
        const off = (value - now.expects(row)) / spread;
        return (FREEDOM + 1) / (FREEDOM + off * off);
      });
      belief = solved(priors, seen, weights);
    }
    return belief;
  }

  static from(means: Float64Array, factor: readonly Float64Array[]): Belief {
    return new Belief(means, factor);
  }

  expects(row: readonly Weighted[]): number {
    return row.reduce((sum, { at, weight }) => sum + weight * (this.means[at] ?? 0), 0);
  }

  /** Standard deviation of what is believed of a sum, without the error of a further look. */
  spread(row: readonly Weighted[]): number {
    const known = forward(this.factor, dense(row, this.means.length));
    return Math.sqrt(known.reduce((sum, value) => sum + value * value, 0));
  }

  /** All unknowns as they may be, drawn together. */
  drawn(random: Random): Float64Array {
    const noise = Float64Array.from(this.means, () => normal(random));
    const off = backward(this.factor, noise);
    return this.means.map((mean, at) => mean + (off[at] ?? 0));
  }
}

function solved(
  priors: readonly Prior[],
  seen: readonly Seen[],
  weights: readonly number[],
): Belief {
  const size = priors.length;
  const precision = priors.map(() => new Float64Array(size));
  const right = new Float64Array(size);
  priors.forEach(({ mean, spread }, at) => {
    const sure = 1 / (spread * spread);
    add(precision, at, at, sure);
    right[at] = (right[at] ?? 0) + sure * mean;
  });
  seen.forEach(({ row, value, spread }, index) => {
    const sure = (weights[index] ?? 1) / (spread * spread);
    for (const one of row) {
      right[one.at] = (right[one.at] ?? 0) + sure * one.weight * value;
      for (const other of row) add(precision, one.at, other.at, sure * one.weight * other.weight);
    }
  });
  const factor = cholesky(precision);
  return Belief.from(backward(factor, forward(factor, right)), factor);
}

function add(matrix: readonly Float64Array[], row: number, column: number, value: number): void {
  const line = matrix[row];
  if (line) line[column] = (line[column] ?? 0) + value;
}

function dense(row: readonly Weighted[], size: number): Float64Array {
  const all = new Float64Array(size);
  for (const { at, weight } of row) all[at] = (all[at] ?? 0) + weight;
  return all;
}

/** The lower factor of a symmetric matrix whose priors make it positive. */
function cholesky(matrix: readonly Float64Array[]): Float64Array[] {
  const factor = matrix.map(({ length }) => new Float64Array(length));
  matrix.forEach((line, row) => {
    const own = factor[row] as Float64Array;
    for (let column = 0; column <= row; column += 1) {
      const other = factor[column] as Float64Array;
      let sum = line[column] ?? 0;
      for (let at = 0; at < column; at += 1) sum -= (own[at] ?? 0) * (other[at] ?? 0);
      own[column] = row === column ? Math.sqrt(Math.max(sum, 1e-12)) : sum / (other[column] ?? 1);
    }
  });
  return factor;
}

function forward(factor: readonly Float64Array[], right: Float64Array): Float64Array {
  const out = right.slice();
  factor.forEach((line, row) => {
    let sum = out[row] ?? 0;
    for (let at = 0; at < row; at += 1) sum -= (line[at] ?? 0) * (out[at] ?? 0);
    out[row] = sum / (line[row] ?? 1);
  });
  return out;
}

function backward(factor: readonly Float64Array[], right: Float64Array): Float64Array {
  const out = right.slice();
  for (let row = factor.length - 1; row >= 0; row -= 1) {
    let sum = out[row] ?? 0;
    for (let at = row + 1; at < factor.length; at += 1)
      sum -= (factor[at]?.[row] ?? 0) * (out[at] ?? 0);
    out[row] = sum / (factor[row]?.[row] ?? 1);
  }
  return out;
}
