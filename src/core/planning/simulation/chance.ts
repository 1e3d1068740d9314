import type { Random } from '../../random';

/** A draw between `low` and `high`, most often near `mode`: three points are what people can say of a job. */
export function triangular(random: Random, low: number, mode: number, high: number): number {
  const draw = random();
  const share = (mode - low) / Math.max(1e-12, high - low);
  return draw < share
    ? low + Math.sqrt(draw * (high - low) * (mode - low))
    : high - Math.sqrt((1 - draw) * (high - low) * (high - mode));
}

/** A factor about 1 whose logarithm is normal with this spread (Box and Muller 1958). */
export function logNormal(random: Random, spread: number): number {
  const [a, b] = [Math.max(1e-12, random()), random()];
  return Math.exp(spread * Math.sqrt(-2 * Math.log(a)) * Math.cos(2 * Math.PI * b));
}

/** The value below which this share of sorted values lies. */
export function quantile(sorted: readonly number[], share: number): number {
  const at = Math.min(sorted.length - 1, Math.max(0, Math.ceil(share * sorted.length) - 1));
  return sorted[at] ?? 0;
}
