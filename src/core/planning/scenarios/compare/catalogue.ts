import {
  deferralKey,
  type PlaceId,
  placesInOrder,
  surveyIdOf,
  type Decision,
  type PlanningInput,
  type Survey,
} from '../../../house';
import type { EventBodyOf } from '../../../journal';
import type { Plan, PlannedJob } from '../../report';
import { isToOrder } from '../../../estimating/purchasing/order-line';
import { openRisks } from '../../../survey/risk';
import { scopeOf, waysFor } from '../../../survey/scope';
import { findWork } from '../../../trade/steps/works';
import { addCents, cents, minutes, type Cents, type Minutes } from '../../../units';
import { GIVES_UP, YEARS, type Option } from './option';

export type ComparisonKind = 'element' | 'hire' | 'path' | 'defer' | 'rebuild';

/** A question with its options, ready to be weighed. */
export type Comparison = {
  id: string;
  kind: ComparisonKind;
  question: string;
  options: readonly Option[];
  /** A suspicion that hangs on one of the options: what flips it. */
  gamble: { optionId: string; chance: number; cents: number } | null;
  /** What the price of hiring is made of. */
  hire?: HireBasis;
};

const HIRE_HOUR_CENTS = 6_500;
const HIRED_HOURS_A_DAY = 8;
/** A trade is faster than a first-timer: it takes this share of the estimate. */
const TRADE_PACE = 0.6;
/** Jobs shorter than this nobody hires out. */
const WORTH_HIRING_MINUTES = 6 * 60;
const MOST_HIRES = 8;

const CONSIDERED: readonly Decision[] = ['repair', 'replace'];

/** Brace or replace, cover or strip, keep or replace: each decision an element could take, as it stands first. */
function elementComparison(project: PlanningInput, survey: Survey): Comparison | undefined {
  const place = project.places[survey.placeId];
  if (!place) return undefined;
  const first: Decision[] = survey.decision === 'undecided' ? [] : [survey.decision];
  const thought: readonly Decision[] = survey.options.length > 0 ? survey.options : CONSIDERED;
  const decisions = [...new Set<Decision>([...first, 'keep', ...thought])].filter(
    (decision) => decision === 'keep' || waysFor(survey.element, decision, place.kind).length > 0,
  );
  if (decisions.length < 2) return undefined;
  const options = decisions.map((decision): Option => ({
    id: decision,
    title: `${decision} the ${survey.element}`,
    changes: [
      {
        type: 'elementSurveyed',
        payload: {
          ...survey,
          decision,
          how: decision === survey.decision ? survey.how : null,
          options: [],
        },
      },
    ],
    yearsGained: YEARS[decision] ?? null,
    givesUp: GIVES_UP[decision],
  }));
  const risk = openRisks(project).find(({ surveyId }) => surveyId === surveyIdOf(survey));
  return {
    id: `element:${surveyIdOf(survey)}`,
    kind: 'element',
    question: `What becomes of the ${survey.element}, ${place.name}`,
    options,
    gamble: risk
      ? {
          optionId: 'keep',
          chance: risk.risk.chance,
          cents: (risk.risk.cents.low + risk.risk.cents.high) / 2,
        }
      : null,
  };
}

/** What a trade would take for a job: its hours at a trade's pace and a starting rate, and the materials. */
export type HireBasis = {
  minutes: Minutes;
  centsAnHour: number;
  materials: Cents;
  workdays: number;
  cents: Cents;
};

/** What a hired trade would take and ask for a job, a starting guess. */
export function hireBasis(job: PlannedJob, plan: Plan): HireBasis {
  const hours = (job.left / 60) * TRADE_PACE;
  const materials = addCents(
    plan.orders
      .filter(({ jobId, state }) => jobId === job.id && isToOrder({ state }))
      .map(({ price }) => price),
  );
  return {
    minutes: minutes(hours * 60),
    centsAnHour: HIRE_HOUR_CENTS,
    materials,
    workdays: Math.max(1, Math.ceil(hours / HIRED_HOURS_A_DAY)),
    cents: cents(hours * HIRE_HOUR_CENTS + materials),
  };
}

