export { elementsOf, extrasOf, waysFor } from './ways';
export { scopeOf, type ScopeItem } from './scope';
export { renewalSequence } from './sequence';
export { conflictsOf } from './conflicts';
