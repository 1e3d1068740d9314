export { comparisonsOf, hirePrice, type Comparison, type ComparisonKind } from './catalogue';
export { flipsOf, weighOptions, withOption, type Flip } from './weigh';
export { insideArea, rebuildRate, weighRebuild } from './rebuild';
export type { GateDays, Option, Weighed } from './option';
