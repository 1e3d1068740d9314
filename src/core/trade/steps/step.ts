import type { PlaceKind } from '../../house';
import { cents, minutes, type Cents, type Minutes } from '../../units';
import type { CautionId } from './cautions';
import type { ConditionId } from './conditions';
import type { StageNumber } from './stages';

/**
 * What a step's effort and materials grow with. Areas in sq ft, runs in ft, else a count (`measures.ts` says how each
 * is taken from a place).
 */
export type Measure =
  | 'floor'
  | 'ceiling'
  /** A room's walls less its openings; of an outside face its one surface. */
  | 'walls'
  /** Walls to the outside: taken as half of a room's walls until they are known. */
  | 'outer-walls'
  /** An outside face with its openings. */
  | 'face'
  /** What is boarded and painted in this plan: walls, ceiling or both. */
  | 'surfaces'
  /** The tiled wall round a bath or shower. */
  | 'surround'
  /** A roof as it is covered: plan by pitch. */
  | 'roof'
  | 'perimeter'
  | 'each'
  | 'once'
  /** Debris in lots of 100 lb, by what is torn out. */
  | 'debris'
  /** Outlets and switches, by the run of the walls. */
  | 'devices'
  | 'lights'
  /** Every second joist, as a starting guess of the tired ones. */
  | 'joists'
  /** Patches, by the size of what is patched. */
  | 'patches'
  /** In and outside each bedroom, and on each storey. */
  | 'alarms'
  /** People who will sleep there, or floors without a bedroom: what must warn them from the first day. */
  | 'battery-alarms';

/** How the room changes the work of one amount: by its kind, or because its walls stay shut. */
export type Factors = Partial<Record<PlaceKind | 'shut' | 'plaster', number>>;

export type StepWork =
  /** The household's own hours. Rates are starting guesses, per `per` units of `measure`. */
  | {
      kind: 'labour';
      measure: Measure;
      minutes: Minutes;
      per: number;
      setup: Minutes;
      hands: 1 | 2;
      factors?: Factors;
    }
  /** A hired trade, in workdays. */
  | { kind: 'subcontract'; trade: string; workdays: number; price: Cents }
  /** An inspection, booked some days ahead. */
  | { kind: 'inspection'; bookAheadDays: number };

/** How much one unit as sold serves, in the units of the house. */
type Coverage = { unit: string; per: number };

export type MaterialUse = {
  id: string;
  what: string;
  unit: string;
  /** One unit serves this much of the step's measure (sq ft, ft or pieces). */
  per: number;
  /** The same as it is sold in metric shops: sq m, m or pieces. */
  metric?: Coverage;
  /** Bought by the job, however large it is. */
  byJob?: true;
  /** Added before rounding up to whole units, in percent. */
  wastePercent: number;
  /** A starting guess, made up; a label or receipt wins. */
  price: Cents;
  leadDays: number;
};

/** Families of steps that rules speak of. */
export type Tag =
  | 'looks'
  | 'opens-up'
  | 'structure'
  | 'shell'
  | 'rough'
  | 'insulates'
  | 'board'
  | 'paint'
  | 'finished-floor'
  | 'trim'
  | 'trim-out'
  | 'outside-finish'
  | 'for-living';

export type Step = {
  id: string;
  title: string;
  /** The title where there was none before, and of several there. */
  fresh?: readonly [one: string, many: string];
  /** The title of several: `{n}` stands for how many. */
  many?: string;
  stage: StageNumber;
  /** One job in each place that asks for it, one for each floor or phase (an inspector's visit), or one for the house. */
  at: 'place' | 'floor' | 'house';
  work: StepWork;
  /** Elapsed time after the work, night and day alike, before anything may follow. */
  wait?: {
    hours: number;
    what: string;
    /** Somebody answers, or something settles: no damp and no cold makes it longer. */
    isAnswer?: true;
  };
  materials: readonly MaterialUse[];
  cautions: readonly CautionId[];
  tags: readonly Tag[];
  /** Conditions of a gate this step meets; `kinds` narrows it to places of those kinds. */
  meets: readonly { condition: ConditionId; kinds?: readonly PlaceKind[] }[];
  /** What people call it when they tell of their evening. */
  says: readonly string[];
  onlyIf?: { builtBefore?: number; occupancy?: 'lived-in' | 'empty'; onlyOne?: true };
};

type StepExtras = Partial<
  Pick<
    Step,
    | 'many'
    | 'fresh'
    | 'at'
    | 'wait'
    | 'materials'
    | 'cautions'
    | 'tags'
    | 'meets'
    | 'says'
    | 'onlyIf'
  >
>;

/** Builds a step; everything left out is empty. */
export const step = (
  stage: StageNumber,
  id: string,
  title: string,
  work: StepWork,
  extras: StepExtras = {},
): Step => ({
  id,
  title,
  stage,
  work,
  at: 'place',
  materials: [],
  cautions: [],
  tags: [],
  meets: [],
  says: [],
  ...extras,
});

type EffortExtras = { setup?: number; hands?: 1 | 2; factors?: Factors };

/** `own('walls', 60, 100)`: an hour of one's own for each 100 sq ft of wall. */
export const own = (
  measure: Measure,
  perMinutes: number,
  per = 1,
  { setup = 0, hands = 1, factors }: EffortExtras = {},
): StepWork => ({
  kind: 'labour',
  measure,
  minutes: minutes(perMinutes),
  per,
  setup: minutes(setup),
  hands,
  ...(factors ? { factors } : {}),
});

/** Work of a hired trade: its days and its price in dollars, a starting guess. */
export const trade = (name: string, workdays: number, dollars: number): StepWork => ({
  kind: 'subcontract',
  trade: name,
  workdays,
  price: cents(dollars * 100),
});

/** A visit that has to be booked so many days ahead. */
export const inspection = (bookAheadDays: number): StepWork => ({
  kind: 'inspection',
  bookAheadDays,
});

type MaterialExtras = { lead?: number; waste?: number; metric?: readonly [string, number] };

/**
 * A material of a step: what it is sold in, how much one unit serves, waste in percent, price in cents, days of lead.
 */
export const material = (
  id: string,
  what: string,
  unit: string,
  per: number,
  dollars: number,
  { lead = 0, waste = 0, metric }: MaterialExtras = {},
): MaterialUse => ({
  id,
  what,
  unit,
  per,
  ...(metric ? { metric: { unit: metric[0], per: metric[1] } } : {}),
  wastePercent: waste,
  price: cents(dollars * 100),
  leadDays: lead,
});

/** Bought once for a job, however large the room. */
export const byJob = (
  id: string,
  what: string,
  unit: string,
  dollars: number,
  { lead = 0 }: Pick<MaterialExtras, 'lead'> = {},
): MaterialUse => ({ ...material(id, what, unit, 1, dollars, { lead }), byJob: true });
