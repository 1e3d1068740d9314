import { baseRuns, type Opening, type RoomShape } from '../../../house';
import { planCuts } from '../../cuts';
import { AREA_PER_SQFT, fromInches, ticks, type Ticks, type UnitSystem } from '../../../units';
import {
  choiceField,
  countField,
  flagField,
  lengthField,
  lengthsField,
  metricIs,
  numberField,
  orNone,
} from '../field';
import { tooMany } from '../limits';
import {
  counted,
  inFeet,
  inInches,
  exactly,
  line,
  measuredLength,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import { defineCalculator, impossible, needs, worked, type CalculatorContext } from '../calculator';

const INCH = fromInches(1);

/** Pieces no longer than the longest stock: a longer run is joined by scarfs, every joint taking one board's end. */
function scarfed(runs: readonly number[], longest: number): number[] {
  return runs.flatMap((run) => {
    const parts = Math.ceil(run / longest - 1e-9);
    return Array.from(
      { length: parts },
      (_, at) => Math.round((run * (at + 1)) / parts) - Math.round((run * at) / parts),
    );
  });
}

/** Casing of one side: two legs and a head, a mitre's width more at each corner; a window has a bottom piece too. */
const casingPieces = ({ width, height, sill }: Opening, face: Ticks): number[] => {
  const head = width + 2 * face;
  const legs = height + face + (sill > 0 ? face : 0);
  return [legs, legs, head, ...(sill > 0 ? [head] : [])];
};

type TrimKind = 'base' | 'casing' | 'crown' | 'base and casing';

/** Every run of trim a room asks for, before it is cut from lengths on sale. */
function trimRuns(room: RoomShape, on: TrimKind, face: Ticks, sides: number): number[] {
  switch (on) {
    case 'base':
      return baseRuns(room);
    case 'crown':
      return room.walls.map(({ length }) => length);
    case 'casing':
      return Array.from({ length: sides }, () =>
        room.openings
          .filter(({ kind }) => kind !== 'opening')
          .flatMap((opening) => casingPieces(opening, face)),
      ).flat();
    case 'base and casing':
      return [...trimRuns(room, 'base', face, sides), ...trimRuns(room, 'casing', face, sides)];
  }
}

/** The pieces of base and casing of a room, none longer than the longest length on sale. */
export const trimPieces = (room: RoomShape, face: Ticks, longest: number): number[] =>
  scarfed(trimRuns(room, 'base and casing', face, 1), longest);

const MOST_PIECES = 1_000;

const TRIM_WORDS: Record<TrimKind, string> = {
  base: 'runs of wall less what reaches the floor',
  casing: 'two legs and a head with two mitres a side, a bottom piece under windows',
  crown: 'every run of wall',
  'base and casing': 'runs of wall less doors; two legs and a head round each opening',
};

export const trim = defineCalculator({
  kind: 'trim',
  title: 'Base, casing and crown',
  asks: 'How much trim, from which lengths?',
  usesRoom: true,
  fields: {
    on: choiceField('Which trim', ['base', 'casing', 'crown', 'base and casing']),
    face: metricIs('60 mm', lengthField('Face of the casing', '2 1/2"')),
    sides: numberField('Sides of the wall to case', '', 1, { least: 1, most: 2, whole: true }),
    lengths: metricIs(
      '2.4 m, 3 m, 3.6 m, 4.8 m',
      lengthsField('Lengths on sale', "8', 10', 12', 16'"),
    ),
    kerf: orNone(metricIs('3 mm', lengthField('Saw cut', '1/8"'))),
    run: lengthField('Run, without a room'),
  },
  instead: ['run'],
  work: (given, { room, units }) => {
    const typed = given.run === undefined ? undefined : [given.run];
    const runs = typed ?? (room && trimRuns(room, given.on, given.face, given.sides));
    if (!runs) return needs('a room, or a run');
    const stock = [...new Set(given.lengths)].filter((length) => length > 0);
    if (stock.length === 0) return impossible('lengths', 'no length on sale');
    const longest = Math.max(...stock);
    const many = tooMany('lengths', add(runs) / longest, 'pieces', MOST_PIECES);
    if (many) return many;
    const pieces = scarfed(runs, longest);
    const size = measuredLength(add(runs), units);
    const plan = planCuts(
      {
        kerf: given.kerf,
        stock: stock.map((length) => ({ length, price: Math.round(inInches(length)) })),
        pieces: pieces.map((length) => ({ length, qty: 1 })),
      },
      { steps: 200_000 },
    );
    const boards = plan.ok ? plan.value.boards.map(({ stock: length }) => length) : [];
    const bought = measuredLength(add(boards), units);
    const cut = `cut plan of ${counted(pieces.length, 'piece')}, saw cut ${sayLength(given.kerf, units)}, price by the foot`;
    return worked([
      line(
        'trim.length',
        `Trim, ${given.on}`,
        size.value,
        size.unit,
        `${TRIM_WORDS[given.on]}: ${counted(runs.length, 'piece')}`,
        'measured',
      ),
      line(
        'trim.bought',
        'Trim to buy',
        bought.value,
        bought.unit,
        `${counted(boards.length, 'board')} for ${size.value} ${size.unit} of pieces: ${cut}`,
        'cut plan',
      ),
      ...stock
        .toSorted((a, b) => a - b)
        .flatMap((length) => {
          const count = boards.filter((board) => board === length).length;
          if (count === 0) return [];
          return line(
            `trim.boards.${rounded(inFeet(length), 1)}ft`,
            `Trim ${sayLength(length, units)}`,
            count,
            'length',
            cut,
            'cut plan',
          );
        }),
    ]);
  },
});

const add = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);

