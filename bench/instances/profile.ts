import type { Instance } from './instance';

/** What is free of each resource at each time while jobs are placed and taken back. */
export class Profile {
  private readonly duration: Int32Array;
  private readonly need: Int32Array;
  private readonly capacity: Int32Array;
  private readonly resources: number;
  /** Free units, by time and resource; all jobs one after another fit. */
  private readonly free: Int32Array;

  constructor({ durations, needs, capacities }: Instance) {
    this.resources = capacities.length;
    this.duration = Int32Array.from(durations);
    this.need = Int32Array.from(needs.flat());
    this.capacity = Int32Array.from(capacities);
    const horizon = durations.reduce((sum, duration) => sum + duration, 0) + 1;
    this.free = new Int32Array(horizon * this.resources);
    this.clear();
  }

  clear(): void {
    const { free, capacity, resources } = this;
    for (let at = 0; at < free.length; at += resources) {
      for (let resource = 0; resource < resources; resource += 1) {
        free[at + resource] = capacity[resource] ?? 0;
      }
    }
  }

  /** The first time from `from` on at which the job fits for its whole duration. */
  earliestFit(job: number, from: number): number {
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

  take(job: number, start: number): void {
    this.change(job, start, -1);
  }

  giveBack(job: number, start: number): void {
    this.change(job, start, 1);
  }

  private change(job: number, start: number, sign: 1 | -1): void {
    const { free, need, resources } = this;
    const end = start + (this.duration[job] ?? 0);
    const row = job * resources;
    for (let time = start; time < end; time += 1) {
      for (let resource = 0; resource < resources; resource += 1) {
        const at = time * resources + resource;
        free[at] = (free[at] ?? 0) + sign * (need[row + resource] ?? 0);
      }
    }
  }
}
