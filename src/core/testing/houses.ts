import fc from 'fast-check';
import {
  placeKindSchema,
  rectangle,
  reduceJournal,
  type EventBodyOf,
  type JournalEvent,
  type Place,
  type PlaceKind,
  type Project,
} from '../house';
import { worksFor } from '../steps';
import { fromFeet, minutes, plainDate } from '../units';

/** Test houses. Ids and stamps are plain, so that a failing case can be read. */
export const stamped = (bodies: readonly EventBodyOf[], device = 'phone'): JournalEvent[] =>
  bodies.map((body, index) => ({
    ...body,
    id: `${device}-${index + 1}`,
    device,
    counter: index + 1,
    at: '2026-01-05T19:00:00',
  }));

export const week = (weekday: number, weekend: number) =>
  [weekday, weekday, weekday, weekday, weekday, weekend, weekend].map(minutes);

export const STARTED: EventBodyOf = {
  type: 'houseStarted',
  payload: {
    house: {
      name: 'Test house',
      yearBuilt: 1928,
      occupancy: 'empty',
      firstDay: plainDate('2026-01-05'),
      wishedMoveIn: plainDate('2026-06-01'),
    },
    units: 'imperial',
    currency: 'USD',
    people: [
      { id: 'me' as never, name: 'Me', role: 'self', week: week(180, 420) },
      { id: 'ana' as never, name: 'Ana', role: 'helper', week: week(0, 300) },
    ],
  },
};

export const place = (id: string, kind: PlaceKind = 'bedroom', feet = 12, name = id): Place => ({
  id: id as never,
  kind,
  name,
  floor: 0,
  walls: rectangle(fromFeet(feet), fromFeet(10)),
  height: fromFeet(8),
});

export const added = (payload: Place): EventBodyOf => ({ type: 'placeAdded', payload });
export const chosen = (placeId: string, workId: string, count = 1): EventBodyOf => ({
  type: 'workChosen',
  payload: { id: `${placeId}-${workId}` as never, placeId: placeId as never, workId, count },
});

export function houseOf(...bodies: EventBodyOf[]): Project {
  const project = reduceJournal(stamped([STARTED, ...bodies]));
  if (!project) throw new Error('a test house needs its first event');
  return project;
}

/** Any house: one to six places of any kind, each with any of the works offered for it. */
export const anyHouse: fc.Arbitrary<Project> = fc
  .tuple(
    fc.array(
      fc.tuple(
        fc.constantFrom(...placeKindSchema.options),
        fc.integer({ min: 6, max: 30 }),
        fc.array(fc.nat({ max: 30 }), { maxLength: 4 }),
        fc.integer({ min: 1, max: 4 }),
      ),
      { minLength: 1, maxLength: 6 },
    ),
    fc.integer({ min: 1880, max: 2020 }),
    fc.constantFrom('empty' as const, 'lived-in' as const),
  )
  .map(([rooms, yearBuilt, occupancy]) => {
    const bodies = rooms.flatMap(([kind, feet, picks, count], index) => {
      const id = `p${index}`;
      const offered = worksFor(kind);
      const works = new Set(picks.flatMap((pick) => offered[pick % offered.length]?.id ?? []));
      return [added(place(id, kind, feet)), ...[...works].map((work) => chosen(id, work, count))];
    });
    const project = houseOf(...bodies);
    return { ...project, house: { ...project.house, yearBuilt, occupancy } };
  });
