import fc from 'fast-check';
import type { PlaceKind } from '../house';
import type { EventBodyOf } from '../journal';
import { planHouse } from '../schedule';
import { worksFor } from '../steps';
import { added, chosen, houseOf, place, week } from '../testing/houses';
import { ownersOf } from '../testing/owner';
import { momentAt, plainDate } from '../units';
import { drawFrom, prepareFrom } from './draw';

const NOW = momentAt(plainDate('2026-03-02'), 8 * 60);
const HOUSES = 50;
const OWNERS = 6;
const RUNS = 200;
const ROOMS: readonly PlaceKind[] = ['kitchen', 'bathroom', 'bedroom', 'living', 'hall', 'laundry'];

/** Whole renovations: two to four rooms with two or three works each, two people with hours of their own. */
const anyRenovation = fc
  .record({
    rooms: fc.array(
      fc.record({
        kind: fc.constantFrom(...ROOMS),
        feet: fc.integer({ min: 8, max: 20 }),
        picks: fc.array(fc.nat({ max: 20 }), { minLength: 2, maxLength: 3 }),
      }),
      { minLength: 2, maxLength: 4 },
    ),
    mine: fc.integer({ min: 90, max: 240 }),
    helper: fc.integer({ min: 60, max: 180 }),
  })
  .map(({ rooms, mine, helper }) => {
    const bodies = rooms.flatMap(({ kind, feet, picks }, at): EventBodyOf[] => {
      const offered = worksFor(kind);
      const works = new Set(picks.flatMap((pick) => offered[pick % offered.length]?.id ?? []));
      return [added(place(`r${at}`, kind, feet)), ...[...works].map((id) => chosen(`r${at}`, id))];
    });
    const house = houseOf(...bodies);
    const hours = [week(mine, mine * 2), week(helper, helper)];
    return {
      ...house,
      people: house.people.map((person, at) => ({ ...person, week: hours[at] ?? person.week })),
    };
  });

describe('calibration', () => {
  it('the fairly safe day holds in 75 to 85 of a hundred of 300 projects lived through', () => {
    const houses = fc.sample(anyRenovation, { numRuns: HOUSES, seed: 11 });
    const held = houses.flatMap((project, house) => {
      const plan = planHouse(project, NOW, { schedules: 6 });
      const prepared = plan.ok ? prepareFrom(project, NOW, plan.value) : plan;
      if (!plan.ok || !prepared.ok) throw new Error('a renovation that cannot be planned');
      const safe = drawFrom(prepared.value, { runs: RUNS }).gates.done.p80 ?? '';
      const livedBy = ownersOf(project, NOW, plan.value);
      return Array.from({ length: OWNERS }, (_, owner) => livedBy(house * OWNERS + owner) <= safe);
    });
    const share = held.filter(Boolean).length / held.length;
    expect(held).toHaveLength(300);
    expect(share).toBeGreaterThanOrEqual(0.75);
    expect(share).toBeLessThanOrEqual(0.85);
  });
});
