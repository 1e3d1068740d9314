export {
  cornersOf,
  extentOf,
  floorArea,
  isOutside,
  perimeter,
  placeIdSchema,
  placeKindSchema,
  placeSchema,
  rectangle,
  sizeFault,
  wallArea,
  type Place,
  type PlaceId,
  type PlaceKind,
  type SizeError,
  type WallRun,
} from './place';
export {
  minutesOn,
  personIdSchema,
  personSchema,
  workWindow,
  type Person,
  type PersonId,
} from './people';
export {
  dayLogSchema,
  entrySchema,
  jobIdSchema,
  logIdSchema,
  spendKindSchema,
  type DayLog,
  type Entry,
  type EntryOf,
  type JobId,
  type LogId,
  type MoneyShare,
  type SpendKind,
} from './entries';
export {
  ownJobSchema,
  workChoiceIdSchema,
  workChoiceSchema,
  type OwnJob,
  type WorkChoice,
  type WorkChoiceId,
} from './works';
export {
  orderSchema,
  type Inspection,
  type Leftover,
  type OpenQuestion,
  type Order,
  type Quote,
  type WallRecord,
} from './records';
export {
  budgetSchema,
  daysInOrder,
  houseSchema,
  placesInOrder,
  projectSchema,
  type Budget,
  type House,
  type Project,
} from './project';
export {
  applyEvent,
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
} from './journal';
