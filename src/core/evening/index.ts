export { contextOf, type LogContext, type LogJob } from './context';
export { kindName, labelText } from './labels';
export { plainEntry, type PlainEntry } from './plain';
export { placesIn, sizeIn, withoutPlaces } from './places';
export { readLine, settle } from './read';
export type { Choice, Label, LogFault, Part, Question, Reading, Slot } from './reading';
export { saidOnOf } from './said-on';
export { lessonsOf, type Lesson } from './teach';
export { effectOf, type Effect } from './effect';
