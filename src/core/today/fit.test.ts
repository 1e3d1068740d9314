import fc from 'fast-check';
import { planHouse } from '../schedule';
import { added, anyHouse, chosen, houseOf, place } from '../testing/houses';
import { minutes, momentAt, plainDate } from '../units';
import { fitEvening, isHeavy, prepare, type Evening } from './fit';

const NOW = momentAt(plainDate('2026-01-06'), 17 * 60);
const evening = (mine: number, helper = 0, energy: Evening['energy'] = 'usual'): Evening => ({
  mine: minutes(mine),
  helper: minutes(helper),
  energy,
});
const planOf = (
  project = houseOf(...['a', 'b', 'c'].flatMap((id) => [added(place(id)), chosen(id, 'reline')])),
) => {
  const plan = planHouse(project, NOW);
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};

describe('an evening fitted', () => {
  it('gives an hour to the locks, which change before all else', () => {
    const { picks, fits } = fitEvening(planOf(), evening(60));
    expect(picks.map(({ minutes: spent }) => spent)).toEqual([60]);
    expect(fits).toBe(60);
  });

  it('never gives more than there is, nothing heavy when tired, nobody’s hands twice', () => {
    fc.assert(
      fc.property(
        anyHouse,
        fc.nat({ max: 300 }),
        fc.nat({ max: 200 }),
        fc.constantFrom('tired' as const, 'usual' as const, 'strong' as const),
        (project, mine, helper, energy) => {
          const { picks, fits } = fitEvening(planOf(project), evening(mine, helper, energy));
          const spent = (who: 'me' | 'helper') =>
            picks
              .filter(({ by }) => by === who || by === 'both')
              .reduce((sum, pick) => sum + pick.minutes / pick.hands, 0);
          // Each part is rounded to a whole minute.
          expect(spent('me')).toBeLessThanOrEqual(mine + picks.length);
          expect(spent('helper')).toBeLessThanOrEqual(helper + picks.length);
          expect(fits).toBeLessThanOrEqual(mine + helper + 2 * picks.length);
          if (energy === 'tired') expect(picks.filter(({ job }) => isHeavy(job))).toEqual([]);
          for (const { job } of picks) expect(['ready', 'in-hand']).toContain(job.state);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('prepares only what the jobs of the evening want', () => {
    const plan = planOf();
    const wanted = plan.orders[0];
    const job = plan.jobs.find(({ id }) => id === wanted?.jobId);
    expect(job && prepare(plan, [job])[0]?.fetch.map(({ lineId }) => lineId)).toContain(
      wanted?.lineId,
    );
    expect(prepare(plan, [])).toEqual([]);
  });
});
