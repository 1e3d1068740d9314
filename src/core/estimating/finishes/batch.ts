import {
  SMALLEST_CAN,
  canPricesAt,
  cheapestCans,
  paintCans,
  priceOfCans,
  sayCans,
  sayRest,
} from '../calculators';
import { cents, type Cents, type UnitSystem } from '../../units';
import type { Batch } from '../../trade/steps/batch';

/** What a price stands for, where paint is sold: a gallon, or a litre out of a can of four. */
const SOLD: Readonly<Record<string, { system: UnitSystem; smallest: number; perMiddle: number }>> =
  {
    gallon: { system: 'imperial', smallest: 4, perMiddle: 1 },
    litre: { system: 'metric', smallest: 1, perMiddle: 4 },
  };

/** So many gallons or litres of a colour, to be poured from cans; undefined for what is sold otherwise. */
export function batchOf(
  amount: number,
  { unit, price }: { unit: string; price: Cents },
  colour: string,
): Batch | undefined {
  const sold = SOLD[unit];
  if (!sold) return undefined;
  const { system, smallest, perMiddle } = sold;
  const cans = paintCans(canPricesAt(price * perMiddle), system);
  return { need: amount * smallest, colour: `${colour} ${unit}`, system, cans };
}

export type CansBought = {
  /** The smallest can, by which they are counted. */
  unit: string;
  units: number;
  price: Cents;
  /** `2 gallons + 1 quart`. */
  amount: string;
  /** `0.4 quarts left over`, and which price is a guess; null where there is nothing to say. */
  rest: string | null;
};

/** The cheapest set of cans for it. */
export function inCans({ need, system, cans }: Omit<Batch, 'colour'>): CansBought {
  const set = cheapestCans(need, cans);
  // A label gives the price of the middle one.
  const guessed = set
    .filter(({ can }) => can.id !== 'gallon')
    .map(({ can }) => can.name)
    .join(' and of a ');
  return {
    unit: SMALLEST_CAN[system],
    units: wholeCans(need),
    price: cents(priceOfCans(set)),
    amount: sayCans(set),
    rest:
      [sayRest(need, set, system), guessed.length > 0 ? `price of a ${guessed} guessed` : null]
        .filter((each) => each !== null)
        .join(', ') || null,
  };
}

/** Up to whole smallest cans, as {@link cheapestCans} fills them. */
export const wholeCans = (need: number): number => Math.max(0, Math.ceil(need - 1e-6));
