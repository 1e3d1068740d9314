import { MINUTES_PER_DAY } from '../../units';
import type { Drawn } from './draw';
import { daysLater } from './difference';

const NO_ENDS = { sleep: [], live: [], done: [] };
const drawn = (days: readonly number[]) =>
  ({ ends: { ...NO_ENDS, live: days.map((day) => day * MINUTES_PER_DAY) } }) as unknown as Drawn;
const RUNS = Array.from({ length: 200 }, (_, run) => 100 + (run % 40));

describe('how much later a gate is under the same luck', () => {
  it('is told to the day, however wide the doubt of each side is', () => {
    const [now, later] = [drawn(RUNS), drawn(RUNS.map((day) => day + 3))];
    expect(daysLater(now, later, 'live')).toBe(3);
    expect(daysLater(later, now, 'live')).toBe(-3);
  });

  it('is none within a day', () => {
    const later = drawn(RUNS.map((day) => day + 0.9));
    expect(daysLater(drawn(RUNS), later, 'live')).toBe(0);
  });

  it('is none within its own noise: two days, give or take thirty from run to run', () => {
    const shake = (run: number) => ((run * 37) % 61) - 30;
    const shaken = (days: number) => drawn(RUNS.map((day, run) => day + days + shake(run)));
    // The spread is 17.6 days, a median of 200 off by 1.6: twice that is 3.1.
    expect(daysLater(drawn(RUNS), shaken(2), 'live')).toBe(0);
    expect(daysLater(drawn(RUNS), shaken(5), 'live')).toBe(5);
  });

  it('is none of a gate that is passed, or of drawings that are not of the same runs', () => {
    expect(daysLater(drawn(RUNS), drawn([]), 'live')).toBe(0);
    expect(daysLater(drawn(RUNS), drawn(RUNS.slice(1).map((day) => day + 9)), 'live')).toBe(0);
  });
});
