import { baseRuns } from '../../../house';
import {
  extentOfSurface,
  floorSurface,
  rectangleSurface,
  spansAt,
  type Surface,
} from '../../layout';
import { fromInches, type UnitSystem } from '../../../units';
import { areaFrom } from '../extent';
import { choiceField, lengthField, lengthsField, metricIs, numberField } from '../field';
import { SQFT_PER_M2 } from '../convert';
import { tooMany } from '../limits';
import { exactly, firstOf, inFeet, inSquareFeet, line, sayArea, sayLength, wholeUp } from '../line';
import { defineCalculator, needs, worked } from '../calculator';

/** Lumens a square foot by use: starting figures. */
const LUMENS: Record<string, number> = {
  living: 20,
  bedroom: 20,
  kitchen: 50,
  bathroom: 60,
  hall: 10,
  workshop: 75,
};
const MOST_LIGHTS = 400;

type Span = { from: number; to: number };

/**
 * Lights along a stretch with half a spacing to its ends, each moved by the least that clears every joist. `blocked`
 * are those for which no clear place is left.
 */
export function lightMarks(
  { from, to }: Span,
  count: number,
  joists: readonly number[],
  clear: number,
): { marks: number[]; blocked: number } {
  const isClear = (at: number) => joists.every((joist) => Math.abs(joist - at) >= clear - 1e-6);
  const beside = joists
    .flatMap((joist) => [joist - clear, joist + clear])
    .filter((at) => at > from && at < to && isClear(at));
  const marks: number[] = [];
  let blocked = 0;
  for (let at = 0; at < count; at += 1) {
    const wanted = from + ((to - from) * (2 * at + 1)) / (2 * count);
    // Not where another light hangs already, moved off the same joists.
    const [near] = (isClear(wanted) ? [wanted, ...beside] : beside)
      .filter((place) => marks.every((mark) => Math.abs(mark - place) >= clear))
      .toSorted((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted));
    if (near === undefined) blocked += 1;
    marks.push(near ?? wanted);
  }
  return { marks, blocked };
}

type Row = { down: number; spans: { span: Span; count: number }[] };

/** Rows of lights down the floor, each over the stretches of floor that lie at its height. */
function rowsOver(floor: Surface, rows: number, countFor: (span: Span) => number): Row[] {
  const { height } = extentOfSurface(floor);
  return Array.from({ length: rows }, (_, at) => {
    const down = (height * (2 * at + 1)) / (2 * rows);
    return {
      down,
      spans: spansAt(floor, down).map((span) => ({ span, count: countFor(span) })),
    };
  });
}

const countOf = (rows: readonly Row[]): number =>
  rows.reduce((sum, { spans }) => sum + spans.reduce((all, { count }) => all + count, 0), 0);

const widthOf = ({ from, to }: Span): number => to - from;

/** A rectangle takes a grid; any other floor as many lights on each stretch as its length asks for. */
function setOut(floor: Surface, needed: number, given: { rows: number; columns: number }): Row[] {
  const { width, height } = extentOfSurface(floor);
  let columns = given.columns || Math.max(1, Math.round(Math.sqrt((needed * width) / height)));
  let rows = given.rows || wholeUp(needed / columns);
  for (;;) {
    const set = rowsOver(floor, rows, (span) =>
      Math.max(1, Math.round((columns * widthOf(span)) / width)),
    );
    if (countOf(set) >= needed || given.rows > 0 || given.columns > 0) return set;
    // What a missing corner takes off is made up for, a column or a row at a time.
    if (width / columns > height / rows) columns += 1;
    else rows += 1;
  }
}

