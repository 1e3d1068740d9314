import type { Entry, JobId } from '../../house';
import type { Plan, PlannedJob } from '../../planning/report';
import {
  addCents,
  moment,
  type Cents,
  type Minutes,
  type Moment,
  type PlainDate,
} from '../../units';

/** What keeping an entry changes, in facts; the screens put them into words. */
export type Effect =
  | { is: 'done'; next: JobId | null; from: Moment | null; jobsLeft: number; after: number }
  /** It closes walls of which nobody said what is behind them. */
  | { is: 'covers-up'; jobId: JobId; walls: number }
  | { is: 'worked'; logged: Minutes; estimate: Minutes }
  | { is: 'spent'; left: Cents; after: Cents }
  | { is: 'not-spent' }
  | { is: 'order-again' }
  | { is: 'holds'; jobId: JobId }
  | { is: 'on-today'; day: PlainDate | null }
  | { is: 'suspicion' }
  | { is: 'in-stores' }
  | { is: 'owed' };

type Known = {
  plan: Pick<Plan, 'gates' | 'now'> | null;
  jobs: ReadonlyMap<string, PlannedJob>;
  /** What is left of the budget; null where none is set. */
  budgetLeft: Cents | null;
  /** How many walls and ceilings a job would close that nobody recorded. */
  unrecorded?: (job: PlannedJob) => number;
};

/** The next of the jobs that a finished one lets go, and from when. */
function nextAfter(job: PlannedJob, jobs: Known['jobs']): PlannedJob | null {
  const after = job.successors
    .flatMap((id) => jobs.get(id) ?? [])
    .filter(({ doneOn }) => doneOn === null);
  const free = after.filter(({ predecessors }) =>
    predecessors.every((wait) => wait.jobId === job.id || wait.over),
  );
  const here = free.find(({ placeId }) => placeId === job.placeId);
  return here ?? free[0] ?? null;
}

/** What an entry changes; null where it only stands in the journal. */
export function effectOf(
  entry: Entry,
  { plan, jobs, budgetLeft, unrecorded }: Known,
): Effect | null {
  switch (entry.kind) {
    case 'progress': {
      const job = jobs.get(entry.jobId);
      if (!job || !plan || entry.share !== 100 || job.doneOn !== null) return null;
      const walls = unrecorded?.(job) ?? 0;
      if (walls > 0) return { is: 'covers-up', jobId: job.id, walls };
      const next = nextAfter(job, jobs);
      const { jobsLeft } = plan.gates.live;
      return {
        is: 'done',
        next: next?.id ?? null,
        from: job.wait ? moment(plan.now + job.wait.minutes) : null,
        jobsLeft,
        after: job.gate === 'done' ? jobsLeft : Math.max(0, jobsLeft - 1),
      };
    }
    case 'hours': {
      const job = entry.jobId === null ? undefined : jobs.get(entry.jobId);
      if (!job || job.estimate <= 0) return null;
      return {
        is: 'worked',
        logged: (job.logged + entry.minutes) as Minutes,
        estimate: job.estimate,
      };
    }
    case 'money': {
      if (entry.committed) return { is: 'not-spent' };
      if (budgetLeft === null || entry.drawsOn === 'contingency') return null;
      const spent = addCents(entry.shares.map(({ cents }) => cents));
      return { is: 'spent', left: budgetLeft, after: (budgetLeft - spent) as Cents };
    }
    case 'quote':
      return { is: 'not-spent' };
    case 'delivered':
      return entry.state === 'whole' ? null : { is: 'order-again' };
    case 'inspection':
      return entry.result === 'failed' && entry.jobId !== null
        ? { is: 'holds', jobId: entry.jobId }
        : null;
    case 'wait':
      return entry.jobId === null ? null : { is: 'holds', jobId: entry.jobId };
    case 'next':
      return { is: 'on-today', day: entry.day };
    case 'find':
      return entry.placeId !== null && entry.suspicion !== undefined ? { is: 'suspicion' } : null;
    case 'leftover':
      return { is: 'in-stores' };
    case 'favour':
      return { is: 'owed' };
    case 'material':
    case 'decision':
    case 'note':
    case 'ordered':
    case 'measured':
    case 'weather':
    case 'behind':
    case 'punch':
      return null;
  }
}
