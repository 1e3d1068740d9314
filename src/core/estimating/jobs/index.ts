export { circleIn } from './circle';
export { amountOf, estimateEffort } from './amount';
export { expandAll, expandJobs } from './expand';
export { linksOf } from './links';
export { measureOf, plannedCost, withMeasure } from './figures';
