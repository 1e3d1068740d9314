import { MINUTES_PER_DAY, moment, type Moment } from '../../units';
import { without, type Stretch } from './calendar';

type Taken = { stretch: Stretch; closesRoom: boolean };

/** Who is in a room when: wet and dusty work wants it alone, and drying may keep it shut. */
export class RoomCalendar {
  private readonly byDay = new Map<number, Taken[]>();

  /** What is left of `free` for work that wants the room alone, or for any other. */
  leave(free: readonly Stretch[], day: number, alone: boolean): readonly Stretch[] {
    const taken = this.byDay.get(day);
    if (!taken) return free;
    return taken.reduce<readonly Stretch[]>(
      (left, { stretch, closesRoom }) => (alone || closesRoom ? without(left, stretch) : left),
      free,
    );
  }

  take(taken: Stretch, closesRoom: boolean): void {
    for (let from: number = taken.from; from < taken.to;) {
      const day = Math.floor(from / MINUTES_PER_DAY);
      const to = Math.min(taken.to, (day + 1) * MINUTES_PER_DAY);
      const stretch = { from: moment(from), to: moment(to) };
      const known = this.byDay.get(day);
      if (known) known.push({ stretch, closesRoom });
      else this.byDay.set(day, [{ stretch, closesRoom }]);
      from = to;
    }
  }

  /** The end of the last thing that stands in the way between two moments; undefined when the room is clear. */
  busyUntil(from: Moment, to: Moment): Moment | undefined {
    return this.lastOf(from, to, () => true);
  }

  /** The same of what closes it alone; somebody working there leaves it open for a look. */
  shutUntil(from: Moment, to: Moment): Moment | undefined {
    return this.lastOf(from, to, ({ closesRoom }) => closesRoom);
  }

  private lastOf(from: Moment, to: Moment, counts: (taken: Taken) => boolean): Moment | undefined {
    let last: Moment | undefined;
    const lastDay = Math.floor((to - 1) / MINUTES_PER_DAY);
    for (let day = Math.floor(from / MINUTES_PER_DAY); day <= lastDay; day += 1) {
      for (const taken of this.byDay.get(day) ?? []) {
        const { stretch } = taken;
        const isIn = stretch.from < to && stretch.to > from;
        if (isIn && counts(taken) && stretch.to > (last ?? 0)) last = stretch.to;
      }
    }
    return last;
  }
}
