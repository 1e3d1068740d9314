import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { planningInputOf, type Project } from '../../house';
import { applyEvents, type EventBodyOf } from '../../journal';
import { added, anyHouse, chosen, houseOf, place } from '../../testing/houses';
import { MINUTES_PER_DAY, minutes, momentAt, plainDate } from '../../units';
import { planHouse } from '../plan-house';
import { jobsOfGate, standingOf, type Plan, type PlannedJob } from '../report';
import { floatsOf, gateMoved, sayWhy, sharedWith, whyMoved } from '.';

const DAY = plainDate('2026-01-05');
const NOW = momentAt(DAY, 8 * 60);
const planOf = (house: Project, before: Plan | null = null, now = NOW): Plan => {
  const standing = before && standingOf(before);
  const plan = planHouse(planningInputOf(house), now, { schedules: 4, standing });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};
const house = houseOf(added(place('a')), chosen('a', 'repaint'), chosen('a', 'new-floor'));
const plan = planOf(house);
const jobOf = (from: Plan, id: string): PlannedJob => {
  const job = from.jobs.find((each) => each.id === id);
  if (!job) throw new Error(`no job ${id}`);
  return job;
};
const after = (...events: EventBodyOf[]): Project => applyEvents(house, events) ?? house;

describe('float', () => {
  /** Moves the job by so many days and pushes on whatever follows by its links alone: the independent model. */
  function endAfterSlip(from: Plan, id: string, days: number, ids: ReadonlySet<string>): number {
    const ends = new Map<string, number>();
    const startOf = (job: PlannedJob) => job.stretches[0]?.from ?? job.start;
    const order = from.jobs
      .filter(({ doneOn }) => doneOn === null)
      .toSorted((a, b) => startOf(a) - startOf(b));
    for (let round = 0; round < order.length; round += 1) {
      let changed = false;
      for (const job of order) {
        const slip = job.id === id ? days * MINUTES_PER_DAY : 0;
        const pushed = job.predecessors.map(
          ({ jobId, waitMinutes }) => (ends.get(jobId) ?? -Infinity) + waitMinutes,
        );
        const start = Math.max(startOf(job) + slip, ...pushed);
        const end = start + job.finish - startOf(job);
        if (ends.get(job.id) !== end) changed = true;
        ends.set(job.id, end);
      }
      if (!changed) break;
    }
    return Math.max(
      ...order
        .filter((job) => ids.has(job.id))
        .map((job) => (ends.get(job.id) ?? 0) + (job.wait?.minutes ?? 0)),
    );
  }

  it('is just as many days as a job can be pushed before the gate moves', () => {
    fc.assert(
      fc.property(anyHouse, fc.nat({ max: 60 }), (drawn, pick) => {
        const of = planOf(drawn);
        const open = of.jobs.filter(({ doneOn }) => doneOn === null);
        const job = open[pick % open.length];
        if (!job) return;
        for (const { to, days } of floatsOf(of, job, [])) {
          if (typeof to !== 'string') continue;
          const ids = new Set(
            jobsOfGate(of, to).flatMap((each) => (each.doneOn === null ? [each.id as string] : [])),
          );
          const end = endAfterSlip(of, job.id, 0, ids);
          expect(endAfterSlip(of, job.id, days, ids)).toBeLessThanOrEqual(end);
          expect(endAfterSlip(of, job.id, days + 1, ids)).toBeGreaterThan(end);
        }
      }),
      { numRuns: 25 },
    );
  });

  it('to a date from outside counts from that date, and is below nought where it is missed', () => {
    const by = plainDate('2026-01-07');
    const demand: EventBodyOf = {
      type: 'demandMade',
      payload: {
        id: 'd',
        from: 'lender',
        what: 'floor',
        covers: { kind: 'place', placeId: idOf('a') },
        by,
      },
    };
    const pressed = planOf(after(demand));
    const last = pressed.jobs
      .filter(({ placeId }) => placeId === 'a')
      .reduce((late, job) => (job.finish > late.finish ? job : late));
    const days = floatsOf(pressed, last, [{ id: 'd', by }]).find(
      ({ to }) => typeof to !== 'string',
    )?.days;
    // From the end of the 7th to its finish, in whole days begun.
    expect(days).toBe(Math.floor((momentAt(by, MINUTES_PER_DAY) - last.finish) / MINUTES_PER_DAY));
    expect(days).toBeLessThan(0);
  });
});

describe('hands and rooms', () => {
  it('come from the job before and go on to the one after, never at the same time', () => {
    for (const job of plan.jobs) {
      for (const { personId, before, after: next } of sharedWith(plan, job).hands) {
        const own = job.stretches.filter(({ people }) => people.includes(personId));
        const ofOther = (id: string | null) =>
          id === null
            ? []
            : jobOf(plan, id).stretches.filter(({ people }) => people.includes(personId));
        expect(Math.min(...ofOther(before).map(({ to }) => to), Infinity)).toBeGreaterThan(0);
        const first = own[0]?.from ?? 0;
        const last = own.at(-1)?.to ?? 0;
        if (before) expect(ofOther(before).some(({ to }) => to <= first)).toBe(true);
        if (next) expect(ofOther(next).some(({ from }) => from >= last)).toBe(true);
      }
    }
  });
});

describe('why a day moved', () => {
  it('is nothing where nothing moved', () => {
    const again = planOf(house, plan);
    for (const { id } of plan.jobs) expect(whyMoved(plan, again, id)).toEqual([]);
    expect(gateMoved(plan, again, 'done')).toBeNull();
  });

  it('names the job that became longer, in its own figures', () => {
    const longer = planOf(
      after({
        type: 'jobFiguresAgreed',
        payload: { jobId: idOf('a/paint.walls'), figures: { minutes: minutes(3_000) } },
      }),
      plan,
    );
    const moved = gateMoved(plan, longer, 'done');
    expect(moved?.days).toBeGreaterThan(0);
    expect(moved?.whys).toContainEqual({
      jobId: 'a/paint.walls',
      is: expect.objectContaining({ kind: 'left', to: jobOf(longer, 'a/paint.walls').left }),
    });
    const [why] = moved?.whys ?? [];
    expect(why && sayWhy(why, longer)).toMatch(/has 50h left, not /);
  });

  it('names work that is new, and work that is gone tells what decides now', () => {
    const more = planOf(
      after({
        type: 'workChosen',
        payload: { id: 'w9', placeId: 'a' as never, workId: 'reline', count: 1 } as never,
      }),
      plan,
    );
    const moved = gateMoved(plan, more, 'done');
    expect(moved?.days).toBeGreaterThan(0);
    expect(moved?.whys.map(({ is }) => is.kind)).toContain('new');
    const less = gateMoved(more, planOf(house, more), 'done');
    expect(less?.days).toBeLessThan(0);
    expect(less?.whys.length).toBeGreaterThan(0);
  });
});
