import { hardDatesOf, longestDayOf, type PlanningInput } from '../house';
import { expandAll } from '../estimating/jobs';
import { closureBefore } from '../trade/precedence';
import { unlogged } from './input';
import { standingOf, type Plan, type PlanError, type Standing } from './report';
import type { Result } from '../result';
import { quietly, toTheEnd, type InSteps } from '../in-steps';
import { momentAt, type Moment } from '../units';
import { AS_ESTIMATED, type Caution } from './model/caution';
import { openHouse, type OpenHouse } from './model/open';
import { planFrom } from './report/plan-from';
import { coveredBy } from './model/covered';
import { buildScheduleModel, type ScheduleModel } from './model/schedule-model';
import { improveOrder, isBetter, type Candidate } from './search/search';
import type { Schedule } from './generation/solve';
import { basisOf, isNowhereLater, isSameWay, orderLike, incumbentStill } from './search/incumbent';

export type PlanOptions = {
  caution?: Caution;
  /** Schedules tried, the first included; 1 takes the first as it is. Left out: as many as the size of the house allows. */
  schedules?: number;
  seed?: number;
  /** The plan people go by: it stays as it is where it can, and only a better one takes its place. */
  standing?: Standing | null;
  /** Looks for a better one than what stands, though nothing may ask for it: both sides of a comparison do. */
  isWeighed?: boolean;
  /** Nobody waits for the answer. */
  isIdle?: boolean;
  /** Only where another plan begins: found from its own ranks alone. */
  isBaseline?: boolean;
  /** Left out or true: at the paces the log has taught. */
  learns?: boolean;
};

/** How long is looked for a better order: jobs placed in all, and the schedules that makes at least and at most. */
type SearchBudget = { jobs: number; fewest: number; most: number };

/** Together with the time of one schedule this keeps a house of hundreds of jobs within a second or two. */
const WHILE_SOMEBODY_WAITS: SearchBudget = { jobs: 8_000, fewest: 20, most: 60 };
/** Only where the search begins: a large house is improved on from there. */
const FOR_A_BASELINE: SearchBudget = { jobs: 3_000, fewest: 5, most: 60 };
/** By this a house of 320 jobs came within a day of what three times as long a search found, one of 216 to the same. */
const WHILE_NOBODY_ASKS: SearchBudget = { jobs: 100_000, fewest: 200, most: 1_000 };

/** More tries for a small house, fewer for a large one. */
const schedulesFor = (tasks: number, { jobs, fewest, most }: SearchBudget): number =>
  Math.round(Math.min(most, Math.max(fewest, jobs / Math.max(1, tasks))));

type Start = { model: ScheduleModel; open: OpenHouse; first: Candidate };

function startOn(model: ScheduleModel): Start {
  const open = openHouse(model);
  const order = open.scheduler.rankedOrder();
  const schedule = open.scheduler.run(order);
  return { model, open, first: { order, schedule, score: open.aims.score(schedule) } };
}

/** Dates from outside would be missed: what they cover goes first, if that brings them nearer. */
function pressed(start: Start): Start {
  const { model, first } = start;
  const [daysLate = 0] = first.score;
  const plan = daysLate > 0 ? firstPlan(start) : null;
  if (!plan?.ok) return start;
  const late = new Set(
    plan.value.demands.filter((demand) => demand.daysLate > 0).map(({ id }) => id),
  );
  const covered = hardDatesOf(model.project)
    .filter(({ id }) => late.has(id))
    .flatMap((demand) => coveredBy(model, demand));
  const urgent = closureBefore(model.graph, [...model.urgent, ...covered]);
  const other = startOn({ ...model, urgent });
  return isBetter(other.first.score, first.score) ? other : start;
}

const firstPlan = ({ model, open, first }: Start) => planFrom(model, open, first);

/** Hard dates, living there, the first night, the end: in days. What comes behind them is no reason to move anybody. */
const DAYS_OF_SCORE = 4;

/** Whether a day is nearer and none is further away: only that takes the place of a plan people go by. */
function isSooner(one: Candidate, other: Candidate): boolean {
  const later = one.score.slice(0, DAYS_OF_SCORE).map((day, at) => day - (other.score[at] ?? 0));
  return later.every((days) => days <= 0) && later.some((days) => days < 0);
}

/** What a standing plan makes of the house as it is now, and whether that is all there is to look for. */
function fromStanding(
  start: Start,
  standing: Standing,
  isWeighed: boolean,
): { first: Candidate; isSettled: boolean } {
  const { model, open } = start;
  const { scheduler, aims } = open;
  const order = orderLike(standing, open.tasks, scheduler.rankedOrder());
  const candidate = (schedule: Schedule) => ({ order, schedule, score: aims.score(schedule) });
  const moved = candidate(scheduler.run(order));
  const basis = basisOf(model.project);
  const stays = isSameWay(standing.basis, basis)
    ? incumbentStill(scheduler, standing, model.now)
    : undefined;
  const kept = stays && candidate(stays);
  const known = new Set(standing.jobs.map(({ id }) => id));
  const isSame =
    !isWeighed && standing.basis === basis && model.jobs.every(({ id }) => known.has(id));
  const isMoved =
    !kept || isNowhereLater(moved.schedule, kept.schedule) || (!isSame && isSooner(moved, kept));
  const first = isMoved ? moved : kept;
  // Rules or people that changed may ask for another order altogether.
  return isSame
    ? { first, isSettled: kept !== undefined }
    : { first: isSooner(start.first, first) ? start.first : first, isSettled: false };
}

const FIRST_MORNING = 8 * 60;

