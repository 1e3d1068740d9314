import { workWindow, type Person } from '../house';
import { MINUTES_PER_DAY, fromDayNumber } from '../units';

/** So far ahead a drawn run may reach: past it the last week repeats. */
const DAYS = 1_500;
const WEEK = 7;

/**
 * The hours somebody gives, as a line one can walk along: minutes of work up to a moment, and the moment by which so
 * many are worked. Made once, asked hundreds of thousands of times.
 */
export class WorkClock {
  /** Minutes given before each day, and the window of the day. */
  private readonly before: Float64Array;
  private readonly from: Float64Array;
  private readonly to: Float64Array;
  private readonly perWeek: number;

  constructor(
    people: readonly Person[],
    private readonly firstDay: number,
  ) {
    this.before = new Float64Array(DAYS + 1);
    this.from = new Float64Array(DAYS);
    this.to = new Float64Array(DAYS);
    for (let at = 0; at < DAYS; at += 1) {
      const windows = people.map((person) => workWindow(person, fromDayNumber(firstDay + at)));
      // Together only while all are there.
      const from = Math.max(...windows.map((window) => window?.from ?? Infinity));
      const to = Math.min(...windows.map((window) => window?.to ?? -Infinity));
      const open = to > from;
      const base = (firstDay + at) * MINUTES_PER_DAY;
      this.from[at] = base + (open ? from : 0);
      this.to[at] = base + (open ? to : 0);
      this.before[at + 1] = (this.before[at] ?? 0) + (open ? to - from : 0);
    }
    this.perWeek = (this.before[DAYS] ?? 0) - (this.before[DAYS - WEEK] ?? 0);
  }

  /** Whether anybody ever works by this clock. */
  get runs(): boolean {
    return this.perWeek > 0;
  }

  /** The moment at which `minutes` of work are done when they begin at `start` or at the next hour given. */
  finish(start: number, minutes: number): number {
    const day = Math.min(
      DAYS - 1,
      Math.max(0, Math.floor(start / MINUTES_PER_DAY) - this.firstDay),
    );
    const spent = Math.min(
      Math.max(0, start - (this.from[day] ?? 0)),
      (this.to[day] ?? 0) - (this.from[day] ?? 0),
    );
    const goal = (this.before[day] ?? 0) + spent + minutes;
    const most = this.before[DAYS] ?? 0;
    if (goal > most) {
      const weeks = Math.ceil((goal - most) / this.perWeek);
      return (this.to[DAYS - 1] ?? 0) + weeks * WEEK * MINUTES_PER_DAY;
    }
    let [low, high] = [day, DAYS - 1];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.before[middle + 1] ?? 0) >= goal) high = middle;
      else low = middle + 1;
    }
    return (this.from[low] ?? 0) + goal - (this.before[low] ?? 0);
  }
}
