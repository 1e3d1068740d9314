export { openQuestions, type Undecided } from './questions';
export { salvageOf, walkOf, walkThrough, type PlaceWalk, type Salvage } from './summary';
export { allSound, freshSurvey } from './fresh';
export { statesAgainstLog, type Contradiction } from './against-log';