/** Studs at their marks from one end, with one at the other end: where the sheets' edges land. */
function studMarks(length: number, spacing: number, stud: number): number[] {
  const marks: number[] = [];
  for (let at = 0; at < length - stud - 1; at += spacing) marks.push(at);
  return [...marks, length - stud];
}

type WallFrame = {
  studs: number;
  jacks: number;
  cripples: number;
  headers: number[];
  marks: number;
};

/** One wall: marks that fall in a rough opening become cripples above (and below a window); each opening adds two kings and two jacks. */
function frameWall(
  length: number,
  openings: readonly Opening[],
  spacing: number,
  stud: number,
): WallFrame {
  const marks = studMarks(length, spacing, stud);
  const frame = {
    studs: marks.length,
    jacks: 0,
    cripples: 0,
    headers: [] as number[],
    marks: marks.length,
  };
  for (const { kind, offset, width, sill } of openings) {
    // A door is measured as its slab: the rough opening is 2" wider.
    const rough = width + (kind === 'door' ? 2 * INCH : 0);
    const from = offset - (rough - width) / 2;
    const within = marks.filter((at) => at + stud > from && at < from + rough).length;
    frame.studs += 2 - within;
    frame.jacks += 2;
    frame.cripples += within * (sill > 0 ? 2 : 1);
    frame.headers.push(rough + 3 * INCH);
  }
  return frame;
}

