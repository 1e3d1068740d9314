export { DroppedJobs } from './DroppedJobs';
export { JobChanges } from './JobChanges';
export { tradeDayFault } from './trade-day';
