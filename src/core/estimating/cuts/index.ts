export { planCuts } from './plan-cuts';
export { bestFirstFit } from './first-fit';
export {
  costOf,
  groundOf,
  type CutBoard,
  type CutError,
  type CutPlan,
  type CutProblem,
} from './problem';
