import { planningInputOf } from '../../house';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../plan-house';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { daysBetween, momentAt, dateOf, plainDate } from '../../units';
import { daysWithout } from '.';

const NOW = momentAt(plainDate('2026-04-06'), 8 * 60);

function without(livedIn: boolean, ...bodies: EventBodyOf[]) {
  const house = houseOf(...bodies);
  const lived = livedIn
    ? { ...house, house: { ...house.house, occupancy: 'lived-in' as const } }
    : house;
  const plan = planHouse(planningInputOf(lived), NOW, { schedules: 1 });
  if (!plan.ok) throw new Error(plan.error.code);
  return { rows: daysWithout(plan.value, lived), jobs: plan.value.jobs };
}
const bath = [added(place('b', 'bathroom')), chosen('b', 'bathroom')];

describe('days without', () => {
  it('run from the day the only one is torn out to the day it works again', () => {
    const { rows, jobs } = without(true, ...bath);
    const at = (stepId: string) => jobs.find((job) => job.stepId === stepId);
    const [toilet, tub] = rows;
    expect(rows.map(({ of }) => of)).toEqual(['toilet', 'bath']);
    expect(toilet?.days).toBe(
      daysBetween(
        dateOf(at('demo.fixtures')?.start ?? NOW),
        dateOf(at('fit.toilet')?.finish ?? NOW),
      ),
    );
    expect(tub?.to).toBe(dateOf(at('fit.bath')?.finish ?? NOW));
    // Weeks without a bath are over the ten days of the starting guess; a hired toilet stands in for the other.
    expect([toilet?.over, tub?.over, tub?.limit, tub?.told]).toEqual([false, true, 10, false]);
    expect(toilet?.meanwhile).toEqual(['b/temp.toilet']);
  });

  it('are counted against what the household said', () => {
    const agreed: EventBodyOf = { type: 'daysWithoutAgreed', payload: { of: 'bath', days: 300 } };
    const tub = without(true, ...bath, agreed).rows.find(({ of }) => of === 'bath');
    expect(tub).toMatchObject({ limit: 300, told: true, over: false });
  });

  it('are none in an empty house, beside a second bath, and where nothing is torn out', () => {
    expect(without(false, ...bath).rows).toEqual([]);
    expect(without(true, ...bath, added(place('c', 'bathroom'))).rows).toEqual([]);
    expect(without(true, added(place('b', 'bathroom')), chosen('b', 'repaint')).rows).toEqual([]);
  });
});
