import { workWindow, type OutsideRest, type Person } from '../../house';
import { fromDayNumber, isWeekend } from '../../units';
import { Daylight } from '../calendar/daylight';

/** So far ahead a drawn run may reach, unless the plan itself is longer. */
const SHORTEST = 1_500;
/** How many times as long as its plan a drawn run may become. */
const STRETCH = 3;

const NO_HOURS = { from: 0, to: 0 };

/** The hours of everybody for each day ahead, laid out once: minutes of the day, from and to, in and out of doors. */
export class HouseholdDays {
  readonly firstDay: number;
  readonly people: number;
  private readonly from: Int16Array;
  private readonly to: Int16Array;
  /** As far as the hours are usually kept. */
  private readonly keptTo: Int16Array;
  private readonly lightFrom: Int16Array;
  private readonly lightTo: Int16Array;
  readonly weekend: Uint8Array;
  /** Whose evenings may come to nothing: not those of who is paid by the day. */
  readonly mayLose: readonly boolean[];
  /** Whether anything may be done outside. */
  readonly open: Uint8Array;

  /** How many days are laid out. */
  readonly length: number;

  constructor(
    people: readonly Person[],
    rest: OutsideRest | null,
    firstDay: number,
    planDays = 0,
    keptShares: Readonly<Record<string, number>> = {},
  ) {
    this.length = Math.max(SHORTEST, Math.ceil(planDays * STRETCH));
    this.firstDay = firstDay;
    this.people = people.length;
    this.mayLose = people.map(({ role }) => role !== 'crew');
    const light = new Daylight(rest);
    const cells = this.length * Math.max(1, people.length);
    this.from = new Int16Array(cells);
    this.to = new Int16Array(cells);
    this.keptTo = new Int16Array(cells);
    this.lightFrom = new Int16Array(this.length);
    this.lightTo = new Int16Array(this.length);
    this.weekend = new Uint8Array(this.length);
    this.open = new Uint8Array(this.length);
    for (let at = 0; at < this.length; at += 1) {
      const date = fromDayNumber(firstDay + at);
      const lit = light.on(firstDay + at);
      this.weekend[at] = isWeekend(date) ? 1 : 0;
      this.open[at] = lit ? 1 : 0;
      this.lightFrom[at] = lit?.from ?? 0;
      this.lightTo[at] = lit?.to ?? 0;
      people.forEach((person, who) => {
        const { from, to } = workWindow(person, date) ?? NO_HOURS;
        const cell = at * people.length + who;
        this.from[cell] = from;
        this.to[cell] = to;
        this.keptTo[cell] = from + Math.round((to - from) * (keptShares[person.id] ?? 1));
      });
    }
  }

  begins(at: number, who: number, outdoors: boolean): number {
    const from = this.from[at * this.people + who] ?? 0;
    return outdoors ? Math.max(from, this.lightFrom[at] ?? 0) : from;
  }

  /** The end of a day's hours; of those that are usually kept, when `usual`. */
  ends(at: number, who: number, outdoors: boolean, usual = false): number {
    const to = (usual ? this.keptTo : this.to)[at * this.people + who] ?? 0;
    return outdoors ? Math.min(to, this.lightTo[at] ?? 0) : to;
  }

  /** Who has any hours at all, ever. */
  present(): number[] {
    return Array.from({ length: this.people }, (_, who) => who).filter((who) => {
      for (let at = 0; at < this.length; at += 1) {
        if (this.ends(at, who, false) > this.begins(at, who, false)) return true;
      }
      return false;
    });
  }
}
