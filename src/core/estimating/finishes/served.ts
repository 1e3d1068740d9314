import { type Slot, slotOf } from '../../house';

/** Which material of which step a finish settles, and with which line of its sum. */
export type Serving = {
  slot: Slot | 'windows' | 'doors';
  /** Sums a product must have for this material: tile serves no floor boards. */
  sums: readonly string[];
  /** Fields that belong to the step rather than the product: one coat, this surface. */
  fields?: Readonly<Record<string, string | number>>;
  /** Another line of the sum than the product's own, and how much of it one unit of the material holds. */
  line?: { id: string; holds: number };
};

const floor = slotOf('floor');
const walls = slotOf('walls');
const ceiling = slotOf('ceiling');
const board = slotOf('board');
const trim = slotOf('trim');

/** Keys are `step+material` of the step library. */
export const SERVINGS: Readonly<Record<string, Serving>> = {
  'floor.carry+planks': { slot: floor, sums: ['planks', 'flooring'] },
  'tile.backer+backer': { slot: floor, sums: ['tile'], line: { id: 'tile.backer', holds: 1 } },
  'tile.set+tile': { slot: floor, sums: ['tile'] },
  'tile.set+thinset': { slot: floor, sums: ['tile'], line: { id: 'tile.thinset', holds: 1 } },
  // A bag of grout holds 10 lb: 4.5 kg.
  'tile.grout+grout': { slot: floor, sums: ['tile'], line: { id: 'tile.grout', holds: 4.5 } },
  'paint.walls+paint': {
    slot: walls,
    sums: ['paint', 'wallpaper'],
    fields: { on: 'walls', coats: 1 },
  },
  'last.coat+paint': { slot: walls, sums: ['paint'], fields: { on: 'walls', coats: 1 } },
  'paint.ceiling+ceiling-paint': {
    slot: ceiling,
    sums: ['paint'],
    fields: { on: 'ceiling', coats: 2 },
  },
  'board.ceiling+board': { slot: board, sums: ['drywall'], fields: { on: 'ceiling' } },
  'board.walls+board': { slot: board, sums: ['drywall'], fields: { on: 'walls' } },
  'trim.prefinish+trim': { slot: trim, sums: ['trim'], fields: { on: 'base and casing' } },
  'shell.window+window': { slot: 'windows', sums: ['opening'] },
  'trim.doors+door': { slot: 'doors', sums: ['opening'] },
};
