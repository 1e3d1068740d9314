import type { PlaceKind } from '../house';
import { cents, minutes, type Cents, type Minutes } from '../units';
import type { CautionId } from './cautions';
import type { ConditionId } from './conditions';
import type { StageNumber } from './stages';

/** What a step's effort and materials grow with. Areas in sq ft, runs in ft, else a count. */
export type Measure = 'floor' | 'ceiling' | 'walls' | 'perimeter' | 'each' | 'once';

export type StepWork =
  /** The household's own hours. Rates are starting guesses, per `per` units of `measure`. */
  | {
      kind: 'effort';
      measure: Measure;
      minutes: Minutes;
      per: number;
      setup: Minutes;
      hands: 1 | 2;
    }
  /** A hired trade, in workdays. */
  | { kind: 'span'; trade: string; workdays: number; price: Cents }
  /** An inspection, booked some days ahead. */
  | { kind: 'hold'; bookAheadDays: number };

export type MaterialUse = {
  id: string;
  what: string;
  unit: string;
  /** One unit serves this much of the step's measure. */
  per: number;
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
  stage: StageNumber;
  /** One job in each place that asks for it, one for each floor (an inspector's visit), or one for the house. */
  at: 'place' | 'floor' | 'house';
  work: StepWork;
  /** Elapsed time after the work, night and day alike, before anything may follow. */
  wait?: { hours: number; what: string };
  materials: readonly MaterialUse[];
  cautions: readonly CautionId[];
  tags: readonly Tag[];
  /** Conditions of a gate this step meets; `kinds` narrows it to places of those kinds. */
  meets: readonly { condition: ConditionId; kinds?: readonly PlaceKind[] }[];
  /** What people call it when they tell of their evening. */
  says: readonly string[];
  onlyIf?: { builtBefore?: number; occupancy?: 'lived-in' };
};

type StepExtras = Partial<
  Pick<Step, 'at' | 'wait' | 'materials' | 'cautions' | 'tags' | 'meets' | 'says' | 'onlyIf'>
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

/** `own('walls', 60, 100)`: an hour of one's own for each 100 sq ft of wall. */
export const own = (
  measure: Measure,
  perMinutes: number,
  per = 1,
  { setup = 0, hands = 1 as 1 | 2 } = {},
): StepWork => ({
  kind: 'effort',
  measure,
  minutes: minutes(perMinutes),
  per,
  setup: minutes(setup),
  hands,
});

export const trade = (name: string, workdays: number, dollars: number): StepWork => ({
  kind: 'span',
  trade: name,
  workdays,
  price: cents(dollars * 100),
});

export const inspection = (bookAheadDays: number): StepWork => ({ kind: 'hold', bookAheadDays });

export const material = (
  id: string,
  what: string,
  unit: string,
  per: number,
  dollars: number,
  { lead = 0, waste = 0 } = {},
): MaterialUse => ({
  id,
  what,
  unit,
  per,
  wastePercent: waste,
  price: cents(dollars * 100),
  leadDays: lead,
});
