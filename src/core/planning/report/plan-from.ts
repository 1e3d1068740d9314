import { hardDatesOf, type JobId, progressOf } from '../../house';
import { conditionStates } from '../../trade/gates';
import { costsOf, type Costs } from '../../estimating/job-costs/cost-lines';
import { crewLines } from '../../estimating/job-costs/crew-lines';
import type { Link } from '../../trade/precedence';
import { fail, ok, type Result } from '../../result';
import type { GateId, Job } from '../../trade/steps';
import { plannedCost } from '../../estimating/jobs';
import {
  MINUTES_PER_DAY,
  addDays,
  cents,
  dateOf,
  minutes,
  moment,
  momentAt,
  plainDate,
  type Moment,
} from '../../units';
import { coveredBy } from '../model/covered';
import { basisOf } from '../search/incumbent';
import { demandsOf, phasesOf } from './dates';
import { orderLines } from '../model/orders';
import {
  GATES_COUNTED,
  isAfterwards,
  openCents,
  type CostLine,
  GateSummary,
  JobState,
  Plan,
  PlanError,
  PlannedJob,
} from '.';
import { OrderLine } from '../../estimating/purchasing/order-line';
import { loadOf } from './way';
import {
  bookingOf,
  doneMoment,
  holdsOn,
  isDone,
  leftOf,
  lagOf,
  settingMinutes,
  type ScheduleModel,
} from '../model/schedule-model';
import type { OpenHouse } from '../model/open';
import type { Candidate } from '../search/search';
import type { Schedule } from '../generation/solve';
import type { Placement } from '../model/task';

type Placed = { start: Moment; finish: Moment; placement: Placement | undefined };
type Placements = ReadonlyMap<JobId, Placed>;

const MORNING = 8 * 60;

/** The jobs where a schedule of the open ones puts them, finished ones where the log does. */
function placeJobs(
  model: ScheduleModel,
  open: OpenHouse,
  schedule: Schedule,
): Result<Placements, PlanError> {
  const placed = new Map<JobId, Placed>();
  for (const job of model.jobs) {
    const { firstOn, doneOn } = progressOf(model.progress, job.id);
    if (doneOn !== null) {
      const finish = doneMoment(model, job.id, doneOn);
      const start = moment(Math.min(momentAt(firstOn ?? doneOn, MORNING), finish));
      placed.set(job.id, { start, finish, placement: undefined });
    } else {
      const placement = schedule[open.indexOf.get(job.id) ?? -1];
      if (!placement) return fail({ code: 'no-hours', jobId: job.id });
      const start = firstOn ? momentAt(firstOn, MORNING) : placement.start;
      placed.set(job.id, { start, finish: placement.finish, placement });
    }
  }
  return ok(placed);
}

/** The moment by which a job must be done because of a date from outside, or a visit or trade that is booked. */
function hardEnds(model: ScheduleModel): Map<JobId, number> {
  const ends = new Map<JobId, number>();
  const atMost = (id: JobId, end: number) => ends.set(id, Math.min(ends.get(id) ?? Infinity, end));
  for (const demand of hardDatesOf(model.project)) {
    for (const id of coveredBy(model, demand)) atMost(id, momentAt(demand.by, MINUTES_PER_DAY));
  }
  for (const job of model.jobs) {
    const booked = bookingOf(model, job);
    if (booked === undefined || isDone(model, job.id)) continue;
    for (const link of model.graph.into.get(job.id) ?? []) {
      atMost(link.before, momentAt(booked, MORNING) - lagOf(model, link));
    }
  }
  return ends;
}

/** How many whole days a job may slip before its gate, a date from outside, or the house's end slips. */
function slackDays(model: ScheduleModel, placed: Placements): Map<JobId, number> {
  const ends = new Map<GateId, number>();
  for (const job of model.jobs) {
    if (isAfterwards(job)) continue;
    const gate = model.membership.get(job.id) ?? 'done';
    ends.set(gate, Math.max(ends.get(gate) ?? 0, placed.get(job.id)?.finish ?? 0));
  }
  const hard = hardEnds(model);
  const latestFinish = new Map<JobId, number>();
  const slack = new Map<JobId, number>();
  for (const id of model.graph.sorted.toReversed()) {
    const here = placed.get(id);
    if (!here) continue;
    const followers = (model.graph.outOf.get(id) ?? []).map((link) => {
      const next = placed.get(link.after);
      const lastFinish = latestFinish.get(link.after) ?? 0;
      return next ? lastFinish - (next.finish - next.start) - lagOf(model, link) : Infinity;
    });
    const job = model.byId.get(id);
    const end =
      job && isAfterwards(job)
        ? here.finish
        : (ends.get(model.membership.get(id) ?? 'done') ?? here.finish);
    const last = Math.min(end, hard.get(id) ?? Infinity, ...followers);
    latestFinish.set(id, last);
    slack.set(id, Math.max(0, Math.floor((last - here.finish) / MINUTES_PER_DAY)));
  }
  return slack;
}

