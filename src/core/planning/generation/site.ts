import type { PersonId, PlaceId } from '../../house';
import { MINUTES_PER_DAY, fromDayNumber, isWeekend, moment, type Moment } from '../../units';
import { PersonCalendar, overlap, type Stretch } from '../calendar/calendar';
import { RoomCalendar } from '../calendar/room';
import {
  SEARCH_DAYS,
  lightStretch,
  longestFor,
  type Crew,
  type Crews,
  type Household,
} from './household';
import type { Shortfall, Placement, ShutRoom, Incumbent, Task, TaskWork } from '../model/task';

/** The minimum session: a shorter gap is left free unless it finishes the task. */
const SHORTEST_SESSION = 30;
/** What rounding may take from each stretch, in minutes. */
const ROUNDED = 1;
/** How far ahead a tighter hire, or an empty room, is looked for. */
const HIRE_TRIES = 28;
const ROOM_TRIES = 60;

const WORKDAY = { from: 8 * 60, to: 16 * 60 };
const VISIT = { at: 9 * 60, length: 60 };

type Effort = Extract<TaskWork, { kind: 'labour' }>;
type Found = { stretches: Stretch[]; shortfalls: Shortfall[] };

const dayOf = (at: number): number => Math.floor(at / MINUTES_PER_DAY);
const finishOf = ({ stretches }: Found): number => stretches.at(-1)?.to ?? Infinity;

/** The site while one schedule is being built: who, which room and which trade is taken when. */
export class HouseSite {
  private readonly people: readonly PersonCalendar[];
  private readonly rooms = new Map<PlaceId, RoomCalendar>();
  private readonly trades = new Map<string, Set<number>>();

  constructor(
    private readonly household: Household,
    shutRooms: readonly ShutRoom[],
  ) {
    this.people = household.hours.map((hours) => new PersonCalendar(hours));
    for (const { placeId, from, to } of shutRooms) this.roomOf(placeId).take({ from, to }, true);
  }

  /** Puts a task at its earliest feasible place from `earliest` on. Undefined when nobody ever has an hour for it. */
  place(task: Task, earliest: Moment): Placement | undefined {
    const { work } = task;
    switch (work.kind) {
      case 'labour':
        return work.minutes <= 0
          ? placed([], earliest, [])
          : this.placeEffort(task, work, earliest);
      case 'subcontract':
        return this.placeSpan(task, work, earliest);
      case 'inspection':
        return this.placeVisitIn(task, moment(Math.max(earliest, work.bookedFrom)));
    }
  }

  /** Puts a task exactly where it stood; undefined where that is not free any more, or no longer enough. */
  putBack(task: Task, incumbent: Incumbent): Placement | undefined {
    const stretches = this.cutToSize(task, incumbent.stretches);
    if (!stretches || !stretches.every((stretch) => this.isOpen(task, stretch))) return undefined;
    const kept = placed(stretches, stretches[0]?.from ?? this.household.now, incumbent.shortfalls);
    if (this.isBusyAfter(task, kept.finish)) return undefined;
    for (const { people, ...stretch } of stretches) {
      for (const at of this.numbersOf(people)) this.people[at]?.take(stretch);
    }
    if (task.work.kind === 'subcontract' && task.work.crew !== undefined) {
      const booked = this.trades.get(task.work.crew) ?? new Set<number>();
      for (const { from } of stretches) booked.add(dayOf(from));
      this.trades.set(task.work.crew, booked);
    }
    this.occupy(task, kept);
    return kept;
  }

  /** Puts a task on the days on which it stood, each as early as the hours of that day allow. */
  putBackByDay(task: Task, incumbent: Incumbent, earliest: Moment): Placement | undefined {
    const { work } = task;
    if (work.kind !== 'labour') return this.putBack(task, incumbent);
    const cut = this.cutToSize(task, incumbent.stretches);
    if (!cut) return undefined;
    let from = earliest;
    const stretches: Placement['stretches'][number][] = [];
    for (const { people, ...stretch } of cut) {
      const length = stretch.to - stretch.from;
      const day = dayOf(stretch.from);
      const calendars = this.numbersOf(people).flatMap((at) => this.people[at] ?? []);
      const slot = this.commonOn(day, calendars, this.room(task), task, false)
        .map((free) => ({ ...free, from: moment(Math.max(free.from, from)) }))
        .find((free) => free.to - free.from >= length);
      if (!slot) return undefined;
      from = moment(slot.from + length);
      stretches.push({ from: slot.from, to: from, people });
    }
    return this.putBack(task, { ...incumbent, stretches });
  }

