import { again, exactly, inSquareFeet, line, rounded, sayArea, sayLength, wholeUp } from '../line';
import { areaFrom } from '../extent';
import { CAN_PRICES, cheapestCans, paintCans, sayRest } from '../cans';
import {
  choiceField,
  flagField,
  inMetricBy,
  lengthField,
  metricCalled,
  metricIs,
  numberField,
  priceField,
} from '../field';
import { tooMany } from '../limits';
import { highestOver, type RoomShape } from '../../../house';
import { TICKS_PER_INCH } from '../../../units';
import { defineCalculator, impossible, needs, worked } from '../calculator';

const LITRES_PER_GALLON = 3.785411784;
const SQFT_GAL_PER_M2_L = LITRES_PER_GALLON / 0.092_903_04;
const SOURCE = {
  imperial: 'usual spread on labels, 350 to 400 sq ft a gallon; the label of your can wins',
  metric: 'usual spread on labels, 8.6 to 9.8 m² a litre; the label of your can wins',
};

const QUARTS_PER_GALLON = 4;

export const paint = defineCalculator({
  kind: 'paint',
  title: 'Paint',
  asks: 'How much paint, and in which cans?',
  usesRoom: true,
  fields: {
    on: choiceField('Paint what', ['walls', 'ceiling', 'both']),
    coats: numberField('Coats', '', 2, { least: 1, most: 20, whole: true }),
    bare: flagField('First coat on bare board'),
    spread: inMetricBy(
      'spreadMetric',
      numberField('Spread', 'sq ft a gallon', 375, { least: 50, most: 1_000 }),
    ),
    bareSpread: inMetricBy(
      'bareSpreadMetric',
      numberField('Spread on bare board', 'sq ft a gallon', 250, { least: 50, most: 1_000 }),
    ),
    spreadMetric: numberField('Spread', 'm² a litre', undefined, {
      least: 1,
      most: 30,
      hint: '9.2 when left out',
    }),
    bareSpreadMetric: numberField('Spread on bare board', 'm² a litre', undefined, {
      least: 1,
      most: 30,
      hint: '6.1 when left out',
    }),
    quart: metricCalled('Price of 1 litre', priceField('Price of a quart', CAN_PRICES.quart)),
    gallon: metricCalled('Price of 4 litres', priceField('Price of a gallon', CAN_PRICES.gallon)),
    five: metricCalled('Price of 20 litres', priceField('Price of five gallons', CAN_PRICES.five)),
    length: lengthField('Length, without a room'),
    width: lengthField('Height or width, without a room'),
  },
  instead: ['length', 'width'],
  work: (given, { room, units }) => {
    const area = areaFrom(given, room, given.on);
    if (area === undefined) return needs('a room, or a length and a height');
    const spread = given.spreadMetric ? given.spreadMetric * SQFT_GAL_PER_M2_L : given.spread;
    const bareSpread = given.bareSpreadMetric
      ? given.bareSpreadMetric * SQFT_GAL_PER_M2_L
      : given.bareSpread;
    const squareFeet = inSquareFeet(area);
    const bareCoats = given.bare ? 1 : 0;
    const gallons =
      (squareFeet * (given.coats - bareCoats)) / spread + (squareFeet * bareCoats) / bareSpread;
    const isMetric = units === 'metric';
    const litres = gallons * LITRES_PER_GALLON;
    const amount = isMetric ? `${rounded(litres)} litres` : `${rounded(gallons)} gallons`;
    const goes = (each: number) => (isMetric ? rounded(each / SQFT_GAL_PER_M2_L) : rounded(each));
    const each = isMetric ? 'm² a litre' : 'sq ft a gallon';
    const working = [
      `${sayArea(area, units)} net x ${given.coats} ${given.coats === 1 ? 'coat' : 'coats'}`,
      given.bare
        ? `/ ${each}, the first at ${goes(bareSpread)}, the rest at ${goes(spread)}`
        : `/ ${goes(spread)} ${each}`,
      `= ${amount}`,
    ].join(' ');
    const need = isMetric ? litres : gallons * QUARTS_PER_GALLON;
    const cans = cheapestCans(need, paintCans(given, units));
    const rest = sayRest(need, cans, units);
    return worked([
      line('paint.gallons', 'Paint', exactly(gallons, 3), 'gal', working, SOURCE[units]),
      ...(isMetric
        ? [again(line('paint.litres', 'Paint', exactly(litres, 3), 'L', working, SOURCE[units]))]
        : []),
      ...cans.map(({ can, count }) =>
        line(
          `paint.cans.${can.id}`,
          `Paint, ${can.name}`,
          count,
          'can',
          `cheapest set of cans that holds ${amount}${rest ? `, ${rest}` : ''}`,
          'prices as given',
        ),
      ),
    ]);
  },
});

