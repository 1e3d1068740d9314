import {
  generate,
  precedenceOf,
  reversed,
  type Precedence,
  type Precedes,
  type Site,
} from '../../src/core/planning/generation/serial';
import type { Direction } from '../../src/core/planning/search/breeding';
import { earliestStarts, topologicalOrder, type Instance } from './instance';
import { Profile } from './profile';

/** The links of an instance: nothing has to pass between two jobs. */
const linksOf = ({ predecessors }: Instance): Precedes[] =>
  predecessors.flatMap((before, after) =>
    before.map((other) => ({ before: other, after, lag: 0 })),
  );

/** The site of a published instance: capacities on a plain time line. */
class CapacitySite implements Site {
  readonly starts: Int32Array;
  private readonly profile: Profile;

  constructor(private readonly instance: Instance) {
    this.starts = new Int32Array(instance.durations.length);
    this.profile = new Profile(instance);
  }

  clear(): void {
    this.profile.clear();
  }

  place(job: number, from: number): number {
    const start = this.profile.earliestFit(job, from);
    this.starts[job] = start;
    this.profile.take(job, start);
    return start + (this.instance.durations[job] ?? 0);
  }
}

/** The kernel's schedule generation for a published instance; every call is one schedule. */
export class Generator {
  /** Schedules made so far. */
  made = 0;
  readonly jobs: number;
  readonly precedence: Record<Direction, Precedence>;
  private readonly site: CapacitySite;
  private readonly anyTime: Int32Array;

  constructor(readonly instance: Instance) {
    this.jobs = instance.durations.length;
    const forward = precedenceOf(this.jobs, linksOf(instance));
    this.precedence = { forward, backward: reversed(forward) };
    this.site = new CapacitySite(instance);
    this.anyTime = new Int32Array(this.jobs);
  }

  /**
   * Starts of all jobs when they are placed in this order, each as early as it fits, with time running in the
   * direction: backward, a start counts from the project's end to the job's. The order respects precedence there.
   */
  generate(sequence: ArrayLike<number>, direction: Direction): Int32Array {
    this.made += 1;
    this.site.clear();
    generate(sequence, this.precedence[direction], this.site, this.anyTime);
    return this.site.starts.slice();
  }

  makespan(starts: ArrayLike<number>): number {
    let most = 0;
    for (let job = 0; job < this.jobs; job += 1) {
      most = Math.max(most, (starts[job] ?? 0) + (this.instance.durations[job] ?? 0));
    }
    return most;
  }
}

/** Places of jobs in a topological order: breaks ties where durations are zero. */
export function ranks(instance: Instance): Int32Array {
  const rank = new Int32Array(instance.durations.length);
  (topologicalOrder(instance) ?? []).forEach((job, at) => (rank[job] = at));
  return rank;
}

/** Latest starts that keep the critical path: the usual priority of jobs. */
export function latestStarts(instance: Instance): number[] {
  const end = Math.max(
    ...earliestStarts(instance).map((start, job) => start + (instance.durations[job] ?? 0)),
  );
  const latest = instance.durations.map((duration) => end - duration);
  for (const job of (topologicalOrder(instance) ?? []).toReversed()) {
    for (const next of instance.successors[job] ?? []) {
      latest[job] = Math.min(
        latest[job] ?? 0,
        (latest[next] ?? 0) - (instance.durations[job] ?? 0),
      );
    }
  }
  return latest;
}
