import fc from 'fast-check';
import {
  addDays,
  daysBetween,
  formatDate,
  formatElapsed,
  formatMinutes,
  fromDayNumber,
  lastDayOf,
  momentAt,
  mondayOf,
  monthScale,
  parseDuration,
  plainDate,
  positionOn,
  toDayNumber,
  toIsoMinute,
  weekdayOf,
} from '.';

const day = plainDate;

describe('days', () => {
  it('counts over leap days and year ends', () => {
    expect(toDayNumber(day('1970-01-01'))).toBe(0);
    expect(addDays(day('2028-02-28'), 1)).toBe('2028-02-29');
    expect(addDays(day('2026-12-31'), 1)).toBe('2027-01-01');
    // 2026 has 365 days.
    expect(daysBetween(day('2026-01-01'), day('2027-01-01'))).toBe(365);
  });

  it('agrees with the language’s own calendar on any day, there and back', () => {
    fc.assert(
      fc.property(fc.integer({ min: -200_000, max: 200_000 }), (number) => {
        const date = fromDayNumber(number);
        expect(date).toBe(new Date(number * 86_400_000).toISOString().slice(0, 10));
        expect(toDayNumber(date)).toBe(number);
        expect(weekdayOf(date)).toBe((new Date(number * 86_400_000).getUTCDay() + 6) % 7);
        expect(weekdayOf(mondayOf(date))).toBe(0);
      }),
    );
  });

  it('are shown with weekday, day and month; the year only when it is another', () => {
    expect(formatDate(day('2026-03-14'))).toBe('Sat 14 Mar');
    expect(formatDate(day('2027-01-02'), day('2026-03-14'))).toBe('Sat 2 Jan 2027');
  });

  it('end with the evening: midnight still belongs to the day before', () => {
    expect(lastDayOf(momentAt(day('2026-03-15'), 0))).toBe('2026-03-14');
    expect(toIsoMinute(momentAt(day('2026-03-14'), 18 * 60 + 30))).toBe('2026-03-14T18:30');
  });
});

describe('hours', () => {
  it.each([
    ['2h30', 150],
    ['2h', 120],
    ['2.5h', 150],
    ['2,5 h', 150],
    ['1:30', 90],
    ['45 min', 45],
    ['2 hours 15 min', 135],
  ])('reads %s', (text, value) => expect(parseDuration(text)).toEqual({ ok: true, value }));

  it.each(['', 'long', '2', '1:3'])('refuses "%s"', (text) => {
    expect(parseDuration(text).ok).toBe(false);
  });

  it('speak like people', () => {
    expect([150, 120, 45, 125].map(formatMinutes)).toEqual(['2h 30', '2h', '45 min', '2h 05']);
    expect([40, 300, 1_440, 4_680].map(formatElapsed)).toEqual(['40 min', '5 h', '1 d', '3 d 6 h']);
  });
});

describe('the tape', () => {
  it('runs over whole months and puts each day where it belongs', () => {
    const { scale, ticks } = monthScale([day('2026-03-14'), day('2026-04-20')]);
    expect(scale).toEqual({ from: '2026-03-01', to: '2026-05-01' });
    expect(ticks.filter(({ label }) => label).map(({ label }) => label)).toEqual(['Mar', 'Apr']);
    // March has 31 of the 61 days.
    expect(positionOn(scale, day('2026-04-01'))).toBeCloseTo(31 / 61);
  });
});
