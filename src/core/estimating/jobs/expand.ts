import {
  hireOf,
  stateOf,
  type PlanningInput,
  type JobId,
  type OwnJob,
  type Place,
} from '../../house';
import { cents, minutes } from '../../units';
import { estimateEffort } from './amount';
import { collectAsks, type StepRequest } from './asks';
import { materialsFor, ownLinesOf } from './bought';
import { operationOf } from '../../trade/steps/operations';
import { withFigures } from './figures';
import type { Job, Quantity } from '../../trade/steps/job';
import { jobIdFor } from '../../trade/steps/job-id';
import { hiredLimits, limitsOf } from '../../trade/steps/limits';
import { splitJob } from './parts';
import { quantityOf, workIn } from './measures';
import { batched } from './batched';
import { byPractice } from '../../trade/steps/by-practice';
import type { Step } from '../../trade/steps/step';

const NUMBERS = ['', '', 'second', 'third', 'fourth'];
const whichOne = (nth: number): string =>
  nth < 2 ? '' : `, the ${NUMBERS[nth] ?? `${nth}th`} of its kind`;

function titleOf(
  { title, many, fresh, work }: Step,
  quantity: Quantity,
  nth: number,
  isNew: boolean,
): string {
  const amount = quantity.kind === 'count' && work.kind === 'labour' ? quantity.count : 1;
  const [one, several] = isNew && fresh ? fresh : [title, many];
  return `${several && amount > 1 ? several.replace('{n}', String(amount)) : one}${whichOne(nth)}`;
}

type Known = {
  project: PlanningInput;
  besideOf: (place: Place) => ReadonlySet<string>;
  isBare: boolean;
};

function jobOf(id: JobId, ask: StepRequest, known: Known): Job {
  const { project, besideOf, isBare } = known;
  const { where, nth } = ask;
  const step = byPractice(ask.step, project);
  const place = where !== null && typeof where === 'object' ? where : undefined;
  const measured = {
    place,
    count: ask.count,
    house: project,
    beside: place ? besideOf(place) : NO_STEPS,
  };
  const quantity = quantityOf(step, measured);
  const work = workIn(step, measured);
  const kind = place?.kind;
  return {
    id,
    stepId: step.id,
    placeId: place?.id ?? null,
    serves: ask.serves,
    nth,
    floor: typeof where === 'number' ? where : (place?.floor ?? null),
    title: titleOf(
      step,
      quantity,
      nth,
      place !== undefined && stateOf(project, place) !== 'finished',
    ),
    stage: step.stage,
    work,
    quantity,
    estimate: estimateEffort(work, quantity),
    wait: step.wait,
    limits: limitsOf(step.id, step.stage, kind),
    materials: isBare ? [] : materialsFor(step, id, quantity, place, project),
    cautions: step.cautions,
    meets: step.meets
      .filter(({ kinds }) => !kinds || (kind !== undefined && kinds.includes(kind)))
      .map(({ condition }) => condition),
    tags: step.tags,
    says: step.says,
    because: ask.because,
    afterMoveIn: ask.deferred,
    ownBefore: [],
    ownAfter: [],
    lump: cents(0),
  };
}
const NO_STEPS: ReadonlySet<string> = new Set();

const ownJobOf = (own: OwnJob, project: PlanningInput): Job => ({
  id: own.id,
  stepId: null,
  placeId: own.placeId,
  serves: [],
  nth: 1,
  floor: own.placeId === null ? null : (project.places[own.placeId]?.floor ?? null),
  title: own.title,
  stage: own.stage,
  work: own.visit
    ? { kind: 'inspection', bookAheadDays: own.visit.bookAheadDays }
    : {
        kind: 'labour',
        measure: 'once',
        minutes: own.minutes,
        per: 1,
        setup: minutes(0),
        hands: own.hands,
      },
  quantity: { kind: 'count', count: 1 },
  estimate: own.visit ? minutes(0) : own.minutes,
  ...(own.waitHours ? { wait: { hours: own.waitHours, what: 'sets' } } : {}),
  limits: {
    ...limitsOf(
      null,
      own.stage,
      own.placeId === null ? undefined : project.places[own.placeId]?.kind,
    ),
    ...(own.inOneGo ? { inOneGo: 'whole' } : {}),
    ...(own.shuts ? { shuts: own.shuts === 'wet' ? 'wait' : 'work' } : {}),
    ...(own.outdoors ? { outdoors: true } : {}),
  },
  materials: [],
  cautions: [],
  meets: [],
  tags: [],
  says: [],
  because: [own.because],
  afterMoveIn: false,
  ownBefore: own.before,
  ownAfter: own.after ?? [],
  lump: own.cents ?? cents(0),
});

