import type { HouseFacts, Opening, Product } from '../../house';
import { cents } from '../../units';

const product = (
  id: string,
  name: string,
  suits: Product['suits'],
  [sum, line, unit]: readonly [string, string, string],
  [dollars, leadDays]: readonly [number, number],
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
  shop: null,
  fields,
});

const PLANKS = ['planks', 'planks.boards', 'board'] as const;
const CARTONS = ['flooring', 'flooring.cartons', 'carton'] as const;
const TILES = ['tile', 'tile.count', 'tile'] as const;
const PAINT = ['paint', 'paint.gallons', 'gallon'] as const;
const SHEETS = ['drywall', 'drywall.sheets', 'sheet'] as const;
const STICKS = ['trim', 'trim.bought', 'ft'] as const;
const LITRES = ['paint', 'paint.gallons', 'litre'] as const;
const UNIT = ['opening', 'opening.ro.width', 'unit'] as const;
const WINDOW = { unit: 'window' };
const DOOR = { unit: 'door' };

/** In the sizes sold where houses are measured in feet. */
const IMPERIAL: readonly Product[] = [
  product('oak-strip', 'Oak strip, 5" face', ['floor'], PLANKS, [11.4, 12], {
    face: '5"',
    boardLength: "6'",
  }),
  product('pine-board', 'Pine floorboard, 5 1/4" face', ['floor'], PLANKS, [9.2, 8], {
    face: '5 1/4"',
    boardLength: "12'",
  }),
  product('click-ash', 'Click floor, ash look', ['floor'], CARTONS, [58, 6], {
    carton: 20.4,
    waste: 10,
  }),
  product('tile-slate-12', 'Stoneware tile 12 x 12, slate', ['floor'], TILES, [3.1, 14], {
    tileWidth: '12"',
    tileHeight: '12"',
  }),
  product('tile-hex-8', 'Stoneware tile 8 x 8, chalk', ['floor'], TILES, [1.9, 14], {
    tileWidth: '8"',
    tileHeight: '8"',
    joint: '3/16"',
  }),
  product('wall-matt', 'Wall paint, matt', ['walls'], PAINT, [38, 0], {
    spread: 375,
  }),
  product('wall-wipe', 'Wall paint, wipeable satin', ['walls'], PAINT, [46, 0], {
    spread: 350,
  }),
  product(
    'paper-leaf',
    'Wallpaper, leaf, 18" repeat',
    ['walls'],
    ['wallpaper', 'wallpaper.rolls', 'roll'],
    [42, 16],
    { repeat: '18"' },
  ),
  product('ceiling-white', 'Ceiling paint, white', ['ceiling'], PAINT, [31, 0], {
    spread: 375,
  }),
  product('board-half', 'Drywall 1/2", sheets 8 to 12 ft', ['board'], SHEETS, [17, 2]),
  product('board-wet', 'Drywall 1/2", moisture-resistant', ['board'], SHEETS, [23, 4], {
    lengths: "8', 10'",
  }),
  product('trim-pine', 'Pine base and casing, 8 to 16 ft', ['trim'], STICKS, [1.6, 3], {
    face: '2 1/2"',
  }),
  product('trim-oak', 'Oak base and casing, 8 to 12 ft', ['trim'], STICKS, [3.4, 10], {
    face: '3 1/2"',
    lengths: "8', 10', 12'",
  }),
];

/** In the sizes sold where they are measured in metres. */
const METRIC: readonly Product[] = [
  product('oak-strip-125', 'Oak strip, 125 mm face', ['floor'], PLANKS, [11.4, 12], {
    face: '125 mm',
    boardLength: '1.8 m',
    stagger: '150 mm',
    shortest: '300 mm',
  }),
  product('click-ash-m2', 'Click floor, ash look', ['floor'], CARTONS, [58, 6], {
    cartonMetric: 1.9,
    waste: 10,
  }),
  product('tile-slate-300', 'Stoneware tile 300 x 300, slate', ['floor'], TILES, [3.1, 14], {
    tileWidth: '300 mm',
    tileHeight: '300 mm',
    joint: '3 mm',
    thickness: '9 mm',
  }),
  product('wall-matt-litre', 'Wall paint, matt', ['walls'], LITRES, [9.5, 0], {
    spreadMetric: 9.2,
  }),
  product('wall-wipe-litre', 'Wall paint, wipeable satin', ['walls'], LITRES, [11.5, 0], {
    spreadMetric: 8.6,
  }),
  product(
    'paper-leaf-53',
    'Wallpaper, leaf, 45 cm repeat',
    ['walls'],
    ['wallpaper', 'wallpaper.rolls', 'roll'],
    [42, 16],
    { rollWidth: '53 cm', rollLength: '10.05 m', repeat: '45 cm', trim: '10 cm' },
  ),
  product('ceiling-white-litre', 'Ceiling paint, white', ['ceiling'], LITRES, [7.75, 0], {
    spreadMetric: 9.2,
  }),
  product('board-12', 'Drywall 12.5 mm, sheets of 1200', ['board'], SHEETS, [17, 2], {
    lengths: '2.4 m, 3 m, 3.6 m',
    sheetWidth: '1200 mm',
    spacing: '400 mm',
    wallScrews: '400 mm',
    ceilingScrews: '300 mm',
  }),
  product(
    'trim-pine-m',
    'Pine base and casing, 2.4 to 4.8 m',
    ['trim'],
    ['trim', 'trim.bought', 'm'],
    [5.2, 3],
    { face: '60 mm', lengths: '2.4 m, 3 m, 3.6 m, 4.8 m', kerf: '3 mm' },
  ),
];

/** Made to the measured opening, in either house. */
const TO_SIZE: readonly Product[] = [
  product('window-sash', 'Wood sash window to size', ['opening'], UNIT, [620, 35], WINDOW),
  product('window-plain', 'Fixed window to size', ['opening'], UNIT, [390, 28], WINDOW),
  product('door-panel', 'Panel door with frame', ['opening'], UNIT, [185, 21], DOOR),
  product('door-flush', 'Flush door with frame', ['opening'], UNIT, [145, 14], DOOR),
];

/** Finishes one can choose without a label in hand, of no shop. Names and prices are made up; an own product wins. */
export const CATALOGUE: readonly Product[] = [...IMPERIAL, ...METRIC, ...TO_SIZE];

/** Own products first, the label in hand wins; then those of the house's own units. */
export const productsOf = (project: Pick<HouseFacts, 'products' | 'units'>): Product[] => [
  ...Object.values(project.products),
  ...[...(project.units === 'metric' ? METRIC : IMPERIAL), ...TO_SIZE].filter(
    ({ id }) => !Object.hasOwn(project.products, id),
  ),
];

/** What may be chosen for a slot; for an opening only what is made for one of its kind. */
export function offeredFor(
  project: Pick<HouseFacts, 'products' | 'units'>,
  suit: Product['suits'][number],
  opening?: Pick<Opening, 'kind'>,
): Product[] {
  const suits = ({ fields: { unit } }: Product) =>
    !opening ||
    opening.kind === 'opening' ||
    typeof unit !== 'string' ||
    unit.endsWith(opening.kind);
  return productsOf(project).filter((each) => each.suits.includes(suit) && suits(each));
}

/** A product of the catalogue or of the owner's own; undefined where there is none. */
export const findProduct = (project: HouseFacts, id: string | undefined): Product | undefined =>
  id === undefined ? undefined : (project.products[id] ?? CATALOGUE.find((each) => each.id === id));
