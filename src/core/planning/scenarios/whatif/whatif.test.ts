import { idOf } from '../../../testing/ids';
import fc from 'fast-check';
import { forecastHouse } from '../../simulation';
import { planningInputOf, type Project } from '../../../house';
import type { EventBodyOf } from '../../../journal';
import { toTheEnd } from '../../../in-steps';
import { chainBack } from '../../explanation';
import { roomChanges, roomFreeDays } from '../../report';
import { planHouse } from '../../plan-house';
import { PRACTICES, answerEvent, answerOf } from '../../../trade/practices';
import { expandJobs } from '../../../estimating/jobs';
import { added, anyHouse, chosen, houseOf, place } from '../../../testing/houses';
import { dateOf, momentAt, plainDate } from '../../../units';
import { weighOptions } from '../weigh';
import { tryOut } from '.';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const house = houseOf(
  added(place('kit', 'kitchen')),
  added(place('bed')),
  chosen('kit', 'kitchen'),
  chosen('kit', 'new-floor'),
  chosen('bed', 'reline'),
);
const tried = (changes: EventBodyOf[], project: Project = house) => {
  const result = toTheEnd(tryOut(planningInputOf(project), NOW, changes));
  if (!result.ok) throw new Error(result.error.code);
  return result.value;
};
const planned = (project: Project) => {
  const plan = planHouse(planningInputOf(project), NOW);
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};

describe('a change tried', () => {
  it('changes nothing when nothing is changed', () => {
    const { before, after, moved, missed } = tried([]);
    expect(after).toEqual(before);
    expect([moved, missed]).toEqual([[], []]);
  });

  it('speaks of the days of every screen, and so does a comparison', () => {
    const shown = forecastHouse(planningInputOf(house), NOW);
    if (!shown.ok) throw new Error(shown.error.code);
    const { gates } = shown.value;
    const { before } = tried([]);
    const asIs = { id: 'now', title: 'As it is', changes: [], yearsGained: null, givesUp: '' };
    const weighed = weighOptions(planningInputOf(house), NOW, [asIs, { ...asIs, id: 'same' }]);
    if (!weighed.ok) throw new Error(weighed.error.code);
    for (const gate of ['sleep', 'live', 'done'] as const) {
      expect(before.gates[gate].likely).toBe(gates[gate].likely);
      for (const { gates: days } of weighed.value) {
        expect(days[gate]).toEqual({ date: gates[gate].likely, daysLater: 0 });
      }
    }
  });

  it('another name for a room moves nobody by a day', () => {
    const bed = house.places['bed' as never];
    if (!bed) throw new Error('no room');
    const { before, after, moved } = tried([
      { type: 'placeCorrected', payload: { ...bed, name: 'Attic room' } },
    ]);
    expect(moved).toEqual([]);
    expect(after.gates).toEqual(before.gates);
  });

  it('not before a day: the job begins then or later, and says so', () => {
    const on = plainDate('2026-08-03');
    const { moved, movedCount } = tried([
      { type: 'jobHeldUntil', payload: { jobId: idOf('bed/paint.walls'), on } },
    ]);
    const paint = moved.find(({ jobId }) => jobId === 'bed/paint.walls');
    expect((paint?.after ?? '') >= on).toBe(true);
    expect(paint?.why).toMatch(/You said not before Mon 3 Aug/);
    expect(movedCount).toBeGreaterThanOrEqual(moved.length);
  });

  it('a day that cannot be: by how much, and what objects', () => {
    const wish: EventBodyOf = {
      type: 'demandMade',
      payload: {
        id: 'wish',
        from: 'you',
        what: 'Cabinets',
        covers: { kind: 'job', jobId: idOf('kit/cabinets.set') },
        by: plainDate('2026-01-06'),
      },
    };
    const [missed] = tried([wish]).missed;
    expect(missed).toMatchObject({ demandId: 'wish', by: '2026-01-06' });
    expect(missed?.daysLate).toBeGreaterThan(0);
    expect(missed?.whys.length).toBeGreaterThan(0);
    // The nearest day is one that can be kept.
    const nearest = { ...wish, payload: { ...wish.payload, by: missed?.finish } } as EventBodyOf;
    expect(tried([nearest]).missed).toEqual([]);
  });

  it('what cannot be planned any more is refused with its rules', () => {
    const rule = (id: string, before: string, after: string): EventBodyOf => ({
      type: 'ruleAdded',
      payload: { id, before: idOf(before), after: idOf(after), because: `because of ${id}` },
    });
    const result = toTheEnd(
      tryOut(planningInputOf(house), NOW, [rule('x', 'bed/paint.walls', 'bed/demo.walls')]),
    );
    expect(result).toMatchObject({ ok: false, error: { code: 'loop' } });
    expect(!result.ok && result.error.code === 'loop' && result.error.whys).toContain(
      'because of x',
    );
  });
});

