import { settleMaterial } from '../finishes';
import {
  hasNothingToTakeOut,
  isOutside,
  placesInOrder,
  stateOf,
  type HouseToPlan,
  type JobId,
  type OpeningChange,
  type OwnJob,
  type Place,
  type PlaceId,
  type PlaceKind,
} from '../house';
import { scopeOf, type ScopeItem } from '../scope';
import { AREA_PER_SQFT, TICKS_PER_FOOT, cents, minutes, type Minutes } from '../units';
import type { Job, JobMaterial, Quantity } from './job';
import { jobIdFor } from './job-id';
import { doingOf, verbOf } from './doing';
import { goneBy } from './gone-past';
import { findStep } from './library';
import { hiredLimits, limitsOf } from './limits';
import { quantityOf, workIn } from './measures';
import { schooled } from './schooled';
import type { MaterialUse, Step, StepWork } from './step';
import { turnsOf } from './turns';
import { ALWAYS, findWork, stepsOf, type Work } from './works';

const HOUSE = 'house';
const FIVE_MINUTES = 5;

/** The quantity in the units a rate is given in: sq ft, ft or pieces. */
export function amountOf(quantity: Quantity): number {
  switch (quantity.kind) {
    case 'area':
      return quantity.area / AREA_PER_SQFT;
    case 'run':
      return quantity.length / TICKS_PER_FOOT;
    case 'count':
      return quantity.count;
  }
}

/** Setting-up plus rate × quantity, rounded up to five minutes; nought for work that is not one's own. */
export function estimateEffort(work: StepWork, quantity: Quantity): Minutes {
  if (work.kind !== 'effort') return minutes(0);
  const exact = work.setup + (amountOf(quantity) * work.minutes) / work.per;
  return minutes(Math.ceil(exact / FIVE_MINUTES - 1e-9) * FIVE_MINUTES);
}

/** By the step's own rate: quantity plus waste, over what one unit serves, rounded up to whole units. */
function byRate(use: MaterialUse, quantity: Quantity): { units: number; working: string } {
  if (use.byJob) return { units: 1, working: `one ${use.unit} for the job; a starting guess` };
  const amount = amountOf(quantity);
  const exact = (amount * (1 + use.wastePercent / 100)) / use.per;
  const units = Math.max(1, Math.ceil(exact - 1e-9));
  const measured = `${Math.round(amount * 10) / 10}${{ area: ' sq ft', run: ' ft', count: '' }[quantity.kind]}`;
  const waste = use.wastePercent > 0 ? ` + ${use.wastePercent}%` : '';
  return { units, working: `${measured}${waste} / ${use.per} a ${use.unit}, up; a starting guess` };
}

/** Materials of a job: from the finish chosen for the place where there is one, else by the step's rate. */
function materialsFor(
  step: Step,
  jobId: JobId,
  quantity: Quantity,
  place: Place | undefined,
  project: HouseToPlan,
): JobMaterial[] {
  return step.materials.map((use) => {
    const lineId = `${jobId}+${use.id}`;
    const count = quantity.kind === 'count' ? quantity.count : 1;
    const { finished, pending } = settleMaterial(
      project,
      place,
      `${step.id}+${use.id}`,
      use,
      count,
    );
    if (!finished) {
      const { units, working } = byRate(use, quantity);
      return { lineId, use, units, price: cents(units * use.price), working, shop: null, pending };
    }
    const { what, unit, leadDays, units, price, working, shop } = finished;
    const bought = { ...use, what, unit, leadDays };
    return { lineId, use: bought, units, price, working, shop, pending };
  });
}

/** Lines written by hand for this job. */
const ownLinesOf = (jobId: JobId, project: HouseToPlan): JobMaterial[] =>
  Object.values(project.ownLines)
    .filter((line) => line.jobId === jobId)
    .map(({ id, what, unit, units, price, leadDays }) => ({
      lineId: `${jobId}+own-${id}`,
      use: { id: `own-${id}`, what, unit, per: 1, wastePercent: 0, price: cents(price), leadDays },
      units,
      price: cents(price * units),
      working: 'written down by hand',
      byHand: true,
      shop: null,
      pending: null,
    }));

