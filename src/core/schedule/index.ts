export type { Learned } from './learned';
export { AS_ESTIMATED, WITHOUT_RISKS, type Caution } from './caution';
export { Daylight } from './daylight';
export { planHouse, planInOrder, planInSteps, type PlanOptions } from './house-plan';
export { layGround, openTasks, waitMinutes, type Ground } from './problem';
export { Household } from './site';
export { Scheduler, solveSchedule, type ScheduleProblem } from './solve';
export type { Placement, Task, TaskLink, TaskWork } from './task';
