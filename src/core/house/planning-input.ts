import { addDays, type Minutes } from '../units';
import { loggedIn, workedIn, type Logged } from './logged';
import type { Project } from './project';
import { paidFor, type PaidFor } from './purchases';
import { bookingsOf, inspectionsOf, ordersOf } from './told';

/** What no plan depends on, and what grows with the age of a house. */
export const NOT_PLANNED = {
  days: {},
  photos: {},
  wallRecords: {},
  decisions: {},
  formerNames: {},
  leftovers: {},
  quotes: {},
  receipts: {},
  matches: {},
  ownKinds: {},
  ownHourCents: null,
  rebuild: null,
  ways: null,
  taught: {},
  favoursSettled: {},
  nextsDone: {},
} satisfies Partial<Project>;

/** What a whole house and what is planned of it have in common: all but the diary, its sums, pictures and papers. */
export type HouseFacts = Omit<Project, keyof typeof NOT_PLANNED>;

/**
 * Everything of a house that its plan depends on, and nothing else: of the diary only what it says of each job. It
 * grows with the house, not with its age, and is what planning is handed across threads.
 */
export type PlanningInput = HouseFacts & {
  logged: Readonly<Record<string, Logged>>;
  /** Minutes of each person by day, of the last months of the diary; an empty row where only other things were told. */
  worked: Readonly<Record<string, Readonly<Record<string, Minutes>>>>;
  /** What was paid and agreed, as far as it may be for something of the plan. */
  purchases: Readonly<Record<string, PaidFor>>;
};

/** A house without what no plan depends on. */
export function withoutRest<T extends Project>(house: T): Omit<T, keyof typeof NOT_PLANNED> {
  const rest = { ...house };
  for (const field of Object.keys(NOT_PLANNED)) delete rest[field as keyof T];
  return rest;
}

type Brought = Pick<PlanningInput, 'inspections' | 'bookings' | 'orders'>;

/** Visits, bookings and orders with those of the diary among them; the same objects as long as nothing of it changes. */
export function diaryBrings(project: Project): Brought {
  const known = brought.get(project.days);
  const { inspections, bookings, orders, accepted } = project;
  const isSame =
    known?.of.inspections === inspections &&
    known.of.bookings === bookings &&
    known.of.orders === orders &&
    known.of.accepted === accepted;
  if (known && isSame) return known.all;
  const all = {
    inspections: inspectionsOf(project),
    bookings: bookingsOf(project),
    orders: ordersOf(project, addDays),
  };
  // What the diary adds nothing to stays the object it was, and needs no sending.
  const lean: Brought = {
    inspections: all.inspections.length === inspections.length ? inspections : all.inspections,
    bookings: sameRows(all.bookings, bookings) ? bookings : all.bookings,
    orders: sameRows(all.orders, orders) ? orders : all.orders,
  };
  brought.set(project.days, { of: { inspections, bookings, orders, accepted }, all: lean });
  return lean;
}
type From = Pick<Project, 'inspections' | 'bookings' | 'orders' | 'accepted'>;
const brought = new WeakMap<Project['days'], { of: From; all: Brought }>();

const sameRows = <T>(a: Record<string, T>, b: Record<string, T>): boolean =>
  Object.keys(a).length === Object.keys(b).length &&
  Object.entries(a).every(([key, value]) => b[key] === value);

/** What a house's plan depends on. Fields that did not change are the same objects from one state to the next. */
export function planningInputOf(project: Project): PlanningInput {
  const known = inputs.get(project);
  if (known) return known;
  const input: PlanningInput = {
    ...withoutRest(project),
    ...diaryBrings(project),
    logged: loggedIn(project),
    worked: workedIn(project),
    purchases: paidFor(project),
  };
  inputs.set(project, input);
  return input;
}
/** A state of a house never changes: it is asked for by every screen that looks at its jobs. */
const inputs = new WeakMap<Project, PlanningInput>();

/** The same work asked with a whole house: for doors that take what a file holds. */
export const forProject =
  <Rest extends unknown[], Answer>(work: (input: PlanningInput, ...rest: Rest) => Answer) =>
  (project: Project, ...rest: Rest): Answer =>
    work(planningInputOf(project), ...rest);
