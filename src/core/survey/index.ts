export { openQuestions, type Undecided } from './questions';
export { salvageOf, walkOf, walkThrough, type PlaceWalk, type Salvage } from './summary';
export { droppedWork, type Dropped } from './dropped';
export {
  allSound,
  freshSurvey,
  readWalk,
  type WalkChoice,
  type WalkQuestion,
  type WalkReading,
} from './read';
export { scopeHistory, type ScopeDay } from './history';
