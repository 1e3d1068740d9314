import { settleMaterial } from '../finishes';
import {
  areasOf,
  perimeter,
  placesInOrder,
  shapeOf,
  type JobId,
  type OwnJob,
  type Place,
  type HouseToPlan,
} from '../house';
import { scopeOf, type ScopeItem } from '../scope';
import { AREA_PER_SQFT, TICKS_PER_FOOT, cents, minutes, type Minutes } from '../units';
import type { Job, JobMaterial, Quantity } from './job';
import { jobIdFor } from './job-id';
import { findStep, STEPS } from './library';
import { hiredLimits, limitsOf } from './limits';
import { schooled } from './schooled';
import type { MaterialUse, Step, StepWork } from './step';
import { ALWAYS, findWork } from './works';

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

function quantityFor(step: Step, place: Place | undefined, count: number): Quantity {
  const measure = step.work.kind === 'effort' ? step.work.measure : 'once';
  if (!place || measure === 'once') return { kind: 'count', count: 1 };
  switch (measure) {
    case 'each':
      return { kind: 'count', count };
    case 'perimeter':
      return { kind: 'run', length: perimeter(place) };
    case 'walls':
      return { kind: 'area', measure, area: areasOf(shapeOf(place)).wallsNet };
    case 'floor':
    case 'ceiling':
      return { kind: 'area', measure, area: areasOf(shapeOf(place))[measure] };
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

function applies(step: Step, project: HouseToPlan): boolean {
  const { builtBefore, occupancy } = step.onlyIf ?? {};
  if (builtBefore !== undefined && project.house.yearBuilt >= builtBefore) return false;
  return occupancy === undefined || project.house.occupancy === occupancy;
}

/** How often a step is asked for in a place, and by which works. */
type Ask = { count: number; because: string[]; deferred: boolean };
type Wanted = Ask & { workId: string };

/** The works of a place: one asked for by hand and on the walk is still one, as large as the larger asks. */
function worksWantedIn(place: Place, scope: readonly ScopeItem[]): Wanted[] {
  const byWork = new Map<string, Wanted>();
  for (const { placeId, workId, count, because, deferred } of scope) {
    if (placeId !== place.id) continue;
    const wanted = byWork.get(workId);
    byWork.set(workId, {
      workId,
      count: findWork(workId)?.counted ? Math.max(count, wanted?.count ?? 0) : 1,
      because: [...(wanted?.because ?? []), because],
      deferred: deferred && (wanted?.deferred ?? true),
    });
  }
  return [...byWork.values()];
}

function askFor(asks: Map<string, Ask>, stepId: string, { count, because, deferred }: Ask): void {
  const ask = asks.get(stepId) ?? { count: 0, because: [], deferred: true };
  ask.deferred &&= deferred;
  ask.count += count;
  for (const reason of because) if (!ask.because.includes(reason)) ask.because.push(reason);
  asks.set(stepId, ask);
}

type Asks = {
  house: Map<string, Ask>;
  byFloor: Map<number, Map<string, Ask>>;
  byPlace: Map<string, Map<string, Ask>>;
};

function collectAsks(project: HouseToPlan): Asks {
  const house = new Map<string, Ask>();
  const byFloor: Asks['byFloor'] = new Map();
  const byPlace: Asks['byPlace'] = new Map();
  const scope = scopeOf(project);
  for (const stepId of ALWAYS) {
    askFor(house, stepId, { count: 1, because: ['Every house needs it'], deferred: false });
  }
  for (const place of placesInOrder(project)) {
    const here = new Map<string, Ask>();
    const floor = byFloor.get(place.floor) ?? new Map<string, Ask>();
    byPlace.set(place.id, here);
    byFloor.set(place.floor, floor);
    const asksAt = { house, floor, place: here };
    for (const wanted of worksWantedIn(place, scope)) {
      for (const stepId of findWork(wanted.workId)?.steps ?? []) {
        const step = findStep(stepId);
        if (step) askFor(asksAt[step.at], stepId, wanted);
      }
    }
  }
  return { house, byFloor, byPlace };
}

function jobOf(step: Step, where: Place | number | undefined, ask: Ask, project: HouseToPlan): Job {
  const place = typeof where === 'object' ? where : undefined;
  const floor = typeof where === 'number' ? where : (place?.floor ?? null);
  const id = jobIdFor(place?.id ?? (floor === null ? HOUSE : `floor${floor}`), step.id);
  const quantity = quantityFor(step, place, ask.count);
  const kind = place?.kind;
  return {
    id,
    stepId: step.id,
    placeId: place?.id ?? null,
    floor,
    title: step.title,
    stage: step.stage,
    work: step.work,
    quantity,
    estimate: estimateEffort(step.work, quantity),
    wait: step.wait,
    limits: limitsOf(step.id, step.stage, place?.kind),
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

const ownJobOf = (own: OwnJob, project: HouseToPlan): Job => ({
  id: own.id,
  stepId: null,
  placeId: own.placeId,
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
  const { house, byFloor, byPlace } = collectAsks(project);
  const places = placesInOrder(project);
  const steps = STEPS.filter((step) => applies(step, project)).map((step) =>
    schooled(step, project),
  );
  const fromLibrary = steps.flatMap((step) => {
    if (step.at === 'house') {
      const ask = house.get(step.id);
      return ask ? [jobOf(step, undefined, ask, project)] : [];
    }
    if (step.at === 'floor') {
      return [...byFloor].flatMap(([floor, asks]) => {
        const ask = asks.get(step.id);
        return ask ? [jobOf(step, floor, ask, project)] : [];
      });
    }
    return places.flatMap((place) => {
      const ask = byPlace.get(place.id)?.get(step.id);
      return ask ? [jobOf(step, place, ask, project)] : [];
    });
  });
  const ownJobs = Object.values(project.ownJobs)
    .filter((own) => own.placeId === null || project.places[own.placeId])
    .map((own) => ownJobOf(own, project));
  return [...fromLibrary, ...ownJobs]
    .map((job) => givenToTrade(job, project))
    .map((job) => withOwnLines(job, project))
    .sort((a, b) => a.stage - b.stage);
}
