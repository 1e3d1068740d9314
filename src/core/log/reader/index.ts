export { contextOf, type LogContext, type LogJob } from './context';
export { labelText } from './labels';
export { plainEntry } from './plain';
export { placesIn, sizeIn, withoutPlaces } from './places';
export { readLine, settle } from './read';
export type { Label, Part, Question, Reading } from './reading';
export { saidOnOf } from './said-on';
export { lessonsOf, type Lesson } from './teach';
export { effectOf, type Effect } from './effect';
