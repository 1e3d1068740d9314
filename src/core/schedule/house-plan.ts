import type { HouseToPlan } from '../house';
import { closureBefore } from '../order';
import type { Plan, PlanError } from '../plan';
import { ok, type Result } from '../result';
import { toTheEnd } from '../in-steps';
import type { Moment } from '../units';
import { AS_ESTIMATED, type Caution } from './caution';
import { openHouse, type OpenHouse } from './open';
import { planFrom } from './plan';
import { coveredBy } from './covered';
import { layGround, type Ground } from './problem';
import { improveOrder, isBetter, type Candidate } from './search';

export type PlanOptions = {
  caution?: Caution;
  /** Schedules tried, the first included; 1 takes the first as it is. Left out: as many as the size of the house allows. */
  schedules?: number;
  seed?: number;
};

/** Together with the time of one schedule this keeps a house of hundreds of jobs within a second or two. */
const JOBS_TRIED = 8_000;
const SCHEDULES = { fewest: 20, most: 60 };

/** More tries for a small house, fewer for a large one. */
export const schedulesFor = (tasks: number): number =>
  Math.round(Math.min(SCHEDULES.most, Math.max(SCHEDULES.fewest, JOBS_TRIED / Math.max(1, tasks))));

type Start = { ground: Ground; open: OpenHouse; first: Candidate };

function startOn(ground: Ground): Start {
  const open = openHouse(ground);
  const order = open.scheduler.rankedOrder();
  const schedule = open.scheduler.run(order);
  return { ground, open, first: { order, schedule, score: open.aims.score(schedule) } };
}

/** Dates from outside would be missed: what they cover goes first, if that brings them nearer. */
function pressed(start: Start, plan: Plan): Start {
  const late = new Set(plan.demands.filter(({ daysLate }) => daysLate > 0).map(({ id }) => id));
  if (late.size === 0) return start;
  const { ground } = start;
  const covered = Object.values(ground.project.demands)
    .filter(({ id }) => late.has(id))
    .flatMap((demand) => coveredBy(ground, demand));
  const urgent = closureBefore(ground.graph, [...ground.urgent, ...covered]);
  const other = startOn({ ...ground, urgent });
  return isBetter(other.first.score, start.first.score) ? other : start;
}

const firstPlan = ({ ground, open, first }: Start) => planFrom(ground, open, first.schedule);

/**
 * The build order with dates, in steps: jobs of the chosen works, their links with reasons, placed on the household's
 * hours from `now` on. Yields the first feasible plan at once, then `null` after each further schedule tried, so that
 * whoever asked may stop; returns the best found. Same input and seed, same answer. Fails on a loop of own jobs or
 * rules, and when nobody has an hour for work that is left.
 */
export function* planInSteps(
  project: HouseToPlan,
  now: Moment,
  { caution = AS_ESTIMATED, schedules, seed = 1 }: PlanOptions = {},
): Generator<Plan | null, Result<Plan, PlanError>, void> {
  const ground = layGround(project, now, caution);
  if (!ground.ok) return ground;
  const ranked = startOn(ground.value);
  const plain = firstPlan(ranked);
  if (!plain.ok) return plain;
  const start = pressed(ranked, plain.value);
  const first = start === ranked ? plain : firstPlan(start);
  if (!first.ok) return first;
  yield first.value;
  const { scheduler, aims, tasks } = start.open;
  const most = schedules ?? schedulesFor(tasks.length);
  let best = start.first;
  if (tasks.length > 1) {
    const search = improveOrder(scheduler, aims, start.first, seed);
    for (let tried = 1; tried < most; tried += 1) {
      const next = search.next();
      if (next.done) break;
      best = next.value;
      yield null;
    }
  }
  return best === start.first ? ok(first.value) : planFrom(start.ground, start.open, best.schedule);
}

/** One schedule in the order of another plan of the same house: what differs, differs by the caution alone. */
export function planInOrder(
  project: HouseToPlan,
  now: Moment,
  like: Plan,
  { caution = AS_ESTIMATED }: Pick<PlanOptions, 'caution'> = {},
): Result<Plan, PlanError> {
  const ground = layGround(project, now, caution);
  if (!ground.ok) return ground;
  const open = openHouse(ground.value);
  const starts = new Map<string, number>(
    like.jobs.map((job) => [job.id, job.stretches[0]?.from ?? job.start]),
  );
  const order = open.tasks.map(({ id }) => starts.get(id) ?? 0);
  return planFrom(ground.value, open, open.scheduler.run(order));
}

/** {@link planInSteps} run to its end. */
export function planHouse(
  project: HouseToPlan,
  now: Moment,
  options: PlanOptions = {},
): Result<Plan, PlanError> {
  return toTheEnd(planInSteps(project, now, options));
}
