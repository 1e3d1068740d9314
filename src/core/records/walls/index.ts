export {
  beforeClosing,
  hasWallsToRecord,
  isClosed,
  unrecordedIn,
  type BeforeClosing,
} from './cover-up';
export { heldFault, type HeldFault } from './faults';
export { movedBy, placingStep } from './moved';
export { nearestConcealed, type NearestConcealed, type WallSpot, type Near } from './nearest';
export { changedSince, isPlaced, sameSurface, type Since } from './since';
export { overlayFault, overlayMatrix, type Matrix, type OverlayFault } from './overlay';
export { isSameThing, keptFrom, recordOf, recordWith } from './record';
export {
  closedUnrecorded,
  readiness,
  type ClosedUnrecorded,
  type Closing,
  type Readiness,
} from './readiness';
export { findBehind, leftForLater, type Found } from './search';
export { flatSurface, surfacesOf } from './surfaces';
