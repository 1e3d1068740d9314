import { plainDate } from '@/core/units';
import { flipWords, gateWords } from './words';

const TODAY = plainDate('2026-03-14');

describe('comparisons in words', () => {
  it('say a day and how far it moved', () => {
    expect(gateWords({ date: plainDate('2026-05-14'), daysLater: 0 }, TODAY)).toBe('Thu 14 May');
    expect(gateWords({ date: plainDate('2026-05-14'), daysLater: 9 }, TODAY)).toBe(
      'Thu 14 May, 9 days later',
    );
    expect(gateWords({ date: plainDate('2026-05-14'), daysLater: -1 }, TODAY)).toBe(
      'Thu 14 May, 1 day sooner',
    );
    expect(gateWords({ date: null, daysLater: 0 }, TODAY)).toBe('nothing left');
  });

  it('say what would turn the answer round', () => {
    const names = { cheaper: 'keep', dearer: 'replace' };
    expect(flipWords({ kind: 'price', ...names, by: 4_050 }, 'USD')).toBe(
      '“replace” draws level with “keep” if it costs $40.50 less.',
    );
    expect(flipWords({ kind: 'hour', ...names, centsAnHour: 4_583 }, 'USD')).toMatch(
      /more than \$45\.83/,
    );
    expect(flipWords({ kind: 'chance', ...names, percent: 46 }, 'USD')).toMatch(/chance of 46%/);
  });
});
