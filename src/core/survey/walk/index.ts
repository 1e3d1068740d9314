export { openQuestions, type Undecided } from './questions';
export { salvageOf, walkOf, type PlaceWalk } from './summary';
export { allSound, freshSurvey } from './fresh';
export { statesAgainstLog } from './against-log';
