import { plainDate } from '../units';
import { parseComingDay, parseDay } from './day';

const SATURDAY = plainDate('2026-03-14');

describe('a day typed in a field', () => {
  it('lies behind when something was done, and ahead when something is to be', () => {
    expect(parseDay('4 Apr', SATURDAY)).toBe('2025-04-04');
    expect(parseComingDay('4 Apr', SATURDAY)).toBe('2026-04-04');
    expect(parseComingDay('2 Mar', SATURDAY)).toBe('2027-03-02');
    expect(parseComingDay('Mon', SATURDAY)).toBe('2026-03-16');
  });

  it('is taken at its word when the year is given, and not guessed when it is no day', () => {
    expect(parseComingDay('2025-04-04', SATURDAY)).toBe('2025-04-04');
    expect(parseComingDay('some day', SATURDAY)).toBeUndefined();
  });
});
