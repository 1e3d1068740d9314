import fc from 'fast-check';
import { areasOf, FLAT, rectangle, type RoomShape } from '../../house';
import { fromFeet, fromInches, type UnitSystem } from '../../units';
import { answerTakeoff, cheapestCans, findCalculator, sayRequestError } from '.';
import { longestRound, passes } from './sums/services';
import { groutKilograms } from './sums/floors';
import { parallelPath } from './sums/insulation';

const roomOf = (long: number, wide: number, high = 8): RoomShape => ({
  walls: rectangle(fromFeet(long), fromFeet(wide)),
  height: fromFeet(high),
  ceiling: FLAT,
  openings: [],
});

function quantities(
  kind: string,
  fields: Record<string, unknown>,
  room: RoomShape | null = null,
  units: UnitSystem = 'imperial',
): Record<string, number> {
  const result = findCalculator(kind)?.work({ kind, ...fields }, { room, units });
  if (!result?.ok) throw new Error(JSON.stringify(result?.error));
  return Object.fromEntries(result.value.lines.map(({ id, quantity }) => [id, quantity]));
}

const feet = fc.integer({ min: 5, max: 40 });

describe('properties of the sums', () => {
  it('paint grows with coats, and with the area, and never covers less than the net walls', () => {
    fc.assert(
      fc.property(feet, feet, fc.integer({ min: 1, max: 4 }), (a, b, coats) => {
        const room = roomOf(a, b);
        const gallons = quantities('paint', { coats }, room)['paint.gallons'] ?? 0;
        const once = quantities('paint', { coats: 1 }, room)['paint.gallons'] ?? 0;
        expect(gallons).toBeCloseTo(once * coats, 2);
        expect(gallons * 375).toBeGreaterThanOrEqual(
          areasOf(room).wallsNet / fromFeet(1) ** 2 - 0.5,
        );
      }),
    );
  });

  it('a floor in two parts needs as much as the whole, before rounding to cartons', () => {
    fc.assert(
      fc.property(feet, feet, feet, (a, b, wide) => {
        const area = (long: number) =>
          quantities('flooring', { length: `${long}'`, width: `${wide}'` })['flooring.area'] ?? 0;
        expect(area(a) + area(b)).toBeCloseTo(area(a + b), 6);
        const cartons = (long: number) =>
          quantities('flooring', { length: `${long}'`, width: `${wide}'` })['flooring.cartons'] ??
          0;
        expect(cartons(a) + cartons(b)).toBeGreaterThanOrEqual(cartons(a + b));
      }),
    );
  });

  it('board, planks, tiles and cartons cover at least the net area', () => {
    fc.assert(
      fc.property(feet, feet, (a, b) => {
        const room = roomOf(a, b);
        const { floor, wallsNet, ceiling } = areasOf(room);
        const square = fromFeet(1) ** 2;
        const sheets = quantities('drywall', { on: 'both' }, room);
        const board =
          32 * (sheets['drywall.sheets.8ft'] ?? 0) +
          40 * (sheets['drywall.sheets.10ft'] ?? 0) +
          48 * (sheets['drywall.sheets.12ft'] ?? 0);
        expect(board).toBeGreaterThanOrEqual((wallsNet + ceiling) / square - 1e-6);
        const boards = quantities('planks', {}, room)['planks.boards'] ?? 0;
        expect(boards * 2.5).toBeGreaterThanOrEqual(floor / square - 1e-6);
        const tiles = quantities('tile', { breakage: 0 }, room)['tile.count'] ?? 0;
        expect(tiles * (12.125 / 12) ** 2).toBeGreaterThanOrEqual(floor / square - 1e-6);
        expect(
          (quantities('flooring', {}, room)['flooring.cartons'] ?? 0) * 20,
        ).toBeGreaterThanOrEqual(floor / square);
      }),
      { numRuns: 30 },
    );
  });

  it('the same sizes in metres give the same counts', () => {
    const size = fc.integer({ min: 1_500, max: 9_000 });
    fc.assert(
      fc.property(size, size, (a, b) => {
        const metric = { length: `${a} mm`, width: `${b} mm` };
        const same = { length: `${a / 10} cm`, width: `${b / 1_000} m` };
        for (const kind of ['flooring', 'concrete', 'tile', 'blown', 'underfloor', 'batts']) {
          expect(quantities(kind, metric)).toEqual(quantities(kind, same));
        }
      }),
      { numRuns: 40 },
    );
  });

  it('twice the size is four times the area and eight times the volume', () => {
    fc.assert(
      fc.property(feet, feet, (a, b) => {
        const slab = (times: number) =>
          quantities('concrete', {
            length: `${a * times}'`,
            width: `${b * times}'`,
            thickness: `${4 * times}"`,
          })['concrete.volume'] ?? 0;
        expect(slab(2)).toBeCloseTo(slab(1) * 8, 0);
        expect(
          quantities('roof', { length: `${(a + b) * 2}'`, width: `${a * 2}'` })['roof.area'],
        ).toBeCloseTo(
          4 * (quantities('roof', { length: `${a + b}'`, width: `${a}'` })['roof.area'] ?? 0),
          -1,
        );
      }),
    );
  });

  it('a steeper roof is larger, and a bare wall insulates less than with a board over it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 23 }), (pitch) => {
        const at = (rise: number) => quantities('roof', { pitch: rise })['roof.squares'] ?? 0;
        expect(at(pitch + 1)).toBeGreaterThan(at(pitch));
      }),
    );
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 20 }),
        (cavity, board) => {
          expect(1 / parallelPath(0.25, 4, cavity, 2 + board)).toBeGreaterThanOrEqual(
            1 / parallelPath(0.25, 4, cavity, 2) + board - 1e-9,
          );
        },
      ),
    );
  });

  it('risers are equal, make the whole height, and none is over the most', () => {
    fc.assert(
      fc.property(fc.integer({ min: 8, max: 200 }), (inches) => {
        const lines = quantities('stairs', { rise: `${inches}"` });
        const [count, each] = [lines['stairs.risers'] ?? 0, lines['stairs.riser'] ?? 0];
        expect(count * each).toBeCloseTo(inches, 1);
        expect(each).toBeLessThanOrEqual(7.751);
      }),
    );
  });

  it('grout grows with the joint and shrinks with the tile', () => {
    const kilograms = (side: number, joint: number) =>
      groutKilograms(
        {
          width: fromInches(side),
          height: fromInches(side),
          thickness: fromInches(0.375),
          joint: fromInches(joint),
        },
        fromFeet(10) ** 2,
      );
    expect(kilograms(12, 0.25)).toBeCloseTo(2 * kilograms(12, 0.125), 9);
    expect(kilograms(6, 0.125)).toBeCloseTo(2 * kilograms(12, 0.125), 9);
  });

  it('cans hold what is needed and cost no more than any one size alone', () => {
    const cans = [
      { id: 'five', name: '5', holds: 20, price: 16_500 },
      { id: 'gallon', name: '1', holds: 4, price: 3_800 },
      { id: 'quart', name: 'q', holds: 1, price: 1_600 },
    ];
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 90, noNaN: true }), (need) => {
        const set = cheapestCans(need, cans);
        const holds = set.reduce((sum, { can, count }) => sum + can.holds * count, 0);
        const price = set.reduce((sum, { can, count }) => sum + can.price * count, 0);
        expect(holds).toBeGreaterThanOrEqual(need - 1e-6);
        for (const can of cans) {
          expect(price).toBeLessThanOrEqual(Math.ceil(need / can.holds) * can.price);
        }
      }),
    );
  });
});