/** Kinds of place a household has one of, or has to do without. */
const ONLY_ONES: ReadonlySet<PlaceKind> = new Set(['bathroom', 'kitchen']);

function isOnlyOne(place: Place | undefined, project: HouseToPlan): boolean {
  if (!place || !ONLY_ONES.has(place.kind)) return false;
  const alike = placesInOrder(project).filter(
    (other) => other.kind === place.kind && stateOf(project, other) === 'finished',
  );
  return alike.length === 1 && alike[0]?.id === place.id;
}

function applies(step: Step, project: HouseToPlan, place: Place | undefined): boolean {
  const { builtBefore, occupancy, onlyOne } = step.onlyIf ?? {};
  if (builtBefore !== undefined && project.house.yearBuilt >= builtBefore) return false;
  if (occupancy !== undefined && project.house.occupancy !== occupancy) return false;
  return !onlyOne || isOnlyOne(place, project);
}

const OPENS = 2;
const ROUND_DEMOLITION: ReadonlySet<string> = new Set([
  'survey.test',
  'safe.dust-wall',
  'site.bin',
  'pieces.here',
]);

/** Where nothing stands there is nothing to test, to wall off or to take out. */
const isForOld = (stepId: string): boolean =>
  ROUND_DEMOLITION.has(stepId) || verbOf(doingOf(stepId)?.key ?? 0) === OPENS;

/** How often a step is asked for, by which works, and for which places. */
type Ask = {
  count: number;
  because: string[];
  deferred: boolean;
  serves: PlaceId[];
};
type Wanted = Omit<Ask, 'serves'> & { work: Work; nth: number; opening?: OpeningChange };

/** The works of a place: one asked for by hand and on the walk is still one, as large as the larger asks. */
function worksWantedIn(place: Place, scope: readonly ScopeItem[]): Wanted[] {
  const byWork = new Map<string, Wanted>();
  for (const { placeId, workId, count, because, deferred, nth, opening } of scope) {
    const work = findWork(workId);
    if (placeId !== place.id || !work) continue;
    const key = work.bundle ? `${workId}#${nth}` : workId;
    const wanted = byWork.get(key);
    byWork.set(key, {
      work,
      nth: work.bundle ? nth : 1,
      opening: opening ?? wanted?.opening,
      count: work.counted ? Math.max(count, wanted?.count ?? 0) : 1,
      because: [...(wanted?.because ?? []), because],
      deferred: deferred && (wanted?.deferred ?? true),
    });
  }
  return [...byWork.values()];
}

/** Asks by job id: one job however many works ask for it. */
type Asks = Map<string, Ask & { step: Step; where: Place | number | null; nth: number }>;

/** Visits of a floor, and the removal firm: each phase of the work has its own. */
const isPhased = (step: Step): boolean => step.at === 'floor' || step.id === 'safe.abate';

/** What was booked, seen or logged for a whole floor stays one visit for the whole floor. */
function isOnRecord(project: HouseToPlan, id: string): boolean {
  return (
    project.inspections.some(({ jobId }) => jobId === id) ||
    id in project.bookings ||
    id in project.ticked ||
    ('logged' in project
      ? id in project.logged
      : Object.values(project.days).some(({ entries }) =>
          entries.some((entry) => 'jobId' in entry && entry.jobId === id),
        ))
  );
}

/**
 * Jobs whose phase is the room: with room by room each room that asks is visited when it is ready, and so are baths
 * that are renewed in turn; what is framed outside keeps no room inside waiting.
 */
