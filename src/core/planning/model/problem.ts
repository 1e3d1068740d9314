import { hireOf, type HouseToPlan, type JobId, type Order, type PlanningInput } from '../../house';
import { gateMembership, gateRank, type GateMembership } from '../../keys';
import {
  buildGraph,
  closureBefore,
  findLoop,
  linkJobs,
  soonPairs,
  withoutImplied,
  withoutJobs,
  type Graph,
  type Link,
} from '../../trade/precedence';
import { asPlanningInput } from '../input';
import { effortLeft, progressOf, toldLeft, readProgress, type Progress } from '../../progress';
import { fail, ok, type Result } from '../../result';
import { allowances, openRisks } from '../../risk';
import { amountOf, expandAll, ableFor, type Job } from '../../trade/steps';
import { answerOf } from '../../trade/practices';
import { openQuestions, type Undecided } from '../../survey';
import {
  MINUTES_PER_DAY,
  addDays,
  dateOf,
  minutes,
  moment,
  momentAt,
  type Minutes,
  type Moment,
  type PlainDate,
} from '../../units';
import type { Caution } from './caution';
import { learnFrom, type Learned } from '../learning/learned';
import { withOrderChains } from './order-chains';
import { materialHolds, ordersByLine } from './orders';
import type { HeldBy, PlanError, Standing } from '../report';
import { closesIn } from './shell';
import { tradeLeadDays } from './trades';
import { roughSpan, type ShutRoom, type Task, type TaskWork } from './task';

/** The house turned into jobs, links and what is known of each: the ground a plan stands on. */
export type Ground = {
  project: PlanningInput;
  now: Moment;
  caution: Caution;
  jobs: readonly Job[];
  byId: ReadonlyMap<JobId, Job>;
  /** Jobs the owner left out. */
  dropped: readonly Job[];
  graph: Graph;
  progress: ReadonlyMap<JobId, Progress>;
  learned: Learned;
  /** When jobs were to end in the plan that stands. */
  plannedEnds: ReadonlyMap<JobId, Moment>;
  membership: GateMembership;
  orders: ReadonlyMap<string, Order>;
  questions: readonly Undecided[];
  /** Own minutes to allow behind each investigation for what it may find. */
  allowances: ReadonlyMap<JobId, Minutes>;
  /** Jobs that go before all others: looking where trouble is suspected, and what a date from outside presses. */
  urgent: ReadonlySet<JobId>;
  /** What closes the shell against the weather, and all that comes before it. */
  dryIn: ReadonlySet<JobId>;
};

/** Evening work counts as finished by nine, unless the day is not that far yet. */
const DAY_ENDS = 21 * 60;
const MORNING = 8 * 60;
const HOUR = 60;
/** Planning goes on as if an open question were answered tomorrow: its decide-by date says what later costs. */
const ANSWER_DAYS = 1;
/** Spread wide enough that rooms never run into gates, nor gates into what is urgent. */
const ROOMS_AT_MOST = 10_000;
const GROUPS_OF_PATH = 1_000_000;

/** New keys on the first day of ownership; alarms where people sleep on the first day of work. */
const FIRST_DAY: ReadonlySet<string> = new Set(['safe.locks', 'site.alarms']);

