import fc from 'fast-check';
import type { Held, Place, SurfaceRef, WallRecord } from '../../house';
import { added, houseOf, place } from '../../testing/houses';
import { fromFeet, fromInches, fromMillimetres, plainDate, ticks, type Ticks } from '../../units';
import { nearestConcealed, findBehind, heldFault, leftForLater } from '.';

/** 12 x 10 ft, 8 ft high: wall 1 is 12 ft long, wall 2 turns right from its right end. */
const room: Place = place('a', 'kitchen', 12);
const north: SurfaceRef = { kind: 'wall', wall: 0 };
const east: SurfaceRef = { kind: 'wall', wall: 1 };
const inch = (inches: number): Ticks => fromInches(inches);

const thing = (offset: number, height: number, more: Partial<Held> = {}): Held => ({
  what: 'supply',
  offset: inch(offset),
  height: inch(height),
  note: null,
  ...more,
});
const record = (id: string, at: SurfaceRef | undefined, holds: Held[]): WallRecord => ({
  id,
  placeId: room.id,
  wall: id,
  on: plainDate('2026-02-08'),
  holds,
  ...(at ? { at } : {}),
  ...(holds.length === 0 ? { clear: true as const } : {}),
});
const nearest = (records: WallRecord[], at: SurfaceRef, offset: number, height: number) =>
  nearestConcealed(room, records, { at, offset: inch(offset), height: inch(height) });
const inches = (distance: Ticks | undefined) => (distance ?? NaN) / inch(1);

describe('the nearest thing behind a wall', () => {
  it('is measured straight: 18 across and 24 up are 30 inches', () => {
    const answer = nearest([record('w', north, [thing(22, 36), thing(100, 36)])], north, 40, 60);
    expect(answer?.near.map(({ distance }) => inches(distance))[0]).toBe(30);
    expect(answer?.isRecorded).toBe(true);
  });

  it('is measured to the run of a pipe, not to its ends', () => {
    const riser = thing(22, 36, { to: { offset: inch(22), height: inch(96) } });
    expect(inches(nearest([record('w', north, [riser])], north, 40, 60)?.near[0]?.distance)).toBe(
      18,
    );
    // A cable that falls 3 in 4: from (0, 60) to (80, 0) the point (40, 60) is 3/5 of 40 away.
    const slope = thing(0, 60, { to: { offset: inch(80), height: inch(0) } });
    const away = inches(nearest([record('w', north, [slope])], north, 40, 60)?.near[0]?.distance);
    expect(away).toBeCloseTo(24, 2);
  });

  it('is found across a corner: 3 and 4 inches from it are 5 apart', () => {
    // Wall 1 is 144 in long: 4 in from its right end; wall 2 begins there.
    const answer = nearest([record('w', east, [thing(3, 60)])], north, 140, 60);
    expect(inches(answer?.near[0]?.distance)).toBeCloseTo(5, 2);
    expect(answer?.isRecorded).toBe(false);
  });

  it('is found in ceiling and floor, and in millimetres as well', () => {
    const mm = (value: number) => fromMillimetres(value);
    const floor: WallRecord = record('f', { kind: 'floor' }, [
      { what: 'drain', offset: mm(1000), height: mm(30), note: null },
    ]);
    const answer = nearestConcealed(room, [floor], { at: north, offset: mm(1000), height: mm(40) });
    expect(answer?.near[0]?.distance).toBe(mm(50));
  });

  it('says what was told in words only, and knows no wall that is not there', () => {
    const words = record('by the window', undefined, [thing(1, 1)]);
    expect(nearest([words], north, 1, 1)).toMatchObject({ near: [], unplaced: [words] });
    expect(nearest([], { kind: 'wall', wall: 9 }, 1, 1)).toBeUndefined();
  });

  it('is never further than any point of what is recorded on the same wall', () => {
    const spot = fc.record({ offset: fc.nat({ max: 144 }), height: fc.nat({ max: 96 }) });
    fc.assert(
      fc.property(
        spot,
        spot,
        spot,
        fc.double({ min: 0, max: 1, noNaN: true }),
        (from, to, at, share) => {
          const run = thing(from.offset, from.height, {
            to: { offset: inch(to.offset), height: inch(to.height) },
          });
          const near = nearest([record('w', north, [run])], north, at.offset, at.height)?.near[0];
          const along = (a: number, b: number) => a + (b - a) * share;
          const through = Math.hypot(
            along(from.offset, to.offset) - at.offset,
            along(from.height, to.height) - at.height,
          );
          expect(inches(near?.distance)).toBeLessThanOrEqual(through + 0.01);
        },
      ),
    );
  });
});