function splitByPhase(asks: Asks, project: HouseToPlan): Asks {
  const turns = turnsOf(project);
  const split: Asks = new Map();
  for (const [id, ask] of asks) {
    const places = ask.serves.flatMap((placeId) => project.places[placeId] ?? []);
    if (!isPhased(ask.step) || places.length < 2 || isOnRecord(project, id)) {
      split.set(id, ask);
      continue;
    }
    const isAll = project.path === 'rooms' || places.some((place) => turns.has(place.id));
    const isInside = places.some(({ kind }) => !isOutside(kind));
    const apart = places.filter(({ kind }) => isAll || (isInside && isOutside(kind)));
    const together = places.filter((place) => !apart.includes(place)).map((place) => place.id);
    if (together.length > 0) split.set(id, { ...ask, serves: together });
    for (const place of apart) {
      split.set(jobIdFor(place.id, ask.step.id), { ...ask, where: place, serves: [] });
    }
  }
  return split;
}

function whereOf(step: Step, place: Place): Place | number | null {
  return step.at === 'place' ? place : step.at === 'floor' ? place.floor : null;
}

const idOf = (step: Step, where: Place | number | null, nth: number): JobId =>
  jobIdFor(
    where === null ? HOUSE : typeof where === 'number' ? `floor${where}` : where.id,
    nth > 1 ? `${step.id}#${nth}` : step.id,
  );

function collectAsks(project: HouseToPlan): Asks {
  const asks: Asks = new Map();
  const ask = (
    step: Step,
    place: Place | null,
    wanted: Omit<Ask, 'serves'>,
    nth: number,
    isCounted = false,
  ): void => {
    const where = place === null ? null : whereOf(step, place);
    // What is put off until after the move has its own visit; the first has passed by then.
    const phase = isPhased(step) && wanted.deferred ? 2 : nth;
    const id = idOf(step, where, phase);
    const known = asks.get(id);
    asks.set(id, {
      step,
      where,
      nth: phase,
      // Two windows and a door are three to case; the cable of a room is pulled once, whoever asks for it.
      count: isCounted
        ? (known?.count ?? 0) + wanted.count
        : Math.max(known?.count ?? 0, wanted.count),
      deferred: wanted.deferred && (known?.deferred ?? true),
      because: [...new Set([...(known?.because ?? []), ...wanted.because])],
      serves:
        place === null || step.at === 'place'
          ? []
          : [...new Set([...(known?.serves ?? []), place.id])],
    });
  };
  for (const stepId of ALWAYS) {
    const step = findStep(stepId);
    const always = { count: 1, because: ['Every house needs it'], deferred: false };
    if (step && applies(step, project, undefined)) ask(step, null, always, 1);
  }
  const scope = scopeOf(project);
  const isPast = goneBy(project);
  for (const place of placesInOrder(project)) {
    const isNew = hasNothingToTakeOut(stateOf(project, place));
    for (const wanted of worksWantedIn(place, scope)) {
      const asked = { opening: wanted.opening, count: wanted.count, kind: place.kind };
      for (const stepId of stepsOf(wanted.work, asked)) {
        const step = findStep(stepId);
        if (!step || !applies(step, project, place) || (isNew && isForOld(stepId))) continue;
        if (isPast(wanted.work.id, place.id, stepId)) continue;
        ask(
          step,
          place,
          wanted,
          wanted.work.bundle?.includes(stepId) ? wanted.nth : 1,
          wanted.work.counted !== undefined,
        );
      }
    }
  }
  return splitByPhase(asks, project);
}

const NUMBERS = ['', '', 'second', 'third', 'fourth'];
const whichOne = (nth: number): string =>
  nth < 2 ? '' : `, the ${NUMBERS[nth] ?? `${nth}th`} of its kind`;

function titleOf(
  { title, many, fresh, work }: Step,
  quantity: Quantity,
  nth: number,
  isNew: boolean,
): string {
  const amount = quantity.kind === 'count' && work.kind === 'effort' ? quantity.count : 1;
  const [one, several] = isNew && fresh ? fresh : [title, many];
  return `${several && amount > 1 ? several.replace('{n}', String(amount)) : one}${whichOne(nth)}`;
}

