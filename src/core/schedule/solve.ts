import type { Person, PersonId } from '../house';
import {
  MINUTES_PER_DAY,
  addDays,
  dateOf,
  isWeekend,
  moment,
  momentAt,
  type Moment,
} from '../units';
import { PersonCalendar, findStretches, type Stretch } from './calendar';

export type TaskWork =
  /** Person-minutes of the household; with two hands the clock runs half as long. */
  | { kind: 'effort'; minutes: number; hands: 1 | 2 }
  /** A hired trade: this many weekdays in a row, eight to four. */
  | { kind: 'span'; workdays: number }
  /** An inspection on a weekday at nine, booked days ahead of now or of the last failed visit. */
  | { kind: 'hold'; bookedFrom: Moment };

export type Task = {
  id: string;
  work: TaskWork;
  notBefore: Moment;
  /** Smaller goes first among tasks that could start. Compared position by position. */
  rank: readonly number[];
};

export type TaskLink = { before: number; after: number; lag: number };

export type Placement = {
  start: Moment;
  finish: Moment;
  stretches: readonly (Stretch & { people: readonly PersonId[] })[];
  /** A two-person task for which the calendar has no second person. */
  needsSecondPair: boolean;
};

export type ScheduleProblem = {
  now: Moment;
  people: readonly Person[];
  tasks: readonly Task[];
  /** Indices into `tasks`; must hold no loop. */
  links: readonly TaskLink[];
};

const WORKDAY = { from: 8 * 60, to: 16 * 60 };
const VISIT = { at: 9 * 60, length: 60 };

function nextWeekday(date: ReturnType<typeof dateOf>) {
  let day = date;
  while (isWeekend(day)) day = addDays(day, 1);
  return day;
}

/** The first weekday whose `minute` has not passed at `earliest`. */
function weekdayFrom(earliest: Moment, minute: number) {
  const today = dateOf(earliest);
  const passed = earliest > momentAt(today, minute);
  return nextWeekday(passed ? addDays(today, 1) : today);
}

function placeSpan(workdays: number, earliest: Moment): Placement {
  const stretches: Stretch[] = [];
  let day = weekdayFrom(earliest, WORKDAY.from);
  for (let worked = 0; worked < workdays; worked += 1) {
    day = nextWeekday(day);
    stretches.push({ from: momentAt(day, WORKDAY.from), to: momentAt(day, WORKDAY.to) });
    day = addDays(day, 1);
  }
  return placed(
    stretches.map((stretch) => ({ ...stretch, people: [] })),
    earliest,
  );
}

function placeVisit(earliest: Moment): Placement {
  const start = momentAt(weekdayFrom(earliest, VISIT.at), VISIT.at);
  return placed([{ from: start, to: moment(start + VISIT.length), people: [] }], earliest);
}

function placed(
  stretches: Placement['stretches'],
  earliest: Moment,
  needsSecondPair = false,
): Placement {
  return {
    start: stretches[0]?.from ?? earliest,
    finish: stretches.at(-1)?.to ?? earliest,
    stretches,
    needsSecondPair,
  };
}

function pairs<T>(items: readonly T[]): T[][] {
  return items.flatMap((first, at) => items.slice(at + 1).map((second) => [first, second]));
}

/** Tries every crew that fits and takes the one that finishes first; ties go to the earlier named. */
function placeEffort(
  work: Extract<TaskWork, { kind: 'effort' }>,
  earliest: Moment,
  calendars: readonly PersonCalendar[],
): Placement | undefined {
  if (work.minutes <= 0) return placed([], earliest);
  const alone = calendars.map((calendar) => [calendar]);
  const length = Math.ceil(work.minutes / work.hands);
  const crews = work.hands === 2 ? pairs(calendars) : alone;
  const best = bestCrew(crews, length, earliest);
  if (best) return best;
  const single = work.hands === 2 ? bestCrew(alone, length, earliest) : undefined;
  return single && { ...single, needsSecondPair: true };
}

