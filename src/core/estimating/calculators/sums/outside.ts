import { layoutPlanks } from '../../layout';
import { perimeter, wallAreas, highestOver, type RoomShape } from '../../../house';
import {
  AREA_PER_SQFT,
  area,
  fromInches,
  ticks,
  type Ticks,
  type UnitSystem,
} from '../../../units';
import { M3_PER_CUBIC_FOOT, SQFT_PER_M2 } from '../convert';
import { tooMany } from '../limits';
import { areaFrom } from '../extent';
import {
  choiceField,
  countField,
  inMetricBy,
  lengthField,
  lengthsField,
  metricCalled,
  metricIs,
  numberField,
  orNone,
} from '../field';
import {
  counted,
  again,
  inCubicFeet,
  inFeet,
  inInches,
  inSquareFeet,
  exactly,
  firstOf,
  line,
  measuredLength,
  measuredVolume,
  rounded,
  sayArea,
  sayLength,
  unitWord,
  wholeUp,
} from '../line';
import { defineCalculator, impossible, needs, worked } from '../calculator';

/** What a bag of ready-mix makes, cubic feet. */
const BAG_YIELD: Record<string, number> = { '80 lb': 0.6, '60 lb': 0.45, '25 kg': 0.413 };
const CUBIC_FEET_PER_YARD = 27;

/** Anchors along a piece of sill: two at least, one near each end, and between them no further apart than allowed. */
const anchorsOn = (run: number, end: number, most: number): number =>
  run <= 2 * end ? 2 : wholeUp((run - 2 * end) / most) + 1;

