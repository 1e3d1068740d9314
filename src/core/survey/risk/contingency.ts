import { placesInOrder, type HouseFacts } from '../../house';
import { cents, type Cents } from '../../units';
import { openRisks } from './risk';

/** Before this year walls hide more: the upper range of the usual contingency applies. */
const OLD_BEFORE = 1_990;
/** Usual shares of what is still to be spent: 10 to 20% on old work, 3 to 5% on new. */
const SHARES = { old: { low: 10, high: 20 }, new: { low: 3, high: 5 } };

export type ContingencyAdvice = {
  old: boolean;
  /** Percent of what is to come, between the ends of the usual range. */
  percent: number;
  /** What moves it up the range: places not walked, and decisions still open, of all there are. */
  unwalked: number;
  places: number;
  undecided: number;
  decisions: number;
  base: Cents;
  suspicions: number;
  forSuspicions: Cents;
  total: Cents;
  /** How much of it what is left does not cover; null when no budget was agreed. */
  shortBy: Cents | null;
};

/**
 * What to hold back for what nobody can foresee: a share of what is still to come that grows with what is
 * unknown, and beside it chance × cost of each open suspicion.
 */
export function adviseContingency(
  project: HouseFacts,
  toCome: Cents,
  contingencyLeft: Cents | null = null,
): ContingencyAdvice {
  const places = placesInOrder(project);
  const surveys = Object.values(project.surveys);
  const walked = new Set<string>(surveys.map(({ placeId }) => placeId));
  const unwalked = places.filter(({ id }) => !walked.has(id)).length;
  const undecided = surveys.filter(({ decision }) => decision === 'undecided').length;
  const unknown = (ratio(unwalked, places.length) + ratio(undecided, surveys.length)) / 2;
  const old = project.house.yearBuilt < OLD_BEFORE;
  const { low, high } = SHARES[old ? 'old' : 'new'];
  const percent = Math.round((low + (high - low) * unknown) * 10) / 10;
  const risks = openRisks(project);
  const base = cents((toCome * percent) / 100);
  const forSuspicions = cents(risks.reduce((sum, risk) => sum + risk.expectedCents, 0));
  return {
    old,
    percent,
    unwalked,
    places: places.length,
    undecided,
    decisions: surveys.length,
    base,
    suspicions: risks.length,
    forSuspicions,
    total: cents(base + forSuspicions),
    shortBy:
      contingencyLeft === null ? null : cents(Math.max(0, base + forSuspicions - contingencyLeft)),
  };
}

/** With nothing to count, nothing is known. */
const ratio = (part: number, whole: number): number => (whole === 0 ? 1 : part / whole);
