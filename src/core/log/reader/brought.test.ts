import { idOf } from '../../testing/ids';
import type { Entry, Project } from '../../house';
import {
  applyEvents,
  effectiveEvents,
  eventIdIn,
  type EventBodyOf,
  type JournalEvent,
} from '../../journal';
import { STARTED, added, chosen, houseOf, place } from '../../testing/houses';
import { fromInches, plainDate } from '../../units';
import { eventsOf } from './brought';
import { broughtAnew } from './brought-anew';

const on = plainDate('2026-03-14');
const project = houseOf(
  added(place('bath', 'bathroom', 8, 'Bathroom')),
  chosen('bath', 'bathroom'),
);
const brought = (house: typeof project, ...entries: Entry[]): readonly EventBodyOf[] => {
  let nth = 0;
  return eventsOf(entries, [], house, () => `new-${(nth += 1)}`, on).events;
};
const after = (house: typeof project, events: readonly EventBodyOf[]) => {
  const changed = applyEvents(house, events);
  if (!changed) throw new Error('no house');
  return changed;
};
const cold: Entry = {
  kind: 'behind',
  what: 'supply',
  offset: fromInches(22),
  height: fromInches(36),
  note: null,
  placeId: idOf('bath'),
  at: { kind: 'wall', wall: 0 },
};

const failed: Entry = {
  kind: 'inspection',
  which: 'rough plumbing',
  jobId: idOf('floor0/hold.plumbing'),
  result: 'failed',
  note: 'nail plates at the sill; vent too short 2h',
  bookedFor: null,
};

describe('what a line brings beside itself', () => {
  it('two things of one wall are one record; said again, nothing is there twice', () => {
    const drain: Entry = { ...cold, what: 'drain', offset: fromInches(40) };
    const events = brought(project, cold, drain);
    expect(events.map(({ type }) => type)).toEqual(['wallRecorded']);
    const house = after(project, events);
    const [record] = Object.values(house.wallRecords);
    expect(record?.holds.map(({ what }) => what)).toEqual(['supply', 'drain']);
    expect(record?.at).toEqual(cold.at);
    expect(brought(house, cold, drain)).toEqual([]);
    const more = after(
      house,
      brought(house, cold, { ...cold, what: 'gas', offset: fromInches(60) }),
    );
    expect(Object.values(more.wallRecords)[0]?.holds.map(({ what }) => what)).toEqual([
      'supply',
      'drain',
      'gas',
    ]);
  });

  it('what is for the punch list stands on it once', () => {
    const chip: Entry = { kind: 'punch', what: 'paint chipped', placeId: idOf('bath') };
    const house = after(project, brought(project, chip));
    expect(Object.values(house.punch)).toMatchObject([
      { what: 'paint chipped', placeId: 'bath', on, closedOn: null },
    ]);
    expect(brought(house, chip)).toEqual([]);
  });

  it('a visit that failed brings the jobs that put it right, each once; one that passed brings none', () => {
    const events = brought(project, failed);
    const house = after(project, events);
    expect(
      Object.values(house.ownJobs).map(({ title, minutes, before }) => [title, minutes, before]),
    ).toEqual([
      ['Nail plates at the sill', 60, ['floor0/hold.plumbing']],
      ['Vent too short', 120, ['floor0/hold.plumbing']],
    ]);
    expect(brought(house, failed)).toEqual([]);
    expect(brought(project, { ...failed, result: 'passed', note: null })).toEqual([]);
  });
});

describe('a line that is put right', () => {
  const wall = (house: Project | null) =>
    Object.values(house?.wallRecords ?? {}).flatMap(({ holds }) => holds.map(({ what }) => what));
  const chip: Entry = { kind: 'punch', what: 'paint chipped', placeId: idOf('bath') };
  const drip: Entry = { kind: 'punch', what: 'tap drips', placeId: idOf('bath') };
  const day = (entries: Entry[]) => ({ id: 'line' as never, date: on, line: 'said', entries });
  let counter = 0;
  /** Kept in one go, as the strip does. */
  const act = (bodies: readonly EventBodyOf[]): JournalEvent[] => {
    const name = `phone-${(counter += 100)}`;
    return bodies.map((body, at) => ({
      ...body,
      id: eventIdIn(name, at, bodies.length),
      device: 'phone',
      counter: counter + at,
      at: '2026-03-14T21:00:00',
    })) as JournalEvent[];
  };
  const base = [added(place('bath', 'bathroom', 8, 'Bathroom')), chosen('bath', 'bathroom')];
  const start = () => act([STARTED, ...base]);
  const told = (all: readonly JournalEvent[]) => applyEvents(null, effectiveEvents(all));
  const read = (entries: Entry[]) => (house: Project) => {
    let nth = (counter += 100);
    return eventsOf(entries, [], house, () => `new-${(nth += 1)}`, on);
  };
  const say = (all: readonly JournalEvent[], entries: Entry[]) => [
    ...all,
    ...act([
      ...read(entries)(told(all) ?? project).events,
      { type: 'dayLogged', payload: day(entries) },
    ]),
  ];
  const correct = (all: readonly JournalEvent[], from: Entry[], to: Entry[]) => [
    ...all,
    ...act([
      ...(broughtAnew(all, day(from), to, read(to))?.events ?? []),
      { type: 'dayCorrected', payload: day(to) },
    ]),
  ];
  const punch = (all: readonly JournalEvent[]) =>
    Object.values(told(all)?.punch ?? {}).map(({ what }) => what);

  it('takes back what it said and says no more, keeps what it still says, once', () => {
    const first = say(start(), [cold, chip]);
    const second = correct(first, [cold, chip], [{ ...cold, what: 'gas' }, drip]);
    expect([wall(told(second)), punch(second)]).toEqual([['gas'], ['tap drips']]);
    const third = correct(second, [{ ...cold, what: 'gas' }, drip], [cold, drip]);
    expect([wall(told(third)), punch(third)]).toEqual([['supply'], ['tap drips']]);
    expect(third.length - second.length).toBe(3);
  });

  it('leaves on the wall what others said of it', () => {
    const drain: Entry = { ...cold, what: 'drain', offset: fromInches(40) };
    const first = say(start(), [cold]);
    const later = [...first, ...act(read([drain])(told(first) ?? project).events)];
    expect(wall(told(correct(later, [cold], [chip])))).toEqual(['drain']);
  });

  it('leaves on the list what somebody has put right since', () => {
    const first = say(start(), [chip]);
    const [id = ''] = Object.keys(told(first)?.punch ?? {});
    const closed = [...first, ...act([{ type: 'punchClosed', payload: { id, on } }])];
    expect(punch(correct(closed, [chip], [cold]))).toEqual(['paint chipped']);
    expect(punch(correct(first, [chip], [cold]))).toEqual([]);
  });

  it('the jobs of a failed visit go when it is told that it passed', () => {
    const oneJob: Entry = { ...failed, note: 'nail plates at the sill' };
    const passed: Entry = { ...oneJob, result: 'passed', note: null };
    const first = say(start(), [oneJob]);
    expect(Object.keys(told(first)?.ownJobs ?? {})).toHaveLength(1);
    expect(told(correct(first, [oneJob], [passed]))?.ownJobs).toEqual({});
  });
});