export function layGround(
  house: HouseToPlan,
  now: Moment,
  caution: Caution,
  standing: Standing | null = null,
): Result<Ground, PlanError> {
  const project = asPlanningInput(house);
  const all = expandAll(project);
  const dropped = new Set(
    all.filter(({ id }) => Object.hasOwn(project.droppedJobs, id)).map(({ id }) => id),
  );
  const jobs = all.filter(({ id }) => !dropped.has(id));
  const ids = jobs.map((job) => job.id);
  const progress = readProgress(project);
  const orders = ordersByLine(project);
  const links = withOrderChains(
    jobs,
    withoutJobs(linkJobs(all, project), dropped),
    progress,
    orders,
  );
  const loop = findLoop(ids, links);
  if (loop) return fail(loopError(loop, jobs, links));
  const graph = buildGraph(
    ids,
    withoutImplied(ids, links, (id) => progressOf(progress, id).doneOn !== null),
  );
  const firstHour = momentAt(project.house.firstDay, 0);
  const start = moment(Math.max(now, firstHour));
  return ok({
    project,
    now: start,
    caution,
    jobs,
    byId: new Map(jobs.map((job) => [job.id, job])),
    dropped: all.filter(({ id }) => dropped.has(id)),
    graph,
    progress,
    learned: learnFrom({ project, now: start, jobs, graph, progress }, standing),
    plannedEnds: new Map(standing?.jobs.map(({ id, finish }) => [id, finish])),
    membership: gateMembership(jobs, graph),
    orders,
    questions: openQuestions(project, jobs),
    allowances: allowances(project, caution.risk),
    urgent: closureBefore(
      graph,
      [
        ...openRisks(project).map(({ lookJobId }) => lookJobId),
        ...jobs.filter(({ stepId }) => FIRST_DAY.has(stepId ?? '')).map(({ id }) => id),
      ].filter((id) => ids.includes(id)),
    ),
    dryIn: closureBefore(
      graph,
      jobs.filter(closesIn).map(({ id }) => id),
    ),
  });
}

function loopError(
  loop: readonly JobId[],
  jobs: readonly Job[],
  links: readonly Link[],
): PlanError {
  const whys = loop.map((before, at) => {
    const after = loop[(at + 1) % loop.length];
    return links.find((link) => link.before === before && link.after === after)?.why ?? '';
  });
  const titles = loop.map((id) => jobs.find((job) => job.id === id)?.title ?? id);
  return { code: 'loop', jobIds: [...loop], titles, whys };
}

export const isDone = (ground: Ground, id: JobId): boolean =>
  progressOf(ground.progress, id).doneOn !== null;

/** The moment a finished job's wait began: when it was to end on that day, else in the evening. */
export function doneMoment(ground: Ground, id: JobId, doneOn: PlainDate): Moment {
  const planned = ground.plannedEnds.get(id);
  const usual = momentAt(doneOn, DAY_ENDS);
  const end = planned !== undefined && dateOf(planned) === doneOn ? planned : usual;
  return moment(Math.min(end, Math.max(ground.now, momentAt(doneOn, 0))));
}

/** Damp and cold stretch drying; an answer comes when it comes. */
export const waitMinutes = (job: Job | undefined, caution: Caution): number =>
  Math.round((job?.wait?.hours ?? 0) * HOUR * (job?.wait?.isAnswer ? 1 : caution.waits));

/** A visit is called when the work for it is nearly ready, and comes so many days later. */
function calledAhead(ground: Ground, { before, after }: Link): number {
  const [work, visit] = [ground.byId.get(before)?.work, ground.byId.get(after)];
  if (visit?.work.kind !== 'hold' || work?.kind === 'hold' || bookingOf(ground, visit)) return 0;
  const days = Math.ceil(visit.work.bookAheadDays * ground.caution.bookings) - NEARLY_READY_DAYS;
  return Math.max(0, days) * MINUTES_PER_DAY;
}
const NEARLY_READY_DAYS = 1;

/** How long what is ordered after a job is on the way. */
const leadOf = ({ caution }: Ground, { leadDays = 0 }: Link): number =>
  Math.ceil(leadDays * caution.leads) * MINUTES_PER_DAY;

/** How long a job dries or sets after it is done: as the library has it, or as long as the log was told. */
export function settingMinutes(ground: Ground, job: Job | undefined): number {
  const usual = waitMinutes(job, ground.caution);
  if (!job) return usual;
  const { doneOn, waits } = progressOf(ground.progress, job.id);
  if (doneOn === null || !waits) return usual;
  return Math.max(usual, waits.until - doneMoment(ground, job.id, doneOn));
}

/** What passes after a job before a link lets go: drying, and the way of what is ordered then. */
export const lagOf = (ground: Ground, link: Link): number =>
  settingMinutes(ground, ground.byId.get(link.before)) +
  leadOf(ground, link) +
  calledAhead(ground, link);

