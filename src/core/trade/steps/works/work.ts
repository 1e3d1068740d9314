import type { OpeningChange, PlaceKind, PlaceState } from '../../../house';

/** What people want, so that a list of works can be found one's way in. */
export const WORK_GROUPS = [
  'Walls and ceilings',
  'Floors',
  'Windows and doors',
  'Bath and laundry',
  'Kitchen',
  'Pipes, power, heat and air',
  'Structure',
  'Build on and make rooms',
  'Roof and outside',
  'Ground and garden',
  'Clear, clean and set up',
] as const;
type WorkGroup = (typeof WORK_GROUPS)[number];

/** What is known of one choice of a work, where that changes its steps. */
export type WorkRequest = { opening?: OpeningChange; count: number; kind: PlaceKind };

/** What a person says is to happen in a place. */
export type Work = {
  id: string;
  title: string;
  /** One line that says what is included. */
  brings: string;
  group: WorkGroup;
  kinds: readonly PlaceKind[];
  /** Offered only in places of these states; in every place when left out. */
  states?: readonly PlaceState[];
  /** Every step it may bring. */
  steps: readonly string[];
  /** The steps it brings in this case, where not all. */
  only?: (asked: WorkRequest) => ReadonlySet<string>;
  /** Steps that each choice of it has for itself, so that a second one in the same place is a second set of jobs. */
  stepsPerChoice?: readonly string[];
  /** WorkRequest for when more than one makes sense: "how many windows". */
  counted?: string;
  /** WorkRequest with both sizes. */
  asks?: 'opening';
  /** Other words people look for it by. */
  also?: string;
};
