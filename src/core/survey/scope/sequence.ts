import {
  placesInOrder,
  stateOf,
  type PlanningInput,
  type Place,
  type PlaceId,
  type PlaceKind,
} from '../../house';
import { scopeOf } from './scope';
import { findWork } from '../../trade/steps/works';

type Sequenced = Pick<
  PlanningInput,
  | 'house'
  | 'places'
  | 'placeOrder'
  | 'placeStates'
  | 'works'
  | 'surveys'
  | 'settlements'
  | 'deferred'
  | 'inspections'
  | 'bookings'
>;

/** What a household cannot be without: of two, one stays in use. */
const IN_TURN: ReadonlySet<PlaceKind> = new Set(['bathroom', 'kitchen']);
const TEARS_OUT = 'demo.fixtures';

/** A visit that was booked or held for a whole floor has seen its rooms together: they no longer wait in turn. */
const isSeenTogether = ({ inspections, bookings }: Sequenced): boolean =>
  [...inspections.map(({ jobId }) => jobId as string), ...Object.keys(bookings)].some((id) =>
    /^floor-?\d+\/hold\./.test(id),
  );

/**
 * In a house that is lived in, baths that are all torn out are renewed one after the other: the upper before the lower,
 * whose ceiling hides its pipes, else as one walks. Places without a turn are missing.
 */
export function renewalSequence(house: Sequenced): Map<PlaceId, number> {
  const sequence = new Map<PlaceId, number>();
  if (house.house.occupancy !== 'lived-in' || isSeenTogether(house)) return sequence;
  const torn = new Set(
    scopeOf(house)
      .filter(({ workId }) => findWork(workId)?.steps.includes(TEARS_OUT))
      .map(({ placeId }) => placeId),
  );
  for (const kind of IN_TURN) {
    const inTurn = placesInOrder(house)
      .filter((place) => place.kind === kind && torn.has(place.id))
      .filter((place) => stateOf(house, place) === 'finished')
      .toSorted((a: Place, b: Place) => b.floor - a.floor);
    if (inTurn.length > 1) inTurn.forEach(({ id }, at) => sequence.set(id, at + 1));
  }
  return sequence;
}
