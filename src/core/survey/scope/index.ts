export { elementsOf, extrasOf, waysFor } from './ways';
export { lookWorkFor, scopeOf, wayOf, type ScopeItem } from './scope';
export { renewalSequence } from './sequence';
export { conflictsOf, type Conflict } from './conflicts';
