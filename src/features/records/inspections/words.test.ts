import type { InspectionStatus } from '@/core/records/inspections';
import { plainDate } from '@/core/units';
import { ifFailedWords, statusWords, someOf } from './words';

const today = plainDate('2026-03-14');
const status = (over: Partial<InspectionStatus>): InspectionStatus =>
  ({
    state: 'later',
    callOn: plainDate('2026-03-20'),
    visitOn: plainDate('2026-03-25'),
    ifFailed: [],
    ...over,
  }) as InspectionStatus;

describe('a visit in words', () => {
  it('says when to call, and for when', () => {
    expect(statusWords(status({}), today)).toBe('Call by Fri 20 Mar for Wed 25 Mar');
    expect(statusWords(status({ state: 'to-call', callOn: today }), today)).toBe(
      'Call today for Wed 25 Mar',
    );
    expect(statusWords(status({ state: 'booked', visitOn: today }), today)).toBe(
      'Booked for today',
    );
    expect(statusWords(status({ state: 'booked' }), today)).toBe('Booked for Wed 25 Mar');
    expect(statusWords(status({ state: 'passed' }), today)).toBe('Passed Wed 25 Mar');
  });

  it('says which gate a fail would move, and by how much', () => {
    expect(ifFailedWords(status({}))).toBe('A fail would move no gate, as planned.');
    expect(
      ifFailedWords(
        status({
          ifFailed: [
            { gate: 'sleep', days: 1 },
            { gate: 'live', days: 4 },
          ],
        }),
      ),
    ).toBe('A fail would move “Sleep here” by 1 day, “Live here” by 4 days, as planned.');
    expect(ifFailedWords(status({ state: 'passed' }))).toBe('');
  });

  it('names a few, each once, and counts the rest', () => {
    expect(someOf(['a', 'b', 'a'])).toBe('a, b');
    expect(someOf(['a', 'b', 'c', 'd', 'e', 'f'])).toBe('a, b, c, d, 2 more');
  });
});
