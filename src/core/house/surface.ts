import { AREA_PER_SQFT, area, ticks, type Area, type Ticks } from '../units';
import { areasOf, openingArea, shapeOf } from './room';
import type { Place } from './place';

/** What there is of a place to work on. */
export type Extents = {
  floor: Area;
  ceiling: Area;
  /** Less the openings. */
  walls: Area;
  /** With the openings. */
  wallsGross: Area;
  run: Ticks;
};

const NONE = area(0);
/** A roof whose pitch nobody measured. */
const USUAL_PITCH = 6;

/**
 * A room is what its walls enclose. An outside face is one surface: its first run by its height, a gable with its
 * triangle. A roof is its plan, overhangs included, by its pitch, with eaves on two sides; ground is an area.
 */
export function extentsOf(place: Place): Extents {
  const shape = shapeOf(place);
  switch (place.kind) {
    case 'outside-face':
      return face(place);
    case 'roof': {
      const { floor, perimeter } = areasOf(shape);
      const pitch = shape.ceiling.kind === 'vaulted' ? shape.ceiling.pitch : USUAL_PITCH;
      const covered = area(floor * Math.sqrt(1 + (pitch / 12) ** 2));
      return { floor, ceiling: covered, walls: NONE, wallsGross: NONE, run: ticks(perimeter / 2) };
    }
    case 'yard': {
      const { floor, perimeter } = areasOf(shape);
      return { floor, ceiling: NONE, walls: NONE, wallsGross: NONE, run: perimeter };
    }
    default: {
      const { floor, ceiling, wallsNet, wallsGross, perimeter } = areasOf(shape);
      return { floor, ceiling, walls: wallsNet, wallsGross, run: perimeter };
    }
  }
}

/** Siding and paint go round small holes for nothing. */
const SMALL_HOLE = 10 * AREA_PER_SQFT;

function face(place: Place): Extents {
  const { walls, height, ceiling, openings } = shapeOf(place);
  const run = walls[0]?.length ?? ticks(0);
  const gable = ceiling.kind === 'vaulted' ? (run * run * ceiling.pitch) / 48 : 0;
  const gross = area(run * height + gable);
  const holes = openings
    .filter(({ wall }) => wall === 0)
    .map(openingArea)
    .filter((hole) => hole > SMALL_HOLE)
    .reduce((sum, hole) => sum + hole, 0);
  return { floor: NONE, ceiling: NONE, walls: area(gross - holes), wallsGross: gross, run };
}
