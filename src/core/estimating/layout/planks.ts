import { extentOfSurface, rowSpans, surfaceArea, type Box, type Surface } from './surface';

export type PlankRules = {
  /** Exposed face: what one row covers. */
  face: number;
  /** Length of one board or plank. */
  length: number;
  /** Joints of neighbouring rows are at least this far apart. */
  stagger: number;
  /** Pieces are no shorter than this, where that can be kept. */
  shortest: number;
  /** Where joints must land, from the left edge; anywhere when left out. May be irregular. */
  joists?: readonly number[];
};

/** One piece as it lies. `board` counts boards bought; `from` is where on that board it begins. */
type PlankPiece = Box & { row: number; board: number; from: number };

export type PlankLayout = {
  pieces: PlankPiece[];
  boards: number;
  rows: number;
  /** Faces of the first and last row. */
  firstFace: number;
  lastFace: number;
  waste: number;
  /** Rows with a joint nearer to one of the row before than asked, from 1: it could not be kept there. */
  closeRows: number[];
  /** Pieces shorter than asked in stretches that are not. */
  shortPieces: number;
};

/**
 * Faces of the rows: whole ones, with the rest ripped from the last, or from first and last alike when the last
 * would be under a third of a face.
 */
export function rowFaces(run: number, face: number): number[] {
  const whole = Math.floor((run + 1) / face);
  const rest = run - whole * face;
  if (rest <= 1) return Array.from({ length: Math.max(1, whole) }, () => Math.min(face, run));
  if (whole === 0) return [run];
  if (rest >= face / 3) return [...Array.from({ length: whole }, () => face), rest];
  const shared = (face + rest) / 2;
  return [shared, ...Array.from({ length: whole - 1 }, () => face), shared];
}

type Offcut = { board: number; from: number; length: number };

/**
 * Lays rows along x, each beginning, and where it fits ending, with the offcut of an earlier one where joints then stay
 * apart. What the first board is cut to decides what later rows have to begin with, so that floors begun in several ways
 * are laid and the one with the fewest boards is kept; it ends where no floor could take fewer.
 */
export function layoutPlanks(surface: Surface, rules: PlankRules): PlankLayout | undefined {
  if (rules.length < rules.shortest || rules.face <= 0) return undefined;
  let bottom = 0;
  const rows = rowFaces(extentOfSurface(surface).height, rules.face).map((face): Row => {
    const spans = rowSpans(surface, bottom, bottom + face);
    bottom += face;
    return { bottom: bottom - face, face, spans };
  });
  const run = rows
    .flatMap(({ spans }) => spans)
    .reduce((sum, { from, to }) => sum + (to - from), 0);
  const fewest = Math.ceil((run - 1) / rules.length);
  let best: Laid | undefined;
  for (const begin of BEGINNINGS) {
    const laid = lay(rows, rules, begin);
    if (laid && (!best || isBetter(laid, best))) best = laid;
    if (best && best.faults === 0 && best.boards <= fewest) break;
  }
  return best && layoutOf(best, surface, rows, rules);
}

type Row = { bottom: number; face: number; spans: readonly Span[] };
/**
 * How a floor is laid: the share of a board its first piece is, which offcut is tried first, and whether a row takes
 * the first way that goes or the one that throws least away.
 */
type Begin = { share: number; offcuts: 'longest' | 'shortest'; takes: 'first' | 'least' };

const BEGINNINGS: readonly Begin[] = [
  ...(['least', 'first'] as const).flatMap((takes) =>
    (['longest', 'shortest'] as const).map((offcuts): Begin => ({ share: 1, offcuts, takes })),
  ),
  ...[1 / 2, 1 / 3, 2 / 3, 1 / 4, 3 / 4].map((share): Begin => ({
    share,
    offcuts: 'longest',
    takes: 'least',
  })),
];
/** Offcuts that are tried at the beginning of one row. */
const MOST_OFFCUTS = 8;

