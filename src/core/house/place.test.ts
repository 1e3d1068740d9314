import fc from 'fast-check';
import { formatArea, fromFeet, fromInches, fromMillimetres, fromSquareFeet } from '../units';
import { extentOf, floorArea, perimeter, rectangle, sizeFault, wallArea } from '.';

const ell = [
  { length: fromFeet(12), turn: 90 },
  { length: fromFeet(6), turn: 90 },
  { length: fromFeet(4), turn: -90 },
  { length: fromFeet(4), turn: 90 },
  { length: fromFeet(8), turn: 90 },
  { length: fromFeet(10), turn: 90 },
];

describe('a room as wall runs', () => {
  it('a rectangle: 12 x 10 ft, 8 ft high', () => {
    const room = { walls: rectangle(fromFeet(12), fromFeet(10)), height: fromFeet(8) };
    expect(floorArea(room)).toBe(fromSquareFeet(120));
    expect(perimeter(room)).toBe(fromFeet(44));
    // 44 ft x 8 ft.
    expect(wallArea(room)).toBe(fromSquareFeet(352));
    expect(formatArea(floorArea(room), 'metric')).toBe('11.1 m²');
  });

  it('an L: a 12 x 10 box less the 4 x 4 corner', () => {
    expect(floorArea({ walls: ell })).toBe(fromSquareFeet(104));
    expect(extentOf({ walls: ell })).toEqual({ width: fromFeet(12), depth: fromFeet(10) });
  });

  it('any rectangle has length x width, walked either way round', () => {
    const side = fc.integer({ min: 200, max: 20_000 });
    fc.assert(
      fc.property(side, side, (a, b) => {
        const walls = rectangle(fromMillimetres(a), fromMillimetres(b));
        const leftwards = walls.map(({ length }) => ({ length, turn: -90 }));
        const expected = fromMillimetres(a) * fromMillimetres(b);
        expect(floorArea({ walls })).toBe(expected);
        expect(floorArea({ walls: leftwards })).toBe(expected);
      }),
    );
  });

  it('tells absurd sizes from real ones', () => {
    expect(sizeFault(fromFeet(12))).toBeUndefined();
    expect(sizeFault(fromInches(0))).toEqual({ code: 'not-positive' });
    expect(sizeFault(fromInches(5))).toEqual({ code: 'too-small' });
    expect(sizeFault(fromFeet(301))).toEqual({ code: 'too-large' });
  });
});
