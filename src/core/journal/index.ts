export {
  applyEvent,
  applyEvents,
  eventBodySchema,
  eventVersions,
  refersToHouse,
  type EventBodyOf,
  type EventType,
  type JournalEvent,
  type Stamp,
} from './events';
export { actIn, eventIdIn } from './acts';
export { compareEvents, effectiveEvents, inJournalOrder, reduceJournal } from './reduce';
export { eventRow, parseEvent } from './read';
export { JOURNAL_VERSION, REDUCER_VERSION } from './versions';
export { checkKept, type KeepingFault } from './keeping';
export { wordsIn } from './words-in';