type Known = { project: HouseToPlan; besideOf: (place: Place) => ReadonlySet<string> };

function jobOf(id: JobId, ask: Asks extends Map<string, infer V> ? V : never, known: Known): Job {
  const { project, besideOf } = known;
  const { where, nth } = ask;
  const step = schooled(ask.step, project);
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
    materials: materialsFor(step, id, quantity, place, project),
    cautions: step.cautions,
    meets: step.meets
      .filter(({ kinds }) => !kinds || (kind !== undefined && kinds.includes(kind)))
      .map(({ condition }) => condition),
    tags: step.tags,
    says: step.says,
    because: ask.because,
    afterMoveIn: ask.deferred,
    ownBefore: [],
  };
}
const NO_STEPS: ReadonlySet<string> = new Set();

const ownJobOf = (own: OwnJob, project: HouseToPlan): Job => ({
  id: own.id,
  stepId: null,
  placeId: own.placeId,
  serves: [],
  nth: 1,
  floor: own.placeId === null ? null : (project.places[own.placeId]?.floor ?? null),
  title: own.title,
  stage: own.stage,
  work: {
    kind: 'effort',
    measure: 'once',
    minutes: own.minutes,
    per: 1,
    setup: minutes(0),
    hands: own.hands,
  },
  quantity: { kind: 'count', count: 1 },
  estimate: own.minutes,
  limits: limitsOf(
    null,
    own.stage,
    own.placeId === null ? undefined : project.places[own.placeId]?.kind,
  ),
  materials: [],
  cautions: [],
  meets: [],
  tags: [],
  says: [],
  because: [own.because],
  afterMoveIn: false,
  ownBefore: own.before,
});

/** A job that was hired out takes the trade's days and price, materials included, and none of one's own hours. */
function givenToTrade(job: Job, project: HouseToPlan): Job {
  const hire = project.hired[job.id];
  if (!hire || job.work.kind !== 'effort') return job;
  const { trade, workdays, cents: price } = hire;
  return {
    ...job,
    work: { kind: 'span', trade, workdays, price },
    estimate: minutes(0),
    limits: hiredLimits(job.limits),
    materials: [],
  };
}

function withOwnLines(job: Job, project: HouseToPlan): Job {
  const own = ownLinesOf(job.id, project);
  return own.length > 0 ? { ...job, materials: [...job.materials, ...own] } : job;
}

/**
 * Every job of the house: the steps of the chosen works in their places, one job per place and step
 * however many works ask for it, what every house needs, and jobs of one's own. Ordered by stage,
 * then walking order. Ids depend on place and step alone, so logs keep pointing at their job.
 */
export function expandJobs(project: HouseToPlan): Job[] {
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
  const known: Known = { project, besideOf: ({ id }) => beside.get(id) ?? NO_STEPS };
  const fromLibrary = [...asks].map(([id, ask]) => jobOf(id as JobId, ask, known));
  const ownJobs = Object.values(project.ownJobs)
    .filter((own) => own.placeId === null || project.places[own.placeId])
    .map((own) => ownJobOf(own, project));
  const order = placeRank(project);
  return [...fromLibrary, ...ownJobs]
    .map((job) => givenToTrade(job, project))
    .map((job) => withOwnLines(job, project))
    .sort(
      (a, b) =>
        a.stage - b.stage ||
        (doingOf(a.stepId ?? '')?.key ?? 0) - (doingOf(b.stepId ?? '')?.key ?? 0) ||
        order(a) - order(b),
    );
}

/** The house's own jobs first, then the floors', then the places in walking order. */
function placeRank(project: HouseToPlan): (job: Job) => number {
  const ranks = new Map(project.placeOrder.map((id, at) => [id, at + 1]));
  return ({ placeId }) => (placeId === null ? 0 : (ranks.get(placeId) ?? 0));
}