function predecessors(model: ScheduleModel, placed: Placements, links: readonly Link[]) {
  return links.map((link) => {
    const wait = lagOf(model, link);
    const until = moment((placed.get(link.before)?.finish ?? model.now) + wait);
    return {
      jobId: link.before,
      why: link.why,
      strength: link.strength,
      waitMinutes: wait,
      until,
      over: isDone(model, link.before) && until <= model.now,
    };
  });
}

function stateOf(
  model: ScheduleModel,
  job: Job,
  waits: PlannedJob['predecessors'],
  heldBy: PlannedJob['heldBy'],
  settingUntil: Moment | null,
): JobState {
  const progress = progressOf(model.progress, job.id);
  if (progress.doneOn !== null) {
    return settingUntil !== null && settingUntil > model.now ? 'setting' : 'done';
  }
  if (progress.firstOn !== null) return 'in-hand';
  const open = waits.filter(({ over }) => !over);
  if (open.length > 0) {
    const onlyHolds = open.every(({ jobId }) => {
      const before = model.byId.get(jobId);
      return before?.work.kind === 'inspection' && !isDone(model, jobId) && isFree(model, jobId);
    });
    return onlyHolds ? 'held' : 'later';
  }
  if (job.work.kind === 'inspection') return 'held';
  if (heldBy.some(({ kind }) => kind === 'question')) return 'held';
  if (heldBy.length === 0) return 'ready';
  return heldBy.every(({ kind }) => kind === 'not-before') ? 'later' : 'arrives';
}

const isFree = (model: ScheduleModel, id: JobId): boolean =>
  (model.graph.into.get(id) ?? []).every(({ before }) => isDone(model, before));

function plannedWork(job: Job): PlannedJob['work'] {
  const { work } = job;
  if (work.kind !== 'labour') return work;
  return {
    kind: 'labour',
    hands: work.hands,
    rateMinutes: work.minutes,
    ratePer: work.per,
    setup: work.setup,
  };
}

function plannedJob(
  model: ScheduleModel,
  placed: Placements,
  slack: ReadonlyMap<JobId, number>,
  job: Job,
): PlannedJob {
  const here = placed.get(job.id) ?? {
    start: model.now,
    finish: model.now,
    placement: undefined,
  };
  const progress = progressOf(model.progress, job.id);
  const wait = settingMinutes(model, job);
  const until = moment(here.finish + wait);
  const waits = predecessors(model, placed, model.graph.into.get(job.id) ?? []);
  const heldBy = isDone(model, job.id) ? [] : holdsOn(model, job);
  return {
    id: job.id,
    stepId: job.stepId,
    placeId: job.placeId,
    floor: job.floor,
    title: job.title,
    says: [...job.says],
    stage: job.stage,
    gate: model.membership.get(job.id) ?? 'done',
    state: stateOf(model, job, waits, heldBy, wait > 0 ? until : null),
    work: plannedWork(job),
    quantity: job.quantity,
    estimate: job.estimate,
    pace: model.learned.paceOf(job),
    logged: progress.logged,
    left: leftOf(model, job),
    allowance: model.allowances.get(job.id) ?? minutes(0),
    share: progress.share,
    doneOn: progress.doneOn,
    bookedOn: isDone(model, job.id) ? null : (bookingOf(model, job) ?? null),
    start: here.start,
    finish: here.finish,
    stretches: (here.placement?.stretches ?? []).map(({ from, to, people }) => ({
      from,
      to,
      people: [...people],
    })),
    wait:
      wait > 0
        ? { minutes: wait, what: job.wait?.what ?? progress.waits?.what ?? 'sets', until }
        : null,
    predecessors: waits,
    successors: (model.graph.outOf.get(job.id) ?? []).map(({ after }) => after),
    heldBy,
    slackDays: slack.get(job.id) ?? 0,
    shortfalls: [...(here.placement?.shortfalls ?? [])],
    limits: job.limits,
    cautions: [...job.cautions],
    because: [...job.because],
    part: job.part ?? null,
    by: job.by ?? null,
    note: job.note ?? null,
    cost: plannedCost(job),
    starting: job.starting ?? null,
  };
}

/** The jobs whose money counts for a gate: what is done may still have to be paid. */
const owedFor = (jobs: readonly PlannedJob[], gates: readonly GateId[]): Set<JobId> =>
  new Set(jobs.filter(({ gate }) => gates.includes(gate)).map(({ id }) => id));

/** What of a gate's jobs is still to be paid. What is agreed beside all jobs is for the whole house. */
function moneyOf(lines: readonly CostLine[], gate: GateId, jobIds: ReadonlySet<JobId>) {
  const { committed, toCome } = openCents(
    lines.filter(({ jobId }) => (jobId === null ? gate === 'done' : jobIds.has(jobId))),
  );
  return { moneyLeft: cents(committed + toCome), moneyCommitted: committed };
}