describe('will it fit', () => {
  it('a rectangle passes a larger one straight, and a longer thin one on the slant', () => {
    expect(passes(34, 28, 30, 78)).toBe(true);
    expect(passes(36, 34, 30, 78)).toBe(false);
    // The diagonal of 30 x 40 is 50: a line of 49 passes, of 51 not.
    expect(passes(49, 0.01, 30, 40)).toBe(true);
    expect(passes(51, 0.01, 30, 40)).toBe(false);
  });

  it('the longest ladder round a corner of equal halls is 2 x hall x square root of 2', () => {
    expect(longestRound(0, 36, 36)).toBeCloseTo(101.82, 1);
    expect(longestRound(37, 36, 36)).toBe(0);
  });
});

describe('framing', () => {
  it('a window takes its marks out as cripples above and below', () => {
    // 12 ft at 16": 10 marks; a 3 ft window from 4 ft (48 to 84 in) takes 48, 64, 80; two kings.
    const room: RoomShape = {
      ...roomOf(12, 10),
      openings: [
        {
          wall: 0,
          kind: 'window',
          offset: fromFeet(4),
          width: fromFeet(3),
          height: fromFeet(4),
          sill: fromFeet(3),
        },
      ],
    };
    expect(quantities('framing', { wall: 1 }, room)).toMatchObject({
      'studs.count': 9,
      'studs.jacks': 2,
      'studs.cripples': 6,
      'plates.length': 24,
      // 3 ft + 3 in.
      'headers.1': 3.25,
    });
  });
});

