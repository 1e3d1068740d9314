import type { PersonId, PlaceId } from '../../house';
import { MINUTES_PER_DAY, type Moment } from '../../units';
import type { Stretch } from '../calendar/calendar';

export type TaskWork =
  /**
   * Person-minutes of the household; with two hands the clock runs half as long. `chunk` is what must be done within
   * one day once begun, in person-minutes; a hired tool goes back within `hireDays`. `spare` of the minutes are only
   * there because no job is nearly done until it is called done.
   */
  | {
      kind: 'labour';
      minutes: number;
      hands: 1 | 2;
      chunk?: number;
      hireDays?: number;
      spare?: number;
    }
  /** A hired trade: this many weekdays in a row, eight to four. One name is one crew, in one place at a time. */
  | { kind: 'subcontract'; workdays: number; crew?: string }
  /** An inspection on a weekday at nine, booked days ahead of now or of the last failed visit. */
  | { kind: 'inspection'; bookedFrom: Moment };

export type Task = {
  id: string;
  work: TaskWork;
  notBefore: Moment;
  /** What the search never changes: looking first, then the chosen path through the house. Smaller goes first. */
  group: number;
  /** The order within a group before the search begins, compared position by position. */
  rank: readonly number[];
  placeId?: PlaceId | null;
  /** The day agreed with who comes: they come then, if they can. */
  bookedOn?: number;
  /** Wants the room for itself. */
  exclusiveRoom?: boolean;
  /** Elapsed minutes after the work in which the room stays shut. */
  roomClosedAfter?: number;
  outdoors?: boolean;
  /** The only people who do this kind of work; everybody where it is left out. */
  may?: readonly PersonId[];
  /** The one whose job it is. */
  must?: PersonId;
};

/** The later begins within `most` minutes of the earlier one's end. */
export type TaskSoon = { before: number; after: number; most: number };

/** A room that something finished keeps shut while it dries. */
export type ShutRoom = { placeId: PlaceId; from: Moment; to: Moment };

/** What could not be had, so that the job stands in the plan all the same and says so. */
export type Shortfall =
  /** A two-person task for which the calendar has no second person. */
  | 'second-pair'
  /** No day is long enough to finish in one go. */
  | 'long-day'
  /** The hired tool must be kept longer than it should. */
  | 'short-hire'
  /** What comes before it stands open longer than it should. */
  | 'long-gap'
  /** Nobody who does this kind of work, or who was named for it, has an hour: others stand in. */
  | 'nobody-able';

export type Placement = {
  start: Moment;
  finish: Moment;
  stretches: readonly (Stretch & { people: readonly PersonId[] })[];
  shortfalls: readonly Shortfall[];
};

/** Where a task stands in a plan that people go by. */
export type Incumbent = Pick<Placement, 'stretches' | 'shortfalls'>;

/** Elapsed minutes a task takes in round terms, for ranking only. */
export function roughSpan(work: TaskWork, weeklyMinutes: number): number {
  const week = 7 * MINUTES_PER_DAY;
  if (work.kind === 'labour')
    return (work.minutes / work.hands) * (week / Math.max(60, weeklyMinutes));
  return work.kind === 'subcontract' ? (work.workdays * week) / 5 : MINUTES_PER_DAY;
}