export const concrete = defineCalculator({
  kind: 'concrete',
  title: 'Concrete',
  asks: 'How much, in bags or by the truck?',
  usesRoom: true,
  fields: {
    thickness: metricIs('100 mm', lengthField('Thickness or depth', '4"')),
    bag: choiceField('Bags of', ['80 lb', '60 lb'], ['25 kg']),
    waste: numberField('Over', '%', 10, { most: 100 }),
    bars: lengthField('Bars each way on centre'),
    lap: metricIs('300 mm', lengthField('Lap of bars', '12"')),
    barLength: metricIs('6 m', lengthField('Bar length on sale', "20'")),
    edge: lengthField('Thicker at its edge by'),
    edgeWidth: metricIs('300 mm', lengthField('over a width of', '12"')),
    edgeRun: lengthField('Run of that edge; all round when left out'),
    anchors: lengthsField('Sill lengths to anchor, between openings'),
    anchorEnd: metricIs('300 mm', lengthField('Anchor from each end', '12"')),
    anchorMost: metricIs('1.8 m', lengthField('Anchors apart, at most', "6'")),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  instead: ['length', 'width'],
  work: (given, { room, units }) => {
    const slab = areaFrom(given, room, 'floor');
    if (slab === undefined) return needs('a room, or a length and a width');
    const edge = edgeOf(given, room, units);
    const net = inSquareFeet(slab) * inFeet(given.thickness) + edge.cubicFeet;
    const cubicFeet = net * (1 + given.waste / 100);
    const perBag = BAG_YIELD[given.bag] ?? 0.6;
    const volume = measuredVolume(cubicFeet, units);
    const yards = cubicFeet / CUBIC_FEET_PER_YARD;
    const lines = [
      line(
        'concrete.volume',
        'Concrete',
        volume.value,
        volume.unit,
        edge.cubicFeet > 0
          ? `(${sayArea(slab, units)} x ${sayLength(given.thickness, units)} + ${edge.working}) x ${rounded(1 + given.waste / 100)} for what is lost`
          : `${sayArea(slab, units)} x ${sayLength(given.thickness, units)} x ${rounded(1 + given.waste / 100)} for what is lost`,
        '10% over',
      ),
      line(
        'concrete.bags',
        `Bags of ${given.bag}`,
        wholeUp(cubicFeet / perBag),
        'bag',
        units === 'metric'
          ? `${volume.value} m³ / ${rounded(perBag * M3_PER_CUBIC_FOOT * 1_000, 1)} litres a bag, up`
          : `${rounded(cubicFeet)} cu ft / ${perBag} cu ft a bag, up`,
        'usual yield; the bag wins',
      ),
    ];
    if (given.bars !== undefined && given.length !== undefined && given.width !== undefined) {
      lines.push(
        ...barLines(
          { ...given, bars: given.bars, length: given.length, width: given.width },
          units,
        ),
      );
    }
    if (given.anchors) {
      const count = given.anchors.reduce(
        (sum, run) => sum + anchorsOn(run, given.anchorEnd, given.anchorMost),
        0,
      );
      lines.push(
        line(
          'concrete.anchors',
          'Anchors',
          count,
          'anchor',
          `${sayLength(given.anchorEnd, units)} from each end and either side of openings, at most ${sayLength(given.anchorMost, units)} apart`,
          'commonly required, ask your building office',
        ),
      );
    }
    return worked(lines, [
      ...(yards > 1
        ? [
            `${volume.value} ${unitWord(volume.unit)}: over ${units === 'metric' ? 'three quarters of a cubic metre' : 'one yard'}, ask for a truck rather than bags.`,
          ]
        : []),
      'Wet concrete burns skin. Thickness, bars and footing are for your building office or an engineer to fix.',
    ]);
  },
});

/** What a thicker edge adds: its run, its width and how much deeper it goes than the slab. */
function edgeOf(
  given: {
    edge?: Ticks | undefined;
    edgeWidth: Ticks;
    edgeRun?: Ticks | undefined;
    length?: Ticks | undefined;
    width?: Ticks | undefined;
  },
  room: RoomShape | null,
  units: UnitSystem,
): { cubicFeet: number; working: string } {
  const { edge, edgeWidth } = given;
  if (edge === undefined) return { cubicFeet: 0, working: '' };
  const typed =
    given.length !== undefined && given.width !== undefined
      ? 2 * (given.length + given.width)
      : undefined;
  const round = typed ?? (room ? perimeter(room) : 0);
  // The band lies inside the outline: its middle line is shorter by four of its own widths.
  const run = given.edgeRun ?? Math.max(0, round - 4 * edgeWidth);
  return {
    cubicFeet: inCubicFeet(run * edgeWidth * edge),
    working: `${sayLength(run, units)} of edge x ${sayLength(edgeWidth, units)} x ${sayLength(edge, units)}`,
  };
}

function barLines(
  given: { bars: Ticks; lap: Ticks; barLength: Ticks; length: Ticks; width: Ticks },
  units: 'imperial' | 'metric',
) {
  const rows = (across: number) => Math.floor(across / given.bars + 1e-9) + 1;
  const [along, across] = [rows(given.width), rows(given.length)];
  const withLaps = (run: number) =>
    run + Math.max(0, wholeUp(run / given.barLength) - 1) * given.lap;
  const total = measuredLength(
    along * withLaps(given.length) + across * withLaps(given.width),
    units,
  );
  return [
    line(
      'concrete.bars',
      'Reinforcing bar',
      total.value,
      total.unit,
      `${along} bars along and ${across} across at ${sayLength(given.bars, units)}, laps of ${sayLength(given.lap, units)} beyond ${sayLength(given.barLength, units)}`,
      'grid as you were told; size and spacing are not computed here',
    ),
  ];
}

const MOST_MEMBERS = 2_000;
/** Inches above the ground from which a guard is commonly asked for. */
const GUARD_FROM = 30;

export const deck = defineCalculator({
  kind: 'deck',
  title: 'Deck',
  asks: 'How many boards, joists and fasteners?',
  fields: {
    length: metricIs('4.8 m', lengthField('Length along the house', "16'")),
    width: metricIs('3.6 m', lengthField('Width out from it', "12'")),
    face: metricIs('140 mm', lengthField('Board face', '5 1/2"')),
    gap: orNone(metricIs('3 mm', lengthField('Gap between boards', '1/8"'))),
    boardLength: metricIs('4.8 m', lengthField('Board length', "16'")),
    joists: metricIs('400 mm', lengthField('Joists on centre', '16"')),
    beams: countField('Beams, from your drawing', 1),
    posts: metricIs('1.8 m', lengthField('Posts apart, from your drawing', "6'")),
    fasten: choiceField('Fasten with', ['screws', 'hidden clips']),
    high: metricIs('600 mm', lengthField('Above the ground', '24"')),
    stagger: orNone(metricIs('150 mm', lengthField('Joints apart, at least', '6"'))),
  },
  work: (given, { units }) => {
    const many =
      tooMany('joists', given.length / given.joists, 'joists', MOST_MEMBERS) ??
      tooMany('face', given.width / (given.face + given.gap), 'rows of boards', MOST_MEMBERS) ??
      tooMany(
        'boardLength',
        (given.length * given.width) / (given.face * given.boardLength),
        'boards',
        MOST_MEMBERS,
      );
    if (many) return many;
    const joists = wholeUp(given.length / given.joists) + 1;
    const places = Array.from({ length: joists }, (_, at) =>
      Math.min(given.length, at * given.joists),
    );
    const pitch = given.face + given.gap;
    const rows = wholeUp((given.width + given.gap) / pitch);
    const outline = [
      { x: 0, y: 0 },
      { x: given.length, y: 0 },
      { x: given.length, y: rows * pitch },
      { x: 0, y: rows * pitch },
    ];
    const layout = layoutPlanks(
      { outline, holes: [] },
      {
        face: pitch,
        length: given.boardLength,
        stagger: given.stagger,
        shortest: Math.min(fromInches(24), given.boardLength),
        joists: places,
      },
    );
    if (!layout) return impossible('boardLength', 'boards do not reach from one joist to the next');
    const crossings = rows * joists;
    const screws = given.fasten === 'screws';
    const posts = given.beams * (wholeUp(given.length / given.posts) + 1);
    const source = 'counted from the layout; sizes and spans are for an engineer or the code table';
    return worked(
      [
        line(
          'deck.boards',
          'Deck boards',
          layout.boards,
          'board',
          `${rows} rows of ${sayLength(given.face, units)} + ${sayLength(given.gap, units)} over ${sayLength(given.width, units)}, ${sayLength(given.length, units)} long, joints on joists`,
          source,
        ),
        line(
          'deck.rows',
          'Rows',
          rows,
          'row',
          `(${sayLength(given.width, units)} + gap) / ${sayLength(pitch, units)}, up`,
          source,
        ),
        line(
          'deck.joists',
          'Joists',
          joists,
          'joist',
          `${sayLength(given.length, units)} / ${sayLength(given.joists, units)}, up, + 1`,
          source,
        ),
        line(
          'deck.posts',
          'Posts and blocks',
          posts,
          'post',
          `${counted(given.beams, 'beam')}, a post each ${sayLength(given.posts, units)} and at both ends`,
          source,
        ),
        line(
          screws ? 'deck.screws' : 'deck.clips',
          screws ? 'Deck screws' : 'Hidden clips',
          crossings * (screws ? 2 : 1),
          screws ? 'screw' : 'clip',
          `${rows} rows x ${joists} joists x ${screws ? 2 : 1}`,
          source,
        ),
      ],
      [
        ...(inInches(given.high) > GUARD_FROM
          ? [
              `Over ${sayLength(fromInches(GUARD_FROM), units)} above the ground: a guard is commonly required.`,
            ]
          : []),
        'Beam, joist and footing sizes are not computed here: ask an engineer or your building office.',
      ],
    );
  },
});

const SQFT_PER_SQUARE = 100;
/** The flattest roof that shingles are made for, rise in 12. */
const LEAST_PITCH = 2;
const same = <T>(value: T): T => value;

export const roof = defineCalculator({
  kind: 'roof',
  title: 'Roof',
  asks: 'How many squares, and what goes under and round it?',
  fields: {
    length: metricIs('12 m', lengthField('Length of the roof in plan', "40'")),
    width: metricIs('8 m', lengthField('Width in plan, eaves to eaves', "26'")),
    pitch: numberField('Pitch: rise in 12', '', 6, { least: 0, most: 24 }),
    shape: choiceField('Shape', ['gable', 'hip', 'shed']),
    cover: choiceField('Cover', ['shingle', 'slate or tile']),
    waste: numberField('Waste', '%', 10, { most: 60, hint: '15 with hips and valleys' }),
    bundles: metricCalled('Bundles for 9.3 m²', countField('Bundles a square', 3, 1)),
    roll: inMetricBy(
      'rollMetric',
      numberField('An underlay roll covers, laps taken off', 'sq ft', 360, {
        least: 10,
        most: 4_000,
      }),
    ),
    rollMetric: numberField('An underlay roll covers, laps taken off', 'm²', undefined, {
      least: 1,
      most: 400,
      hint: '33 when left out',
    }),
    unitLength: metricIs('450 mm', lengthField('Slate or tile length', '18"')),
    headLap: metricIs('75 mm', lengthField('Head lap', '3"')),
    valleys: lengthField('Valleys in plan, together', '0'),
  },
  work: (given, { units }) => {
    if (given.pitch <= 0) return impossible('pitch', 'makes no roof');
    const slope = Math.sqrt(1 + (given.pitch / 12) ** 2);
    const plan = given.length * given.width;
    const squares = (inSquareFeet(plan) * slope) / SQFT_PER_SQUARE;
    const isHip = given.shape === 'hip';
    if (isHip && given.width > given.length)
      return impossible('width', 'a hip roof is measured with its length the longer way');
    if (given.cover === 'slate or tile' && given.headLap >= given.unitLength)
      return impossible('headLap', 'a lap as long as the slate covers nothing');
    const half = given.width / (given.shape === 'shed' ? 1 : 2);
    const rafter = half * slope;
    // A hip runs over the diagonal of a square of half the width, and up the same rise.
    const hips = isHip ? 4 * Math.hypot(half, half, (half * given.pitch) / 12) : 0;
    const ridge = given.shape === 'shed' ? 0 : isHip ? given.length - given.width : given.length;
    const edge = isHip
      ? 2 * (given.length + given.width)
      : 2 * given.length + (given.shape === 'shed' ? 2 : 4) * rafter;
    const roll = given.rollMetric === undefined ? given.roll : given.rollMetric * SQFT_PER_M2;
    const valleys = given.valleys * Math.sqrt(1 + (given.pitch / 12) ** 2 / 2);
    const say = (length: number) => measuredLength(length, units);
    const source = 'plan area x square root of 1 + (pitch / 12)²';
    const lines = [
      line(
        'roof.squares',
        'Roof',
        exactly(squares),
        'square',
        `${sayArea(plan, units)} in plan x ${rounded(slope, 4)} at ${given.pitch}/12${units === 'metric' ? '' : ', / 100 sq ft'}`,
        source,
      ),
      (units === 'metric' ? again : same)(
        line(
          'roof.area',
          'Roof area',
          exactly(squares * SQFT_PER_SQUARE),
          'ft2',
          'plan x slope factor',
          source,
        ),
      ),
      ...(given.cover === 'shingle'
        ? [
            line(
              'roof.bundles',
              'Shingles',
              wholeUp(squares * (1 + given.waste / 100) * given.bundles),
              'bundle',
              `${units === 'metric' ? `${sayArea(squares * SQFT_PER_SQUARE * AREA_PER_SQFT, units)} / 9.3 m²` : `${rounded(squares)} squares`} x ${rounded(1 + given.waste / 100)} x ${given.bundles}, up`,
              'the wrapper wins',
            ),
          ]
        : slateLines(given, rafter, given.length, units)),
      line(
        'roof.underlay',
        'Underlay',
        wholeUp((squares * SQFT_PER_SQUARE) / roll),
        'roll',
        `roof area / ${sayArea(roll * AREA_PER_SQFT, units)} a roll after laps, up`,
        units === 'metric' ? 'laps of 100 mm and 150 mm at ends' : 'laps of 4" and 6" at ends',
      ),
      line(
        'roof.ridge',
        'Ridge',
        say(ridge).value,
        say(ridge).unit,
        isHip ? 'length - width' : 'length',
        'geometry',
      ),
      ...(hips > 0
        ? [
            line(
              'roof.hips',
              'Hips',
              say(hips).value,
              say(hips).unit,
              '4 x square root of (half width² + half width² + rise²)',
              'geometry',
            ),
          ]
        : []),
      ...(valleys > 0
        ? [
            line(
              'roof.valleys',
              'Valleys',
              say(valleys).value,
              say(valleys).unit,
              'plan length drawn out along the slope',
              'geometry',
            ),
          ]
        : []),
      line(
        'roof.edge',
        'Drip edge',
        say(edge).value,
        say(edge).unit,
        isHip ? 'all eaves' : 'eaves and rakes',
        'geometry',
      ),
    ];
    return worked(lines, [
      ...(given.cover === 'shingle' && given.pitch < LEAST_PITCH
        ? [
            `Shingles under ${LEAST_PITCH} in 12 let water in: another roofing. Ask the maker and your building office.`,
          ]
        : []),
      'Roof work is work at a height: edge protection and a line, or a roofer.',
    ]);
  },
});

function slateLines(
  { unitLength, headLap }: { unitLength: Ticks; headLap: Ticks },
  rafter: number,
  length: number,
  units: 'imperial' | 'metric',
) {
  const gauge = (unitLength - headLap) / 2;
  const courses = gauge > 0 ? wholeUp(rafter / gauge) : 0;
  const battens = measuredLength(courses * length, units);
  return [
    line(
      'roof.gauge',
      'Gauge',
      exactly(inInches(gauge)),
      'in',
      `(${sayLength(unitLength, units)} - ${sayLength(headLap, units)}) / 2`,
      'two layers and a head lap',
    ),
    line(
      'roof.courses',
      'Courses a slope',
      courses,
      'course',
      `${sayLength(rafter, units)} of slope / gauge, up`,
      'geometry',
    ),
    line(
      'roof.battens',
      'Battens, one slope',
      battens.value,
      battens.unit,
      `${courses} courses x ${sayLength(length, units)}`,
      'geometry',
    ),
  ];
}

/** The highest point of any wall, gables included. */
const tallest = (room: RoomShape): number =>
  Math.max(...room.walls.map(({ length }, wall) => highestOver(room, wall, 0, length)));

/** Whole courses between two lines, each no taller than allowed. */
const coursesOver = (height: number, most: number) => {
  const courses = Math.max(1, wholeUp(height / most));
  return { courses, exposure: height / courses };
};

export const siding = defineCalculator({
  kind: 'siding',
  title: 'Siding and shingle courses',
  asks: 'Which exposure lands whole courses on sill and head?',
  usesRoom: true,
  fields: {
    exposure: metricIs('180 mm', lengthField('Exposure at most', '7"')),
    lines: lengthsField('Courses must land at, from the bottom'),
    waste: numberField('Waste', '%', 10, { most: 60 }),
    boardLength: metricIs('3.6 m', lengthField('Board length', "12'")),
    length: lengthField('Length of the wall, without a room'),
    height: lengthField('Height of the wall, without a room'),
  },
  instead: ['length', 'height'],
  eachAlone: true,
  work: (given, { room, units }) => {
    const length = given.length ?? room?.walls.reduce((sum, wall) => sum + wall.length, 0);
    const height = given.height ?? (room ? tallest(room) : undefined);
    if (length === undefined || height === undefined)
      return needs('a room, or a length and a height');
    const many = tooMany('exposure', height / given.exposure, 'courses', MOST_MEMBERS);
    if (many) return many;
    const marks = [...new Set([0, ...(given.lines ?? []), height])].toSorted((a, b) => a - b);
    if ((marks.at(-1) ?? 0) > height) return impossible('lines', 'a line lies above the wall');
    const bands = marks.slice(1).map((to, at) => ({
      from: marks[at] ?? 0,
      to,
      ...coursesOver(to - (marks[at] ?? 0), given.exposure),
    }));
    const courses = bands.reduce((sum, band) => sum + band.courses, 0);
    const holes =
      given.length === undefined && room
        ? room.openings.reduce((sum, { width, height: tall }) => sum + width * tall, 0)
        : 0;
    const gross =
      given.length === undefined && given.height === undefined && room
        ? wallAreas(room).reduce((sum, each) => sum + each, 0)
        : length * height;
    const net = Math.max(0, gross - holes);
    const source = 'exposure shrunk until whole courses land on every line';
    return worked([
      line(
        'siding.courses',
        'Courses',
        courses,
        'course',
        firstOf(
          bands.map(
            ({ from, to, courses: count, exposure }) =>
              `${count} of ${sayLength(exposure, units)} from ${sayLength(from, units)} to ${sayLength(to, units)}`,
          ),
          '; ',
        ),
        source,
      ),
      ...bands.map(({ exposure }, at) =>
        line(
          `siding.exposure.${at + 1}`,
          `Exposure, band ${at + 1}`,
          exactly(inInches(exposure), 3),
          'in',
          'height of the band / courses',
          source,
        ),
      ),
      line(
        'siding.area',
        'Wall to cover',
        exactly(inSquareFeet(net)),
        'ft2',
        'length x height less openings',
        'measured',
      ),
      line(
        'siding.boards',
        'Boards',
        wholeUp(
          ((courses * length * (net / (length * height))) / given.boardLength) *
            (1 + given.waste / 100),
        ),
        'board',
        `${courses} courses of ${sayLength(length, units)} less openings, + ${given.waste}% / ${sayLength(given.boardLength, units)}, up`,
        'a starting figure for waste',
      ),
    ]);
  },
});

export const wrap = defineCalculator({
  kind: 'wrap',
  title: 'House wrap and flashing',
  asks: 'How much wrap with its laps, and how much sill tape?',
  usesRoom: true,
  fields: {
    rollWidth: metricIs('3 m', lengthField('Roll width', "9'")),
    rollLength: metricIs('50 m', lengthField('Roll length', "100'")),
    lap: metricIs('150 mm', lengthField('Lap of rows', '6"')),
    endLap: metricIs('300 mm', lengthField('Lap at ends', '12"')),
    up: metricIs('150 mm', lengthField('Sill tape up each side', '6"')),
    length: lengthField('Length of the wall, without a room'),
    height: lengthField('Height of the wall, without a room'),
    windows: countField('Windows, without a room', 0),
    windowWidth: metricIs('900 mm', lengthField('Window width, without a room', '36"')),
  },
  instead: ['length', 'height'],
  eachAlone: true,
  work: (given, { room, units }) => {
    const length = given.length ?? room?.walls.reduce((sum, wall) => sum + wall.length, 0);
    const height = given.height ?? (room ? tallest(room) : undefined);
    if (length === undefined || height === undefined)
      return needs('a room, or a length and a height');
    if (given.lap >= given.rollWidth)
      return impossible('lap', 'a lap as wide as the roll covers nothing');
    if (given.endLap >= given.rollLength)
      return impossible('endLap', 'a lap as long as the roll covers nothing');
    const rows =
      height <= given.rollWidth ? 1 : wholeUp((height - given.lap) / (given.rollWidth - given.lap));
    const joints = Math.max(0, wholeUp(length / (given.rollLength - given.endLap)) - 1);
    const used = rows * (length + joints * given.endLap);
    const covered = area(used * Math.min(given.rollWidth, height + given.lap));
    const sills =
      given.length === undefined && room
        ? room.openings.filter(({ kind }) => kind === 'window').map(({ width }) => width)
        : Array.from({ length: given.windows }, () => given.windowWidth);
    const tape = sills.reduce((sum, width) => sum + width + 2 * given.up, 0);
    const say = measuredLength(ticks(tape), units);
    return worked([
      line(
        'wrap.area',
        'House wrap',
        exactly(inSquareFeet(covered)),
        'ft2',
        `${counted(rows, 'row')} of ${sayLength(length, units)}, laps of ${sayLength(given.lap, units)} and ${sayLength(given.endLap, units)} at ends`,
        'upper over lower',
      ),
      line(
        'wrap.rolls',
        'Rolls',
        wholeUp(used / given.rollLength),
        'roll',
        `${sayLength(used, units)} / ${sayLength(given.rollLength, units)}, up`,
        'upper over lower',
      ),
      line(
        'wrap.sill',
        'Sill tape',
        say.value,
        say.unit,
        `${counted(sills.length, 'sill')}, each its width + ${sayLength(given.up, units)} up each side`,
        'at least 6" (150 mm) up each side',
      ),
    ]);
  },
});
