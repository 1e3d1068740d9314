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
export { ownRuleSchema, pairKey, type OwnRule } from './moves';
export {
  finishKey,
  openingSlot,
  productSchema,
  slotOf,
  slotSchema,
  type OwnLine,
  type Product,
  type Slot,
} from './finishes';
export {
  ceilingSchema,
  FLAT,
  openingSchema,
  reachesFloor,
  type Ceiling,
  type Opening,
} from './openings';
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
  type RoomAreas,
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
  answerSchema,
  dayLogSchema,
  entrySchema,
  jobIdSchema,
  logIdSchema,
  spendKindSchema,
  type Answer,
  type DayLog,
  type Entry,
  type EntryOf,
  type JobId,
  type LogId,
  type MoneyShare,
  type SpendKind,
} from './entries';
export {
  jobDropSchema,
  jobFiguresSchema,
  jobSplitSchema,
  ownJobSchema,
  type JobDrop,
  type JobFigures,
  type JobSplit,
  type OwnJob,
} from './own-jobs';
export { workChoiceIdSchema, workChoiceSchema, type WorkChoice, type WorkChoiceId } from './works';
export {
  PRACTICE_OPTIONS,
  deferralKey,
  isAtRest,
  outsideRestSchema,
  practiceChoiceSchema,
  type DecisionRecord,
  type Hire,
  type OutsideRest,
  type Path,
  type PracticeId,
  type PracticeOption,
} from './choices';
export { bookedElsewhere, hireOf, type Hired } from './hires';
export { hardDatesOf, isInPhase, phaseSchema, type HardDate, type Phase } from './phases';
export { openPunch, punchItemSchema, waiverSchema, type PunchItem, type Waiver } from './punch';
export { rebuildSchema, type Rebuild } from './rebuild';
export { elementSchema, suspicionSchema, type Element, type Suspicion } from './elements';
export {
  conditionSchema,
  decisionSchema,
  demandSchema,
  riskSchema,
  surveyIdOf,
  surveySchema,
  type Decision,
  type Demand,
  type ElementCondition,
  type Photo,
  type Risk,
  type Settlement,
  type Survey,
} from './survey';
export {
  orderSchema,
  type Inspection,
  type Leftover,
  type OpenQuestion,
  type Order,
  type Quote,
} from './records';
export {
  heldSchema,
  isSpokenOf,
  surfaceRefSchema,
  surfaceTitle,
  type Held,
  type SurfaceRef,
  type WallRecord,
} from './behind';
export {
  acceptedSchema,
  budgetSchema,
  changeCauseSchema,
  changeOrderSchema,
  kindKeys,
  kindTitle,
  offeredKinds,
  ownKindSchema,
  purchaseMatchSchema,
  receiptSchema,
  type Accepted,
  type Budget,
  type ChangeCause,
  type ChangeOrder,
  type OwnKind,
  type PurchaseMatch,
  type Receipt,
} from './money';
export {
  meaningSchema,
  type Meaning,
  daysInOrder,
  houseSchema,
  placeNameOf,
  placesInOrder,
  projectSchema,
  type House,
  type Project,
} from './project';
export {
  usualConventions,
  conventionsOf,
  type DateOrder,
  type NumberStyle,
  type Conventions,
} from './ways';
export {
  bookingsOf,
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
export { NOTHING_LOGGED, loggedIn, touchedOn, type Logged } from './logged';
export { effortLeft, progressOf, readProgress, toldLeft, type Progress } from './progress';
export { purchasesOf, receiptLines, receiptTotal, type PaidFor, type Purchase } from './purchases';
export {
  RELATIONS,
  relatedSchema,
  relatedTo,
  relationKey,
  relationsOf,
  relationsToAsk,
  type Related,
  type Relation,
  type RelationKind,
} from './relations';
export {
  PLACE_STATES,
  hasNothingToTakeOut,
  placeStateSchema,
  stateOf,
  type PlaceState,
  type PlaceToday,
} from './state';
export { extentsOf, type Extents } from './surface';
export {
  OPENING_CHANGES,
  openingChangeSchema,
  openingSizeSchema,
  type OpeningChange,
  type OpeningSize,
} from './works';
