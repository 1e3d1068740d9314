import type { OutsideRest, Person, PersonId } from '../../house';
import { MINUTES_PER_DAY, moment, type Moment } from '../../units';
import { Household, Site } from './site';
import { clustersOf, type Cluster } from '../model/soon';
import type { Placement, ShutRoom, Stood, Task, TaskLink, TaskSoon } from '../model/task';

export type ScheduleProblem = {
  now: Moment;
  people: readonly Person[];
  tasks: readonly Task[];
  /** Indices into `tasks`; must hold no loop. */
  links: readonly TaskLink[];
  /** Pairs that must follow each other soon. */
  soon?: readonly TaskSoon[];
  outsideRest?: OutsideRest | null;
  /** The share of their hours that people keep, where it is not all. */
  keptShares?: ReadonlyMap<PersonId, number>;
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

/** How often a chain is moved on before it is said that it cannot be kept together. */
const SOON_TRIES = 4;

const withGaps = (placements: Schedule, late: readonly { after: number }[]): Schedule => {
  const torn = new Set(late.map(({ after }) => after));
  return placements.map((placement, at) =>
    placement && torn.has(at)
      ? { ...placement, lacks: [...placement.lacks, 'long-gap'] }
      : placement,
  );
};

/** A problem made ready to be scheduled many times in different orders. */
export class Scheduler {
  private readonly household: Household;
  readonly successors: readonly (readonly TaskLink[])[];
  readonly predecessors: readonly (readonly TaskLink[])[];
  private readonly clusters: readonly Cluster[];

  constructor(readonly problem: ScheduleProblem) {
    const { people, outsideRest = null, now, tasks, links, keptShares } = problem;
    this.household = new Household(people, outsideRest, now, keptShares);
    const successors: TaskLink[][] = tasks.map(() => []);
    const predecessors: TaskLink[][] = tasks.map(() => []);
    for (const link of links) {
      successors[link.before]?.push(link);
      predecessors[link.after]?.push(link);
    }
    this.successors = successors;
    this.predecessors = predecessors;
    this.clusters = clustersOf(problem.soon ?? [], successors, predecessors);
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
    const floors = new Map<number, number>();
    for (let tries = 0; ; tries += 1) {
      const placements = this.pass(order, floors);
      const late = this.gapsOf(placements);
      if (late.length === 0) return placements;
      if (tries === SOON_TRIES) return withGaps(placements, late);
      // What would stand open begins so much later, and a day more for what fills the gap then.
      for (const { before, over } of late) {
        floors.set(before, (placements[before]?.start ?? 0) + over + MINUTES_PER_DAY);
      }
    }
  }

  /**
   * Every task where it is said to stand, what is not said at its earliest place among them; undefined where hours,
   * rooms, links or what is left of a task no longer allow it.
   */
  putBack(at: readonly (Stood | undefined)[]): Schedule | undefined {
    const { tasks, shutRooms = [] } = this.problem;
    const site = new Site(this.household, shutRooms);
    const placements: (Placement | undefined)[] = tasks.map(() => undefined);
    for (const [index, task] of tasks.entries()) {
      const stood = at[index];
      if (!stood || isEmpty(task)) continue;
      const placement = site.putBack(task, stood);
      if (!placement) return undefined;
      placements[index] = placement;
    }
    for (const index of this.byStart(at)) {
      const task = tasks[index];
      if (!task) continue;
      const from = this.freeFrom(index, placements);
      const placement = (placements[index] ??= site.place(task, from));
      if (!placement || placement.start < from) return undefined;
    }
    return this.hasNewGaps(placements) ? undefined : placements;
  }

  /** Every task on the days on which it is said to stand, at whatever hour of them; undefined where that cannot be. */
  putBackByDay(at: readonly (Stood | undefined)[]): Schedule | undefined {
    const { tasks, shutRooms = [] } = this.problem;
    const site = new Site(this.household, shutRooms);
    const placements: (Placement | undefined)[] = tasks.map(() => undefined);
    for (const index of this.byStart(at)) {
      const task = tasks[index];
      if (!task) continue;
      const from = this.freeFrom(index, placements);
      const stood = at[index];
      const placement =
        stood && !isEmpty(task) ? site.putBackByDay(task, stood, from) : site.place(task, from);
      if (!placement || placement.start < from) return undefined;
      placements[index] = placement;
    }
    return this.hasNewGaps(placements) ? undefined : placements;
  }

  /** When all that goes before a task lets it go. */
  private freeFrom(index: number, placements: readonly (Placement | undefined)[]): Moment {
    const { tasks, now } = this.problem;
    return moment(
      (this.predecessors[index] ?? []).reduce(
        (earliest, { before, lag }) =>
          Math.max(earliest, (placements[before]?.finish ?? Infinity) + lag),
        Math.max(tasks[index]?.notBefore ?? now, now) as number,
      ),
    );
  }

  /** Every task after all it waits for; of those that are free, the one that stood first. */
  private byStart(at: readonly (Stood | undefined)[]): number[] {
    const waiting = this.predecessors.map(({ length }) => length);
    const startOf = (index: number) => at[index]?.stretches[0]?.from ?? Infinity;
    const free = waiting.flatMap((left, index) => (left === 0 ? [index] : []));
    const sorted: number[] = [];
    while (free.length > 0) {
      const first = free.reduce((one, other) => (startOf(other) < startOf(one) ? other : one));
      free.splice(free.indexOf(first), 1);
      sorted.push(first);
      for (const { after } of this.successors[first] ?? []) {
        const left = (waiting[after] ?? 0) - 1;
        waiting[after] = left;
        if (left === 0) free.push(after);
      }
    }
    return sorted;
  }

  /** Whether a chain stands open that did not stand open before. */
  private hasNewGaps(placements: Schedule): boolean {
    return this.gapsOf(placements).some(
      ({ after }) => !placements[after]?.lacks.includes('long-gap'),
    );
  }

  /** Pairs whose later job begins too late after the earlier one. */
  private gapsOf(placements: Schedule): { before: number; after: number; over: number }[] {
    return (this.problem.soon ?? []).flatMap(({ before, after, most }) => {
      const [first, second] = [placements[before], placements[after]];
      const over = (second?.start ?? 0) - (first?.finish ?? 0) - most;
      return first && second && over > 0 ? [{ before, after, over }] : [];
    });
  }

  private pass(
    order: readonly number[],
    floors: ReadonlyMap<number, number>,
  ): (Placement | undefined)[] {
    const { tasks, now, shutRooms = [] } = this.problem;
    const site = new Site(this.household, shutRooms);
    const waiting = this.predecessors.map(({ length }) => length);
    const earliest = tasks.map((task, at) => Math.max(task.notBefore, now, floors.get(at) ?? 0));
    const placements: (Placement | undefined)[] = tasks.map(() => undefined);
    const opened = new Set<number>();
    // What opens a chain waits in the queue until all is placed that the rest of the chain waits for.
    const gates = this.clusters.map(({ outside }) => new Set(outside));
    for (const [at, { first }] of this.clusters.entries()) {
      if ((gates[at]?.size ?? 0) > 0) waiting[first] = (waiting[first] ?? 0) + 1;
    }
    const ready = tasks.flatMap((_, index) => (waiting[index] === 0 ? [index] : []));
    const release = (index: number): void => {
      const left = (waiting[index] ?? 0) - 1;
      waiting[index] = left;
      if (left === 0) ready.push(index);
    };
    for (;;) {
      if (ready.length === 0) {
        // Two chains that wait for each other: one is opened all the same, and the gap is said.
        const stuck = gates.findIndex(({ size }) => size > 0);
        if (stuck < 0) break;
        gates[stuck]?.clear();
        release(this.clusters[stuck]?.first ?? 0);
        continue;
      }
      const index = this.takeFirst(ready, order, opened);
      const task = tasks[index];
      if (!task) break;
      const from = moment(earliest[index] ?? now);
      const placement = site.place(task, from);
      placements[index] = placement;
      const finish = placement?.finish ?? from;
      for (const [at, { first, members }] of this.clusters.entries()) {
        if (first === index) for (const member of members) opened.add(member);
        const gate = gates[at];
        if (gate?.delete(index) && gate.size === 0) release(first);
      }
      for (const { after, lag } of this.successors[index] ?? []) {
        earliest[after] = Math.max(earliest[after] ?? 0, finish + lag);
        release(after);
      }
    }
    return placements;
  }

  private takeFirst(
    ready: number[],
    order: readonly number[],
    opened: ReadonlySet<number>,
  ): number {
    const { tasks } = this.problem;
    let first = 0;
    for (let at = 1; at < ready.length; at += 1) {
      const [mine = 0, best = 0] = [ready[at], ready[first]];
      // A chain that was opened goes on before anything else.
      const chained = Number(opened.has(best)) - Number(opened.has(mine));
      const groups = chained || (tasks[mine]?.group ?? 0) - (tasks[best]?.group ?? 0);
      if (groups < 0 || (groups === 0 && (order[mine] ?? 0) < (order[best] ?? 0))) first = at;
    }
    const taken = ready[first] ?? 0;
    ready[first] = ready[ready.length - 1] ?? 0;
    ready.pop();
    return taken;
  }
}

const isEmpty = ({ work }: Task): boolean => work.kind === 'effort' && work.minutes <= 0;

/** One pass in the order of the ranks. */
export function solveSchedule(problem: ScheduleProblem): Schedule {
  const scheduler = new Scheduler(problem);
  return scheduler.run(scheduler.rankedOrder());
}
