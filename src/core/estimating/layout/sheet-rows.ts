import { fromInches } from '../../units';
import { extentOfSurface, rowSpans, type Surface } from './surface';

/** A surface drawn flat may be folded along one line, the ridge of a vault: no sheet lies over it. */
export type Folded = Surface & { fold?: { axis: 'x' | 'y'; at: number } };

/** A stretch of one row with the butt joints in it. */
export type RowSpan = { from: number; to: number; joints: readonly number[] };
export type Row = { bottom: number; top: number; stretches: RowSpan[] };

/** A narrower strip breaks when it is cut and has nothing to be screwed to. */
export const LEAST_STRIP: number = fromInches(6);

/**
 * Heights of the rows from y = 0: whole sheets, then the rest. A rest too narrow to hang is made up to a strip that can
 * be, and the row before it is ripped by as much.
 */
function rowHeights(run: number, width: number): number[] {
  const whole = Math.floor((run + 1) / width);
  const rest = run - whole * width;
  const heights = Array.from({ length: whole }, () => width);
  if (rest <= 1) return heights;
  const strip = Math.min(LEAST_STRIP, width / 2);
  if (rest >= strip || whole === 0) return [...heights, rest];
  return [...heights.slice(1), width + rest - strip, strip];
}

/** A surface in rows one sheet wide at most, from below; a fold of the ceiling ends a row. */
export function rowsOf(surface: Folded, width: number): Row[] {
  const { height } = extentOfSurface(surface);
  const { fold } = surface;
  const levels = fold?.axis === 'y' ? [fold.at, height] : [height];
  const rows: Row[] = [];
  let bottom = 0;
  for (const level of levels) {
    for (const tall of rowHeights(level - bottom, width)) {
      const top = Math.min(level, bottom + tall);
      const spans = rowSpans(surface, bottom, top).flatMap((span) => unfolded(span, fold));
      rows.push({ bottom, top, stretches: spans.map((span) => ({ ...span, joints: [] })) });
      bottom = top;
    }
    bottom = level;
  }
  return rows;
}

const unfolded = (span: { from: number; to: number }, fold: Folded['fold']) =>
  fold?.axis === 'x' && fold.at > span.from + 1 && fold.at < span.to - 1
    ? [
        { from: span.from, to: fold.at },
        { from: fold.at, to: span.to },
      ]
    : [span];