describe('a takeoff that cannot be done', () => {
  const wall = (length: unknown, turn = 90) => ({ length, turn });
  const walls = ["12'", "10'", "12'", "10'"].map((length) => wall(length));
  const room = { walls, height: "8'" };
  const door = { wall: 0, kind: 'door', offset: "3'", width: '32"', height: '80"', sill: '0' };
  const ask = (over: object) =>
    JSON.stringify({ units: 'imperial', room, finish: { kind: 'paint' }, ...over });
  const fault = (text: string) => {
    const answer = answerTakeoff(text);
    if (answer.ok) return 'worked';
    const { path, reason } = sayRequestError(answer.error.error, answer.error.units);
    return `${path}: ${reason}`;
  };

  it.each<[string, RegExp]>([
    ['{', /^input: not JSON$/],
    [ask({ finish: undefined }), /^finish: /],
    [ask({ finish: {} }), /^finish\.kind: missing$/],
    [ask({ finish: { kind: 'gold' } }), /^finish\.kind: "gold" is no finish/],
    [ask({ finish: { kind: 'paint', coat: 2 } }), /^finish\.coat: is no field/],
    [ask({ finish: { kind: 'paint', coats: 'two' } }), /^finish\.coats: is not a number/],
    [ask({ finish: { kind: 'paint', coats: 1.5 } }), /^finish\.coats: must be a whole number/],
    [ask({ finish: { kind: 'paint', coats: 0 } }), /^finish\.coats: must be from 1/],
    [
      ask({ finish: { kind: 'paint', on: 'roof' } }),
      /^finish\.on: is none of walls, ceiling, both/,
    ],
    [
      ask({ finish: { kind: 'tile', thickness: '0' } }),
      /^finish\.thickness: must be more than nought/,
    ],
    [ask({ finish: { kind: 'tile', tileWidth: '12' } }), /^finish\.tileWidth: 12 of what\?/],
    [ask({ room: undefined, finish: { kind: 'drywall' } }), /^finish: needs a room$/],
    [ask({ room: { ...room, walls: [wall("12'")] } }), /^room\.walls: /],
    [
      ask({ room: { ...room, walls: [wall(12), ...walls.slice(1)] } }),
      /^room\.walls\.0\.length: 12 of what\?/,
    ],
    [
      ask({ room: { ...room, walls: [wall("-3'"), ...walls.slice(1)] } }),
      /^room\.walls\.0\.length: "-3'" is not a length/,
    ],
    [ask({ room: { ...room, height: '0' } }), /^room\.height: must be more than nought/],
    [
      ask({ room: { ...room, walls: [wall('12\' 3"'), ...walls.slice(1)] } }),
      /^room\.walls: do not close: the last wall ends 3" from corner 0; wall \d is likely wrong/,
    ],
    [
      ask({ room: { ...room, ceiling: { kind: 'vaulted', pitch: '0/12' } } }),
      /^room\.ceiling\.pitch: makes no roof/,
    ],
    [
      ask({ room: { ...room, openings: [{ ...door, offset: "11'" }] } }),
      /^room\.openings\.0: reaches 1' 8" past the end/,
    ],
    [
      ask({ room: { ...room, openings: [door, door] } }),
      /^room\.openings\.1: lies over opening 0 on wall 0/,
    ],
    [
      ask({ room: { ...room, openings: [{ ...door, wall: 7 }] } }),
      /^room\.openings\.0\.wall: there is no wall 7/,
    ],
    [ask({ finish: { kind: 'roof', pitch: 0 } }), /^finish\.pitch: makes no roof/],
    [ask({ finish: { kind: 'wallpaper', rollLength: "3'" } }), /^finish\.rollLength: one drop/],
    [ask({ finish: { kind: 'drywall', lengths: '10"' } }), /^finish\.lengths: no sheet reaches/],
  ])('%s', (text, words) => {
    expect(fault(text)).toMatch(words);
  });

  it('gives the areas of a room that does not close along with the fault', () => {
    const open = ask({ room: { ...room, walls: [wall('12\' 3"'), ...walls.slice(1)] } });
    const answer = answerTakeoff(open);
    expect(answer.ok || answer.error.areas?.closingError).toEqual({ value: 3, unit: 'in' });
  });

  it('answers in metres when asked to, and never in a tick', () => {
    const answer = answerTakeoff(ask({ units: 'metric' }));
    // 12 ft x 10 ft = 11.148 m².
    expect(answer.ok && answer.value.areas?.floor).toEqual({ value: 11.148, unit: 'm2' });
    expect(answer.ok && answer.value.lines.map(({ id }) => id)).toContain('paint.litres');
  });

  it('reads any text without throwing', () => {
    fc.assert(
      fc.property(fc.json(), fc.json(), (a, b) => {
        expect(typeof fault(`{"room":${a},"finish":${b}}`)).toBe('string');
      }),
    );
  });
});

