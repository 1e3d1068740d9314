export { contextOf, placesIn, withoutPlaces, type LogContext, type LogJob } from './context';
export { readLine, settle, type Choice, type LogFault, type Question, type Reading } from './read';
export { parseComingDay, parseDay } from './day';
