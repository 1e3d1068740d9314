import {
  hireOf,
  type PlanningInput,
  type JobId,
  effortLeft,
  progressOf,
  toldLeft,
} from '../../house';
import { gateRank } from '../../trade/gates';
import { soonPairs, type Link } from '../../trade/precedence';
import { ok, type Result } from '../../result';
import { allowances } from '../../survey/risk';
import { ableFor, type Job } from '../../trade/steps';
import { amountOf } from '../../estimating/jobs';
import { answerOf } from '../../trade/practices';
import {
  MINUTES_PER_DAY,
  addDays,
  dateOf,
  minutes,
  moment,
  momentAt,
  toDayNumber,
  type Minutes,
  type Moment,
  type PlainDate,
} from '../../units';
import type { Caution } from './caution';
import { atTheGuess, learnFrom, type Learned } from '../learning/learned';
import { networkOf, type Network } from './network';
import { materialHolds } from './orders';
import type { HeldBy, PlanError, Standing } from '../report';
import { tradeLeadDays } from './trades';
import { roughSpan, type ShutRoom, type Task, type TaskWork } from './task';

/** The house turned into jobs, links and what is known of each: what a plan is made of. */
export type ScheduleModel = Network & {
  now: Moment;
  caution: Caution;
  learned: Learned;
  /** When jobs were to end in the plan that stands. */
  plannedEnds: ReadonlyMap<JobId, Moment>;
  /** Own minutes to allow behind each investigation for what it may find. */
  allowances: ReadonlyMap<JobId, Minutes>;
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

/** Fails on a loop of own jobs or rules. */
export function buildScheduleModel(
  house: PlanningInput,
  now: Moment,
  caution: Caution,
  standing: Standing | null = null,
  /** False: as if the log had taught nothing of how long work takes. */
  learns = true,
): Result<ScheduleModel, PlanError> {
  const network = networkOf(house);
  if (!network.ok) return network;
  const { project } = network.value;
  const start = moment(Math.max(now, momentAt(project.house.firstDay, 0)));
  const learned = learnFrom({ ...network.value, now: start }, standing);
  return ok({
    ...network.value,
    now: start,
    caution,
    learned: learns ? learned : atTheGuess(learned),
    plannedEnds: new Map(standing?.jobs.map(({ id, finish }) => [id, finish])),
    allowances: allowances(project, caution.risk),
  });
}

/** Whether a job was called done. */
export const isDone = (model: ScheduleModel, id: JobId): boolean =>
  progressOf(model.progress, id).doneOn !== null;

/** The moment a finished job's wait began: when it was to end on that day, else in the evening. */
export function doneMoment(model: ScheduleModel, id: JobId, doneOn: PlainDate): Moment {
  const planned = model.plannedEnds.get(id);
  const usual = momentAt(doneOn, DAY_ENDS);
  const end = planned !== undefined && dateOf(planned) === doneOn ? planned : usual;
  return moment(Math.min(end, Math.max(model.now, momentAt(doneOn, 0))));
}

/** Damp and cold stretch drying; an answer comes when it comes. */
export const waitMinutes = (job: Job | undefined, caution: Caution): number =>
  Math.round((job?.wait?.hours ?? 0) * HOUR * (job?.wait?.isAnswer ? 1 : caution.waits));

/** A visit is called when the work for it is nearly ready, and comes so many days later. */
function calledAhead(model: ScheduleModel, { before, after }: Link): number {
  const [work, visit] = [model.byId.get(before)?.work, model.byId.get(after)];
  if (visit?.work.kind !== 'inspection' || work?.kind === 'inspection' || bookingOf(model, visit))
    return 0;
  const days = Math.ceil(visit.work.bookAheadDays * model.caution.bookings) - NEARLY_READY_DAYS;
  return Math.max(0, days) * MINUTES_PER_DAY;
}
const NEARLY_READY_DAYS = 1;

/** How long what is ordered after a job is on the way. */
const leadOf = ({ caution }: ScheduleModel, { leadDays = 0 }: Link): number =>
  Math.ceil(leadDays * caution.leads) * MINUTES_PER_DAY;

/** How long a job dries or sets after it is done: as the library has it, or as long as the log was told. */
export function settingMinutes(model: ScheduleModel, job: Job | undefined): number {
  const usual = waitMinutes(job, model.caution);
  if (!job) return usual;
  const { doneOn, waits } = progressOf(model.progress, job.id);
  if (doneOn === null || !waits) return usual;
  return Math.max(usual, waits.until - doneMoment(model, job.id, doneOn));
}

/** What passes after a job before a link lets go: drying, and the way of what is ordered then. */
export const lagOf = (model: ScheduleModel, link: Link): number =>
  settingMinutes(model, model.byId.get(link.before)) +
  leadOf(model, link) +
  calledAhead(model, link);

/** Person-minutes left at the pace of the log, stretched by the caution. */
export const leftOf = (model: ScheduleModel, job: Job): Minutes =>
  minutes(
    effortLeft(job, progressOf(model.progress, job.id), model.learned.paceOf(job)) *
      model.caution.effort,
  );

/** The day agreed with an inspector or trade, while it has not passed or ended in a failed visit. */
export function bookingOf(model: ScheduleModel, job: Job): PlainDate | undefined {
  const on = model.project.bookings[job.id];
  const failed = progressOf(model.progress, job.id).failed.at(-1);
  if (on === undefined || on < dateOf(model.now)) return undefined;
  return failed && failed.on >= on ? undefined : on;
}

function bookedFrom(model: ScheduleModel, job: Job, bookAheadDays: number): Moment {
  const booking = bookingOf(model, job);
  if (booking) return momentAt(booking, 0);
  const lastVisit = progressOf(model.progress, job.id).failed.at(-1);
  const from = lastVisit ? momentAt(lastVisit.on, 0) : model.now;
  const days = Math.ceil(bookAheadDays * model.caution.bookings);
  const earliest = momentAt(addDays(dateOf(moment(Math.max(from, model.now - DAY_ENDS))), days), 0);
  return moment(Math.max(earliest, model.now));
}

const shareLeft = (model: ScheduleModel, job: Job): number =>
  1 - (progressOf(model.progress, job.id).share ?? 0) / 100;

/** Person-minutes that must be done within one day: a piece of what is counted, or all that is left. */
function chunkOf(model: ScheduleModel, job: Job, left: Minutes): { chunk?: number } {
  switch (job.limits.inOneGo) {
    case undefined:
      return {};
    case 'whole':
      return { chunk: left };
    case 'each': {
      const piece = job.estimate / Math.max(1, amountOf(job.quantity));
      const pace = model.learned.paceOf(job) * model.caution.effort;
      return { chunk: Math.min(left, piece * pace) };
    }
  }
}

function taskWork(model: ScheduleModel, job: Job): TaskWork {
  switch (job.work.kind) {
    case 'labour': {
      const left = leftOf(model, job);
      const { hire } = job.limits;
      const progress = progressOf(model.progress, job.id);
      const { spare } = toldLeft(job, progress, model.learned.paceOf(job));
      return {
        kind: 'labour',
        minutes: left,
        hands: job.work.hands,
        ...chunkOf(model, job, left),
        ...(spare > 0 ? { spare } : {}),
        ...(hire ? { hireDays: hire.days } : {}),
      };
    }
    case 'subcontract':
      return {
        kind: 'subcontract',
        workdays: Math.max(
          1,
          Math.ceil(job.work.workdays * shareLeft(model, job) * model.caution.effort),
        ),
        crew: job.work.trade,
      };
    case 'inspection':
      return { kind: 'inspection', bookedFrom: bookedFrom(model, job, job.work.bookAheadDays) };
  }
}

/**
 * What goes before all else and is not traded for an earlier date: looking where trouble is suspected, then the school
 * of shell or inside, then the path through the house that was chosen.
 */
function groupOf(model: ScheduleModel, job: Job): number {
  if (model.urgent.has(job.id)) return 0;
  return (1 + shellGroup(model, job)) * GROUPS_OF_PATH + pathGroup(model, job);
}

/** Dry-in first: the shell, with all it waits for, before the rest. Inside first: outside work that no gate to living needs last. */
function shellGroup(model: ScheduleModel, job: Job): number {
  if (answerOf(model.project, 'shell') === 'dry-in-first') return model.dryIn.has(job.id) ? 0 : 1;
  const waits = job.limits.outdoors && model.membership.get(job.id) === 'done';
  return waits ? 1 : 0;
}

function pathGroup(model: ScheduleModel, job: Job): number {
  const gate = gateRank(model.membership.get(job.id) ?? 'done');
  const room = job.placeId === null ? 0 : model.project.placeOrder.indexOf(job.placeId) + 1;
  switch (model.project.path) {
    case 'trades':
      return 0;
    case 'core':
      return gate;
    case 'rooms':
      return gate * ROOMS_AT_MOST + room;
  }
}

/** Rooms that something finished keeps shut while it dries. */
export const shutRoomsOf = (model: ScheduleModel): ShutRoom[] =>
  model.jobs.flatMap((job) => {
    const { doneOn } = progressOf(model.progress, job.id);
    if (doneOn === null || job.placeId === null || job.limits.closesRoom !== 'wait') return [];
    const from = doneMoment(model, job.id, doneOn);
    const to = moment(from + settingMinutes(model, job));
    return to > model.now ? [{ placeId: job.placeId, from, to }] : [];
  });

/** What else than another job keeps it back. */
export function holdsOn(model: ScheduleModel, job: Job): HeldBy[] {
  const progress = progressOf(model.progress, job.id);
  const { now, caution } = model;
  const failed = progress.failed.at(-1);
  const visit: HeldBy[] =
    failed && job.work.kind === 'inspection'
      ? [
          {
            kind: 'failed-visit',
            note: failed.note ?? '',
            until: bookedFrom(model, job, job.work.bookAheadDays),
          },
        ]
      : [];
  const questions = model.questions
    .filter((question) => question.holdsUp.includes(job.id))
    .map((question): HeldBy => ({
      kind: 'question',
      question: question.question,
      until: momentAt(addDays(dateOf(now), ANSWER_DAYS), MORNING),
    }));
  const wished = model.project.notBefore[job.id];
  const wish: HeldBy[] =
    wished !== undefined && wished > dateOf(now) && progress.firstOn === null
      ? [{ kind: 'not-before', until: momentAt(wished, 0) }]
      : [];
  const materials = materialHolds(job, progress, model.orders, now, caution);
  return [...visit, ...materials, ...questions, ...wish];
}

/** Longest way from each job to the end, in rough elapsed minutes: what decides the date goes first. */
function tails(model: ScheduleModel, works: ReadonlyMap<JobId, TaskWork>): Map<JobId, number> {
  const weekly = model.project.people.reduce(
    (sum, person) => sum + person.week.reduce((week, day) => week + day, 0),
    0,
  );
  const tail = new Map<JobId, number>();
  for (const id of model.graph.sorted.toReversed()) {
    const work = works.get(id);
    const own = work ? roughSpan(work, weekly) : 0;
    const wait = work ? waitMinutes(model.byId.get(id), model.caution) : 0;
    const after = (model.graph.outOf.get(id) ?? []).map(
      (link) => (work ? lagOf(model, link) : 0) + (tail.get(link.after) ?? 0),
    );
    tail.set(id, own + Math.max(wait, ...after));
  }
  return tail;
}

/** A trade called today does not stand here tomorrow at eight. */
function calledNow(model: ScheduleModel, { id, work }: Job): Moment {
  if (work.kind !== 'subcontract' || progressOf(model.progress, id).firstOn !== null)
    return model.now;
  const from = hireOf(model.project, id)?.from;
  if (from && from >= dateOf(model.now)) return momentAt(from, MORNING);
  const days = Math.ceil(tradeLeadDays(work.trade) * model.caution.bookings);
  return momentAt(addDays(dateOf(model.now), days), MORNING);
}

/** The open jobs as tasks for the solver; finished ones become earliest dates of what follows them. */
export function openTasks(model: ScheduleModel): {
  tasks: Task[];
  links: OpenLink[];
  soon: OpenSoon[];
} {
  const open = model.jobs.filter((job) => !isDone(model, job.id));
  const works = new Map(open.map((job) => [job.id, taskWork(model, job)]));
  const tail = tails(model, works);
  const tasks = open.map((job): Task => {
    const progress = progressOf(model.progress, job.id);
    const booking = job.work.kind === 'labour' ? undefined : bookingOf(model, job);
    const isCalled = booking !== undefined && job.work.kind === 'subcontract';
    const booked = isCalled ? momentAt(booking, MORNING) : calledNow(model, job);
    const holds = holdsOn(model, job).map(({ until }) => until);
    const cured = (model.graph.into.get(job.id) ?? []).flatMap((link) => {
      const doneOn = progressOf(model.progress, link.before).doneOn;
      return doneOn === null ? [] : doneMoment(model, link.before, doneOn) + lagOf(model, link);
    });
    return {
      id: job.id,
      work: works.get(job.id) ?? { kind: 'labour', minutes: 0, hands: 1 },
      notBefore: moment(Math.max(model.now, booked, ...holds, ...cured)),
      group: groupOf(model, job),
      rank: [
        gateRank(model.membership.get(job.id) ?? 'done'),
        progress.firstOn === null ? 1 : 0,
        -(tail.get(job.id) ?? 0),
        job.stage,
      ],
      placeId: job.placeId,
      ...(booking ? { bookedOn: toDayNumber(booking) } : {}),
      ...whoMay(model, job),
      ...limitsOf(model, job),
    };
  });
  const openIds = new Set(open.map((job) => job.id));
  const links = [...model.graph.into.values()]
    .flat()
    .filter((link) => openIds.has(link.before) && openIds.has(link.after));
  const finds = findTasks(model, tasks);
  const known = new Set([...tasks, ...finds.tasks].map(({ id }) => id));
  return {
    tasks: [...tasks, ...finds.tasks],
    links: [
      ...links.map((link) => ({
        before: link.before,
        after: link.after,
        lag: lagOf(model, link),
        lead: leadOf(model, link),
      })),
      ...finds.links.filter(({ after }) => known.has(after)),
    ],
    soon: soonPairs(model.jobs)
      .filter(({ before, after }) => openIds.has(before) && openIds.has(after))
      .map(({ before, after, withinDays }) => ({
        before,
        after,
        most: withinDays * MINUTES_PER_DAY,
      })),
  };
}

/** Whose work it is: the one who was named, else everybody who does that kind of work. */
function whoMay({ project }: ScheduleModel, job: Job): Pick<Task, 'may' | 'must'> {
  const able = ableFor(project.people, job);
  return {
    ...(able.length < project.people.length ? { may: able.map(({ id }) => id) } : {}),
    ...(job.by ? { must: job.by } : {}),
  };
}

function limitsOf(
  model: ScheduleModel,
  job: Job,
): Pick<Task, 'exclusiveRoom' | 'roomClosedAfter' | 'outdoors'> {
  const { closesRoom, outdoors } = job.limits;
  return {
    ...(closesRoom ? { exclusiveRoom: true } : {}),
    ...(closesRoom === 'wait' ? { roomClosedAfter: waitMinutes(job, model.caution) } : {}),
    ...(outdoors ? { outdoors } : {}),
  };
}

/** The later begins within `most` minutes of the earlier one's end. */
export type OpenSoon = { before: string; after: string; most: number };

/** `lead` is the part of the lag in which something is on its way. */
export type OpenLink = { before: string; after: string; lag: number; lead?: number };

/** Time set aside behind an investigation for what it may find: a task of its own that no list shows. */
function findTasks(
  model: ScheduleModel,
  tasks: readonly Task[],
): { tasks: Task[]; links: OpenLink[] } {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const weights = [...model.allowances].filter(
    ([id, allowed]) => model.byId.has(id) && allowed > 0,
  );
  return {
    tasks: weights.map(([id, allowed]) => ({
      id: findTaskId(id),
      work: { kind: 'labour', minutes: allowed, hands: 1 },
      // Nobody spends today's hours on what was not found yet.
      notBefore: momentAt(addDays(dateOf(model.now), 1), 0),
      group: byId.get(id)?.group ?? 0,
      rank: byId.get(id)?.rank ?? [0],
    })),
    links: weights.flatMap(([id]) => [
      ...(byId.has(id)
        ? [
            {
              before: id as string,
              after: findTaskId(id),
              lag: waitMinutes(model.byId.get(id), model.caution),
            },
          ]
        : []),
      ...(model.graph.outOf.get(id) ?? []).map(({ after }) => ({
        before: findTaskId(id),
        after,
        lag: 0,
      })),
    ]),
  };
}

const findTaskId = (id: JobId): string => `${id}~find`;
