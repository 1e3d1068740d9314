export { AS_ESTIMATED, type Caution } from './caution';
export { jobsOfGate, planHouse } from './plan';
export {
  gateSummarySchema,
  jobStateSchema,
  planSchema,
  plannedJobSchema,
  type GateSummary,
  type HeldBy,
  type JobState,
  type OrderLine,
  type Plan,
  type PlanError,
  type PlannedJob,
} from './plan-types';
export {
  solveSchedule,
  type Placement,
  type ScheduleProblem,
  type Task,
  type TaskLink,
  type TaskWork,
} from './solve';
