export { beforeClosing, unrecordedIn, type BeforeClosing } from './cover-up';
export { heldFault, type HeldFault } from './faults';
export { askTheWall, sameSurface, type Answer, type Asked, type Near } from './nearest';
export { changedSince, isSameThing, keptFrom, recordOf, recordWith, type Since } from './record';
export { findBehind, leftForLater, type Found } from './search';
export { flatSurface, surfacesOf } from './surfaces';
