import type { JobId, PersonId, PlaceId } from '../../house';
import type { Area, Cents, Minutes, Ticks } from '../../units';
import type { Batch } from './batch';
import type { CautionId } from './cautions';
import type { ConditionId } from './conditions';
import type { JobLimits } from './limits';
import type { StageNumber } from './stages';
import type { MaterialUse, Step, StepWork } from './step';

/** How much there is of what a job's effort grows with. */
export type Quantity =
  | { kind: 'area'; measure: 'floor' | 'ceiling' | 'walls'; area: Area }
  | { kind: 'run'; length: Ticks }
  | { kind: 'count'; count: number };

/** What must happen before a material can be ordered. */
export type Pending = 'measure' | 'choose';

export type JobMaterial = {
  /** `job + material`: what an order refers to. */
  lineId: string;
  use: MaterialUse;
  /** Whole units as sold, waste added. */
  units: number;
  price: Cents;
  /** How the units came about. */
  working: string;
  shop: string | null;
  /** What must happen before it can be ordered. */
  pending: Pending | null;
  /** Written down because it is missing. */
  byHand?: true;
  /** Of paint: its part of the cans that are bought for all coats of its colour. */
  batch?: Batch;
};

/** What a job had before the owner gave figures of their own; null for what its kind of work has not. */
export type StartingFigures = {
  minutes: Minutes;
  quantity: Quantity;
  waitHours: number;
  hands: 1 | 2 | null;
  workdays: number | null;
  cents: Cents;
};

/** A step in a place: what is planned, logged and ticked off. */
export type Job = {
  id: JobId;
  stepId: string | null;
  placeId: PlaceId | null;
  /** The places a visit, a permit or the like is for; empty when it is for the whole house. */
  serves: readonly PlaceId[];
  /** The second of its kind in one place is 2. */
  nth: number;
  /** The floor it is on; null for what belongs to the house as a whole. */
  floor: number | null;
  title: string;
  stage: StageNumber;
  work: StepWork;
  quantity: Quantity;
  /** Person-minutes in all for own work; 0 for trades and inspections. */
  estimate: Minutes;
  wait?: Step['wait'];
  limits: JobLimits;
  materials: readonly JobMaterial[];
  cautions: readonly CautionId[];
  meets: readonly ConditionId[];
  tags: Step['tags'];
  says: readonly string[];
  /** Titles of the works that asked for it, or the reason an own job gave. */
  because: readonly string[];
  /** Every work that asks for it is put off until somebody lives there. */
  afterMoveIn: boolean;
  /** Jobs an own job must come before, and those before it. */
  ownBefore: readonly JobId[];
  ownAfter: readonly JobId[];
  /** What it costs beside its materials. */
  lump: Cents;
  /** Which part of a split job it is. */
  part?: 'first' | 'rest';
  /** The one who does it, where somebody is named. */
  by?: PersonId;
  note?: string;
  /** Only of a job with figures of the owner's. */
  starting?: StartingFigures;
};