function gateSummary(
  model: ScheduleModel,
  gate: GateId,
  jobs: readonly PlannedJob[],
  costs: Costs,
): GateSummary {
  const counted = GATES_COUNTED[gate];
  const open = jobs.filter(
    (job) => job.doneOn === null && counted.includes(job.gate) && !isAfterwards(job),
  );
  const { chain, minutesLeft, waitMinutes, finish } = loadOf(open);
  const conditions = conditionStates(gate, model.project, model.jobs, (id) => isDone(model, id));
  return {
    gate,
    date: finish,
    jobsLeft: open.length,
    checksLeft: counted
      .flatMap((id) =>
        id === gate
          ? conditions
          : conditionStates(id, model.project, model.jobs, (jobId) => isDone(model, jobId)),
      )
      .filter(({ met, jobIds }) => !met && jobIds.length === 0).length,
    minutesLeft,
    chain: chain.map(({ id }) => id),
    chainWaitMinutes: waitMinutes,
    ...moneyOf(costs.lines, gate, owedFor(jobs, counted)),
    conditions: conditions.map(({ condition, checkedOn, ...state }) => ({
      ...state,
      id: condition.id,
      title: condition.title,
      checkedOn: checkedOn === null ? null : plainDate(checkedOn),
    })),
  };
}

/**
 * Decide by: the latest day that moves no gate. The first job held up may start as late as its slack allows,
 * and what may be chosen has to be ordered its lead time before.
 */
function decisionsOf(
  model: ScheduleModel,
  jobs: ReadonlyMap<JobId, PlannedJob>,
): Plan['decisions'] {
  const today = dateOf(model.now);
  return model.questions.map(({ id, question, placeId, holdsUp, leadDays }) => {
    const open = holdsUp
      .flatMap((jobId) => jobs.get(jobId) ?? [])
      .filter((job) => job.doneOn === null);
    const first = open.map((job) => addDays(dateOf(job.start), job.slackDays)).toSorted()[0];
    const by = first === undefined ? null : addDays(first, -leadDays);
    return {
      id,
      question,
      placeId,
      decideBy: by !== null && by < today ? today : by,
      leadDays,
      holdsUp: open.map((job) => job.id),
    };
  });
}

function storesLines(model: ScheduleModel, placed: Placements): OrderLine[] {
  const today = dateOf(model.now);
  return model.jobs
    .flatMap((job) => {
      const lines = orderLines(
        job,
        placed.get(job.id)?.start ?? model.now,
        progressOf(model.progress, job.id).firstOn !== null,
        model.orders,
        today,
      );
      if (!isDone(model, job.id)) return lines;
      // What was delivered for a finished job is built in; the rest of its lines is history.
      return lines
        .filter(({ state }) => state === 'here')
        .map((line) => ({ ...line, state: 'fitted' as const }));
    })
    .sort((a, b) => a.orderBy.localeCompare(b.orderBy) || a.what.localeCompare(b.what));
}

/** The open jobs in the order in which they were given their places. */
function queueOf(model: ScheduleModel, open: OpenHouse, order: readonly number[]): JobId[] {
  return model.jobs
    .flatMap(({ id }) => {
      const at = open.indexOf.get(id);
      return at === undefined ? [] : [{ id, place: order[at] ?? 0 }];
    })
    .sort((a, b) => a.place - b.place)
    .map(({ id }) => id);
}

/** The plan that an order of the open jobs makes. Fails when nobody has an hour for work that is left. */
export function planFrom(
  model: ScheduleModel,
  open: OpenHouse,
  { order, schedule }: Pick<Candidate, 'order' | 'schedule'>,
): Result<Plan, PlanError> {
  const placed = placeJobs(model, open, schedule);
  if (!placed.ok) return placed;
  const slack = slackDays(model, placed.value);
  const jobs = model.jobs.map((job) => plannedJob(model, placed.value, slack, job));
  const byId = new Map(jobs.map((job) => [job.id, job]));
  const { project, progress, orders } = model;
  const purchases = Object.values(project.purchases);
  const known = costsOf({ project, jobs: model.jobs, progress, orders, purchases });
  const costs = { ...known, lines: [...known.lines, ...crewLines(project.people, jobs)] };
  return ok({
    now: model.now,
    basis: basisOf(project),
    keptShares: Object.fromEntries(model.learned.keptShares),
    jobs,
    queue: queueOf(model, open, order),
    gates: {
      sleep: gateSummary(model, 'sleep', jobs, costs),
      live: gateSummary(model, 'live', jobs, costs),
      done: gateSummary(model, 'done', jobs, costs),
    },
    orders: storesLines(model, placed.value),
    decisions: decisionsOf(model, byId),
    demands: demandsOf(model, byId),
    phases: phasesOf(model, byId, costs),
    dropped: model.dropped.map(({ id, title, placeId, floor }) => ({ id, title, placeId, floor })),
    costs,
  });
}