/** Person-minutes left at the pace of the log, stretched by the caution. */
export const leftOf = (ground: Ground, job: Job): Minutes =>
  minutes(
    effortLeft(job, progressOf(ground.progress, job.id), ground.learned.paceOf(job)) *
      ground.caution.effort,
  );

/** The day agreed with an inspector or trade, while it has not passed or ended in a failed visit. */
export function bookingOf(ground: Ground, job: Job): PlainDate | undefined {
  const on = ground.project.bookings[job.id];
  const failed = progressOf(ground.progress, job.id).failed.at(-1);
  if (on === undefined || on < dateOf(ground.now)) return undefined;
  return failed && failed.on >= on ? undefined : on;
}

function bookedFrom(ground: Ground, job: Job, bookAheadDays: number): Moment {
  const booking = bookingOf(ground, job);
  if (booking) return momentAt(booking, 0);
  const lastVisit = progressOf(ground.progress, job.id).failed.at(-1);
  const from = lastVisit ? momentAt(lastVisit.on, 0) : ground.now;
  const days = Math.ceil(bookAheadDays * ground.caution.bookings);
  const earliest = momentAt(
    addDays(dateOf(moment(Math.max(from, ground.now - DAY_ENDS))), days),
    0,
  );
  return moment(Math.max(earliest, ground.now));
}

const shareLeft = (ground: Ground, job: Job): number =>
  1 - (progressOf(ground.progress, job.id).share ?? 0) / 100;

/** Person-minutes that must be done within one day: a piece of what is counted, or all that is left. */
function chunkOf(ground: Ground, job: Job, left: Minutes): { chunk?: number } {
  switch (job.limits.inOneGo) {
    case undefined:
      return {};
    case 'whole':
      return { chunk: left };
    case 'each': {
      const piece = job.estimate / Math.max(1, amountOf(job.quantity));
      const pace = ground.learned.paceOf(job) * ground.caution.effort;
      return { chunk: Math.min(left, piece * pace) };
    }
  }
}

function taskWork(ground: Ground, job: Job): TaskWork {
  switch (job.work.kind) {
    case 'effort': {
      const left = leftOf(ground, job);
      const { hire } = job.limits;
      const progress = progressOf(ground.progress, job.id);
      const { spare } = toldLeft(job, progress, ground.learned.paceOf(job));
      return {
        kind: 'effort',
        minutes: left,
        hands: job.work.hands,
        ...chunkOf(ground, job, left),
        ...(spare > 0 ? { spare } : {}),
        ...(hire ? { hireDays: hire.days } : {}),
      };
    }
    case 'span':
      return {
        kind: 'span',
        workdays: Math.max(
          1,
          Math.ceil(job.work.workdays * shareLeft(ground, job) * ground.caution.effort),
        ),
        crew: job.work.trade,
      };
    case 'hold':
      return { kind: 'hold', bookedFrom: bookedFrom(ground, job, job.work.bookAheadDays) };
  }
}

/**
 * What goes before all else and is not traded for an earlier date: looking where trouble is suspected, then the school
 * of shell or inside, then the path through the house that was chosen.
 */
function groupOf(ground: Ground, job: Job): number {
  if (ground.urgent.has(job.id)) return 0;
  return (1 + shellGroup(ground, job)) * GROUPS_OF_PATH + pathGroup(ground, job);
}

/** Dry-in first: the shell, with all it waits for, before the rest. Inside first: outside work that no gate to living needs last. */
function shellGroup(ground: Ground, job: Job): number {
  if (answerOf(ground.project, 'shell') === 'dry-in-first') return ground.dryIn.has(job.id) ? 0 : 1;
  const waits = job.limits.outdoors && ground.membership.get(job.id) === 'done';
  return waits ? 1 : 0;
}

function pathGroup(ground: Ground, job: Job): number {
  const gate = gateRank(ground.membership.get(job.id) ?? 'done');
  const room = job.placeId === null ? 0 : ground.project.placeOrder.indexOf(job.placeId) + 1;
  switch (ground.project.path) {
    case 'trades':
      return 0;
    case 'core':
      return gate;
    case 'rooms':
      return gate * ROOMS_AT_MOST + room;
  }
}

