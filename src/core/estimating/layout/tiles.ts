import { extentOfSurface, isCut, isOpen, type Box, type Surface } from './surface';

export type TileRules = {
  width: number;
  height: number;
  joint: number;
  /** Where the left and bottom edge of some tile lie; chosen when left out. */
  start?: { x?: number; y?: number };
};

/** Cuts at a visible edge are at least this share of a tile. */
const LEAST_SHARE = 1 / 3;

type TileEdge = 'left' | 'right' | 'bottom' | 'top' | 'inside corner';
type OuterEdge = Exclude<TileEdge, 'inside corner'>;

type TilePiece = Box & { cut: boolean };

export type TileLayout = {
  pieces: TilePiece[];
  whole: number;
  cut: number;
  start: { x: number; y: number };
  /** What is left of the tile at each edge of the surface. */
  edges: Record<OuterEdge, number>;
  /** Edges whose cut is under a third of a tile: shown, never hidden; it could not be avoided from this start line. */
  slivers: TileEdge[];
};

type RowSpan = { from: number; to: number };

/** The tiles along one axis, cut off at both ends. */
function stretches(run: number, tile: number, joint: number, start: number): RowSpan[] {
  const pitch = tile + joint;
  const result: RowSpan[] = [];
  for (let at = start - Math.ceil(start / pitch) * pitch; at < run; at += pitch) {
    const [from, to] = [Math.max(0, at), Math.min(run, at + tile)];
    if (to - from > 1) result.push({ from, to });
  }
  return result;
}

/** A straight edge of the floor across one axis: where it lies, and on which side of it the floor is. */
type Edge = { at: number; isFloorAfter: boolean };

/** The edges along both axes, those at an inside corner of an L, T or U among them. */
function edgesOf({ outline }: Surface): { x: Edge[]; y: Edge[] } {
  const twice = outline.reduce((sum, { x, y }, at) => {
    const next = outline[(at + 1) % outline.length] ?? { x, y };
    return sum + x * next.y - next.x * y;
  }, 0);
  const edges = { x: [] as Edge[], y: [] as Edge[] };
  outline.forEach((point, at) => {
    const next = outline[(at + 1) % outline.length] ?? point;
    const [dx, dy] = [next.x - point.x, next.y - point.y];
    const isAround = twice > 0;
    if (Math.abs(dx) <= 1 && Math.abs(dy) > 1)
      edges.x.push({ at: point.x, isFloorAfter: dy > 0 !== isAround });
    if (Math.abs(dy) <= 1 && Math.abs(dx) > 1)
      edges.y.push({ at: point.y, isFloorAfter: dx > 0 === isAround });
  });
  return edges;
}

/** How wide the tile at an edge is; whole where a joint or the side of a tile lies there. */
function cutAt({ at, isFloorAfter }: Edge, tile: number, joint: number, start: number): number {
  const pitch = tile + joint;
  const into = (((at - start) % pitch) + pitch) % pitch;
  const cut = isFloorAfter ? tile - into : into;
  return cut <= 1 || cut >= tile - 1 ? tile : cut;
}

const narrowest = (edges: readonly Edge[], tile: number, joint: number, start: number): number =>
  Math.min(tile, ...edges.map((edge) => cutAt(edge, tile, joint, start)));

/** Start lines tried where the usual ones leave a sliver somewhere. */
const STARTS = 96;

/**
 * Where to start along one axis: a tile or a joint on the middle, or whole tiles from the first edge; whichever
 * leaves the widest narrowest cut, and of equals the one with fewer cuts. Where each of those leaves a sliver at some
 * edge, an inside corner included, the line that leaves the widest one.
 */
export function startAlong(
  run: number,
  tile: number,
  joint: number,
  edges: readonly Edge[] = [
    { at: 0, isFloorAfter: true },
    { at: run, isFloorAfter: false },
  ],
): number {
  const usual = [(run - tile) / 2, (run + joint) / 2, 0];
  const score = (start: number) => {
    const all = stretches(run, tile, joint, start);
    const cuts = all.filter(({ from, to }) => to - from < tile - 1).length;
    return narrowest(edges, tile, joint, start) - cuts;
  };
  const isGood = (start: number) => narrowest(edges, tile, joint, start) >= tile * LEAST_SHARE - 1;
  const best = (starts: readonly number[]) =>
    starts.reduce((found, start) => (score(start) > score(found) + 1e-6 ? start : found));
  const first = best(usual);
  if (isGood(first)) return Math.round(first);
  const pitch = tile + joint;
  const any = Array.from({ length: STARTS }, (_, at) => Math.round((at * pitch) / STARTS));
  const flush = edges.map(({ at, isFloorAfter }) => Math.round(isFloorAfter ? at : at - tile));
  return Math.round(best([first, ...flush, ...any]));
}

/** Sets out every tile on the actual outline, from the given or the best start line; tiles wholly inside holes are left out. */
export function layoutTiles(surface: Surface, rules: TileRules): TileLayout {
  const { width, height } = extentOfSurface(surface);
  const sides = edgesOf(surface);
  const start = {
    x: rules.start?.x ?? startAlong(width, rules.width, rules.joint, sides.x),
    y: rules.start?.y ?? startAlong(height, rules.height, rules.joint, sides.y),
  };
  const columns = stretches(width, rules.width, rules.joint, start.x);
  const rows = stretches(height, rules.height, rules.joint, start.y);
  const pieces = rows.flatMap((row) =>
    columns.flatMap((column): TilePiece[] => {
      const box = {
        x: column.from,
        y: row.from,
        width: column.to - column.from,
        height: row.to - row.from,
      };
      if (isOpen(surface, box)) return [];
      const trimmed = box.width < rules.width - 1 || box.height < rules.height - 1;
      return [{ ...box, cut: trimmed || isCut(surface, box) }];
    }),
  );
  const size = (stretch: RowSpan | undefined) => (stretch ? stretch.to - stretch.from : 0);
  const edges = {
    left: size(columns[0]),
    right: size(columns.at(-1)),
    bottom: size(rows[0]),
    top: size(rows.at(-1)),
  };
  const tileAt = (edge: OuterEdge) =>
    edge === 'left' || edge === 'right' ? rules.width : rules.height;
  const cut = pieces.filter((piece) => piece.cut).length;
  return {
    pieces,
    whole: pieces.length - cut,
    cut,
    start,
    edges,
    slivers: [
      ...(['left', 'right', 'bottom', 'top'] as const).filter(
        (edge) => edges[edge] < tileAt(edge) * LEAST_SHARE - 1,
      ),
      ...(isThin(inner(sides.x, width), rules.width, rules.joint, start.x) ||
      isThin(inner(sides.y, height), rules.height, rules.joint, start.y)
        ? (['inside corner'] as const)
        : []),
    ],
  };
}

/** The edges within, which the four outer ones do not tell of. */
const inner = (edges: readonly Edge[], run: number): Edge[] =>
  edges.filter(({ at }) => at > 1 && at < run - 1);

const isThin = (edges: readonly Edge[], tile: number, joint: number, start: number): boolean =>
  narrowest(edges, tile, joint, start) < tile * LEAST_SHARE - 1;
