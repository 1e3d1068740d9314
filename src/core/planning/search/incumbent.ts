import { answerOf } from '../../trade/practices';
import { hashOf } from '../../random';
import type { Standing } from '../report';
import type { PlanningInput } from '../../house';
import { moment, type Moment } from '../../units';
import type { Scheduler, Schedule } from '../generation/solve';
import type { Task } from '../model/task';

/**
 * What a plan is looked for anew for: how the house is gone through, and after a space who gives which hours.
 */
export function basisOf(project: PlanningInput): string {
  const { people, path, placeOrder, demands, outsideRest, notBefore } = project;
  const way = [path, answerOf(project, 'shell'), placeOrder, demands, outsideRest, notBefore];
  return `${hashOf(JSON.stringify(way))} ${hashOf(JSON.stringify(people))}`;
}

/** Whether the house is gone through in the same way, whoever does it and whatever there is to do. */
export const isSameWay = (one: string, other: string): boolean =>
  one.split(' ')[0] === other.split(' ')[0];

/** The order of a standing plan, what it does not know of by its own rank. */
export function orderLike(standing: Standing, tasks: readonly Task[], ranked: readonly number[]) {
  const places = new Map<string, number>(
    standing.queue.length > 0
      ? standing.queue.map((id, at) => [id, at])
      : standing.jobs.map((job) => [job.id, job.stretches[0]?.from ?? job.start]),
  );
  // What is new stands where its rank puts it among what is known.
  const byRank = tasks.map((_, at) => at).sort((a, b) => (ranked[a] ?? 0) - (ranked[b] ?? 0));
  let last = 0;
  const key = new Map<number, number>();
  for (const at of byRank) {
    const known = places.get(tasks[at]?.id ?? '');
    if (known !== undefined) last = Math.max(last, known);
    key.set(at, known ?? last);
  }
  const queue = tasks
    .map((_, at) => at)
    .sort((a, b) => (key.get(a) ?? 0) - (key.get(b) ?? 0) || (ranked[a] ?? 0) - (ranked[b] ?? 0));
  const order = tasks.map(() => 0);
  queue.forEach((at, position) => (order[at] = position));
  return order;
}

/**
 * Where the tasks stand already, from now on: exactly there if all of them still fit, else on the same days. What
 * others should do now, or two instead of one, or was booked for an earlier day, is put down anew among them.
 */
export function incumbentStill(
  scheduler: Scheduler,
  standing: Standing,
  now: Moment,
): Schedule | undefined {
  const byId = new Map<string, Standing['jobs'][number]>(standing.jobs.map((job) => [job.id, job]));
  const incumbent = scheduler.problem.tasks.map((task) => {
    const job = byId.get(task.id);
    if (!job) return undefined;
    const stretches = job.stretches
      .filter(({ to }) => to > now)
      .map((stretch) => ({ ...stretch, from: moment(Math.max(stretch.from, now)) }));
    const stands = { stretches, shortfalls: job.shortfalls };
    return scheduler.mayStand(task, stands) ? stands : undefined;
  });
  return scheduler.putBack(incumbent) ?? scheduler.putBackByDay(incumbent);
}

const dayOf = (at: number) => Math.floor(at / (24 * 60));

/** Whether no task ends on a later day in the one than in the other. */
export const isNowhereLater = (one: Schedule, other: Schedule): boolean =>
  one.every((placement, at) => dayOf(placement?.finish ?? 0) <= dayOf(other[at]?.finish ?? 0));
