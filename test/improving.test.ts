import { forecastHouse } from '../src/core/planning/simulation';
import { standingOf, type Forecast } from '../src/core/planning/report';
import { addDays } from '../src/core/units';
import { createStore } from '../src/store';
import { betterWords } from '../src/store/words';
import { keepEvenings, start } from './life';
import { TestDatabase, testOutside } from './outside';

/** A house whose planner finds what the test says, once the test lets the page be idle. */
function idlingHouse(better: (stands: Forecast) => Forecast | null) {
  const idle: (() => void)[] = [];
  const asked: unknown[] = [];
  const outside = testOutside(new TestDatabase());
  outside.untilIdle = () => new Promise((resolve) => idle.push(resolve));
  let stands: Forecast | null = null;
  outside.planner.forecast = ({ house, now }) => {
    const forecast = forecastHouse(house, now, 2);
    if (forecast.ok) stands = forecast.value;
    return Promise.resolve(forecast);
  };
  outside.planner.improve = ({ standing }) => {
    asked.push(standing);
    const found = stands && better(stands);
    return Promise.resolve({ ok: true, value: found });
  };
  return { store: createStore(outside), asked, letBe: () => idle.splice(0).forEach((go) => go()) };
}
const settled = () => new Promise((resolve) => setImmediate(resolve));

/** The same forecast with living there two days sooner. */
const sooner = (forecast: Forecast): Forecast => {
  const { live } = forecast.plan.gates;
  const date = live.date && addDays(live.date, -2);
  const gates = { ...forecast.plan.gates, live: { ...live, date } };
  return { ...forecast, plan: { ...forecast.plan, gates } };
};

describe('while nobody asks', () => {
  it('a better plan that moves no gate was found for a date from outside, and says so', () => {
    expect(betterWords([])).toBe(
      'A better order of the same jobs was found: a date set from outside is missed by less. The plan follows it now.',
    );
  });

  it('a better plan takes the place of the standing one, and says what it brings', async () => {
    let left = 1;
    const { store, asked, letBe } = idlingHouse((stands) => (left-- > 0 ? sooner(stands) : null));
    await start(store);
    await settled();
    const before = store.getState().planning;
    expect(asked).toEqual([]);
    letBe();
    await settled();
    expect(asked).toEqual([before.standing]);
    const { forecast, standing, improving } = store.getState().planning;
    expect(improving).toBe(false);
    expect(forecast).toEqual(before.forecast && sooner(before.forecast));
    expect(standing).toEqual(forecast && standingOf(forecast.plan));
    expect(store.getState().session.told).toBe(
      'A better order of the same jobs was found: living there 2 days sooner. The plan follows it now.',
    );
    // It looks on from there, until there is nothing better.
    letBe();
    await settled();
    expect(asked).toHaveLength(2);
    letBe();
    await settled();
    expect(asked).toHaveLength(2);
  });

  it('a change that comes meanwhile is planned, and what was looked for before it is forgotten', async () => {
    const { store, asked, letBe } = idlingHouse(sooner);
    await start(store);
    await settled();
    await keepEvenings(store, 1, 1);
    await settled();
    letBe();
    await settled();
    // The wait of before the change was called off; the one after it asks once.
    expect(asked).toHaveLength(1);
  });
});
