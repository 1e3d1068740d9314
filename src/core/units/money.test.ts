import fc from 'fast-check';
import {
  cents,
  currencySchema,
  formatAbout,
  formatMoney,
  formatPaid,
  parseMoney,
  plainMoney,
  splitCents,
} from '.';

const read = (text: string) => {
  const parsed = parseMoney(text);
  return parsed.ok ? parsed.value : parsed.error.code;
};

describe('money', () => {
  it.each([
    ['$18.40', 1_840],
    ['18', 1_800],
    ['1,250', 125_000],
    ['18,40 €', 1_840],
    ['-$20', -2_000],
    ['20 bucks', 2_000],
    ['£3.5', 350],
  ])('reads %s', (text, value) => expect(read(text)).toBe(value));

  it.each([
    ['', 'empty'],
    ['a lot', 'unreadable'],
    ['$1.234', 'unreadable'],
  ])('refuses "%s"', (text, code) => expect(read(text)).toBe(code));

  it('shows cents, but not on round thousands', () => {
    expect(formatMoney(cents(1_840), 'USD')).toBe('$18.40');
    expect(formatMoney(cents(1_240_000), 'USD')).toBe('$12,400');
    expect(formatMoney(cents(-2_000), 'EUR')).toBe('-€20.00');
  });

  it('splits by largest remainder', () => {
    // 100 over 1:1:1 is 33.33 each; the odd cent goes to the first of the equal remainders.
    expect(splitCents(cents(100), [1, 1, 1])).toEqual([34, 33, 33]);
    // 1000 over 60:30:9 of 99: 606.06, 303.03, 90.91; the cent left goes to the .91.
    expect(splitCents(cents(1_000), [60, 30, 9])).toEqual([606, 303, 91]);
    expect(splitCents(cents(-101), [1, 1])).toEqual([-51, -50]);
    expect(splitCents(cents(7), [0, 0])).toEqual([4, 3]);
  });

  it('never loses or makes a cent, and stays within one of the fair share', () => {
    const weights = fc.array(fc.nat({ max: 1_000 }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(fc.integer({ min: -1e9, max: 1e9 }), weights, (total, shares) => {
        const parts = splitCents(cents(total), shares);
        expect(parts.reduce((sum, part) => sum + part, 0)).toBe(total);
        const whole = shares.reduce((sum, share) => sum + share, 0);
        parts.forEach((part, at) => {
          const fair = whole > 0 ? (total * (shares[at] ?? 0)) / whole : total / shares.length;
          expect(Math.abs(part - fair)).toBeLessThanOrEqual(1);
        });
      }),
    );
  });
});

describe('money as a house writes it', () => {
  // Thousands with points only where the house writes so; a k is a thousand; one or two digits behind a sign are cents.
  it.each([
    ['6300', 'point', 630_000],
    ['65.000', 'comma', 6_500_000],
    ['1.250,00', 'point', 125_000],
    ['38k', 'point', 3_800_000],
    ['1,5k', 'comma', 150_000],
    ['4,85', 'point', 485],
    ['1,234,567', 'point', 123_456_700],
  ] as const)('reads %s where a %s stands before cents', (text, style, cents) => {
    expect(parseMoney(text, style)).toEqual({ ok: true, value: cents });
  });

  it.each([
    ['65.000', 'point'],
    ['12,34,5', 'point'],
    ['1.2.3', 'comma'],
    ['1,2345', 'comma'],
  ] as const)('refuses %s where a %s stands before cents', (text, style) => {
    expect(parseMoney(text, style).ok).toBe(false);
  });
});

describe('money of any currency', () => {
  it.each([
    ['JPY', '12,400', 12_400, '¥12,400', '12400'],
    ['KWD', '18.450', 18_450, 'KWD\u00a018.450', '18.450'],
    ['KWD', '1,250.5', 1_250_500, 'KWD\u00a01,250.500', '1250.500'],
    ['CHF', '18.40', 1_840, 'CHF\u00a018.40', '18.40'],
  ])('%s %s is counted in its own smallest coin', (currency, text, value, shown, plain) => {
    expect(parseMoney(text, 'point', currency)).toEqual({ ok: true, value });
    expect(formatPaid(cents(value), currency)).toBe(shown);
    expect(plainMoney(cents(value), currency)).toBe(plain);
  });

  it.each([
    ['18.40', 'JPY', 'unreadable'],
    ['€20', 'USD', 'other-currency'],
    ['20 GBP', 'EUR', 'other-currency'],
    ['20 foo', 'USD', 'unreadable'],
  ])('%s in a house of %s is refused', (text, currency, code) => {
    expect(parseMoney(text, 'point', currency)).toMatchObject({ ok: false, error: { code } });
  });

  it('is written as it is read, whatever the currency', () => {
    const currency = fc.constantFrom('USD', 'JPY', 'KWD', 'EUR', 'INR', 'TND');
    fc.assert(
      fc.property(fc.integer({ min: -1e9, max: 1e9 }), currency, (value, code) => {
        const typed = plainMoney(cents(value), code);
        expect(parseMoney(typed, 'point', code)).toEqual({ ok: true, value: value || 0 });
      }),
    );
    expect(currencySchema.safeParse('ZZZ').success).toBe(false);
  });

  it('a guess is shown to three figures, and what was paid to the cent', () => {
    const about = (value: number) => formatAbout(cents(value), 'USD');
    expect([1_827_461, 98_760, 4_890, 12, -4_015].map(about)).toEqual([
      '$18,300',
      '$988',
      '$49',
      '$0',
      '-$40',
    ]);
    expect(formatPaid(cents(1_240_000), 'USD')).toBe('$12,400.00');
  });
});
