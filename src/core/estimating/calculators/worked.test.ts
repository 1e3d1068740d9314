import { FLAT, rectangle, type Opening, type RoomShape } from '../../house';
import { fromFeet, fromInches, fromMillimetres, ticks, type UnitSystem } from '../../units';
import {
  answerTakeoff,
  askedFields,
  findCalculator,
  hangRoom,
  readable,
  readField,
  sayRequestError,
  CALCULATORS,
} from '.';
import { lightMarks } from './sums/lights';

/** Figures worked by hand, in feet and in metres. */
const room = (more: Partial<RoomShape> = {}): RoomShape => ({
  walls: rectangle(fromFeet(20), fromFeet(14)),
  height: fromFeet(8),
  ceiling: FLAT,
  openings: [],
  ...more,
});
const GABLE = room({ ceiling: { kind: 'vaulted', pitch: 6, shape: 'gable' } });
const ELL = room({
  walls: [
    { length: fromFeet(20), turn: 90 },
    { length: fromFeet(8), turn: 90 },
    { length: fromFeet(12), turn: -90 },
    { length: fromFeet(10), turn: 90 },
    { length: fromFeet(8), turn: 90 },
    { length: fromFeet(18), turn: 90 },
  ],
});

function work(
  kind: string,
  fields: Record<string, unknown>,
  where: RoomShape | null = null,
  units: UnitSystem = 'imperial',
) {
  const result = findCalculator(kind)?.work({ kind, ...fields }, { room: where, units });
  if (!result?.ok) throw new Error(JSON.stringify(result?.error));
  const { lines, cautions } = result.value;
  const line = (id: string) => lines.find((each) => each.id === id);
  return {
    lines,
    cautions: cautions.join(' '),
    of: (id: string) => line(id)?.quantity,
    unit: (id: string) => line(id)?.unit,
    working: (id: string) => line(id)?.working ?? '',
  };
}

describe('under a slope', () => {
  it('the longest drop of paper hangs under the ridge: 96 + 42 + 4 in', () => {
    const paper = work('wallpaper', {}, GABLE);
    expect(paper.of('wallpaper.drop')).toBe(142);
    // 68 ft of wall in drops of 21 in: 39. Along the eaves 100 in, on the gables up to 142.
    expect(paper.of('wallpaper.drops')).toBe(39);
    expect(paper.working('wallpaper.rolls')).toContain(`8' 4"`);
  });

  it('paper on level walls is what it was: 26 drops of 108 in, three from a roll', () => {
    const small = room({ walls: rectangle(fromFeet(12), fromFeet(10)) });
    const paper = work('wallpaper', { repeat: '18"' }, small);
    expect([paper.of('wallpaper.drop'), paper.of('wallpaper.rolls')]).toEqual([108, 9]);
  });

  it('siding of a gable wall goes to its ridge, and takes the triangles, not a band', () => {
    const siding = work('siding', {}, GABLE);
    // 68 x 8 = 544 sq ft, and two gables of 14 x 3.5 / 2.
    expect(siding.of('siding.area')).toBe(593);
    expect(siding.of('siding.courses')).toBe(20);
  });

  it('boards of a vault end at its ridge, on both sides of it, and its joint is a seam', () => {
    const rules = {
      lengths: [8, 10, 12].map((feet) => fromFeet(feet)),
      width: fromFeet(4),
      spacing: fromInches(16),
    };
    for (const way of ['across', 'along'] as const) {
      const [ceiling] = hangRoom(GABLE, 'ceiling', rules, way) ?? [];
      const fold = ceiling?.surface.fold;
      if (!ceiling || !fold) throw new Error('no fold');
      // Half of 14 ft drawn out by the square root of 1 + 1/4.
      expect(fold.at).toBeCloseTo(fromFeet(7) * Math.sqrt(1.25), 0);
      for (const { x, y, width, height } of ceiling.layout.pieces) {
        const [from, to] = fold.axis === 'x' ? [x, x + width] : [y, y + height];
        expect(from < fold.at - 1 && to > fold.at + 1).toBe(false);
      }
      expect(ceiling.layout.seamLength).toBeGreaterThanOrEqual(fromFeet(20) - 2);
    }
  });
});