/**
 * What a house is planned from that was begun and has no plan standing: how it would have been planned on its first
 * morning. So whoever asks anew each time gets the days of before, as far as nothing happened that moves them. Null
 * before that morning, and where no plan could be made of it.
 */
function* baselineOf(
  project: PlanningInput,
  now: Moment,
  { schedules, seed }: PlanOptions,
): InSteps<null, Standing | null> {
  const morning = momentAt(project.house.firstDay, FIRST_MORNING);
  if (now <= morning) return null;
  const house = unlogged(project);
  const most = schedules ?? schedulesFor(expandAll(house).length, FOR_A_BASELINE);
  const options = { schedules: most, seed, isBaseline: true };
  const plan = yield* quietly(planInSteps(house, morning, options));
  return plan.ok ? standingOf(plan.value) : null;
}

/**
 * The plan of the household before the last of those who give hours came. Null where one alone is left, or where the
 * others cannot do it.
 */
function* withoutLast(
  project: PlanningInput,
  now: Moment,
  options: PlanOptions,
): InSteps<null, Plan | null> {
  const giving = project.people.filter((person) => longestDayOf(person) > 0);
  const last = giving.at(-1);
  if (!last || giving.length < 2) return null;
  const people = project.people.filter((person) => person !== last);
  const plan = yield* quietly(planInSteps({ ...project, people }, now, options));
  return plan.ok ? plan.value : null;
}

const isAGateLater = (one: Plan, other: Plan): boolean =>
  (['sleep', 'live', 'done'] as const).some(
    (gate) => (one.gates[gate].date ?? '') > (other.gates[gate].date ?? ''),
  );

/** No order is known: it is looked for. What one more person makes later is no better: then the others' plan stands. */
function* anew(
  project: PlanningInput,
  now: Moment,
  start: Start,
  first: Result<Plan, PlanError>,
  options: PlanOptions,
): InSteps<null, Result<Plan, PlanError>> {
  const from = (standing: Standing) => quietly(planInSteps(project, now, { ...options, standing }));
  const baseline = yield* baselineOf(project, now, options);
  const plan = baseline ? yield* from(baseline) : yield* searched(start, first, options);
  const before = yield* withoutLast(project, now, options);
  if (!plan.ok || !before || !isAGateLater(plan.value, before)) return plan;
  const like = yield* from(standingOf(before));
  // What one did alone that wants two was no plan to be held against.
  return like.ok && !isAGateLater(like.value, before) ? like : plan;
}

/** The best order that is found from where it starts; `plan` itself where there is no better. */
function* searched(
  { model, open, first }: Start,
  plan: Result<Plan, PlanError>,
  { schedules, seed = 1, standing = null, isIdle = false }: PlanOptions,
): InSteps<null, Result<Plan, PlanError>> {
  const { scheduler, aims, tasks } = open;
  const budget = isIdle ? WHILE_NOBODY_ASKS : WHILE_SOMEBODY_WAITS;
  const most = schedules ?? schedulesFor(tasks.length, budget);
  let best = first;
  if (tasks.length > 1) {
    const search = improveOrder(scheduler, aims, first, seed);
    for (let tried = 1; tried < most; tried += 1) {
      const next = search.next();
      if (next.done) break;
      best = next.value;
      yield null;
    }
  }
  const isBest = standing ? !isSooner(best, first) : best === first;
  return isBest ? plan : planFrom(model, open, best);
}

/**
 * The build order with dates, in steps: jobs of the chosen works, their links with reasons, placed on the household's
 * hours from `now` on. Yields the first feasible plan at once, then `null` after each further schedule tried, so that
 * whoever asked may stop; returns the best found. A standing plan is where it begins: what fits stays where it is, and
 * another order takes its place only when it brings a day nearer. Same input and seed, same answer. Fails on a loop of
 * own jobs or rules, and when nobody has an hour for work that is left.
 */
export function* planInSteps(
  project: PlanningInput,
  now: Moment,
  options: PlanOptions = {},
): Generator<Plan | null, Result<Plan, PlanError>, void> {
  const { caution = AS_ESTIMATED, standing = null, isWeighed = false, isBaseline } = options;
  const model = buildScheduleModel(project, now, caution, standing);
  if (!model.ok) return model;
  const ranked = pressed(startOn(model.value));
  const from = standing ? fromStanding(ranked, standing, isWeighed) : null;
  const start = from ? { ...ranked, first: from.first } : ranked;
  const first = firstPlan(start);
  if (!first.ok) return first;
  yield first.value;
  if (from?.isSettled) return first;
  return yield* standing || isBaseline
    ? searched(start, first, options)
    : anew(project, now, start, first, options);
}

/**
 * The house by another plan of it: every job where it stands there, or in that order, whichever is the better. What
 * differs, differs by the caution alone.
 */
export function planInOrder(
  project: PlanningInput,
  now: Moment,
  like: Plan,
  { caution = AS_ESTIMATED, learns = true }: Pick<PlanOptions, 'caution' | 'learns'> = {},
): Result<Plan, PlanError> {
  const model = buildScheduleModel(project, now, caution, like, learns);
  if (!model.ok) return model;
  const open = openHouse(model.value);
  const { scheduler, aims, tasks } = open;
  const order = orderLike(like, tasks, scheduler.rankedOrder());
  const moved = scheduler.run(order);
  const stays = incumbentStill(scheduler, like, model.value.now);
  const isMoved = !stays || isBetter(aims.score(moved), aims.score(stays));
  return planFrom(model.value, open, { order, schedule: isMoved ? moved : stays });
}

/** {@link planInSteps} run to its end. */
export function planHouse(
  project: PlanningInput,
  now: Moment,
  options: PlanOptions = {},
): Result<Plan, PlanError> {
  return toTheEnd(planInSteps(project, now, options));
}
