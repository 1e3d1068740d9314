export { STAGES, type StageNumber } from './stages';
export { CAUTIONS } from './cautions';
export { CONDITIONS, type GateId } from './conditions';
export type { Step, Tag } from './step';
export { STEPS, findStep } from './library';
export { ALWAYS, LOOK_WORKS, WORKS, findWork, worksFor } from './works';
export { setOf, type AssemblySet } from './assemblies';
export {
  OPERATIONS,
  operationOf,
  isOuter,
  meet,
  verbOf,
  type Operation,
  type Key,
} from './operations';
export type { Job, JobMaterial } from './job';
export { LIMITED_STEPS } from './limits';
export { ableFor, skillOf } from './skill';
export { stepInId } from './job-id';
