/** The doors of the core for scripts and checks from outside; see docs/interfaces.md. */
export { planCuts, type CutError } from './estimating/cuts';
export {
  houseTextOf,
  readProjectFile,
  writeProjectFile,
  type FileError,
  type ProjectFile,
} from './files';
export { drawForecast, forecastHouse } from './planning/simulation';
export type { Project } from './house';
export { contextOf, labelText, plainEntry, readLine, settle } from './log/reader';
export type { PlanError } from './planning/report';
export { logJobs } from './log/reader/log-jobs';
export { planHouse } from './planning/plan-house';
export { answerTakeoff, sayRequestError } from './estimating/calculators';
export { momentAt, plainDateSchema, toIsoMinute, type Moment } from './units';
