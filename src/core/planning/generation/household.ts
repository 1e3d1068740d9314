import { handsOf, longestDayOf, type OutsideRest, type Person, type PersonId } from '../../house';
import { MINUTES_PER_DAY, dateOf, moment, toDayNumber, type Moment } from '../../units';
import { Hours, type Stretch } from '../calendar/calendar';
import { Daylight } from '../calendar/daylight';
import type { Task } from '../model/task';

/** After this many days without an hour anybody could give, nobody ever will. */
export const SEARCH_DAYS = 400;

export type Crew = {
  people: readonly number[];
  ids: readonly PersonId[];
  /** Pairs of hands they bring together. */
  hands: number;
  longestDay: number;
  longestLight: number;
};
/** The longest day a crew has for a task. */
export const longestFor = (
  { longestDay, longestLight }: Crew,
  { outdoors }: Pick<Task, 'outdoors'>,
): number => (outdoors ? longestLight : longestDay);

/** Who can work alone, and what works as two or more. */
export type Crews = { alone: readonly Crew[]; pairs: readonly Crew[] };

/** What does not change while schedules are tried: who works when, who can work together, how long it is light. */
export class Household {
  readonly hours: readonly Hours[];
  readonly light: Daylight;
  readonly everybody: Crews;
  private readonly known = new Map<string, Crews>();

  constructor(
    people: readonly Person[],
    rest: OutsideRest | null,
    readonly now: Moment,
    keptShares: ReadonlyMap<PersonId, number> = new Map(),
  ) {
    const firstDay = toDayNumber(dateOf(now));
    this.hours = people.map((person) => new Hours(person, firstDay, keptShares.get(person.id)));
    this.light = new Daylight(rest);
    const alone = people.map((_, at) => this.crew([at], firstDay));
    const pairs = people.flatMap((_, at) =>
      people.slice(at + 1).map((__, next) => this.crew([at, at + 1 + next], firstDay)),
    );
    // A crew of several is a pair by itself.
    this.everybody = { alone, pairs: [...pairs, ...alone.filter(({ hands }) => hands >= 2)] };
  }

  /** Who may do a task; worked out once for each group of people. */
  crewsFor(task: Pick<Task, 'may' | 'must'>): Crews {
    if (!task.may && !task.must) return this.everybody;
    const key = task.must ? `must ${task.must}` : `may ${task.may?.join(' ') ?? ''}`;
    const known = this.known.get(key);
    if (known) return known;
    const isFor = (crew: Crew) => this.isFor(task, crew);
    const found = {
      alone: this.everybody.alone.filter(isFor),
      pairs: this.everybody.pairs.filter(isFor),
    };
    this.known.set(key, found);
    return found;
  }

  /** Whether a crew may do a task: everybody in it does that kind of work, and who was named is in it. */
  private isFor({ may, must }: Pick<Task, 'may' | 'must'>, { ids }: Crew): boolean {
    if (must !== undefined) return ids.includes(must);
    return may === undefined || ids.every((id) => may.includes(id));
  }

  handsOf(people: readonly PersonId[]): number {
    return this.hours.reduce(
      (sum, { person }) => sum + (people.includes(person.id) ? handsOf(person) : 0),
      0,
    );
  }

  private person(at: number): Person {
    const hours = this.hours[at];
    if (!hours) throw new Error(`no person ${at}`);
    return hours.person;
  }

  /** The longest day a crew has within a year, with and without daylight: whether a thing can be done in one go. */
  private crew(people: readonly number[], firstDay: number): Crew {
    let [longestDay, longestLight] = [0, 0];
    const most = Math.min(...people.map((at) => longestDayOf(this.person(at))));
    for (let day = firstDay; day < firstDay + SEARCH_DAYS && longestLight < most; day += 1) {
      let [from, to] = [-Infinity, Infinity];
      for (const at of people) {
        const window = this.hours[at]?.on(day)[0];
        from = Math.max(from, window?.from ?? Infinity);
        to = Math.min(to, window?.to ?? -Infinity);
      }
      if (to <= from) continue;
      longestDay = Math.max(longestDay, to - from);
      const light = this.light.on(day);
      if (!light) continue;
      const { from: dawn, to: dusk } = lightStretch(day, light);
      longestLight = Math.max(longestLight, Math.min(to, dusk) - Math.max(from, dawn));
    }
    const hands = people.reduce((sum, at) => sum + handsOf(this.person(at)), 0);
    return { people, ids: people.map((at) => this.person(at).id), hands, longestDay, longestLight };
  }
}

/** The light of a day as a stretch of time. */
export const lightStretch = (day: number, light: { from: number; to: number }): Stretch => ({
  from: moment(day * MINUTES_PER_DAY + light.from),
  to: moment(day * MINUTES_PER_DAY + light.to),
});
