export { comparisonsOf, hirePrice, type Comparison, type ComparisonKind } from './catalogue';
export { flipsOf, type Flip } from './flips';
export { insideArea, rebuildRate, weighRebuild } from './rebuild';
export { withOption, type GateDays, type Option, type Weighed } from './option';
