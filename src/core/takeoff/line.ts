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
} from '../units';

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

export const inFeet = (length: number): number => length / TICKS_PER_FOOT;
export const inInches = (length: number): number => length / TICKS_PER_INCH;
export const inMetres = (length: number): number => length / (TICKS_PER_MM * 1_000);
export const inSquareFeet = (area: number): number => area / AREA_PER_SQFT;
export const inSquareMetres = (area: number): number => area / AREA_PER_SQM;
export const inCubicFeet = (ticks3: number): number => ticks3 / TICKS_PER_FOOT ** 3;

export const measuredArea = (area: number, units: UnitSystem): Measured =>
  units === 'imperial'
    ? { value: rounded(inSquareFeet(area)), unit: 'ft2' }
    : { value: rounded(inSquareMetres(area), 3), unit: 'm2' };

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

const UNIT_WORDS: Record<string, string> = {
  ft2: 'sq ft',
  m2: 'm²',
  yd3: 'cu yd',
  m3: 'm³',
  ft3: 'cu ft',
  'ft2 h F/btu': '',
  'btu/ft2 h F': '',
  'btu/h F': 'btu/h',
};
export const unitWord = (unit: string): string => UNIT_WORDS[unit] ?? unit;

export const sayArea = (area: Area | number, units: UnitSystem): string => {
  const { value, unit } = measuredArea(area, units);
  return `${value} ${unitWord(unit)}`;
};
export const sayLength = (length: number, units: UnitSystem): string =>
  formatLength(Math.round(length) as Ticks, units);

export const percent = (share: number): string => `${rounded(share * 100, 1)}%`;

export const line = (
  id: string,
  item: string,
  quantity: number,
  unit: string,
  working: string,
  source: string,
): TakeoffLine => ({ id, item, quantity: rounded(quantity, 3), unit, working, source });

export { countWords as counted };
