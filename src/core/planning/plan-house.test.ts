import { idOf } from '../testing/ids';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { readProjectFile } from '../files';
import { planningInputOf, type Project } from '../house';
import type { EventBodyOf } from '../journal';
import { faultsOf } from '../testing/check-plan';
import { added, anyHouse, chosen, houseOf, place, week } from '../testing/houses';
import { dateOf, minutes, moment, momentAt, plainDate, toIsoMinute } from '../units';
import { isAfterwards, type Plan } from './report';
import { planHouse } from './plan-house';

const NOW = momentAt(plainDate('2026-01-05'), 17 * 60);

function plan(project: Project, now = NOW, schedules?: number): Plan {
  const planned = planHouse(
    planningInputOf(project),
    now,
    schedules === undefined ? {} : { schedules },
  );
  if (!planned.ok) throw new Error(JSON.stringify(planned.error));
  return planned.value;
}
const job = (from: Plan, id: string) => {
  const found = from.jobs.find((candidate) => candidate.id === id);
  if (!found)
    throw new Error(`no ${id} in ${from.jobs.map((candidate) => candidate.id).join(' ')}`);
  return found;
};
const logged = (date: string, ...entries: unknown[]): EventBodyOf => ({
  type: 'dayLogged',
  payload: {
    id: idOf(`log-${date}-${entries.length}`),
    date: plainDate(date),
    line: 'x',
    entries: entries as never,
  },
});
const done = (jobId: string) => ({ kind: 'progress', jobId, share: 100 });

describe('a plan', () => {
  it('stands before an independent checker, for any house', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        // Past the four new rankings: whatever the search lifts, the plan must stand.
        expect(faultsOf(planningInputOf(project), plan(project, NOW, 8))).toEqual([]);
      }),
      { numRuns: 120 },
    );
  });

  it('stands before the checker for the demo house, as it is kept', () => {
    const file = readProjectFile(readFileSync('demo/house.json', 'utf8'));
    if (!file.ok) throw new Error(file.error.code);
    const { project, clock } = file.value;
    expect(faultsOf(planningInputOf(project), plan(project, clock ?? NOW))).toEqual([]);
  });

  it('counts the way of what is made to measure from the day it is measured: order-by dates are a chain', () => {
    const events = [added(place('k', 'kitchen')), chosen('k', 'kitchen')];
    const measureLater: EventBodyOf = {
      type: 'jobHeldUntil',
      payload: { jobId: idOf('k/survey.measure'), on: plainDate('2026-02-02') },
    };
    const made = plan(houseOf(...events, measureLater));
    const [measure, cabinets] = [job(made, 'k/survey.measure'), job(made, 'k/cabinets.set')];
    const line = made.orders.find(({ jobId }) => jobId === cabinets.id);
    expect(line).toMatchObject({ state: 'to-measure' });
    const lead = line?.leadDays ?? 0;
    expect(lead).toBeGreaterThan(20);
    expect(dateOf(measure.finish) >= '2026-02-02').toBe(true);
    expect(cabinets.start).toBeGreaterThanOrEqual(measure.finish + lead * 24 * 60);
    expect(cabinets.predecessors.find(({ jobId }) => jobId === measure.id)).toMatchObject({
      waitMinutes: lead * 24 * 60,
      strength: 'physics',
      why: `${line?.what ?? ''} is ordered once it is measured, and comes ${lead} days later.`,
    });
    // Once ordered, the shop's day counts instead.
    const ordered: EventBodyOf = {
      type: 'orderPlaced',
      payload: {
        id: 'o1',
        lineId: line?.lineId ?? '',
        shop: null,
        orderedOn: plainDate('2026-01-05'),
        expectedOn: plainDate('2026-01-20'),
        arrival: null,
      },
    };
    const sooner = job(plan(houseOf(...events, measureLater, ordered)), 'k/cabinets.set');
    expect(sooner.predecessors.every(({ why }) => !why.includes('is ordered once'))).toBe(true);
  });

  it('is the same for the same input', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        expect(plan(project)).toEqual(plan(project));
      }),
      { numRuns: 10 },
    );
  });

  it('counts every job in exactly one gate, and gates only grow', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        const { gates, jobs } = plan(project, NOW, 1);
        expect(gates.done.jobsLeft).toBe(
          jobs.filter((job) => job.doneOn === null && !isAfterwards(job)).length,
        );
        expect(gates.sleep.jobsLeft).toBeLessThanOrEqual(gates.live.jobsLeft);
        expect(gates.live.jobsLeft).toBeLessThanOrEqual(gates.done.jobsLeft);
        expect((gates.sleep.date ?? '') <= (gates.done.date ?? '')).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
});

describe('hours come from quantity and rate', () => {
  it('a 12 x 10 ft room 8 ft high', () => {
    const { jobs } = plan(houseOf(added(place('a')), chosen('a', 'reline')));
    // Walls: 2 x (12 + 10) = 44 ft round, x 8 ft = 352 sq ft. Stripping lath and plaster:
    // 20 min setting up + 352 x 162/100 = 570.2 -> 590.2, to the next five minutes 595.
    expect(jobs.find(({ id }) => id === 'a/demo.walls')?.estimate).toBe(595);
    // Ceiling board: 120 sq ft x 300/100 = 360 person-minutes for two.
    expect(jobs.find(({ id }) => id === 'a/board.ceiling')?.estimate).toBe(360);
  });
});

