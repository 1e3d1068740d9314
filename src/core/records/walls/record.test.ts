import fc from 'fast-check';
import { rectangle, type Place, type WallRecord } from '../../house';
import { added, houseOf, place } from '../../testing/houses';
import { fromFeet, fromInches, plainDate, ticks } from '../../units';
import {
  nearestConcealed,
  changedSince,
  findBehind,
  heldFault,
  keptFrom,
  movedBy,
  overlayFault,
  overlayMatrix,
  placingStep,
  recordOf,
  recordWith,
  unrecordedIn,
} from '.';

const on = plainDate('2026-03-14');
/** 12 ft along, 10 ft deep, 8 ft high. */
const room = place('a');
const first = { kind: 'wall', wall: 0 } as const;
const supply = {
  what: 'supply' as const,
  offset: fromInches(22),
  height: fromInches(36),
  to: { offset: fromInches(22), height: fromInches(96) },
  note: null,
};
const recorded = recordWith({ wallRecords: {} }, room, first, { holds: [supply] }, { id: 'w', on });

describe('the record of a wall', () => {
  it('goes by the wall’s name and knows how long the wall was', () => {
    expect(recorded).toEqual({
      id: 'w',
      placeId: 'a',
      wall: 'Wall 1',
      at: first,
      on,
      holds: [supply],
      of: { length: fromFeet(12), walls: 4 },
    });
  });

  it('is one record, whatever is said after: a thing more, nothing in it, closed unseen', () => {
    const project = { wallRecords: { w: { ...recorded, wall: 'Sink wall', photoId: 'p' } } };
    const more = recordWith(project, room, first, { holds: [], clear: true }, { id: 'x', on });
    expect(more).toMatchObject({
      id: 'w',
      wall: 'Sink wall',
      photoId: 'p',
      clear: true,
      holds: [],
    });
    const again = recordWith(
      { wallRecords: { w: more } },
      room,
      first,
      { holds: [supply] },
      { id: 'x', on },
    );
    expect(again.clear).toBeUndefined();
    const unseen = recordWith({ wallRecords: {} }, room, first, { unseen: true }, { id: 'x', on });
    expect(unseen).toMatchObject({ unseen: true, holds: [] });
    expect(
      recordWith({ wallRecords: { x: unseen } }, room, first, { clear: true }, { id: 'y', on })
        .unseen,
    ).toBeUndefined();
  });
});