const MOST_DROPS = 2_000;

/** How high the wall is over each drop; they go round the room, and round its corners, one after another. */
function dropHeights(
  room: RoomShape | null,
  given: { run?: number | undefined; height?: number | undefined },
  rollWidth: number,
  drops: number,
): number[] {
  const all = (height: number) => Array.from({ length: drops }, () => height);
  if (given.height !== undefined || !room) return all(given.height ?? 0);
  const over = (from: number, to: number): number => {
    let start = 0;
    let highest = 0;
    room.walls.forEach(({ length }, wall) => {
      const [left, right] = [Math.max(0, from - start), Math.min(length, to - start)];
      if (left < right) highest = Math.max(highest, highestOver(room, wall, left, right));
      start += length;
    });
    return highest;
  };
  const round = room.walls.reduce((sum, { length }) => sum + length, 0);
  if (given.run !== undefined) return all(over(0, round));
  return all(0).map((_, at) => over(at * rollWidth, Math.min(round, (at + 1) * rollWidth)));
}

/** Rolls for the drops, the longest cut first, each from the first roll with enough left. */
function rollsFor(lengths: readonly number[], rollLength: number): number {
  const left: number[] = [];
  for (const length of lengths.toSorted((a, b) => b - a)) {
    const at = left.findIndex((rest) => rest >= length - 1e-6);
    if (at < 0) left.push(rollLength - length);
    else left[at] = (left[at] ?? 0) - length;
  }
  return left.length;
}

export const wallpaper = defineCalculator({
  kind: 'wallpaper',
  title: 'Wallpaper',
  asks: 'How many rolls, with the pattern matched?',
  usesRoom: true,
  fields: {
    rollWidth: metricIs('53 cm', lengthField('Roll width', '21"')),
    rollLength: metricIs('10.05 m', lengthField('Roll length', "33'")),
    repeat: lengthField('Pattern repeat', '0', '0 for a plain paper'),
    trim: metricIs('10 cm', lengthField('Trim at top and bottom together', '4"')),
    run: lengthField('Run of wall, without a room'),
    height: lengthField('Height, without a room'),
  },
  instead: ['run', 'height'],
  eachAlone: true,
  work: ({ rollWidth, rollLength, repeat, trim, ...given }, { room, units }) => {
    const run = given.run ?? room?.walls.reduce((sum, wall) => sum + wall.length, 0);
    if (run === undefined || (given.height === undefined && !room))
      return needs('a room, or a run and a height');
    const drops = wholeUp(run / rollWidth);
    const many = tooMany('rollWidth', drops, 'drops', MOST_DROPS);
    if (many) return many;
    const heights = dropHeights(room, given, rollWidth, drops);
    const lengths = heights.map((height) => {
      const bare = height + trim;
      return repeat > 0 ? Math.ceil(bare / repeat - 1e-9) * repeat : bare;
    });
    const [drop, shortest] = [Math.max(...lengths), Math.min(...lengths)];
    const height = Math.max(...heights);
    if (drop > rollLength)
      return impossible(
        'rollLength',
        `one drop of ${sayLength(drop, units)} is longer than a roll`,
      );
    const rolls = rollsFor(lengths, rollLength);
    const perRoll = Math.floor(rollLength / drop + 1e-9);
    const source =
      'drops by whole repeats; doors and windows are not taken off, they give the short pieces';
    return worked([
      line(
        'wallpaper.rolls',
        'Wallpaper',
        rolls,
        'roll',
        drop === shortest
          ? `${drops} drops, ${perRoll} from a roll of ${sayLength(rollLength, units)}: ${drops} / ${perRoll}, up`
          : `${drops} drops from ${sayLength(shortest, units)} to ${sayLength(drop, units)} under the slope, the longest cut first from rolls of ${sayLength(rollLength, units)}`,
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
        drop === shortest ? 'Length of a drop' : 'Length of the longest drop',
        exactly(drop / TICKS_PER_INCH),
        'in',
        `${sayLength(height, units)} + ${sayLength(trim, units)} trim${repeat > 0 ? `, up to a whole repeat of ${sayLength(repeat, units)}` : ''}`,
        source,
      ),
    ]);
  },
});
