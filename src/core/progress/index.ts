export { logJobs } from './log-jobs';
export { effortLeft, progressOf, readProgress, type Progress } from './progress';
