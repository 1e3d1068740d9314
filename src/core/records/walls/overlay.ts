import type { WallRecord } from '../../house';

type Overlay = NonNullable<WallRecord['overlay']>;
type Point = { x: number; y: number };

/** Why two known spots do not lay a picture over a wall. */
export type OverlayFault = 'same-in-picture' | 'same-on-wall';

/** Nearer than this in a picture, in thousandths of it, two spots say nothing of its size. */
const APART = 20;

/** What keeps two spots from placing a picture; undefined where they do. */
export function overlayFault([one, other]: Overlay): OverlayFault | undefined {
  if (!one || !other) return 'same-in-picture';
  const inPicture = Math.hypot(one.across - other.across, one.down - other.down);
  if (inPicture < APART) return 'same-in-picture';
  return one.offset === other.offset && one.height === other.height ? 'same-on-wall' : undefined;
}

/** As an SVG's `matrix(a b c d e f)`: x' = a·x + c·y + e, y' = b·x + d·y + f. */
export type Matrix = readonly [number, number, number, number, number, number];

/**
 * How a picture of some pixels lies over a drawing, so that its two known spots lie where they are on the surface: it is
 * turned, enlarged and moved, never bent, so that a picture taken from aside fits at the two spots and nowhere else.
 * `onDrawing` tells where a spot of the surface is drawn.
 */
export function overlayMatrix(
  [one, other]: Overlay,
  { width, height }: { width: number; height: number },
  onDrawing: (spot: { offset: number; height: number }) => Point,
): Matrix | undefined {
  if (!one || !other) return undefined;
  const inPicture = ({ across, down }: Overlay[number]): Point => ({
    x: (across * width) / 1000,
    y: (down * height) / 1000,
  });
  const [from, to] = [inPicture(one), inPicture(other)];
  const [start, end] = [onDrawing(one), onDrawing(other)];
  const [px, py] = [to.x - from.x, to.y - from.y];
  const [qx, qy] = [end.x - start.x, end.y - start.y];
  const square = px * px + py * py;
  if (square === 0) return undefined;
  // The quotient of the two stretches as complex numbers turns and enlarges at once.
  const [a, b] = [(qx * px + qy * py) / square, (qy * px - qx * py) / square];
  return [a, b, -b, a, start.x - a * from.x + b * from.y, start.y - b * from.x - a * from.y];
}
