import {
  AREA_PER_SQFT,
  AREA_PER_SQM,
  TICKS_PER_FOOT,
  TICKS_PER_INCH,
  TICKS_PER_MM,
  countWords,
  formatLength,
  type Area,
  type Ticks,
  type UnitSystem,
} from '../../units';

/** One answer of a takeoff: how much of what, and how that came about. */
export type TakeoffLine = {
  /** `paint.gallons`: the sum and what it counts. */
  id: string;
  item: string;
  quantity: number;
  unit: string;
  /** Inputs, formula, waste and rounding, in one readable line. */
  working: string;
  /** Where the rule or the starting figure comes from. */
  source: string;
  /** In its unit before rounding, for what is summed up further; not for reading. */
  exact?: number;
  /** The figure of a line above under an older id: for files, not for reading. */
  again?: true;
};

export type Takeoff = { lines: TakeoffLine[]; cautions: string[] };

export type Measured = { value: number; unit: string };

/** Rounded for reading; what is bought was rounded to whole units before. */
export const rounded = (value: number, digits = 2): number => {
  const scale = 10 ** digits;
  return Math.round((value + Number.EPSILON) * scale) / scale;
};

/** Up to whole units as sold; a hair over from floating point is not another carton. */
export const wholeUp = (exact: number): number => Math.max(0, Math.ceil(exact - 1e-9));

/** Ticks in feet. */
export const inFeet = (length: number): number => length / TICKS_PER_FOOT;
/** Ticks in inches. */
export const inInches = (length: number): number => length / TICKS_PER_INCH;
/** Ticks in metres. */
export const inMetres = (length: number): number => length / (TICKS_PER_MM * 1_000);
/** Square ticks in square feet. */
export const inSquareFeet = (area: number): number => area / AREA_PER_SQFT;
/** Square ticks in square metres. */
export const inSquareMetres = (area: number): number => area / AREA_PER_SQM;
/** Cubic ticks in cubic feet. */
export const inCubicFeet = (ticks3: number): number => ticks3 / TICKS_PER_FOOT ** 3;

/** Square ticks as a quantity of the house's units: sq ft or m². */
export const measuredArea = (area: number, units: UnitSystem): Measured =>
  units === 'imperial'
    ? { value: rounded(inSquareFeet(area)), unit: 'ft2' }
    : { value: rounded(inSquareMetres(area), 3), unit: 'm2' };

/** Ticks as a quantity of the house's units: ft or m. */
export const measuredLength = (length: number, units: UnitSystem): Measured =>
  units === 'imperial'
    ? { value: rounded(inFeet(length)), unit: 'ft' }
    : { value: rounded(inMetres(length), 3), unit: 'm' };

/** Small differences: inches or millimetres. */
export const measuredGap = (length: number, units: UnitSystem): Measured =>
  units === 'imperial'
    ? { value: rounded(inInches(length)), unit: 'in' }
    : { value: rounded(length / TICKS_PER_MM, 1), unit: 'mm' };

/** Volumes: yd³ where concrete is ordered by the yard, else m³. */
export const measuredVolume = (cubicFeet: number, units: UnitSystem): Measured =>
  units === 'imperial'
    ? { value: rounded(cubicFeet / 27), unit: 'yd3' }
    : { value: rounded(cubicFeet * 0.028316846592, 3), unit: 'm3' };

/** What one unit is in metric ones, and how many digits of that are read. */
const METRIC: Readonly<Record<string, { unit: string; each: number; digits: number }>> = {
  ft2: { unit: 'm2', each: 0.092_903_04, digits: 3 },
  square: { unit: 'm2', each: 9.290_304, digits: 3 },
  ft: { unit: 'm', each: 0.3048, digits: 3 },
  in: { unit: 'mm', each: 25.4, digits: 1 },
  lb: { unit: 'kg', each: 0.453_592_37, digits: 1 },
  yd3: { unit: 'm3', each: 0.764_554_858, digits: 3 },
  ft3: { unit: 'm3', each: 0.028_316_846_592, digits: 3 },
  gal: { unit: 'L', each: 3.785_411_784, digits: 3 },
  cfm: { unit: 'm3/h', each: 1.699_010_8, digits: 0 },
  'btu/h': { unit: 'W', each: 0.293_071, digits: 0 },
  'btu/h F': { unit: 'W/K', each: 0.527_528, digits: 2 },
  'ft2 h F/btu': { unit: 'm2 K/W', each: 0.176_110, digits: 3 },
  'btu/ft2 h F': { unit: 'W/m2 K', each: 5.678_263, digits: 3 },
};

/** A line as the house reads it: what a sum counts in feet and pounds is metric in a house of metres. */
export function inUnits(each: TakeoffLine, units: UnitSystem): TakeoffLine {
  const metric = units === 'metric' ? METRIC[each.unit] : undefined;
  if (!metric) return each;
  const exact = (each.exact ?? each.quantity) * metric.each;
  return { ...each, exact, quantity: rounded(exact, metric.digits), unit: metric.unit };
}

const UNIT_WORDS: Record<string, string> = {
  ft2: 'sq ft',
  m2: 'm²',
  yd3: 'cu yd',
  m3: 'm³',
  ft3: 'cu ft',
  'm3/h': 'm³/h',
  'm2 K/W': 'm² K/W',
  'W/m2 K': 'W/m² K',
  'ft2 h F/btu': '',
  'btu/ft2 h F': '',
  'btu/h F': 'btu/h',
};
/** How a unit is written behind a number. */
export const unitWord = (unit: string): string => UNIT_WORDS[unit] ?? unit;

/** Square ticks in words of the house's units, rounded for reading. */
export const sayArea = (area: Area | number, units: UnitSystem): string => {
  const { value, unit } = measuredArea(area, units);
  return `${value} ${unitWord(unit)}`;
};
/** Ticks in words of the house's units, rounded for reading. */
export const sayLength = (length: number, units: UnitSystem): string =>
  formatLength(Math.round(length) as Ticks, units);

/** The same line in another measure: it is no second thing to buy. */
export const again = (each: TakeoffLine): TakeoffLine => ({ ...each, again: true });

const FEW = 1;
/** As it is read: two figures behind the point, four of what is less than one, such as a U. */
export const readable = (quantity: number): number => rounded(quantity, quantity < FEW ? 4 : 2);

const MOST_NAMED = 8;
/** The first of many by name, the rest counted: a working is read, not scrolled. */
export const firstOf = (all: readonly string[], between = ', '): string =>
  all.length > MOST_NAMED
    ? `${all.slice(0, MOST_NAMED).join(between)} and ${all.length - MOST_NAMED} more`
    : all.join(between);

/** A share of 1 as percent, with one decimal where it has one. */
export const percent = (share: number): string => `${rounded(share * 100, 1)}%`;

type Exact = { exact: number; digits: number };
/** A measure that is rounded in the units it is read in. */
export const exactly = (exact: number, digits = 2): Exact => ({ exact, digits });

/** One line of an answer: how much of what, its working and where the figure comes from. */
export const line = (
  id: string,
  item: string,
  quantity: number | Exact,
  unit: string,
  working: string,
  source: string,
): TakeoffLine =>
  typeof quantity === 'number'
    ? { id, item, quantity: rounded(quantity, 3), unit, working, source }
    : {
        id,
        item,
        quantity: rounded(quantity.exact, quantity.digits),
        exact: quantity.exact,
        unit,
        working,
        source,
      };

export { countWords as counted };
