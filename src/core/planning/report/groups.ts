import { dateOf, minutes, mondayOf, type Minutes, type PlainDate } from '../../units';
import type { Plan, PlannedJob } from './plan';

export type Week = { monday: PlainDate; jobs: PlannedJob[]; minutes: Minutes };

/** Jobs not yet done, by the week they start in; what began before today stands in today's week. */
export function weeksOf(plan: Plan): Week[] {
  const thisMonday = mondayOf(dateOf(plan.now));
  const weeks = new Map<PlainDate, PlannedJob[]>();
  const open = plan.jobs.filter((job) => job.doneOn === null).sort((a, b) => a.start - b.start);
  for (const job of open) {
    const begun = mondayOf(dateOf(job.start));
    const monday = begun < thisMonday ? thisMonday : begun;
    weeks.set(monday, [...(weeks.get(monday) ?? []), job]);
  }
  return [...weeks]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([monday, jobs]) => ({
      monday,
      jobs,
      minutes: minutes(jobs.reduce((sum, job) => sum + job.left, 0)),
    }));
}

/** All jobs by stage, with how many of them are done. */
export function stagesOf(plan: Plan): { stage: number; jobs: PlannedJob[]; done: number }[] {
  const stages = new Map<number, PlannedJob[]>();
  for (const job of plan.jobs) stages.set(job.stage, [...(stages.get(job.stage) ?? []), job]);
  return [...stages]
    .sort(([a], [b]) => a - b)
    .map(([stage, jobs]) => ({
      stage,
      jobs,
      done: jobs.filter(({ doneOn }) => doneOn !== null).length,
    }));
}
