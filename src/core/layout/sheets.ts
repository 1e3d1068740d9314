import { planCuts, type CutBoard } from '../cuts';
import { extentOfSurface, rowSpans, surfaceArea, type Box, type Surface } from './surface';

export type SheetRules = {
  /** Sheet lengths on sale, in ticks. */
  lengths: readonly number[];
  /** Sheet width: the height of a row. */
  width: number;
  /** Framing the sheets are hung across: butt joints land on it. */
  spacing: number;
};

/** One piece as it hangs. `sheet` counts from 0 within the whole layout. */
export type SheetPiece = Box & { row: number; sheet: number };

export type SheetLayout = {
  pieces: SheetPiece[];
  /** The sheets bought: length, and the pieces cut from each in a row. */
  sheets: { length: number; pieces: number[] }[];
  /** Butt joints and seams between rows, in ticks. */
  buttLength: number;
  seamLength: number;
  /** Share of the bought board that is not on the surface. */
  waste: number;
};

/** A piece that still has no sheet. */
type Uncut = Omit<SheetPiece, 'sheet'>;

type Row = { bottom: number; top: number; spans: { from: number; to: number }[] };

function rowsOf(surface: Surface, width: number): Row[] {
  const { height } = extentOfSurface(surface);
  const rows: Row[] = [];
  for (let bottom = 0; bottom < height - 1; bottom += width) {
    const top = Math.min(height, bottom + width);
    rows.push({ bottom, top, spans: rowSpans(surface, bottom, top) });
  }
  return rows;
}

/** Where a butt joint may land in a span: on framing, away from opening corners and from the joints of the row before. */
function jointPlaces(
  surface: Surface,
  row: Row,
  span: { from: number; to: number },
  before: readonly number[],
  { spacing }: SheetRules,
  strict: boolean,
): number[] {
  const places: number[] = [];
  const corners = surface.holes
    .filter(({ y, height }) => y < row.top && y + height > row.bottom)
    .flatMap(({ x, width }) => [x, x + width]);
  for (let at = Math.ceil((span.from + 1) / spacing) * spacing; at < span.to - 1; at += spacing) {
    const nearCorner = corners.some((corner) => Math.abs(corner - at) < spacing / 2);
    const overOther = before.some((joint) => Math.abs(joint - at) < spacing - 1);
    if (strict && nearCorner) continue;
    if (!overOther) places.push(at);
  }
  return places;
}

/** Fewest butts, then the least length of sheet bought, by looking forward over the allowed joints. */
function jointsFor(
  span: { from: number; to: number },
  places: readonly number[],
  lengths: readonly number[],
): number[] | undefined {
  const longest = Math.max(...lengths);
  const stockFor = (length: number) => Math.min(...lengths.filter((stock) => stock >= length - 1));
  type Best = { butts: number; bought: number; joints: number[] };
  const ends = [...places.filter((at) => at > span.from && at < span.to), span.to];
  const best = new Map<number, Best>([[span.from, { butts: -1, bought: 0, joints: [] }]]);
  for (const end of ends) {
    for (const [start, known] of [...best]) {
      const length = end - start;
      if (length <= 0 || length > longest + 1) continue;
      const next = {
        butts: known.butts + 1,
        bought: known.bought + stockFor(length),
        joints: end === span.to ? known.joints : [...known.joints, end],
      };
      const old = best.get(end);
      if (
        !old ||
        next.butts < old.butts ||
        (next.butts === old.butts && next.bought < old.bought)
      ) {
        best.set(end, next);
      }
    }
  }
  return best.get(span.to)?.joints;
}

/**
 * Hangs sheets in rows along x: butt joints on the framing, staggered from row to row by at least one bay, off the
 * corners of openings where that is possible, as few of them as the lengths allow; pieces are then cut from as few
 * sheets as a cut plan finds, offcuts used again. Undefined when the longest sheet cannot reach between two pieces of
 * framing.
 */
export function layoutSheets(surface: Surface, rules: SheetRules): SheetLayout | undefined {
  const pieces: Uncut[] = [];
  const butts: { at: number; height: number }[] = [];
  let before: number[] = [];
  for (const [index, row] of rowsOf(surface, rules.width).entries()) {
    const joints: number[] = [];
    for (const span of row.spans) {
      const found = [true, false]
        .map((strict) => jointPlaces(surface, row, span, before, rules, strict))
        .map((places) => jointsFor(span, places, rules.lengths))
        .find((each) => each !== undefined);
      if (!found) return undefined;
      joints.push(...found);
      const edges = [span.from, ...found, span.to];
      edges.slice(1).forEach((to, at) => {
        const x = edges[at] ?? span.from;
        pieces.push({ row: index, x, y: row.bottom, width: to - x, height: row.top - row.bottom });
      });
      butts.push(...found.map((at) => ({ at, height: row.top - row.bottom })));
    }
    before = joints;
  }
  return cutFrom(surface, rules, pieces, butts);
}

