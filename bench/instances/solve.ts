import { listed } from '../../src/core/planning/generation/serial';
import { Branch } from '../proof/branch';
import { breed } from '../../src/core/planning/search/breeding';
import { BothWays } from './both-ways';
import { Generator, latestStarts } from './generate';
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

/** Larger projects are bred only. */
const LARGE = 45;
/** Of smaller ones, the share of the schedules that is bred; with the rest all others are searched, or ruled out. */
const BRED = 0.4;

/**
 * The kernel on a published instance: generated in series, forward and backward in turn, bred; with the 32 jobs of the
 * smaller instances a branch and bound follows, which mostly ends in a proof.
 * Seeded; counts every schedule it makes, jobs placed while branching by their share of one (Kolisch and Hartmann 2006
 * count a schedule as at most one start for each job), and stops at the lower bound.
 */
export function solve(instance: Instance, options: Options): Solution {
  return new Search(instance, options).run();
}

/** One pass with jobs by latest finish: the first feasible schedule, and what the search is measured against. */
export const latestFinishPass = (instance: Instance): number[] => [
  ...firstPass(instance, new Generator(instance)),
];

function firstPass(instance: Instance, generator: Generator): Int32Array {
  const finish = latestStarts(instance).map((start, job) => start + (instance.durations[job] ?? 0));
  return generator.generate(listed(generator.precedence.forward, finish), 'forward');
}

class Search {
  private readonly generator: Generator;
  /** No schedule is shorter, as far as is known. */
  private bound: number;
  /** Smaller projects only: it grows with the ways there are. */
  private readonly branch: Branch | undefined;
  private readonly limit: number;
  private makespan: number;
  private starts: Int32Array;
  private stopped = false;

  constructor(
    private readonly instance: Instance,
    private readonly options: Options,
  ) {
    this.generator = new Generator(instance);
    this.branch = instance.durations.length > LARGE ? undefined : new Branch(instance);
    this.bound = lowerBound(instance);
    this.limit = Math.max(1, options.schedules);
    // Never worse than the plain pass: it is the first schedule.
    this.starts = firstPass(instance, this.generator);
    this.makespan = this.generator.makespan(this.starts);
  }

  /** Schedules made; jobs placed while branching count by the share of all jobs that they are. */
  private get spent(): number {
    const placements = this.branch?.placements ?? 0;
    return this.generator.made + Math.ceil(placements / this.generator.jobs);
  }

  private get over(): boolean {
    return this.stopped || this.spent >= this.limit || this.makespan <= this.bound;
  }

  run(): Solution {
    this.told();
    const turn = this.branch ? this.limit * BRED : this.limit;
    const project = new BothWays(this.instance, this.generator);
    const bred = breed(project, project.memberOf(this.starts, 'forward'), {
      schedules: turn,
      seed: this.options.seed,
    });
    while (!this.over && this.spent < turn) {
      const next = bred.next();
      if (next.done) break;
      this.note(project.forwardStarts(next.value), next.value.makespan);
    }
    this.prove();
    return this.solution();
  }

  /** Looks for shorter schedules until there is none, or no placement is left. */
  private prove(): void {
    if (this.over || !this.branch) return;
    const left = (this.limit - this.spent) * this.generator.jobs;
    const proved = this.branch.search(this.makespan, left, (starts) => {
      this.note(starts, this.generator.makespan(starts));
      return !this.stopped;
    });
    if (proved) this.bound = this.makespan;
  }

  private solution(): Solution {
    return {
      makespan: this.makespan,
      starts: Array.from(this.starts),
      schedules: this.spent,
      lowerBound: this.bound,
    };
  }

  private note(starts: Int32Array, makespan: number): void {
    if (makespan >= this.makespan) return;
    [this.starts, this.makespan] = [starts, makespan];
    this.told();
  }

  private told(): void {
    if (this.options.onBetter?.(this.solution()) === false) this.stopped = true;
  }
}
