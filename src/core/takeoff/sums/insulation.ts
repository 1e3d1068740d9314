import { area } from '../../units';
import { areaFrom } from '../extent';
import { choiceField, lengthField, numberField } from '../field';
import {
  inInches,
  inSquareFeet,
  line,
  percent,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import { defineSum, impossible, needs, worked } from '../sum';

const USUAL_SPACINGS = [16, 24, 19.2];

export const batts = defineSum({
  kind: 'batts',
  title: 'Insulation batts',
  asks: 'How much cavity is there to fill?',
  usesRoom: true,
  fields: {
    on: choiceField('Where', ['walls', 'ceiling', 'floor']),
    spacing: lengthField('Framing on centre', '16"'),
    stud: lengthField('Framing thickness', '1 1/2"'),
    pack: numberField('A pack covers', 'sq ft', 88, { least: 1, most: 1_000 }),
    length: lengthField('Length, without a room'),
    width: lengthField('Height or width, without a room'),
  },
  work: ({ on, spacing, stud, pack, ...typed }, { room, units }) => {
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
          rounded(inSquareFeet(cavity)),
          'ft2',
          `${sayArea(whole, units)} net x (${sayLength(spacing, units)} - ${sayLength(stud, units)}) / ${sayLength(spacing, units)}`,
          source,
        ),
        line(
          'batts.packs',
          'Batts',
          wholeUp(inSquareFeet(cavity) / pack),
          'pack',
          `${sayArea(cavity, units)} / ${pack} sq ft a pack, up`,
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

export const blown = defineSum({
  kind: 'blown',
  title: 'Blown insulation',
  asks: 'How many bags for the depth?',
  usesRoom: true,
  fields: {
    depth: lengthField('Settled depth', '12"'),
    bag: numberField('A bag covers', 'sq ft', 40, { least: 0.5, most: 1_000 }),
    labelDepth: lengthField('at the label’s depth of', '12"'),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  work: ({ depth, bag, labelDepth, ...typed }, { room, units }) => {
    const whole = areaFrom(typed, room, 'floor');
    if (whole === undefined) return needs('a room, or a length and a width');
    const exact = (inSquareFeet(whole) * depth) / (bag * labelDepth);
    return worked(
      [
        line(
          'blown.bags',
          'Blown insulation',
          wholeUp(exact),
          'bag',
          `${sayArea(whole, units)} x ${sayLength(depth, units)} / (${bag} sq ft x ${sayLength(labelDepth, units)}) = ${rounded(exact)}, up`,
          'the bag’s own table wins',
        ),
        line(
          'blown.volume',
          'Settled volume',
          rounded(inSquareFeet(whole) * (inInches(depth) / 12)),
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
const FRAMING_AT: Record<string, number> = { '16"': 0.25, '24"': 0.22 };

/** Heat through two paths side by side, the framing and the cavity, each in its share: U = share / R + (1 - share) / R. */
export function parallelPath(
  framing: number,
  woodR: number,
  cavityR: number,
  sharedR: number,
): number {
  return framing / (woodR + sharedR) + (1 - framing) / (cavityR + sharedR);
}

export const assembly = defineSum({
  kind: 'assembly',
  title: 'R of a wall or roof',
  asks: 'What does it insulate in truth, with its framing?',
  fields: {
    cavityR: numberField('R of the cavity filling', '', 13, { least: 0, most: 100 }),
    depth: lengthField('Depth of the framing', '3 1/2"'),
    spacing: choiceField('Framing on centre', ['16"', '24"']),
    framing: numberField('Share of framing', '%', undefined, { least: 0, most: 90 }),
    continuousR: numberField('R of unbroken board over it', '', 0, { least: 0, most: 100 }),
    otherR: numberField('R of board, sheathing, skin and air films', '', 2.55, {
      least: 0,
      most: 30,
    }),
  },
  work: ({ cavityR, depth, spacing, framing, continuousR, otherR }) => {
    const share = framing === undefined ? (FRAMING_AT[spacing] ?? 0.25) : framing / 100;
    const wood = inInches(depth) * WOOD_R_PER_INCH;
    const u = parallelPath(share, wood, cavityR, otherR + continuousR);
    const without = parallelPath(share, wood, cavityR, otherR);
    if (!Number.isFinite(u) || !Number.isFinite(without))
      return impossible('cavityR', 'something must resist the heat');
    const ideal = cavityR + otherR + continuousR;
    const source = 'parallel paths; framing share 25% at 16", 22% at 24"; softwood R 1.25 an inch';
    const paths = `${percent(share)} framing at R ${rounded(wood + otherR + continuousR)}, ${percent(1 - share)} cavity at R ${rounded(ideal)}`;
    return worked([
      line(
        'assembly.r',
        'R of the assembly',
        rounded(1 / u),
        'ft2 h F/btu',
        `1 / U; ${paths}`,
        source,
      ),
      line(
        'assembly.u',
        'U of the assembly',
        rounded(u, 4),
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
          ? `nothing: the framing resists more than the cavity of R ${rounded(ideal)}`
          : `against R ${rounded(ideal)} through the cavity alone`,
        source,
      ),
      ...(continuousR > 0
        ? [
            line(
              'assembly.r.without',
              'R without the unbroken board',
              rounded(1 / without),
              'ft2 h F/btu',
              `the board of R ${continuousR} adds R ${rounded(1 / u - 1 / without)}: it covers the framing too`,
              source,
            ),
          ]
        : []),
    ]);
  },
});
