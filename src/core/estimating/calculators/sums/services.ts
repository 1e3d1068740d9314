import {
  areasOf,
  openingArea,
  perimeter,
  volumeOf,
  wallAreas,
  type RoomShape,
} from '../../../house';
import { AREA_PER_SQFT, fromFeet, fromInches } from '../../../units';
import { areaFrom } from '../extent';
import {
  choiceField,
  countField,
  flagField,
  inMetricBy,
  lengthField,
  metricIs,
  numberField,
  numbersField,
  rsiField,
} from '../field';
import {
  again,
  counted,
  inCubicFeet,
  inFeet,
  inInches,
  inMetres,
  inSquareFeet,
  exactly,
  line,
  measuredLength,
  measuredVolume,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import {
  KG_PER_M2,
  KG_PER_POUND,
  M3_PER_CUBIC_FOOT,
  M3_PER_YARD,
  WATTS_PER_KELVIN,
  inFahrenheit,
  inR,
  inU,
  sayR,
  sayU,
} from '../convert';
import { defineCalculator, impossible, needs, worked } from '../calculator';

const LEAST_CFM = 50;
/** What an elbow counts for in the length of a duct. */
const ELBOW = fromFeet(15);

export const fan = defineCalculator({
  kind: 'fan',
  title: 'Bath fan and clearances',
  asks: 'How strong a fan?',
  usesRoom: true,
  fields: {
    duct: metricIs('3 m', lengthField('Duct length', "10'")),
    elbows: countField('Elbows', 1),
    drain: metricIs('2 m', lengthField('Drain length to fall', "6'")),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  instead: ['length', 'width'],
  work: ({ duct, elbows, drain, ...typed }, { room, units }) => {
    const floor = areaFrom(typed, room, 'floor');
    if (floor === undefined) return needs('a room, or a length and a width');
    const squareFeet = inSquareFeet(floor);
    const equivalent = inFeet(duct + elbows * ELBOW);
    return worked(
      [
        line(
          'fan.cfm',
          'Fan',
          exactly(Math.max(LEAST_CFM, wholeUp(squareFeet)), 0),
          'cfm',
          units === 'metric'
            ? `18.3 m³/h a m² x ${sayArea(floor, units)}, at least 85`
            : `1 cfm a sq ft x ${sayArea(floor, units)}, at least ${LEAST_CFM}`,
          'commonly required, ask your building office',
        ),
        line(
          'fan.duct',
          'Duct, elbows counted in',
          exactly(equivalent),
          'ft',
          `${sayLength(duct, units)} + ${counted(elbows, 'elbow')} x ${sayLength(ELBOW, units)}`,
          'a starting figure; the fan’s own table wins',
        ),
        line(
          'fan.fall',
          'Fall of the drain',
          exactly(inFeet(drain) * 0.25),
          'in',
          units === 'metric'
            ? `21 mm a metre x ${sayLength(drain, units)}`
            : `1/4" a foot x ${sayLength(drain, units)}`,
          'commonly required, ask your building office',
        ),
      ],
      [
        `Duct it outdoors, never into an attic. A toilet wants ${sayLength(fromInches(15), units)} to each side and ${sayLength(fromInches(21), units)} before it.`,
      ],
    );
  },
});

const BTU_PER_WATT_HOUR = 3.412;
/** Heat in a cubic foot of air, btu for a degree Fahrenheit. */
const AIR_HEAT = 0.018;
export const heat = defineCalculator({
  kind: 'heat',
  title: 'Heat for a room',
  asks: 'How large a heater, as a first estimate?',
  usesRoom: true,
  fields: {
    wallR: inMetricBy(
      'wallRsi',
      numberField('R of outside walls', '', 13, { least: 0.1, most: 100 }),
    ),
    wallRsi: rsiField('R of outside walls', 2.29),
    ceilingR: inMetricBy(
      'ceilingRsi',
      numberField('R of the ceiling, 0 when heated above', '', 30, { most: 100 }),
    ),
    ceilingRsi: rsiField('R of the ceiling, 0 when heated above', 5.28),
    floorR: inMetricBy(
      'floorRsi',
      numberField('R of the floor, 0 when heated below', '', 0, { most: 100 }),
    ),
    floorRsi: rsiField('R of the floor, 0 when heated below', 0),
    windowU: inMetricBy(
      'windowUsi',
      numberField('U of windows and doors', '', 0.35, { least: 0.01, most: 2 }),
    ),
    windowUsi: numberField('U of windows and doors', 'W/m² K', undefined, {
      least: 0.05,
      most: 11,
      hint: '1.99 when left out',
    }),
    outside: countField('Outside walls', 2),
    outsideWalls: numbersField('Or which, by number from 1', '', { least: 1, most: 200 }),
    indoor: inMetricBy('indoorC', numberField('Indoors', '°F', 70, { least: 0, most: 120 })),
    indoorC: numberField('Indoors', '°C', undefined, {
      least: -18,
      most: 49,
      hint: '21 when left out',
    }),
    outdoor: inMetricBy(
      'outdoorC',
      numberField('Coldest design day', '°F', 10, { least: -80, most: 100 }),
    ),
    outdoorC: numberField('Coldest design day', '°C', undefined, {
      least: -62,
      most: 38,
      hint: '-12 when left out',
    }),
    changes: numberField('Air changes an hour', '', 0.5, { least: 0, most: 20 }),
  },
  work: (given, { room, units }) => {
    if (!room) return needs('a room');
    const [indoor, outdoor] = [
      inFahrenheit(given.indoor, given.indoorC),
      inFahrenheit(given.outdoor, given.outdoorC),
    ];
    if (outdoor >= indoor)
      return impossible('outdoor', 'is not colder than indoors: nothing to heat');
    const wrong = given.outsideWalls?.find(
      (wall) => !Number.isInteger(wall) || wall > room.walls.length,
    );
    if (wrong !== undefined || given.outside > room.walls.length)
      return impossible(
        wrong === undefined ? 'outside' : 'outsideWalls',
        `the room has ${room.walls.length} walls`,
      );
    const areas = areasOf(room);
    const { glass, walls } = outsideOf(room, given);
    const wallR = inR(given.wallR, given.wallRsi);
    const windowU = inU(given.windowU, given.windowUsi);
    const over = (r: number, squareFeet: number) => (r > 0 ? squareFeet / r : 0);
    const ua =
      walls / wallR +
      glass * windowU +
      over(inR(given.ceilingR, given.ceilingRsi), inSquareFeet(areas.ceiling)) +
      over(inR(given.floorR, given.floorRsi), inSquareFeet(areas.floor));
    const difference = indoor - outdoor;
    const volume = inCubicFeet(volumeOf(room));
    const air = AIR_HEAT * given.changes * volume;
    const btu = (ua + air) * difference;
    const isMetric = units === 'metric';
    const source = isMetric
      ? 'UA x difference + 0.335 x air changes x volume; a first estimate, not a design'
      : 'UA x difference + 0.018 x air changes x volume; a first estimate, not a design';
    const working = isMetric
      ? `(${rounded(ua * WATTS_PER_KELVIN)} UA + 0.335 x ${given.changes} x ${rounded(volume * M3_PER_CUBIC_FOOT, 1)} m³) x ${rounded(difference / 1.8, 1)} °C`
      : `(${rounded(ua)} UA + 0.018 x ${given.changes} x ${Math.round(volume)} cu ft) x ${difference} °F`;
    const watts = line(
      'heat.watts',
      'The same',
      Math.round(btu / BTU_PER_WATT_HOUR),
      'W',
      isMetric ? working : 'btu/h / 3.412',
      source,
    );
    return worked(
      [
        line('heat.btu', 'Heat on the coldest day', exactly(btu, 0), 'btu/h', working, source),
        isMetric ? again(watts) : watts,
        line(
          'heat.ua',
          'UA of the room',
          exactly(ua),
          'btu/h F',
          `${sayArea(walls * AREA_PER_SQFT, units)} of outside wall / R ${sayR(wallR, units)} + ${sayArea(glass * AREA_PER_SQFT, units)} of glass and outside doors x ${sayU(windowU, units)}, ceiling and floor over their R`,
          source,
        ),
      ],
      [
        `A first estimate for ${sayArea(areas.floor, units)}: an installer sizes the plant.`,
        ...(given.outsideWalls || !room.openings.some(({ kind }) => kind === 'door')
          ? []
          : [
              'Doors are taken to lead to heated rooms: give the outside walls by number to count theirs.',
            ]),
      ],
    );
  },
});

/**
 * What of a room loses heat to the outside, sq ft: the walls named with the windows and doors in them; where only
 * their number is given that share of all walls, with every window and no door.
 */
function outsideOf(
  room: RoomShape,
  { outside, outsideWalls }: { outside: number; outsideWalls?: number[] | undefined },
): { glass: number; walls: number } {
  const areas = wallAreas(room);
  const named = outsideWalls && new Set(outsideWalls.map((wall) => wall - 1));
  const gross = named
    ? areas.reduce((sum, each, wall) => sum + (named.has(wall) ? each : 0), 0)
    : areas.reduce((sum, each) => sum + each, 0) * (outside / room.walls.length);
  const holes = room.openings.filter(({ kind, wall }) =>
    named ? kind !== 'opening' && named.has(wall) : kind === 'window',
  );
  const glass = holes.reduce((sum, each) => sum + openingArea(each), 0);
  return { glass: inSquareFeet(glass), walls: Math.max(0, inSquareFeet(gross - glass)) };
}

const LOOP_METRES = 100;

export const underfloor = defineCalculator({
  kind: 'underfloor',
  title: 'Underfloor heating',
  asks: 'How much pipe, in how many loops?',
  usesRoom: true,
  fields: {
    spacing: metricIs('150 mm', lengthField('Pipe spacing', '6"')),
    leader: lengthField('To the manifold and back, each loop', '0'),
    screed: metricIs('65 mm', lengthField('Screed', '2 1/2"')),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  instead: ['length', 'width'],
  work: ({ spacing, leader, screed, ...typed }, { room, units }) => {
    const floor = areaFrom(typed, room, 'floor');
    if (floor === undefined) return needs('a room, or a length and a width');
    const pipe = floor / spacing;
    const usable = LOOP_METRES - inMetres(leader);
    if (usable <= 0) return impossible('leader', 'leaves nothing of a loop of 100 m');
    const loops = Math.max(1, wholeUp(inMetres(pipe) / usable));
    const total = measuredLength(pipe + loops * leader, units);
    const edge =
      typed.length !== undefined && typed.width !== undefined
        ? 2 * (typed.length + typed.width)
        : room
          ? perimeter(room)
          : 0;
    const strip = measuredLength(edge, units);
    const source = 'area / spacing; loops of at most 100 m';
    return worked([
      line(
        'underfloor.pipe',
        'Pipe',
        total.value,
        total.unit,
        `${sayArea(floor, units)} / ${sayLength(spacing, units)}${leader > 0 ? ` + ${loops} x ${sayLength(leader, units)}` : ''}`,
        source,
      ),
      line(
        'underfloor.loops',
        'Loops',
        loops,
        'loop',
        `${rounded(inMetres(pipe), 1)} m / ${rounded(usable, 1)} m, up`,
        source,
      ),
      line(
        'underfloor.insulation',
        'Insulation under it',
        exactly(inSquareFeet(floor)),
        'ft2',
        'the floor',
        'measured',
      ),
      line('underfloor.edge', 'Edge strip', strip.value, strip.unit, 'round the room', 'measured'),
      line(
        'underfloor.screed',
        'Screed',
        measuredVolume(inCubicFeet(floor * screed), units).value,
        measuredVolume(0, units).unit,
        `${sayArea(floor, units)} x ${sayLength(screed, units)}`,
        'measured',
      ),
    ]);
  },
});

/** Weight by area at the usual thickness (lb a sq ft) and that thickness; concrete by volume. */
const DEBRIS: Record<string, { perSquareFoot: number; inches: number }> = {
  drywall: { perSquareFoot: 1.9, inches: 0.5 },
  'plaster on lath': { perSquareFoot: 9, inches: 1 },
  'floor tile on mortar': { perSquareFoot: 8, inches: 1 },
  'brick, one wythe': { perSquareFoot: 40, inches: 4 },
  concrete: { perSquareFoot: 12.5, inches: 1 },
};
/** A can one person can lift, and what may be in it. */
const IMPERIAL_CAN = { name: '32 gal can', cubicFeet: 32 / 7.480519, pounds: 50, says: '50 lb' };
const METRIC_CAN = {
  name: '120 litre can',
  cubicFeet: 0.12 / M3_PER_CUBIC_FOOT,
  pounds: 23 / KG_PER_POUND,
  says: '23 kg',
};

export const debris = defineCalculator({
  kind: 'debris',
  title: 'Debris',
  asks: 'How heavy, how many trips, how full a can?',
  usesRoom: true,
  fields: {
    what: choiceField('What comes off', [
      'drywall',
      'plaster on lath',
      'floor tile on mortar',
      'brick, one wythe',
      'concrete',
    ]),
    on: choiceField('From', ['walls', 'ceiling', 'both', 'floor']),
    thickness: lengthField('Thickness, when not the usual'),
    perSquareFoot: inMetricBy(
      'perSquareMetre',
      numberField('Weight', 'lb a sq ft', undefined, { least: 0.01, most: 500 }),
    ),
    perSquareMetre: numberField('Weight', 'kg a m²', undefined, { least: 0.05, most: 2_500 }),
    bulking: numberField('Bulking', 'x', 2, { least: 1, most: 4, hint: '1.5 to 2.5' }),
    load: inMetricBy(
      'loadKg',
      numberField('A trip carries', 'lb', 1_000, { least: 10, most: 100_000 }),
    ),
    loadKg: numberField('A trip carries', 'kg', undefined, {
      least: 5,
      most: 50_000,
      hint: '450 when left out',
    }),
    space: inMetricBy('spaceM3', numberField('and holds', 'cu yd', 2, { least: 0.1, most: 100 })),
    spaceM3: numberField('and holds', 'm³', undefined, {
      least: 0.05,
      most: 80,
      hint: '1.5 when left out',
    }),
    length: lengthField('Length, without a room'),
    width: lengthField('Width or height, without a room'),
  },
  instead: ['length', 'width'],
  work: (given, { room, units }) => {
    const stripped = areaFrom(given, room, given.on);
    if (stripped === undefined) return needs('a room, or a length and a width');
    const usual = DEBRIS[given.what] ?? { perSquareFoot: 1.9, inches: 0.5 };
    const inches = given.thickness === undefined ? usual.inches : inInches(given.thickness);
    const told =
      given.perSquareMetre === undefined ? given.perSquareFoot : given.perSquareMetre / KG_PER_M2;
    const each = told ?? (usual.perSquareFoot * inches) / usual.inches;
    const isMetric = units === 'metric';
    const load = given.loadKg === undefined ? given.load : given.loadKg / KG_PER_POUND;
    const space = given.spaceM3 === undefined ? given.space : given.spaceM3 / M3_PER_YARD;
    const can = isMetric ? METRIC_CAN : IMPERIAL_CAN;
    const pounds = inSquareFeet(stripped) * each;
    const bulk = (inSquareFeet(stripped) * (inches / 12) * given.bulking) / 27;
    const byWeight = wholeUp(pounds / load);
    const bySpace = wholeUp(bulk / space);
    const loose = bulk > 0 ? pounds / (bulk * 27) : 0;
    const full = Math.min(1, can.pounds / (loose * can.cubicFeet));
    const source = 'usual weights by area, a starting figure';
    return worked(
      [
        line(
          'debris.weight',
          'Debris',
          exactly(pounds, 0),
          'lb',
          isMetric
            ? `${sayArea(stripped, units)} x ${rounded(each * KG_PER_M2)} kg a m² (${given.what}, ${sayLength(fromInches(inches), units)})`
            : `${sayArea(stripped, units)} x ${rounded(each)} lb a sq ft (${given.what}, ${rounded(inches)}")`,
          source,
        ),
        line(
          'debris.volume',
          'Loose in the bin',
          exactly(bulk),
          'yd3',
          `area x ${isMetric ? sayLength(fromInches(inches), units) : `${rounded(inches)}"`} x ${given.bulking} bulking`,
          'bulking 1.5 to 2.5',
        ),
        line(
          'debris.trips',
          'Trips',
          Math.max(byWeight, bySpace),
          'trip',
          `by weight ${byWeight}, by space ${bySpace}: the larger`,
          'as your car or trailer carries',
        ),
        line(
          'debris.can',
          `Fill a ${can.name} to`,
          Math.round(full * 100),
          '%',
          isMetric
            ? `${can.says} / (${rounded(loose * 16.018_463)} kg a m³ x 0.12 m³)`
            : `${can.says} / (${rounded(loose)} lb a cu ft x 4.28 cu ft)`,
          'a can one person can lift',
        ),
      ],
      ['Test what may hold asbestos or lead before it is broken; dust mask and bags.'],
    );
  },
});

/** Whether a rectangle a × b passes a rectangle w × h, turned if need be (Carver 1957). */
export function passes(a: number, b: number, w: number, h: number): boolean {
  const [long, short] = [Math.max(a, b), Math.min(a, b)];
  const [wide, low] = [Math.max(w, h), Math.min(w, h)];
  if (short > low) return false;
  if (long <= wide) return true;
  const root = Math.sqrt(long ** 2 + short ** 2 - low ** 2);
  return (
    wide >= (2 * long * short * low + (long ** 2 - short ** 2) * root) / (long ** 2 + short ** 2)
  );
}

/** The longest thing of some width that goes level round a right-angled turn of two halls; 0 when too wide for either. */
export function longestRound(width: number, hall: number, next: number): number {
  if (width > Math.min(hall, next)) return 0;
  let least = Infinity;
  for (let step = 1; step < 1_800; step += 1) {
    const angle = (step / 1_800) * (Math.PI / 2);
    const [sine, cosine] = [Math.sin(angle), Math.cos(angle)];
    least = Math.min(least, hall / sine + next / cosine - width / (sine * cosine));
  }
  return least;
}

export const fit = defineCalculator({
  kind: 'fit',
  title: 'Will it fit',
  asks: 'Does it go through the door and round the turn?',
  fields: {
    long: metricIs('150 cm', lengthField('Its length', '60"')),
    deep: metricIs('75 cm', lengthField('Its depth', '30"')),
    high: metricIs('50 cm', lengthField('Its height', '20"')),
    doorWidth: metricIs('75 cm', lengthField('Door, clear width', '30"')),
    doorHeight: metricIs('198 cm', lengthField('Door, clear height', '78"')),
    hall: lengthField('Hall width'),
    next: lengthField('Next hall width, round the turn'),
    ceiling: metricIs('2.4 m', lengthField('Height of the hall', "8'")),
    upright: flagField('It must stay upright'),
  },
  work: (given, { units }) => {
    const { long, deep, high } = given;
    // Which face leads: the two sides that must pass the door, and what is carried behind them.
    const faces = given.upright
      ? [
          [deep, high],
          [long, high],
        ]
      : [
          [deep, high],
          [long, high],
          [long, deep],
        ];
    const through = faces.find(([a = 0, b = 0]) =>
      given.upright
        ? a <= given.doorWidth && b <= given.doorHeight
        : passes(a, b, given.doorWidth, given.doorHeight),
    );
    const source = 'rectangle through rectangle, turned if need be; longest ladder round a corner';
    const lines = [
      line(
        'fit.door',
        'Goes through the door',
        through ? 1 : 0,
        'yes = 1',
        through
          ? `leading with the face ${sayLength(through[0] ?? 0, units)} x ${sayLength(through[1] ?? 0, units)}`
          : `no face passes ${sayLength(given.doorWidth, units)} x ${sayLength(given.doorHeight, units)}, turned either way`,
        source,
      ),
    ];
    if (given.hall !== undefined && given.next !== undefined) {
      const poses: readonly (readonly [number, number, number])[] = given.upright
        ? [[long, deep, high]]
        : [
            [long, deep, high],
            [long, high, deep],
            [deep, high, long],
          ];
      const room = poses
        .filter(([, , tall]) => tall <= given.ceiling)
        .map(
          ([a, b]) =>
            longestRound(Math.min(a, b), given.hall ?? 0, given.next ?? 0) - Math.max(a, b),
        );
      const spare = Math.max(-Infinity, ...room);
      const least = Number.isFinite(spare) ? spare : -long;
      lines.push(
        line(
          'fit.turn',
          'Goes round the turn',
          least >= 0 ? 1 : 0,
          'yes = 1',
          `halls of ${sayLength(given.hall, units)} and ${sayLength(given.next, units)}: ${least >= 0 ? 'room to spare' : 'too long by'} ${sayLength(Math.abs(least), units)} the best way up`,
          source,
        ),
      );
    }
    return worked(
      lines,
      through
        ? []
        : [
            'Ask for it in parts, take the door off its stops, or bring it in before the wall is closed.',
          ],
    );
  },
});
