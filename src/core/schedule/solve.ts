import type { OutsideRest, Person } from '../house';
import { moment, type Moment } from '../units';
import { Household, Site } from './site';
import type { Placement, ShutRoom, Task, TaskLink } from './task';

export type ScheduleProblem = {
  now: Moment;
  people: readonly Person[];
  tasks: readonly Task[];
  /** Indices into `tasks`; must hold no loop. */
  links: readonly TaskLink[];
  outsideRest?: OutsideRest | null;
  shutRooms?: readonly ShutRoom[];
};

/** One order tried: where each task landed. */
export type Schedule = readonly (Placement | undefined)[];

function compareRanks(a: readonly number[], b: readonly number[]): number {
  for (let at = 0; at < a.length; at += 1) {
    const difference = (a[at] ?? 0) - (b[at] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}

/** A problem made ready to be scheduled many times in different orders. */
export class Scheduler {
  private readonly household: Household;
  readonly successors: readonly (readonly TaskLink[])[];
  readonly predecessors: readonly (readonly TaskLink[])[];

  constructor(readonly problem: ScheduleProblem) {
    const { people, outsideRest = null, now, tasks, links } = problem;
    this.household = new Household(people, outsideRest, now);
    const successors: TaskLink[][] = tasks.map(() => []);
    const predecessors: TaskLink[][] = tasks.map(() => []);
    for (const link of links) {
      successors[link.before]?.push(link);
      predecessors[link.after]?.push(link);
    }
    this.successors = successors;
    this.predecessors = predecessors;
  }

  /** The order the ranks ask for: a place in the queue for each task. */
  rankedOrder(): number[] {
    const { tasks } = this.problem;
    const queue = tasks.map((_, index) => index);
    queue.sort((a, b) => compareRanks(tasks[a]?.rank ?? [], tasks[b]?.rank ?? []) || a - b);
    const order = tasks.map(() => 0);
    queue.forEach((index, position) => (order[index] = position));
    return order;
  }

  /**
   * Serial schedule generation: of the tasks whose predecessors are placed, the one of the smallest group and then of
   * the smallest `order` goes to its earliest feasible place; gaps are used. Deterministic. An entry is undefined only
   * when nobody ever has an hour for the task.
   */
  run(order: readonly number[]): Schedule {
    const { tasks, now, shutRooms = [] } = this.problem;
    const site = new Site(this.household, shutRooms);
    const waiting = this.predecessors.map(({ length }) => length);
    const earliest = tasks.map((task) => Math.max(task.notBefore, now));
    const placements: (Placement | undefined)[] = tasks.map(() => undefined);
    const ready = tasks.flatMap((_, index) => (waiting[index] === 0 ? [index] : []));
    while (ready.length > 0) {
      const index = this.takeFirst(ready, order);
      const task = tasks[index];
      if (!task) break;
      const from = moment(earliest[index] ?? now);
      const placement = site.place(task, from);
      placements[index] = placement;
      const finish = placement?.finish ?? from;
      for (const { after, lag } of this.successors[index] ?? []) {
        earliest[after] = Math.max(earliest[after] ?? 0, finish + lag);
        const left = (waiting[after] ?? 0) - 1;
        waiting[after] = left;
        if (left === 0) ready.push(after);
      }
    }
    return placements;
  }

  private takeFirst(ready: number[], order: readonly number[]): number {
    const { tasks } = this.problem;
    let first = 0;
    for (let at = 1; at < ready.length; at += 1) {
      const [mine = 0, best = 0] = [ready[at], ready[first]];
      const groups = (tasks[mine]?.group ?? 0) - (tasks[best]?.group ?? 0);
      if (groups < 0 || (groups === 0 && (order[mine] ?? 0) < (order[best] ?? 0))) first = at;
    }
    const taken = ready[first] ?? 0;
    ready[first] = ready[ready.length - 1] ?? 0;
    ready.pop();
    return taken;
  }
}

/** One pass in the order of the ranks. */
export function solveSchedule(problem: ScheduleProblem): Schedule {
  const scheduler = new Scheduler(problem);
  return scheduler.run(scheduler.rankedOrder());
}
