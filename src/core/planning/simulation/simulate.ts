import { MINUTES_PER_DAY } from '../../units';
import type { HouseholdDays } from './household-days';

/** People by number, and the pairs of hands they bring together. */
export type SimCrew = { people: readonly number[]; hands: number };

/** A job as a drawn run sees it; all times in minutes of the household's clock. */
export type SimTask = {
  kind: 'labour' | 'subcontract' | 'inspection';
  /** Person-minutes, or workdays of a trade. */
  amount: number;
  /** Who may do it, alone or together; of a job of the household's own never none. */
  crews: readonly SimCrew[];
  outdoors: boolean;
  /** Person-minutes that must be done within one day once begun; 0 for work that may be broken off. */
  chunk: number;
  notBefore: number;
  /** Smaller goes first among jobs that could be worked on. */
  priority: number;
  /** After it: a wait, which may stretch, and the way of what is ordered then, which may be late. */
  successors: readonly { task: number; lag: number; lead?: number }[];
};

/** What one run makes of each job. */
export type Sample = {
  /** Person-minutes, or workdays. */
  amount: Float64Array;
  chunk: Float64Array;
  notBefore: Float64Array;
  /** Minutes by which what is ordered for it comes late. */
  late: Float64Array;
  /** The wait after it: so many times as long, and so many minutes more. */
  waitFactor: Float64Array;
  waitExtra: Float64Array;
};

/** Room for what one run makes of so many jobs. */
export const sampleOf = (size: number): Sample => ({
  amount: new Float64Array(size),
  chunk: new Float64Array(size),
  notBefore: new Float64Array(size),
  late: new Float64Array(size),
  waitFactor: new Float64Array(size).fill(1),
  waitExtra: new Float64Array(size),
});

/** Everything takes what it was planned to take. */
export function plainFate(tasks: readonly SimTask[]): Sample {
  const sample = sampleOf(tasks.length);
  tasks.forEach(({ amount, chunk, notBefore }, at) => {
    sample.amount[at] = amount;
    sample.chunk[at] = chunk;
    sample.notBefore[at] = notBefore;
  });
  return sample;
}

/** Which evenings come to nothing; with a share of null all are kept as far as they usually are. */
export type Keeps = { keptShare: number | null; isLost: (day: number) => boolean };

export type SimRun = {
  finish: Float64Array;
  /** The job each one waited for last: through a link, or because the same hands were busy. -1 for none. */
  cause: Int32Array;
};

const DAY = MINUTES_PER_DAY;
const MORNING = 8 * 60;
const EVENING = 16 * 60;
const VISIT_MORNING = 9 * 60;
const VISIT = 60;
/** The minimum session: a shorter gap is left free unless it finishes the job. */
const SHORTEST = 30;
/** What fits no day for so many days is spread like other work. */
const PATIENCE_DAYS = 21;

/**
 * The rest of the house lived through day by day: each evening everybody takes, of what may be worked on, what the plan
 * puts first, and takes it up again the next day. Simpler than the plan (rooms are not locked, tools not counted), and
 * hundreds of times faster.
 */
export class Simulator {
  private readonly present: readonly number[];

  constructor(
    private readonly days: HouseholdDays,
    private readonly now: number,
  ) {
    this.present = days.present();
  }

  run(tasks: readonly SimTask[], waiting: readonly number[], sample: Sample, keeps: Keeps): SimRun {
    return new Run(this.days, this.present, this.now, tasks, waiting, sample, keeps).live();
  }
}

/** One run while it is lived through. */
class Run {
  private readonly left: Int32Array;
  private readonly earliest: Float64Array;
  private readonly remaining: Float64Array;
  private readonly finish: Float64Array;
  private readonly cause: Int32Array;
  private readonly begun: Uint8Array;
  /** Until when each person is busy today, in minutes of the day, and with which job they were last. */
  private readonly busy: Float64Array;
  private readonly lastJob: Int32Array;
  /** Effort that may be worked on, by priority. */
  private readonly open: number[] = [];
  private unfinished: number;
  /** Who works next, and when of today; written over for each job, so that millions of looks leave no waste. */
  private readonly crew = { first: 0, second: -1, hands: 1, from: 0, to: 0 };
  /** The day on which each job was first too long for what was left of it; -1 for none. */
  private readonly tooLongSince: Int32Array;

