import type { JobId } from '../../house';
import {
  MINUTES_PER_DAY,
  cents,
  lastDayOf,
  minutes,
  moment,
  type Cents,
  type Minutes,
  type PlainDate,
} from '../../units';
import { openCents } from '../../estimating/job-costs/cost-line';
import type { Plan, PlannedJob } from './plan';

/** What some open jobs still take. */
export type Load = {
  /** From the job that ends last back through whatever lets each one start, first job first. */
  chain: readonly PlannedJob[];
  /** One's own hours, with what is set aside for what may be found. */
  minutesLeft: Minutes;
  /** Waiting inside the chain: drying, curing, booking ahead. */
  waitMinutes: number;
  /** The planned day of the last of them; null when nothing is left. */
  finish: PlainDate | null;
};

const reach = ({ finish, wait }: PlannedJob): number => finish + (wait?.minutes ?? 0);

const lastOf = (jobs: readonly PlannedJob[]): PlannedJob | undefined =>
  jobs.reduce<PlannedJob | undefined>(
    (last, job) => (!last || reach(job) > reach(last) ? job : last),
    undefined,
  );

const waitOf = ({ wait, work }: PlannedJob): number =>
  (wait?.minutes ?? 0) + (work.kind === 'inspection' ? work.bookAheadDays * MINUTES_PER_DAY : 0);

/** Hours, waits and the longest chain of some open jobs, and when they are through. */
export function loadOf(open: readonly PlannedJob[]): Load {
  const byId = new Map(open.map((job) => [job.id, job]));
  const last = lastOf(open);
  const chain: PlannedJob[] = [];
  for (let at = last; at;) {
    chain.unshift(at);
    at = lastOf(at.predecessors.flatMap(({ jobId }) => byId.get(jobId) ?? []));
  }
  return {
    chain,
    minutesLeft: minutes(open.reduce((sum, { left, allowance }) => sum + left + allowance, 0)),
    waitMinutes: chain.reduce((sum, job) => sum + waitOf(job), 0),
    finish: last ? lastDayOf(moment(reach(last))) : null,
  };
}

/** What still lies between today and some jobs being done: they, and what they wait for. */
export type RouteTo = Load & { jobs: readonly PlannedJob[]; moneyLeft: Cents };

/** The way to some jobs: everything open before them through every link, and the chain of it that ends last. */
export function wayTo(plan: Plan, jobIds: readonly JobId[]): RouteTo {
  const byId = new Map(plan.jobs.map((job) => [job.id, job]));
  const openOf = (ids: readonly JobId[]) =>
    ids.flatMap((id) => byId.get(id) ?? []).filter(({ doneOn }) => doneOn === null);
  const seen = new Set(openOf(jobIds));
  for (const job of seen) {
    for (const each of openOf(job.predecessors.map(({ jobId }) => jobId))) seen.add(each);
  }
  const jobs = [...seen].sort((a, b) => a.start - b.start);
  const ids = new Set(jobs.map(({ id }) => id));
  const { committed, toCome } = openCents(
    plan.costs.lines.filter(({ jobId }) => jobId !== null && ids.has(jobId)),
  );
  return { jobs, ...loadOf(jobs), moneyLeft: cents(committed + toCome) };
}

/** What is open and needed by no gate before “Call it done”: it may wait until somebody lives there. */
export const mayWait = (plan: Plan): PlannedJob[] =>
  plan.jobs.filter(({ gate, doneOn }) => gate === 'done' && doneOn === null);
