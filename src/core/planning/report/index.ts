export { openCents, type CostLine } from '../../estimating/job-costs/cost-line';
export { forecastSchema, type Doubt, type Forecast } from './forecast';
export { GATES_COUNTED, addedBy, isAfterwards, jobsOfGate, leftToKeys, soonerIn } from './gates';
export {
  gateIdSchema,
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
export { stagesOf, weeksOf } from './groups';
export { roomChanges, roomFreeDays } from './rooms';
export { daysWithout, type DaysWithout } from './without';
export { secondPairWanted } from './second-pair';
