import type { OutsideRest, Person, PersonId } from '../../house';
import { MINUTES_PER_DAY, moment, type Moment } from '../../units';
import { Household, longestFor, type Crew } from './household';
import { sequenceOf } from './sequence';
import { generate, precedenceOf, type Precedence, type Precedes, type Site } from './serial';
import { HouseSite } from './site';
import { clustersOf, type Cluster } from '../model/soon';
import type { Shortfall, Placement, ShutRoom, Incumbent, Task, TaskSoon } from '../model/task';

export type ScheduleProblem = {
  now: Moment;
  people: readonly Person[];
  tasks: readonly Task[];
  /** Indices into `tasks`; must hold no loop. */
  links: readonly Precedes[];
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
      ? { ...placement, shortfalls: [...placement.shortfalls, 'long-gap'] }
      : placement,
  );
};

/** A problem made ready to be scheduled many times in different orders. */
export class Scheduler {
  private readonly household: Household;
  readonly successors: Precedence['successors'];
  readonly predecessors: Precedence['predecessors'];
  private readonly clusters: readonly Cluster[];

  constructor(readonly problem: ScheduleProblem) {
    const { people, outsideRest = null, now, tasks, links, keptShares } = problem;
    this.household = new Household(people, outsideRest, now, keptShares);
    const { successors, predecessors } = precedenceOf(tasks.length, links);
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
   * Whether a task may stay where it stands: no later than it was booked for, and with who should do it, one or two as
   * it wants, or saying that they have no hours.
   */
  mayStand(task: Task, { stretches, shortfalls }: Incumbent): boolean {
    const [first] = stretches;
    if (!first) return true;
    if (task.work.kind !== 'labour') {
      return first.from < ((task.bookedOn ?? Infinity) + 1) * MINUTES_PER_DAY;
    }
    const has = (crew: Crew) => longestFor(crew, task) > 0;
    const { alone, pairs } = this.household.crewsFor(task);
    const isForTwo = task.work.hands === 2;
    const twos = isForTwo ? pairs.filter(has) : [];
    const able = twos.length > 0 ? twos : alone.filter(has);
    const says = (shortfall: Shortfall) => shortfalls.includes(shortfall);
    if (able.length === 0) return says('nobody-able');
    if (says('nobody-able') || says('second-pair') !== (isForTwo && twos.length === 0))
      return false;
    const isOf = ({ ids }: Crew) =>
      ids.length === first.people.length && ids.every((id) => first.people.includes(id));
    return able.some(isOf);
  }

  /**
   * The tasks by an order, each as early as it fits; a chain that would stand open begins later. Deterministic. An
   * entry is undefined only when nobody ever has an hour for the task.
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
  putBack(at: readonly (Incumbent | undefined)[]): Schedule | undefined {
    const { tasks, shutRooms = [] } = this.problem;
    const site = new HouseSite(this.household, shutRooms);
    const placements: (Placement | undefined)[] = tasks.map(() => undefined);
    for (const [index, task] of tasks.entries()) {
      const incumbent = at[index];
      if (!incumbent || isEmpty(task)) continue;
      const placement = site.putBack(task, incumbent);
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
  putBackByDay(at: readonly (Incumbent | undefined)[]): Schedule | undefined {
    const { tasks, shutRooms = [] } = this.problem;
    const site = new HouseSite(this.household, shutRooms);
    const placements: (Placement | undefined)[] = tasks.map(() => undefined);
    for (const index of this.byStart(at)) {
      const task = tasks[index];
      if (!task) continue;
      const from = this.freeFrom(index, placements);
      const incumbent = at[index];
      const placement =
        incumbent && !isEmpty(task)
          ? site.putBackByDay(task, incumbent, from)
          : site.place(task, from);
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
  private byStart(at: readonly (Incumbent | undefined)[]): number[] {
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
      ({ after }) => !placements[after]?.shortfalls.includes('long-gap'),
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
    const house = new HouseSite(this.household, shutRooms);
    const placements: (Placement | undefined)[] = tasks.map(() => undefined);
    const notBefore = tasks.map((task, at) => Math.max(task.notBefore, now, floors.get(at) ?? 0));
    const site: Site = {
      place: (index, from) => {
        const task = tasks[index];
        const placement = task && house.place(task, moment(from));
        placements[index] = placement;
        return placement?.finish ?? from;
      },
    };
    generate(sequenceOf(tasks, this, this.clusters, order), this, site, notBefore);
    return placements;
  }
}

const isEmpty = ({ work }: Task): boolean => work.kind === 'labour' && work.minutes <= 0;
