import { toldOf, type ChangeOrder, type Project } from '../house';
import type { Plan, PlannedJob } from '../planning/report';
import { cents, minutes, type Cents, type Minutes } from '../units';

/** One change order with its jobs and what it comes to, and the changes it led to. */
export type ChangeStanding = {
  change: ChangeOrder;
  jobs: PlannedJob[];
  /** Of its jobs: worked so far and left. */
  minutes: Minutes;
  /** Its own money and that of its jobs. */
  cents: Cents;
  ledTo: ChangeStanding[];
};

const hoursOf = ({ doneOn, logged, left, estimate }: PlannedJob): number =>
  doneOn === null ? logged + left : logged || estimate;

/** Change orders as a tree, oldest first: what one find led to hangs under it. */
export function changeTree(project: Project, plan: Plan | null): ChangeStanding[] {
  const all = Object.values(project.changes).toSorted((a, b) => a.on.localeCompare(b.on));
  const known = new Set(all.map(({ id }) => id));
  const parentOf = ({ cause, id }: ChangeOrder): string | null =>
    cause.kind === 'change' && known.has(cause.changeId) && cause.changeId !== id
      ? cause.changeId
      : null;
  const seen = new Set<string>();
  const standing = (change: ChangeOrder): ChangeStanding => {
    seen.add(change.id);
    const ids = new Set(
      Object.values(project.ownJobs).flatMap((job) => (job.changeId === change.id ? [job.id] : [])),
    );
    const jobs = plan?.jobs.filter(({ id }) => ids.has(id)) ?? [];
    return {
      change,
      jobs,
      minutes: minutes(jobs.reduce((sum, job) => sum + hoursOf(job), 0)),
      cents: cents(jobs.reduce((sum, job) => sum + job.cost, 0) + change.cents),
      ledTo: all.filter((each) => parentOf(each) === change.id && !seen.has(each.id)).map(standing),
    };
  };
  const roots = all.filter((change) => parentOf(change) === null).map(standing);
  // Two that name each other hang nowhere: the first of them stands by itself, the other under it.
  for (const change of all) if (!seen.has(change.id)) roots.push(standing(change));
  return roots;
}

/** A change and all it led to, added up. */
export function cascadeOf(standing: ChangeStanding): {
  minutes: Minutes;
  cents: Cents;
  jobs: number;
} {
  return standing.ledTo.map(cascadeOf).reduce(
    (sum, part) => ({
      minutes: minutes(sum.minutes + part.minutes),
      cents: cents(sum.cents + part.cents),
      jobs: sum.jobs + part.jobs,
    }),
    { minutes: standing.minutes, cents: standing.cents, jobs: standing.jobs.length },
  );
}

/** Finds of the log that no change order answers yet, newest first. */
export function findsOpen(project: Project) {
  const answered = new Set(
    Object.values(project.changes).flatMap(({ cause }) =>
      cause.kind === 'find' && cause.entryId ? [cause.entryId] : [],
    ),
  );
  return toldOf(project, 'find')
    .filter(({ id }) => !answered.has(id))
    .toReversed();
}
