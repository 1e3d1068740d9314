import { Energy } from './energy';
import { latestStarts } from '../instances/generate';
import { topologicalOrder, type Instance } from '../instances/instance';
import type { PartialSchedule } from './partial-schedule';
import { Profile } from '../instances/profile';
import { Seen } from './seen';

type Next = { job: number; start: number };

/**
 * Depth-first search over the jobs that can come next, in the order of their starts (the precedence tree of Patterson,
 * Słowiński, Talbot and Węglarz 1989), cut by energy, by partial schedules already searched, and by left shift: a job
 * that starts no sooner than another could have ended is never the next one.
 */
export class Branch {
  /** Jobs placed so far, over all searches: as many as there are jobs are the work of one schedule. */
  placements = 0;
  private readonly profile: Profile;
  private readonly energy: Energy;
  private readonly seen = new Seen();
  private readonly order: number[];
  private readonly duration: Int32Array;
  private readonly partial: PartialSchedule;
  /** Predecessors not placed yet. */
  private readonly waiting: Int32Array;
  private readonly priority: number[];
  /** Longest way from a job's finish to the end of the project. */
  private readonly tail: Int32Array;
  private readonly latest: Int32Array;
  private readonly earliest: Int32Array;
  private limit = 0;
  private onFound: (starts: Int32Array) => boolean = () => true;

  constructor(private readonly instance: Instance) {
    const { durations, predecessors, successors } = instance;
    const jobs = durations.length;
    this.profile = new Profile(instance);
    this.energy = new Energy(instance);
    this.order = topologicalOrder(instance) ?? [];
    this.duration = Int32Array.from(durations);
    this.partial = {
      placed: new Uint8Array(jobs),
      starts: new Int32Array(jobs),
      finishes: new Int32Array(jobs),
    };
    this.waiting = Int32Array.from(predecessors, (before) => before.length);
    this.priority = latestStarts(instance);
    this.latest = new Int32Array(jobs);
    this.earliest = new Int32Array(jobs);
    this.tail = new Int32Array(jobs);
    for (const job of this.order.toReversed()) {
      for (const next of successors[job] ?? []) {
        const way = (this.tail[next] ?? 0) + (durations[next] ?? 0);
        this.tail[job] = Math.max(this.tail[job] ?? 0, way);
      }
    }
  }

  /**
   * Schedules that end before `makespan`, each shorter than the one before. True when the last one found (or the one
   * it was to beat) is proved to be shortest; false when so many placements were not enough, or `onFound` answered
   * false.
   */
  search(makespan: number, placements: number, onFound: (starts: Int32Array) => boolean): boolean {
    this.limit = this.placements + placements;
    this.onFound = onFound;
    this.seen.clear();
    // All jobs one after another are a schedule: nothing need be longer.
    const longest = this.duration.reduce((sum, duration) => sum + duration, 0);
    this.aimBelow(Math.min(makespan, longest + 1));
    return this.below(0, 0);
  }

  private aimBelow(makespan: number): void {
    this.tail.forEach((tail, job) => (this.latest[job] = makespan - 1 - tail));
  }

  /** Whether all that follows a partial schedule, whose last start is `now`, was searched. Leaves it as it was. */
  private below(count: number, now: number): boolean {
    if (count === this.order.length) {
      this.aimBelow(Math.max(...this.partial.finishes));
      return this.onFound(this.partial.starts.slice());
    }
    for (const { job, start } of this.next(now)) {
      // A shorter schedule may have been found since this job was listed.
      if (start + (this.duration[job] ?? 0) > (this.latest[job] ?? 0)) return true;
      if (this.placements >= this.limit) return false;
      this.place(job, start);
      const searched = this.below(count + 1, start);
      this.takeBack(job, start);
      if (!searched) return false;
    }
    return true;
  }

  /** Jobs worth placing next, by latest start; none when nothing good can follow. */
  private next(now: number): Next[] {
    const free: Next[] = [];
    let soonest = Infinity;
    for (const job of this.order) {
      if (this.partial.placed[job] || this.waiting[job]) continue;
      const start = this.profile.earliestFit(job, this.readyAt(job, now));
      const finish = start + (this.duration[job] ?? 0);
      if (finish > (this.latest[job] ?? 0)) return [];
      soonest = Math.min(soonest, finish);
      free.push({ job, start });
    }
    if (this.seen.has(this.partial, now) || !this.canFollow(now, free)) return [];
    return free
      .filter(({ job, start }) => start < soonest || (start === soonest && !this.duration[job]))
      .sort((a, b) => (this.priority[a.job] ?? 0) - (this.priority[b.job] ?? 0));
  }

  /** Finds earliest starts of all that is left on the way. */
  private canFollow(now: number, free: readonly Next[]): boolean {
    const { earliest, latest, duration, partial } = this;
    for (const { job, start } of free) earliest[job] = start;
    for (const job of this.order) {
      if (partial.placed[job]) continue;
      if (this.waiting[job]) earliest[job] = this.readyAt(job, now);
      if ((earliest[job] ?? 0) + (duration[job] ?? 0) > (latest[job] ?? 0)) return false;
    }
    return this.energy.fits(partial, now, earliest, latest);
  }

  private readyAt(job: number, now: number): number {
    let ready = now;
    for (const before of this.instance.predecessors[job] ?? []) {
      const finish = this.partial.placed[before]
        ? this.partial.finishes[before]
        : (this.earliest[before] ?? 0) + (this.duration[before] ?? 0);
      ready = Math.max(ready, finish ?? 0);
    }
    return ready;
  }

  private place(job: number, start: number): void {
    this.placements += 1;
    this.partial.placed[job] = 1;
    this.partial.starts[job] = start;
    this.partial.finishes[job] = start + (this.duration[job] ?? 0);
    this.profile.take(job, start);
    this.release(job, -1);
  }

  private takeBack(job: number, start: number): void {
    this.release(job, 1);
    this.profile.giveBack(job, start);
    this.partial.placed[job] = 0;
  }

  private release(job: number, change: 1 | -1): void {
    for (const next of this.instance.successors[job] ?? []) {
      this.waiting[next] = (this.waiting[next] ?? 0) + change;
    }
  }
}
