export { planCuts } from './plan-cuts';
export { bestFirstFit, firstFit } from './first-fit';
export {
  costOf,
  cutErrorSchema,
  cutFault,
  cutPlanSchema,
  cutProblemSchema,
  groundOf,
  type CutBoard,
  type CutError,
  type CutPlan,
  type CutProblem,
  type Piece,
  type Stock,
} from './problem';
