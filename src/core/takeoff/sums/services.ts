import { areasOf, baseRuns, openingArea, perimeter, volumeOf } from '../../house';
import { extentOfSurface, floorSurface } from '../../layout';
import { areaFrom } from '../extent';
import {
  choiceField,
  countField,
  flagField,
  lengthField,
  lengthsField,
  numberField,
} from '../field';
import {
  counted,
  inCubicFeet,
  inFeet,
  inInches,
  inMetres,
  inSquareFeet,
  inSquareMetres,
  line,
  measuredLength,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import { defineSum, impossible, needs, worked } from '../sum';

/** Lumens a square foot by use: starting figures. */
const LUMENS: Record<string, number> = {
  living: 20,
  bedroom: 20,
  kitchen: 50,
  bathroom: 60,
  hall: 10,
  workshop: 75,
};

/** Rows with half a spacing to each wall, moved off joists by the least that clears them. */
export function lightMarks(
  run: number,
  count: number,
  joists: readonly number[],
  clear: number,
): number[] {
  return Array.from({ length: count }, (_, at) => {
    const wanted = (run * (2 * at + 1)) / (2 * count);
    const near = joists.find((joist) => Math.abs(joist - wanted) < clear);
    if (near === undefined) return wanted;
    return wanted >= near ? near + clear : near - clear;
  });
}

export const lights = defineSum({
  kind: 'lights',
  title: 'Lights and outlets',
  asks: 'How many lights, where, and how many outlets?',
  usesRoom: true,
  fields: {
    use: choiceField('Used as', ['living', 'bedroom', 'kitchen', 'bathroom', 'hall', 'workshop']),
    perLight: numberField('Lumens of one light', 'lm', 800, { least: 10, most: 20_000 }),
    rows: countField('Rows, 0 to choose', 0),
    columns: countField('Columns, 0 to choose', 0),
    joists: lengthsField('Joists, from the left'),
    clear: lengthField('Centre of a light from a joist, at least', '4"'),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  work: (given, { room, units }) => {
    const size =
      given.length !== undefined && given.width !== undefined
        ? { width: given.length, height: given.width }
        : room
          ? extentOfSurface(floorSurface(room))
          : undefined;
    const floor = areaFrom(given, room, 'floor');
    if (!size || floor === undefined) return needs('a room, or a length and a width');
    const lumens = inSquareFeet(floor) * (LUMENS[given.use] ?? 20);
    const needed = Math.max(1, wholeUp(lumens / given.perLight));
    const columns =
      given.columns || Math.max(1, Math.round(Math.sqrt((needed * size.width) / size.height)));
    const rows = given.rows || wholeUp(needed / columns);
    const across = lightMarks(size.width, columns, given.joists ?? [], given.clear);
    const down = lightMarks(size.height, rows, [], given.clear);
    const say = (marks: readonly number[]) =>
      marks.map((mark) => sayLength(mark, units)).join(', ');
    const outlets = room
      ? baseRuns(room).reduce(
          (sum, run) => sum + (inFeet(run) >= 2 ? wholeUp(inFeet(run) / 12) : 0),
          0,
        )
      : 0;
    return worked(
      [
        line(
          'lights.count',
          'Lights',
          rows * columns,
          'light',
          `${sayArea(floor, units)} x ${LUMENS[given.use] ?? 20} lm a sq ft = ${Math.round(lumens)} lm / ${given.perLight}: ${needed}, in ${rows} x ${columns}`,
          'light by use, a starting figure',
        ),
        line(
          'lights.columns',
          'Columns',
          columns,
          'column',
          `from the left wall at ${say(across)}: half a spacing to the walls, clear of joists`,
          'half spacing to the wall',
        ),
        line(
          'lights.rows',
          'Rows',
          rows,
          'row',
          `from the top wall at ${say(down)}`,
          'half spacing to the wall',
        ),
        line(
          'lights.lumens',
          'Light wanted',
          Math.round(lumens),
          'lm',
          'area x light by use',
          'a starting figure',
        ),
        ...(room
          ? [
              line(
                'lights.outlets',
                'Outlets',
                outlets,
                'outlet',
                'each wall of 2 ft or more: one for every 12 ft, up, so that no point is more than 6 ft from one',
                'commonly required, ask your building office',
              ),
            ]
          : []),
      ],
      [
        'A licensed electrician and your local code decide. Keep 30" x 36" x 78" clear before a panel.',
        'Smoke alarms: in and outside each bedroom and on each storey; CO alarms outside sleeping areas.',
      ],
    );
  },
});

const LEAST_CFM = 50;

export const fan = defineSum({
  kind: 'fan',
  title: 'Bath fan and clearances',
  asks: 'How strong a fan?',
  usesRoom: true,
  fields: {
    duct: lengthField('Duct length', "10'"),
    elbows: countField('Elbows', 1),
    drain: lengthField('Drain length to fall', "6'"),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  work: ({ duct, elbows, drain, ...typed }, { room, units }) => {
    const floor = areaFrom(typed, room, 'floor');
    if (floor === undefined) return needs('a room, or a length and a width');
    const squareFeet = inSquareFeet(floor);
    const equivalent = inFeet(duct) + elbows * 15;
    return worked(
      [
        line(
          'fan.cfm',
          'Fan',
          Math.max(LEAST_CFM, wholeUp(squareFeet)),
          'cfm',
          `1 cfm a sq ft x ${sayArea(floor, units)}, at least ${LEAST_CFM}`,
          'commonly required, ask your building office',
        ),
        line(
          'fan.duct',
          'Duct, elbows counted in',
          rounded(equivalent),
          'ft',
          `${sayLength(duct, units)} + ${counted(elbows, 'elbow')} x 15 ft`,
          'a starting figure; the fan’s own table wins',
        ),
        line(
          'fan.fall',
          'Fall of the drain',
          rounded(inFeet(drain) * 0.25),
          'in',
          `1/4" a foot x ${sayLength(drain, units)}`,
          'commonly required, ask your building office',
        ),
      ],
      ['Duct it outdoors, never into an attic. A toilet wants 15" to each side and 21" before it.'],
    );
  },
});

const BTU_PER_WATT_HOUR = 3.412;

export const heat = defineSum({
  kind: 'heat',
  title: 'Heat for a room',
  asks: 'How large a heater, as a first estimate?',
  usesRoom: true,
  fields: {
    wallR: numberField('R of outside walls', '', 13, { least: 0.1, most: 100 }),
    ceilingR: numberField('R of the ceiling, 0 when heated above', '', 30, { most: 100 }),
    floorR: numberField('R of the floor, 0 when heated below', '', 0, { most: 100 }),
    windowU: numberField('U of windows and doors', '', 0.35, { least: 0.01, most: 2 }),
    outside: countField('Outside walls', 2),
    indoor: numberField('Indoors', '°F', 70, { least: 0, most: 120 }),
    outdoor: numberField('Coldest design day', '°F', 10, { least: -80, most: 100 }),
    changes: numberField('Air changes an hour', '', 0.5, { least: 0, most: 20 }),
  },
  work: (given, { room, units }) => {
    if (!room) return needs('a room');
    if (given.outdoor >= given.indoor)
      return impossible('outdoor', 'is not colder than indoors: nothing to heat');
    if (given.outside > room.walls.length)
      return impossible('outside', `the room has ${room.walls.length} walls`);
    const areas = areasOf(room);
    const glass = inSquareFeet(
      room.openings
        .filter(({ kind }) => kind !== 'opening')
        .reduce((sum, each) => sum + openingArea(each), 0),
    );
    const walls = Math.max(
      0,
      inSquareFeet(areas.wallsGross) * (given.outside / room.walls.length) - glass,
    );
    const over = (r: number, squareFeet: number) => (r > 0 ? squareFeet / r : 0);
    const ua =
      walls / given.wallR +
      glass * given.windowU +
      over(given.ceilingR, inSquareFeet(areas.ceiling)) +
      over(given.floorR, inSquareFeet(areas.floor));
    const difference = given.indoor - given.outdoor;
    const volume = inCubicFeet(volumeOf(room));
    const air = 0.018 * given.changes * volume;
    const btu = (ua + air) * difference;
    const source = 'UA x difference + 0.018 x air changes x volume; a first estimate, not a design';
    return worked(
      [
        line(
          'heat.btu',
          'Heat on the coldest day',
          Math.round(btu),
          'btu/h',
          `(${rounded(ua)} UA + 0.018 x ${given.changes} x ${Math.round(volume)} cu ft) x ${difference} °F`,
          source,
        ),
        line(
          'heat.watts',
          'The same',
          Math.round(btu / BTU_PER_WATT_HOUR),
          'W',
          'btu/h / 3.412',
          source,
        ),
        line(
          'heat.ua',
          'UA of the room',
          rounded(ua),
          'btu/h F',
          `${rounded(walls)} sq ft of outside wall / R ${given.wallR} + ${rounded(glass)} sq ft of glass and doors x ${given.windowU}, ceiling and floor over their R`,
          source,
        ),
      ],
      [`A first estimate for ${sayArea(areas.floor, units)}: an installer sizes the plant.`],
    );
  },
});

const LOOP_METRES = 100;

export const underfloor = defineSum({
  kind: 'underfloor',
  title: 'Underfloor heating',
  asks: 'How much pipe, in how many loops?',
  usesRoom: true,
  fields: {
    spacing: lengthField('Pipe spacing', '6"'),
    leader: lengthField('To the manifold and back, each loop', '0'),
    screed: lengthField('Screed', '2 1/2"'),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
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
        rounded(inSquareFeet(floor)),
        'ft2',
        'the floor',
        'measured',
      ),
      line('underfloor.edge', 'Edge strip', strip.value, strip.unit, 'round the room', 'measured'),
      line(
        'underfloor.screed',
        'Screed',
        rounded(inSquareMetres(floor) * inMetres(screed), 3),
        'm3',
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
const CAN_CUBIC_FEET = 32 / 7.480519;
const CAN_POUNDS = 50;

export const debris = defineSum({
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
    perSquareFoot: numberField('Weight', 'lb a sq ft', undefined, { least: 0.01, most: 500 }),
    bulking: numberField('Bulking', 'x', 2, { least: 1, most: 4, hint: '1.5 to 2.5' }),
    load: numberField('A trip carries', 'lb', 1_000, { least: 10, most: 100_000 }),
    space: numberField('and holds', 'cu yd', 2, { least: 0.1, most: 100 }),
    length: lengthField('Length, without a room'),
    width: lengthField('Width or height, without a room'),
  },
  work: (given, { room, units }) => {
    const stripped = areaFrom(given, room, given.on);
    if (stripped === undefined) return needs('a room, or a length and a width');
    const usual = DEBRIS[given.what] ?? { perSquareFoot: 1.9, inches: 0.5 };
    const inches = given.thickness === undefined ? usual.inches : inInches(given.thickness);
    const each = given.perSquareFoot ?? (usual.perSquareFoot * inches) / usual.inches;
    const pounds = inSquareFeet(stripped) * each;
    const bulk = (inSquareFeet(stripped) * (inches / 12) * given.bulking) / 27;
    const byWeight = wholeUp(pounds / given.load);
    const bySpace = wholeUp(bulk / given.space);
    const loose = bulk > 0 ? pounds / (bulk * 27) : 0;
    const full = Math.min(1, CAN_POUNDS / (loose * CAN_CUBIC_FEET));
    const source = 'usual weights by area, a starting figure';
    return worked(
      [
        line(
          'debris.weight',
          'Debris',
          Math.round(pounds),
          'lb',
          `${sayArea(stripped, units)} x ${rounded(each)} lb a sq ft (${given.what}, ${rounded(inches)}")`,
          source,
        ),
        line(
          'debris.volume',
          'Loose in the bin',
          rounded(bulk),
          'yd3',
          `area x ${rounded(inches)}" x ${given.bulking} bulking`,
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
          'Fill a 32 gal can to',
          Math.round(full * 100),
          '%',
          `${CAN_POUNDS} lb / (${rounded(loose)} lb a cu ft x 4.28 cu ft)`,
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

export const fit = defineSum({
  kind: 'fit',
  title: 'Will it fit',
  asks: 'Does it go through the door and round the turn?',
  fields: {
    long: lengthField('Its length', '60"'),
    deep: lengthField('Its depth', '30"'),
    high: lengthField('Its height', '20"'),
    doorWidth: lengthField('Door, clear width', '30"'),
    doorHeight: lengthField('Door, clear height', '78"'),
    hall: lengthField('Hall width'),
    next: lengthField('Next hall width, round the turn'),
    ceiling: lengthField('Height of the hall', "8'"),
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
