import { extentsOf, placesInOrder, stateOf, type HouseFacts, type Place } from '../../house';
import { AREA_PER_SQFT, TICKS_PER_FOOT, area, type Area } from '../../units';
import type { Quantity } from '../../trade/steps/job';
import type { Factors, Measure, Step, StepWork } from '../../trade/steps/step';

/** What a quantity is taken from: the place, how often it was asked for, and what else is done there. */
export type Measured = {
  place: Place | undefined;
  count: number;
  house: HouseFacts;
  /** Steps asked for in the same place. */
  beside: ReadonlySet<string>;
};

/** Walls with lath and plaster, and floors in a mud bed, are usual in houses older than this. */
const PLASTER_BEFORE = 1945;
const isPlaster = ({ house }: HouseFacts): boolean => house.yearBuilt < PLASTER_BEFORE;

const SURROUND_SQFT = 60;
const FEET_PER_DEVICE = 8;
const SWITCHES = 2;
const SQFT_PER_LIGHT = 100;
const JOIST_SPACING_FEET = 4 / 3;
const SQFT_PER_PATCH = 60;
/** Pounds per square foot: board on frame, or plaster on lath and a floor in mortar. */
const POUNDS = { board: 2.2, plaster: 9, boards: 4, mortar: 9 };
const FIXTURE_POUNDS = 350;
const PART_POUNDS = 100;
const LOT_POUNDS = 100;

const sqft = (value: Area): number => value / AREA_PER_SQFT;
const count = (value: number): Quantity => ({
  kind: 'count',
  count: Math.max(1, Math.ceil(value)),
});
const surface = (measure: 'floor' | 'ceiling' | 'walls', value: Area): Quantity => ({
  kind: 'area',
  measure,
  area: value,
});

/** Debris of what is torn out here, in lots of 100 lb. */
function debrisOf({ place, house, beside, count: pieces }: Measured): number {
  if (!place) return 1;
  const { floor, ceiling, wallsGross } = extentsOf(place);
  const wall = isPlaster(house) ? POUNDS.plaster : POUNDS.board;
  const underfoot = place.kind === 'bathroom' && isPlaster(house) ? POUNDS.mortar : POUNDS.boards;
  const pounds =
    (beside.has('demo.ceiling') ? sqft(ceiling) * wall : 0) +
    (beside.has('demo.walls') ? sqft(wallsGross) * wall : 0) +
    (beside.has('demo.surround') && !beside.has('demo.walls') ? SURROUND_SQFT * wall : 0) +
    (beside.has('demo.floor') ? sqft(floor) * underfoot : 0) +
    (beside.has('demo.siding') ? sqft(wallsGross) * POUNDS.board : 0) +
    (beside.has('demo.porch') ? sqft(floor) * POUNDS.mortar : 0) +
    (beside.has('demo.fixtures') ? FIXTURE_POUNDS : 0) +
    (beside.has('demo.part') ? PART_POUNDS * pieces : 0);
  return pounds / LOT_POUNDS;
}

/** In and outside each bedroom, and on each storey that has rooms. */
function alarmsOf(house: HouseFacts): number {
  const places = placesInOrder(house);
  const bedrooms = places.filter(({ kind }) => kind === 'bedroom');
  const outside = new Set(bedrooms.map(({ floor }) => floor)).size;
  const inside = places.filter(
    ({ kind }) => !['roof', 'outside-face', 'yard', 'porch'].includes(kind),
  );
  const storeys = new Set(inside.map(({ floor }) => floor));
  for (const { floor } of bedrooms) storeys.delete(floor);
  return Math.max(1, bedrooms.length + outside + storeys.size);
}

/** What is filled, primed and sanded: the walls and ceilings that this plan works on. */
function surfacesOf(place: Place, beside: ReadonlySet<string>): Quantity {
  const { walls, ceiling } = extentsOf(place);
  const overhead = beside.has('board.ceiling') || beside.has('paint.ceiling');
  const round = beside.has('board.walls') || beside.has('paint.walls') || beside.has('wall.paper');
  if (overhead && round) return surface('walls', area(walls + ceiling));
  return overhead ? surface('ceiling', ceiling) : surface('walls', walls);
}

/** How much there is of what a step's effort grows with. */
export function quantityOf(step: Step, measured: Measured): Quantity {
  const { place, house } = measured;
  const measure: Measure = step.work.kind === 'labour' ? step.work.measure : 'once';
  if (measure === 'alarms') return count(alarmsOf(house));
  if (measure === 'battery-alarms') {
    return count(placesInOrder(house).filter(({ kind }) => kind === 'bedroom').length);
  }
  if (!place || measure === 'once') return count(1);
  const extents = extentsOf(place);
  switch (measure) {
    case 'each':
      return count(measured.count);
    case 'perimeter':
      return { kind: 'run', length: extents.run };
    case 'walls':
      return surface('walls', extents.walls);
    case 'face':
      return surface('walls', extents.wallsGross);
    case 'outer-walls':
      return place.kind === 'attic'
        ? surface('floor', extents.floor)
        : surface('walls', area(extents.walls / 2));
    case 'surfaces':
      return surfacesOf(place, measured.beside);
    case 'surround':
      return surface('walls', area(SURROUND_SQFT * AREA_PER_SQFT * measured.count));
    case 'roof':
      return surface('ceiling', extents.ceiling);
    case 'floor':
    case 'ceiling':
      return surface(measure, extents[measure]);
    case 'debris':
      return count(debrisOf(measured));
    case 'devices':
      return count(extents.run / TICKS_PER_FOOT / FEET_PER_DEVICE + SWITCHES);
    case 'lights':
      return count(sqft(extents.floor) / SQFT_PER_LIGHT);
    case 'joists':
      return count(Math.sqrt(sqft(extents.floor)) / JOIST_SPACING_FEET / 2);
    case 'patches':
      return count(
        sqft(step.id === 'mend.ceiling' ? extents.ceiling : extents.walls) / SQFT_PER_PATCH,
      );
  }
}

/** Working round a household that lives there. */
const LIVED_IN = 1.2;
const FIRST_STAGE_OF_WORK = 3;
const OPENS_WALLS = ['demo.walls', 'demo.ceiling', 'frame.infill', 'frame.walls'];

/** What the room makes of a step's rate: its kind, plaster, shut walls, people living beside the work. */
export function workIn(step: Step, { place, house, beside }: Measured): StepWork {
  const { work } = step;
  if (work.kind !== 'labour') return work;
  const factors: Factors = work.factors ?? {};
  const isOpen =
    place !== undefined &&
    (stateOf(house, place) !== 'finished' || OPENS_WALLS.some((id) => beside.has(id)));
  const factor =
    (place ? (factors[place.kind] ?? 1) : 1) *
    (isPlaster(house) ? (factors.plaster ?? 1) : 1) *
    (place && !isOpen ? (factors.shut ?? 1) : 1) *
    (place &&
    house.house.occupancy === 'lived-in' &&
    step.stage >= FIRST_STAGE_OF_WORK &&
    step.stage < 17
      ? LIVED_IN
      : 1);
  return factor === 1
    ? work
    : { ...work, minutes: Math.round(work.minutes * factor) as typeof work.minutes };
}