export const framing = defineCalculator({
  kind: 'framing',
  title: 'Wall framing',
  asks: 'How many studs, plates and headers?',
  usesRoom: true,
  fields: {
    spacing: metricIs('400 mm', lengthField('Studs on centre', '16"')),
    bearing: flagField('Bearing or outside wall: two top plates'),
    concrete: flagField('Bottom plate on concrete: treated'),
    wall: countField('Only wall number, from 1', 0),
    tees: countField('Corners and tees on it, three studs each', 0),
    stud: metricIs('38 mm', lengthField('Stud thickness', '1 1/2"')),
    length: lengthField('Length, without a room'),
  },
  instead: ['length'],
  work: (given, { room, units }) => {
    const walls =
      given.length !== undefined
        ? [{ length: given.length, openings: [] as Opening[] }]
        : wallsToFrame(room, given.wall);
    if (!walls)
      return room ? impossible('wall', 'the room has no such wall') : needs('a room, or a length');
    if (given.spacing <= given.stud)
      return impossible('spacing', 'studs would stand inside each other');
    const many = tooMany(
      'spacing',
      add(walls.map(({ length }) => length)) / given.spacing,
      'studs',
    );
    if (many) return many;
    const frames = walls.map((wall) =>
      frameWall(wall.length, wall.openings, given.spacing, given.stud),
    );
    const all = (pick: (frame: WallFrame) => number) => add(frames.map(pick));
    const total = walls.reduce((sum, wall) => sum + wall.length, 0);
    // A closed room has two end studs at each corner already: the third backs the board.
    const corners = given.length === undefined && given.wall === 0 ? walls.length : 0;
    const studs = all(({ studs: own }) => own) + corners + given.tees * 2;
    const top = given.bearing ? 2 : 1;
    const plates = measuredLength(total * (1 + top), units);
    const bottom = measuredLength(total, units);
    const headers = frames.flatMap((frame) => frame.headers);
    const source =
      'usual layout from one end; the size of headers and studs is for an engineer or the code table';
    return worked(
      [
        line(
          'studs.count',
          'Studs',
          studs,
          'stud',
          `${all(({ marks }) => marks)} at ${sayLength(given.spacing, units)} on centre with both ends, two kings for each of ${counted(headers.length, 'opening')} less marks inside them${corners + given.tees > 0 ? `, third studs at ${counted(corners, 'corner')} and ${counted(given.tees, 'tee')}` : ''}`,
          source,
        ),
        line(
          'studs.jacks',
          'Jack studs',
          all(({ jacks }) => jacks),
          'stud',
          `two an opening, ${counted(headers.length, 'opening')}`,
          source,
        ),
        line(
          'studs.cripples',
          'Cripples',
          all(({ cripples }) => cripples),
          'piece',
          'one for each mark inside an opening, above; and below a sill',
          source,
        ),
        line(
          'plates.length',
          'Plates',
          plates.value,
          plates.unit,
          `${sayLength(total, units)} of wall x (1 bottom + ${top} top)`,
          source,
        ),
        ...(given.concrete
          ? [
              line(
                'plates.treated',
                'Of these treated, on concrete',
                bottom.value,
                bottom.unit,
                'the bottom plate',
                source,
              ),
            ]
          : []),
        ...headers.map((length, at) =>
          line(
            `headers.${at + 1}`,
            `Header ${at + 1}, length`,
            measuredLength(length, units).value,
            bottom.unit,
            `rough opening ${sayLength(length - 3 * INCH, units)} + ${sayLength(3 * INCH, units)}`,
            source,
          ),
        ),
      ],
      [
        ...(headers.length > 0
          ? [
              'Header size is not computed here: ask an engineer or your building office. Shore before a bearing wall is opened.',
            ]
          : []),
        ...crampedOpenings(walls, given.stud, units),
        `Pipe or cable less than ${units === 'metric' ? '32 mm' : '1 1/4"'} from the face of a stud or plate: commonly a steel plate over it.`,
      ],
    );
  },
});

/** Openings too near a corner or another opening for a king and a jack beside them. */
function crampedOpenings(
  walls: readonly { length: number; openings: readonly Opening[] }[],
  stud: number,
  units: UnitSystem,
): string[] {
  return walls.flatMap(({ length, openings }, wall) => {
    const spans = openings
      .map(({ kind, offset, width }) => {
        const rough = kind === 'door' ? INCH : 0;
        return { from: offset - rough, to: offset + width + rough };
      })
      .toSorted((a, b) => a.from - b.from);
    return spans.flatMap(({ from, to }, at) => {
      const left = from - (spans[at - 1]?.to ?? 0);
      const right = (spans[at + 1]?.from ?? length) - to;
      // Between two openings stand the studs of both.
      const needs = (beside: unknown) => (beside ? 4 : 2) * stud;
      const short = [
        { gap: left, want: needs(spans[at - 1]) },
        { gap: at + 1 < spans.length ? Infinity : right, want: 2 * stud },
      ].find(({ gap, want }) => gap < want - 1);
      return short
        ? [
            `Wall ${wall + 1}: ${sayLength(Math.max(0, short.gap), units)} beside an opening leaves no room for king and jack, which want ${sayLength(short.want, units)}.`,
          ]
        : [];
    });
  });
}

function wallsToFrame(room: CalculatorContext['room'], only: number) {
  if (!room) return undefined;
  const all = room.walls.map(({ length }, wall) => ({
    length,
    openings: room.openings.filter((opening) => opening.wall === wall),
  }));
  if (only === 0) return all;
  const one = all[only - 1];
  return one ? [one] : undefined;
}

/** Clear opening an escape window needs where codes commonly ask for one: 5.7 sq ft, 24" high, 20" wide, sill at most 44". */
const EGRESS = { squareFeet: 5.7, height: 24, width: 20, sill: 44 };

