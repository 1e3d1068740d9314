import type { Person } from '../house';
import { MINUTES_PER_DAY, isWeekend, fromDayNumber } from '../units';
import { WorkClock } from './clock';

/** A job as a drawn run sees it; all times in minutes of the household's clock. */
export type SimTask = {
  kind: 'effort' | 'span' | 'hold';
  /** Person-minutes, or workdays of a trade. */
  amount: number;
  hands: 1 | 2;
  notBefore: number;
  /** Smaller goes first among jobs that could start alike. */
  priority: number;
  successors: readonly { task: number; lag: number }[];
};

export type SimRun = {
  finish: Float64Array;
  /** The job each one waited for last: through a link, or because the same hands were busy. -1 for none. */
  cause: Int32Array;
};

const MORNING = 8 * 60;
const EVENING = 16 * 60;
const VISIT_MORNING = 9 * 60;
const VISIT = 60;

function weekdayFrom(moment: number, minute: number): number {
  let day = Math.floor(moment / MINUTES_PER_DAY);
  if (moment > day * MINUTES_PER_DAY + minute) day += 1;
  while (isWeekend(fromDayNumber(day))) day += 1;
  return day;
}

function spanFinish(start: number, workdays: number): number {
  let day = weekdayFrom(start, MORNING);
  for (let left = Math.max(1, Math.ceil(workdays)); left > 1; left -= 1) {
    day += 1;
    while (isWeekend(fromDayNumber(day))) day += 1;
  }
  return day * MINUTES_PER_DAY + EVENING;
}

type Crew = { people: readonly number[]; clock: WorkClock };

/**
 * Parallel schedule generation on the household's hours: whoever is free takes what could start first, of equals what
 * the plan puts first. Coarser than the plan (nobody is cut short by the half hour), and hundreds of times faster.
 */
export class Simulator {
  private readonly alone: Crew[];
  private readonly pairs: Crew[];

  constructor(
    people: readonly Person[],
    private readonly now: number,
  ) {
    const firstDay = Math.floor(now / MINUTES_PER_DAY);
    this.alone = people
      .map((person, at) => ({ people: [at], clock: new WorkClock([person], firstDay) }))
      .filter(({ clock }) => clock.runs);
    this.pairs = people
      .flatMap((one, at) =>
        people.slice(at + 1).map((other, next) => ({
          people: [at, at + 1 + next],
          clock: new WorkClock([one, other], firstDay),
        })),
      )
      .filter(({ clock }) => clock.runs);
  }

  run(tasks: readonly SimTask[], waiting: readonly number[]): SimRun {
    const left = Int32Array.from(waiting);
    const earliest = Float64Array.from(tasks, ({ notBefore }) => Math.max(notBefore, this.now));
    const finish = new Float64Array(tasks.length);
    const cause = new Int32Array(tasks.length).fill(-1);
    const freeAt = new Map<number, { at: number; task: number }>();
    const ready = [...tasks.keys()].filter((task) => left[task] === 0);
    while (ready.length > 0) {
      const index = this.next(tasks, ready, earliest, freeAt);
      const task = tasks[index];
      if (!task) break;
      finish[index] = this.place(task, index, earliest[index] ?? this.now, freeAt, cause);
      for (const { task: after, lag } of task.successors) {
        const from = (finish[index] ?? 0) + lag;
        if (from > (earliest[after] ?? 0)) {
          earliest[after] = from;
          cause[after] = index;
        }
        left[after] = (left[after] ?? 0) - 1;
        if (left[after] === 0) ready.push(after);
      }
    }
    return { finish, cause };
  }

  private next(
    tasks: readonly SimTask[],
    ready: number[],
    earliest: Float64Array,
    freeAt: ReadonlyMap<number, { at: number }>,
  ): number {
    let soonest = Infinity;
    for (const { people } of this.alone) {
      soonest = Math.min(soonest, freeAt.get(people[0] ?? 0)?.at ?? this.now);
    }
    let [best, bestStart, bestPriority] = [0, Infinity, Infinity];
    for (let at = 0; at < ready.length; at += 1) {
      const index = ready[at] ?? 0;
      const task = tasks[index];
      if (!task) continue;
      const from = earliest[index] ?? 0;
      const start = task.kind === 'effort' && task.amount > 0 ? Math.max(from, soonest) : from;
      if (start < bestStart || (start === bestStart && task.priority < bestPriority)) {
        [best, bestStart, bestPriority] = [at, start, task.priority];
      }
    }
    return ready.splice(best, 1)[0] ?? 0;
  }

  private place(
    task: SimTask,
    index: number,
    earliest: number,
    freeAt: Map<number, { at: number; task: number }>,
    cause: Int32Array,
  ): number {
    if (task.kind === 'span') return spanFinish(earliest, task.amount);
    if (task.kind === 'hold') {
      return weekdayFrom(earliest, VISIT_MORNING) * MINUTES_PER_DAY + VISIT_MORNING + VISIT;
    }
    if (task.amount <= 0) return earliest;
    const crews = task.hands === 2 && this.pairs.length > 0 ? this.pairs : this.alone;
    let best: { crew: Crew; end: number; after: number } | undefined;
    for (const crew of crews) {
      let [start, after] = [earliest, -1];
      for (const person of crew.people) {
        const busy = freeAt.get(person);
        if (busy && busy.at > start) [start, after] = [busy.at, busy.task];
      }
      const end = crew.clock.finish(start, task.amount / task.hands);
      if (!best || end < best.end) best = { crew, end, after };
    }
    if (!best) return earliest;
    if (best.after >= 0) cause[index] = best.after;
    for (const person of best.crew.people) freeAt.set(person, { at: best.end, task: index });
    return best.end;
  }
}
