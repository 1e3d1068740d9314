import { areasOf, type RoomShape } from '../../house';
import { area, type Area, type Ticks } from '../../units';

/** What part of a room a sum covers. */
export type Part = 'floor' | 'ceiling' | 'walls' | 'both';

/** Net area of a part of a room; `both` is walls and ceiling. */
export function partArea(room: RoomShape, part: Part): Area {
  const { floor, ceiling, wallsNet } = areasOf(room);
  switch (part) {
    case 'floor':
      return floor;
    case 'ceiling':
      return ceiling;
    case 'walls':
      return wallsNet;
    case 'both':
      return area(wallsNet + ceiling);
  }
}

/** Length × width as typed, else the part of the room; undefined when neither is there. */
export function areaFrom(
  typed: { length?: Ticks | undefined; width?: Ticks | undefined },
  room: RoomShape | null,
  part: Part,
): Area | undefined {
  if (typed.length !== undefined && typed.width !== undefined) {
    return area(typed.length * typed.width);
  }
  return room ? partArea(room, part) : undefined;
}
