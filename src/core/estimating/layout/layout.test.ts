import fc from 'fast-check';
import { FLAT, rectangle, type Opening, type RoomShape } from '../../house';
import { hangRoom } from '../calculators';
import {
  bareSpotsOf,
  closeJointsOf,
  leastPieces,
  overlapsOf,
  sliversOf,
} from '../../testing/check-layout';
import { fromFeet, fromInches, fromMillimetres, ticks } from '../../units';
import {
  flipped,
  floorSurface,
  layoutPlanks,
  layoutSheets,
  layoutTiles,
  rectangleSurface,
  rowFaces,
  shareSheets,
  startAlong,
  turned,
  wallSurface,
} from '.';

const feet = (value: number) => fromFeet(value);
const inches = (value: number) => fromInches(value);
const ellRoom = (a: number, b: number, c: number, d: number): RoomShape => ({
  walls: [
    { length: ticks(a + c), turn: 90 },
    { length: ticks(b), turn: 90 },
    { length: ticks(c), turn: -90 },
    { length: ticks(d), turn: 90 },
    { length: ticks(a), turn: 90 },
    { length: ticks(b + d), turn: 90 },
  ],
  height: feet(8),
  ceiling: FLAT,
  openings: [],
});

const span = (least: number, most: number) =>
  fc.integer({ min: least * 16, max: most * 16 }).map((sixteenths) => inches(sixteenths / 16));

/** Floors in an L and walls with one or two holes, of any odd size. */
const anySurface = fc.oneof(
  fc
    .tuple(span(30, 140), span(30, 140), span(30, 140), span(30, 140))
    .map(([a, b, c, d]) => floorSurface(ellRoom(a, b, c, d))),
  fc
    .tuple(
      span(100, 300),
      span(84, 120),
      fc.double({ min: 0.05, max: 0.55, noNaN: true }),
      fc.boolean(),
    )
    .map(([width, height, at, gable]) => {
      const opening: Opening = {
        wall: 0,
        kind: 'window',
        offset: ticks(width * at),
        width: ticks(width * 0.3),
        height: inches(40),
        sill: inches(36),
      };
      const door: Opening = {
        ...opening,
        kind: 'door',
        wall: 1,
        height: inches(80),
        sill: ticks(0),
        offset: inches(6),
        width: inches(30),
      };
      const shape: RoomShape = {
        walls: rectangle(ticks(width), ticks(width * 0.8)),
        height: ticks(height),
        ceiling: gable ? { kind: 'vaulted', pitch: 4, shape: 'gable' } : FLAT,
        openings: [opening, door],
      };
      return flipped(wallSurface(shape, gable ? 1 : 0));
    }),
);

const SHEETS = { lengths: [feet(8), feet(10), feet(12)], width: feet(4), spacing: inches(16) };