function bestCrew(
  crews: readonly (readonly PersonCalendar[])[],
  length: number,
  earliest: Moment,
): Placement | undefined {
  let best: { crew: readonly PersonCalendar[]; found: Stretch[] } | undefined;
  for (const crew of crews) {
    const found = findStretches(crew, length, earliest);
    const finish = found?.at(-1)?.to;
    if (!found || finish === undefined) continue;
    if (!best || finish < (best.found.at(-1)?.to ?? Infinity)) best = { crew, found };
  }
  if (!best) return undefined;
  const { crew, found } = best;
  for (const stretch of found) for (const calendar of crew) calendar.take(stretch);
  const people = crew.map(({ person }) => person.id);
  return placed(
    found.map((stretch) => ({ ...stretch, people })),
    earliest,
  );
}

function compareRanks(a: readonly number[], b: readonly number[]): number {
  for (let at = 0; at < a.length; at += 1) {
    const difference = (a[at] ?? 0) - (b[at] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}

/**
 * Serial schedule generation: of the tasks whose predecessors are placed, the best ranked goes to its
 * earliest feasible place; gaps are used. Deterministic. Undefined entries cannot happen unless nobody
 * in `people` ever has an hour for a task of effort.
 */
export function solveSchedule(problem: ScheduleProblem): (Placement | undefined)[] {
  const { tasks, links, people } = problem;
  const calendars = people.map((person) => new PersonCalendar(person));
  const waiting = tasks.map(() => 0);
  const successors: TaskLink[][] = tasks.map(() => []);
  for (const link of links) {
    waiting[link.after] = (waiting[link.after] ?? 0) + 1;
    successors[link.before]?.push(link);
  }
  const earliest = tasks.map((task) => Math.max(task.notBefore, problem.now));
  const placements: (Placement | undefined)[] = tasks.map(() => undefined);
  const ready = tasks.flatMap((_, index) => (waiting[index] === 0 ? [index] : []));
  while (ready.length > 0) {
    const index = takeBest(ready, tasks);
    const task = tasks[index];
    if (!task) break;
    const from = moment(earliest[index] ?? problem.now);
    const placement = placeTask(task.work, from, calendars);
    placements[index] = placement;
    const finish = placement?.finish ?? from;
    for (const { after, lag } of successors[index] ?? []) {
      earliest[after] = Math.max(earliest[after] ?? 0, finish + lag);
      waiting[after] = (waiting[after] ?? 0) - 1;
      if (waiting[after] === 0) ready.push(after);
    }
  }
  return placements;
}

function placeTask(
  work: TaskWork,
  from: Moment,
  calendars: readonly PersonCalendar[],
): Placement | undefined {
  switch (work.kind) {
    case 'effort':
      return placeEffort(work, from, calendars);
    case 'span':
      return placeSpan(work.workdays, from);
    case 'hold':
      return placeVisit(moment(Math.max(from, work.bookedFrom)));
  }
}

function takeBest(ready: number[], tasks: readonly Task[]): number {
  let bestAt = 0;
  for (let at = 1; at < ready.length; at += 1) {
    const order = compareRanks(
      tasks[ready[at] ?? 0]?.rank ?? [],
      tasks[ready[bestAt] ?? 0]?.rank ?? [],
    );
    if (order < 0 || (order === 0 && (ready[at] ?? 0) < (ready[bestAt] ?? 0))) bestAt = at;
  }
  return ready.splice(bestAt, 1)[0] ?? 0;
}

/** Elapsed minutes a task takes in round terms, for ranking only. */
export function roughSpan(work: TaskWork, weeklyMinutes: number): number {
  const week = 7 * MINUTES_PER_DAY;
  if (work.kind === 'effort')
    return (work.minutes / work.hands) * (week / Math.max(60, weeklyMinutes));
  return work.kind === 'span' ? (work.workdays * week) / 5 : MINUTES_PER_DAY;
}