describe('a wall changed after it was recorded', () => {
  const longer = { ...room, walls: rectangle(fromFeet(13), fromFeet(10)) };

  it('keeps its offsets from the corner that stayed: a foot more to the left moves all a foot', () => {
    expect(changedSince(recorded, room)).toEqual({ is: 'same' });
    expect(changedSince(recorded, longer)).toEqual({
      is: 'resized',
      was: fromFeet(12),
      now: fromFeet(13),
    });
    const left = keptFrom('left', recorded, longer, on);
    expect(left.holds).toEqual([supply]);
    const right = keptFrom('right', recorded, longer, on);
    expect(right.holds).toEqual([
      { ...supply, offset: fromInches(34), to: { offset: fromInches(34), height: fromInches(96) } },
    ]);
    for (const kept of [left, right]) expect(changedSince(kept, longer)).toEqual({ is: 'same' });
  });

  it('is asked about until the corner was chosen, whatever else is said of the wall meanwhile', () => {
    const said = recordWith(
      { wallRecords: { w: recorded } },
      longer,
      first,
      { holds: [supply, { ...supply, what: 'gas', offset: fromInches(60) }] },
      { id: 'x', on },
    );
    expect(changedSince(said, longer).is).toBe('resized');
    expect(changedSince(keptFrom('left', said, longer, on), longer)).toEqual({ is: 'same' });
  });

  it('is flagged when the room was drawn with other walls', () => {
    const angled: Place = { ...room, walls: [...room.walls, { length: fromFeet(1), turn: 90 }] };
    expect(changedSince(recorded, angled)).toEqual({ is: 'redrawn' });
    expect(keptFrom('right', recorded, angled, on)).toEqual(recorded);
  });

  it('is asked for as before where it is longer, and in words where the walls are others', () => {
    const at = { at: first, offset: fromInches(22), height: fromInches(60) };
    const answer = nearestConcealed(longer, [recorded], at);
    expect(answer).toMatchObject({ resized: [recorded], unplaced: [], isRecorded: true });
    expect(answer?.near[0]?.distance).toBe(0);
    const angled: Place = { ...room, walls: [...room.walls, { length: fromFeet(1), turn: 90 }] };
    // Its first wall may be another one now: nothing is measured from it, and nothing is called free.
    expect(nearestConcealed(angled, [recorded], at)).toEqual({
      near: [],
      unplaced: [recorded],
      resized: [],
      isRecorded: false,
    });
    expect(recordOf({ wallRecords: { w: recorded } }, angled, first)).toBeUndefined();
    expect(unrecordedIn({ wallRecords: { w: recorded } }, angled)).toContainEqual(first);
  });

  it('is never lost, whatever becomes of the room', () => {
    const sizes = fc.record({
      length: fc.integer({ min: 3, max: 40 }),
      width: fc.integer({ min: 3, max: 40 }),
      corner: fc.constantFrom('left' as const, 'right' as const),
    });
    fc.assert(
      fc.property(fc.array(sizes, { maxLength: 6 }), (changes) => {
        let record: WallRecord = recorded;
        let now: Place = room;
        for (const { length, width, corner } of changes) {
          now = { ...now, walls: rectangle(fromFeet(length), fromFeet(width)) };
          const house = houseOf(
            added(room),
            { type: 'wallRecorded', payload: record },
            { type: 'placeCorrected', payload: now },
          );
          expect(house.wallRecords).toEqual({ w: record });
          expect(findBehind(house, 'supply')).toHaveLength(1);
          record = keptFrom(corner, record, now, on);
          expect(record.holds.map(({ what, height }) => ({ what, height }))).toEqual([
            { what: 'supply', height: fromInches(36) },
          ]);
          const [held] = record.holds;
          // What the new wall has no room for is told, never bent to fit.
          const fits = held && held.offset >= 0 && held.offset <= fromFeet(length);
          expect(held && heldFault(now, first, { ...held, to: undefined }, [])?.code).toBe(
            fits
              ? now.height < fromInches(96)
                ? 'past-top'
                : undefined
              : held && held.offset < 0
                ? 'below'
                : 'past-end',
          );
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('a thing moved on the drawing', () => {
  it('moves by whole inches, its run with it, and keeps its fraction', () => {
    const quarter = { ...supply, offset: fromInches(22.25) };
    expect(
      movedBy(
        quarter,
        { offset: fromInches(4.4), height: fromInches(-2.6) },
        placingStep('imperial'),
      ),
    ).toEqual({
      ...supply,
      offset: fromInches(26.25),
      height: fromInches(33),
      to: { offset: fromInches(26), height: fromInches(93) },
    });
    expect(placingStep('metric')).toBe(3_200);
  });
});

describe('a picture laid over the drawing by two known spots', () => {
  const spot = (across: number, down: number, offset: number, height: number) => ({
    across,
    down,
    offset: ticks(offset),
    height: ticks(height),
  });
  // A drawing of ten ticks to the pixel, its floor at 100.
  const onDrawing = ({ offset, height }: { offset: number; height: number }) => ({
    x: offset / 10,
    y: 100 - height / 10,
  });
  const through = ([a, b, c, d, e, f]: readonly number[], x: number, y: number) => [
    (a ?? 0) * x + (c ?? 0) * y + (e ?? 0),
    (b ?? 0) * x + (d ?? 0) * y + (f ?? 0),
  ];

  it('is enlarged and moved: both corners lie where they are, and what is between follows', () => {
    // A picture of 200 by 100 pixels, its lower corners at the corners of a wall of 1,000 ticks: half as large.
    const overlay = [spot(0, 1000, 0, 0), spot(1000, 1000, 1000, 0)];
    const matrix = overlayMatrix(overlay, { width: 200, height: 100 }, onDrawing);
    expect(matrix).toEqual([0.5, 0, -0, 0.5, 0, 50]);
    // The middle of the picture is 500 along and 250 up.
    expect(matrix && through(matrix, 100, 50)).toEqual([50, 75]);
  });

  it('is turned where it was held upright', () => {
    // What goes down in the picture goes to the right on the wall.
    const overlay = [spot(0, 0, 0, 500), spot(0, 1000, 1000, 500)];
    const matrix = overlayMatrix(overlay, { width: 100, height: 100 }, onDrawing);
    expect(matrix && through(matrix, 0, 0)).toEqual([0, 50]);
    expect(matrix && through(matrix, 0, 100).map(Math.round)).toEqual([100, 50]);
  });

  it('puts every two spots where they were said to be', () => {
    const share = fc.integer({ min: 0, max: 1000 });
    const place = fc.integer({ min: 0, max: 900_000 });
    fc.assert(
      fc.property(
        fc.tuple(share, share, place, place),
        fc.tuple(share, share, place, place),
        (one, other) => {
          const overlay = [spot(...one), spot(...other)];
          fc.pre(overlayFault(overlay) === undefined);
          const matrix = overlayMatrix(overlay, { width: 1200, height: 900 }, onDrawing);
          for (const each of overlay) {
            const { x, y } = onDrawing(each);
            const [across, down] = matrix
              ? through(matrix, each.across * 1.2, each.down * 0.9)
              : [];
            expect(across).toBeCloseTo(x, 3);
            expect(down).toBeCloseTo(y, 3);
          }
        },
      ),
    );
  });

  it('asks for two spots that lie apart, in the picture and on the wall', () => {
    expect(overlayFault([spot(10, 10, 0, 0), spot(12, 10, 9, 9)])).toBe('same-in-picture');
    expect(overlayFault([spot(10, 10, 5, 5), spot(900, 10, 5, 5)])).toBe('same-on-wall');
    expect(overlayFault([spot(10, 10, 5, 5), spot(900, 10, 50, 5)])).toBeUndefined();
  });
});
