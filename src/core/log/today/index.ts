export {
  fitEvening,
  prepare,
  type Energy,
  type Evening,
  type Fitted,
  type Preparation,
} from './fit';
export { planTonight, type Tonight } from './tonight';