function cutFrom(
  surface: Surface,
  rules: SheetRules,
  pieces: readonly Uncut[],
  butts: readonly { at: number; height: number }[],
): SheetLayout | undefined {
  const { sheets, sheetOf } = sheetsFor(pieces, rules);
  const bought = sheets.reduce((sum, { length }) => sum + length * rules.width, 0);
  return {
    pieces: pieces.map((piece, at) => ({ ...piece, sheet: sheetOf.get(at) ?? 0 })),
    sheets,
    buttLength: butts.reduce((sum, { height }) => sum + height, 0),
    seamLength: seamsBetween(pieces),
    waste: bought > 0 ? 1 - surfaceArea(surface) / bought : 0,
  };
}

/** Length of the seams between rows: where a piece stands on one of the row below. */
function seamsBetween(pieces: readonly Uncut[]): number {
  return pieces.reduce((sum, upper) => {
    const under = pieces.filter((lower) => Math.abs(lower.y + lower.height - upper.y) < 1);
    return (
      sum +
      under.reduce((shared, lower) => {
        const overlap =
          Math.min(upper.x + upper.width, lower.x + lower.width) - Math.max(upper.x, lower.x);
        return shared + Math.max(0, overlap);
      }, 0)
    );
  }, 0);
}

/**
 * Which piece from which sheet. Rows lower than half a sheet are ripped two or more to the width; each rip is a
 * lane of its own, and lanes share sheets. Cutting costs nothing by length here: fewest sheets, then shortest.
 */
function sheetsFor(pieces: readonly Uncut[], { lengths, width }: SheetRules) {
  const sheets: { length: number; pieces: number[] }[] = [];
  const sheetOf = new Map<number, number>();
  const byLanes = new Map<number, number[]>();
  pieces.forEach(({ height }, at) => {
    const lanes = Math.max(1, Math.floor((width + 1) / height));
    byLanes.set(lanes, [...(byLanes.get(lanes) ?? []), at]);
  });
  for (const [lanes, members] of byLanes) {
    const open = new Map<number, number[]>();
    for (const { stock, cuts } of lanesFor(pieces, members, lengths)) {
      const waiting = open.get(stock);
      const sheet = waiting?.pop() ?? sheets.push({ length: stock, pieces: [] }) - 1;
      if (waiting?.length === 0) open.delete(stock);
      if (!waiting && lanes > 1)
        open.set(
          stock,
          Array.from({ length: lanes - 1 }, () => sheet),
        );
      for (const at of cuts) {
        sheets[sheet]?.pieces.push(at);
        sheetOf.set(at, sheet);
      }
    }
  }
  return { sheets, sheetOf };
}

/** A cut plan over the pieces of one height; which member goes where is settled by length. */
function lanesFor(
  pieces: readonly Uncut[],
  members: readonly number[],
  lengths: readonly number[],
): { stock: number; cuts: number[] }[] {
  const longest = Math.max(...lengths);
  // A whole sheet weighs so much that one fewer always wins over shorter ones.
  const stock = [...new Set(lengths)].map((length) => ({
    length,
    price: 1_000 + Math.round((length / longest) * 700),
  }));
  const plan = planCuts(
    {
      kerf: 0,
      stock,
      pieces: members.map((at) => ({
        length: Math.min(longest, Math.round(pieces[at]?.width ?? 0)),
        qty: 1,
      })),
    },
    { steps: 60_000 },
  );
  if (!plan.ok) return [];
  const waiting = members.toSorted((a, b) => (pieces[b]?.width ?? 0) - (pieces[a]?.width ?? 0));
  return plan.value.boards.map(({ stock: length, cuts }: CutBoard) => ({
    stock: length,
    cuts: cuts.flatMap((cut) => {
      const at = waiting.findIndex(
        (member) => Math.min(longest, Math.round(pieces[member]?.width ?? 0)) === cut,
      );
      return waiting.splice(at, 1);
    }),
  }));
}

/** Several surfaces cut from the same sheets: an offcut of one wall serves another. Sheets count over all of them. */
export function shareSheets(
  layouts: readonly SheetLayout[],
  rules: SheetRules,
): SheetLayout['sheets'] {
  return sheetsFor(
    layouts.flatMap(({ pieces }) => pieces),
    rules,
  ).sheets;
}
