import { inSquareFeet, line, rounded, sayArea, sayLength, wholeUp } from '../line';
import { areaFrom } from '../extent';
import { cheapestCans, type Can } from '../cans';
import { choiceField, countField, flagField, lengthField, numberField } from '../field';
import { defineSum, impossible, needs, worked } from '../sum';

const LITRES_PER_GALLON = 3.785411784;
const SQFT_GAL_PER_M2_L = 40.745_83;
const SOURCE = 'usual spread on labels, 350 to 400 sq ft a gallon; the label of your can wins';

export const paint = defineSum({
  kind: 'paint',
  title: 'Paint',
  asks: 'How much paint, and in which cans?',
  usesRoom: true,
  fields: {
    on: choiceField('Paint what', ['walls', 'ceiling', 'both']),
    coats: countField('Coats', 2, 1),
    bare: flagField('First coat on bare board'),
    spread: numberField('Spread', 'sq ft a gallon', 375, { least: 50, most: 1_000 }),
    bareSpread: numberField('Spread on bare board', 'sq ft a gallon', 250, {
      least: 50,
      most: 1_000,
    }),
    spreadMetric: numberField('Spread, metric label', 'm² a litre', undefined, {
      least: 1,
      most: 30,
    }),
    quart: numberField('Price of a quart', 'cents', 1_600, { whole: true }),
    gallon: numberField('Price of a gallon', 'cents', 3_800, { whole: true }),
    five: numberField('Price of five gallons', 'cents', 16_500, { whole: true }),
    length: lengthField('Length, without a room'),
    width: lengthField('Height or width, without a room'),
  },
  work: (given, { room, units }) => {
    const area = areaFrom(given, room, given.on);
    if (area === undefined) return needs('a room, or a length and a height');
    const spread = given.spreadMetric ? given.spreadMetric * SQFT_GAL_PER_M2_L : given.spread;
    const squareFeet = inSquareFeet(area);
    const bareCoats = given.bare ? 1 : 0;
    const gallons =
      (squareFeet * (given.coats - bareCoats)) / spread +
      (squareFeet * bareCoats) / given.bareSpread;
    const working = [
      `${sayArea(area, units)} net x ${given.coats} ${given.coats === 1 ? 'coat' : 'coats'}`,
      given.bare
        ? `/ sq ft a gallon, the first at ${given.bareSpread}, the rest at ${rounded(spread)}`
        : `/ ${rounded(spread)} sq ft a gallon`,
      `= ${rounded(gallons)} gallons`,
    ].join(' ');
    const cans: Can[] = [
      { id: 'five', name: '5-gallon pail', holds: 20, price: given.five },
      { id: 'gallon', name: 'gallon', holds: 4, price: given.gallon },
      { id: 'quart', name: 'quart', holds: 1, price: given.quart },
    ];
    return worked([
      line('paint.gallons', 'Paint', gallons, 'gal', working, SOURCE),
      ...(units === 'metric'
        ? [
            line(
              'paint.litres',
              'Paint',
              gallons * LITRES_PER_GALLON,
              'L',
              `${rounded(gallons)} gallons x 3.785`,
              SOURCE,
            ),
          ]
        : []),
      ...cheapestCans(gallons * 4, cans).map(({ can, count }) =>
        line(
          `paint.cans.${can.id}`,
          `Paint, ${can.name}`,
          count,
          'can',
          `cheapest set of cans that holds ${rounded(gallons)} gallons`,
          'prices as given',
        ),
      ),
    ]);
  },
});

export const wallpaper = defineSum({
  kind: 'wallpaper',
  title: 'Wallpaper',
  asks: 'How many rolls, with the pattern matched?',
  usesRoom: true,
  fields: {
    rollWidth: lengthField('Roll width', '21"'),
    rollLength: lengthField('Roll length', "33'"),
    repeat: lengthField('Pattern repeat', '0', '0 for a plain paper'),
    trim: lengthField('Trim at top and bottom together', '4"'),
    run: lengthField('Run of wall, without a room'),
    height: lengthField('Height, without a room'),
  },
  work: ({ rollWidth, rollLength, repeat, trim, ...given }, { room, units }) => {
    const run = given.run ?? room?.walls.reduce((sum, wall) => sum + wall.length, 0);
    const height = given.height ?? room?.height;
    if (run === undefined || height === undefined) return needs('a room, or a run and a height');
    const bare = height + trim;
    const drop = repeat > 0 ? Math.ceil(bare / repeat - 1e-9) * repeat : bare;
    const drops = wholeUp(run / rollWidth);
    const perRoll = Math.floor(rollLength / drop + 1e-9);
    if (perRoll === 0)
      return impossible(
        'rollLength',
        `one drop of ${sayLength(drop, units)} is longer than a roll`,
      );
    const source =
      'drops by whole repeats; doors and windows are not taken off, they give the short pieces';
    return worked([
      line(
        'wallpaper.rolls',
        'Wallpaper',
        wholeUp(drops / perRoll),
        'roll',
        `${drops} drops, ${perRoll} from a roll of ${sayLength(rollLength, units)}: ${drops} / ${perRoll}, up`,
        source,
      ),
      line(
        'wallpaper.drops',
        'Drops to cut',
        drops,
        'drop',
        `${sayLength(run, units)} run / ${sayLength(rollWidth, units)} roll width, up`,
        source,
      ),
      line(
        'wallpaper.drop',
        'Length of a drop',
        rounded(drop / 8_128),
        'in',
        `${sayLength(height, units)} + ${sayLength(trim, units)} trim${repeat > 0 ? `, up to a whole repeat of ${sayLength(repeat, units)}` : ''}`,
        source,
      ),
    ]);
  },
});
