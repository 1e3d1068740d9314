import { workWindow, type Person } from '../house';
import { MINUTES_PER_DAY, fromDayNumber, moment, toDayNumber, dateOf, type Moment } from '../units';

/** A stretch of one day in which a task is worked on. */
export type Stretch = { from: Moment; to: Moment };

/** Crumbs shorter than this are left alone unless they finish the task. */
const SHORTEST_STRETCH = 30;
/** After this many days without an hour anybody could give, nobody ever will. */
const SEARCH_DAYS = 400;

/** What one person still has free, day by day. Mutable while a schedule is being built. */
export class PersonCalendar {
  private readonly free = new Map<number, Stretch[]>();

  constructor(readonly person: Person) {}

  freeOn(day: number): Stretch[] {
    const known = this.free.get(day);
    if (known) return known;
    const window = workWindow(this.person, fromDayNumber(day));
    const base = day * MINUTES_PER_DAY;
    const stretches = window
      ? [{ from: moment(base + window.from), to: moment(base + window.to) }]
      : [];
    this.free.set(day, stretches);
    return stretches;
  }

  take(taken: Stretch): void {
    const day = Math.floor(taken.from / MINUTES_PER_DAY);
    this.free.set(
      day,
      this.freeOn(day).flatMap((stretch) => {
        if (stretch.to <= taken.from || stretch.from >= taken.to) return [stretch];
        return [
          { from: stretch.from, to: taken.from },
          { from: taken.to, to: stretch.to },
        ].filter(({ from, to }) => to > from);
      }),
    );
  }
}

function overlap(a: readonly Stretch[], b: readonly Stretch[]): Stretch[] {
  return a.flatMap((left) =>
    b.flatMap((right) => {
      const from = moment(Math.max(left.from, right.from));
      const to = moment(Math.min(left.to, right.to));
      return to > from ? [{ from, to }] : [];
    }),
  );
}

/**
 * The earliest stretches in which all of `people` are free together, adding up to `length` minutes,
 * none before `notBefore`. Undefined when they have no common hour within 400 days of the last one.
 */
export function findStretches(
  people: readonly PersonCalendar[],
  length: number,
  notBefore: Moment,
): Stretch[] | undefined {
  const found: Stretch[] = [];
  let left = length;
  let idleDays = 0;
  for (let day = toDayNumber(dateOf(notBefore)); idleDays < SEARCH_DAYS; day += 1) {
    idleDays += 1;
    const [first, ...others] = people.map((calendar) => calendar.freeOn(day));
    const common = others.reduce((free, next) => overlap(free, next), first ?? []);
    for (const stretch of common) {
      const from = moment(Math.max(stretch.from, notBefore));
      const usable = Math.min(stretch.to - from, left);
      if (usable <= 0 || (usable < SHORTEST_STRETCH && usable < left)) continue;
      found.push({ from, to: moment(from + usable) });
      left -= usable;
      idleDays = 0;
      if (left <= 0) return found;
    }
  }
  return undefined;
}
