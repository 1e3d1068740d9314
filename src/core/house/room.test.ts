import fc from 'fast-check';
import { fromFeet, fromInches, fromSquareFeet, ticks } from '../units';
import {
  areasOf,
  baseRuns,
  ceilingArea,
  FLAT,
  rectangle,
  volumeOf,
  wallAreas,
  type Opening,
  type RoomShape,
} from '.';
import { closingOf, crossingWalls } from './closing';
import { offSquareBy, roomFault } from './room-faults';

const room = (over: Partial<RoomShape> = {}): RoomShape => ({
  walls: rectangle(fromFeet(12), fromFeet(10)),
  height: fromFeet(8),
  ceiling: FLAT,
  openings: [],
  ...over,
});
const door: Opening = {
  wall: 0,
  kind: 'door',
  offset: fromFeet(3),
  width: fromFeet(3),
  height: fromFeet(7),
  sill: ticks(0),
};
const ell = [
  { length: fromFeet(12), turn: 90 },
  { length: fromFeet(6), turn: 90 },
  { length: fromFeet(4), turn: -90 },
  { length: fromFeet(4), turn: 90 },
  { length: fromFeet(8), turn: 90 },
  { length: fromFeet(10), turn: 90 },
];

describe('a room as measured', () => {
  it('net walls are gross walls less openings', () => {
    const { wallsGross, wallsNet, floor } = areasOf(room({ openings: [door] }));
    // 44 x 8 = 352, less 3 x 7 = 21.
    expect(wallsGross).toBe(fromSquareFeet(352));
    expect(wallsNet).toBe(fromSquareFeet(331));
    expect(floor).toBe(fromSquareFeet(120));
  });

  it('a gable over 12 x 10, 6 in 12: triangles on the short walls', () => {
    const vault = room({ ceiling: { kind: 'vaulted', pitch: 6, shape: 'gable' } });
    // The ridge runs the long way, 5 ft x 6/12 = 2.5 ft up; each 10 ft wall gains 10 x 2.5 / 2 = 12.5.
    expect(wallAreas(vault)).toEqual([96, 92.5, 96, 92.5].map(fromSquareFeet));
    // 120 x square root of 1.25 = 134.16.
    expect(ceilingArea(vault) / fromSquareFeet(1)).toBeCloseTo(134.164, 2);
    // 960 + 120 x 1.25.
    expect(volumeOf(vault) / fromFeet(1) ** 3).toBeCloseTo(1_110, 3);
  });

  it('a shed roof: one long wall higher, both short ones sloped', () => {
    const shed = room({ ceiling: { kind: 'vaulted', pitch: 3, shape: 'shed' } });
    // 10 ft x 3/12 = 2.5 ft up at the far wall: 12 x 10.5 = 126; sides 10 x 9.25 = 92.5.
    expect(wallAreas(shed)).toEqual([96, 92.5, 126, 92.5].map(fromSquareFeet));
  });

  it('a tray 10 in up and 18 in in: floor, and its four upright faces', () => {
    const tray = room({ ceiling: { kind: 'tray', rise: fromInches(10), inset: fromInches(18) } });
    // Inner line 44 - 8 x 1.5 = 32 ft; x 10/12 = 26.67.
    expect(ceilingArea(tray) / fromSquareFeet(1)).toBeCloseTo(146.667, 2);
  });

  it('base runs stop at doors and pass under windows', () => {
    const window = {
      ...door,
      wall: 1,
      kind: 'window' as const,
      sill: fromFeet(3),
      height: fromFeet(4),
    };
    const runs = baseRuns(room({ openings: [door, window] }));
    expect(runs).toEqual([3, 6, 10, 12, 10].map(fromFeet));
  });

  it('names the wall that would close it, and lets a diagonal settle which', () => {
    const walls = ell.map((wall, at) => (at === 3 ? { ...wall, length: fromFeet(4.25) } : wall));
    const closing = closingOf(walls);
    expect(closing.error).toBe(fromInches(3));
    expect(closing.suspects.map(({ wall }) => wall).toSorted()).toEqual([1, 3, 5]);
    expect(closing.suspects.find(({ wall }) => wall === 3)?.length).toBe(fromFeet(4));
    // From corner 0 to corner 4 of the true L: 8 ft across, 10 ft down.
    const length = ticks(Math.hypot(fromFeet(8), fromFeet(10)));
    const settled = closingOf(walls, [
      { from: 0, to: 4, length },
      { from: 0, to: 2, length: ticks(Math.hypot(fromFeet(12), fromFeet(6))) },
      { from: 2, to: 4, length: ticks(Math.hypot(fromFeet(4), fromFeet(4))) },
    ]);
    expect(settled.suspects[0]).toMatchObject({ wall: 3, length: fromFeet(4) });
  });

  it('any one wall of any rectangle or L measured wrong is among the suspects, with its true length', () => {
    const cases = fc.tuple(
      fc.constantFrom(ell, rectangle(fromFeet(12), fromFeet(10))),
      fc.nat({ max: 5 }),
      fc.integer({ min: 2, max: 24 }),
    );
    fc.assert(
      fc.property(cases, ([walls, pick, inches]) => {
        const wrong = pick % walls.length;
        const measured = walls.map((wall, at) =>
          at === wrong ? { ...wall, length: ticks(wall.length + fromInches(inches)) } : wall,
        );
        const { error, suspects } = closingOf(measured);
        expect(error).toBe(fromInches(inches));
        expect(suspects).toContainEqual({ wall: wrong, length: walls[wrong]?.length, misses: 0 });
      }),
    );
  });

  it('with every other wall read a little off as well, the wrong wall is still named, first or second', () => {
    const walls = rectangle(fromFeet(12), fromFeet(10));
    fc.assert(
      fc.property(
        fc.nat({ max: 3 }),
        fc.integer({ min: 6, max: 24 }),
        fc.array(fc.double({ min: -0.75, max: 0.75, noNaN: true }), { minLength: 4, maxLength: 4 }),
        (wrong, inches, off) => {
          const measured = walls.map(({ length, turn }, at) => ({
            length: ticks(length + fromInches((off[at] ?? 0) + (at === wrong ? inches : 0))),
            turn,
          }));
          const named = closingOf(measured).suspects.slice(0, 2);
          expect(named.map(({ wall }) => wall)).toContain(wrong);
        },
      ),
    );
  });

  it('a corner of 100.5 degrees is a room like any other', () => {
    // A symmetrical trapezoid: 10 ft legs at 100.5 and 79.5 degrees; the far side is shorter by 2 x 10 cos 79.5°.
    const leg = fromFeet(10);
    const far = ticks(fromFeet(14) - 2 * leg * Math.cos((79.5 * Math.PI) / 180));
    const walls = [
      { length: fromFeet(14), turn: 100.5 },
      { length: leg, turn: 79.5 },
      { length: far, turn: 79.5 },
      { length: leg, turn: 100.5 },
    ];
    expect(roomFault({ walls, height: fromFeet(8), ceiling: FLAT, openings: [] })).toBeUndefined();
  });

  it('says how far it is off square', () => {
    const walls = rectangle(fromFeet(12), fromFeet(10));
    const longer = walls.map((wall, at) =>
      at === 2 ? { ...wall, length: fromInches(144.5) } : wall,
    );
    expect(offSquareBy(longer, [])).toBe(fromInches(0.5));
    const diagonals = [
      { from: 0, to: 2, length: fromInches(187.5) },
      { from: 1, to: 3, length: fromInches(186.75) },
    ];
    expect(offSquareBy(walls, diagonals)).toBe(fromInches(0.75));
    expect(offSquareBy(ell, [])).toBeUndefined();
  });

  it.each<[string, Partial<RoomShape>, object]>([
    ['runs that do not close', { walls: ell.slice(0, 5) }, { code: 'not-closed' }],
    [
      'walls that cross',
      {
        walls: [
          { length: fromFeet(10), turn: 90 },
          { length: fromFeet(10), turn: 90 },
          { length: fromFeet(5), turn: 90 },
          { length: fromFeet(15), turn: -90 },
          { length: fromFeet(5), turn: -90 },
          { length: fromFeet(5), turn: 0 },
        ],
      },
      { code: 'walls-cross', walls: [0, 3] },
    ],
    [
      'a wall of nought',
      { walls: rectangle(fromFeet(12), ticks(0)) },
      { code: 'bad-wall', wall: 1 },
    ],
    ['no height', { height: ticks(-1) }, { code: 'bad-height' }],
    [
      'a wall that is not there',
      { openings: [{ ...door, wall: 4 }] },
      { code: 'no-such-wall', opening: 0 },
    ],
    [
      'past the end',
      { openings: [{ ...door, offset: fromFeet(10) }] },
      { code: 'opening-outside', past: 'end', by: fromFeet(1) },
    ],
    [
      'through the ceiling',
      { openings: [{ ...door, sill: fromFeet(2) }] },
      { code: 'opening-outside', past: 'top', by: fromFeet(1) },
    ],
    [
      'one over another',
      { openings: [door, { ...door, offset: fromFeet(5) }] },
      { code: 'openings-overlap', openings: [0, 1] },
    ],
    [
      'a tray wider than the room',
      { ceiling: { kind: 'tray', rise: fromInches(10), inset: fromFeet(6) } },
      { code: 'tray-too-wide' },
    ],
  ])('refuses %s', (_, over, fault) => {
    expect(roomFault(room(over))).toMatchObject(fault);
  });

  it('finds no crossing in rooms that turn only right', () => {
    const side = fc.integer({ min: 400, max: 9_000 });
    fc.assert(
      fc.property(side, side, (a, b) => {
        expect(crossingWalls(rectangle(ticks(a * 320), ticks(b * 320)))).toBeUndefined();
      }),
    );
  });
});
