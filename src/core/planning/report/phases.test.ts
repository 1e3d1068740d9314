import { idOf } from '../../testing/ids';
import { planningInputOf, type Phase } from '../../house';
import type { EventBodyOf } from '../../journal';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { daysBetween, momentAt, plainDate } from '../../units';
import { planHouse } from '../plan-house';
import { forecastHouse } from '../simulation';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const rooms: EventBodyOf[] = [
  added(place('a')),
  added(place('b')),
  chosen('a', 'repaint'),
  chosen('b', 'repaint'),
];
const phase = (more: Partial<Phase>): EventBodyOf => ({
  type: 'phaseAgreed',
  payload: {
    id: 'p',
    title: 'Front room first',
    placeIds: [idOf('a')],
    jobIds: [],
    by: null,
    cents: null,
    before: null,
    ...more,
  },
});
function planOf(...events: EventBodyOf[]) {
  const plan = planHouse(planningInputOf(houseOf(...rooms, ...events)), NOW, { schedules: 10 });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
}
const inA = ({ placeId }: { placeId: string | null }) => placeId === 'a';

describe('a phase', () => {
  it('holds all jobs of its rooms, and jobs beside them', () => {
    const plan = planOf(phase({ jobIds: [idOf('b/last.coat')] }));
    const meant = plan.jobs.filter((job) => inA(job) || job.id === 'b/last.coat');
    const [state] = plan.phases;
    expect(state?.jobIds.toSorted()).toEqual(meant.map(({ id }) => id).toSorted());
    expect(state?.jobsLeft).toBe(meant.length);
    expect(state?.minutesLeft).toBe(meant.reduce((sum, { left }) => sum + left, 0));
  });

  it('counts the money of its jobs: of two rooms alike as much', () => {
    const plan = planOf(phase({}));
    const lines = plan.costs.lines.filter(inA).map(({ open }) => open);
    const [front] = plan.phases;
    expect(front).toMatchObject({ paid: 0, committed: 0 });
    expect(front?.toCome).toBe(lines.reduce((sum, open) => sum + open, 0));
    expect(front?.toCome).toBe(planOf(phase({ placeIds: [idOf('b')] })).phases[0]?.toCome);
  });

  it('with an end of its own goes first, and is late where it cannot be kept', () => {
    const ends = (...events: EventBodyOf[]) =>
      planOf(...events)
        .jobs.filter(inA)
        .reduce((last, { finish }) => Math.max(last, finish), 0);
    const by = plainDate('2026-01-06');
    const hurried = planOf(phase({ by }));
    const [date] = hurried.demands;
    expect(date).toMatchObject({ id: 'phase:p', jobsLeft: hurried.phases[0]?.jobsLeft });
    expect(date?.daysLate).toBe(daysBetween(by, date?.finish ?? by));
    expect(date?.daysLate).toBeGreaterThan(0);
    expect(ends(phase({ by }))).toBeLessThanOrEqual(ends());
    const late = planOf(phase({ by: plainDate('2027-01-06') })).demands[0];
    expect(late?.daysLate).toBe(0);
  });

  it('keeps a gate waiting for all of it, with what comes before', () => {
    const gateOf = (plan: ReturnType<typeof planOf>, id: string) =>
      plan.jobs.find((job) => job.id === id)?.gate;
    expect(gateOf(planOf(phase({})), 'a/close.punch')).toBe('done');
    const waited = planOf(phase({ before: 'sleep' }));
    for (const job of waited.jobs.filter(inA))
      expect([job.id, job.gate]).toEqual([job.id, 'sleep']);
    expect(gateOf(waited, 'b/close.punch')).toBe('done');
  });

  it('is gone when it is dropped, and names no room that is gone', () => {
    expect(planOf(phase({}), { type: 'phaseDropped', payload: { phaseId: 'p' } }).phases).toEqual(
      [],
    );
    expect(planOf(phase({ placeIds: [idOf('nowhere')] })).phases).toEqual([]);
  });

  it('has its likely day and its fairly safe one, and so has a date from outside', () => {
    const house = houseOf(...rooms, phase({}), {
      type: 'demandMade',
      payload: {
        id: 'd',
        from: 'insurer',
        what: 'room b painted',
        covers: { kind: 'place', placeId: idOf('b') },
        by: plainDate('2026-03-01'),
      },
    });
    const forecast = forecastHouse(planningInputOf(house), NOW);
    if (!forecast.ok) throw new Error(forecast.error.code);
    const { ends, gates } = forecast.value;
    expect(ends.map(({ id }) => id)).toEqual(['phase:p', 'd']);
    for (const { likely, fairlySafe } of ends) {
      expect(likely <= fairlySafe).toBe(true);
      expect(likely <= (gates.done.likely ?? '')).toBe(true);
    }
  });
});
