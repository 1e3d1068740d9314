import { planningInputOf } from '../../house';
import fc from 'fast-check';
import { applyEvents } from '../../journal';
import { added, anyHouse, chosen, houseOf, place } from '../../testing/houses';
import { plainDate } from '../../units';
import { networkOf } from './network';

const house = houseOf(added(place('bed')), chosen('bed', 'reline'));

describe('the network of a house', () => {
  it('is found once for each state of the house', () => {
    expect(networkOf(planningInputOf(house))).toBe(networkOf(planningInputOf(house)));
    const same = networkOf(planningInputOf({ ...house }));
    expect(same).not.toBe(networkOf(planningInputOf(house)));
    expect(same).toEqual(networkOf(planningInputOf(house)));
  });

  it('knows of every change', () => {
    const before = networkOf(planningInputOf(house));
    const more = applyEvents(house, [chosen('bed', 'new-floor')]);
    const after = more && networkOf(planningInputOf(more));
    if (!before.ok || !after?.ok) throw new Error('no network');
    const ids = (jobs: readonly { id: string }[]) => jobs.map(({ id }) => id);
    expect(ids(after.value.jobs)).toEqual(expect.arrayContaining(ids(before.value.jobs)));
    expect(after.value.jobs.length).toBeGreaterThan(before.value.jobs.length);
  });

  it('links only jobs that are there, and leaves out what was dropped', () => {
    fc.assert(
      fc.property(anyHouse, fc.nat(), (drawn, pick) => {
        const whole = networkOf(planningInputOf(drawn));
        if (!whole.ok || whole.value.jobs.length === 0) return;
        const dropped = whole.value.jobs[pick % whole.value.jobs.length]?.id;
        if (!dropped) return;
        const on = plainDate('2026-01-05');
        const after = applyEvents(drawn, [
          { type: 'jobDropped', payload: { jobId: dropped, on, because: 'not needed' } },
        ]);
        const without = after && networkOf(planningInputOf(after));
        if (!without?.ok) throw new Error('no network');
        const { jobs, byId, dropped: left, graph } = without.value;
        expect(left.map(({ id }) => id)).toContain(dropped);
        expect(byId.has(dropped)).toBe(false);
        const known = new Set<string>(jobs.map(({ id }) => id));
        for (const { before, after } of [...graph.into.values()].flat()) {
          expect([known.has(before), known.has(after)]).toEqual([true, true]);
        }
      }),
      { numRuns: 30 },
    );
  });
});