  constructor(
    private readonly days: HouseholdDays,
    private readonly present: readonly number[],
    private readonly now: number,
    private readonly tasks: readonly SimTask[],
    waiting: readonly number[],
    private readonly sample: Sample,
    private readonly keeps: Keeps,
  ) {
    this.left = Int32Array.from(waiting);
    this.earliest = sample.notBefore.slice();
    this.remaining = sample.amount.slice();
    this.finish = new Float64Array(tasks.length);
    this.cause = new Int32Array(tasks.length).fill(-1);
    this.begun = new Uint8Array(tasks.length);
    this.busy = new Float64Array(days.people);
    this.lastJob = new Int32Array(days.people).fill(-1);
    this.unfinished = tasks.length;
    this.tooLongSince = new Int32Array(tasks.length).fill(-1);
  }

  live(): SimRun {
    for (let task = 0; task < this.tasks.length; task += 1) {
      if (this.left[task] === 0) this.letGo(task);
    }
    const first = Math.floor(this.now / DAY) - this.days.firstDay;
    const { length, firstDay } = this.days;
    for (let day = Math.max(0, first); day < length && this.unfinished > 0; day += 1) {
      this.work(day);
    }
    if (this.unfinished > 0) this.breakOff((firstDay + length) * DAY);
    return { finish: this.finish, cause: this.cause };
  }

  /** What no day was left for is not done sooner than that. */
  private breakOff(end: number): void {
    this.finish.forEach((finish, index) => {
      if (finish === 0) this.finish[index] = end;
    });
  }

  /** Everything before it is done: what others do gets its days at once, one's own work waits for an evening. */
  private letGo(index: number): void {
    const task = this.tasks[index];
    const from = Math.max(this.now, this.earliest[index] ?? 0);
    if (!task) return;
    if (task.kind === 'subcontract') this.done(index, this.spanFinish(from, index, task.outdoors));
    else if (task.kind === 'inspection')
      this.done(index, this.weekdayFrom(from, VISIT_MORNING) + VISIT);
    else if ((this.remaining[index] ?? 0) <= 0) this.done(index, from);
    else {
      let at = this.open.length;
      while (at > 0 && (this.tasks[this.open[at - 1] ?? 0]?.priority ?? 0) > task.priority) at -= 1;
      this.open.splice(at, 0, index);
    }
  }

  private done(index: number, finish: number): void {
    this.finish[index] = finish;
    this.unfinished -= 1;
    const factor = this.sample.waitFactor[index] ?? 1;
    const extra = this.sample.waitExtra[index] ?? 0;
    for (const { task: after, lag, lead } of this.tasks[index]?.successors ?? []) {
      const comes = lead ? lead + (this.sample.late[after] ?? 0) : 0;
      const from = finish + lag * factor + extra + comes;
      if (from > (this.earliest[after] ?? 0)) {
        this.earliest[after] = from;
        this.cause[after] = index;
      }
      const left = (this.left[after] ?? 0) - 1;
      this.left[after] = left;
      if (left === 0) this.letGo(after);
    }
  }

  private work(day: number): void {
    const { days, present, busy, open } = this;
    let leftToday = 0;
    const isLost = this.keeps.isLost(day);
    for (const who of present) {
      const stays = isLost && days.mayLose[who] === true;
      busy[who] = stays ? DAY : 0;
      leftToday += stays ? 0 : days.ends(day, who, false) - days.begins(day, who, false);
    }
    for (let at = 0; at < open.length && leftToday > 0;) {
      const index = open[at] ?? 0;
      const before = this.remaining[index] ?? 0;
      const isDone = this.workOn(index, day);
      leftToday -= before - (isDone ? 0 : (this.remaining[index] ?? 0));
      if (!isDone) {
        at += 1;
        continue;
      }
      open.splice(open.indexOf(index), 1);
      // What it lets go may stand before this place in the queue, and there may be time for it yet.
      at = 0;
    }
  }

