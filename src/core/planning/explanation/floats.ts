import type { JobId } from '../../house';
import { jobsOfGate, type GateSummary, type Plan, type PlannedJob } from '../report';
import { MINUTES_PER_DAY, momentAt, type PlainDate } from '../../units';

/** How many days a job may slip before an end does: a gate's planned day, or a day from outside. */
export type Float = { to: GateSummary['gate'] | { hardDateId: string }; days: number };

const startOf = ({ stretches, start }: PlannedJob): number => stretches[0]?.from ?? start;

/** The latest finish of the job that keeps all of the ends, over all that follows it; Infinity where none does. */
function latestFinish(plan: Plan, ends: ReadonlyMap<JobId, number>): (job: PlannedJob) => number {
  const byId = new Map(plan.jobs.map((job) => [job.id, job]));
  const known = new Map<JobId, number>();
  const of = (job: PlannedJob): number => {
    const before = known.get(job.id);
    if (before !== undefined) return before;
    const followers = job.successors.flatMap((id) => {
      const after = byId.get(id);
      const link = after?.predecessors.find(({ jobId }) => jobId === job.id);
      if (!after || !link || after.doneOn !== null) return [];
      return [of(after) - (after.finish - startOf(after)) - link.waitMinutes];
    });
    const latest = Math.min(ends.get(job.id) ?? Infinity, ...followers);
    known.set(job.id, latest);
    return latest;
  };
  return of;
}

const endOfDay = (day: PlainDate): number => momentAt(day, MINUTES_PER_DAY);

/**
 * A job's float to every gate and every date from outside it leads to, in whole days by the links alone: hands that are
 * busy elsewhere may leave less. Below nought where a date from outside is missed already.
 */
export function floatsOf(
  plan: Plan,
  job: PlannedJob,
  hardDates: readonly { id: string; by: PlainDate }[],
): Float[] {
  if (job.doneOn !== null) return [];
  const open = (each: PlannedJob) => each.doneOn === null;
  const gates = (['sleep', 'live', 'done'] as const).map((gate) => {
    const held = jobsOfGate(plan, gate).filter(open);
    const end = Math.max(0, ...held.map(({ finish, wait }) => finish + (wait?.minutes ?? 0)));
    const ends = held.map((each) => [each.id, end - (each.wait?.minutes ?? 0)] as const);
    return { to: gate, ends: new Map<JobId, number>(ends) };
  });
  const dates = plan.demands.flatMap(({ id, jobIds }) => {
    const date = hardDates.find((each) => each.id === id);
    if (!date) return [];
    const ends = jobIds.map((jobId) => [jobId, endOfDay(date.by)] as const);
    return [{ to: { hardDateId: id }, ends: new Map<JobId, number>(ends) }];
  });
  return [...gates, ...dates].flatMap(({ to, ends }) => {
    const latest = latestFinish(plan, ends)(job);
    return latest === Infinity
      ? []
      : [{ to, days: Math.floor((latest - job.finish) / MINUTES_PER_DAY) }];
  });
}
