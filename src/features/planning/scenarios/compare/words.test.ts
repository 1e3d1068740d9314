import { cents, fromSquareFeet, minutes, plainDate } from '@/core/units';
import { flipWords, gateWords, hireWords, rebuildWords, sameWords } from './words';

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
    expect(sameWords({ date: plainDate('2026-05-14'), daysLater: 0 })).toBe(
      'no difference that can be told',
    );
    expect(sameWords({ date: plainDate('2026-05-14'), daysLater: 2 })).toBeUndefined();
    expect(sameWords({ date: null, daysLater: 0 })).toBeUndefined();
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

  it('show what a guessed price is made of', () => {
    // 4 h 48 at $65 is $312; with $20 of materials $332.
    const hire = {
      minutes: minutes(288),
      centsAnHour: 6_500,
      materials: cents(2_000),
      workdays: 1,
      cents: cents(33_200),
    };
    expect(hireWords(hire, 'USD')).toMatch(
      /^Hired: 4h 48 at \$65\.00 an hour and \$20\.00 of materials make \$332\.00\./,
    );
    const basis = {
      rates: {
        per: 'sqft' as const,
        buildCents: cents(21_000),
        clearCents: cents(1_400),
        growthPercent: 0,
        keepsFoundation: false,
        quoteCents: null,
      },
      isGuess: true,
      heated: fromSquareFeet(240),
      built: fromSquareFeet(240),
      build: cents(5_040_000),
      clear: cents(336_000),
      saved: cents(0),
      total: cents(5_376_000),
      days: 123,
    };
    const imperial = { units: 'imperial', currency: 'USD' } as const;
    expect(rebuildWords(basis, imperial)).toBe(
      'New: 240 sq ft of heated floor, at $210.00 a square foot to build and $14.00 to clear; 123 days in a row. Starting guesses, made up.',
    );
    const larger = { ...basis, isGuess: false, built: fromSquareFeet(300), saved: cents(720_000) };
    expect(rebuildWords(larger, imperial)).toMatch(
      /built as 300 sq ft, .* less \$7,200 for the foundation that stays; 123 days in a row\.$/,
    );
    const quoted = { ...larger, rates: { ...basis.rates, quoteCents: cents(9_900_000) } };
    expect(rebuildWords(quoted, imperial)).toMatch(/for \$99,000 as a builder quoted/);
  });
});
