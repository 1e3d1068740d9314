import { workWindow, type Person } from '../../house';
import { MINUTES_PER_DAY, fromDayNumber, moment, type Moment } from '../../units';

/** A stretch of one day in which a task is worked on. */
export type Stretch = { from: Moment; to: Moment };

/** The hours a person gives, day by day, worked out once for all schedules that are tried. */
export class Hours {
  private readonly windows: (readonly Stretch[] | undefined)[] = [];
  private readonly kept: (readonly Stretch[] | undefined)[] = [];

  constructor(
    readonly person: Person,
    readonly firstDay: number,
    /** The share of their hours this person keeps. */
    private readonly keptShare = 1,
  ) {}

  /** One stretch, or none on a day off. */
  on(day: number): readonly Stretch[] {
    return (this.windows[day - this.firstDay] ??= this.windowOn(day));
  }

  /** As far as it is usually kept. */
  keptOn(day: number): readonly Stretch[] {
    return (this.kept[day - this.firstDay] ??= this.asFarAsKept(day, this.on(day)));
  }

  /** What of `free`, a part of the day's hours, lies in what is usually kept of them. */
  asFarAsKept(day: number, free: readonly Stretch[]): readonly Stretch[] {
    const [window] = this.on(day);
    if (!window) return NOTHING;
    const length = window.to - window.from;
    const kept = Math.max(Math.min(length, LEAST_KEPT), Math.round(length * this.keptShare));
    const until = moment(window.from + kept);
    if (until >= window.to) return free;
    return free.flatMap(({ from, to }) =>
      from >= until ? [] : [{ from, to: moment(Math.min(to, until)) }],
    );
  }

  private windowOn(day: number): readonly Stretch[] {
    const window = workWindow(this.person, fromDayNumber(day));
    if (!window) return NOTHING;
    const base = day * MINUTES_PER_DAY;
    return [{ from: moment(base + window.from), to: moment(base + window.to) }];
  }
}

/** Shorter evenings are not cut down to what is usually kept of them: nothing would fit any more. */
const LEAST_KEPT = 30;
const NOTHING: readonly Stretch[] = [];

/** What is left of `free` once `taken` is gone. */
export function without(free: readonly Stretch[], taken: Stretch): Stretch[] {
  const rest: Stretch[] = [];
  for (const stretch of free) {
    if (stretch.to <= taken.from || stretch.from >= taken.to) {
      rest.push(stretch);
      continue;
    }
    if (taken.from > stretch.from) rest.push({ from: stretch.from, to: taken.from });
    if (stretch.to > taken.to) rest.push({ from: taken.to, to: stretch.to });
  }
  return rest;
}

/** What one person still has free. Mutable while a schedule is being built. */
export class PersonCalendar {
  private readonly free: (readonly Stretch[] | undefined)[] = [];
  private readonly keptFree: (readonly Stretch[] | undefined)[] = [];
  /** Days before this one hold nothing any more. */
  firstFree: number;
  /** The same of what is usually kept. */
  firstKept: number;
  /** The last day of which something is taken. */
  lastTaken = -Infinity;

  constructor(readonly hours: Hours) {
    this.firstFree = hours.firstDay;
    this.firstKept = hours.firstDay;
  }

  freeOn(day: number): readonly Stretch[] {
    return this.free[day - this.hours.firstDay] ?? this.hours.on(day);
  }

  /** The same, as far as it is usually kept. */
  keptFreeOn(day: number): readonly Stretch[] {
    const at = day - this.hours.firstDay;
    const free = this.free[at];
    if (!free) return this.hours.keptOn(day);
    return (this.keptFree[at] ??= this.hours.asFarAsKept(day, free));
  }

  take(taken: Stretch): void {
    const day = Math.floor(taken.from / MINUTES_PER_DAY);
    const at = day - this.hours.firstDay;
    this.free[at] = without(this.freeOn(day), taken);
    this.keptFree[at] = undefined;
    this.lastTaken = Math.max(this.lastTaken, day);
    while (this.firstFree <= day && this.freeOn(this.firstFree).length === 0) this.firstFree += 1;
    while (this.firstKept <= day && this.keptFreeOn(this.firstKept).length === 0) {
      this.firstKept += 1;
    }
  }
}

/** Where both are free. */
export function overlap(a: readonly Stretch[], b: readonly Stretch[]): readonly Stretch[] {
  const both: Stretch[] = [];
  for (const left of a) {
    for (const right of b) {
      const from = Math.max(left.from, right.from);
      const to = Math.min(left.to, right.to);
      if (to > from) both.push({ from: moment(from), to: moment(to) });
    }
  }
  return both;
}