export const opening = defineCalculator({
  kind: 'opening',
  title: 'Opening worksheet',
  asks: 'Does the new door or window go into the hole?',
  fields: {
    unit: choiceField('New unit', ['window', 'door', 'pocket door']),
    holeWidth: lengthField('Existing hole, width'),
    holeHeight: lengthField('Existing hole, height'),
    unitWidth: metricIs('800 mm', lengthField('New unit, width', '32"')),
    unitHeight: metricIs('1200 mm', lengthField('New unit, height', '48"')),
    roughWidth: lengthField('Rough opening on its label, width'),
    roughHeight: lengthField('Rough opening on its label, height'),
    sill: lengthField('Sill above the floor', '0'),
    clearWidth: lengthField('Clear width when open'),
    clearHeight: lengthField('Clear height when open'),
    bedroom: flagField('It is the way out of a bedroom'),
    header: flagField('A header is there'),
  },
  work: (given, { units }) => {
    const isPocket = given.unit === 'pocket door';
    // Door slab + 2" wide and + 2 1/2" high; a pocket door twice its slab + 1"; windows 1/2" all round. The label wins.
    const [wide, high] = given.unit === 'window' ? [1, 1] : isPocket ? [1, 2.5] : [2, 2.5];
    const roughWidth =
      given.roughWidth ?? ticks(given.unitWidth * (isPocket ? 2 : 1) + wide * INCH);
    const roughHeight = given.roughHeight ?? ticks(given.unitHeight + high * INCH);
    const source = 'usual rough openings; the unit’s label wins';
    const cautions: string[] = [];
    const lines = [
      line(
        'opening.ro.width',
        'Rough opening, width',
        exactly(inInches(roughWidth)),
        'in',
        given.roughWidth
          ? 'from the label'
          : isPocket
            ? `2 x slab + ${sayLength(INCH, units)}`
            : `unit + ${sayLength(wide * INCH, units)}`,
        source,
      ),
      line(
        'opening.ro.height',
        'Rough opening, height',
        exactly(inInches(roughHeight)),
        'in',
        given.roughHeight ? 'from the label' : `unit + ${sayLength(high * INCH, units)}`,
        source,
      ),
      line(
        'opening.header.length',
        'Header length',
        exactly(inInches(roughWidth + 3 * INCH)),
        'in',
        `rough opening + ${sayLength(3 * INCH, units)}`,
        source,
      ),
    ];
    if (given.holeWidth !== undefined) {
      const side = (given.holeWidth - roughWidth) / 2;
      lines.push(
        line(
          'opening.infill.side',
          'Infill each side',
          exactly(inInches(Math.max(0, side))),
          'in',
          `(${sayLength(given.holeWidth, units)} - ${sayLength(roughWidth, units)}) / 2`,
          'measured',
        ),
      );
      if (side < 0) {
        lines.push(
          line(
            'opening.widen',
            'The hole made wider by',
            exactly(inInches(-2 * side)),
            'in',
            `${sayLength(roughWidth, units)} - ${sayLength(given.holeWidth, units)}`,
            'measured',
          ),
        );
        cautions.push(
          'The hole must be made wider: what carries the load above comes first. An engineer or your building office says with what; shore before you cut.',
        );
      }
    }
    if (given.holeHeight !== undefined) {
      const head = given.holeHeight - roughHeight;
      lines.push(
        line(
          'opening.infill.head',
          'Infill at the head or sill',
          exactly(inInches(Math.max(0, head))),
          'in',
          `${sayLength(given.holeHeight, units)} - ${sayLength(roughHeight, units)}`,
          'measured',
        ),
      );
      if (head < 0) {
        lines.push(
          line(
            'opening.heighten',
            'The hole made taller by',
            exactly(inInches(-head)),
            'in',
            `${sayLength(roughHeight, units)} - ${sayLength(given.holeHeight, units)}`,
            'measured',
          ),
        );
        cautions.push('The hole must be made taller: look for the header before anything is cut.');
      }
    }
    if (!given.header)
      cautions.push('No header is known there: its size is for an engineer or the code table.');
    if (given.bedroom) lines.push(...egressLines(given, cautions, units));
    cautions.push(
      'Look for cable, pipe and gas in the wall before you cut; power and water off and proved dead.',
    );
    return worked(lines, cautions);
  },
});