/** Rooms that something finished keeps shut while it dries. */
export const shutRoomsOf = (ground: Ground): ShutRoom[] =>
  ground.jobs.flatMap((job) => {
    const { doneOn } = progressOf(ground.progress, job.id);
    if (doneOn === null || job.placeId === null || job.limits.shuts !== 'wait') return [];
    const from = doneMoment(ground, job.id, doneOn);
    const to = moment(from + settingMinutes(ground, job));
    return to > ground.now ? [{ placeId: job.placeId, from, to }] : [];
  });

/** What else than another job keeps it back. */
export function holdsOn(ground: Ground, job: Job): HeldBy[] {
  const progress = progressOf(ground.progress, job.id);
  const { now, caution } = ground;
  const failed = progress.failed.at(-1);
  const visit: HeldBy[] =
    failed && job.work.kind === 'hold'
      ? [
          {
            kind: 'failed-visit',
            note: failed.note ?? '',
            until: bookedFrom(ground, job, job.work.bookAheadDays),
          },
        ]
      : [];
  const questions = ground.questions
    .filter((question) => question.holdsUp.includes(job.id))
    .map((question): HeldBy => ({
      kind: 'question',
      question: question.question,
      until: momentAt(addDays(dateOf(now), ANSWER_DAYS), MORNING),
    }));
  const wished = ground.project.notBefore[job.id];
  const wish: HeldBy[] =
    wished !== undefined && wished > dateOf(now) && progress.firstOn === null
      ? [{ kind: 'not-before', until: momentAt(wished, 0) }]
      : [];
  const materials = materialHolds(job, progress, ground.orders, now, caution);
  return [...visit, ...materials, ...questions, ...wish];
}

/** Longest way from each job to the end, in rough elapsed minutes: what decides the date goes first. */
function tails(ground: Ground, works: ReadonlyMap<JobId, TaskWork>): Map<JobId, number> {
  const weekly = ground.project.people.reduce(
    (sum, person) => sum + person.week.reduce((week, day) => week + day, 0),
    0,
  );
  const tail = new Map<JobId, number>();
  for (const id of ground.graph.sorted.toReversed()) {
    const work = works.get(id);
    const own = work ? roughSpan(work, weekly) : 0;
    const wait = work ? waitMinutes(ground.byId.get(id), ground.caution) : 0;
    const after = (ground.graph.outOf.get(id) ?? []).map(
      (link) => (work ? lagOf(ground, link) : 0) + (tail.get(link.after) ?? 0),
    );
    tail.set(id, own + Math.max(wait, ...after));
  }
  return tail;
}

/** A trade called today does not stand here tomorrow at eight. */
function calledNow(ground: Ground, { id, work }: Job): Moment {
  if (work.kind !== 'span' || progressOf(ground.progress, id).firstOn !== null) return ground.now;
  const from = hireOf(ground.project, id)?.from;
  if (from && from >= dateOf(ground.now)) return momentAt(from, MORNING);
  const days = Math.ceil(tradeLeadDays(work.trade) * ground.caution.bookings);
  return momentAt(addDays(dateOf(ground.now), days), MORNING);
}

