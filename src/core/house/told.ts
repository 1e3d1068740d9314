import type { PlainDate } from '../units';
import type { DayLog, Entry, EntryOf, LogId } from './entries';
import { daysInOrder, linesOfDays as positions, type Project } from './project';
import type { Inspection, Leftover, Order, Quote } from './records';

/**
 * What the lines of the diary bring about beside hours and money. It is read off the diary and never kept twice, so
 * that a line put right or taken back takes its effects with it.
 */
type Told<K extends Entry['kind']> = {
  id: string;
  logId: LogId;
  date: PlainDate;
  entry: EntryOf<K>;
};

type Diary = Pick<Project, 'days'>;

/** Every entry of a kind with the day it is of and an id of its own, oldest first. */
export function toldOf<K extends Entry['kind']>(house: Diary, kind: K): Told<K>[] {
  return daysInOrder(house).flatMap((day) =>
    entriesWithIds(day).flatMap(({ id, entry }) =>
      isOf(entry, kind) ? [{ id, logId: day.id, date: day.date, entry }] : [],
    ),
  );
}

/** A line of two days is split by day; an entry keeps the place it has in its line. */
const positionOf = (day: DayLog, entry: Entry): number | undefined =>
  positions.get(day)?.indexOf(entry);

const isOf = <K extends Entry['kind']>(entry: Entry, kind: K): entry is EntryOf<K> =>
  entry.kind === kind;

const entriesWithIds = (day: DayLog): { id: string; entry: Entry }[] =>
  day.entries.map((entry, at) => ({ id: `${day.id}:${positionOf(day, entry) ?? at}`, entry }));

/** All quotes: written down, and told in the log. */
export const quotesOf = (house: Pick<Project, 'days' | 'quotes'>): Quote[] => [
  ...Object.values(house.quotes),
  ...toldOf(house, 'quote').map(({ id, entry }) => ({
    id,
    placeId: entry.placeId,
    what: entry.what,
    cents: entry.cents,
    from: entry.from ?? 'not said',
  })),
];

const counted = (thousandths: number, unit: string): string => `${thousandths / 1000} ${unit}`;

/** What is in the stores from work done; what was given back keeps its day. */
export const leftoversOf = (house: Pick<Project, 'days' | 'leftovers'>): Leftover[] => [
  ...Object.values(house.leftovers),
  ...toldOf(house, 'leftover')
    .filter(({ id }) => !Object.hasOwn(house.leftovers, id))
    .map(({ id, entry }) => ({
      id,
      what: entry.what,
      amount: counted(entry.thousandths, entry.unit),
      placeId: entry.placeId,
    })),
];

/** Visits held, those told in the log among them. */
export const inspectionsOf = (house: Pick<Project, 'days' | 'inspections'>): Inspection[] => [
  ...house.inspections,
  ...toldOf(house, 'inspection').flatMap(({ date, entry }) =>
    entry.jobId !== null && entry.result !== null
      ? [{ jobId: entry.jobId, on: date, result: entry.result, note: entry.note }]
      : [],
  ),
];

/** Days agreed with an inspector, by job; what the log says last counts. */
export const bookingsOf = (
  house: Pick<Project, 'days' | 'bookings' | 'accepted'>,
): Project['bookings'] => ({
  // A trade with several jobs comes for the first of them.
  ...Object.fromEntries(
    Object.values(house.accepted).flatMap(({ bookedFrom, shares: [first] }) =>
      bookedFrom && first ? [[first.jobId, bookedFrom]] : [],
    ),
  ),
  ...house.bookings,
  ...Object.fromEntries(
    toldOf(house, 'inspection').flatMap(({ entry }) =>
      entry.jobId !== null && entry.bookedFor !== null ? [[entry.jobId, entry.bookedFor]] : [],
    ),
  ),
});

/** Orders, those told in the log among them: placed with the day they are due, arrived in the state they came in. */
export function ordersOf(
  house: Pick<Project, 'days' | 'orders'>,
  addDays: (date: PlainDate, days: number) => PlainDate,
): Project['orders'] {
  const orders: Project['orders'] = { ...house.orders };
  for (const { id, date, entry } of toldOf(house, 'ordered')) {
    if (entry.lineId === undefined) continue;
    orders[id] = {
      id,
      lineId: entry.lineId,
      shop: entry.shop,
      orderedOn: date,
      expectedOn: entry.due ?? addDays(date, entry.leadDays ?? UNKNOWN_LEAD_DAYS),
      arrival: null,
    };
  }
  for (const { id, date, entry } of toldOf(house, 'delivered')) {
    const { lineId, state } = entry;
    if (lineId === undefined) continue;
    const known = Object.values(orders).findLast(
      (order) => order.lineId === lineId && order.arrival === null,
    );
    const order: Order = known ?? {
      id,
      lineId,
      shop: null,
      orderedOn: date,
      expectedOn: date,
      arrival: null,
    };
    orders[order.id] = { ...order, arrival: { on: date, state, note: missingWords(entry) } };
  }
  return orders;
}
const UNKNOWN_LEAD_DAYS = 7;

const missingWords = ({ missing }: EntryOf<'delivered'>): string | null =>
  missing === null ? null : `${missing / 1000}`;

/** Hours of help owed: by whom or to whom, until they are settled. Minutes are owed to them; below nought to us. */
export function favoursOpen(
  house: Pick<Project, 'days' | 'favoursSettled'>,
): { who: string; minutes: number }[] {
  const owed = new Map<string, number>();
  for (const { date, entry } of toldOf(house, 'favour')) {
    const settledOn = house.favoursSettled[entry.who];
    if (settledOn !== undefined && date <= settledOn) continue;
    const minutes = entry.owed === 'them' ? entry.minutes : -entry.minutes;
    owed.set(entry.who, (owed.get(entry.who) ?? 0) + minutes);
  }
  return [...owed]
    .filter(([, minutes]) => minutes !== 0)
    .map(([who, minutes]) => ({ who, minutes }));
}

/** What was put off for later and is not ticked, in the order it was said. */
export const nextsOpen = (
  house: Pick<Project, 'days' | 'nextsDone'>,
): { id: string; text: string; day: PlainDate | null; saidOn: PlainDate }[] =>
  toldOf(house, 'next')
    .filter(({ id }) => !Object.hasOwn(house.nextsDone, id))
    .map(({ id, date, entry }) => ({ id, text: entry.text, day: entry.day, saidOn: date }));

/** Deliveries short, damaged or wrong that belong to no line of the takeoff: to be ordered again by hand. */
export const shortDeliveriesOf = (house: Diary): Told<'delivered'>[] =>
  toldOf(house, 'delivered').filter(
    ({ entry }) => entry.state !== 'whole' && entry.lineId === undefined,
  );
