import type { Rung } from '@/core/records/inspections';
import { plainDate } from '@/core/units';
import { ifFailedWords, rungWords, someOf } from './words';

const today = plainDate('2026-03-14');
const rung = (over: Partial<Rung>): Rung =>
  ({
    state: 'later',
    callOn: plainDate('2026-03-20'),
    visitOn: plainDate('2026-03-25'),
    ifFailed: [],
    ...over,
  }) as Rung;

describe('a visit in words', () => {
  it('says when to call, and for when', () => {
    expect(rungWords(rung({}), today)).toBe('Call by Fri 20 Mar for Wed 25 Mar');
    expect(rungWords(rung({ state: 'to-call', callOn: today }), today)).toBe(
      'Call today for Wed 25 Mar',
    );
    expect(rungWords(rung({ state: 'booked', visitOn: today }), today)).toBe('Booked for today');
    expect(rungWords(rung({ state: 'booked' }), today)).toBe('Booked for Wed 25 Mar');
    expect(rungWords(rung({ state: 'passed' }), today)).toBe('Passed Wed 25 Mar');
  });

  it('says which gate a fail would move, and by how much', () => {
    expect(ifFailedWords(rung({}))).toBe('A fail would move no gate, as planned.');
    expect(
      ifFailedWords(
        rung({
          ifFailed: [
            { gate: 'sleep', days: 1 },
            { gate: 'live', days: 4 },
          ],
        }),
      ),
    ).toBe('A fail would move “Sleep here” by 1 day, “Live here” by 4 days, as planned.');
    expect(ifFailedWords(rung({ state: 'passed' }))).toBe('');
  });

  it('names a few, each once, and counts the rest', () => {
    expect(someOf(['a', 'b', 'a'])).toBe('a, b');
    expect(someOf(['a', 'b', 'c', 'd', 'e', 'f'])).toBe('a, b, c, d, 2 more');
  });
});
