export { logJobs } from './log-jobs';
export { effortLeft, toldLeft, progressOf, readProgress, type Progress } from './progress';