type Laid = { pieces: PlankPiece[]; boards: number; faults: number };

const isBetter = (one: Laid, other: Laid): boolean =>
  one.faults - other.faults < 0 || (one.faults === other.faults && one.boards < other.boards);

function lay(rows: readonly Row[], rules: PlankRules, begin: Begin): Laid | undefined {
  const state: State = { rules, begin, pieces: [], boards: 0, offcuts: [], faults: 0 };
  let before: number[] = [];
  for (const [row, { bottom, face, spans }] of rows.entries()) {
    const here: number[] = [];
    for (const span of spans) {
      const cuts = layRow(state, span, before);
      if (!cuts) return undefined;
      let x = span.from;
      for (const { board, from, length } of cuts) {
        state.pieces.push({ row, board, from, x, y: bottom, width: length, height: face });
        x += length;
        if (x < span.to - 1) here.push(x);
      }
    }
    before = here;
  }
  return state;
}

function layoutOf(
  { pieces, boards }: Laid,
  surface: Surface,
  rows: readonly Row[],
  rules: PlankRules,
): PlankLayout {
  const bought = boards * rules.length * rules.face;
  return {
    pieces,
    boards,
    rows: rows.length,
    firstFace: rows[0]?.face ?? 0,
    lastFace: rows.at(-1)?.face ?? 0,
    waste: bought > 0 ? 1 - surfaceArea(surface) / bought : 0,
    closeRows: closeRows(pieces, rules.stagger),
    shortPieces: pieces.filter(
      ({ row, x, width }) =>
        width < rules.shortest - 1 &&
        rows[row]?.spans.some(
          ({ from, to }) => x >= from - 1 && x < to && to - from >= rules.shortest,
        ),
    ).length,
  };
}

function closeRows(pieces: readonly PlankPiece[], stagger: number): number[] {
  const joints = new Map<number, number[]>();
  pieces.forEach(({ row, x, width }, at) => {
    const next = pieces[at + 1];
    if (next?.row !== row || Math.abs(next.x - x - width) > 1) return;
    joints.set(row, [...(joints.get(row) ?? []), next.x]);
  });
  return [...joints].flatMap(([row, here]) => {
    const before = joints.get(row - 1) ?? [];
    return here.some((at) => before.some((other) => Math.abs(other - at) < stagger - 1))
      ? [row + 1]
      : [];
  });
}

type State = {
  rules: PlankRules;
  begin: Begin;
  pieces: PlankPiece[];
  boards: number;
  offcuts: Offcut[];
  faults: number;
};
type Span = { from: number; to: number };

/**
 * A row's pieces, of all ways to begin it the one that throws least away; what is left is put by for a later row.
 * Undefined when no joint can be placed.
 */
function layRow(state: State, span: Span, before: readonly number[]): Offcut[] | undefined {
  const { rules } = state;
  const starts = startsFor(state, span);
  for (const patience of [0, 1, 2]) {
    let best: Taken | undefined;
    for (const start of starts) {
      const lengths = lengthsFrom(start.length, span, before, rules, patience);
      const way = lengths && taken(state, start, lengths);
      if (way && (!best || way.lost < best.lost)) best = way;
      if (best && (best.lost < 1 || state.begin.takes === 'first')) break;
    }
    if (!best) continue;
    state.faults += patience;
    state.boards = best.boards;
    state.offcuts = best.offcuts;
    return best.pieces;
  }
  return undefined;
}

type Start = { offcut?: Offcut; length: number };

