export {
  beforeClosing,
  hasWallsToRecord,
  isClosed,
  unrecordedIn,
  type BeforeClosing,
} from './cover-up';
export { heldFault, type HeldFault } from './faults';
export { movedBy, placingStep } from './moved';
export { nearestConcealed, type NearestConcealed } from './nearest';
export { changedSince, isPlaced } from './since';
export { overlayFault, overlayMatrix } from './overlay';
export { isSameThing, keptFrom, recordOf, recordWith } from './record';
export { closedUnrecorded, readiness, type Closing, type Readiness } from './readiness';
export { findBehind, leftForLater, type Found } from './search';
export { flatSurface, surfacesOf } from './surfaces';