describe('waits run on the clock', () => {
  const house = houseOf(added(place('a')), chosen('a', 'repaint'));
  const before = ['survey.walk', 'survey.measure', 'decide.finishes', 'safe.protect'].map(
    (step) => `a/${step}`,
  );
  const tested = houseOf(
    added(place('a')),
    chosen('a', 'repaint'),
    logged('2026-01-06', ...before.map(done), done('a/paint.wash'), done('a/paint.prime')),
  );

  it('primer counts four hours down from nine, and lets the ceiling go', () => {
    const planned = plan(tested, momentAt(plainDate('2026-01-06'), 21 * 60 + 30));
    const prime = job(planned, 'a/paint.prime');
    expect(prime.state).toBe('setting');
    expect(toIsoMinute(moment(prime.wait?.until ?? 0))).toBe('2026-01-07T01:00');
    expect(prime.successors).toEqual(['a/paint.ceiling']);
    expect(job(planned, 'a/paint.ceiling').state).toBe('later');
    const nextDay = plan(tested, momentAt(plainDate('2026-01-07'), 17 * 60));
    expect(job(nextDay, 'a/paint.prime').state).toBe('done');
    expect(job(nextDay, 'a/paint.ceiling').state).toBe('ready');
  });

  it('starts what has nothing to wait for, and says why the rest waits', () => {
    const planned = plan(house);
    expect(job(planned, 'a/survey.walk')).toMatchObject({ state: 'ready' });
    expect(job(planned, 'a/survey.measure').predecessors).toEqual([
      expect.objectContaining({
        jobId: 'a/survey.walk',
        why: 'You measure what you have looked at.',
      }),
    ]);
  });
});

describe('what the log says', () => {
  const base = [added(place('a')), chosen('a', 'reline')];

  it('leaves the untold share to do; hours alone never finish a job', () => {
    const half = houseOf(
      ...base,
      logged('2026-01-06', { kind: 'progress', jobId: 'a/demo.walls', share: 40 }),
    );
    // 595 min estimated, 60% left = 357.
    expect(job(plan(half), 'a/demo.walls')).toMatchObject({
      left: 357,
      state: 'in-hand',
      share: 40,
    });
    const long = houseOf(
      ...base,
      logged('2026-01-06', {
        kind: 'hours',
        personId: 'me',
        minutes: 700,
        jobId: 'a/demo.walls',
        placeId: 'a',
      }),
    );
    // 700 of 595 min logged and still not called done: 15% of 595 = 89 min stay.
    expect(job(plan(long), 'a/demo.walls')).toMatchObject({ left: 89, logged: 700 });
  });

  it('a failed inspection is held and booked anew from its day', () => {
    const failed = houseOf(added(place('b', 'bedroom')), chosen('b', 'rewire'), {
      type: 'inspectionHeld',
      payload: {
        jobId: idOf('floor0/hold.electric'),
        on: plainDate('2026-01-12'),
        result: 'failed',
        note: 'box fill',
      },
    });
    const visit = job(
      plan(failed, momentAt(plainDate('2026-01-12'), 18 * 60)),
      'floor0/hold.electric',
    );
    expect(visit.heldBy).toEqual([
      expect.objectContaining({ kind: 'failed-visit', note: 'box fill' }),
    ]);
    expect(dateOf(visit.start) >= '2026-01-17').toBe(true);
  });

  it('a long lead holds its job back until the thing can be here', () => {
    const house = houseOf(added(place('b')), chosen('b', 'window'));
    const window = job(plan(house), 'b/shell.window');
    // Ordered today, 5 Jan, it comes 35 days later: 9 Feb.
    expect(window.heldBy).toEqual([expect.objectContaining({ kind: 'to-order', leadDays: 35 })]);
    expect(dateOf(window.start) >= '2026-02-09').toBe(true);
    const line = plan(house).orders.find(({ lineId }) => lineId === 'b/shell.window+window');
    // No window was measured yet, so it is not even to order.
    expect(line).toMatchObject({ state: 'to-measure', leadDays: 35 });
  });
});

describe('people', () => {
  it('two-person work waits for the day both have hours', () => {
    const planned = plan(houseOf(added(place('a')), chosen('a', 'reline')));
    const hang = job(planned, 'a/board.ceiling');
    // Ana has hours on Saturday and Sunday only.
    expect(hang.stretches.every(({ people }) => people.length === 2)).toBe(true);
  });

  it('a calendar without an hour is told, not looped on', () => {
    const house = houseOf(added(place('a')), chosen('a', 'repaint'));
    const nobody = {
      ...house,
      people: house.people.map((person) => ({ ...person, week: week(0, 0) })),
    };
    expect(planHouse(planningInputOf(nobody), NOW)).toMatchObject({
      ok: false,
      error: { code: 'no-hours' },
    });
  });

  it('own jobs that wait for each other are named', () => {
    const own = (id: string, before: string): EventBodyOf => ({
      type: 'jobAdded',
      payload: {
        id: idOf(id),
        placeId: null,
        title: id,
        stage: 5,
        minutes: minutes(60),
        hands: 1,
        before: [idOf(before)],
        because: 'a find',
      },
    });
    const result = planHouse(planningInputOf(houseOf(own('x', 'y'), own('y', 'x'))), NOW);
    expect(result).toMatchObject({
      ok: false,
      error: { code: 'loop', jobIds: expect.arrayContaining(['x', 'y']) },
    });
  });
});