describe('heat', () => {
  const door: Opening = {
    wall: 0,
    kind: 'door',
    offset: fromFeet(2),
    width: fromFeet(3),
    height: fromFeet(7),
    sill: ticks(0),
  };
  const window: Opening = {
    ...door,
    wall: 1,
    kind: 'window',
    height: fromFeet(4),
    sill: fromFeet(3),
  };

  it('a tray holds air over its inner part only: 280 x 8 + 16 x 10 x 1 cu ft', () => {
    const tray = room({ ceiling: { kind: 'tray', rise: fromFeet(1), inset: fromFeet(2) } });
    expect(work('heat', {}, tray).working('heat.btu')).toContain('2400 cu ft');
  });

  it('of a wall said to be outside its doors count, of the others none', () => {
    const open = room({ openings: [door, window] });
    // Wall 1: 160 sq ft less 21 of door at R 13, 21 x 0.35, ceiling 280 / 30.
    const told = work('heat', { outsideWalls: '1' }, open);
    expect(told.of('heat.ua')).toBeCloseTo(139 / 13 + 21 * 0.35 + 280 / 30, 2);
    // Two of four walls, half of 544 less the 12 of the window.
    const guessed = work('heat', {}, open);
    expect(guessed.of('heat.ua')).toBeCloseTo(260 / 13 + 12 * 0.35 + 280 / 30, 2);
    expect(guessed.cautions).toContain('Doors are taken to lead to heated rooms');
  });

  it('in metres: U 2 at 4 m² of glass, R 2.5 of wall, 33 degrees', () => {
    const metric = room({
      walls: rectangle(fromMillimetres(5_000), fromMillimetres(4_000)),
      height: fromMillimetres(2_500),
      openings: [
        {
          ...window,
          wall: 0,
          offset: fromMillimetres(1_000),
          width: fromMillimetres(2_000),
          height: fromMillimetres(2_000),
          sill: ticks(0),
        },
      ],
    });
    const fields = {
      outsideWalls: [1],
      wallRsi: 2.5,
      ceilingRsi: 5,
      windowUsi: 2,
      indoorC: 21,
      outdoorC: -12,
    };
    const heat = work('heat', fields, metric, 'metric');
    // (12.5 - 4) / 2.5 + 4 x 2 + 20 / 5 = 15.4 W/K; 0.335 x 0.5 x 50 = 8.4; 23.8 x 33 = 785 W.
    expect([heat.of('heat.ua'), heat.unit('heat.ua')]).toEqual([15.4, 'W/K']);
    expect(heat.of('heat.watts')).toBeCloseTo(785, -1);
    expect(heat.unit('heat.btu')).toBe('W');
  });
});

