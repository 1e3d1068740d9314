export { contextOf, type LogContext, type LogJob } from './context';
export { logJobs } from './jobs';
export { readLine, settle, type Choice, type LogFault, type Question, type Reading } from './read';
