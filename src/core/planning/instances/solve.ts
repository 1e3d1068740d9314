import { seededRandom, type Random } from '../../random';
import { Branch } from '../proof/branch';
import { Generator, latestStarts, ranks } from './generate';
import { lowerBound, type Instance } from './instance';

export type Solution = {
  makespan: number;
  starts: number[];
  schedules: number;
  lowerBound: number;
};

type Member = { order: Int32Array; starts: Int32Array; makespan: number; spread: number };

type Options = {
  schedules: number;
  seed: number;
  /** Called with every better schedule; answering false ends the search. */
  onBetter?: (solution: Solution) => boolean;
};

/** Members: the root of the schedules allowed, so that there are about as many generations as members. */
const populationFor = (schedules: number) =>
  Math.max(8, Math.min(100, Math.round(Math.sqrt(schedules))));

/** Neighbours changed over in a child, on average. */
const MUTATIONS = 5;
/** Larger projects start from lists nearer to the priority rule, and breed from the better of two. */
const LARGE = 45;
/** Of smaller ones, the share of the schedules that is bred; with the rest all others are searched, or ruled out. */
const BRED = 0.4;
/** Generations without anything better before half the population is drawn anew. */
const PATIENCE = 60;

/**
 * A hybrid genetic search (after Valls, Ballestín and Quintanilla 2008): lists of jobs, serial generation, every
 * schedule justified backward and forward (Valls et al. 2005), crossover that keeps what is densely packed. With the
 * 32 jobs of the smaller instances a branch and bound follows, which mostly ends in a proof. Seeded; counts every
 * schedule it makes, jobs placed while branching by their share of one (Kolisch and Hartmann 2006 count a schedule as
 * at most one start for each job), and stops at the lower bound.
 */
export function solve(instance: Instance, options: Options): Solution {
  return new Search(instance, options).run();
}

/** One pass with jobs by latest start: the first feasible schedule, and what the search is measured against. */
export function latestFinishPass(instance: Instance): number[] {
  return [...new Generator(instance).forward(latestFinishOrder(instance))];
}

function latestFinishOrder(instance: Instance): Int32Array {
  const finish = latestStarts(instance).map((start, job) => start + (instance.durations[job] ?? 0));
  return orderBy(instance, finish, ranks(instance));
}

/** Jobs by priority, smallest first, never before one they wait for. */
function orderBy(instance: Instance, priority: ArrayLike<number>, rank: Int32Array): Int32Array {
  const waiting = instance.predecessors.map((before) => before.length);
  const free = [...waiting.keys()].filter((job) => waiting[job] === 0);
  const order = new Int32Array(waiting.length);
  for (let at = 0; at < order.length; at += 1) {
    let pick = 0;
    for (let index = 1; index < free.length; index += 1) {
      const [a, b] = [free[index] ?? 0, free[pick] ?? 0];
      const less = (priority[a] ?? 0) - (priority[b] ?? 0);
      if (less < 0 || (less === 0 && (rank[a] ?? 0) < (rank[b] ?? 0))) pick = index;
    }
    const job = free.splice(pick, 1)[0] ?? 0;
    order[at] = job;
    for (const next of instance.successors[job] ?? []) {
      waiting[next] = (waiting[next] ?? 0) - 1;
      if (waiting[next] === 0) free.push(next);
    }
  }
  return order;
}

class Search {
  private readonly generator: Generator;
  private readonly random: Random;
  private readonly rank: Int32Array;
  private readonly latest: number[];
  /** No schedule is shorter, as far as is known. */
  private bound: number;
  /** Smaller projects only: it grows with the ways there are. */
  private readonly branch: Branch | undefined;
  private readonly limit: number;
  private readonly draws: number;
  private best: Member | undefined;
  private stopped = false;

  constructor(
    private readonly instance: Instance,
    private readonly options: Options,
  ) {
    this.generator = new Generator(instance);
    this.branch = instance.durations.length > LARGE ? undefined : new Branch(instance);
    this.random = seededRandom(options.seed);
    this.rank = ranks(instance);
    this.latest = latestStarts(instance);
    this.bound = lowerBound(instance);
    this.limit = Math.max(1, options.schedules);
    this.draws = instance.durations.length > LARGE ? 2 : 1;
  }

  /** Schedules made; jobs placed while branching count by the share of all jobs that they are. */
  private get spent(): number {
    const placements = this.branch?.placements ?? 0;
    return this.generator.made + Math.ceil(placements / this.generator.jobs);
  }

