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
export type PlankPiece = Box & { row: number; board: number; from: number };

export type PlankLayout = {
  pieces: PlankPiece[];
  boards: number;
  rows: number;
  /** Faces of the first and last row. */
  firstFace: number;
  lastFace: number;
  waste: number;
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

/** Lays rows along x, each beginning with the offcut of an earlier one where joints then stay apart. */
export function layoutPlanks(surface: Surface, rules: PlankRules): PlankLayout | undefined {
  if (rules.length < rules.shortest || rules.face <= 0) return undefined;
  const faces = rowFaces(extentOfSurface(surface).height, rules.face);
  const state: State = { rules, pieces: [], boards: 0, offcuts: [] };
  let before: number[] = [];
  let bottom = 0;
  for (const [row, face] of faces.entries()) {
    const here: number[] = [];
    for (const span of rowSpans(surface, bottom, bottom + face)) {
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
    bottom += face;
  }
  const bought = state.boards * rules.length * rules.face;
  return {
    pieces: state.pieces,
    boards: state.boards,
    rows: faces.length,
    firstFace: faces[0] ?? 0,
    lastFace: faces.at(-1) ?? 0,
    waste: bought > 0 ? 1 - surfaceArea(surface) / bought : 0,
  };
}

type State = { rules: PlankRules; pieces: PlankPiece[]; boards: number; offcuts: Offcut[] };
type Span = { from: number; to: number };

/** A row's pieces; keeps what is left of its last board for a later row. Undefined when no joint can be placed. */
function layRow(state: State, span: Span, before: readonly number[]): Offcut[] | undefined {
  const { rules } = state;
  const starts = startsFor(state, span);
  for (const patience of [0, 1, 2]) {
    for (const start of starts) {
      const lengths = lengthsFrom(start.length, span, before, rules, patience);
      if (lengths) return take(state, start, lengths);
    }
  }
  return undefined;
}

type Start = { offcut?: Offcut; length: number };

/** What a row may begin with: offcuts, longest first, then a whole board, then a board cut shorter. */
function startsFor({ offcuts, rules }: State, { from, to }: Span): Start[] {
  const need = to - from;
  const fromOffcuts = offcuts
    .toSorted((a, b) => b.length - a.length)
    .map((offcut) => ({ offcut, length: Math.min(offcut.length, need) }));
  const shares = [1, 2 / 3, 1 / 2, 1 / 3, 5 / 6, 1 / 4, 3 / 4, 1 / 6];
  const fromBoards = shares
    .map((share) => Math.min(need, Math.floor(rules.length * share)))
    .filter((length) => length >= Math.min(rules.shortest, need));
  return [...fromOffcuts, ...fromBoards.map((length) => ({ length }))];
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
  const isClear = (at: number) => before.every((joint) => Math.abs(joint - at) >= apart - 1);
  const lengths: number[] = [];
  let at = from;
  let reach = first;
  while (to - at > 1) {
    if (to - at <= reach + 1) {
      lengths.push(to - at);
      return (lengths.at(-1) ?? 0) >= Math.min(least, to - from) ? lengths : undefined;
    }
    const joint = farthestJoint(at, Math.min(at + reach, to - least), rules, least, isClear);
    if (joint === undefined) return undefined;
    lengths.push(joint - at);
    at = joint;
    reach = rules.length;
  }
  return lengths;
}

function farthestJoint(
  at: number,
  reach: number,
  { joists, stagger }: PlankRules,
  least: number,
  isClear: (at: number) => boolean,
): number | undefined {
  if (joists) {
    return joists.filter((joist) => joist >= at + least && joist <= reach && isClear(joist)).at(-1);
  }
  // A joint in the way moves back by one stagger at a time.
  for (let joint = reach; joint >= at + least; joint -= Math.max(1, stagger / 2)) {
    if (isClear(joint)) return Math.floor(joint);
  }
  return undefined;
}

function take(state: State, start: Start, lengths: readonly number[]): Offcut[] {
  const { rules } = state;
  return lengths.map((length, at) => {
    const offcut = at === 0 ? start.offcut : undefined;
    if (offcut) {
      state.offcuts = state.offcuts.filter((other) => other !== offcut);
      leave(state, offcut, length);
      return { ...offcut, length };
    }
    const board = { board: state.boards, from: 0, length: rules.length };
    state.boards += 1;
    leave(state, board, length);
    return { ...board, length };
  });
}

/** What is left of a board, when it is long enough to start a row. */
function leave(state: State, piece: Offcut, used: number): void {
  const rest = piece.length - used;
  if (rest < state.rules.shortest) return;
  state.offcuts.push({ board: piece.board, from: piece.from + used, length: rest });
}
