import { MINUTES_PER_DAY } from '../../units';
import { quantile } from './chance';
import type { Drawn } from './draw';

/** A median of drawn values is off by so many times their spread over the root of their number (normal ones). */
const OF_MEDIAN = 1.253;
const SURE = 2;

/**
 * By how many days a gate is later in one drawing than in another of the same runs: both lived through under the same
 * luck, run by run. 0 where less than a day, or less than its own noise, lies between them.
 */
export function daysLater(one: Drawn, other: Drawn, gate: keyof Drawn['ends']): number {
  const [before, after] = [one.ends[gate], other.ends[gate]];
  if (before.length === 0 || before.length !== after.length) return 0;
  const later = after.map((end, run) => (end - (before[run] ?? 0)) / MINUTES_PER_DAY);
  const middle = quantile(
    later.toSorted((a, b) => a - b),
    0.5,
  );
  const mean = later.reduce((sum, days) => sum + days, 0) / later.length;
  const spread = Math.sqrt(
    later.reduce((sum, days) => sum + (days - mean) ** 2, 0) / Math.max(1, later.length - 1),
  );
  const noise = (OF_MEDIAN * spread) / Math.sqrt(later.length);
  return Math.abs(middle) < Math.max(1, SURE * noise) ? 0 : Math.round(middle);
}