/** What a row may begin with: offcuts, longest first, then a whole board, then a board cut shorter. */
function startsFor({ begin, boards, offcuts, rules }: State, { from, to }: Span): Start[] {
  const need = to - from;
  const way = begin.offcuts === 'longest' ? -1 : 1;
  const fromOffcuts = offcuts
    .toSorted((a, b) => way * (a.length - b.length))
    .map((offcut) => ({ offcut, length: Math.min(offcut.length, need) }));
  const usual = [1, 2 / 3, 1 / 2, 1 / 3, 5 / 6, 1 / 4, 3 / 4, 1 / 6];
  const shares = boards === 0 ? [begin.share, ...usual] : usual;
  const fromBoards = shares
    .map((share) => Math.min(need, Math.floor(rules.length * share)))
    .filter((length) => length >= Math.min(rules.shortest, need));
  const all: Start[] = [
    ...fromOffcuts.slice(0, MOST_OFFCUTS),
    ...fromBoards.map((length) => ({ length })),
  ];
  return all.filter(
    ({ length }, at) => all.findIndex((other) => Math.abs(other.length - length) < 1) === at,
  );
}

/** The farthest allowed joint no further than a board from here; patience drops first the shortest piece, then the stagger. */
function lengthsFrom(
  first: number,
  { from, to }: Span,
  before: readonly number[],
  rules: PlankRules,
  patience: number,
): number[] | undefined {
  const apart = patience < 2 ? rules.stagger : 0;
  const least = patience < 1 ? rules.shortest : 1;
  const lengths: number[] = [];
  let at = from;
  let reach = first;
  while (to - at > 1) {
    if (to - at <= reach + 1) {
      lengths.push(to - at);
      return (lengths.at(-1) ?? 0) >= Math.min(least, to - from) ? lengths : undefined;
    }
    const joint = farthestJoint(at + least, Math.min(at + reach, to - least), rules, before, apart);
    if (joint === undefined) return undefined;
    lengths.push(joint - at);
    at = joint;
    reach = rules.length;
  }
  return lengths;
}

/** The last place from `least` to `reach` that a joint may be at: on a joist where it must, else anywhere. */
function farthestJoint(
  least: number,
  reach: number,
  { joists }: PlankRules,
  before: readonly number[],
  apart: number,
): number | undefined {
  const isClear = (at: number) => before.every((joint) => Math.abs(joint - at) >= apart - 1);
  // Where joists leave it free, that is the reach itself, or as close before a joint of the last row as it may come.
  const places = joists ?? [reach, ...before.map((joint) => joint - apart)];
  const allowed = places.filter((at) => at >= least && at <= reach && isClear(at));
  return allowed.length > 0 ? Math.floor(Math.max(...allowed)) : undefined;
}

/** `lost` is what of the boards used is neither in the row nor put by. */
type Taken = { pieces: Offcut[]; boards: number; offcuts: Offcut[]; lost: number };

/** The pieces of a stretch from their boards: the first and the last from offcuts where they fit, else from new ones. */
function taken({ rules, ...state }: State, start: Start, lengths: readonly number[]): Taken {
  let { boards, offcuts } = state;
  let lost = 0;
  const pieces = lengths.map((length, at) => {
    const isEnd = at > 0 && at === lengths.length - 1 && length < rules.length - 1;
    const offcut = at === 0 ? start.offcut : isEnd ? tightest(offcuts, length) : undefined;
    if (offcut) offcuts = offcuts.filter((other) => other !== offcut);
    else boards += 1;
    const piece = offcut ?? { board: boards - 1, from: 0, length: rules.length };
    const rest = { ...piece, from: piece.from + length, length: piece.length - length };
    // Long enough to begin a row, it is put by.
    if (rest.length >= Math.max(1, rules.shortest)) offcuts = [...offcuts, rest];
    else lost += rest.length;
    return { ...piece, length };
  });
  return { pieces, boards, offcuts, lost };
}

/** The shortest offcut that is long enough. */
const tightest = (offcuts: readonly Offcut[], length: number): Offcut | undefined =>
  offcuts
    .filter((offcut) => offcut.length >= length)
    .reduce<Offcut | undefined>(
      (best, offcut) => (best && best.length <= offcut.length ? best : offcut),
      undefined,
    );
