import { idOf } from '../../testing/ids';
import { planningInputOf } from '../../house';
import fc from 'fast-check';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../../planning/plan-house';
import { added, anyHouse, chosen, houseOf, place } from '../../testing/houses';
import { dateOf, momentAt, plainDate, type Moment } from '../../units';
import { planTonight } from '.';

const TUESDAY = plainDate('2026-01-06');
const at = (hour: number, day = TUESDAY): Moment => momentAt(day, hour * 60);
const done = (...steps: string[]): EventBodyOf => ({
  type: 'dayLogged',
  payload: {
    id: idOf(`log-${steps.join('-').slice(0, 40)}`),
    date: TUESDAY,
    line: 'x',
    entries: steps.map((step) => ({
      kind: 'progress' as const,
      jobId: `a/${step}` as never,
      share: 100,
    })),
  },
});

function tonightOf(now: Moment, ...bodies: EventBodyOf[]) {
  const project = houseOf(added(place('a')), chosen('a', 'repaint'), ...bodies);
  const plan = planHouse(planningInputOf(project), now);
  if (!plan.ok) throw new Error(plan.error.code);
  return planTonight(project, plan.value);
}

describe('today', () => {
  it('offers only what is ready, within the hours there are', () => {
    // A Tuesday has three hours of Me and none of Ana.
    const tonight = tonightOf(at(17));
    expect(tonight).toMatchObject({ available: 180, hands: 1, date: TUESDAY });
    expect(tonight.fitted.map(({ job }) => job.id)).toContain('a/survey.walk');
    expect(tonight.fits).toBeLessThanOrEqual(180);
  });

  it('counts down what is setting and says what it lets go', () => {
    const tonight = tonightOf(
      at(22),
      done('survey.walk', 'survey.measure', 'decide.finishes', 'safe.protect', 'paint.wash'),
      done('paint.prime'),
    );
    // Primer of an evening counts from nine and dries four hours: at ten, three are left.
    const primer = tonight.clocks.find(({ job }) => job.id === 'a/paint.prime');
    expect(primer?.left).toBe(180);
    expect(primer?.successors.map(({ id }) => id)).toEqual(['a/paint.ceiling']);
  });

  it('on a day without hours names the next that has some', () => {
    const idle = houseOf(added(place('a')), chosen('a', 'repaint'));
    const resting = {
      ...idle,
      people: idle.people.map((person) => ({
        ...person,
        week: person.week.map((m, day) => (day < 5 ? 0 : m)),
      })),
    } as typeof idle;
    const plan = planHouse(planningInputOf(resting), at(17));
    expect(plan.ok && planTonight(resting, plan.value)).toMatchObject({
      available: 0,
      fitted: [],
      nextWorkday: '2026-01-10',
    });
  });

  it('in any house: fits the day, no person twice, nothing that still waits', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        const plan = planHouse(planningInputOf(project), at(17), { schedules: 1 });
        if (!plan.ok) return;
        const tonight = planTonight(project, plan.value);
        expect(tonight.fits).toBeLessThanOrEqual(tonight.available);
        for (const { job } of tonight.fitted) {
          expect(job.predecessors.every(({ over }) => over)).toBe(true);
          expect(dateOf(job.start) <= tonight.date).toBe(true);
        }
      }),
      { numRuns: 40 },
    );
  });
});
