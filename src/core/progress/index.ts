export { logJobs } from '../log/reader/log-jobs';
export { effortLeft, toldLeft, progressOf, readProgress, type Progress } from '../house/progress';
