import { shapeOf, type Held, type Place, type SurfaceRef } from '../../house';
import { extentOfSurface, type Surface } from '../../estimating/layout';
import { TICKS_PER_INCH, ticks, type Ticks } from '../../units';
import { flatSurface } from './surfaces';

/** What cannot be so about a thing behind a surface. */
export type HeldFault =
  | { code: 'no-such-wall' }
  | { code: 'past-end' | 'past-top'; by: Ticks }
  | { code: 'below' }
  | { code: 'in-opening'; opening: 'door' | 'window' | 'opening' }
  /** Something is recorded at the very same spot. */
  | { code: 'same-spot'; what: Held['what'] };

/** Nearer than this two things cannot be. */
const SAME_SPOT = TICKS_PER_INCH / 2;

type Spot = { offset: Ticks; height: Ticks };

/** How high a wall is at a place along it: under a slope it differs. */
function topAt({ outline }: Surface, along: number): number {
  return outline.slice(1).reduce((top, to, at) => {
    const from = outline[at] ?? to;
    const [left, right] = from.x <= to.x ? [from, to] : [to, from];
    if (along < left.x || along > right.x) return top;
    const share = right.x === left.x ? 1 : (along - left.x) / (right.x - left.x);
    return Math.max(top, left.y + (right.y - left.y) * share);
  }, 0);
}

function spotFault(place: Place, at: SurfaceRef, { offset, height }: Spot): HeldFault | undefined {
  const surface = flatSurface(place, at);
  if (!surface) return { code: 'no-such-wall' };
  if (offset < 0 || height < 0) return { code: 'below' };
  const { width, height: deep } = extentOfSurface(surface);
  if (offset > width) return { code: 'past-end', by: ticks(Math.round(offset - width)) };
  const tall = at.kind === 'wall' ? topAt(surface, offset) : deep;
  if (height > tall) return { code: 'past-top', by: ticks(Math.round(height - tall)) };
  if (at.kind !== 'wall') return undefined;
  const inside = shapeOf(place).openings.find(
    (opening) =>
      opening.wall === at.wall &&
      offset > opening.offset &&
      offset < opening.offset + opening.width &&
      height > opening.sill &&
      height < opening.sill + opening.height,
  );
  return inside && { code: 'in-opening', opening: inside.kind };
}

/** Whether a thing may lie where it is said to: inside its surface, in no opening, and where nothing else is. */
export function heldFault(
  place: Place,
  at: SurfaceRef,
  held: Pick<Held, 'offset' | 'height' | 'to'>,
  others: readonly Held[],
): HeldFault | undefined {
  const outside = spotFault(place, at, held) ?? (held.to && spotFault(place, at, held.to));
  if (outside) return outside;
  const same = others.find(
    (other) =>
      Math.hypot(other.offset - held.offset, other.height - held.height) < SAME_SPOT &&
      !other.to === !held.to,
  );
  return same && { code: 'same-spot', what: same.what };
}
