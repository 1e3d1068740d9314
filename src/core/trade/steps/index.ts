export { STAGES, stageName, type StageNumber } from './stages';
export { CAUTIONS, DEFERS, type CautionId } from './cautions';
export { CONDITIONS, GATES, type Condition, type ConditionId, type GateId } from './conditions';
export type { MaterialUse, Measure, Step, StepWork, Tag } from './step';
export { STEPS, findStep } from './library';
export {
  ALWAYS,
  LOOK_WORKS,
  WORKS,
  WORK_GROUPS,
  findWork,
  needsHeader,
  searchWorks,
  stepsOf,
  usualWorks,
  worksFor,
  type Work,
  type WorkGroup,
} from './works';
export {
  ASSEMBLIES,
  assembliesIn,
  coresOf,
  setOf,
  type Assembly,
  type AssemblySet,
} from './assemblies';
export {
  OPERATIONS,
  VERBS,
  operationOf,
  isOuter,
  meet,
  verbName,
  verbOf,
  type Operation,
  type Key,
} from './operations';
export type { Job, JobMaterial, Quantity, StartingFigures } from './job';
export { LIMITED_STEPS, type JobLimits } from './limits';
export { ableFor, skillOf } from './skill';
export { VARIANT_STEPS } from './by-practice';
export { jobIdFor, partIdOf, stepInId } from './job-id';
