export { DroppedJobs } from './DroppedJobs';
export { JobChanges } from './JobChanges';