  /** As much of where it stood as is left to do; undefined where there is more left than that. */
  private cutToSize(
    { work }: Task,
    incumbent: Placement['stretches'],
  ): Placement['stretches'] | undefined {
    if (work.kind === 'subcontract')
      return incumbent.length === work.workdays ? incumbent : undefined;
    if (work.kind === 'inspection') {
      return incumbent.length === 1 && (incumbent[0]?.from ?? 0) >= work.bookedFrom
        ? incumbent
        : undefined;
    }
    const hands = this.household.handsOf(incumbent[0]?.people ?? []);
    let left = Math.ceil((work.minutes - (work.spare ?? 0)) / Math.max(1, hands));
    if (left <= 0) return undefined;
    const cut = incumbent.flatMap((stretch) => {
      const length = Math.min(left, stretch.to - stretch.from);
      left -= length;
      return length > 0 ? [{ ...stretch, to: moment(stretch.from + length) }] : [];
    });
    return left <= ROUNDED * incumbent.length ? cut : undefined;
  }

  private isOpen(task: Task, { people, ...stretch }: Placement['stretches'][number]): boolean {
    const day = dayOf(stretch.from);
    const room = this.room(task);
    let free: readonly Stretch[] = [stretch];
    if (task.work.kind === 'labour') {
      const numbers = this.numbersOf(people);
      if (numbers.length !== people.length || numbers.length === 0) return false;
      for (const at of numbers) free = overlap(free, this.people[at]?.freeOn(day) ?? []);
    }
    if (task.work.kind === 'subcontract') {
      if (isFree(day) || this.trades.get(task.work.crew ?? '')?.has(day)) return false;
    }
    if (task.outdoors) {
      const light = this.household.light.on(day);
      if (!light) return false;
      if (task.work.kind === 'labour') free = overlap(free, [lightStretch(day, light)]);
    }
    if (room) free = room.leave(free, day, task.exclusiveRoom === true);
    return isWhole(free, stretch);
  }

  private numbersOf(people: readonly PersonId[]): number[] {
    return people.flatMap((id) => {
      const at = this.household.hours.findIndex(({ person }) => person.id === id);
      return at < 0 ? [] : [at];
    });
  }

  /** An inspector does not walk on what sets: the first visit on a day when the room is open. */
  private placeVisitIn(task: Task, earliest: Moment): Placement {
    const room = this.room(task);
    let from = earliest;
    for (let tries = 0; tries < ROOM_TRIES; tries += 1) {
      const visit = placeVisit(from);
      const until = room?.shutUntil(visit.start, visit.finish);
      if (until === undefined) {
        this.occupy(task, visit);
        return visit;
      }
      from = until;
    }
    return placeVisit(from);
  }

  private room({ placeId }: Task): RoomCalendar | undefined {
    return placeId === undefined || placeId === null ? undefined : this.roomOf(placeId);
  }

  private roomOf(placeId: PlaceId): RoomCalendar {
    const known = this.rooms.get(placeId);
    if (known) return known;
    const fresh = new RoomCalendar();
    this.rooms.set(placeId, fresh);
    return fresh;
  }

  /** Tries every crew that fits and takes the one that finishes first; ties go to the earlier named. */
  private placeEffort(task: Task, work: Effort, earliest: Moment): Placement | undefined {
    const own = this.placeBy(task, work, earliest, this.household.crewsFor(task));
    if (own || (!task.may && !task.must)) return own;
    // Nobody who should has an hour: the plan goes on with the others, and says so.
    return this.placeBy(task, work, earliest, this.household.everybody, ['nobody-able']);
  }

  private placeBy(
    task: Task,
    work: Effort,
    earliest: Moment,
    { alone, pairs }: Crews,
    shortfalls: readonly Shortfall[] = [],
  ): Placement | undefined {
    const best = this.bestCrew(task, work, work.hands === 2 ? pairs : alone, earliest);
    if (best) {
      best.found.shortfalls.push(...shortfalls);
      return this.keep(task, best.found, best.crew, earliest);
    }
    if (work.hands !== 2) return undefined;
    // One alone takes every person-hour by the clock, never half of them.
    const single = this.bestCrew(task, work, alone, earliest);
    if (!single) return undefined;
    single.found.shortfalls.push('second-pair', ...shortfalls);
    return this.keep(task, single.found, single.crew, earliest);
  }

  /** What no crew can finish in a day, or on no day that is left, is spread like other work, and says so. */
  private bestCrew(
    task: Task,
    work: Effort,
    crews: readonly Crew[],
    earliest: Moment,
  ): { crew: Crew; found: Found } | undefined {
    const whole = this.soonest(task, work, crews, earliest, work.chunk ?? 0);
    if (whole || work.chunk === undefined) return whole;
    const spread = this.soonest(task, work, crews, earliest, 0);
    spread?.found.shortfalls.push('long-day');
    return spread;
  }

