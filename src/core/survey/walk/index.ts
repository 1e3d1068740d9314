export { openQuestions, type Undecided } from './questions';
export { salvageOf, walkOf, walkThrough, type PlaceWalk, type Salvage } from './summary';
export type { Dropped, ScopeDay } from '../../estimating/scope-history/past-schema';
export {
  allSound,
  freshSurvey,
  readWalk,
  type WalkChoice,
  type WalkQuestion,
  type WalkReading,
} from '../../log/walk/read';
export { statesAgainstLog, type Contradiction } from './against-log';