describe('schools', () => {
  it('the usual answers are those of the table, by how the house is lived in', () => {
    for (const practice of PRACTICES) {
      const lived = { ...house, house: { ...house.house, occupancy: 'lived-in' as const } };
      const answers = practice.answers.map(({ id }) => id);
      expect(answers).toContain(practice.usual(house));
      expect(answers).toContain(practice.usual(lived));
      expect(answers).toContain(answerOf(house, practice.id));
    }
  });

  it('another way turns the order round: floor first puts the floor under the cabinets', () => {
    const begins = (project: Project, id: string) =>
      planned(project).jobs.find((job) => job.id === id)?.start ?? 0;
    const other = {
      ...house,
      schools: { floors: 'floor-first' },
    };
    expect(begins(house, 'kit/cabinets.set')).toBeLessThan(begins(house, 'kit/floor.lay'));
    expect(begins(other, 'kit/cabinets.set')).toBeGreaterThan(begins(other, 'kit/floor.lay'));
    expect(tried([answerEvent('floors', 'floor-first')]).movedCount).toBeGreaterThan(0);
  });

  it('trim painted in place: less on the trestles, more on one’s knees', () => {
    const estimate = (project: Project, id: string) =>
      expandJobs(planningInputOf(project)).find((job) => job.id === id)?.estimate ?? 0;
    const other = { ...house, schools: { trim: 'in-place' } };
    expect(estimate(other, 'kit/trim.prefinish')).toBeLessThan(
      estimate(house, 'kit/trim.prefinish'),
    );
    expect(estimate(other, 'kit/trim.base')).toBeGreaterThan(estimate(house, 'kit/trim.base'));
  });
});

describe('why here', () => {
  it('leads from any job back to something that waits for no other', () => {
    fc.assert(
      fc.property(anyHouse, fc.nat(), (project, pick) => {
        const plan = planned(project);
        const open = plan.jobs.filter(({ doneOn }) => doneOn === null);
        const job = open[pick % open.length];
        if (!job) return;
        const chain = chainBack(plan, job.id);
        const starts = chain.map(
          ({ jobId }) => plan.jobs.find(({ id }) => id === jobId)?.start ?? 0,
        );
        expect(chain[0]?.jobId).toBe(job.id);
        expect(new Set(chain.map(({ jobId }) => jobId)).size).toBe(chain.length);
        starts.slice(1).forEach((start, at) => expect(start).toBeLessThanOrEqual(starts[at] ?? 0));
        expect(['after', 'hands']).not.toContain(chain.at(-1)?.cause.kind);
      }),
      { numRuns: 30 },
    );
  });

  it('rooms in use by hand: two rooms in one evening are one change; a room done two days early is free two', () => {
    const day = momentAt(plainDate('2026-01-05'), 18 * 60);
    const work = (placeId: string, from: number) => ({
      placeId,
      stretches: [{ from, people: ['me'] }],
    });
    expect(roomChanges([work('a', day), work('b', day + 60), work('a', day + 1_440)])).toBe(1);
    const plan = planned(house);
    const ends = (id: string) =>
      Math.max(
        ...plan.jobs
          .filter(({ placeId }) => placeId === id)
          .map(({ finish, wait }) => finish + (wait?.minutes ?? 0)),
      );
    const last = Math.max(...plan.jobs.map(({ finish, wait }) => finish + (wait?.minutes ?? 0)));
    const free = ['kit', 'bed'].map(
      (id) => Math.floor(last / 1_440) - Math.floor((ends(id) - 1) / 1_440),
    );
    expect(roomFreeDays(plan)).toBe(free.reduce((sum, days) => sum + days, 0));
    expect(dateOf(plan.now)).toBe('2026-01-05');
  });
});
