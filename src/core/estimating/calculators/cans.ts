import { countWords, type UnitSystem } from '../../units';
import { rounded } from './line';

/** A size something is sold in, with its price in cents. */
export type Can = { id: string; name: string; holds: number; price: number };

/** What the three sizes cost where nobody has said; made up. In metric shops they hold 1, 4 and 20 litres. */
export const CAN_PRICES = { quart: 1_600, gallon: 3_800, five: 16_500 } as const;
export type CanPrices = Record<keyof typeof CAN_PRICES, number>;

/** The smallest can on sale: paint is counted in it. */
export const SMALLEST_CAN = { imperial: 'quart', metric: 'litre' } as const;
const NAMES = {
  imperial: ['pail of 5 gallons', 'gallon', 'quart'],
  metric: ['pail of 20 litres', 'can of 4 litres', 'can of 1 litre'],
} as const;
const PER_GALLON = 4;
const PER_FIVE = 20;

/** Cans of paint on sale, the largest first. `holds` is in quarts or litres: four make the middle one in either. */
export function paintCans({ quart, gallon, five }: CanPrices, units: UnitSystem): Can[] {
  const [largest, middle, least] = NAMES[units];
  return [
    { id: 'five', name: largest, holds: PER_FIVE, price: five },
    { id: 'gallon', name: middle, holds: PER_GALLON, price: gallon },
    { id: 'quart', name: least, holds: 1, price: quart },
  ];
}

const WHOLE = 100;
const inProportion = (gallon: number, size: keyof CanPrices): number =>
  Math.max(1, Math.round((gallon * CAN_PRICES[size]) / CAN_PRICES.gallon / WHOLE)) * WHOLE;

/** Prices where one knows what a gallon, or four litres, cost: the others a guess, in proportion and whole. */
export const canPricesAt = (gallon: number): CanPrices => ({
  gallon,
  quart: inProportion(gallon, 'quart'),
  five: inProportion(gallon, 'five'),
});

export type CanCount = { can: Can; count: number };

const MOST_STEPS = 10_000;

/**
 * The cheapest set of cans that holds `need`, by dynamic programming over the smallest can; of equal prices the one
 * with fewer cans. Sizes are whole multiples of the smallest, up to rounding.
 */
export function cheapestCans(need: number, cans: readonly Can[]): CanCount[] {
  const unit = Math.min(...cans.map(({ holds }) => holds));
  const all = Math.ceil(need / unit - 1e-6);
  // Far beyond the sizes of the cans the cheapest by volume makes up the bulk of any cheapest set.
  const bulk = cans.reduce((best, can) =>
    can.price / can.holds < best.price / best.holds ? can : best,
  );
  const perBulk = Math.round(bulk.holds / unit);
  const bulkCount = all > MOST_STEPS ? Math.floor((all - MOST_STEPS / 2) / perBulk) : 0;
  const steps = all - bulkCount * perBulk;
  type Best = { price: number; count: number; last: Can | undefined; before: number };
  const best: Best[] = [{ price: 0, count: 0, last: undefined, before: 0 }];
  for (let at = 1; at <= steps; at += 1) {
    for (const can of cans) {
      const before = Math.max(0, at - Math.round(can.holds / unit));
      const from = best[before];
      if (!from) continue;
      const next = { price: from.price + can.price, count: from.count + 1, last: can, before };
      const old = best[at];
      const better =
        !old || next.price < old.price || (next.price === old.price && next.count < old.count);
      if (better) best[at] = next;
    }
  }
  const counts = new Map<Can, number>();
  for (let at = steps; at > 0;) {
    const step = best[at];
    if (!step?.last) break;
    counts.set(step.last, (counts.get(step.last) ?? 0) + 1);
    at = step.before;
  }
  return cans.flatMap((can) => {
    const count = (counts.get(can) ?? 0) + (can === bulk ? bulkCount : 0);
    return count > 0 ? { can, count } : [];
  });
}

/** `2 gallons + 1 quart`. */
export const sayCans = (set: readonly CanCount[]): string =>
  set.map(({ can, count }) => countWords(count, can.name)).join(' + ');

/** What a set of cans costs, in cents. */
export const priceOfCans = (set: readonly CanCount[]): number =>
  set.reduce((sum, { can, count }) => sum + can.price * count, 0);

/** What a set holds beyond the need, in the smallest can: `0.4 quarts left over`; null where nothing is. */
export function sayRest(need: number, set: readonly CanCount[], units: UnitSystem): string | null {
  const rest = rounded(set.reduce((sum, { can, count }) => sum + can.holds * count, 0) - need);
  return rest > 0 ? `${countWords(rest, SMALLEST_CAN[units])} left over` : null;
}
