export { circleIn } from './circle';
export { amountOf } from './amount';
export { expandAll, expandJobs } from './expand';
export { linksOf } from './links';
export { measureOf, plannedCost } from './figures';