function hireComparison(project: PlanningInput, plan: Plan, job: PlannedJob): Comparison {
  const basis = hireBasis(job, plan);
  const where = job.placeId === null ? '' : `, ${project.places[job.placeId]?.name ?? ''}`;
  return {
    id: `hire:${job.id}`,
    kind: 'hire',
    question: `${job.title}${where}: do it or hire it`,
    options: [
      {
        id: 'own',
        title: 'do it yourself',
        changes: project.hired[job.id]
          ? [{ type: 'jobTakenBack', payload: { jobId: job.id } }]
          : [],
        yearsGained: null,
        givesUp: 'The evenings it takes.',
      },
      {
        id: 'hire',
        title: 'hire it',
        changes: [
          {
            type: 'jobHired',
            payload: {
              jobId: job.id,
              trade: 'hired trade',
              workdays: basis.workdays,
              cents: cents(basis.cents),
            },
          },
        ],
        yearsGained: null,
        givesUp: 'The say in every detail, and a day’s notice.',
      },
    ],
    gamble: null,
    hire: basis,
  };
}

const PATH: Comparison = {
  id: 'path',
  kind: 'path',
  question: 'Trade by trade through the house, or room by room',
  options: [
    {
      id: 'trades',
      title: 'trade by trade',
      changes: [{ type: 'pathChosen', payload: { path: 'trades' } }],
      yearsGained: null,
      givesUp: 'A room of your own until late.',
    },
    {
      id: 'rooms',
      title: 'room by room',
      changes: [{ type: 'pathChosen', payload: { path: 'rooms' } }],
      yearsGained: null,
      givesUp: 'Fewer set-ups: tools come out again in every room.',
    },
  ],
  gamble: null,
};

function deferComparison(project: PlanningInput, placeId: PlaceId, workId: string): Comparison {
  const title = findWork(workId)?.title ?? workId;
  const defer = (deferred: boolean): EventBodyOf[] => [
    { type: 'workDeferred', payload: { placeId, workId, deferred } },
  ];
  return {
    id: `defer:${deferralKey(placeId, workId)}`,
    kind: 'defer',
    question: `${title}, ${project.places[placeId]?.name ?? ''}: before or after moving in`,
    options: [
      {
        id: 'before',
        title: 'before moving in',
        changes: defer(false),
        yearsGained: null,
        givesUp: 'The weeks it takes until you can live there.',
      },
      {
        id: 'after',
        title: 'after moving in',
        changes: defer(true),
        yearsGained: null,
        givesUp: 'Peace: dust and tools where you live by then.',
      },
    ],
    gamble: null,
  };
}

const REBUILD: Comparison = {
  id: 'rebuild',
  kind: 'rebuild',
  question: 'Renovate on, or tear down and build new',
  options: [
    {
      id: 'renovate',
      title: 'Renovate on',
      changes: [],
      yearsGained: 30,
      givesUp: 'A plan that fits you from the start.',
    },
  ],
  gamble: null,
};

/** Works of which nothing was begun: what could still be put off. */
function deferable(project: PlanningInput, plan: Plan): Comparison[] {
  const begun = new Set(
    plan.jobs
      .filter(({ logged, doneOn, stage }) => (logged > 0 || doneOn !== null) && stage > 3)
      .map(({ id }) => id as string),
  );
  const seen = new Set<string>();
  return scopeOf(project).flatMap(({ placeId, workId, origin }) => {
    const key = deferralKey(placeId, workId);
    const steps = findWork(workId)?.steps ?? [];
    const touched = steps.some((step) => begun.has(`${placeId}/${step}`));
    if (origin.kind === 'suspicion' || touched || seen.has(key)) return [];
    seen.add(key);
    return [deferComparison(project, placeId, workId)];
  });
}

/** Every comparison that this house offers today. */
export function comparisonsOf(project: PlanningInput, plan: Plan): Comparison[] {
  const order = new Map(placesInOrder(project).map(({ id }, at) => [id as string, at]));
  const surveys = Object.values(project.surveys)
    .filter(({ decision, condition }) => decision === 'undecided' || condition !== 'sound')
    .toSorted(
      (a, b) =>
        Number(b.decision === 'undecided') - Number(a.decision === 'undecided') ||
        (order.get(a.placeId) ?? 0) - (order.get(b.placeId) ?? 0),
    );
  const hires = plan.jobs
    .filter(
      ({ id, work, left, doneOn, state }) =>
        doneOn === null &&
        state !== 'in-hand' &&
        ((work.kind === 'labour' && left >= WORTH_HIRING_MINUTES) || project.hired[id]),
    )
    .toSorted((a, b) => b.left - a.left)
    .slice(0, MOST_HIRES);
  return [
    PATH,
    REBUILD,
    ...surveys.flatMap((survey) => elementComparison(project, survey) ?? []),
    ...hires.map((job) => hireComparison(project, plan, job)),
    ...deferable(project, plan),
  ];
}
