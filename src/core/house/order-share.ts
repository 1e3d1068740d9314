import type { Order } from './records';

const LITRES: Readonly<Record<string, number>> = {
  gallon: 3.785_411_784,
  quart: 0.946_352_946,
  litre: 1,
};

type Share = NonNullable<Order['shares']>[number];

/**
 * How much of a line its order brings, in the line's own unit. Shares of before paint was counted in cans are in the
 * gallons and litres of their day.
 */
export function shareIn({ units, unit: said }: Omit<Share, 'lineId'>, unit: string): number {
  const from = said ?? (unit === 'quart' ? 'gallon' : unit);
  const [one, other] = [LITRES[from], LITRES[unit]];
  return one === undefined || other === undefined || from === unit
    ? units
    : Math.round((units * one) / other);
}
