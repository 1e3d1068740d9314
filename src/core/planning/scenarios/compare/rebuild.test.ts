import type { Rebuild } from '../../../house';
import type { EventBodyOf } from '../../../journal';
import { added, houseOf, place } from '../../../testing/houses';
import { cents, fromSquareFeet } from '../../../units';
import { rebuildBasis } from '.';

const rates = (more: Partial<Rebuild>): EventBodyOf => ({
  type: 'rebuildPriced',
  payload: {
    rebuild: {
      per: 'sqft',
      buildCents: cents(20_000),
      clearCents: cents(1_000),
      growthPercent: 0,
      keepsFoundation: false,
      quoteCents: null,
      ...more,
    },
  },
});
/** Each place is 12 x 10 ft: 120 sq ft. */
const basis = (...events: EventBodyOf[]) =>
  rebuildBasis(
    houseOf(
      added(place('living', 'living')),
      added(place('bath', 'bathroom')),
      ...(['attic', 'cellar', 'garage', 'porch', 'yard'] as const).map((kind) =>
        added(place(kind, kind)),
      ),
      ...events,
    ),
  );

describe('what building new would cost', () => {
  it('counts heated floor only: two rooms of seven places', () => {
    expect(basis()).toMatchObject({ isGuess: true, heated: fromSquareFeet(240) });
    // 240 sq ft at $210 and $14.
    expect(basis().total).toBe(240 * 22_400);
  });

  it('goes by the owner’s rates, for a larger house on the old foundation', () => {
    const { built, build, clear, saved, total, days, isGuess } = basis(
      rates({ growthPercent: 25, keepsFoundation: true }),
    );
    expect(isGuess).toBe(false);
    expect(built).toBe(fromSquareFeet(300));
    // 300 at $200; the 240 of today at $10 to clear; 12% of $60,000 saved.
    expect([build, clear, saved]).toEqual([6_000_000, 240_000, 720_000]);
    expect(total).toBe(5_520_000);
    // 75 + 14 + 300 x 0.14 = 131, less three weeks.
    expect(days).toBe(110);
  });

  it('takes a builder’s price before any rate, and the guesses again without figures', () => {
    expect(basis(rates({ quoteCents: cents(9_900_000) })).total).toBe(9_900_000);
    const back: EventBodyOf = { type: 'rebuildPriced', payload: { rebuild: null } };
    expect(basis(rates({}), back)).toEqual(basis());
  });

  it('is asked by the square metre where the house is in metres', () => {
    const metric = houseOf(added(place('living', 'living')), {
      type: 'unitsChosen',
      payload: { units: 'metric' },
    });
    const { rates: guess, total } = rebuildBasis(metric);
    expect(guess.per).toBe('m2');
    // 120 sq ft are 11.148 m2, at $2,260 and $150.
    expect(total).toBeCloseTo(11.148_365 * 241_000, -2);
  });
});
