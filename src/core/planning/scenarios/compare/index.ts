export { comparisonsOf, type Comparison, type ComparisonKind, type HireBasis } from './catalogue';
export { flipsOf, type Flip } from './flips';
export { rebuildBasis, weighRebuild, type RebuildBasis } from './rebuild';
export { withOption, type GateDays, type Option, type Weighed } from './option';
export { forwardOptions, waysForward } from './forward';
