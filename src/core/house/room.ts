import { area, ticks, type Area, type Ticks } from '../units';
import { closingError } from './gap';
import { FLAT, type Ceiling, type Opening } from './openings';
import { cornersOf, floorArea, perimeter, type Place, type WallRun } from './place';

/** What is measured of a room: enough for every takeoff. */
export type RoomShape = {
  walls: readonly WallRun[];
  /** At the lowest point of the ceiling. */
  height: Ticks;
  ceiling: Ceiling;
  openings: readonly Opening[];
};

/** What is measured of a place, with a flat ceiling and no openings where nobody said. */
export const shapeOf = (place: Place): RoomShape => ({
  walls: place.walls,
  height: place.height,
  ceiling: place.ceiling ?? FLAT,
  openings: place.openings ?? [],
});

/** The horizontal axis across the slope: the narrow way of the room, along whose middle the ridge runs. */
function slopeAxis(walls: readonly WallRun[]) {
  const corners = cornersOf(walls);
  const spread = (axis: 'x' | 'y') => {
    const values = corners.map((corner) => corner[axis]);
    return { from: Math.min(...values), width: Math.max(...values) - Math.min(...values) };
  };
  const [x, y] = [spread('x'), spread('y')];
  return y.width <= x.width ? { axis: 'y' as const, ...y } : { axis: 'x' as const, ...x };
}

/** How much higher than `height` the ceiling is at a point, given as a function of the corner. */
function riseOver(shape: Pick<RoomShape, 'walls' | 'ceiling'>) {
  const { ceiling } = shape;
  const { axis, from, width } = slopeAxis(shape.walls);
  return {
    axis,
    middle: from + width / 2,
    rise: (at: number): number => {
      if (ceiling.kind !== 'vaulted') return 0;
      const across = at - from;
      const run = ceiling.shape === 'shed' ? across : Math.min(across, width - across);
      return (run * ceiling.pitch) / 12;
    },
  };
}

/** The most the ceiling rises above the low side. */
export function ceilingRise(shape: Pick<RoomShape, 'walls' | 'ceiling'>): Ticks {
  const { ceiling } = shape;
  if (ceiling.kind === 'tray') return ceiling.rise;
  if (ceiling.kind === 'flat') return ticks(0);
  const { width } = slopeAxis(shape.walls);
  return ticks(((ceiling.shape === 'shed' ? width : width / 2) * ceiling.pitch) / 12);
}

/** Gross area of each wall: run × height, and under a slope what stands above it, gable triangles included. */
export function wallAreas(shape: RoomShape): Area[] {
  const corners = cornersOf(shape.walls);
  const { axis, middle, rise } = riseOver(shape);
  return shape.walls.map(({ length }, at) => {
    const [from, to] = [corners[at]?.[axis] ?? 0, corners[(at + 1) % corners.length]?.[axis] ?? 0];
    // The ceiling line over a wall is straight on either side of the ridge.
    const overRidge = (from - middle) * (to - middle) < 0;
    const share = overRidge ? (middle - from) / (to - from) : 1;
    const [low, ridge, high] = [rise(from), rise(middle), rise(to)];
    const above = overRidge
      ? (share * (low + ridge)) / 2 + ((1 - share) * (ridge + high)) / 2
      : (low + high) / 2;
    return area(length * (shape.height + above));
  });
}

/** Ceiling as it is covered: floor when flat, ÷ cos(pitch) when vaulted, with its upright faces when a tray. */
export function ceilingArea({ walls, ceiling }: Pick<RoomShape, 'walls' | 'ceiling'>): Area {
  const floor = floorArea({ walls });
  switch (ceiling.kind) {
    case 'flat':
      return floor;
    case 'vaulted':
      return area(floor * Math.sqrt(1 + (ceiling.pitch / 12) ** 2));
    case 'tray':
      return area(floor + trayPerimeter(walls, ceiling.inset) * ceiling.rise);
  }
}

/** Each corner draws the inner line in by inset × tan(turn / 2) on both its walls. */
export const trayPerimeter = (walls: readonly WallRun[], inset: Ticks): number =>
  Math.max(
    0,
    perimeter({ walls }) -
      2 *
        inset *
        Math.abs(walls.reduce((sum, { turn }) => sum + Math.tan((turn * Math.PI) / 360), 0)),
  );

