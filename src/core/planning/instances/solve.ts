import type { Random } from '../../random';
import { Branch } from '../proof/branch';
import { breed, isBetter, type Bred, type Member } from '../search/breeding';
import { Generator, latestStarts, ranks } from './generate';
import { lowerBound, type Instance } from './instance';

export type Solution = {
  makespan: number;
  starts: number[];
  schedules: number;
  lowerBound: number;
};

type Options = {
  schedules: number;
  seed: number;
  /** Called with every better schedule; answering false ends the search. */
  onBetter?: (solution: Solution) => boolean;
};

/** Members: the root of the schedules allowed, so that there are about as many generations as members. */
const populationFor = (schedules: number) =>
  Math.max(8, Math.min(100, Math.round(Math.sqrt(schedules))));

/** Larger projects start from sequences nearer to the priority rule, and breed from the better of two. */
const LARGE = 45;
/** Of smaller ones, the share of the schedules that is bred; with the rest all others are searched, or ruled out. */
const BRED = 0.4;

/**
 * The kernel on a published instance: generated in series, every schedule justified backward and forward (Valls et al.
 * 2005), bred; with the 32 jobs of the smaller instances a branch and bound follows, which mostly ends in a proof.
 * Seeded; counts every schedule it makes, jobs placed while branching by their share of one (Kolisch and Hartmann 2006
 * count a schedule as at most one start for each job), and stops at the lower bound.
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
  private readonly rank: Int32Array;
  private readonly latest: number[];
  /** No schedule is shorter, as far as is known. */
  private bound: number;
  /** Smaller projects only: it grows with the ways there are. */
  private readonly branch: Branch | undefined;
  private readonly limit: number;
  private readonly isLarge: boolean;
  private best: Member;
  private stopped = false;

  constructor(
    private readonly instance: Instance,
    private readonly options: Options,
  ) {
    this.generator = new Generator(instance);
    this.isLarge = instance.durations.length > LARGE;
    this.branch = this.isLarge ? undefined : new Branch(instance);
    this.rank = ranks(instance);
    this.latest = latestStarts(instance);
    this.bound = lowerBound(instance);
    this.limit = Math.max(1, options.schedules);
    // Never worse than the plain pass: it is the first schedule.
    this.best = this.evaluate(latestFinishOrder(instance));
  }

  /** Schedules made; jobs placed while branching count by the share of all jobs that they are. */
  private get spent(): number {
    const placements = this.branch?.placements ?? 0;
    return this.generator.made + Math.ceil(placements / this.generator.jobs);
  }

  private get over(): boolean {
    return this.stopped || this.spent >= this.limit || makespanOf(this.best) <= this.bound;
  }

  run(): Solution {
    this.told();
    const turn = this.branch ? this.limit * BRED : this.limit;
    const bred = breed(this.project(), this.best, {
      population: populationFor(this.limit),
      draws: this.isLarge ? 2 : 1,
      seed: this.options.seed,
    });
    while (!this.over && this.spent < turn) {
      const next = bred.next();
      if (next.done) break;
      this.note(next.value);
    }
    this.prove();
    return this.solution();
  }

  private project(): Bred<Member> {
    const { instance, generator, rank } = this;
    const { needs, capacities, durations } = instance;
    return {
      precedence: generator.precedence,
      evaluate: (sequence) => this.evaluate(sequence),
      sampled: (random) => this.sampled(random),
      byPriority: (priority) => orderBy(instance, priority, rank),
      durationOf: (_, job) => durations[job] ?? 0,
      loads: needs.map((need) =>
        need.reduce((sum, units, at) => sum + units / Math.max(1, capacities[at] ?? 1), 0),
      ),
    };
  }

  /** Looks for shorter schedules until there is none, or no placement is left. */
  private prove(): void {
    if (this.over || !this.branch) return;
    const left = (this.limit - this.spent) * this.generator.jobs;
    const proved = this.branch.search(makespanOf(this.best), left, (starts) => {
      this.note(this.memberOf(starts));
      return !this.stopped;
    });
    if (proved) this.bound = makespanOf(this.best);
  }

  private solution(): Solution {
    return {
      makespan: makespanOf(this.best),
      starts: Array.from(this.best.starts),
      schedules: this.spent,
      lowerBound: this.bound,
    };
  }

  private note(member: Member): void {
    if (!isBetter(member, this.best)) return;
    const isShorter = makespanOf(member) < makespanOf(this.best);
    this.best = member;
    if (isShorter) this.told();
  }

  private told(): void {
    if (this.options.onBetter?.(this.solution()) === false) this.stopped = true;
  }

  /** Generates, then justifies: all jobs as late as they fit, then as early, as long as schedules are left. */
  private evaluate(sequence: Int32Array): Member {
    const { generator, instance } = this;
    let starts = generator.forward(sequence);
    const makespan = generator.makespan(starts);
    if (generator.made + 2 <= this.limit && makespan > this.bound) {
      const finish = Float64Array.from(
        starts,
        (start, job) => -(start + (instance.durations[job] ?? 0)),
      );
      const late = generator.backward(this.sorted(finish, -1), makespan);
      const early = generator.forward(this.sorted(late, 1));
      if (generator.makespan(early) <= makespan) starts = early;
    }
    return this.memberOf(starts);
  }

  /** Of two schedules as long, the one whose jobs begin earlier has more room at its end. */
  private memberOf(starts: Int32Array): Member {
    const spread = starts.reduce((sum, start) => sum + start, 0);
    return {
      sequence: this.sorted(starts, 1),
      starts,
      score: [this.generator.makespan(starts), spread],
    };
  }

  /** Jobs by a key; of equal keys in topological order, or its reverse. */
  private sorted(keys: ArrayLike<number>, direction: 1 | -1): Int32Array {
    const order = Int32Array.from({ length: this.generator.jobs }, (_, job) => job);
    return order.sort(
      (a, b) =>
        (keys[a] ?? 0) - (keys[b] ?? 0) || direction * ((this.rank[a] ?? 0) - (this.rank[b] ?? 0)),
    );
  }

  /** Latest start with some chance: every sequence differs, good ones come more often. */
  private sampled(random: Random): Int32Array {
    const shake = (0.1 + random() * 1.4) * Math.min(1, LARGE / this.generator.jobs);
    const span = Math.max(1, ...this.latest);
    const keys = this.latest.map((latest) => latest + (random() - 0.5) * shake * span);
    return orderBy(this.instance, keys, this.rank);
  }
}

const makespanOf = ({ score }: Member): number => score[0] ?? 0;