describe('hand-worked answers', () => {
  it('two anchors at least in each piece of sill, a short one too', () => {
    // 7 ft 6: 90 - 24 = 66 in, one stretch of at most 72: 2. 9 ft: 108 - 24 = 84, two stretches: 3. 18 in: 2.
    const slab = { length: `12'`, width: `10'`, thickness: '4"' };
    const anchors = (sills: string) =>
      quantities('concrete', { ...slab, anchors: sills })['concrete.anchors'];
    expect(anchors(`7'6", 9', 18"`)).toBe(7);
    expect(anchors('24"')).toBe(2);
    expect(anchors('25"')).toBe(2);
  });

  it('a hole too small is made wider and taller; nothing is filled in', () => {
    // A window of 36 by 48 wants 37 by 49; the hole is 34 by 50.
    const asked = { unit: 'window', unitWidth: '36"', unitHeight: '48"' };
    expect(quantities('opening', { ...asked, holeWidth: '34"', holeHeight: '50"' })).toMatchObject({
      'opening.infill.side': 0,
      'opening.widen': 3,
      'opening.infill.head': 1,
    });
    const wide = quantities('opening', { ...asked, holeWidth: '40"', holeHeight: '46"' });
    expect(wide).toMatchObject({ 'opening.infill.side': 1.5, 'opening.heighten': 3 });
    expect(wide).not.toHaveProperty('opening.widen');
  });

  it('framing that resists more than its cavity loses nothing', () => {
    const lost = (cavityR: number) =>
      quantities('assembly', { cavityR, depth: '5 1/2"', spacing: '16"' })['assembly.bridge'];
    expect(lost(1)).toBe(0);
    expect(lost(21)).toBeGreaterThan(10);
  });
});