  /** The crew that is through first, of those with a day for a piece of so many person-minutes. */
  private soonest(
    task: Task,
    work: Effort,
    crews: readonly Crew[],
    earliest: Moment,
    piece: number,
  ): { crew: Crew; found: Found } | undefined {
    let best: { crew: Crew; found: Found } | undefined;
    for (const crew of crews) {
      const longest = longestFor(crew, task);
      const chunk = piece > 0 ? Math.ceil(piece / crew.hands) : null;
      if (longest === 0 || longest < (chunk ?? 0)) continue;
      const length = Math.ceil(work.minutes / crew.hands);
      const found = this.findAlone(task, crew, length, chunk, work.hireDays, earliest);
      if (found && (!best || finishOf(found) < finishOf(best.found))) best = { crew, found };
    }
    return best;
  }

  /** Moves on until the room can stay shut for as long as the wait wants it. */
  private findAlone(
    task: Task,
    crew: Crew,
    length: number,
    chunk: number | null,
    hireDays: number | undefined,
    earliest: Moment,
  ): Found | undefined {
    let from = earliest;
    for (let tries = 0; tries < ROOM_TRIES; tries += 1) {
      const found =
        hireDays === undefined
          ? this.find(task, crew, length, chunk, from)
          : this.findHired(task, crew, length, chunk, hireDays, from);
      if (!found || !task.roomClosedAfter) return found;
      const finish = moment(finishOf(found));
      const busy = this.room(task)?.busyUntil(finish, moment(finish + task.roomClosedAfter));
      if (busy === undefined) return found;
      from = busy;
    }
    return undefined;
  }

  /** The earliest run of days that brings the tool back in time; else the shortest hire that was found. */
  private findHired(
    task: Task,
    crew: Crew,
    length: number,
    chunk: number | null,
    hireDays: number,
    earliest: Moment,
  ): Found | undefined {
    let from = earliest;
    let best: { found: Found; days: number } | undefined;
    for (let tries = 0; tries < HIRE_TRIES; tries += 1) {
      const found = this.find(task, crew, length, chunk, from);
      const first = found?.stretches[0];
      if (!found || !first) break;
      const days = dayOf(finishOf(found) - 1) - dayOf(first.from) + 1;
      if (days <= hireDays) return found;
      if (!best || days < best.days) best = { found, days };
      from = moment((dayOf(first.from) + 1) * MINUTES_PER_DAY);
    }
    best?.found.shortfalls.push('short-hire');
    return best?.found;
  }

  /** The earliest stretches of `length` clock minutes in all, none before `notBefore`. */
  private find(
    task: Task,
    { people }: Crew,
    length: number,
    chunk: number | null,
    notBefore: Moment,
  ): Found | undefined {
    const calendars = people.flatMap((at) => this.people[at] ?? []);
    const room = this.room(task);
    const stretches: Stretch[] = [];
    let left = length;
    let idleDays = 0;
    // What is lost of the hours is lost by whole evenings: one go, or two people, meet on those that are kept.
    const usual = chunk === null && calendars.length === 1;
    const firstDay = Math.max(
      dayOf(notBefore),
      ...calendars.map(({ firstFree, firstKept }) => (usual ? firstKept : firstFree)),
    );
    const lastTaken = Math.max(...calendars.map((calendar) => calendar.lastTaken));
    for (let day = firstDay; idleDays < SEARCH_DAYS; day += 1) {
      // Days that other jobs fill are no sign that there are no more hours.
      if (day > lastTaken) idleDays += 1;
      for (const stretch of this.commonOn(day, calendars, room, task, usual)) {
        const from = moment(Math.max(stretch.from, notBefore));
        const usable = usableOf(stretch.to - from, left, chunk);
        if (usable <= 0) continue;
        stretches.push({ from, to: moment(from + usable) });
        left -= usable;
        idleDays = 0;
        if (left <= 0) return { stretches, shortfalls: [] };
      }
    }
    return undefined;
  }

  private commonOn(
    day: number,
    calendars: readonly PersonCalendar[],
    room: RoomCalendar | undefined,
    { outdoors, exclusiveRoom }: Task,
    usual: boolean,
  ): readonly Stretch[] {
    let free = (usual ? calendars[0]?.keptFreeOn(day) : calendars[0]?.freeOn(day)) ?? [];
    for (let at = 1; at < calendars.length && free.length > 0; at += 1) {
      free = overlap(free, calendars[at]?.freeOn(day) ?? []);
    }
    if (outdoors && free.length > 0) {
      const light = this.household.light.on(day);
      free = light ? overlap(free, [lightStretch(day, light)]) : [];
    }
    return room && free.length > 0 ? room.leave(free, day, exclusiveRoom === true) : free;
  }

