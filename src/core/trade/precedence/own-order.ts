import type { HouseToPlan } from '../../house';

/** What of a house its order depends on. */
export type OwnOrder = Pick<
  HouseToPlan,
  | 'ownRules'
  | 'splits'
  | 'droppedJobs'
  | 'overruled'
  | 'path'
  | 'schools'
  | 'house'
  | 'places'
  | 'placeOrder'
  | 'placeStates'
  | 'relations'
  | 'works'
  | 'surveys'
  | 'settlements'
  | 'deferred'
  | 'inspections'
  | 'bookings'
>;
