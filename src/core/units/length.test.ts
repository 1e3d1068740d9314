import fc from 'fast-check';
import {
  TICKS_PER_INCH,
  formatLength,
  fromInches,
  fromMillimetres,
  parseLength,
  ticks,
  toFeetInches,
  toMetres,
} from '.';

const read = (text: string) => {
  const parsed = parseLength(text);
  return parsed.ok ? parsed.value : parsed.error.code;
};

describe('lengths as people write them', () => {
  it.each([
    // 12 ft = 144 in, + 3 1/2 in = 147.5 in.
    [`12' 3 1/2"`, 147.5],
    [`12'3½"`, 147.5],
    ['12 ft 3 1/2 in', 147.5],
    ['12-3 1/2', 147.5],
    ['147.5"', 147.5],
    [`8'`, 96],
    ['8 feet', 96],
    [`6' 1/4"`, 72.25],
    [`3/8"`, 0.375],
    [`13/16"`, 0.8125],
    [`5' 11/16"`, 60.6875],
    ['32in', 32],
  ])('%s is %d inches', (text, inches) => {
    expect(read(text)).toBe(fromInches(inches));
  });

  it.each([
    ['3.74 m', 3_740],
    ['374cm', 3_740],
    ['3740 mm', 3_740],
    ['3,74 m', 3_740],
    ['3 m 74', 3_740],
    ['3m 745', 3_745],
    ['2 metres', 2_000],
  ])('%s is %d millimetres', (text, mm) => {
    expect(read(text)).toBe(fromMillimetres(mm));
  });

  it.each([
    ['', 'empty'],
    ['12', 'no-unit'],
    ['12.5', 'no-unit'],
    ['big', 'unreadable'],
    [`-3'`, 'unreadable'],
    ['1/0"', 'zero-fraction'],
    [`12' 3 1/2" or so`, 'unreadable'],
  ])('refuses "%s" as %s', (text, code) => {
    expect(read(text)).toBe(code);
  });

  it('keeps a sixty-fourth of an inch and a millimetre exact', () => {
    // 25.4 mm x 320 = 8128 ticks; 8128 / 64 = 127.
    expect(TICKS_PER_INCH / 64).toBe(127);
    expect(read('1/64"')).toBe(127);
    expect(read('1 mm')).toBe(320);
  });

  it('writes what it reads: any sixteenth, any millimetre', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60_000 }), (count) => {
        expect(read(toFeetInches(ticks((count * TICKS_PER_INCH) / 16)))).toBe(count * 508);
        expect(read(toMetres(fromMillimetres(count)))).toBe(count * 320);
      }),
    );
  });

  it('shows feet and inches, or metres, never a decimal foot', () => {
    expect(formatLength(fromInches(147.5), 'imperial')).toBe(`12' 3 1/2"`);
    expect(formatLength(fromInches(144), 'imperial')).toBe(`12'`);
    expect(formatLength(fromMillimetres(3_740), 'metric')).toBe('3.74 m');
    expect(formatLength(fromMillimetres(3_745), 'metric')).toBe('3.745 m');
  });
});