describe('sheets', () => {
  it('a wall of 14 x 8 ft: two rows, one butt each, a bay apart', () => {
    const layout = layoutSheets(rectangleSurface(feet(14), feet(8)), SHEETS);
    if (!layout) throw new Error('no layout');
    expect(layout.pieces).toHaveLength(4);
    expect(layout.buttLength).toBe(feet(8));
    expect(layout.seamLength).toBe(feet(14));
    // 112 sq ft needs 3.5 sheets of 32; two rows of 14 ft come from 8s and 10s.
    expect(layout.sheets.length).toBeLessThanOrEqual(4);
  });

  it('rips two low rows from one sheet', () => {
    const layout = layoutSheets(rectangleSurface(feet(8), feet(6)), SHEETS);
    // 8 x 4 whole, and 8 x 2 from another; the other half of that is left.
    expect(layout?.sheets.map(({ length }) => length)).toEqual([feet(8), feet(8)]);
    const twice = layoutSheets(rectangleSurface(feet(16), feet(2)), {
      ...SHEETS,
      lengths: [feet(8)],
    });
    expect(twice?.sheets).toHaveLength(1);
  });

  it('covers any surface once, joints a bay apart, every piece from a real sheet', () => {
    fc.assert(
      fc.property(anySurface, fc.boolean(), (plain, standing) => {
        const surface = standing ? turned(plain) : plain;
        const layout = layoutSheets(surface, SHEETS);
        if (!layout) throw new Error('no layout');
        expect(overlapsOf(layout.pieces)).toEqual([]);
        expect(bareSpotsOf(surface, layout.pieces)).toEqual([]);
        expect(closeJointsOf(layout.pieces, SHEETS.spacing)).toEqual([]);
        for (const [at, { length, pieces }] of layout.sheets.entries()) {
          const area = pieces.reduce((sum, index) => {
            const piece = layout.pieces[index];
            expect(piece?.sheet).toBe(at);
            expect(piece?.width).toBeLessThanOrEqual(length + 1);
            expect(piece?.height).toBeLessThanOrEqual(SHEETS.width + 1);
            return sum + (piece?.width ?? 0) * (piece?.height ?? 0);
          }, 0);
          expect(area).toBeLessThanOrEqual(length * SHEETS.width + 1e4);
        }
        expect(layout.sheets.flatMap(({ pieces }) => pieces).toSorted((a, b) => a - b)).toEqual([
          ...layout.pieces.keys(),
        ]);
        expect(layout.sheets.length).toBeGreaterThanOrEqual(
          leastPieces(surface, feet(12) * feet(4)),
        );
      }),
      { numRuns: 80 },
    );
  });

  const hung = (
    long: number,
    wide: number,
    high: number,
    lengths: number[],
    openings: Opening[] = [],
  ) =>
    hangRoom(
      {
        walls: rectangle(ticks(long), ticks(wide)),
        height: ticks(high),
        ceiling: FLAT,
        openings,
      },
      'both',
      { ...SHEETS, lengths },
    ) ?? [];
  const sheetsOf = (all: ReturnType<typeof hung>) =>
    shareSheets(
      all.map(({ layout }) => layout),
      { ...SHEETS, lengths: all[0]?.rules.lengths ?? [] },
    );

  it('four walls of 12 x 8 ft from 8 ft stock: 48s from 48s, twelve sheets and no more', () => {
    // Eight rows of 12 ft are 96 ft, twelve times eight.
    const walls = hung(feet(12), feet(12), feet(8), [feet(8)]).filter(
      ({ where }) => where !== 'ceiling',
    );
    expect(sheetsOf(walls)).toHaveLength(12);
  });

  it('a bedroom of 13 ft 2 by 11 ft 8 with a door and two windows: thirteen sheets', () => {
    const hole = (
      wall: number,
      offset: number,
      width: number,
      height: number,
      sill: number,
    ): Opening => ({
      wall,
      kind: sill > 0 ? 'window' : 'door',
      offset: inches(offset),
      width: inches(width),
      height: inches(height),
      sill: inches(sill),
    });
    const openings = [hole(0, 114, 30, 80, 0), hole(2, 25, 34, 56, 30), hole(2, 99, 34, 56, 30)];
    const all = hung(inches(158), inches(140), inches(102), SHEETS.lengths, openings);
    expect(sheetsOf(all)).toHaveLength(13);
    for (const { layout } of all) {
      expect(closeJointsOf(layout.pieces, SHEETS.spacing)).toEqual([]);
    }
  });

  it('a wall an inch higher than two sheets ends in a strip that can be hung', () => {
    const layout = layoutSheets(rectangleSurface(feet(12), inches(97)), SHEETS);
    // 97 = 48 + 43 + 6: the row before the strip is ripped by what that is made wider.
    expect(layout?.pieces.map(({ height }) => height / inches(1))).toEqual([48, 43, 6]);
  });

  it('no strip is narrower than 6 in, and no piece shorter where another joint does', () => {
    fc.assert(
      fc.property(span(60, 240), span(50, 140), (width, height) => {
        const layout = layoutSheets(rectangleSurface(width, height), SHEETS);
        for (const piece of layout?.pieces ?? []) {
          expect(piece.height).toBeGreaterThanOrEqual(inches(6) - 1);
          expect(piece.width).toBeGreaterThanOrEqual(inches(6) - 1);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('has no layout when no sheet reaches from stud to stud', () => {
    expect(
      layoutSheets(rectangleSurface(feet(20), feet(4)), { ...SHEETS, lengths: [inches(10)] }),
    ).toBeUndefined();
  });
});

describe('planks', () => {
  it.each([
    // 120 / 5 = 24 rows; 122: a last row of 2 is over a third of 5; 121: 1 is not, so 3 and 3 at the ends.
    [120, [5, 5], 24],
    [122, [5, 2], 25],
    [121, [3, 3], 25],
    [4, [4, 4], 1],
  ])('a floor %d in deep begins and ends with %p', (run, ends, count) => {
    const faces = rowFaces(inches(run), inches(5)).map((face) => face / inches(1));
    expect([faces[0], faces.at(-1)]).toEqual(ends);
    expect(faces).toHaveLength(count);
  });

  it('covers any floor or wall once, joints apart, from boards not longer than they are', () => {
    const rules = { face: inches(5), length: feet(6), stagger: inches(6), shortest: inches(12) };
    fc.assert(
      fc.property(anySurface, (surface) => {
        const layout = layoutPlanks(surface, rules);
        if (!layout) throw new Error('no layout');
        expect(overlapsOf(layout.pieces)).toEqual([]);
        expect(bareSpotsOf(surface, layout.pieces)).toEqual([]);
        expect(closeJointsOf(layout.pieces, rules.stagger)).toEqual([]);
        for (let board = 0; board < layout.boards; board += 1) {
          const cut = layout.pieces
            .filter((piece) => piece.board === board)
            .toSorted((a, b) => a.from - b.from);
          cut.forEach((piece, at) => {
            expect(piece.from + piece.width).toBeLessThanOrEqual(
              (cut[at + 1]?.from ?? rules.length) + 1,
            );
          });
        }
      }),
      { numRuns: 60 },
    );
  });

  it('a floor of 12 x 10 ft from boards of 6 ft: 24 rows of two, nothing over', () => {
    const rules = { face: inches(5), length: feet(6), stagger: inches(6), shortest: inches(12) };
    const layout = layoutPlanks(rectangleSurface(feet(12), feet(10)), rules);
    expect([layout?.boards, layout?.closeRows, layout?.shortPieces]).toEqual([48, [], 0]);
  });

  it('says in which rows the joints could not be kept apart', () => {
    // Boards as long as the bays leave one joint, the same in every row.
    const rules = { face: inches(5), length: feet(3), stagger: inches(6), shortest: inches(12) };
    const joists = [0, feet(3), feet(6)];
    const layout = layoutPlanks(rectangleSurface(feet(6), inches(15)), { ...rules, joists });
    expect(layout?.closeRows).toEqual([2, 3]);
  });

  it('puts every joint on a joist, however irregular', () => {
    const joists = [0, 14, 31, 46, 63, 77, 94, 110, 125, 143, 158, 168].map(inches);
    const layout = layoutPlanks(rectangleSurface(inches(168), feet(8)), {
      face: inches(5),
      length: feet(6),
      stagger: inches(6),
      shortest: inches(10),
      joists,
    });
    const joints = layout?.pieces.map(({ x }) => x) ?? [];
    expect(joints.length).toBeGreaterThan(0);
    for (const joint of joints) expect(joists).toContain(joint);
  });

  it('says so when boards do not reach from joist to joist', () => {
    const rules = {
      face: inches(5),
      length: feet(2),
      stagger: 0,
      shortest: inches(4),
      joists: [0, feet(3)],
    };
    expect(layoutPlanks(rectangleSurface(feet(6), feet(4)), rules)).toBeUndefined();
  });
});

describe('tiles', () => {
  const tile = { width: inches(12), height: inches(12), joint: inches(0.125) };

  it('counts an exact fit exactly, in millimetres', () => {
    // 3,330 mm of 333 mm tiles without joint: ten, not eleven.
    const layout = layoutTiles(rectangleSurface(fromMillimetres(3_330), fromMillimetres(333)), {
      width: fromMillimetres(333),
      height: fromMillimetres(333),
      joint: 0,
    });
    expect(layout).toMatchObject({ whole: 10, cut: 0, slivers: [] });
  });

  it('chooses the start that leaves the widest cuts', () => {
    // 10 ft 2 in: from the left ten tiles and 13/16 of an inch; with a joint on the middle 12 - 11/16 at both ends.
    const start = startAlong(inches(122), tile.width, tile.joint);
    const layout = layoutTiles(rectangleSurface(inches(122), inches(122)), {
      ...tile,
      start: { x: start },
    });
    expect(layout.slivers).toEqual([]);
    const fromLeft = layoutTiles(rectangleSurface(inches(122), inches(122)), {
      ...tile,
      start: { x: 0 },
    });
    expect(fromLeft.slivers).toEqual(['right']);
  });

  it('covers any surface once up to its joints, and never shows a sliver it could avoid', () => {
    fc.assert(
      fc.property(anySurface, (surface) => {
        const layout = layoutTiles(surface, tile);
        expect(overlapsOf(layout.pieces)).toEqual([]);
        expect(bareSpotsOf(surface, layout.pieces, tile.joint)).toEqual([]);
        expect(layout.whole + layout.cut).toBe(layout.pieces.length);
        expect(layout.pieces.length).toBeGreaterThanOrEqual(
          leastPieces(surface, (tile.width + tile.joint) ** 2) - layout.pieces.length * 0.03,
        );
      }),
      { numRuns: 60 },
    );
  });

  it('shows no sliver at any edge, an inside corner included, without a word, and few at all', () => {
    const least = { width: tile.width / 3, height: tile.height / 3 };
    let rooms = 0;
    let slivered = 0;
    fc.assert(
      fc.property(span(30, 140), span(30, 140), span(30, 140), span(30, 140), (a, b, c, d) => {
        const surface = floorSurface(ellRoom(a, b, c, d));
        const layout = layoutTiles(surface, tile);
        const found = sliversOf(surface, layout.pieces, least);
        rooms += 1;
        if (layout.slivers.length > 0) slivered += 1;
        else expect(found).toEqual([]);
      }),
      { numRuns: 100 },
    );
    expect(slivered).toBeLessThan(rooms / 4);
  });
});
