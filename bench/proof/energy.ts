import type { Instance } from '../instances/instance';
import { limitsOf, type Limit } from './limits';
import type { PartialSchedule } from './partial-schedule';

/**
 * Energetic reasoning (Erschler and Lopez 1990; Baptiste, Le Pape and Nuijten 1999): in a window of time, the least
 * that the unplaced jobs must do of it, pushed to either side, has to find room beside the placed ones.
 */
export class Energy {
  private readonly limits: Limit[];
  private readonly duration: Int32Array;
  private readonly rest: Int32Array;
  /** Free units of one limit up to each time, added up. */
  private readonly freeUntil: Int32Array;

  constructor(instance: Instance) {
    this.limits = limitsOf(instance);
    this.duration = Int32Array.from(instance.durations);
    this.rest = new Int32Array(instance.durations.length);
    this.freeUntil = new Int32Array(instance.durations.reduce((sum, each) => sum + each, 0) + 2);
  }

  /**
   * False when no way to place the rest can exist. `earliest` starts and `latest` finishes of unplaced jobs; placed
   * ones start at `now` or before. The limit that failed last is tried sooner next time.
   */
  fits(partial: PartialSchedule, now: number, earliest: Int32Array, latest: Int32Array): boolean {
    const { limits } = this;
    for (let at = 0; at < limits.length; at += 1) {
      const limit = limits[at] as Limit;
      if (this.hasRoom(limit, partial, now, earliest, latest)) continue;
      limits.splice(at, 1);
      limits.splice(Math.max(0, at - 1), 0, limit);
      return false;
    }
    return true;
  }

  private hasRoom(
    limit: Limit,
    partial: PartialSchedule,
    now: number,
    earliest: Int32Array,
    latest: Int32Array,
  ): boolean {
    const { rest, freeUntil } = this;
    let count = 0;
    let end = now;
    for (let at = 0; at < limit.jobs.length; at += 1) {
      const job = limit.jobs[at] ?? 0;
      if (partial.placed[job] === 1) continue;
      rest[count] = job;
      count += 1;
      end = Math.max(end, latest[job] ?? 0);
    }
    if (count === 0) return true;
    this.addUpFree(limit, partial, now, end);
    for (let from = -1; from < count; from += 1) {
      const begin = from < 0 ? now : (earliest[rest[from] ?? 0] ?? 0);
      if (from >= 0 && begin === now) continue;
      for (let to = 0; to < count; to += 1) {
        const until = latest[rest[to] ?? 0] ?? 0;
        if (until <= begin) continue;
        const free = (freeUntil[until] ?? 0) - (freeUntil[begin] ?? 0);
        if (this.energy(limit, count, begin, until, earliest, latest) > free) return false;
      }
    }
    return true;
  }

  /** What the first `count` of the rest must do between two times, at the least. */
  private energy(
    limit: Limit,
    count: number,
    begin: number,
    until: number,
    earliest: Int32Array,
    latest: Int32Array,
  ): number {
    let energy = 0;
    for (let at = 0; at < count; at += 1) {
      const job = this.rest[at] ?? 0;
      const duration = this.duration[job] ?? 0;
      const early = (earliest[job] ?? 0) + duration - begin;
      const late = until - (latest[job] ?? 0) + duration;
      const inside = Math.min(duration, early, late, until - begin);
      if (inside > 0) energy += inside * (limit.needs[job] ?? 0);
    }
    return energy;
  }

  private addUpFree(limit: Limit, partial: PartialSchedule, now: number, end: number): void {
    const { freeUntil } = this;
    freeUntil.fill(limit.capacity, now, end + 1);
    for (let at = 0; at < limit.jobs.length; at += 1) {
      const job = limit.jobs[at] ?? 0;
      if (partial.placed[job] === 0) continue;
      const finish = Math.min(end, partial.finishes[job] ?? 0);
      for (let time = Math.max(now, partial.starts[job] ?? 0); time < finish; time += 1) {
        freeUntil[time] = (freeUntil[time] ?? 0) - (limit.needs[job] ?? 0);
      }
    }
    let sum = 0;
    for (let time = now; time <= end; time += 1) {
      const free = freeUntil[time] ?? 0;
      freeUntil[time] = sum;
      sum += free;
    }
  }
}
