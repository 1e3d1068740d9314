export { logJobs } from './log-jobs';
export { effortLeft, loggedIn, progressOf, readProgress, type Progress } from './progress';
