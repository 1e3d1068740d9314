import type { Decision, PlanningInput } from '../../../house';
import type { EventBodyOf } from '../../../journal';
import { withChanges } from '../../input';
import type { Cents, Minutes, PlainDate } from '../../../units';

/** One way to go: what would be said to the journal if it were chosen, and what no plan can tell of it. */
export type Option = {
  id: string;
  title: string;
  changes: readonly EventBodyOf[];
  /** Until it wants doing again; null when it makes no difference. */
  yearsGained: number | null;
  givesUp: string;
};

export type GateDays = { date: PlainDate | null; daysLater: number };

/** What an option comes to, computed by planning the house with it. `daysLater` is against the first option. */
export type Weighed = {
  id: string;
  title: string;
  /** To be ordered or hired within a month. */
  centsNow: Cents;
  /** All that is still to be spent, with what suspicions may cost on average. */
  centsToEnd: Cents;
  contingency: Cents;
  /** To the end with contingency. */
  centsTotal: Cents;
  gates: { sleep: GateDays; live: GateDays; done: GateDays };
  /** Days missed by, summed over the dates set from outside. */
  daysLate: number;
  ownMinutes: Minutes;
  permits: number;
  inspections: number;
  /** Open suspicions, and what they may cost in hours on average. */
  suspicions: number;
  riskMinutes: Minutes;
  yearsGained: number | null;
  givesUp: string;
};

/** Years until an element wants doing again, by what was decided: starting guesses. */
export const YEARS: Partial<Record<Decision, number>> = {
  clean: 3,
  repair: 8,
  replace: 30,
  move: 20,
  add: 30,
};

export const GIVES_UP: Record<Decision, string> = {
  keep: 'It stays as old as it is, and comes back as a question.',
  clean: 'It still looks its age.',
  repair: 'A later buyer sees that it was mended.',
  replace: 'The old piece, and the look of it.',
  remove: 'What it was good for.',
  move: 'Where it was.',
  add: 'The room it takes.',
  undecided: 'Nothing yet.',
};

/** The house as it would be; an option that the house cannot take leaves it as it is. */
export const withOption = (project: PlanningInput, option: Option): PlanningInput =>
  withChanges(project, option.changes);
