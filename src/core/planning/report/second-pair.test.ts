import { planningInputOf } from '../../house';
import { planHouse } from '../plan-house';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { momentAt, plainDate } from '../../units';
import { secondPairWanted } from '.';

const NOW = momentAt(plainDate('2026-04-06'), 8 * 60);

function wantedBy(people: number) {
  const house = houseOf(added(place('a')), chosen('a', 'window', 2));
  const plan = planHouse(
    planningInputOf({ ...house, people: house.people.slice(0, people) }),
    NOW,
    {
      schedules: 1,
    },
  );
  if (!plan.ok) throw new Error(plan.error.code);
  return secondPairWanted(plan.value);
}

describe('a second pair of hands', () => {
  it('is summed up where nobody promised one: half of two windows and of moving in', () => {
    // 2 x 330 / 2 = 330, and 720 / 2 = 360.
    expect(wantedBy(1)).toEqual({ jobs: 2, minutes: 690 });
  });

  it('is not asked for when there is one', () => {
    expect(wantedBy(2)).toEqual({ jobs: 0, minutes: 0 });
  });
});
