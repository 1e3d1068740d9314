import { surfaceArea, type Box, type Surface } from '../estimating/layout';
import { spansAt } from '../estimating/layout/surface';

const overlapOf = (a: Box, b: Box): number =>
  Math.max(0, Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x)) *
  Math.max(0, Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y));

/** Pieces that lie on one another, by more than a hair. */
export function overlapsOf(pieces: readonly Box[]): string[] {
  return pieces.flatMap((a, at) =>
    pieces
      .slice(at + 1)
      .filter((b) => overlapOf(a, b) > 100 * Math.max(a.width, a.height))
      .map((b) => `${JSON.stringify(a)} on ${JSON.stringify(b)}`),
  );
}

/** Points of the surface on a grid of `steps` × `steps` that no piece covers; joints up to `joint` wide may stay bare. */
export function bareSpotsOf(
  surface: Surface,
  pieces: readonly Box[],
  joint = 2,
  steps = 40,
): string[] {
  const ys = surface.outline.map(({ y }) => y);
  const top = Math.max(...ys);
  const bare: string[] = [];
  for (let row = 0; row < steps; row += 1) {
    const y = ((row + 0.437) / steps) * top;
    for (const { from, to } of spansAt(surface, y)) {
      for (let column = 0; column < steps; column += 1) {
        const x = from + ((column + 0.391) / steps) * (to - from);
        const open = surface.holes.some(
          (hole) =>
            x >= hole.x - joint &&
            x <= hole.x + hole.width + joint &&
            y >= hole.y - joint &&
            y <= hole.y + hole.height + joint,
        );
        const covered = pieces.some(
          (piece) =>
            x >= piece.x - joint &&
            x <= piece.x + piece.width + joint &&
            y >= piece.y - joint &&
            y <= piece.y + piece.height + joint,
        );
        if (!open && !covered) bare.push(`${Math.round(x)},${Math.round(y)}`);
      }
    }
  }
  return bare;
}

/** Joints of neighbouring rows nearer than `apart`. */
export function closeJointsOf(pieces: readonly (Box & { row: number })[], apart: number): string[] {
  const joints = pieces.flatMap((piece) =>
    pieces.some((next) => next.row === piece.row && Math.abs(next.x - piece.x - piece.width) < 2)
      ? { row: piece.row, at: piece.x + piece.width }
      : [],
  );
  return joints.flatMap(({ row, at }) =>
    joints
      .filter((other) => other.row === row + 1 && Math.abs(other.at - at) < apart - 2)
      .map((other) => `row ${row} at ${at}, row ${row + 1} at ${other.at}`),
  );
}

/** Points along the level and upright edges of the outline where the tile inside is narrower across it than asked. */
export function sliversOf(
  { outline }: Surface,
  pieces: readonly Box[],
  least: { width: number; height: number },
): string[] {
  const isInside = (x: number, y: number) =>
    spansAt({ outline, holes: [] }, y).some(({ from, to }) => x > from && x < to);
  const at = (x: number, y: number) =>
    pieces.find(
      (piece) =>
        x > piece.x && x < piece.x + piece.width && y > piece.y && y < piece.y + piece.height,
    );
  return outline.flatMap((point, nth) => {
    const next = outline[(nth + 1) % outline.length] ?? point;
    const isUpright = Math.abs(next.x - point.x) <= 1;
    if (!isUpright && Math.abs(next.y - point.y) > 1) return [];
    const [from, to] = isUpright ? [point.y, next.y] : [point.x, next.x];
    return [0.11, 0.29, 0.53, 0.71, 0.93].flatMap((share) => {
      const along = from + share * (to - from);
      const line = isUpright ? point.x : point.y;
      const spot = (off: number) =>
        isUpright ? { x: line + off, y: along } : { x: along, y: line + off };
      const inward = isInside(spot(2).x, spot(2).y) ? 1 : -1;
      const { x, y } = spot(2 * inward);
      const piece = at(x, y);
      if (!piece) return [];
      const far = isUpright
        ? inward > 0
          ? piece.x + piece.width
          : piece.x
        : inward > 0
          ? piece.y + piece.height
          : piece.y;
      const across = Math.abs(far - line);
      const wanted = isUpright ? least.width : least.height;
      return across < wanted - 2
        ? [`${Math.round(across)} at ${Math.round(x)},${Math.round(y)}`]
        : [];
    });
  });
}

export const leastPieces = (surface: Surface, pieceArea: number): number =>
  Math.ceil(surfaceArea(surface) / pieceArea - 1e-9);
