import { perimeter } from '../../../house';
import { area, fromFeet, fromInches, fromMillimetres, type UnitSystem } from '../../../units';
import { choiceField, lengthField, lengthsField, metricIs } from '../field';
import { tooMany } from '../limits';
import { extentOfSurface, shareSheets } from '../../layout';
import { cornerLengths, hangRoom, type Hung } from '../hang';
import {
  inFeet,
  inSquareFeet,
  exactly,
  counted,
  line,
  measuredLength,
  percent,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import { defineCalculator, impossible, needs, worked } from '../calculator';
import { partArea } from '../extent';

const GALLONS_PER_1000 = 9.5;
/** A stick of corner bead as it is sold. */
const STICK = {
  imperial: { length: fromFeet(8), says: '8 ft' },
  metric: { length: fromMillimetres(2_400), says: '2.4 m' },
};
const MOST_SHEETS = 1_000;
const MOST_PLACES = 20_000;

/** One screw at every crossing of a framing line and the screw spacing, edges included. */
function screwsFor({ layout, rules, where }: Hung, walls: number, ceiling: number): number {
  const apart = where === 'ceiling' ? ceiling : walls;
  return layout.pieces.reduce((sum, { width, height }) => {
    const lines = Math.floor(width / rules.spacing + 1e-9) + 1;
    return sum + lines * (Math.floor(height / apart + 1e-9) + 1);
  }, 0);
}

/** Walls a little higher than whole sheets are hung with a narrow strip at the floor: which sheet would do without. */
function stripCautions(hung: readonly Hung[], sheetWidth: number, units: UnitSystem): string[] {
  const strips = hung.filter(({ where, layout }) => {
    const rows = layout.pieces.map(({ height }) => height);
    return where !== 'ceiling' && Math.min(...rows) < fromInches(6) + 1 && rows.length > 1;
  });
  const [first] = strips;
  if (!first) return [];
  const { height } = extentOfSurface(first.surface);
  const rows = Math.floor((height + 1) / sheetWidth);
  const over = height - rows * sheetWidth;
  const walls = strips.map(({ where }) => `wall ${Number(where) + 1}`).join(', ');
  return over <= 0
    ? []
    : [
        `A strip of ${sayLength(Math.min(...first.layout.pieces.map((piece) => piece.height)), units)} at the floor of ${walls}: the wall is ${sayLength(over, units)} higher than ${counted(rows, 'sheet')}. Sheets ${sayLength(height / rows, units)} wide, or furring the ceiling down by as much, do without it.`,
      ];
}

export const drywall = defineCalculator({
  kind: 'drywall',
  title: 'Drywall',
  asks: 'Which sheets, and what goes on the joints?',
  usesRoom: true,
  fields: {
    on: choiceField('Board what', ['both', 'walls', 'ceiling']),
    lengths: metricIs('2.4 m, 3 m, 3.6 m', lengthsField('Sheet lengths on sale', "8', 10', 12'")),
    sheetWidth: metricIs('1200 mm', lengthField('Sheet width', '48"')),
    spacing: metricIs('400 mm', lengthField('Framing spacing', '16"')),
    hang: choiceField('Hang sheets', ['across', 'along']),
    wallScrews: metricIs('400 mm', lengthField('Screw spacing on walls', '16"')),
    ceilingScrews: metricIs('300 mm', lengthField('Screw spacing on ceilings', '12"')),
  },
  work: (given, { room, units }) => {
    if (!room) return needs('a room');
    if (given.lengths.some((length) => length <= 0))
      return impossible('lengths', 'a sheet needs a length');
    const covered = partArea(room, given.on);
    const many =
      tooMany(
        'lengths',
        covered / (Math.max(...given.lengths) * given.sheetWidth),
        'sheets',
        MOST_SHEETS,
      ) ??
      tooMany(
        'spacing',
        covered / (given.spacing * given.sheetWidth),
        'places for a joint',
        MOST_PLACES,
      );
    if (many) return many;
    const rules = { lengths: given.lengths, width: given.sheetWidth, spacing: given.spacing };
    const hung = hangRoom(room, given.on, rules, given.hang);
    if (!hung)
      return impossible('lengths', 'no sheet reaches from one piece of framing to the next');
    const sheets = shareSheets(
      hung.map(({ layout }) => layout),
      rules,
    );
    const bought = sheets.reduce((sum, { length }) => sum + length * given.sheetWidth, 0);
    const joints = hung.reduce((sum, { layout }) => sum + layout.buttLength + layout.seamLength, 0);
    const butts = hung.reduce((sum, { layout }) => sum + layout.buttLength, 0);
    const corners = cornerLengths(room);
    const ceilingLine = given.on === 'walls' ? 0 : perimeter(room);
    const inside = (given.on === 'ceiling' ? 0 : corners.inside) + ceilingLine;
    const tape = (joints + inside) * 1.05;
    const tapeSize = measuredLength(tape, units);
    const screws = hung.reduce(
      (sum, each) => sum + screwsFor(each, given.wallScrews, given.ceilingScrews),
      0,
    );
    const compound = (inSquareFeet(covered) / 1_000) * GALLONS_PER_1000;
    const bead = given.on === 'ceiling' ? 0 : corners.outside;
    const byLength = given.lengths.flatMap((length) => {
      const count = sheets.filter((sheet) => sheet.length === length).length;
      return count > 0 ? [{ length, count }] : [];
    });
    const source =
      'sheets set out one by one: across the framing, butts staggered and off opening corners';
    return worked(
      [
        line(
          'drywall.sheets',
          'Drywall sheets',
          sheets.length,
          'sheet',
          `${sayArea(covered, units)} net covered from ${sayArea(area(bought), units)} of board, ${percent(1 - covered / bought)} waste found by setting out ${hung.length} ${hung.length === 1 ? 'surface' : 'surfaces'}`,
          source,
        ),
        ...byLength.map(({ length, count }) =>
          line(
            `drywall.sheets.${rounded(inFeet(length), 1)}ft`,
            `Drywall sheet ${sayLength(length, units)}`,
            count,
            'sheet',
            `of ${sheets.length} in all, ${sayLength(given.sheetWidth, units)} wide`,
            source,
          ),
        ),
        line(
          'drywall.screws',
          'Drywall screws',
          screws,
          'screw',
          `every framing line at ${sayLength(given.spacing, units)}, a screw each ${sayLength(given.wallScrews, units)} on walls and ${sayLength(given.ceilingScrews, units)} on ceilings`,
          'usual fastening; your local code decides',
        ),
        line(
          'drywall.joints',
          'Joints',
          measuredLength(joints, units).value,
          tapeSize.unit,
          `${sayLength(butts, units)} of butt joints, the rest seams between rows`,
          source,
        ),
        line(
          'drywall.tape',
          'Joint tape',
          tapeSize.value,
          tapeSize.unit,
          `(${sayLength(joints, units)} joints + ${sayLength(inside, units)} inside corners) x 1.05`,
          'trade rule: 5% over',
        ),
        line(
          'drywall.compound',
          'Ready-mix compound',
          exactly(compound),
          'gal',
          units === 'metric'
            ? `${sayArea(covered, units)} x 0.387 litres a m², three coats`
            : `${sayArea(covered, units)} x 9.5 gal / 1000 sq ft, three coats`,
          'trade rule, a starting figure',
        ),
        ...(bead > 0
          ? [
              line(
                'drywall.bead',
                'Corner bead',
                wholeUp(bead / STICK[units].length),
                `stick of ${STICK[units].says}`,
                `${sayLength(bead, units)} of outside corner / ${STICK[units].says}, up`,
                `one stick a corner at most ${STICK[units].says} high`,
              ),
            ]
          : []),
      ],
      [
        ...stripCautions(hung, given.sheetWidth, units),
        'Sheets are heavy: two people or a lift, most of all overhead.',
      ],
    );
  },
});
