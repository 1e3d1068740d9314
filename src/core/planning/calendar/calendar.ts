import { workWindow, type Person } from '../../house';
import { MINUTES_PER_DAY, fromDayNumber, moment, type Moment } from '../../units';

/** A stretch of one day in which a task is worked on. */
export type Stretch = { from: Moment; to: Moment };

/** The hours a person gives, day by day, worked out once for all schedules that are tried. */
export class Hours {
  private readonly windows: (Stretch | null | undefined)[] = [];

  constructor(
    readonly person: Person,
    readonly firstDay: number,
    /** The share of their hours this person keeps. */
    private readonly keptShare = 1,
  ) {}

  on(day: number): Stretch | null {
    const at = day - this.firstDay;
    const known = this.windows[at];
    if (known !== undefined) return known;
    const window = workWindow(this.person, fromDayNumber(day));
    const base = day * MINUTES_PER_DAY;
    const found = window
      ? { from: moment(base + window.from), to: moment(base + window.to) }
      : null;
    this.windows[at] = found;
    return found;
  }

  /** The end of what is usually kept of the window on a day. */
  keptUntil({ from, to }: Stretch): Moment {
    const length = to - from;
    const kept = Math.max(Math.min(length, LEAST_KEPT), Math.round(length * this.keptShare));
    return moment(from + kept);
  }
}

/** Shorter evenings are not cut down to what is usually kept of them: nothing would fit any more. */
const LEAST_KEPT = 30;
const NOTHING: readonly Stretch[] = [];

/** What is left of `free` once `taken` is gone. */
export function without(free: readonly Stretch[], taken: Stretch): Stretch[] {
  return free.flatMap((stretch) => {
    if (stretch.to <= taken.from || stretch.from >= taken.to) return [stretch];
    const rest: Stretch[] = [];
    if (taken.from > stretch.from) rest.push({ from: stretch.from, to: taken.from });
    if (stretch.to > taken.to) rest.push({ from: taken.to, to: stretch.to });
    return rest;
  });
}

/** What one person still has free. Mutable while a schedule is being built. */
export class PersonCalendar {
  private readonly free: (readonly Stretch[] | undefined)[] = [];
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
    const known = this.free[day - this.hours.firstDay];
    if (known) return known;
    const window = this.hours.on(day);
    return window ? [window] : NOTHING;
  }

  /** The same, as far as it is usually kept. */
  keptFreeOn(day: number): readonly Stretch[] {
    const window = this.hours.on(day);
    if (!window) return NOTHING;
    const until = this.hours.keptUntil(window);
    const free = this.freeOn(day);
    if (until >= window.to) return free;
    return free.flatMap(({ from, to }) =>
      from >= until ? [] : [{ from, to: moment(Math.min(to, until)) }],
    );
  }

  take(taken: Stretch): void {
    const day = Math.floor(taken.from / MINUTES_PER_DAY);
    this.free[day - this.hours.firstDay] = without(this.freeOn(day), taken);
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
