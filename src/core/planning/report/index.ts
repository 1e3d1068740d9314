export { openCents, type CostLine, type Cover } from '../../estimating/job-costs/cost-line';
export { forecastSchema, type Doubt, type Forecast } from './forecast';
export { GATES_COUNTED, addedBy, isAfterwards, jobsOfGate, leftToKeys, soonerIn } from './gates';
export {
  gateIdSchema,
  gateSummarySchema,
  jobStateSchema,
  planSchema,
  plannedJobSchema,
  standingOf,
  standingSchema,
  type GateSummary,
  type HeldBy,
  type JobState,
  type PhaseState,
  type Plan,
  type PlanError,
  type PlannedJob,
  type Standing,
} from './plan';
export { stageBoards, type StageBoard } from './stages';
export { stagesOf, weeksOf, type Week } from './groups';
export { roomChanges, roomFreeDays } from './rooms';
export { daysWithout, WITHOUT, type DaysWithout, type WithoutId } from './without';
export { secondPairWanted } from './second-pair';
