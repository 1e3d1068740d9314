import type { Cents, Minutes, Moment, PlainDate } from '../units';
import type { PlaceId } from './place';
import type { Project } from './project';

/** What the diary says of one job, added up over all its lines. */
export type Logged = {
  /** Percent done as last told; null when only hours are known. */
  share: number | null;
  /** Person-minutes logged. */
  logged: Minutes;
  /** Of these, the minutes of each person, and those of lines after the one that told the share. */
  by: Readonly<Record<string, Minutes>>;
  sinceShare: Minutes;
  /** Days with a line about it, first and last. */
  firstOn: PlainDate | null;
  lastOn: PlainDate | null;
  doneOn: PlainDate | null;
  /** Told to dry or set: until when, and what. */
  waits?: { until: Moment; what: string } | null;
};

/** A purchase as the plan sees it. */
export type PaidFor = {
  id: string;
  on: PlainDate;
  what: string;
  shop: string | null;
  kind: string;
  cents: Cents;
  placeIds: readonly (PlaceId | null)[];
  isAgreed: boolean;
  isDeposit: boolean;
  covers: readonly string[] | null;
  isWhole: boolean | null;
};

/** What no plan depends on, and what grows with the age of a house. */
export const NOT_PLANNED = {
  days: {},
  photos: {},
  wallRecords: {},
  decisions: {},
  formerNames: {},
  leftovers: {},
  quotes: {},
  receipts: {},
  matches: {},
  ownKinds: {},
  ownHourCents: null,
  rebuild: null,
  ways: null,
  taught: {},
  favoursSettled: {},
  nextsDone: {},
} satisfies Partial<Project>;

/**
 * Everything of a house that its plan depends on, and nothing else: of the diary only what it says of each job. It
 * grows with the house, not with its age, and is what planning is handed across threads.
 */
export type PlanningInput = Omit<Project, keyof typeof NOT_PLANNED> & {
  logged: Readonly<Record<string, Logged>>;
  /** Minutes of each person by day, of the last months of the diary; an empty row where only other things were told. */
  worked: Readonly<Record<string, Readonly<Record<string, Minutes>>>>;
  /** What was paid and agreed, as far as it may be for something of the plan. */
  purchases: Readonly<Record<string, PaidFor>>;
};

/** A house that can be planned: whole, or as the planner gets it. */
export type HouseToPlan = Project | PlanningInput;
