import type { JobId } from '../../house';
import { MINUTES_PER_DAY, type Moment } from '../../units';
import type { HeldBy, Plan, PlannedJob } from '../report/plan';

/** What decided when a job starts. */
export type Cause =
  /** Nothing: it can start with the next hour anybody has. */
  | { kind: 'free' }
  /** It is under way, or done. */
  | { kind: 'begun' }
  /** Another job, or the wait after it. */
  | { kind: 'after'; link: PlannedJob['predecessors'][number] }
  | { kind: 'held'; held: HeldBy }
  /** The same hands were at another job until then. */
  | { kind: 'hands'; jobId: JobId }
  /** It could go on, and nobody has the kind of day it wants before: light, a long day, two people, days in a row. */
  | { kind: 'day'; wants: 'light' | 'long-day' | 'two-people' | 'tool' | 'weekday' | 'hours' };

export type Because = { jobId: JobId; cause: Cause };

/** A start this soon after it was let go follows from it: a night, and the day's work before the evening's. */
const FOLLOWS_WITHIN = MINUTES_PER_DAY;

type Release = { at: number; cause: Cause };

function releaseOf(job: PlannedJob, now: Moment): Release {
  const free: Release = { at: now, cause: { kind: 'free' } };
  const links = job.predecessors.map((link): Release => ({
    at: link.until,
    cause: { kind: 'after', link },
  }));
  const holds = job.heldBy.map((held): Release => ({
    at: held.until,
    cause: { kind: 'held', held },
  }));
  return [...links, ...holds].reduce((last, next) => (next.at > last.at ? next : last), free);
}

const startOf = (job: PlannedJob): number => job.stretches[0]?.from ?? job.start;

/** The job at which the same people were last, after this one was let go. */
function busyWith(plan: Plan, job: PlannedJob, released: number): JobId | undefined {
  const people = new Set(job.stretches[0]?.people ?? []);
  const start = startOf(job);
  let last: { id: JobId; at: number } | undefined;
  for (const other of plan.jobs) {
    if (other.id === job.id) continue;
    for (const { to, people: there } of other.stretches) {
      if (to > start || to <= released || to <= (last?.at ?? 0)) continue;
      if (there.some((person) => people.has(person))) last = { id: other.id, at: to };
    }
  }
  return last?.id;
}

function wantsOf({ work, limits }: PlannedJob): Extract<Cause, { kind: 'day' }>['wants'] {
  if (work.kind !== 'labour') return 'weekday';
  if (limits.outdoors) return 'light';
  if (limits.inOneGo) return 'long-day';
  if (work.hands === 2) return 'two-people';
  return limits.hire ? 'tool' : 'hours';
}

/** What decided when this job starts: the last thing that let it go, the hands that were busy, or the day it wants. */
export function causeOf(plan: Plan, job: PlannedJob): Cause {
  if (job.doneOn !== null || job.state === 'in-hand') return { kind: 'begun' };
  const release = releaseOf(job, plan.now);
  if (startOf(job) - release.at <= FOLLOWS_WITHIN) return release.cause;
  const busy = busyWith(plan, job, release.at);
  if (busy !== undefined) return { kind: 'hands', jobId: busy };
  return { kind: 'day', wants: wantsOf(job) };
}

/** From a job back to today: each entry is what had to happen for the one before it. The job itself stands first. */
export function chainBack(plan: Plan, jobId: JobId): Because[] {
  const byId = new Map(plan.jobs.map((job) => [job.id, job]));
  const chain: Because[] = [];
  const seen = new Set<JobId>();
  let at = byId.get(jobId);
  while (at && !seen.has(at.id)) {
    seen.add(at.id);
    const cause = causeOf(plan, at);
    chain.push({ jobId: at.id, cause });
    if (cause.kind === 'after') at = cause.link.over ? undefined : byId.get(cause.link.jobId);
    else if (cause.kind === 'hands') at = byId.get(cause.jobId);
    else at = undefined;
  }
  return chain;
}
