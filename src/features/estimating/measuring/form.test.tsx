import { idOf } from '@/core/testing/ids';
import fc from 'fast-check';
import { FLAT, rectangle, shapeOf, type Place } from '@/core/house';
import { fromFeet, fromInches, fromMillimetres, ticks } from '@/core/units';
import { emptyOpening, emptyWall, readMeasure, typedFrom, type MeasureTyped } from './form';
import { faultWords, roomFaultWords } from './words';

const room: Place = {
  id: idOf('a'),
  kind: 'bedroom',
  name: 'Back room',
  floor: 0,
  walls: rectangle(fromFeet(12), fromFeet(10)),
  height: fromFeet(8),
};
const typed = (over: Partial<MeasureTyped> = {}): MeasureTyped => ({
  ...typedFrom(room, 'imperial'),
  ...over,
});
const read = (over: Partial<MeasureTyped> = {}) => readMeasure(typed(over), room, 'imperial');
const withWall = (at: number, length: string) =>
  typed().walls.map((wall, index) => (index === at ? { ...wall, length } : wall));

describe('a room while it is typed', () => {
  it('left alone it is the room as kept, to the tick, in either system and with any ceiling', () => {
    const size = fc.integer({ min: 320_000, max: 6_000_000 });
    const ceiling = fc.constantFrom(
      FLAT,
      { kind: 'vaulted' as const, pitch: 5.3, shape: 'gable' as const },
      { kind: 'vaulted' as const, pitch: 2.1, shape: 'shed' as const },
      { kind: 'tray' as const, rise: fromMillimetres(210), inset: fromMillimetres(330) },
    );
    fc.assert(
      fc.property(size, size, size, ceiling, (a, b, high, over) => {
        const place: Place = {
          ...room,
          walls: rectangle(ticks(a), ticks(b)),
          height: ticks(high),
          ceiling: over,
          openings: [
            {
              wall: 0,
              kind: 'door',
              offset: ticks(1_111),
              width: ticks(99_999),
              height: ticks(99_999),
              sill: ticks(0),
            },
          ],
        };
        for (const units of ['metric', 'imperial'] as const) {
          const { shape, faults } = readMeasure(typedFrom(place, units), place, units);
          expect(faults).toEqual([]);
          if (over.kind !== 'tray') expect(shape).toEqual(shapeOf(place));
          else expect(shape?.walls).toEqual(place.walls);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('is drawn as far as it reads, and says which field does not', () => {
    const { drawn, shape, faults, closing } = read({ walls: withWall(2, 'twelve') });
    expect(drawn).toHaveLength(2);
    expect(shape).toBeNull();
    expect(closing).toBeNull();
    expect(faults).toEqual([{ path: 'walls.2.length', code: 'length', text: 'twelve' }]);
    expect(faultWords(faults[0])).toMatch(/“twelve” is not a length/);
    expect(faultWords({ path: 'walls.0.length', code: 'length', text: '' })).toBeUndefined();
  });

  it('grows wall by wall: an empty one more ends the drawing, not the room', () => {
    const { drawn, shape } = read({ walls: [...typed().walls, emptyWall()] });
    expect(drawn).toHaveLength(4);
    expect(shape).toBeNull();
  });

  it('names the wall that would close it, counted from 1, and asks for a diagonal between two', () => {
    const { fault } = read({ walls: withWall(2, '12\' 3"') });
    expect(fault?.code).toBe('not-closed');
    const words = fault && roomFaultWords(fault, 'imperial');
    expect(words).toMatch(/ends 3" from the first corner\. Measure again wall [13]/);
    expect(words).toMatch(/A diagonal settles which/);
  });

  it('takes degrees other than a right angle, and a vault from its two heights', () => {
    const slanted = typed().walls.map((wall) => ({
      ...wall,
      turn: 'other' as const,
      degrees: '90',
    }));
    expect(read({ walls: slanted }).shape?.walls).toEqual(room.walls);
    const vault = read({ ceiling: 'vaulted', slope: 'gable', high: '10\' 6"' });
    // 2 ft 6 over half of 10 ft: 6 in 12.
    expect(vault.shape?.ceiling).toEqual({ kind: 'vaulted', shape: 'gable', pitch: 6 });
    expect(read({ ceiling: 'vaulted', high: "7'" }).faults[0]).toMatchObject({
      path: 'high',
      code: 'high',
    });
  });

  it('reads openings on walls counted from 1, a door from the floor', () => {
    const door = { ...emptyOpening('door'), wall: '2', offset: "1'", width: '30"', height: '80"' };
    expect(read({ openings: [door] }).shape?.openings[0]).toEqual({
      wall: 1,
      kind: 'door',
      offset: fromFeet(1),
      width: fromInches(30),
      height: fromInches(80),
      sill: 0,
    });
    expect(read({ openings: [{ ...door, wall: 'two' }] }).faults[0]?.path).toBe('openings.0.wall');
  });
});
