import {
  surveyIdOf,
  type JobId,
  type PlaceId,
  type HouseFacts,
  type Risk,
  type Survey,
  type Suspicion,
} from '../../house';
import { jobIdFor } from '../../trade/steps/job-id';
import { cents, minutes, type Cents, type Minutes } from '../../units';

const hours = (count: number): Minutes => minutes(count * 60);
const dollars = (count: number): Cents => cents(count * 100);
const range = (chance: number, low: number, high: number, cheap: number, dear: number): Risk => ({
  chance,
  minutes: { low: hours(low), high: hours(high) },
  cents: {
    low: dollars(cheap) as Risk['cents']['low'],
    high: dollars(dear) as Risk['cents']['high'],
  },
});

/** Starting guesses for each kind of suspicion, made up, in hours and dollars: the owner's own figures win. */
const STARTING: Record<Suspicion, Risk> = {
  leak: range(35, 3, 16, 120, 900),
  rot: range(40, 4, 24, 150, 1_400),
  pest: range(30, 4, 20, 200, 1_200),
  mould: range(30, 3, 14, 80, 800),
  movement: range(25, 8, 60, 800, 6_000),
  wiring: range(50, 6, 30, 300, 2_500),
  asbestos: range(30, 2, 8, 900, 4_500),
  lead: range(50, 4, 16, 150, 1_200),
  'no-permit': range(30, 2, 12, 100, 900),
  'not-to-code': range(40, 3, 20, 150, 1_500),
  'off-square': range(50, 1, 5, 20, 150),
};
/** What a suspicion may come to before the owner says: made-up starting guesses. */
export const startingRisk = (suspicion: Suspicion): Risk => STARTING[suspicion];

/** The investigation that answers each kind, in the place where it is suspected. */
const LOOK_STEPS: Record<Suspicion, string> = {
  leak: 'look.open',
  rot: 'look.open',
  pest: 'look.open',
  mould: 'look.open',
  movement: 'look.frame',
  wiring: 'look.wiring',
  asbestos: 'look.sample',
  lead: 'look.sample',
  'no-permit': 'look.office',
  'not-to-code': 'look.office',
  'off-square': 'look.square',
};

export type OpenRisk = {
  surveyId: string;
  placeId: PlaceId;
  survey: Survey;
  suspicion: Suspicion;
  risk: Risk;
  /** The job that opens up and looks. */
  lookJobId: JobId;
  /** Chance × the middle of the range: what the likely forecast carries. */
  expectedMinutes: Minutes;
  expectedCents: Cents;
};

const middle = ({ low, high }: { low: number; high: number }): number => (low + high) / 2;

/** Suspicions that nobody has settled, in the order they were noted. */
export function openRisks(project: HouseFacts): OpenRisk[] {
  return Object.values(project.surveys).flatMap((survey) => {
    const surveyId = surveyIdOf(survey);
    const { suspicion, placeId } = survey;
    if (suspicion === null || project.settlements[surveyId] || !project.places[placeId]) return [];
    const risk = survey.risk ?? startingRisk(suspicion);
    return {
      surveyId,
      placeId,
      survey,
      suspicion,
      risk,
      lookJobId: jobIdFor(placeId, LOOK_STEPS[suspicion]),
      expectedMinutes: minutes((risk.chance / 100) * middle(risk.minutes)),
      expectedCents: cents((risk.chance / 100) * middle(risk.cents)),
    };
  });
}

/** How a plan counts what may come of suspicions: as it is on average, at its worst, or not at all. */
export type RiskWeight = 'expected' | 'high' | 'none';

/**
 * Minutes to add to each investigation for what it may find. Hours of a find cannot be spread over jobs nobody
 * knows yet, so they follow the looking. At its worst a suspicion of under one in five is still left out.
 */
export function allowances(project: HouseFacts, weight: RiskWeight): Map<JobId, Minutes> {
  const byJob = new Map<JobId, Minutes>();
  if (weight === 'none') return byJob;
  for (const { lookJobId, risk, expectedMinutes } of openRisks(project)) {
    const high = risk.chance >= LEAST_LIKELY ? risk.minutes.high : minutes(0);
    const more = weight === 'expected' ? expectedMinutes : high;
    byJob.set(lookJobId, minutes((byJob.get(lookJobId) ?? 0) + more));
  }
  return byJob;
}
const LEAST_LIKELY = 20;

/** What the open suspicions cost on average, in cents. */
export const expectedCost = (project: HouseFacts): Cents =>
  cents(openRisks(project).reduce((sum, risk) => sum + risk.expectedCents, 0));
