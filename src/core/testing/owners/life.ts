import type { Random } from '../../random';
import { addDays, isWeekend, type PlainDate } from '../../units';
import type { Owner } from './population';

/**
 * Owners who live through a renovation, made apart from everything that plans: a day-by-day life with its own idea of
 * what goes wrong. It imports nothing of the planner (docs/decisions/033), so that the planner's promises are checked
 * by dice that are not its own.
 */
export type OwnersJob = {
  id: string;
  family: string;
  kind: 'labour' | 'trade' | 'visit';
  /** Estimated person-minutes of labour; weekdays of a trade. */
  minutes: number;
  workdays: number;
  hands: 1 | 2;
  /** Minutes that have to be done within one day; 0 for work that may be broken off. */
  oneGo: number;
  isOutside: boolean;
  /** The room it wants for itself; null where others may be about. */
  closes: string | null;
  after: readonly { id: string; waitMinutes: number; onTheWay: boolean }[];
  notBefore: PlainDate;
};

export type OwnersHouse = {
  /** In the order the owner means to go. */
  jobs: readonly OwnersJob[];
  people: readonly { id: string; minutesOn: (on: PlainDate) => number }[];
  firstDay: PlainDate;
};

/** A line of the diary: so many minutes of somebody on a job, and whether that finished it. */
type Lived = { on: PlainDate; who: string | null; job: string; minutes: number };
export type Life = { diary: Lived[]; doneOn: Map<string, PlainDate>; end: PlainDate };

const DAY = 24 * 60;
const LONGEST = 4_000;
const ANOTHER_VISIT_DAYS = 6;
const LEAST_SESSION = 20;
/** Days somebody waits for a second pair of hands or a long enough day before it is done as it can be. */
const PATIENCE = 21;

type Open = {
  job: OwnersJob;
  left: number;
  /** Weekdays left of a trade that stands there. */
  days: number;
  readyOn: PlainDate | null;
  waited: number;
};

/** One life; the same owner, house and luck live the same days. */
export function live(house: OwnersHouse, owner: Owner, random: Random): Life {
  const byId = new Map(house.jobs.map((job) => [job.id, job]));
  const really = new Map(
    house.jobs.map((job) => [job.id, job.minutes * owner.factorOf(job.family, random)]),
  );
  const open: Open[] = house.jobs.map((job) => ({
    job,
    left: really.get(job.id) ?? 0,
    days: job.workdays,
    readyOn: null,
    waited: 0,
  }));
  const doneOn = new Map<string, PlainDate>();
  const diary: Lived[] = [];
  const finish = (one: Open, on: PlainDate) => {
    doneOn.set(one.job.id, on);
    open.splice(open.indexOf(one), 1);
  };
  const readyOn = (job: OwnersJob): PlainDate | null => {
    let from = job.notBefore > house.firstDay ? job.notBefore : house.firstDay;
    if (job.kind !== 'labour') from = addDays(from, owner.slipOf(job.kind, random));
    for (const { id, waitMinutes, onTheWay } of job.after) {
      const done = doneOn.get(id);
      if (!byId.has(id)) continue;
      if (done === undefined) return null;
      const late = onTheWay ? owner.slipOf('delivery', random) : 0;
      const days = Math.ceil((waitMinutes * owner.damp) / DAY) + late;
      const free = addDays(done, days);
      if (free > from) from = free;
    }
    return from;
  };
  const longest = longestDay(house);
  let on = house.firstDay;
  for (let day = 0; day < LONGEST && open.length > 0; day += 1, on = addDays(on, 1)) {
    for (const one of open) one.readyOn ??= readyOn(one.job);
    outsiders(open, on, owner, random, finish);
    const rains = random() < owner.rain;
    const given = house.people.map((person) => ({
      id: person.id,
      left: random() < owner.lost ? 0 : person.minutesOn(on),
      long: person.minutesOn(on),
    }));
    const busyRooms = new Set<string>();
    for (const one of [...open]) {
      const { job } = one;
      one.readyOn ??= readyOn(job);
      if (job.kind !== 'labour' || one.readyOn === null || one.readyOn > on) continue;
      if ((job.isOutside && rains) || (job.closes !== null && busyRooms.has(job.closes))) continue;
      const worked = one.left > 0 ? session(one, given, longest) : [];
      if (worked.length === 0 && one.left > 0) continue;
      if (job.closes !== null) busyRooms.add(job.closes);
      for (const { who, minutes } of worked) diary.push({ on, who, job: job.id, minutes });
      if (one.left <= 0.5) finish(one, on);
    }
  }
  return { diary, doneOn, end: on };
}

type Given = { id: string; left: number; long: number };

/** The most minutes all of them together give on a day of the first week. */
const longestDay = ({ people, firstDay }: OwnersHouse): number =>
  Math.max(
    ...Array.from({ length: 7 }, (_, at) =>
      people.reduce((sum, { minutesOn }) => sum + minutesOn(addDays(firstDay, at)), 0),
    ),
  );

/** What of a day goes into one job: two together where it needs two, else everybody who has time. */
function session(one: Open, given: Given[], longest: number): { who: string; minutes: number }[] {
  const { job } = one;
  const free = given.filter(({ left }) => left >= Math.min(LEAST_SESSION, one.left));
  const two = job.hands === 2 && given.length > 1;
  const crew = two ? free.slice(0, 2) : free;
  if (crew.length === 0) return [];
  if (two && crew.length < 2 && (one.waited += 1) < PATIENCE) return [];
  if (job.oneGo > 0 && longest >= job.oneGo) {
    const all = crew.reduce((sum, { left }) => sum + left, 0);
    if (all < Math.min(one.left, job.oneGo) && (one.waited += 1) < PATIENCE) return [];
  }
  one.waited = 0;
  const needed = one.left;
  return crew.flatMap((person) => {
    const minutes = Math.min(person.left, two ? needed / 2 : one.left);
    if (minutes <= 0) return [];
    person.left -= minutes;
    one.left -= minutes;
    return [{ who: person.id, minutes }];
  });
}

/** Trades and inspectors: they come on weekdays, when they said or later, and not every visit passes. */
function outsiders(
  open: Open[],
  on: PlainDate,
  owner: Owner,
  random: Random,
  finish: (one: Open, on: PlainDate) => void,
): void {
  if (isWeekend(on)) return;
  const standing = new Set<string>();
  for (const one of [...open]) {
    const { job } = one;
    if (job.kind === 'labour' || one.readyOn === null || one.readyOn > on) continue;
    if (job.kind === 'visit') {
      if (random() < owner.fails) one.readyOn = addDays(on, ANOTHER_VISIT_DAYS);
      else finish(one, on);
      continue;
    }
    // One crew of a trade is in one place at a time.
    if (standing.has(job.family)) continue;
    standing.add(job.family);
    one.days -= 1;
    if (one.days <= 0) finish(one, on);
  }
}
