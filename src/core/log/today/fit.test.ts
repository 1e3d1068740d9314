import fc from 'fast-check';
import { planningInputOf, SKILLS } from '../../house';
import type { Plan } from '../../planning/report';
import { planHouse } from '../../planning/plan-house';
import { skillOf } from '../../trade/steps';
import { added, anyHouse, chosen, houseOf, place } from '../../testing/houses';
import { minutes, momentAt, plainDate } from '../../units';
import { fitEvening, isHeavy, prepare, type Evening } from './fit';

const NOW = momentAt(plainDate('2026-01-06'), 17 * 60);
const evening = (mine: number, helper = 0, energy: Evening['energy'] = 'usual'): Evening => ({
  mine: minutes(mine),
  helper: minutes(helper),
  energy,
});
const house = houseOf(...['a', 'b', 'c'].flatMap((id) => [added(place(id)), chosen(id, 'reline')]));
const planOf = (project = house) => {
  const plan = planHouse(planningInputOf(project), NOW, { schedules: 1 });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};

describe('an evening fitted', () => {
  it('gives an hour to the locks, which change before all else', () => {
    const { picks, fits } = fitEvening(planOf(), house.people, evening(60));
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
          const { picks, fits } = fitEvening(
            planOf(project),
            project.people,
            evening(mine, helper, energy),
          );
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

  it('gives nobody what is not their work, and what was given to one only to them', () => {
    const skills = fc.option(fc.subarray(SKILLS.map(({ id }) => id)), { nil: undefined });
    fc.assert(
      fc.property(anyHouse, skills, skills, fc.nat(40), (project, mine, hers, at) => {
        const people = project.people.map((person) => ({
          ...person,
          skills: person.role === 'self' ? mine : hers,
        }));
        const plan = planOf(project);
        const given = plan.jobs[at % plan.jobs.length]?.id;
        const jobs = plan.jobs.map((job) => (job.id === given ? { ...job, by: 'ana' } : job));
        const { picks } = fitEvening({ ...plan, jobs } as Plan, people, evening(240, 240));
        for (const { job, by } of picks) {
          const skill = skillOf(job);
          const does = (list: typeof mine) =>
            !list || (skill !== undefined && list.includes(skill));
          if (by !== 'helper') expect(does(mine)).toBe(true);
          if (by !== 'me') expect(does(hers)).toBe(true);
          if (job.id === given) expect(by).not.toBe('me');
        }
      }),
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
