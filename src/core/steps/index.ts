export { STAGES, stageName, type StageNumber } from './stages';
export { CAUTIONS, DEFERS, type CautionId } from './cautions';
export { CONDITIONS, GATES, type Condition, type ConditionId, type GateId } from './conditions';
export type { MaterialUse, Measure, Step, StepWork, Tag } from './step';
export { STEPS, findStep } from './library';
export { ALWAYS, LOOK_WORKS, WORKS, findWork, worksFor, type Work } from './works';
export type { Job, JobMaterial, Quantity } from './job';
export { amountOf, estimateEffort, expandJobs } from './expand';
export { jobIdFor } from './job-id';
