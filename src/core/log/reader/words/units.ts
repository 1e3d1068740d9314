/** Units as they are written and said, each under one name. */
const UNIT_WORDS: Readonly<Record<string, string>> = {
  'sq ft': 'sqft sf sq.ft ft2 ft²',
  m2: 'm2 m² sqm qm',
  m: 'm metre metres meter meters',
  cm: 'cm centimetre centimetres centimeter centimeters',
  mm: 'mm millimetre millimetres millimeter millimeters',
  ft: 'ft feet foot',
  in: 'in inch inches',
};

/** What things are bought and counted in. */
export const CONTAINERS =
  /^(?:buckets?|bags?|box(?:es)?|sheets?|rolls?|tubes?|gallons?|gal|cans?|tins?|lit(?:er|re)s?|lengths?|packs?|packets?|cartons?|bundles?|pails?|pieces?|lbs?|kg|kilos?|tubs?|sets?|squares?|loads?|pallets?|cartridges?|bottles?|jars?|sacks?|drums?|coils?|tons?|tonnes?)$/;

/** Things that are counted one by one: "9 boards". */
export const PIECES =
  /^(?:panels?|slabs?|batts?|boards?|planks?|tiles?|studs?|blocks?|bricks?|treads?|outlets?|sockets?|lights?|doors?|windows?|units?|cabinets?|shingles?)$/;

const BY_WORD = new Map(
  Object.entries(UNIT_WORDS).flatMap(([unit, words]) =>
    words.split(' ').map((word) => [word, unit] as const),
  ),
);

/** The unit a word stands for; undefined for no unit. */
export const measureUnit = (word: string): string | undefined => BY_WORD.get(word);

/** How much of one measure another is, for units that measure the same thing. */
const IN_FEET: Readonly<Record<string, { of: 'area' | 'length'; feet: number }>> = {
  'sq ft': { of: 'area', feet: 1 },
  m2: { of: 'area', feet: 10.7639 },
  ft: { of: 'length', feet: 1 },
  m: { of: 'length', feet: 3.28084 },
  cm: { of: 'length', feet: 0.0328084 },
  mm: { of: 'length', feet: 0.00328084 },
  in: { of: 'length', feet: 1 / 12 },
};
/** How many feet one of a unit is; undefined for no length. */
export const inFeet = (unit: string) => IN_FEET[unit];
