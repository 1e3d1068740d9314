import { AREA_PER_SQFT, area } from '../../../units';
import { areaFrom } from '../extent';
import {
  choiceField,
  inMetricBy,
  lengthField,
  lengthsField,
  metricIs,
  numberField,
  numbersField,
  rsiField,
} from '../field';
import {
  inInches,
  inSquareFeet,
  exactly,
  line,
  percent,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import { SQFT_PER_M2, inR, sayR } from '../convert';
import { defineCalculator, impossible, needs, worked } from '../calculator';

const USUAL_SPACINGS = [16, 24, 19.2];

export const batts = defineCalculator({
  kind: 'batts',
  title: 'Insulation batts',
  asks: 'How much cavity is there to fill?',
  usesRoom: true,
  fields: {
    on: choiceField('Where', ['walls', 'ceiling', 'floor']),
    spacing: metricIs('400 mm', lengthField('Framing on centre', '16"')),
    stud: metricIs('38 mm', lengthField('Framing thickness', '1 1/2"')),
    pack: inMetricBy(
      'packMetric',
      numberField('A pack covers', 'sq ft', 88, { least: 1, most: 1_000 }),
    ),
    packMetric: numberField('A pack covers', 'm²', undefined, {
      least: 0.1,
      most: 100,
      hint: '8.2 when left out',
    }),
    length: lengthField('Length, without a room'),
    width: lengthField('Height or width, without a room'),
  },
  instead: ['length', 'width'],
  work: ({ on, spacing, stud, ...typed }, { room, units }) => {
    const pack = typed.packMetric === undefined ? typed.pack : typed.packMetric * SQFT_PER_M2;
    const whole = areaFrom(typed, room, on);
    if (whole === undefined) return needs('a room, or a length and a height');
    if (stud >= spacing)
      return impossible('stud', 'framing thicker than its spacing leaves no cavity');
    const share = (spacing - stud) / spacing;
    const cavity = area(whole * share);
    const inches = inInches(spacing);
    const odd =
      !USUAL_SPACINGS.some((usual) => Math.abs(usual - inches) < 0.3) &&
      ![400, 600].some((mm) => Math.abs(inches * 25.4 - mm) < 8);
    const source = 'net area less the framing between cavities';
    return worked(
      [
        line(
          'batts.area',
          'Cavity to fill',
          exactly(inSquareFeet(cavity)),
          'ft2',
          `${sayArea(whole, units)} net x (${sayLength(spacing, units)} - ${sayLength(stud, units)}) / ${sayLength(spacing, units)}`,
          source,
        ),
        line(
          'batts.packs',
          'Batts',
          wholeUp(inSquareFeet(cavity) / pack),
          'pack',
          `${sayArea(cavity, units)} / ${sayArea(pack * AREA_PER_SQFT, units)} a pack, up`,
          'the label wins',
        ),
      ],
      odd
        ? [
            `Framing at ${sayLength(spacing, units)} is an odd spacing: batts will not grip. Cut them wide, or use boards or loose fill.`,
          ]
        : [],
    );
  },
});

type LabelRow = { depth: number; covers: number };

/** The rows of a bag's label, shallow first; undefined where none is given, null where they do not pair up. */
function rowsOfLabel(
  depths: readonly number[] | undefined,
  covers: readonly number[] | undefined,
): LabelRow[] | undefined | null {
  if (!depths && !covers) return undefined;
  if (!depths || !covers || depths.length !== covers.length || new Set(depths).size < depths.length)
    return null;
  if (depths.some((depth) => depth <= 0)) return null;
  return depths
    .map((depth, at) => ({ depth, covers: covers[at] ?? 1 }))
    .toSorted((a, b) => a.depth - b.depth);
}

/** Bags a square foot at a depth: straight between two rows, in proportion to depth beyond the first and the last. */
function bagsAt(depth: number, rows: readonly LabelRow[]): number {
  const next = rows.findIndex((row) => row.depth >= depth);
  const [before, after] = [rows[next - 1], rows[next]];
  if (before && after) {
    const share = (depth - before.depth) / (after.depth - before.depth);
    return (1 - share) / before.covers + share / after.covers;
  }
  const only = after ?? rows.at(-1);
  return only ? depth / (only.depth * only.covers) : 0;
}

export const blown = defineCalculator({
  kind: 'blown',
  title: 'Blown insulation',
  asks: 'How many bags for the depth?',
  usesRoom: true,
  fields: {
    depth: metricIs('300 mm', lengthField('Settled depth', '12"')),
    bag: inMetricBy(
      'bagMetric',
      numberField('A bag covers', 'sq ft', 40, { least: 0.5, most: 1_000 }),
    ),
    bagMetric: numberField('A bag covers', 'm²', undefined, {
      least: 0.05,
      most: 100,
      hint: '3.7 when left out',
    }),
    labelDepth: metricIs('300 mm', lengthField('at the label’s depth of', '12"')),
    rowDepths: lengthsField('Or the label’s rows: settled depths'),
    rowBags: numbersField('and a bag covers, row by row', 'sq ft or m²', {
      least: 0.05,
      most: 1_000,
    }),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  instead: ['length', 'width'],
  work: ({ depth, labelDepth, rowDepths, rowBags, ...given }, { room, units }) => {
    const whole = areaFrom(given, room, 'floor');
    if (whole === undefined) return needs('a room, or a length and a width');
    const bag = given.bagMetric === undefined ? given.bag : given.bagMetric * SQFT_PER_M2;
    const perUnit = units === 'metric' ? SQFT_PER_M2 : 1;
    const rows = rowsOfLabel(
      rowDepths,
      rowBags?.map((covers) => covers * perUnit),
    );
    if (rows === null)
      return impossible(
        'rowBags',
        'wants one figure for each depth of the label, and a depth once',
      );
    const perSquareFoot = rows ? bagsAt(depth, rows) : depth / (bag * labelDepth);
    const exact = inSquareFeet(whole) * perSquareFoot;
    const says = rows
      ? `${rounded(perSquareFoot * perUnit, 4)} bags a ${units === 'metric' ? 'm²' : 'sq ft'} at ${sayLength(depth, units)}, between the rows of the label`
      : `${sayLength(depth, units)} / (${sayArea(bag * AREA_PER_SQFT, units)} x ${sayLength(labelDepth, units)})`;
    return worked(
      [
        line(
          'blown.bags',
          'Blown insulation',
          wholeUp(exact),
          'bag',
          `${sayArea(whole, units)} x ${says} = ${rounded(exact)}, up`,
          'the bag’s own table wins',
        ),
        line(
          'blown.volume',
          'Settled volume',
          exactly(inSquareFeet(whole) * (inInches(depth) / 12)),
          'ft3',
          'area x depth',
          'measured',
        ),
      ],
      ['Keep soffit vents open and lamps clear. It waits for the ceiling board that holds it.'],
    );
  },
});

/** R per inch of softwood across the grain. */
const WOOD_R_PER_INCH = 1.25;
const FRAMING_AT: Record<string, number> = {
  '16"': 0.25,
  '24"': 0.22,
  '400 mm': 0.25,
  '600 mm': 0.22,
};

/** Heat through two paths side by side, the framing and the cavity, each in its share: U = share / R + (1 - share) / R. */
export function parallelPath(
  framing: number,
  woodR: number,
  cavityR: number,
  sharedR: number,
): number {
  return framing / (woodR + sharedR) + (1 - framing) / (cavityR + sharedR);
}

export const assembly = defineCalculator({
  kind: 'assembly',
  title: 'R of a wall or roof',
  asks: 'What does it insulate in truth, with its framing?',
  fields: {
    cavityR: inMetricBy(
      'cavityRsi',
      numberField('R of the cavity filling', '', 13, { least: 0, most: 100 }),
    ),
    cavityRsi: rsiField('R of the cavity filling', 2.29),
    depth: metricIs('90 mm', lengthField('Depth of the framing', '3 1/2"')),
    spacing: choiceField('Framing on centre', ['16"', '24"'], ['400 mm', '600 mm']),
    framing: numberField('Share of framing', '%', undefined, { least: 0, most: 90 }),
    continuousR: inMetricBy(
      'continuousRsi',
      numberField('R of unbroken board over it', '', 0, { least: 0, most: 100 }),
    ),
    continuousRsi: rsiField('R of unbroken board over it', 0),
    otherR: inMetricBy(
      'otherRsi',
      numberField('R of board, sheathing, skin and air films', '', 2.55, { least: 0, most: 30 }),
    ),
    otherRsi: rsiField('R of board, sheathing, skin and air films', 0.45),
  },
  work: ({ depth, spacing, framing, ...given }, { units }) => {
    const cavityR = inR(given.cavityR, given.cavityRsi);
    const continuousR = inR(given.continuousR, given.continuousRsi);
    const otherR = inR(given.otherR, given.otherRsi);
    const r = (value: number) => sayR(value, units);
    const share = framing === undefined ? (FRAMING_AT[spacing] ?? 0.25) : framing / 100;
    const wood = inInches(depth) * WOOD_R_PER_INCH;
    const u = parallelPath(share, wood, cavityR, otherR + continuousR);
    const without = parallelPath(share, wood, cavityR, otherR);
    if (!Number.isFinite(u) || !Number.isFinite(without))
      return impossible('cavityR', 'something must resist the heat');
    const ideal = cavityR + otherR + continuousR;
    const source =
      'parallel paths; framing share 25% at 16", 22% at 24"; softwood R 1.25 an inch (0.0087 a millimetre)';
    const paths = `${percent(share)} framing at R ${r(wood + otherR + continuousR)}, ${percent(1 - share)} cavity at R ${r(ideal)}`;
    return worked([
      line(
        'assembly.r',
        'R of the assembly',
        exactly(1 / u),
        'ft2 h F/btu',
        `1 / U; ${paths}`,
        source,
      ),
      line(
        'assembly.u',
        'U of the assembly',
        exactly(u, 4),
        'btu/ft2 h F',
        `${paths}: share / R, added up`,
        source,
      ),
      line(
        'assembly.bridge',
        'Lost to the framing',
        rounded(Math.max(0, 1 - 1 / u / ideal) * 100, 1),
        '%',
        ideal < 1 / u
          ? `nothing: the framing resists more than the cavity of R ${r(ideal)}`
          : `against R ${r(ideal)} through the cavity alone`,
        source,
      ),
      ...(continuousR > 0
        ? [
            line(
              'assembly.r.without',
              'R without the unbroken board',
              exactly(1 / without),
              'ft2 h F/btu',
              `the board of R ${r(continuousR)} adds R ${r(1 / u - 1 / without)}: it covers the framing too`,
              source,
            ),
          ]
        : []),
    ]);
  },
});