  private get over(): boolean {
    return (
      this.stopped ||
      this.spent >= this.limit ||
      (this.best !== undefined && this.best.makespan <= this.bound)
    );
  }

  run(): Solution {
    // Never worse than the plain pass: it is the first schedule.
    this.note(this.evaluate(latestFinishOrder(this.instance)));
    let population = this.over ? [] : this.firstPopulation();
    let idle = 0;
    const turn = this.branch ? this.limit * BRED : this.limit;
    while (!this.over && population.length > 1 && this.spent < turn) {
      const before = this.best?.makespan ?? Infinity;
      population = this.nextGeneration(population);
      idle = (this.best?.makespan ?? Infinity) < before ? 0 : idle + 1;
      if (idle >= PATIENCE) {
        idle = 0;
        population = this.refreshed(population);
      }
    }
    this.prove();
    return this.solution();
  }

  /** Looks for shorter schedules until there is none, or no placement is left. */
  private prove(): void {
    if (this.over || !this.best || !this.branch) return;
    const left = (this.limit - this.spent) * this.generator.jobs;
    const proved = this.branch.search(this.best.makespan, left, (starts) => {
      this.note(this.memberOf(starts));
      return !this.stopped;
    });
    if (proved) this.bound = this.best.makespan;
  }

  private solution(): Solution {
    return {
      makespan: this.best?.makespan ?? 0,
      starts: [...(this.best?.starts ?? [])],
      schedules: this.spent,
      lowerBound: this.bound,
    };
  }

  private note(member: Member): Member {
    if (!this.best || isBetter(member, this.best)) {
      const shorter = member.makespan < (this.best?.makespan ?? Infinity);
      this.best = member;
      if (shorter && this.options.onBetter?.(this.solution()) === false) this.stopped = true;
    }
    return member;
  }

  /** Generates, then justifies: all jobs as late as they fit, then as early, as long as schedules are left. */
  private evaluate(order: Int32Array): Member {
    const { generator, instance } = this;
    let starts = generator.forward(order);
    let makespan = generator.makespan(starts);
    if (generator.made + 2 <= this.limit && makespan > this.bound) {
      const finish = Float64Array.from(
        starts,
        (start, job) => -(start + (instance.durations[job] ?? 0)),
      );
      const late = generator.backward(this.sorted(finish, -1), makespan);
      const early = generator.forward(this.sorted(late, 1));
      const length = generator.makespan(early);
      if (length <= makespan) {
        starts = early;
        makespan = length;
      }
    }
    return this.memberOf(starts);
  }

  private memberOf(starts: Int32Array): Member {
    const makespan = this.generator.makespan(starts);
    return { order: this.sorted(starts, 1), starts, makespan, spread: this.spreadOf(starts) };
  }

  /** Jobs by a key; of equal keys in topological order, or its reverse. */
  private sorted(keys: ArrayLike<number>, direction: 1 | -1): Int32Array {
    const order = Int32Array.from({ length: this.generator.jobs }, (_, job) => job);
    return order.sort(
      (a, b) =>
        (keys[a] ?? 0) - (keys[b] ?? 0) || direction * ((this.rank[a] ?? 0) - (this.rank[b] ?? 0)),
    );
  }

  /** Of two schedules as long, the one whose jobs lie earlier against their latest starts has more room at its end. */
  private spreadOf(starts: Int32Array): number {
    let sum = 0;
    for (let job = 0; job < starts.length; job += 1) sum += starts[job] ?? 0;
    return sum;
  }

  /** Latest start with some chance: every start list differs, good ones come more often. */
  private sampled(): Int32Array {
    const shake = (0.1 + this.random() * 1.4) * Math.min(1, LARGE / this.generator.jobs);
    const span = Math.max(1, ...this.latest);
    const keys = this.latest.map((latest) => latest + (this.random() - 0.5) * shake * span);
    return orderBy(this.instance, keys, this.rank);
  }

  private firstPopulation(): Member[] {
    const population: Member[] = this.best ? [this.best] : [];
    const size = populationFor(this.limit);
    while (population.length < size && !this.over) {
      population.push(this.note(this.evaluate(this.sampled())));
    }
    return population;
  }

  private refreshed(population: readonly Member[]): Member[] {
    const kept = population.toSorted(compare).slice(0, Math.ceil(population.length / 3));
    while (kept.length < population.length && !this.over) {
      kept.push(this.note(this.evaluate(this.sampled())));
    }
    return kept;
  }

