import { ceilingArea, cornersOf, heightAt, type RoomShape } from '../../house';
import {
  extentOfSurface,
  flipped,
  floorSurface,
  layoutRoom,
  surfaceArea,
  turned,
  wallSurface,
  type Folded,
  type SheetLayout,
  type SheetRules,
} from '../layout';

export type Hung = {
  /** `ceiling`, or the number of the wall. */
  where: 'ceiling' | number;
  /** As the sheets were laid: rows begin at y = 0, at the top of a wall. */
  surface: Folded;
  layout: SheetLayout;
  rules: SheetRules;
};

/**
 * The ceiling as it is boarded: drawn out along the slope and folded at the ridge, which no sheet bends over; a tray's
 * upright faces are left to strips.
 */
function ceilingSurface(room: RoomShape): Folded {
  const flat = floorSurface(room);
  if (room.ceiling.kind !== 'vaulted') return flat;
  const stretch = ceilingArea(room) / Math.max(1, surfaceArea(flat));
  const { width, height } = extentOfSurface(flat);
  const along = height <= width;
  const drawn = {
    outline: flat.outline.map(({ x, y }) =>
      along ? { x, y: y * stretch } : { x: x * stretch, y },
    ),
    holes: [],
  };
  if (room.ceiling.shape === 'shed') return drawn;
  const middle = ((along ? height : width) * stretch) / 2;
  return { ...drawn, fold: { axis: along ? 'y' : 'x', at: middle } };
}

/** The same with rows running the other way. */
const turnedOver = (surface: Folded): Folded => ({
  ...turned(surface),
  ...(surface.fold
    ? { fold: { axis: surface.fold.axis === 'x' ? 'y' : 'x', at: surface.fold.at } }
    : {}),
});

function surfaceOf(where: Hung['where'], room: RoomShape, way: HangWay): Folded {
  const plain = where === 'ceiling' ? ceilingSurface(room) : flipped(wallSurface(room, where));
  return way === 'across' ? plain : turnedOver(plain);
}

export type HangWay = 'across' | 'along';

/**
 * Every wall and the ceiling of a room, ceiling first: `across` hangs sheets across the framing, `along` stands them up.
 * Undefined when no joint can be placed.
 */
export function hangRoom(
  room: RoomShape,
  on: 'walls' | 'ceiling' | 'both',
  rules: SheetRules,
  way: HangWay = 'across',
): Hung[] | undefined {
  const parts: Hung['where'][] = [
    ...(on === 'walls' ? [] : (['ceiling'] as const)),
    ...(on === 'ceiling' ? [] : room.walls.keys()),
  ];
  const surfaces = parts.map((where) => surfaceOf(where, room, way));
  const layouts = layoutRoom(surfaces, rules);
  return layouts?.flatMap((layout, at) => {
    const [where, surface] = [parts[at], surfaces[at]];
    return where !== undefined && surface ? [{ where, surface, layout, rules }] : [];
  });
}

/** Upright corners where two walls meet, and the line where walls meet the ceiling: taped, or beaded when they stick out. */
export function cornerLengths(room: RoomShape): { inside: number; outside: number } {
  const turnsRight = room.walls.reduce((sum, { turn }) => sum + turn, 0) >= 0;
  let inside = 0;
  let outside = 0;
  cornersOf(room.walls).forEach((_, corner) => {
    const turn = room.walls[(corner + room.walls.length - 1) % room.walls.length]?.turn ?? 0;
    if (turn === 0) return;
    const high = heightAt(room, corner, 0);
    if (turn > 0 === turnsRight) inside += high;
    else outside += high;
  });
  return { inside, outside };
}
