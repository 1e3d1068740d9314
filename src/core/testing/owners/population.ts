import { seededRandom, type Random } from '../../random';

/** How one owner's house goes: nobody knows it beforehand, the log tells of it. */
export type Owner = {
  /** So many times what was estimated this owner's work takes. */
  bias: number;
  /** The share of evenings and weekend days that come to nothing. */
  lost: number;
  rain: number;
  damp: number;
  fails: number;
  factorOf: (family: string, random: Random) => number;
  /** Days by which a trade, a visit or a delivery comes later than it was said. */
  slipOf: (what: 'trade' | 'visit' | 'delivery', random: Random) => number;
};

const between = (random: Random, low: number, high: number) => low + random() * (high - low);

/** A factor about 1 (twelve throws added up are near enough to a bell). */
function noise(random: Random, spread: number): number {
  let sum = -6;
  for (let at = 0; at < 12; at += 1) sum += random();
  return Math.exp(spread * sum);
}

const LATE = {
  trade: { chance: 0.35, most: 10 },
  visit: { chance: 0.1, most: 3 },
  delivery: { chance: 0.25, most: 12 },
};

/**
 * One owner of a population: work takes 0.8 to 2.0 times the estimate, 10 to 40 of a hundred evenings are lost, kinds
 * of work differ by an eighth, single jobs by a third, trades slip and visits fail.
 */
export function ownerOf(seed: number): Owner {
  const random = seededRandom(seed * 7_919 + 13);
  const bias = between(random, 0.8, 2);
  const kinds = new Map<string, number>();
  return {
    bias,
    lost: between(random, 0.1, 0.4),
    rain: between(random, 0.1, 0.35),
    damp: between(random, 1, 1.4),
    fails: between(random, 0.05, 0.3),
    factorOf: (family, luck) => {
      const known = kinds.get(family) ?? noise(random, 0.12);
      kinds.set(family, known);
      return bias * known * noise(luck, 0.3);
    },
    slipOf: (what, luck) => {
      const { chance, most } = LATE[what];
      return luck() < chance ? 1 + Math.floor(luck() * most) : 0;
    },
  };
}
