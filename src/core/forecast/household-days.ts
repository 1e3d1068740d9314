import { workWindow, type OutsideRest, type Person } from '../house';
import { fromDayNumber, isWeekend } from '../units';
import { Daylight } from '../schedule';

/** So far ahead a drawn run may reach, unless the plan itself is longer. */
const SHORTEST = 1_500;
/** How many times as long as its plan a drawn run may become. */
const STRETCH = 3;

/** The hours of everybody for each day ahead, laid out once: minutes of the day, from and to, in and out of doors. */
export class HouseholdDays {
  readonly firstDay: number;
  readonly people: number;
  private readonly from: Int16Array;
  private readonly to: Int16Array;
  private readonly lightFrom: Int16Array;
  private readonly lightTo: Int16Array;
  readonly weekend: Uint8Array;
  /** Whether anything may be done outside. */
  readonly open: Uint8Array;

  /** How many days are laid out. */
  readonly length: number;

  constructor(people: readonly Person[], rest: OutsideRest | null, firstDay: number, planDays = 0) {
    this.length = Math.max(SHORTEST, Math.ceil(planDays * STRETCH));
    this.firstDay = firstDay;
    this.people = people.length;
    const light = new Daylight(rest);
    const cells = this.length * Math.max(1, people.length);
    this.from = new Int16Array(cells);
    this.to = new Int16Array(cells);
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
        const window = workWindow(person, date);
        this.from[at * people.length + who] = window?.from ?? 0;
        this.to[at * people.length + who] = window?.to ?? 0;
      });
    }
  }

  begins(at: number, who: number, outdoors: boolean): number {
    const from = this.from[at * this.people + who] ?? 0;
    return outdoors ? Math.max(from, this.lightFrom[at] ?? 0) : from;
  }

  ends(at: number, who: number, outdoors: boolean): number {
    const to = this.to[at * this.people + who] ?? 0;
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
