import { earliestStarts, topologicalOrder, type Instance } from './instance';
import { Profile } from '../proof/profile';

/**
 * Serial schedule generation over a plain time line: each job of a list as early as precedence and resources allow.
 * Works forward from the start, or backward from a deadline on the reversed project; every call is one schedule.
 */
export class Generator {
  /** Schedules made so far. */
  made = 0;
  readonly jobs: number;
  private readonly duration: Int32Array;
  private readonly profile: Profile;

  constructor(readonly instance: Instance) {
    this.jobs = instance.durations.length;
    this.duration = Int32Array.from(instance.durations);
    this.profile = new Profile(instance);
  }

  private placeAll(
    order: ArrayLike<number>,
    after: readonly (readonly number[])[],
    starts: Int32Array,
  ): void {
    this.made += 1;
    this.profile.clear();
    for (let at = 0; at < this.jobs; at += 1) {
      const job = order[at] ?? 0;
      let from = 0;
      for (const other of after[job] ?? []) {
        from = Math.max(from, (starts[other] ?? 0) + (this.duration[other] ?? 0));
      }
      const start = this.profile.earliestFit(job, from);
      starts[job] = start;
      this.profile.take(job, start);
    }
  }

  /** Starts of all jobs when they are placed in this order, each as early as it fits. The order respects precedence. */
  forward(order: ArrayLike<number>): Int32Array {
    const starts = new Int32Array(this.jobs);
    this.placeAll(order, this.instance.predecessors, starts);
    return starts;
  }

  /** Moves every job as late as it fits before `end`, in this order (last finish first). */
  backward(order: ArrayLike<number>, end: number): Int32Array {
    // Time runs backward here: a start mirrored at the end becomes a finish.
    const starts = new Int32Array(this.jobs);
    this.placeAll(order, this.instance.successors, starts);
    for (let job = 0; job < this.jobs; job += 1) {
      starts[job] = end - (starts[job] ?? 0) - (this.duration[job] ?? 0);
    }
    return starts;
  }

  makespan(starts: ArrayLike<number>): number {
    let most = 0;
    for (let job = 0; job < this.jobs; job += 1) {
      most = Math.max(most, (starts[job] ?? 0) + (this.duration[job] ?? 0));
    }
    return most;
  }
}

/** Places of jobs in a topological order: breaks ties where durations are nought. */
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
