import { workWindow, type Project } from '../house';
import { linkJobs } from '../order';
import type { Plan, PlannedJob } from '../plan';
import { expandJobs } from '../steps';
import { dateOf, isWeekend, minuteOfDay } from '../units';

/**
 * What is wrong with a plan, found without the scheduler's help: from the rules, the steps' waits and
 * the people's calendars alone. An empty list is a plan one can work by.
 */
export function faultsOf(project: Project, plan: Plan): string[] {
  const jobs = expandJobs(project);
  const planned = new Map(plan.jobs.map((job) => [job.id, job]));
  const missing = jobs.filter(({ id }) => !planned.has(id)).map(({ id }) => `${id} is not planned`);
  return [
    ...missing,
    ...orderFaults(project, jobs, planned),
    ...plan.jobs.flatMap((job) => ownFaults(job, plan)),
    ...peopleFaults(project, plan),
  ];
}

function orderFaults(
  project: Project,
  jobs: ReturnType<typeof expandJobs>,
  planned: ReadonlyMap<string, PlannedJob>,
) {
  const waits = new Map(jobs.map((job) => [job.id, (job.wait?.hours ?? 0) * 60]));
  return linkJobs(jobs, project).flatMap((link) => {
    const [before, after] = [planned.get(link.before), planned.get(link.after)];
    if (!before || !after || after.doneOn !== null) return [];
    const begin = after.stretches[0]?.from ?? after.finish;
    const free = before.finish + (waits.get(before.id) ?? 0);
    return begin >= free ? [] : [`${after.id} begins before ${before.id} lets it go`];
  });
}

function ownFaults(job: PlannedJob, plan: Plan): string[] {
  if (job.doneOn !== null) return [];
  const faults: string[] = [];
  const worked = job.stretches.reduce(
    (sum, { from, to, people }) => sum + (to - from) * Math.max(1, people.length),
    0,
  );
  if (job.stretches.some(({ from }) => from < plan.now))
    faults.push(`${job.id} begins in the past`);
  for (const held of job.heldBy) {
    if ((job.stretches[0]?.from ?? job.finish) < held.until)
      faults.push(`${job.id} begins before ${held.kind}`);
  }
  if (job.work.kind === 'effort' && !job.needsSecondPair && worked < job.left) {
    faults.push(`${job.id} gets ${worked} of ${job.left} minutes`);
  }
  if (job.work.kind === 'effort' && job.work.hands === 2 && !job.needsSecondPair) {
    if (job.stretches.some(({ people }) => new Set(people).size < 2))
      faults.push(`${job.id} wants two people`);
  }
  if (job.work.kind !== 'effort' && job.stretches.some(({ from }) => isWeekend(dateOf(from)))) {
    faults.push(`${job.id} has a trade or an inspector on a weekend`);
  }
  return faults;
}

function peopleFaults(project: Project, plan: Plan): string[] {
  return project.people.flatMap((person) => {
    const mine = plan.jobs
      .flatMap((job) =>
        job.stretches
          .filter(({ people }) => people.includes(person.id))
          .map((stretch) => ({ ...stretch, job: job.id })),
      )
      .sort((a, b) => a.from - b.from);
    return mine.flatMap((stretch, at) => {
      const window = workWindow(person, dateOf(stretch.from));
      const outside =
        !window ||
        minuteOfDay(stretch.from) < window.from ||
        minuteOfDay(stretch.from) + (stretch.to - stretch.from) > window.to;
      const clash = at > 0 && stretch.from < (mine[at - 1]?.to ?? 0);
      return [
        ...(outside ? [`${person.id} works outside their hours on ${stretch.job}`] : []),
        ...(clash ? [`${person.id} is in two places at once on ${stretch.job}`] : []),
      ];
    });
  });
}