  /** Spends what is left of the day on a job; true when that finishes it. */
  private workOn(index: number, day: number): boolean {
    const task = this.tasks[index];
    if (!task || (task.outdoors && this.days.open[day] === 0)) return false;
    const dayStart = (this.days.firstDay + day) * DAY;
    const from = Math.max(this.now, this.earliest[index] ?? 0) - dayStart;
    if (from >= DAY || !this.findCrew(task, day, from)) return false;
    const { crew } = this;
    const free = crew.to - crew.from;
    const { hands } = crew;
    const need = (this.remaining[index] ?? 0) / hands;
    const chunk = Math.min(need, (this.sample.chunk[index] ?? 0) / hands);
    const whole = chunk > 0 ? Math.floor(free / chunk) * chunk : Infinity;
    const usable = Math.min(need, free, whole === 0 && this.isTooLong(index, day) ? free : whole);
    if (usable <= 0 || (usable < SHORTEST && usable < need)) return false;
    if (this.begun[index] === 0) this.begin(index, day, from, crew.first);
    const end = crew.from + usable;
    this.busy[crew.first] = end;
    this.lastJob[crew.first] = index;
    if (crew.second >= 0) {
      this.busy[crew.second] = end;
      this.lastJob[crew.second] = index;
    }
    const left = (need - usable) * hands;
    this.remaining[index] = left;
    if (left > 1e-6) return false;
    this.done(index, dayStart + end);
    return true;
  }

  /** Whether what must be done in one go has found no day that is long enough for weeks. */
  private isTooLong(index: number, day: number): boolean {
    const since = this.tooLongSince[index] ?? -1;
    if (since < 0) this.tooLongSince[index] = day;
    return since >= 0 && day - since >= PATIENCE_DAYS;
  }

  /** It could have begun a day or more ago: then the hands were busy, and with what is why it begins today. */
  private begin(index: number, day: number, from: number, person: number): void {
    this.begun[index] = 1;
    if (day > 0 && from > -DAY / 2) return;
    const last = this.lastJob[person] ?? -1;
    if (last >= 0) this.cause[index] = last;
  }

  /** Finds who can do the most of it in what is left of today, into `crew`; false when nobody has time. */
  private findCrew(task: SimTask, day: number, earliest: number): boolean {
    const { crew } = this;
    crew.from = 0;
    crew.to = 0;
    crew.hands = 1;
    for (const one of task.crews) this.consider(task, day, earliest, one);
    return crew.to > crew.from;
  }

  private consider(task: SimTask, day: number, earliest: number, { people, hands }: SimCrew): void {
    const { days, busy, crew } = this;
    // By the plan hours are kept as usual; one go, or two people, meet on evenings that are kept whole.
    const usual = this.keeps.keptShare === null && people.length === 1 && task.chunk === 0;
    let from = earliest;
    let to = DAY;
    for (const who of people) {
      from = Math.max(from, days.begins(day, who, task.outdoors), busy[who] ?? 0);
      to = Math.min(to, days.ends(day, who, task.outdoors, usual));
    }
    if ((to - from) * hands <= (crew.to - crew.from) * crew.hands) return;
    crew.from = from;
    crew.to = to;
    crew.hands = hands;
    crew.first = people[0] ?? 0;
    crew.second = people[1] ?? -1;
  }

  private weekdayFrom(moment: number, minute: number): number {
    let day = Math.floor(moment / DAY) - this.days.firstDay;
    if (moment > (day + this.days.firstDay) * DAY + minute) day += 1;
    while (this.days.weekend[day] === 1) day += 1;
    return (day + this.days.firstDay) * DAY + minute;
  }

  private spanFinish(start: number, index: number, outdoors: boolean): number {
    let at = this.weekdayFrom(start, MORNING);
    for (let left = Math.max(1, Math.ceil(this.sample.amount[index] ?? 1)); left > 0; left -= 1) {
      while (outdoors && this.days.open[at / DAY - this.days.firstDay] === 0) {
        at = this.weekdayFrom(at + DAY, MORNING);
      }
      if (left > 1) at = this.weekdayFrom(at + DAY - MORNING, MORNING);
    }
    return at - MORNING + EVENING;
  }
}
