import fc from 'fast-check';
import { minutesOn, type Person } from '../house';
import { planHouse } from '../schedule';
import { seededRandom } from '../random';
import { added, anyHouse, chosen, houseOf, place, week } from '../testing/houses';
import { MINUTES_PER_DAY, dateOf, momentAt, moment, plainDate, toDayNumber } from '../units';
import { logNormal, quantile, triangular } from './chance';
import { WorkClock } from './clock';
import { drawForecast, forecastHouse } from '.';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const house = houseOf(
  added(place('bed')),
  added(place('bath', 'bathroom', 8)),
  chosen('bed', 'reline'),
  chosen('bed', 'new-floor'),
  chosen('bath', 'bathroom'),
  chosen('bath', 'tile-floor'),
);
const drawn = (options = {}, project = house) => {
  const result = drawForecast(project, NOW, { runs: 200, ...options });
  if (!result.ok) throw new Error(result.error.code);
  return result.value;
};
const me: Person = { id: 'me' as never, name: 'Me', role: 'self', week: week(120, 360) };

describe('chance', () => {
  it('a triangle keeps to its ends and has its mean: (low + mode + high) / 3', () => {
    const random = seededRandom(3);
    const draws = Array.from({ length: 20_000 }, () => triangular(random, 0.85, 1, 1.4));
    expect(Math.min(...draws)).toBeGreaterThanOrEqual(0.85);
    expect(Math.max(...draws)).toBeLessThanOrEqual(1.4);
    expect(draws.reduce((sum, draw) => sum + draw, 0) / draws.length).toBeCloseTo(3.25 / 3, 2);
  });

  it('a log-normal factor is as often under 1 as over it', () => {
    const random = seededRandom(4);
    const under = Array.from({ length: 10_000 }, () => logNormal(random, 0.2)).filter(
      (draw) => draw < 1,
    );
    expect(under.length / 10_000).toBeCloseTo(0.5, 1);
  });

  it('quantiles are values of the list', () => {
    expect(quantile([1, 2, 3, 4, 5, 6, 7, 8, 9, 10], 0.8)).toBe(8);
    expect(quantile([7], 0.1)).toBe(7);
  });
});

describe('a work clock', () => {
  it('worked by hand: five hours from Monday morning, two an evening', () => {
    const monday = toDayNumber(plainDate('2026-01-05'));
    const clock = new WorkClock([me], monday);
    const end = clock.finish(monday * MINUTES_PER_DAY, 300);
    // Two hours on Monday, two on Tuesday, one on Wednesday.
    expect(dateOf(moment(end))).toBe('2026-01-07');
  });

  it('never ends before it begins, takes longer for more, and gives the hours the calendar gives', () => {
    const monday = toDayNumber(plainDate('2026-01-05'));
    const clock = new WorkClock([me], monday);
    fc.assert(
      fc.property(fc.nat({ max: 60_000 }), fc.integer({ min: 1, max: 9_000 }), (from, work) => {
        const start = monday * MINUTES_PER_DAY + from;
        const end = clock.finish(start, work);
        expect(end).toBeGreaterThanOrEqual(start + Math.min(work, 1));
        expect(clock.finish(start, work + 60)).toBeGreaterThanOrEqual(end);
        let given = 0;
        const [first, last] = [dateOf(moment(start)), dateOf(moment(end))];
        for (let day = toDayNumber(first); day <= toDayNumber(last); day += 1) {
          given += minutesOn(me, dateOf(moment(day * MINUTES_PER_DAY)));
        }
        expect(given).toBeGreaterThanOrEqual(work);
      }),
    );
  });
});

describe('the drawn forecast', () => {
  it('the same seed gives the same days; its percentiles stand in order, the plan is no pessimist', () => {
    expect(drawn({ seed: 9 })).toEqual(drawn({ seed: 9 }));
    const { gates, cost } = drawn();
    for (const { p10, p50, p80, p95 } of Object.values(gates)) {
      expect([p10, p50, p80, p95]).toEqual([p10, p50, p80, p95].toSorted());
    }
    expect(cost.p80).toBeGreaterThanOrEqual(cost.p50);
    const plan = planHouse(house, NOW);
    expect(plan.ok && (gates.live.p80 ?? '') >= (plan.value.gates.live.date ?? '')).toBe(true);
  });

  it('another seed moves the likely day by little against its spread', () => {
    const at = (seed: number) =>
      toDayNumber(drawn({ seed, runs: 600 }).gates.done.p50 ?? plainDate('2026-01-05'));
    expect(Math.abs(at(1) - at(2))).toBeLessThanOrEqual(4);
  });

  it('the fairly safe day holds in 75 to 85 of a hundred other draws', () => {
    const safe = drawn({ seed: 1, runs: 1_000 }).gates.done.p80 ?? '';
    const held = Array.from(
      { length: 300 },
      (_, at) => drawn({ seed: 1_000 + at, runs: 1 }).gates.done.p50 ?? '',
    ).filter((day) => day <= safe);
    expect(held.length / 300).toBeGreaterThanOrEqual(0.75);
    expect(held.length / 300).toBeLessThanOrEqual(0.87);
  });

  it('says of each job how often it decided the day; something always does', () => {
    const { decides } = drawn();
    expect(decides.length).toBeGreaterThan(0);
    expect(decides[0]?.share).toBeGreaterThan(0.5);
    for (const { share } of decides) {
      expect(share).toBeGreaterThan(0);
      expect(share).toBeLessThanOrEqual(1);
    }
  });

  it('answers for any house: days in order for every gate, or none where nothing is left', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        const result = forecastHouse(project, NOW, 30);
        if (!result.ok) throw new Error(result.error.code);
        for (const { likely, fairlySafe } of Object.values(result.value.gates)) {
          expect(likely === null).toBe(fairlySafe === null);
          if (likely && fairlySafe) expect(likely <= fairlySafe).toBe(true);
        }
      }),
      { numRuns: 25 },
    );
  });
});
