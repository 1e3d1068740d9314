import { idOf } from './ids';
import fc from 'fast-check';
import {
  PRACTICE_OPTIONS,
  placeKindSchema,
  rectangle,
  type DatedHours,
  type Place,
  type PlaceKind,
  type Project,
  type PracticeId,
} from '../house';
import { reduceJournal, type EventBodyOf, type JournalEvent } from '../journal';
import { worksFor } from '../trade/steps';
import { addDays, fromFeet, minutes, plainDate } from '../units';

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
      { id: idOf('me'), name: 'Me', role: 'self', week: week(180, 420) },
      { id: idOf('ana'), name: 'Ana', role: 'helper', week: week(0, 300) },
    ],
  },
};

export const place = (id: string, kind: PlaceKind = 'bedroom', feet = 12, name = id): Place => ({
  id: idOf(id),
  kind,
  name,
  floor: 0,
  walls: rectangle(fromFeet(feet), fromFeet(10)),
  height: fromFeet(8),
});

export const added = (payload: Place): EventBodyOf => ({ type: 'placeAdded', payload });
export const chosen = (placeId: string, workId: string, count = 1): EventBodyOf => ({
  type: 'workChosen',
  payload: { id: idOf(`${placeId}-${workId}`), placeId: idOf(placeId), workId, count },
});

export function houseOf(...bodies: EventBodyOf[]): Project {
  const project = reduceJournal(stamped([STARTED, ...bodies]));
  if (!project) throw new Error('a test house needs its first event');
  return project;
}

/** How a year goes: schools and the path through the house, days away and days of a push, a season in which nothing is done outside. */
function anyYear() {
  const day = fc.integer({ min: 0, max: 120 }).map((at) => addDays(plainDate('2026-01-05'), at));
  const dated = fc
    .tuple(day, fc.integer({ min: 0, max: 14 }), fc.constantFrom(0, 240, 480))
    .map(([from, days, spent]): DatedHours => ({
      from,
      to: addDays(from, days),
      minutes: minutes(spent),
      because: 'drawn',
    }));
  const answer = <T extends PracticeId>(school: T) => fc.constantFrom(...PRACTICE_OPTIONS[school]);
  return fc.record({
    schools: fc.record({
      shell: answer('shell'),
      floors: answer('floors'),
      trim: answer('trim'),
      paint: answer('paint'),
      shelves: answer('shelves'),
    }),
    path: fc.constantFrom('trades' as const, 'rooms' as const, 'core' as const),
    outsideRest: fc.constantFrom(null, { from: '12-01', to: '02-15' }),
    away: fc.array(fc.array(dated, { maxLength: 3 }), { minLength: 2, maxLength: 2 }),
  });
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
    anyYear(),
  )
  .map(([rooms, yearBuilt, occupancy, { path, schools, outsideRest, away }]) => {
    const bodies = rooms.flatMap(([kind, feet, picks, count], index) => {
      const id = `p${index}`;
      const offered = worksFor(kind);
      const works = new Set(picks.flatMap((pick) => offered[pick % offered.length]?.id ?? []));
      return [added(place(id, kind, feet)), ...[...works].map((work) => chosen(id, work, count))];
    });
    const project = houseOf(...bodies);
    const people = project.people.map((person, at) => ({ ...person, dates: away[at] ?? [] }));
    const built = { ...project.house, yearBuilt, occupancy };
    return { ...project, house: built, people, path, schools, outsideRest };
  });
