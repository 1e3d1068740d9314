import { productSchema, type Opening, type Product, type Slot } from '@/core/house';
import { formatLength, type UnitSystem } from '@/core/units';

const SLOT_NAMES: Record<string, string> = {
  floor: 'Floor',
  walls: 'Walls',
  ceiling: 'Ceiling',
  board: 'Board behind the paint',
  trim: 'Base and casing',
};

export const slotName = (slot: Slot): string => SLOT_NAMES[slot] ?? 'Opening';

/** What a product may be for, of one slot. */
export const suitOf = (slot: Slot): Product['suits'][number] => {
  const suit = productSchema.shape.suits.element.safeParse(slot);
  return suit.success ? suit.data : 'opening';
};

export const openingName = (
  { kind, width, height, wall }: Opening,
  index: number,
  units: UnitSystem,
): string =>
  `${kind === 'window' ? 'Window' : kind === 'door' ? 'Door' : 'Open way'} ${index + 1}, wall ${wall + 1}: ${formatLength(width, units)} x ${formatLength(height, units)}`;

export const leadWords = (leadDays: number): string =>
  leadDays === 0 ? 'from the shelf' : `${leadDays} days on the way`;
