export {
  cornersOf,
  extentOf,
  floorArea,
  isHeated,
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
export { pairKey } from './moves';
export {
  finishKey,
  openingSlot,
  productSchema,
  slotOf,
  slotSchema,
  type Product,
  type Slot,
} from './finishes';
export { FLAT, type Ceiling, type Opening } from './openings';
export {
  areasOf,
  baseRuns,
  ceilingArea,
  ceilingRise,
  openingArea,
  shapeOf,
  volumeOf,
  wallAreas,
  heightAt,
  highestOver,
  wallOutline,
  type RoomShape,
} from './room';
export { SKILLS, skillSchema, type Skill } from './skills';
export {
  handsOf,
  longestDayOf,
  minutesOn,
  personIdSchema,
  personSchema,
  workWindow,
  type DatedHours,
  type Person,
  type PersonId,
} from './people';
export {
  dayLogSchema,
  jobIdSchema,
  logIdSchema,
  spendKindSchema,
  type Answer,
  type DayLog,
  type Entry,
  type EntryOf,
  type JobId,
  type LogId,
  type SpendKind,
} from './entries';
export { ownJobSchema, type JobFigures, type JobSplit, type OwnJob } from './own-jobs';
export { workChoiceIdSchema, workChoiceSchema, type WorkChoice, type WorkChoiceId } from './works';
export {
  PRACTICE_OPTIONS,
  deferralKey,
  isAtRest,
  outsideRestSchema,
  practiceChoiceSchema,
  type OutsideRest,
  type Path,
  type PracticeId,
  type PracticeOption,
} from './choices';
export { bookedElsewhere, hireOf } from './hires';
export { hardDatesOf, isInPhase, phaseSchema, type HardDate, type Phase } from './phases';
export { openPunch, type PunchItem } from './punch';
export { type Rebuild } from './rebuild';
export { elementSchema, suspicionSchema, type Element, type Suspicion } from './elements';
export {
  conditionSchema,
  decisionSchema,
  demandSchema,
  riskSchema,
  surveyIdOf,
  type Decision,
  type Demand,
  type ElementCondition,
  type Photo,
  type Risk,
  type Survey,
} from './survey';
export {
  type Inspection,
  type Leftover,
  type OpenQuestion,
  type Order,
  type Quote,
} from './records';
export {
  heldSchema,
  isSpokenOf,
  surfaceTitle,
  type Held,
  type SurfaceRef,
  type WallRecord,
} from './behind';
export {
  kindKeys,
  kindTitle,
  offeredKinds,
  type Budget,
  type ChangeCause,
  type ChangeOrder,
  type Receipt,
} from './money';
export {
  type Meaning,
  daysInOrder,
  houseSchema,
  placeNameOf,
  placesInOrder,
  projectSchema,
  type House,
  type Project,
} from './project';
export { conventionsOf, type DateOrder, type NumberStyle, type Conventions } from './ways';
export {
  favoursOpen,
  inspectionsOf,
  leftoversOf,
  nextsOpen,
  ordersOf,
  quotesOf,
  shortDeliveriesOf,
  toldOf,
} from './told';
export {
  NOT_PLANNED,
  forProject,
  planningInputOf,
  type HouseFacts,
  type PlanningInput,
} from './planning-input';
export { NOTHING_LOGGED, loggedIn } from './logged';
export { effortLeft, progressOf, readProgress, toldLeft, type Progress } from './progress';
export { purchasesOf, receiptLines, receiptTotal, type PaidFor, type Purchase } from './purchases';
export { RELATIONS, relatedTo, relationsOf, relationsToAsk, type RelationKind } from './relations';
export { PLACE_STATES, hasNothingToTakeOut, stateOf, type PlaceState } from './state';
export { extentsOf } from './surface';
export {
  OPENING_CHANGES,
  openingChangeSchema,
  openingSizeSchema,
  type OpeningChange,
  type OpeningSize,
} from './works';