/** The open jobs as tasks for the solver; finished ones become earliest dates of what follows them. */
export function openTasks(ground: Ground): {
  tasks: Task[];
  links: OpenLink[];
  soon: OpenSoon[];
} {
  const open = ground.jobs.filter((job) => !isDone(ground, job.id));
  const works = new Map(open.map((job) => [job.id, taskWork(ground, job)]));
  const tail = tails(ground, works);
  const tasks = open.map((job): Task => {
    const progress = progressOf(ground.progress, job.id);
    const booking = job.work.kind === 'span' ? bookingOf(ground, job) : undefined;
    const booked = booking ? momentAt(booking, MORNING) : calledNow(ground, job);
    const holds = holdsOn(ground, job).map(({ until }) => until);
    const cured = (ground.graph.into.get(job.id) ?? []).flatMap((link) => {
      const doneOn = progressOf(ground.progress, link.before).doneOn;
      return doneOn === null ? [] : doneMoment(ground, link.before, doneOn) + lagOf(ground, link);
    });
    return {
      id: job.id,
      work: works.get(job.id) ?? { kind: 'effort', minutes: 0, hands: 1 },
      notBefore: moment(Math.max(ground.now, booked, ...holds, ...cured)),
      group: groupOf(ground, job),
      rank: [
        gateRank(ground.membership.get(job.id) ?? 'done'),
        progress.firstOn === null ? 1 : 0,
        -(tail.get(job.id) ?? 0),
        job.stage,
      ],
      placeId: job.placeId,
      ...whoMay(ground, job),
      ...limitsOf(ground, job),
    };
  });
  const openIds = new Set(open.map((job) => job.id));
  const links = [...ground.graph.into.values()]
    .flat()
    .filter((link) => openIds.has(link.before) && openIds.has(link.after));
  const finds = findTasks(ground, tasks);
  const known = new Set([...tasks, ...finds.tasks].map(({ id }) => id));
  return {
    tasks: [...tasks, ...finds.tasks],
    links: [
      ...links.map((link) => ({
        before: link.before,
        after: link.after,
        lag: lagOf(ground, link),
        lead: leadOf(ground, link),
      })),
      ...finds.links.filter(({ after }) => known.has(after)),
    ],
    soon: soonPairs(ground.jobs)
      .filter(({ before, after }) => openIds.has(before) && openIds.has(after))
      .map(({ before, after, withinDays }) => ({
        before,
        after,
        most: withinDays * MINUTES_PER_DAY,
      })),
  };
}

/** Whose work it is: the one who was named, else everybody who does that kind of work. */
function whoMay({ project }: Ground, job: Job): Pick<Task, 'may' | 'must'> {
  const able = ableFor(project.people, job);
  return {
    ...(able.length < project.people.length ? { may: able.map(({ id }) => id) } : {}),
    ...(job.by ? { must: job.by } : {}),
  };
}

function limitsOf(ground: Ground, job: Job): Pick<Task, 'alone' | 'shutAfter' | 'outdoors'> {
  const { shuts, outdoors } = job.limits;
  return {
    ...(shuts ? { alone: true } : {}),
    ...(shuts === 'wait' ? { shutAfter: waitMinutes(job, ground.caution) } : {}),
    ...(outdoors ? { outdoors } : {}),
  };
}

/** The later begins within `most` minutes of the earlier one's end. */
export type OpenSoon = { before: string; after: string; most: number };

/** `lead` is the part of the lag in which something is on its way. */
export type OpenLink = { before: string; after: string; lag: number; lead?: number };

/** Time set aside behind an investigation for what it may find: a task of its own that no list shows. */
function findTasks(ground: Ground, tasks: readonly Task[]): { tasks: Task[]; links: OpenLink[] } {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const weights = [...ground.allowances].filter(
    ([id, allowed]) => ground.byId.has(id) && allowed > 0,
  );
  return {
    tasks: weights.map(([id, allowed]) => ({
      id: findTaskId(id),
      work: { kind: 'effort', minutes: allowed, hands: 1 },
      // Nobody spends today's hours on what was not found yet.
      notBefore: momentAt(addDays(dateOf(ground.now), 1), 0),
      group: byId.get(id)?.group ?? 0,
      rank: byId.get(id)?.rank ?? [0],
    })),
    links: weights.flatMap(([id]) => [
      ...(byId.has(id)
        ? [
            {
              before: id as string,
              after: findTaskId(id),
              lag: waitMinutes(ground.byId.get(id), ground.caution),
            },
          ]
        : []),
      ...(ground.graph.outOf.get(id) ?? []).map(({ after }) => ({
        before: findTaskId(id),
        after,
        lag: 0,
      })),
    ]),
  };
}

const findTaskId = (id: JobId): string => `${id}~find`;
