import fc from 'fast-check';
import type { PlaceKind } from '../house';
import type { EventBodyOf } from '../journal';
import { worksFor } from '../trade/steps';
import { added, chosen, houseOf, place, week } from './houses';

const ROOMS: readonly PlaceKind[] = ['kitchen', 'bathroom', 'bedroom', 'living', 'hall', 'laundry'];

/** Whole renovations: two to four rooms with two or three works each, two people with hours of their own. */
export const anyRenovation = fc
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
