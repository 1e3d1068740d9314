import { NOTHING_LOGGED, effortLeft, toldLeft, type Progress } from '.';
import type { Job } from '../trade/steps';
import { minutes, plainDate } from '../units';

const job = { id: 'a/paint.walls', estimate: minutes(400) } as Job;
const ON = plainDate('2026-01-08');
const told = (over: Partial<Progress>): Progress => ({
  ...NOTHING_LOGGED,
  firstOn: ON,
  lastOn: ON,
  failed: [],
  ...over,
});

describe('what is left of a job, worked by hand', () => {
  it.each([
    ['untouched', {}, 1, 400],
    ['untouched, at twice the guess', {}, 2, 800],
    ['hours alone', { logged: minutes(150) }, 1, 250],
    ['hours beyond the estimate: 15% of it', { logged: minutes(500) }, 1, 60],
    ['half done, whatever it took', { share: 50, logged: minutes(900) }, 1, 200],
    [
      'hours after "half done" count',
      { share: 50, logged: minutes(300), sinceShare: minutes(80) },
      1,
      120,
    ],
    ['and are 15% of the rest at least', { share: 50, sinceShare: minutes(190) }, 1, 30],
    ['half done, at 0.7 of the guess', { share: 50 }, 0.7, 140],
    ['done', { share: 100, doneOn: ON }, 2, 0],
  ] as const)('%s', (_, over, pace, left) => {
    expect(effortLeft(job, told(over), pace)).toBe(left);
  });

  it('tells apart what is only there because no job is nearly done', () => {
    expect(toldLeft(job, told({ logged: minutes(380) }), 1)).toEqual({ left: 60, spare: 40 });
    expect(toldLeft(job, told({ logged: minutes(100) }), 1)).toEqual({ left: 300, spare: 0 });
  });
});