function egressLines(
  given: {
    clearWidth?: Ticks | undefined;
    clearHeight?: Ticks | undefined;
    unitWidth: Ticks;
    unitHeight: Ticks;
    sill: Ticks;
  },
  cautions: string[],
  units: UnitSystem,
) {
  const asked = {
    area: sayArea(EGRESS.squareFeet * AREA_PER_SQFT, units),
    high: `${sayLength(EGRESS.height * INCH, units)} high`,
    wide: `${sayLength(EGRESS.width * INCH, units)} wide`,
    sill: sayLength(EGRESS.sill * INCH, units),
  };
  const width = given.clearWidth ?? given.unitWidth;
  const height = given.clearHeight ?? given.unitHeight;
  const squareFeet = inFeet(width) * inFeet(height);
  const missing = [
    squareFeet < EGRESS.squareFeet ? `clear area under ${asked.area}` : '',
    inInches(height) < EGRESS.height ? `under ${asked.high}` : '',
    inInches(width) < EGRESS.width ? `under ${asked.wide}` : '',
    inInches(given.sill) > EGRESS.sill ? `sill over ${asked.sill}` : '',
  ].filter(Boolean);
  if (missing.length > 0)
    cautions.push(
      `As a way out it falls short: ${missing.join(', ')}. Commonly required; ask your building office.`,
    );
  return [
    line(
      'opening.egress',
      'Clear area as a way out',
      exactly(squareFeet),
      'ft2',
      `commonly required: ${asked.area}, ${asked.high}, ${asked.wide}, sill at most ${asked.sill}${missing.length === 0 ? ': met' : ''}`,
      'commonly required, ask your building office',
    ),
  ];
}

const MOST_RISERS = 1_000;
/** Commonly the steepest a stair may be. */
const STEEPEST = { riser: fromInches(7.75), tread: fromInches(10) };

export const stairs = defineCalculator({
  kind: 'stairs',
  title: 'Stairs',
  asks: 'How many risers, and how high is each?',
  fields: {
    rise: metricIs('2.7 m', lengthField('Floor to floor', '8\' 10"')),
    mostRiser: metricIs('196 mm', lengthField('Riser at most', '7 3/4"')),
    tread: metricIs('254 mm', lengthField('Tread, nosing to nosing', '10"')),
  },
  work: ({ rise, mostRiser, tread }, { units }) => {
    const many = tooMany('mostRiser', rise / mostRiser, 'risers', MOST_RISERS);
    if (many) return many;
    const risers = Math.max(1, wholeUp(rise / mostRiser));
    const riser = rise / risers;
    const run = (risers - 1) * tread;
    const source = `risers equal and at most ${sayLength(STEEPEST.riser, units)}, treads at least ${sayLength(STEEPEST.tread, units)}: commonly required, ask your building office`;
    return worked(
      [
        line(
          'stairs.risers',
          'Risers',
          risers,
          'riser',
          `${sayLength(rise, units)} / ${sayLength(mostRiser, units)}, up`,
          source,
        ),
        line(
          'stairs.riser',
          'Height of each',
          exactly(inInches(riser), 3),
          'in',
          `${sayLength(rise, units)} / ${risers}, all equal: measure to the finished floors`,
          source,
        ),
        line(
          'stairs.treads',
          'Treads',
          risers - 1,
          'tread',
          'one fewer than risers: the upper floor is the last',
          source,
        ),
        line(
          'stairs.run',
          'Run',
          measuredLength(run, units).value,
          measuredLength(run, units).unit,
          `${counted(risers - 1, 'tread')} x ${sayLength(tread, units)}`,
          source,
        ),
        line(
          'stairs.stringer',
          'Stringer length',
          measuredLength(Math.hypot(rise, run), units).value,
          measuredLength(run, units).unit,
          'square root of rise² + run²',
          'Pythagoras',
        ),
      ],
      [
        ...(riser > STEEPEST.riser + 1
          ? [
              `A riser of ${sayLength(riser, units)} is over ${sayLength(STEEPEST.riser, units)}: commonly not allowed. Ask your building office.`,
            ]
          : []),
        ...(tread < STEEPEST.tread - 1
          ? [
              `A tread of ${sayLength(tread, units)} is under ${sayLength(STEEPEST.tread, units)}: commonly not allowed. Ask your building office.`,
            ]
          : []),
        'Headroom, rail and guard belong to the stair; your local code decides.',
      ],
    );
  },
});