/** Width by height, in square ticks. */
export const openingArea = ({ width, height }: Pick<Opening, 'width' | 'height'>): Area =>
  area(width * height);

const sum = (values: readonly number[]): number =>
  values.reduce((total, value) => total + value, 0);

export type RoomAreas = {
  floor: Area;
  ceiling: Area;
  wallsGross: Area;
  wallsNet: Area;
  perimeter: Ticks;
  closingError: Ticks;
};

/** Floor, ceiling, walls whole and less their openings, in square ticks. */
export function areasOf(shape: RoomShape): RoomAreas {
  const wallsGross = area(sum(wallAreas(shape)));
  return {
    floor: floorArea(shape),
    ceiling: ceilingArea(shape),
    wallsGross,
    wallsNet: area(wallsGross - sum(shape.openings.map(openingArea))),
    perimeter: perimeter(shape),
    closingError: closingError(shape.walls),
  };
}

/** Air in the room, in ticks³ as a plain number: a tray is higher over its inner part only. */
export function volumeOf(shape: RoomShape): number {
  const floor = floorArea(shape);
  const { ceiling, walls } = shape;
  const low = floor * shape.height;
  switch (ceiling.kind) {
    case 'flat':
      return low;
    case 'vaulted':
      return low + (floor * ceilingRise(shape)) / 2;
    case 'tray':
      return low + trayArea(walls, ceiling.inset) * ceiling.rise;
  }
}

/** The inner part of a tray: the floor less a band of `inset` along the walls, its corners counted once. */
const trayArea = (walls: readonly WallRun[], inset: Ticks): number =>
  Math.max(
    0,
    floorArea({ walls }) - (inset * (perimeter({ walls }) + trayPerimeter(walls, inset))) / 2,
  );

/** Height of the ceiling over the left and right end of a wall and, where a ridge crosses it, over the ridge. */
export function wallOutline(shape: RoomShape, wall: number): { along: number; height: number }[] {
  const corners = cornersOf(shape.walls);
  const length = shape.walls[wall]?.length ?? 0;
  const { axis, middle, rise } = riseOver(shape);
  const [from, to] = [
    corners[wall]?.[axis] ?? 0,
    corners[(wall + 1) % corners.length]?.[axis] ?? 0,
  ];
  const at = (along: number, across: number) => ({ along, height: shape.height + rise(across) });
  const ridge =
    (from - middle) * (to - middle) < 0
      ? [at((length * (middle - from)) / (to - from), middle)]
      : [];
  return [at(0, from), ...ridge, at(length, to)];
}

/** How high a wall is at a distance from its left end. */
export function heightAt(shape: RoomShape, wall: number, along: number): number {
  const outline = wallOutline(shape, wall);
  const next = outline.findIndex((point) => point.along >= along);
  const [to, from] = [outline[next] ?? outline.at(-1), outline[next - 1]];
  if (!to || !from || to.along === from.along) return to?.height ?? shape.height;
  const share = (along - from.along) / (to.along - from.along);
  return from.height + share * (to.height - from.height);
}

/** The most a wall rises between two distances from its left end. */
export const highestOver = (shape: RoomShape, wall: number, from: number, to: number): number =>
  Math.max(
    heightAt(shape, wall, from),
    heightAt(shape, wall, to),
    ...wallOutline(shape, wall)
      .filter(({ along }) => along > from && along < to)
      .map(({ height }) => height),
  );

/** Runs of wall between what reaches the floor, for base trim. */
export function baseRuns(shape: RoomShape): Ticks[] {
  return shape.walls.flatMap(({ length }, wall) => {
    const doors = shape.openings
      .filter((opening) => opening.wall === wall && opening.sill === 0)
      .toSorted((a, b) => a.offset - b.offset);
    const runs: Ticks[] = [];
    let from = 0;
    for (const { offset, width } of doors) {
      if (offset > from) runs.push(ticks(offset - from));
      from = Math.max(from, offset + width);
    }
    if (length > from) runs.push(ticks(length - from));
    return runs;
  });
}
