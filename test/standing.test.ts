import { planningInputOf } from '../src/core/house';
import { standingOf } from '../src/core/planning/report';
import { planHouse } from '../src/core/planning/plan-house';
import { added, chosen, houseOf, place } from '../src/core/testing/houses';
import { momentAt, plainDate } from '../src/core/units';
import { journalOf, keys } from '../src/storage/keys';
import { readStanding, writeStanding } from '../src/storage/standing';
import { TestDatabase } from './outside';

const plan = planHouse(
  planningInputOf(houseOf(added(place('a')), chosen('a', 'repaint'))),
  momentAt(plainDate('2026-01-05'), 480),
);
if (!plan.ok) throw new Error(plan.error.code);
const standing = standingOf(plan.value);

describe('the plan that stands, from one visit to the next', () => {
  it('is read as it was written, and goes with its journal', async () => {
    const database = new TestDatabase();
    await writeStanding(database, 'j', standing);
    expect(await readStanding(database, 'j')).toEqual(standing);
    expect(await readStanding(database, 'other')).toBeNull();
    expect(journalOf(keys.standing('j'))).toBe('j');
  });

  it('is read as it was written before shortfalls had their name', async () => {
    const database = new TestDatabase();
    const before = {
      ...standing,
      jobs: standing.jobs.map(({ shortfalls, ...job }) => ({ ...job, lacks: shortfalls })),
    };
    await database.setItem(keys.standing('j'), JSON.stringify(before));
    expect(await readStanding(database, 'j')).toEqual(standing);
  });

  it('is none where its row is torn or of another make: it can be looked for anew', async () => {
    const database = new TestDatabase();
    for (const torn of ['{"basis":', '{"basis":"1 2","jobs":[]}', 'null']) {
      await database.setItem(keys.standing('j'), torn);
      expect(await readStanding(database, 'j')).toBeNull();
    }
  });
});
