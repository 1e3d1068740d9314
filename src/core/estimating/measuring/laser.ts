import type { Random } from '../../random';
import { fromMillimetres, ticks, type Ticks } from '../../units';

/** What a measuring device says: a length, or that it saw nothing. */
export type Reading = { kind: 'length'; length: Ticks } | { kind: 'lost' };

/** Anything that measures a length when asked: the simulated one here, a real one later. */
export type MeasuringDevice = { measure(target: Ticks): Promise<Reading> };

const NOISE_MM = 1.5;
const LOST_SHARE = 0.12;

/**
 * One reading of the simulated laser: the length there, up to 1.5 mm off, to the millimetre as such devices show it;
 * about every eighth time no signal comes back.
 */
export function simulatedReading(target: Ticks, random: Random): Reading {
  if (random() < LOST_SHARE) return { kind: 'lost' };
  const noise = (random() * 2 - 1) * NOISE_MM;
  const millimetres = Math.max(1, Math.round(target / 320 + noise));
  return { kind: 'length', length: ticks(fromMillimetres(millimetres)) };
}
