import type { Product, HouseToPlan } from '../house';
import { cents } from '../units';

const product = (
  id: string,
  name: string,
  suits: Product['suits'],
  [sum, line, unit]: readonly [string, string, string],
  [dollars, leadDays, shop]: readonly [number, number, string],
  fields: Product['fields'] = {},
): Product => ({
  id,
  name,
  suits,
  sum,
  line,
  unit,
  price: cents(dollars * 100),
  leadDays,
  shop,
  fields,
});

const PLANKS = ['planks', 'planks.boards', 'board'] as const;
const CARTONS = ['flooring', 'flooring.cartons', 'carton'] as const;
const TILES = ['tile', 'tile.count', 'tile'] as const;
const PAINT = ['paint', 'paint.gallons', 'gallon'] as const;
const SHEETS = ['drywall', 'drywall.sheets', 'sheet'] as const;
const STICKS = ['trim', 'trim.bought', 'ft'] as const;
const UNIT = ['opening', 'opening.ro.width', 'unit'] as const;

/** Finishes one can choose without a label in hand. Names, shops and prices are made up; an own product wins. */
export const CATALOGUE: readonly Product[] = [
  product('oak-strip', 'Oak strip, 5" face', ['floor'], PLANKS, [11.4, 12, 'Plank Yard'], {
    face: '5"',
    boardLength: "6'",
  }),
  product('pine-board', 'Pine floorboard, 5 1/4" face', ['floor'], PLANKS, [9.2, 8, 'Plank Yard'], {
    face: '5 1/4"',
    boardLength: "12'",
  }),
  product('click-ash', 'Click floor, ash look', ['floor'], CARTONS, [58, 6, 'Plank Yard'], {
    carton: 20.4,
    waste: 10,
  }),
  product(
    'tile-slate-12',
    'Stoneware tile 12 x 12, slate',
    ['floor'],
    TILES,
    [3.1, 14, 'Quarry Lane'],
    { tileWidth: '12"', tileHeight: '12"' },
  ),
  product('tile-hex-8', 'Stoneware tile 8 x 8, chalk', ['floor'], TILES, [1.9, 14, 'Quarry Lane'], {
    tileWidth: '8"',
    tileHeight: '8"',
    joint: '3/16"',
  }),
  product('wall-matt', 'Wall paint, matt', ['walls'], PAINT, [38, 0, 'Marl Timber'], {
    spread: 375,
  }),
  product('wall-wipe', 'Wall paint, wipeable satin', ['walls'], PAINT, [46, 0, 'Marl Timber'], {
    spread: 350,
  }),
  product(
    'paper-leaf',
    'Wallpaper, leaf, 18" repeat',
    ['walls'],
    ['wallpaper', 'wallpaper.rolls', 'roll'],
    [42, 16, 'Basin and Bell'],
    { repeat: '18"' },
  ),
  product('ceiling-white', 'Ceiling paint, white', ['ceiling'], PAINT, [31, 0, 'Marl Timber'], {
    spread: 375,
  }),
  product('board-half', 'Drywall 1/2", sheets 8 to 12 ft', ['board'], SHEETS, [
    17,
    2,
    'Marl Timber',
  ]),
  product(
    'board-wet',
    'Drywall 1/2", moisture-resistant',
    ['board'],
    SHEETS,
    [23, 4, 'Marl Timber'],
    { lengths: "8', 10'" },
  ),
  product(
    'trim-pine',
    'Pine base and casing, 8 to 16 ft',
    ['trim'],
    STICKS,
    [1.6, 3, 'Marl Timber'],
    { face: '2 1/2"' },
  ),
  product(
    'trim-oak',
    'Oak base and casing, 8 to 12 ft',
    ['trim'],
    STICKS,
    [3.4, 10, 'Plank Yard'],
    { face: '3 1/2"', lengths: "8', 10', 12'" },
  ),
  product('window-sash', 'Wood sash window to size', ['opening'], UNIT, [620, 35, 'Glazier Row']),
  product('window-plain', 'Fixed window to size', ['opening'], UNIT, [390, 28, 'Glazier Row']),
  product('door-panel', 'Panel door with frame', ['opening'], UNIT, [185, 21, 'Joiner Street']),
  product('door-flush', 'Flush door with frame', ['opening'], UNIT, [145, 14, 'Joiner Street']),
];

/** Own products first: the label in hand wins. */
export const productsOf = (project: HouseToPlan): Product[] => [
  ...Object.values(project.products),
  ...CATALOGUE,
];

export const findProduct = (project: HouseToPlan, id: string | undefined): Product | undefined =>
  id === undefined ? undefined : (project.products[id] ?? CATALOGUE.find((each) => each.id === id));