export const lights = defineCalculator({
  kind: 'lights',
  title: 'Lights and outlets',
  asks: 'How many lights, where, and how many outlets?',
  usesRoom: true,
  fields: {
    use: choiceField('Used as', ['living', 'bedroom', 'kitchen', 'bathroom', 'hall', 'workshop']),
    perLight: numberField('Lumens of one light', 'lm', 800, { least: 10, most: 20_000 }),
    rows: numberField('Rows, 0 to choose', '', 0, { most: 50, whole: true }),
    columns: numberField('Columns, 0 to choose', '', 0, { most: 50, whole: true }),
    joists: lengthsField('Joists, from the left'),
    clear: metricIs('10 cm', lengthField('Centre of a light from a joist, at least', '4"')),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  instead: ['length', 'width'],
  work: (given, { room, units }) => {
    const typed =
      given.length !== undefined && given.width !== undefined
        ? rectangleSurface(given.length, given.width)
        : undefined;
    const floor = typed ?? (room ? floorSurface(room) : undefined);
    const area = areaFrom(given, room, 'floor');
    if (!floor || area === undefined) return needs('a room, or a length and a width');
    const perSquareFoot = LUMENS[given.use] ?? 20;
    const lumens = inSquareFeet(area) * perSquareFoot;
    const needed = Math.max(1, wholeUp(lumens / given.perLight));
    const many = tooMany('perLight', needed, 'lights', MOST_LIGHTS);
    if (many) return many;
    const rows = setOut(floor, needed, given);
    const placed = rows.map(({ down, spans }) => {
      const each = spans.map(({ span, count }) =>
        lightMarks(span, count, given.joists ?? [], given.clear),
      );
      return {
        down,
        marks: each.flatMap(({ marks }) => marks),
        blocked: each.reduce((sum, { blocked }) => sum + blocked, 0),
      };
    });
    const blocked = placed.reduce((sum, row) => sum + row.blocked, 0);
    const columns = Math.max(...placed.map(({ marks }) => marks.length));
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
          countOf(rows),
          'light',
          `${sayArea(area, units)} x ${units === 'metric' ? `${Math.round(perSquareFoot * SQFT_PER_M2)} lm a m²` : `${perSquareFoot} lm a sq ft`} = ${Math.round(lumens)} lm / ${given.perLight}: ${needed}, in ${rows.length} x ${columns}`,
          'light by use, a starting figure',
        ),
        line(
          'lights.columns',
          'Columns',
          columns,
          'column',
          `from the left wall at ${columnsSaid(placed, units)}: half a spacing to the walls, clear of joists`,
          'half spacing to the wall',
        ),
        line(
          'lights.rows',
          'Rows',
          rows.length,
          'row',
          `from the top wall at ${firstOf(placed.map(({ down }) => sayLength(down, units)))}`,
          'half spacing to the wall',
        ),
        line(
          'lights.lumens',
          'Light wanted',
          exactly(lumens, 0),
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
                units === 'metric'
                  ? 'each wall of 60 cm or more: one for every 3.6 m, up, so that no point is more than 1.8 m from one'
                  : 'each wall of 2 ft or more: one for every 12 ft, up, so that no point is more than 6 ft from one',
                'commonly required, ask your building office',
              ),
            ]
          : []),
      ],
      [
        ...(blocked > 0
          ? [
              `${blocked === 1 ? 'One light finds' : `${blocked} lights find`} no place clear of the joists: move the row or use a flat fitting.`,
            ]
          : []),
        `A licensed electrician and your local code decide. Keep ${[30, 36, 78].map((inches) => sayLength(fromInches(inches), units)).join(' x ')} clear before a panel.`,
        'Smoke alarms: in and outside each bedroom and on each storey; CO alarms outside sleeping areas.',
      ],
    );
  },
});

/** Where the lights of each row hang; once where all rows are alike. */
function columnsSaid(
  rows: readonly { down: number; marks: readonly number[] }[],
  units: UnitSystem,
): string {
  const say = (marks: readonly number[]) => firstOf(marks.map((mark) => sayLength(mark, units)));
  const [first] = rows;
  if (!first || rows.every(({ marks }) => say(marks) === say(first.marks)))
    return say(first?.marks ?? []);
  return firstOf(
    rows.map(({ down, marks }) => `${say(marks)} in the row at ${sayLength(down, units)}`),
    '; ',
  );
}
