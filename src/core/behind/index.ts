export { beforeClosing, isClosed, unrecordedIn, type BeforeClosing } from './cover-up';
export { heldFault, type HeldFault } from './faults';
export { movedBy, placingStep } from './moved';
export { askTheWall, sameSurface, type Answer, type Asked, type Near } from './nearest';
export { overlayFault, overlayMatrix, type Matrix, type OverlayFault } from './overlay';
export { changedSince, isSameThing, keptFrom, recordOf, recordWith, type Since } from './record';
export {
  closedUnrecorded,
  readiness,
  type ClosedUnrecorded,
  type Closing,
  type Readiness,
} from './readiness';
export { findBehind, leftForLater, type Found } from './search';
export { flatSurface, surfacesOf } from './surfaces';