/**
 * A job that was hired out takes the trade's days and price, materials included, and none of one's own hours; what was
 * ordered for it before comes all the same and wants paying. What only a trade does anyway takes the one that was agreed.
 */
function givenToTrade(job: Job, project: PlanningInput): Job {
  const hire = hireOf(project, job.id);
  if (!hire || job.work.kind === 'inspection') return job;
  const { trade, workdays, cents: price } = hire;
  const work = { kind: 'subcontract', trade, workdays, price } as const;
  if (job.work.kind === 'subcontract') return { ...job, work };
  return {
    ...job,
    work,
    lump: cents(0),
    estimate: minutes(0),
    limits: hiredLimits(job.limits),
    materials: job.materials.filter(({ lineId }) => isOrdered(project, lineId)),
  };
}

const isOrdered = ({ orders }: PlanningInput, lineId: string): boolean =>
  Object.values(orders).some(
    (order) =>
      order.lineId === lineId || order.shares?.some((share) => share.lineId === lineId) === true,
  );

function withOwnLines(job: Job, project: PlanningInput): Job {
  const own = ownLinesOf(job.id, project);
  return own.length > 0 ? { ...job, materials: [...job.materials, ...own] } : job;
}

/** The job, or its parts: what was split may be split again. */
function inParts(job: Job, project: PlanningInput): Job[] {
  const split = project.splits[job.id];
  if (!split || job.work.kind !== 'labour') return [job];
  const [first, rest] = splitJob(job, split);
  const after: Job = split.inOrder ? { ...rest, ownAfter: [...rest.ownAfter, job.id] } : rest;
  return [first, ...inParts(withFigures(after, project.jobFigures[after.id]), project)];
}

/**
 * Every job of the house: the steps of the chosen works in their places, one job per place and step
 * however many works ask for it, what every house needs, and jobs of one's own. Ordered by stage,
 * then walking order. Ids depend on place and step alone, so logs keep pointing at their job. The owner's figures,
 * parts and hired trades are in it; so is what was dropped, for what stood before and after it. `isBare` leaves out what
 * they take of materials, which is most of the work.
 */
export function expandAll(project: PlanningInput, { isBare = false } = {}): Job[] {
  const asks = collectAsks(project);
  const beside = new Map<string, Set<string>>();
  for (const { where, step } of asks.values()) {
    if (where === null || typeof where === 'number') continue;
    beside.set(where.id, (beside.get(where.id) ?? new Set()).add(step.id));
  }
  // Where the whole wall is stripped, the part of it round the bath is too.
  for (const [placeId, steps] of beside) {
    if (steps.has('demo.walls')) asks.delete(jobIdFor(placeId, 'demo.surround'));
  }
  const known: Known = { project, besideOf: ({ id }) => beside.get(id) ?? NO_STEPS, isBare };
  const fromLibrary = [...asks].map(([id, ask]) => jobOf(id as JobId, ask, known));
  const ownJobs = Object.values(project.ownJobs)
    .filter((own) => own.placeId === null || project.places[own.placeId])
    .map((own) => ownJobOf(own, project));
  const order = placeRank(project);
  const inOrder = [...fromLibrary, ...ownJobs]
    .map((job) => withFigures(job, project.jobFigures[job.id]))
    .flatMap((job) => inParts(job, project))
    .map((job) => givenToTrade(job, project))
    .map((job) => withOwnLines(job, project))
    .sort(
      (a, b) =>
        a.stage - b.stage ||
        (operationOf(a.stepId ?? '')?.key ?? 0) - (operationOf(b.stepId ?? '')?.key ?? 0) ||
        order(a) - order(b),
    );
  return batched(inOrder, project);
}

/** Every job that is to be done: {@link expandAll} without what the owner dropped. */
export const expandJobs = (project: PlanningInput, how: { isBare?: boolean } = {}): Job[] =>
  expandAll(project, how).filter(({ id }) => !Object.hasOwn(project.droppedJobs, id));

/** The house's own jobs first, then the floors', then the places in walking order. */
function placeRank(project: PlanningInput): (job: Job) => number {
  const ranks = new Map(project.placeOrder.map((id, at) => [id, at + 1]));
  return ({ placeId }) => (placeId === null ? 0 : (ranks.get(placeId) ?? 0));
}
