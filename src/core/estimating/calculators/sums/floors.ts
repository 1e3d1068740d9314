import type { RoomShape } from '../../../house';
import {
  extentOfSurface,
  floorSurface,
  layoutPlanks,
  layoutTiles,
  rectangleSurface,
  surfaceArea,
  turned,
  wallSurface,
  type PlankLayout,
  type Surface,
} from '../../layout';
import { AREA_PER_SQFT, TICKS_PER_MM, type Ticks } from '../../../units';
import { SQFT_PER_M2 } from '../convert';
import { tooMany } from '../limits';
import { areaFrom } from '../extent';
import {
  choiceField,
  countField,
  inMetricBy,
  lengthField,
  lengthsField,
  metricIs,
  numberField,
  orNone,
} from '../field';
import {
  inSquareFeet,
  inSquareMetres,
  counted,
  firstOf,
  exactly,
  line,
  percent,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import { defineCalculator, impossible, needs, worked } from '../calculator';

export const flooring = defineCalculator({
  kind: 'flooring',
  title: 'Flooring by the carton',
  asks: 'How many cartons?',
  usesRoom: true,
  fields: {
    carton: inMetricBy(
      'cartonMetric',
      numberField('A carton covers', 'sq ft', 20, { least: 0.5, most: 500 }),
    ),
    cartonMetric: numberField('A carton covers', 'm²', undefined, {
      least: 0.05,
      most: 50,
      hint: '1.86 when left out',
    }),
    waste: numberField('Waste', '%', 10, { most: 100, hint: '10 straight, 15 on the slant' }),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  instead: ['length', 'width'],
  work: ({ waste, ...given }, { room, units }) => {
    const area = areaFrom(given, room, 'floor');
    if (area === undefined) return needs('a room, or a length and a width');
    const carton =
      given.cartonMetric === undefined ? given.carton : given.cartonMetric * SQFT_PER_M2;
    const exact = (inSquareFeet(area) * (1 + waste / 100)) / carton;
    const source =
      'waste factor by laying pattern, a starting figure; the carton says what it covers';
    return worked([
      line(
        'flooring.cartons',
        'Flooring',
        wholeUp(exact),
        'carton',
        `${sayArea(area, units)} x ${rounded(1 + waste / 100)} / ${sayArea(carton * AREA_PER_SQFT, units)} a carton = ${rounded(exact)}, up`,
        source,
      ),
      line(
        'flooring.area',
        'Floor to cover',
        exactly(inSquareFeet(area)),
        'ft2',
        'floor by the shoelace formula',
        'measured',
      ),
    ]);
  },
});

/** Floor or walls as somebody lays them: what was typed, else the room. */
function surfacesOf(
  on: 'floor' | 'walls',
  typed: { length?: Ticks | undefined; width?: Ticks | undefined },
  room: RoomShape | null,
  upTo: Ticks | undefined,
): Surface[] | undefined {
  if (typed.length !== undefined && typed.width !== undefined)
    return [rectangleSurface(typed.length, typed.width)];
  if (!room) return undefined;
  if (on === 'floor') return [floorSurface(room)];
  return [...room.walls.keys()].map((wall) => lowerPart(wallSurface(room, wall), upTo));
}

const USUAL_CORNERS = 12;
const MOST_BOARDS = 5_000;
/** At most, whichever way they run. */
const rowsIn = (surfaces: readonly Surface[], face: number): number =>
  surfaces.reduce((sum, surface) => {
    const { width, height } = extentOfSurface(surface);
    return sum + Math.max(width, height) / face;
  }, 0);

/** A wall covered only so high: wainscot, splash. */
function lowerPart(surface: Surface, upTo: Ticks | undefined): Surface {
  if (upTo === undefined) return surface;
  return {
    outline: surface.outline.map(({ x, y }) => ({ x, y: Math.min(y, upTo) })),
    holes: surface.holes
      .filter(({ y }) => y < upTo)
      .map((hole) => ({ ...hole, height: Math.min(hole.height, upTo - hole.y) })),
  };
}

export const planks = defineCalculator({
  kind: 'planks',
  title: 'Planks and boards',
  asks: 'How many boards, with joints where they belong?',
  usesRoom: true,
  fields: {
    on: choiceField('Board what', ['floor', 'walls']),
    face: metricIs('125 mm', lengthField('Exposed face', '5"')),
    boardLength: metricIs('2 m', lengthField('Board length', "6'")),
    run: choiceField('Rows run', ['the long way', 'the short way']),
    stagger: orNone(metricIs('150 mm', lengthField('Joints apart, at least', '6"'))),
    shortest: metricIs('300 mm', lengthField('Shortest piece', '12"')),
    joists: lengthsField('Joints only at, from the left'),
    upTo: lengthField('Walls up to'),
    perCarton: countField('Boards a carton', 1, 1),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  instead: ['length', 'width'],
  work: (given, { room, units }) => {
    const surfaces = surfacesOf(given.on, given, room, given.upTo);
    if (!surfaces) return needs('a room, or a length and a width');
    const area = surfaces.reduce((sum, surface) => sum + surfaceArea(surface), 0);
    const many =
      tooMany('face', area / (given.face * given.boardLength), 'boards', MOST_BOARDS) ??
      tooMany('face', rowsIn(surfaces, given.face), 'rows', MOST_BOARDS);
    if (many) return many;
    const rules = {
      face: given.face,
      length: given.boardLength,
      stagger: given.stagger,
      shortest: Math.min(given.shortest, given.boardLength),
      ...(given.joists ? { joists: given.joists } : {}),
    };
    const layouts = surfaces.map((surface) => {
      const { width, height } = extentOfSurface(surface);
      const longWay = width >= height;
      return layoutPlanks(
        longWay === (given.run === 'the long way') ? surface : turned(surface),
        rules,
      );
    });
    if (!layouts.every((layout): layout is PlankLayout => layout !== undefined)) {
      return impossible(
        'joists',
        'no joint can be placed: the boards do not reach from one joist to the next',
      );
    }
    const close = layouts.flatMap(({ closeRows }, at) =>
      closeRows.map((row) => (layouts.length > 1 ? `row ${row} of wall ${at + 1}` : `row ${row}`)),
    );
    const short = layouts.reduce((sum, { shortPieces }) => sum + shortPieces, 0);
    const boards = layouts.reduce((sum, layout) => sum + layout.boards, 0);
    const rows = layouts.reduce((sum, layout) => sum + layout.rows, 0);
    const bought = boards * given.boardLength * given.face;
    const [first] = layouts;
    const source =
      'laid out row by row, offcuts start the next row: the waste is found, not assumed';
    return worked(
      [
        line(
          'planks.boards',
          'Boards',
          boards,
          'board',
          `${sayArea(area, units)} in rows of ${sayLength(given.face, units)}, boards of ${sayLength(given.boardLength, units)}: ${percent(bought > 0 ? 1 - area / bought : 0)} waste`,
          source,
        ),
        line(
          'planks.rows',
          'Rows',
          rows,
          'row',
          `first row ${sayLength(first?.firstFace ?? 0, units)}, last ${sayLength(first?.lastFace ?? 0, units)}: ripped alike when the last would be under a third`,
          source,
        ),
        ...(given.perCarton > 1
          ? [
              line(
                'planks.cartons',
                'Cartons',
                wholeUp(boards / given.perCarton),
                'carton',
                `${boards} boards / ${given.perCarton} a carton, up`,
                source,
              ),
            ]
          : []),
      ],
      [
        ...(close.length > 0
          ? [
              `Joints come closer than ${sayLength(given.stagger, units)} in ${firstOf(close)}: boards of ${sayLength(given.boardLength, units)} leave no other place. Longer boards or a smaller stagger help.`,
            ]
          : []),
        ...(short > 0
          ? [
              `${counted(short, 'piece')} shorter than ${sayLength(given.shortest, units)}, where nothing else keeps the joints apart.`,
            ]
          : []),
      ],
    );
  },
});

/** The same turned by an eighth, so that tiles on the diagonal lie straight; its holes are left out. */
function onTheDiagonal({ outline }: Surface): Surface {
  const turnedBy = outline.map(({ x, y }) => ({
    x: (x - y) * Math.SQRT1_2,
    y: (x + y) * Math.SQRT1_2,
  }));
  const [left, low] = [
    Math.min(...turnedBy.map(({ x }) => x)),
    Math.min(...turnedBy.map(({ y }) => y)),
  ];
  return { outline: turnedBy.map(({ x, y }) => ({ x: x - left, y: y - low })), holes: [] };
}

/** 25 kg. */
const POUNDS_IN_METRIC_BAG = 55.115_57;
/** A backer board of 1200 x 800 mm. */
const METRIC_BACKER = 0.96;
/** What a bag of 50 lb thinset covers by the notch of the trowel, sq ft. */
const THINSET: Record<string, number> = {
  '1/4"': 95,
  '3/8"': 60,
  '1/2"': 45,
  '6 mm': 95,
  '10 mm': 60,
  '12 mm': 45,
};

/** Grout by the usual joint volume: (L + W) / (L x W) x depth x joint x 1.6 kg/l, millimetres and m². */
export const groutKilograms = (
  tile: { width: number; height: number; thickness: number; joint: number },
  area: number,
): number => {
  const mm = (length: number) => length / TICKS_PER_MM;
  const [w, h] = [mm(tile.width), mm(tile.height)];
  return ((w + h) / (w * h)) * mm(tile.thickness) * mm(tile.joint) * 1.6 * inSquareMetres(area);
};

export const tile = defineCalculator({
  kind: 'tile',
  title: 'Tile',
  asks: 'How many tiles, from which line, and how much grout?',
  usesRoom: true,
  fields: {
    on: choiceField('Tile what', ['floor', 'walls']),
    tileWidth: metricIs('300 mm', lengthField('Tile width', '12"')),
    tileHeight: metricIs('300 mm', lengthField('Tile height', '12"')),
    joint: orNone(metricIs('3 mm', lengthField('Joint', '1/8"'))),
    thickness: metricIs('9 mm', lengthField('Tile thickness', '3/8"')),
    lay: choiceField('Lay them', ['straight', 'diagonal']),
    breakage: numberField('Breakage', '%', 10, { most: 100, hint: '15 on the diagonal' }),
    startX: orNone(lengthField('Start line from the left')),
    startY: orNone(lengthField('Start line from the bottom')),
    trowel: choiceField('Trowel notch', ['3/8"', '1/4"', '1/2"'], ['10 mm', '6 mm', '12 mm']),
    upTo: lengthField('Walls up to'),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  instead: ['length', 'width'],
  work: (given, { room, units }) => {
    const surfaces = surfacesOf(given.on, given, room, given.upTo);
    if (!surfaces) return needs('a room, or a length and a width');
    const boxes = surfaces.reduce((sum, surface) => {
      const { width, height } = extentOfSurface(surface);
      const columns = width / (given.tileWidth + given.joint) + 2;
      const rows = height / (given.tileHeight + given.joint) + 2;
      // Every tile is held against every corner: a floor of many corners takes as long as a larger one of few.
      return sum + columns * rows * Math.max(1, surface.outline.length / USUAL_CORNERS);
    }, 0);
    const many = tooMany('tileWidth', boxes, 'tiles');
    if (many) return many;
    const isDiagonal = given.lay === 'diagonal';
    const layouts = surfaces.map((surface) =>
      layoutTiles(isDiagonal ? onTheDiagonal(surface) : surface, {
        width: given.tileWidth,
        height: given.tileHeight,
        joint: given.joint,
        start: { x: given.startX, y: given.startY },
      }),
    );
    const whole = layouts.reduce((sum, layout) => sum + layout.whole, 0);
    const cut = layouts.reduce((sum, layout) => sum + layout.cut, 0);
    const area = surfaces.reduce((sum, surface) => sum + surfaceArea(surface), 0);
    const squareFeet = inSquareFeet(area);
    const isMetric = units === 'metric';
    const perBag = (THINSET[given.trowel] ?? 60) * (isMetric ? POUNDS_IN_METRIC_BAG / 50 : 1);
    const backer = isMetric ? METRIC_BACKER * SQFT_PER_M2 : 15;
    const grout = groutKilograms(
      {
        width: given.tileWidth,
        height: given.tileHeight,
        thickness: given.thickness,
        joint: given.joint,
      },
      area,
    );
    const slivers = isDiagonal ? [] : layouts.flatMap((layout) => layout.slivers);
    const isChosen = given.startX !== undefined || given.startY !== undefined;
    const [first] = layouts;
    const setOut = 'every tile set out on the actual outline; a cut tile counts as a tile';
    return worked(
      [
        line(
          'tile.count',
          'Tiles',
          wholeUp((whole + cut) * (1 + given.breakage / 100)),
          'tile',
          `${whole} whole + ${cut} cut = ${whole + cut}, x ${rounded(1 + given.breakage / 100)} for breakage, up`,
          setOut,
        ),
        line(
          'tile.cuts',
          'Of these cut',
          cut,
          'tile',
          isDiagonal
            ? 'along every edge: on the diagonal each tile there is cut'
            : first
              ? (['left', 'right', 'bottom', 'top'] as const)
                  .map((edge) => `${edge} ${sayLength(first.edges[edge], units)}`)
                  .join(', ')
              : '',
          setOut,
        ),
        line(
          'tile.grout',
          'Grout',
          rounded(grout),
          'kg',
          `(L + W) / (L x W) x thickness x joint x 1.6 x ${rounded(inSquareMetres(area))} m²`,
          'usual joint volume formula; the bag wins',
        ),
        line(
          'tile.thinset',
          isMetric ? 'Thinset, 25 kg' : 'Thinset, 50 lb',
          wholeUp(squareFeet / perBag),
          'bag',
          `${sayArea(area, units)} / ${sayArea(perBag * AREA_PER_SQFT, units)} a bag with a ${given.trowel} notch, up`,
          'a starting figure; the bag wins',
        ),
        line(
          'tile.backer',
          isMetric ? 'Backer board 1200 x 800 mm' : 'Backer board 3 x 5 ft',
          wholeUp((squareFeet * 1.1) / backer),
          'sheet',
          `${sayArea(area, units)} x 1.1 / ${sayArea(backer * AREA_PER_SQFT, units)}, up`,
          '10% for cuts',
        ),
      ],
      [
        ...(slivers.length > 0
          ? [
              `Cuts under a third of a tile at the ${[...new Set(slivers)].join(' and ')}: ${isChosen ? 'move the start line' : 'no start line avoids all of them; another tile or joint may'}.`,
            ]
          : []),
        ...(isDiagonal && surfaces.some(({ holes }) => holes.length > 0)
          ? ['On the diagonal, doors and windows are counted as if they were tiled.']
          : []),
      ],
    );
  },
});