  private nextGeneration(population: readonly Member[]): Member[] {
    const children: Member[] = [];
    for (let pair = 0; pair < population.length / 2 && !this.over; pair += 1) {
      const [mother, father] = [this.pick(population), this.pick(population)];
      for (const [one, other] of [
        [mother, father],
        [father, mother],
      ] as const) {
        if (this.over) break;
        const order = this.mutated(
          this.random() < 0.5 ? this.crossed(one, other) : this.peaked(one, other),
        );
        children.push(this.note(this.evaluate(order)));
      }
    }
    return survivors([...population, ...children], population.length);
  }

  private pick(population: readonly Member[]): Member {
    let best: Member | undefined;
    for (let draw = 0; draw < this.draws; draw += 1) {
      const member = population[Math.floor(this.random() * population.length)];
      if (member && (!best || isBetter(member, best))) best = member;
    }
    return best ?? (population[0] as Member);
  }

  /** Two-point crossover: the middle in the order of the other parent; precedence holds because it holds in both. */
  private crossed(one: Member, other: Member): Int32Array {
    const { jobs } = this.generator;
    const [a, b] = [Math.floor(this.random() * jobs), Math.floor(this.random() * jobs)];
    const [from, to] = [Math.min(a, b), Math.max(a, b)];
    const child = new Int32Array(jobs);
    const used = new Uint8Array(jobs);
    let at = 0;
    const put = (job: number) => {
      if (used[job] === 1) return;
      used[job] = 1;
      child[at] = job;
      at += 1;
    };
    for (let index = 0; index < from; index += 1) put(one.order[index] ?? 0);
    for (let index = 0; index < jobs && at < to; index += 1) put(other.order[index] ?? 0);
    for (let index = 0; index < jobs; index += 1) put(one.order[index] ?? 0);
    return child;
  }

  /** Keeps together the stretch of a parent in which resources are used most, the rest in the order of the other. */
  private peaked(one: Member, other: Member): Int32Array {
    const { jobs } = this.generator;
    const { durations, needs, capacities } = this.instance;
    const length = Math.max(1, one.makespan);
    const window = Math.max(1, Math.round(length * (0.15 + this.random() * 0.3)));
    const load = new Float64Array(length + 1);
    for (let job = 0; job < jobs; job += 1) {
      const share = (needs[job] ?? []).reduce(
        (sum, need, resource) => sum + need / Math.max(1, capacities[resource] ?? 1),
        0,
      );
      const start = one.starts[job] ?? 0;
      for (let time = start; time < start + (durations[job] ?? 0); time += 1) {
        load[time] = (load[time] ?? 0) + share;
      }
    }
    let [bestFrom, most] = [0, -1];
    for (let draw = 0; draw < 6; draw += 1) {
      const from = Math.floor(this.random() * Math.max(1, length - window));
      let sum = 0;
      for (let time = from; time < from + window; time += 1) sum += load[time] ?? 0;
      if (sum > most) [bestFrom, most] = [from, sum];
    }
    const position = new Float64Array(jobs);
    other.order.forEach((job, at) => (position[job] = at));
    const peak = [...one.order].filter((job) => {
      const start = one.starts[job] ?? 0;
      return start >= bestFrom && start < bestFrom + window;
    });
    const middle =
      peak.reduce((sum, job) => sum + (position[job] ?? 0), 0) / Math.max(1, peak.length);
    peak.forEach((job, at) => (position[job] = middle + (at + 1) / (jobs * 4)));
    return orderBy(this.instance, position, this.rank);
  }

  /** Neighbours change places where precedence allows it. */
  private mutated(order: Int32Array): Int32Array {
    for (let at = 0; at + 1 < order.length; at += 1) {
      if (this.random() * this.generator.jobs >= MUTATIONS) continue;
      const [a, b] = [order[at] ?? 0, order[at + 1] ?? 0];
      if (this.instance.successors[a]?.includes(b)) continue;
      order[at] = b;
      order[at + 1] = a;
    }
    return order;
  }
}

const compare = (a: Member, b: Member): number => a.makespan - b.makespan || a.spread - b.spread;
const isBetter = (a: Member, b: Member): boolean => compare(a, b) < 0;

/** The best of old and new, no schedule twice. */
function survivors(members: readonly Member[], size: number): Member[] {
  const kept: Member[] = [];
  for (const member of members.toSorted(compare)) {
    const twin = kept.at(-1);
    const isTwin =
      twin !== undefined &&
      twin.makespan === member.makespan &&
      twin.spread === member.spread &&
      twin.starts.every((start, job) => start === member.starts[job]);
    if (!isTwin) kept.push(member);
    if (kept.length === size) break;
  }
  return kept;
}
