export { elementsOf, extrasOf, waysFor } from './ways';
export { lookWorkFor, scopeOf, wayOf, type ScopeItem } from './scope';
export { conflictsOf, type Conflict } from './conflicts';
