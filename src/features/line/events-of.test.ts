import type { Entry } from '@/core/house';
import { applyEvents, type EventBodyOf } from '@/core/journal';
import { added, chosen, houseOf, place } from '@/core/testing/houses';
import { fromInches, plainDate } from '@/core/units';
import { eventsOf } from './events-of';

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
  placeId: 'bath' as never,
  at: { kind: 'wall', wall: 0 },
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
    const chip: Entry = { kind: 'punch', what: 'paint chipped', placeId: 'bath' as never };
    const house = after(project, brought(project, chip));
    expect(Object.values(house.punch)).toMatchObject([
      { what: 'paint chipped', placeId: 'bath', on, closedOn: null },
    ]);
    expect(brought(house, chip)).toEqual([]);
  });

  it('a visit that failed brings the jobs that put it right, each once; one that passed brings none', () => {
    const failed: Entry = {
      kind: 'inspection',
      which: 'rough plumbing',
      jobId: 'floor0/hold.plumbing' as never,
      result: 'failed',
      note: 'nail plates at the sill; vent too short 2h',
      bookedFor: null,
    };
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
