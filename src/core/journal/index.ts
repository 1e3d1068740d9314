export {
  applyEvent,
  eventBodySchema,
  type EventBodyOf,
  type EventType,
  type JournalEvent,
  type Stamp,
} from './events';
export {
  compareEvents,
  effectiveEvents,
  parseEvent,
  reduceJournal,
  type EventFault,
} from './reduce';
