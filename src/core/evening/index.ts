export { contextOf, type LogContext, type LogJob } from './context';
export { readLine, settle } from './read';
export type { Choice, Label, LogFault, Part, Question, Reading, Slot } from './reading';
