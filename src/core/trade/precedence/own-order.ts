import type { HouseFacts } from '../../house';

/** What of a house its order depends on. */
export type OwnOrder = Pick<
  HouseFacts,
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
>;
