import fc from 'fast-check';
import { planningInputOf, type PlanningInput } from '../../../house';
import { toTheEnd } from '../../../in-steps';
import { forwardOptions } from '../compare';
import { withOption, type Option } from '../compare/option';
import { planHouse } from '../../plan-house';
import { standingOf, type Plan } from '../../report';
import { anyRenovation } from '../../../testing/renovations';
import { addDays, daysBetween, momentAt, plainDate, type PlainDate } from '../../../units';
import { withChanges } from '../../input';
import { fitBefore, type Fit } from '.';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const planOf = (house: PlanningInput, from: Plan | null = null): Plan => {
  const options = from ? { standing: standingOf(from), isWeighed: true, schedules: 6 } : {};
  const plan = planHouse(house, NOW, options);
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};
const fitOf = (house: PlanningInput, by: PlainDate): Fit => {
  const fit = toTheEnd(fitBefore(house, NOW, { gate: 'live', by }));
  if (!fit.ok) throw new Error(fit.error.code);
  return fit.value;
};
const [drawn] = fc.sample(anyRenovation, { numRuns: 1, seed: 21 });
if (!drawn) throw new Error('no house');
const house: PlanningInput = planningInputOf(drawn);
const plan = planOf(house);
const liveOf = (plan: Plan): PlainDate => plan.gates.live.date ?? plainDate('2026-01-05');

describe('what it takes to be done by a day', () => {
  it('is nothing, where the day is far enough away', () => {
    const fit = fitOf(house, plainDate('2031-01-05'));
    expect(fit).toMatchObject({ fits: true, ways: [], centsMore: 0, minutesMore: 0, tried: 0 });
    expect(fit.after).toEqual(fit.before);
  });

  it('brings the day as near as any set of single ways does', () => {
    // Out of reach: the nearest that can be had is asked for.
    const fit = fitOf(house, addDays(plainDate('2026-01-05'), 1));
    const reached = planOf(
      fit.ways.reduce<PlanningInput>((now, { changes }) => withChanges(now, changes), house),
      plan,
    );
    const [, ...singles] = forwardOptions(house, plan);
    const hires = singles.filter(({ id }) => !id.startsWith('evening') && !id.startsWith('helper'));
    const subsets = hires.reduce<Option[][]>(
      (sets, way) => [...sets, ...sets.map((set) => [...set, way])],
      [[]],
    );
    const best = subsets
      .map((set) => liveOf(planOf(set.reduce<PlanningInput>(withOption, house), plan)))
      .toSorted()[0];
    expect(best && daysBetween(best, liveOf(reached))).toBeLessThanOrEqual(0);
    expect(fit.ways.length > 0 && liveOf(reached) < liveOf(plan)).toBe(true);
    expect((fit.after.likely ?? '') <= (fit.before.likely ?? '')).toBe(true);
  });

  it('holds nothing that the day does not need, and says all that was agreed in it', () => {
    const likely = fitOf(house, plainDate('2031-01-05')).before.likely ?? plainDate('2026-01-05');
    const fit = fitOf(house, addDays(likely, -4));
    const changed = fit.ways.reduce<PlanningInput>(
      (now, way) => withChanges(now, way.changes),
      house,
    );
    expect(fit.fits).toBe(true);
    // Whoever gives more hours in one way gives them still after the next.
    for (const way of fit.ways) {
      const [kind, who] = way.id.split(':');
      const [was, is] = [house, changed].map(
        ({ people }) => people.find(({ id }) => id === who)?.week ?? [],
      );
      if (kind !== 'evening' && kind !== 'helper') continue;
      const sum = (week: readonly number[] = []) => week.reduce((all, day) => all + day, 0);
      expect(sum(is)).toBeGreaterThan(sum(was));
    }
    const { done } = planOf(changed, plan).gates;
    expect(fit.minutesMore).toBe(done.minutesLeft - plan.gates.done.minutesLeft);
    expect(fit.centsMore).toBe(done.moneyLeft - plan.gates.done.moneyLeft);
    const ends = liveOf(planOf(changed, plan));
    for (const way of fit.ways) {
      const rest = fit.ways
        .filter(({ id }) => id !== way.id)
        .reduce<PlanningInput>((now, other) => withChanges(now, other.changes), house);
      const isNeeded = liveOf(planOf(rest, plan)) > ends || way.id.startsWith('evening');
      expect({ way: way.title, isNeeded }).toEqual({ way: way.title, isNeeded: true });
    }
  });
});