describe('a thing that cannot be where it is said to be', () => {
  const window: Place = {
    ...room,
    openings: [
      {
        wall: 0,
        kind: 'window',
        offset: inch(60),
        width: inch(30),
        height: inch(40),
        sill: inch(36),
      },
    ],
  };
  it.each([
    ['past the end of the wall', thing(150, 10), { code: 'past-end', by: inch(6) }],
    ['over the ceiling', thing(10, 97), { code: 'past-top', by: inch(1) }],
    ['left of the corner', thing(-1, 10), { code: 'below' }],
    ['in the window', thing(75, 50), { code: 'in-opening', opening: 'window' }],
    [
      'with its end past the wall',
      thing(10, 10, { to: { offset: inch(145), height: inch(10) } }),
      { code: 'past-end', by: inch(1) },
    ],
    ['where something is already', thing(20, 20), { code: 'same-spot', what: 'cable' }],
  ] as const)('%s', (_, held, fault) => {
    expect(heldFault(window, north, held, [thing(20, 20, { what: 'cable' })])).toEqual(fault);
  });

  it('may stand on the sill line, beside the window, and at the corner', () => {
    for (const held of [thing(60, 50), thing(75, 36), thing(0, 0), thing(144, 96)]) {
      expect(heldFault(window, north, held, [])).toBeUndefined();
    }
  });

  it('goes by the slope of the ceiling over a gable wall', () => {
    // Ridge over the middle of the 10 ft side, rise 6 in 12: 8 ft at the eaves, 10 ft 6 in the middle of wall 2.
    const vault: Place = { ...room, ceiling: { kind: 'vaulted', pitch: 6, shape: 'gable' } };
    expect(heldFault(vault, east, thing(60, 125), [])).toBeUndefined();
    expect(heldFault(vault, east, thing(60, 127), [])).toMatchObject({ code: 'past-top' });
    expect(heldFault(vault, east, thing(2, 100), [])).toMatchObject({ code: 'past-top' });
    expect(heldFault(vault, { kind: 'wall', wall: 7 }, thing(2, 2), [])).toEqual({
      code: 'no-such-wall',
    });
  });
});

describe('finding it again', () => {
  const tap = thing(10, 24, { note: 'garden tap', hangsOn: 'stopcock under the sink' });
  const stub = thing(50, 10, { what: 'stub', note: 'for a basin' });
  const conduit = thing(60, 10, { what: 'cable', later: true });
  const house = houseOf(
    added(room),
    { type: 'wallRecorded', payload: record('window wall', north, [tap, stub, conduit]) },
    { type: 'wallRecorded', payload: record('empty', east, []) },
  );

  it('by any words of it, its shut-off, its wall and its room', () => {
    for (const words of ['garden tap', 'TAP', 'stopcock', 'window supply', 'sink under']) {
      expect(findBehind(house, words).map(({ held }) => held.note)).toContain('garden tap');
    }
    expect(findBehind(house, 'garden drain')).toEqual([]);
    expect(findBehind(house, '  ')).toEqual([]);
  });

  it('lists what was left for later', () => {
    expect(leftForLater(house).map(({ held }) => held.what)).toEqual(['stub', 'cable']);
  });

  it('is gone once its record is dropped, and a wall with nothing in it is recorded all the same', () => {
    const dropped = houseOf(
      added(room),
      { type: 'wallRecorded', payload: record('w', north, [tap]) },
      { type: 'wallRecordDropped', payload: { id: 'w' } },
    );
    expect(dropped.wallRecords).toEqual({});
    const empty = nearestConcealed(room, Object.values(house.wallRecords), {
      at: east,
      offset: ticks(0),
      height: fromFeet(8),
    });
    expect(empty?.isRecorded).toBe(true);
  });
});