  private keep(task: Task, found: Found, crew: Crew, earliest: Moment): Placement {
    for (const stretch of found.stretches) {
      for (const at of crew.people) this.people[at]?.take(stretch);
    }
    const kept = placed(
      found.stretches.map(({ from, to }) => ({ from, to, people: crew.ids })),
      earliest,
      found.shortfalls,
    );
    this.occupy(task, kept);
    return kept;
  }

  private occupy(task: Task, { stretches, finish }: Placement): void {
    const room = this.room(task);
    if (!room) return;
    for (const stretch of stretches) room.take(stretch, task.exclusiveRoom === true);
    if (task.roomClosedAfter)
      room.take({ from: finish, to: moment(finish + task.roomClosedAfter) }, true);
  }

  /** Whether somebody is in the room while it would have to stay shut behind a task. */
  private isBusyAfter(task: Task, finish: Moment): boolean {
    if (!task.roomClosedAfter) return false;
    return this.room(task)?.busyUntil(finish, moment(finish + task.roomClosedAfter)) !== undefined;
  }

  private placeSpan(
    task: Task,
    { workdays, crew }: Extract<TaskWork, { kind: 'subcontract' }>,
    earliest: Moment,
  ): Placement {
    const booked = crew === undefined ? undefined : (this.trades.get(crew) ?? new Set<number>());
    const room = this.room(task);
    let days: number[] = [];
    let day = weekdayFrom(earliest, WORKDAY.from);
    for (let tries = 0; days.length < workdays; day = nextWeekday(day + 1)) {
      const shift = shiftOn(day);
      const isLast = days.length + 1 === workdays;
      const clear =
        !booked?.has(day) &&
        (!room || isWhole(room.leave([shift], day, task.exclusiveRoom === true), shift)) &&
        (!task.outdoors || this.household.light.on(day) !== undefined) &&
        !(isLast && this.isBusyAfter(task, shift.to));
      // A trade comes for days in a row: what breaks the row begins it anew, while that leads anywhere.
      if (clear || tries >= SEARCH_DAYS) days.push(day);
      else days = [];
      if (!booked?.has(day)) tries += 1;
    }
    if (crew !== undefined && booked) {
      for (const taken of days) booked.add(taken);
      this.trades.set(crew, booked);
    }
    const kept = placed(
      days.map((taken) => ({ ...shiftOn(taken), people: [] })),
      earliest,
      [],
    );
    this.occupy(task, kept);
    return kept;
  }
}

/** How much of a free stretch is used: nothing under a session, and with chunks only whole ones. */
function usableOf(free: number, left: number, chunk: number | null): number {
  if (chunk === null) {
    const usable = Math.min(free, left);
    return usable < SHORTEST_SESSION && usable < left ? 0 : usable;
  }
  return free >= left ? left : Math.floor(free / chunk) * chunk;
}

const isWhole = ([only]: readonly Stretch[], { from, to }: Stretch): boolean =>
  only?.from === from && only.to === to;

const isFree = (day: number): boolean => isWeekend(fromDayNumber(day));

function nextWeekday(day: number): number {
  let next = day;
  while (isFree(next)) next += 1;
  return next;
}

/** The first weekday whose `minute` has not passed at `earliest`. */
function weekdayFrom(earliest: Moment, minute: number): number {
  const today = dayOf(earliest);
  const passed = earliest > today * MINUTES_PER_DAY + minute;
  return nextWeekday(passed ? today + 1 : today);
}

const shiftOn = (day: number): Stretch => ({
  from: moment(day * MINUTES_PER_DAY + WORKDAY.from),
  to: moment(day * MINUTES_PER_DAY + WORKDAY.to),
});

function placeVisit(earliest: Moment): Placement {
  const start = moment(weekdayFrom(earliest, VISIT.at) * MINUTES_PER_DAY + VISIT.at);
  return placed([{ from: start, to: moment(start + VISIT.length), people: [] }], earliest, []);
}

const placed = (
  stretches: Placement['stretches'],
  earliest: Moment,
  shortfalls: readonly Shortfall[],
): Placement => ({
  start: stretches[0]?.from ?? earliest,
  finish: stretches.at(-1)?.to ?? earliest,
  stretches,
  shortfalls,
});
