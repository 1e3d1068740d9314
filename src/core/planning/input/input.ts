import {
  NOT_PLANNED,
  bookingsOf,
  inspectionsOf,
  ordersOf,
  type HouseToPlan,
  type PlanningInput,
  type Project,
} from '../../house';
import { addDays } from '../../units';
import { applyEvents, type EventBodyOf } from '../../journal';
import { paidFor } from '../../house/purchases';
import { loggedIn, workedIn } from '../../house/logged';

function withoutRest<T extends Project>(house: T): Omit<T, keyof typeof NOT_PLANNED> {
  const rest = { ...house };
  for (const field of Object.keys(NOT_PLANNED)) delete rest[field as keyof T];
  return rest;
}

/** What a house's plan depends on. Fields that did not change are the same objects from one state to the next. */
export const planningInputOf = (project: Project): PlanningInput => ({
  ...withoutRest(project),
  ...diaryBrings(project),
  logged: loggedIn(project),
  worked: workedIn(project),
  purchases: paidFor(project),
});

type Brought = Pick<PlanningInput, 'inspections' | 'bookings' | 'orders'>;

/** Visits, bookings and orders with those of the diary among them; the same objects as long as nothing of it changes. */
function diaryBrings(project: Project): Brought {
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

/** A house as the planner reads it, whole or already so. */
export const asPlanningInput = (house: HouseToPlan): PlanningInput =>
  'logged' in house ? house : planningInputOf(house);

/** The house as it would be after some changes; it stays what it was, whole or as the planner gets it. */
export function withChanges(house: HouseToPlan, changes: readonly EventBodyOf[]): HouseToPlan {
  if (!('logged' in house)) return applyEvents(house, changes) ?? house;
  const { logged, worked, purchases, ...rest } = house;
  const after = applyEvents({ ...NOT_PLANNED, ...rest }, changes);
  return after
    ? {
        ...withoutRest(after),
        ...diaryBrings(after),
        logged: loggedIn(after, logged),
        worked: workedIn(after, worked),
        purchases: { ...purchases, ...paidFor(after) },
      }
    : house;
}
