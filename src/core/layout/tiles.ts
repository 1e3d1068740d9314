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

export type TileEdge = 'left' | 'right' | 'bottom' | 'top';

export type TilePiece = Box & { cut: boolean };

export type TileLayout = {
  pieces: TilePiece[];
  whole: number;
  cut: number;
  start: { x: number; y: number };
  /** What is left of the tile at each edge of the surface. */
  edges: Record<TileEdge, number>;
  /** Edges whose cut is under a third of a tile: shown, never hidden. */
  slivers: TileEdge[];
};

type Stretch = { from: number; to: number };

/** The tiles along one axis, cut off at both ends. */
function stretches(run: number, tile: number, joint: number, start: number): Stretch[] {
  const pitch = tile + joint;
  const result: Stretch[] = [];
  for (let at = start - Math.ceil(start / pitch) * pitch; at < run; at += pitch) {
    const [from, to] = [Math.max(0, at), Math.min(run, at + tile)];
    if (to - from > 1) result.push({ from, to });
  }
  return result;
}

const narrower = (run: number, tile: number, joint: number, start: number): number => {
  const all = stretches(run, tile, joint, start);
  const [first, last] = [all[0], all.at(-1)];
  return first && last ? Math.min(first.to - first.from, last.to - last.from) : 0;
};

/**
 * Where to start along one axis: a tile or a joint on the middle, or whole tiles from the first edge; whichever
 * leaves the widest narrowest cut, and of equals the one with fewer cuts.
 */
export function startAlong(run: number, tile: number, joint: number): number {
  const starts = [(run - tile) / 2, (run + joint) / 2, 0];
  const score = (start: number) => {
    const all = stretches(run, tile, joint, start);
    const cuts = all.filter(({ from, to }) => to - from < tile - 1).length;
    return narrower(run, tile, joint, start) - cuts;
  };
  return Math.round(
    starts.reduce((best, start) => (score(start) > score(best) + 1e-6 ? start : best)),
  );
}

/** Sets out every tile on the actual outline, from the given or the best start line; tiles wholly inside holes are left out. */
export function layoutTiles(surface: Surface, rules: TileRules): TileLayout {
  const { width, height } = extentOfSurface(surface);
  const start = {
    x: rules.start?.x ?? startAlong(width, rules.width, rules.joint),
    y: rules.start?.y ?? startAlong(height, rules.height, rules.joint),
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
  const size = (stretch: Stretch | undefined) => (stretch ? stretch.to - stretch.from : 0);
  const edges = {
    left: size(columns[0]),
    right: size(columns.at(-1)),
    bottom: size(rows[0]),
    top: size(rows.at(-1)),
  };
  const tileAt = (edge: TileEdge) =>
    edge === 'left' || edge === 'right' ? rules.width : rules.height;
  const cut = pieces.filter((piece) => piece.cut).length;
  return {
    pieces,
    whole: pieces.length - cut,
    cut,
    start,
    edges,
    slivers: (['left', 'right', 'bottom', 'top'] as const).filter(
      (edge) => edges[edge] < tileAt(edge) * LEAST_SHARE - 1,
    ),
  };
}
