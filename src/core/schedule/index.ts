export { AS_ESTIMATED, WITHOUT_RISKS, type Caution } from './caution';
export { planHouse } from './plan';
export { layGround, openTasks, waitMinutes } from './problem';
export {
  solveSchedule,
  type Placement,
  type ScheduleProblem,
  type Task,
  type TaskLink,
  type TaskWork,
} from './solve';
