import { earliestStarts, topologicalOrder, type Instance } from './instance';

/**
 * Serial schedule generation over a plain time line: each job of a list as early as precedence and resources allow.
 * Works forward from the start, or backward from a deadline on the reversed project; every call is one schedule.
 */
export class Generator {
  /** Schedules made so far. */
  made = 0;
  readonly jobs: number;
  private readonly duration: Int32Array;
  private readonly need: Int32Array;
  private readonly resources: number;
  private readonly capacity: Int32Array;
  /** Free units, by time and resource. */
  private free: Int32Array;
  private readonly horizon: number;

  constructor(readonly instance: Instance) {
    this.jobs = instance.durations.length;
    this.resources = instance.capacities.length;
    this.duration = Int32Array.from(instance.durations);
    this.need = Int32Array.from(instance.needs.flat());
    this.capacity = Int32Array.from(instance.capacities);
    this.horizon = instance.durations.reduce((sum, duration) => sum + duration, 0) + 1;
    this.free = new Int32Array(this.horizon * this.resources);
  }

  private clear(until: number): void {
    const { free, capacity, resources } = this;
    const end = Math.min(this.horizon, until) * resources;
    for (let at = 0; at < end; at += resources) {
      for (let resource = 0; resource < resources; resource += 1) {
        free[at + resource] = capacity[resource] ?? 0;
      }
    }
  }

  /** The first time from `from` on at which the job fits for its whole duration. */
  private earliestFit(job: number, from: number): number {
    const { free, need, resources } = this;
    const duration = this.duration[job] ?? 0;
    const row = job * resources;
    let start = from;
    for (let time = start; time < start + duration; time += 1) {
      for (let resource = 0; resource < resources; resource += 1) {
        if ((free[time * resources + resource] ?? 0) < (need[row + resource] ?? 0)) {
          start = time + 1;
          break;
        }
      }
    }
    return start;
  }

  private take(job: number, start: number): void {
    const { free, need, resources } = this;
    const end = start + (this.duration[job] ?? 0);
    const row = job * resources;
    for (let time = start; time < end; time += 1) {
      for (let resource = 0; resource < resources; resource += 1) {
        const at = time * resources + resource;
        free[at] = (free[at] ?? 0) - (need[row + resource] ?? 0);
      }
    }
  }

  /** Starts of all jobs when they are placed in this order, each as early as it fits. The order respects precedence. */
  forward(order: ArrayLike<number>): Int32Array {
    this.made += 1;
    this.clear(this.horizon);
    const starts = new Int32Array(this.jobs);
    for (let at = 0; at < this.jobs; at += 1) {
      const job = order[at] ?? 0;
      let from = 0;
      for (const before of this.instance.predecessors[job] ?? []) {
        from = Math.max(from, (starts[before] ?? 0) + (this.duration[before] ?? 0));
      }
      starts[job] = this.earliestFit(job, from);
      this.take(job, starts[job] ?? 0);
    }
    return starts;
  }

  /** Moves every job as late as it fits before `end`, in this order (last finish first). */
  backward(order: ArrayLike<number>, end: number): Int32Array {
    this.made += 1;
    this.clear(this.horizon);
    const latest = new Int32Array(this.jobs);
    for (let at = 0; at < this.jobs; at += 1) {
      const job = order[at] ?? 0;
      let from = 0;
      for (const after of this.instance.successors[job] ?? []) {
        // Time runs backward here: a start mirrored at the end becomes a finish.
        from = Math.max(from, (latest[after] ?? 0) + (this.duration[after] ?? 0));
      }
      latest[job] = this.earliestFit(job, from);
      this.take(job, latest[job] ?? 0);
    }
    const starts = new Int32Array(this.jobs);
    for (let job = 0; job < this.jobs; job += 1) {
      starts[job] = end - (latest[job] ?? 0) - (this.duration[job] ?? 0);
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
