import { forecastHouse } from '../src/core/planning/simulation';
import { createStore, openCurrent, openDemo, wipeHouse } from '../src/store';
import { keepEvenings, start } from './life';
import { TestDatabase, testOutside } from './outside';

/** A planner that answers when the test lets it. */
function slowPlanner() {
  const waiting: (() => void)[] = [];
  const outside = testOutside(new TestDatabase());
  outside.planner.forecast = async ({ house, now }, signal) => {
    await new Promise<void>((resolve) => waiting.push(resolve));
    return signal.aborted ? undefined : forecastHouse(house, now, 2);
  };
  return { store: createStore(outside), answer: () => waiting.splice(0).forEach((go) => go()) };
}
const settled = () => new Promise((resolve) => setImmediate(resolve));

describe('whether the plan still improves', () => {
  it('is said from the first moment of a house to its answer, of every house and every change', async () => {
    const { store, answer } = slowPlanner();
    const planning = () => store.getState().planning;
    await store.dispatch(openCurrent());
    expect(planning()).toMatchObject({ working: false, forecast: null });
    for (const act of [
      () => start(store),
      () => keepEvenings(store, 1, 1),
      () => store.dispatch(openDemo()),
    ]) {
      await act();
      expect(planning().working).toBe(true);
      answer();
      await settled();
      expect(planning().working).toBe(false);
      expect(planning().forecast).not.toBeNull();
    }
    await store.dispatch(wipeHouse());
    expect(planning()).toMatchObject({ working: true, forecast: null });
    await store.dispatch(wipeHouse());
    expect(planning()).toMatchObject({ working: false, forecast: null });
  });
});
