import { perimeter } from '../../house';
import { area } from '../../units';
import { choiceField, lengthField, lengthsField } from '../field';
import { shareSheets } from '../../layout';
import { cornerLengths, hangRoom, type Hung } from '../hang';
import {
  inFeet,
  inSquareFeet,
  line,
  measuredLength,
  percent,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import { defineSum, impossible, needs, worked } from '../sum';
import { partArea } from '../extent';

const GALLONS_PER_1000 = 9.5;

/** One screw at every crossing of a framing line and the screw spacing, edges included. */
function screwsFor({ layout, rules, where }: Hung, walls: number, ceiling: number): number {
  const apart = where === 'ceiling' ? ceiling : walls;
  return layout.pieces.reduce((sum, { width, height }) => {
    const lines = Math.floor(width / rules.spacing + 1e-9) + 1;
    return sum + lines * (Math.floor(height / apart + 1e-9) + 1);
  }, 0);
}

export const drywall = defineSum({
  kind: 'drywall',
  title: 'Drywall',
  asks: 'Which sheets, and what goes on the joints?',
  usesRoom: true,
  fields: {
    on: choiceField('Board what', ['both', 'walls', 'ceiling']),
    lengths: lengthsField('Sheet lengths on sale', "8', 10', 12'"),
    sheetWidth: lengthField('Sheet width', '48"'),
    spacing: lengthField('Framing spacing', '16"'),
    hang: choiceField('Hang sheets', ['across', 'along']),
    wallScrews: lengthField('Screw spacing on walls', '16"'),
    ceilingScrews: lengthField('Screw spacing on ceilings', '12"'),
  },
  work: (given, { room, units }) => {
    if (!room) return needs('a room');
    if (given.lengths.some((length) => length <= 0))
      return impossible('lengths', 'a sheet needs a length');
    const rules = { lengths: given.lengths, width: given.sheetWidth, spacing: given.spacing };
    const hung = hangRoom(room, given.on, rules, given.hang);
    if (!hung)
      return impossible('lengths', 'no sheet reaches from one piece of framing to the next');
    const sheets = shareSheets(
      hung.map(({ layout }) => layout),
      rules,
    );
    const covered = partArea(room, given.on);
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
          rounded(compound),
          'gal',
          `${sayArea(covered, units)} x 9.5 gal / 1000 sq ft, three coats`,
          'trade rule, a starting figure',
        ),
        ...(bead > 0
          ? [
              line(
                'drywall.bead',
                'Corner bead',
                wholeUp(inFeet(bead) / 8),
                'stick of 8 ft',
                `${sayLength(bead, units)} of outside corner / 8 ft, up`,
                'one stick a corner at most 8 ft high',
              ),
            ]
          : []),
      ],
      ['Sheets are heavy: two people or a lift, most of all overhead.'],
    );
  },
});
