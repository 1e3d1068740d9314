/** The doors of the core for scripts and checks from outside; see docs/interfaces.md. */
import { forProject } from './house';
import { planHouse as planInput } from './planning/plan-house';

export { planCuts, type CutError } from './estimating/cuts';
export {
  houseTextOf,
  readProjectFile,
  writeProjectFile,
  type FileError,
  type ProjectFile,
} from './files';
export { drawForecast, forecastHouse } from './forecast';
export type { Project } from './house';
export { logJobs } from './log/reader/log-jobs';
export { contextOf, labelText, plainEntry, readLine, settle } from './log/reader';
export { standingOf, type PlanError } from './planning/report';
export { answerTakeoff, sayRequestError } from './estimating/calculators';
export { momentAt, plainDateSchema, toIsoMinute, type Moment } from './units';

/** The build order of a whole house; `standing` in its options is the plan that stands. */
export const planHouse = forProject(planInput);
