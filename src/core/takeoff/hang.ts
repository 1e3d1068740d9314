import { ceilingArea, ceilingRise, cornersOf, type RoomShape } from '../house';
import {
  extentOfSurface,
  flipped,
  floorSurface,
  layoutSheets,
  surfaceArea,
  turned,
  wallSurface,
  type SheetLayout,
  type SheetRules,
  type Surface,
} from '../layout';

export type Hung = {
  /** `ceiling`, or the number of the wall. */
  where: 'ceiling' | number;
  /** As the sheets were laid: rows begin at y = 0, at the top of a wall. */
  surface: Surface;
  layout: SheetLayout;
  rules: SheetRules;
};

/** The ceiling as it is boarded: drawn out along the slope, with the tray's upright faces left to strips. */
function ceilingSurface(room: RoomShape): Surface {
  const flat = floorSurface(room);
  if (room.ceiling.kind !== 'vaulted') return flat;
  const stretch = ceilingArea(room) / Math.max(1, surfaceArea(flat));
  const { width, height } = extentOfSurface(flat);
  const along = height <= width;
  return {
    outline: flat.outline.map(({ x, y }) =>
      along ? { x, y: y * stretch } : { x: x * stretch, y },
    ),
    holes: [],
  };
}

export type HangWay = 'across' | 'along';

/** Boards one surface: `across` hangs sheets across the framing, `along` stands them up. Undefined when no joint can be placed. */
export function hangSurface(
  where: Hung['where'],
  room: RoomShape,
  rules: SheetRules,
  way: HangWay,
): Hung | undefined {
  const plain = where === 'ceiling' ? ceilingSurface(room) : flipped(wallSurface(room, where));
  const surface = way === 'across' ? plain : turned(plain);
  const layout = layoutSheets(surface, rules);
  return layout && { where, surface, layout, rules };
}

/** Every wall and the ceiling of a room, ceiling first, as it is hung. */
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
  const hung = parts.map((where) => hangSurface(where, room, rules, way));
  return hung.every((each) => each !== undefined) ? hung : undefined;
}

/** Upright corners where two walls meet, and the line where walls meet the ceiling: taped, or beaded when they stick out. */
export function cornerLengths(room: RoomShape): { inside: number; outside: number } {
  const high = room.height + (room.ceiling.kind === 'vaulted' ? ceilingRise(room) / 2 : 0);
  const turnsRight = room.walls.reduce((sum, { turn }) => sum + turn, 0) >= 0;
  let inside = 0;
  let outside = 0;
  cornersOf(room.walls).forEach((_, corner) => {
    const turn = room.walls[(corner + room.walls.length - 1) % room.walls.length]?.turn ?? 0;
    if (turn === 0) return;
    if (turn > 0 === turnsRight) inside += high;
    else outside += high;
  });
  return { inside, outside };
}
