export {
  conflictsOf,
  takenBackBy,
  wantsSettling,
  type MergeConflict,
  type Settling,
} from './conflicts';
export { differenceOf, isSameHouse, unite } from './unite';