describe('lights', () => {
  it('hang inside an L, as many as are wanted', () => {
    const lights = work('lights', { use: 'kitchen' }, ELL);
    // 160 + 80 sq ft x 50 lm / 800: 15.
    expect(lights.of('lights.count')).toBeGreaterThanOrEqual(15);
    // Rows below the inside corner hold marks in its 8 ft only.
    const [, below = ''] =
      /([^;]+) in the row at 1[0-9]'/.exec(lights.working('lights.columns')) ?? [];
    expect(below).toMatch(/[1-7]'/);
    expect(below).not.toMatch(/(?:8|9|1\d)' /);
  });

  it('a light moved off one joist does not land on its double', () => {
    const joists = [58, 62, 66].map(fromInches);
    const { marks, blocked } = lightMarks(
      { from: 0, to: fromInches(120) },
      1,
      joists,
      fromInches(4),
    );
    expect(blocked).toBe(0);
    expect(marks).toEqual([fromInches(54)]);
    // Two lights over one pair of joists part to either side of them.
    const pair = lightMarks(
      { from: 0, to: fromInches(40) },
      2,
      [10, 14, 26, 30].map(fromInches),
      fromInches(7),
    );
    expect(pair.marks.map((mark) => mark / fromInches(1))).toEqual([3, 37]);
    const close = Array.from({ length: 30 }, (_, at) => fromInches(at * 4));
    expect(lightMarks({ from: 0, to: fromInches(116) }, 2, close, fromInches(4)).blocked).toBe(2);
  });
});

describe('what could not be asked', () => {
  it('a thicker edge: 80 ft round less four widths, 1 x 1 ft', () => {
    const slab = { length: "24'", width: "16'", thickness: '4"', edge: '12"', edgeWidth: '12"' };
    const concrete = work('concrete', { ...slab, waste: 0 });
    // 384 / 3 = 128 and 76 x 1 x 1 = 204 cu ft, / 27.
    expect(concrete.of('concrete.volume')).toBeCloseTo(204 / 27, 2);
  });

  it('a label with rows: between 8 in (60 sq ft) and 12 in (40) the bags grow straight', () => {
    const label = { length: "40'", width: "30'", rowDepths: '8", 12", 16"', rowBags: '60, 40, 30' };
    expect(work('blown', { ...label, depth: '12"' }).of('blown.bags')).toBe(30);
    expect(work('blown', { ...label, depth: '10"' }).of('blown.bags')).toBe(25);
    expect(work('blown', { ...label, depth: '20"' }).of('blown.bags')).toBe(50);
    expect(() => work('blown', { ...label, rowBags: '60' })).toThrow(/rowBags/);
  });

  it('tile on the diagonal takes more than straight, and no joint or a start line in the corner are fine', () => {
    const straight = work('tile', {
      length: "12'",
      width: "10'",
      joint: '0',
      startX: '0',
      startY: '0',
    });
    expect(straight.working('tile.count')).toMatch(/^120 whole \+ 0 cut/);
    expect(straight.of('tile.grout')).toBe(0);
    const diagonal = work('tile', { length: "12'", width: "10'", joint: '0', lay: 'diagonal' });
    const [, whole = '', cut = ''] =
      /(\d+) whole \+ (\d+) cut/.exec(diagonal.working('tile.count')) ?? [];
    // 22 ft of half the edge crosses a diagonal of 1.414 ft, twice round.
    expect(Number(whole)).toBeLessThan(120);
    expect(Number(whole) + Number(cut)).toBeGreaterThan(120);
    expect(Number(whole) + Number(cut)).toBeLessThan(160);
  });
});

describe('sizes typed beside a room', () => {
  it('are said to stand in for it; one of a pair alone is refused', () => {
    const both = work('flooring', { length: "10'", width: "10'" }, room());
    expect(both.of('flooring.area')).toBe(100);
    expect(both.cautions).toContain('Worked with the length and width typed, not the room’s.');
    const one = findCalculator('flooring')?.work(
      { length: "10'" },
      { room: room(), units: 'imperial' },
    );
    expect(one).toMatchObject({ ok: false, error: { code: 'impossible', field: 'width' } });
    expect(work('flooring', {}, room()).cautions).toBe('');
  });
});

describe('cautions', () => {
  it.each<[string, Record<string, unknown>, RegExp]>([
    ['stairs', { mostRiser: '9"' }, /over 7 3\/4"/],
    ['stairs', { tread: '9"' }, /under 10"/],
    ['roof', { pitch: 1.5 }, /under 2 in 12/],
    ['deck', { high: '36"' }, /guard/],
    ['lights', { length: "10'", width: "10'" }, /30" x 36" x 78"|2' 6" x 3' x 6' 6"/],
    ['framing', { length: "10'" }, /1 1\/4" from the face/],
  ])('%s %j', (kind, fields, words) => {
    expect(work(kind, fields).cautions).toMatch(words);
  });

  it('no room for king and jack: a door 2 in from the corner', () => {
    const cramped = room({
      openings: [
        {
          wall: 0,
          kind: 'door',
          offset: fromInches(3),
          width: fromInches(30),
          height: fromInches(80),
          sill: ticks(0),
        },
      ],
    });
    expect(work('framing', {}, cramped).cautions).toMatch(/Wall 1: 2" beside an opening/);
    expect(work('framing', {}, room()).cautions).not.toMatch(/beside an opening/);
  });

  it('none of them where all is well', () => {
    expect(work('stairs', {}).cautions).toBe(
      'Headroom, rail and guard belong to the stair; your local code decides.',
    );
    expect(work('roof', {}).cautions).not.toMatch(/Shingles/);
  });
});

describe('in metres', () => {
  const metric = (kind: string, fields: Record<string, unknown>, where: RoomShape | null = null) =>
    work(kind, fields, where, 'metric');
  const small = room({
    walls: rectangle(fromMillimetres(4_000), fromMillimetres(3_000)),
    height: fromMillimetres(2_400),
  });

  it('paint is litres in cans of litres: 33.6 m² x 2 / 9.2', () => {
    const paint = metric('paint', { spreadMetric: 9.2 }, small);
    expect(paint.of('paint.gallons')).toBeCloseTo(7.3, 1);
    expect([paint.unit('paint.gallons'), paint.of('paint.litres')]).toEqual([
      'L',
      paint.of('paint.gallons'),
    ]);
    expect(paint.lines.map(({ item }) => item).join(' ')).not.toMatch(/gallon|quart/);
    // 8 litres: two cans of 4.
    expect(paint.of('paint.cans.gallon')).toBe(2);
  });

  it('board is sheets of 1200 mm in metric lengths, 12 m² of floor in cartons of 2 m² with 10%: 7', () => {
    const board = metric('drywall', { on: 'walls' }, small);
    expect(board.lines.map(({ item }) => item)).toContain('Drywall sheet 3.60 m');
    expect(metric('flooring', { cartonMetric: 2 }, small).of('flooring.cartons')).toBe(7);
    expect(metric('flooring', {}, small).unit('flooring.area')).toBe('m2');
  });

  it('what is heavy is in kilograms: 10 m² of plaster at 44 kg', () => {
    const debris = metric('debris', { what: 'plaster on lath', length: '5 m', width: '2 m' });
    expect(debris.of('debris.weight')).toBeCloseTo(10 * 9 * 4.882, 0);
    expect([debris.unit('debris.weight'), debris.unit('debris.volume')]).toEqual(['kg', 'm3']);
  });

  it('no line of any sum is counted in feet, pounds or gallons, nor its working', () => {
    for (const { kind, usesRoom } of CALCULATORS) {
      const typed = { length: '4 m', width: '3 m' };
      const sum = findCalculator(kind);
      const fields = usesRoom
        ? {}
        : Object.fromEntries(
            Object.entries(typed).filter(([name]) => Object.hasOwn(sum?.fields ?? {}, name)),
          );
      const { lines, cautions } = metric(kind, fields, usesRoom ? small : null);
      const said = lines.map(({ item, unit, working }) => `${item}|${unit}|${working}`).join('\n');
      expect([kind, said]).toEqual([
        kind,
        expect.not.stringMatching(
          /\b(ft2?|sq ft|cu ft|cu yd|yd3|lb|gal|gallons?|quarts?|cfm|btu)\b|°F|\d"/,
        ),
      ]);
      expect([kind, cautions]).toEqual([kind, expect.not.stringMatching(/\d"|\bft\b/)]);
    }
  });

  it('a house is asked in its own units, each figure once', () => {
    for (const { fields } of CALCULATORS) {
      for (const units of ['imperial', 'metric'] as const) {
        const asked = askedFields(fields, units);
        for (const [name, field] of Object.entries(fields)) {
          if (field.type !== 'number' || !field.twin) continue;
          expect(asked.includes(name)).toBe(units === 'imperial');
          expect(asked.includes(field.twin)).toBe(units === 'metric');
          expect(Object.hasOwn(fields, field.twin)).toBe(true);
        }
        // What stands in a field can be read there.
        for (const field of Object.values(fields)) {
          expect('error' in readField(field, undefined, units)).toBe(false);
        }
      }
    }
  });
});

describe('what is read', () => {
  it('two figures behind the point, four of less than one', () => {
    expect([7.571, 0.073_12, 1_288, 68.662].map(readable)).toEqual([7.57, 0.0731, 1_288, 68.66]);
  });

  it('turns that do not go round are told before any wall is blamed', () => {
    const walls = [90, 80, 90, 90].map((turn, at) => ({
      length: at % 2 === 0 ? "12'" : "10'",
      turn,
    }));
    const answer = answerTakeoff(
      JSON.stringify({ room: { walls, height: "8'" }, finish: { kind: 'paint' } }),
    );
    if (answer.ok) throw new Error('it closed');
    const { reason } = sayRequestError(answer.error.error, 'imperial');
    expect(reason).toContain('the turns miss 360 degrees by 10');
    expect(reason).not.toContain('wall 0');
  });
});
