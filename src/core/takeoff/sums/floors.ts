import type { RoomShape } from '../../house';
import {
  extentOfSurface,
  floorSurface,
  layoutPlanks,
  layoutTiles,
  surfaceArea,
  turned,
  wallSurface,
  type PlankLayout,
  type Surface,
} from '../../layout';
import { TICKS_PER_MM, type Ticks } from '../../units';
import { areaFrom } from '../extent';
import { choiceField, countField, lengthField, lengthsField, numberField } from '../field';
import {
  inInches,
  inSquareFeet,
  inSquareMetres,
  line,
  percent,
  rounded,
  sayArea,
  sayLength,
  wholeUp,
} from '../line';
import { defineSum, impossible, needs, worked } from '../sum';

export const flooring = defineSum({
  kind: 'flooring',
  title: 'Flooring by the carton',
  asks: 'How many cartons?',
  usesRoom: true,
  fields: {
    carton: numberField('A carton covers', 'sq ft', 20, { least: 0.5, most: 500 }),
    waste: numberField('Waste', '%', 10, { most: 100, hint: '10 straight, 15 on the slant' }),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  work: ({ carton, waste, ...typed }, { room, units }) => {
    const area = areaFrom(typed, room, 'floor');
    if (area === undefined) return needs('a room, or a length and a width');
    const exact = (inSquareFeet(area) * (1 + waste / 100)) / carton;
    const source =
      'waste factor by laying pattern, a starting figure; the carton says what it covers';
    return worked([
      line(
        'flooring.cartons',
        'Flooring',
        wholeUp(exact),
        'carton',
        `${sayArea(area, units)} x ${rounded(1 + waste / 100)} / ${carton} sq ft a carton = ${rounded(exact)}, up`,
        source,
      ),
      line(
        'flooring.area',
        'Floor to cover',
        rounded(inSquareFeet(area)),
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
  const box = (x: number, y: number): Surface => ({
    outline: [
      { x: 0, y: 0 },
      { x, y: 0 },
      { x, y },
      { x: 0, y },
    ],
    holes: [],
  });
  if (typed.length !== undefined && typed.width !== undefined)
    return [box(typed.length, typed.width)];
  if (!room) return undefined;
  if (on === 'floor') return [floorSurface(room)];
  return [...room.walls.keys()].map((wall) => lowerPart(wallSurface(room, wall), upTo));
}

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

export const planks = defineSum({
  kind: 'planks',
  title: 'Planks and boards',
  asks: 'How many boards, with joints where they belong?',
  usesRoom: true,
  fields: {
    on: choiceField('Board what', ['floor', 'walls']),
    face: lengthField('Exposed face', '5"'),
    boardLength: lengthField('Board length', "6'"),
    run: choiceField('Rows run', ['the long way', 'the short way']),
    stagger: lengthField('Joints apart, at least', '6"'),
    shortest: lengthField('Shortest piece', '12"'),
    joists: lengthsField('Joints only at, from the left'),
    upTo: lengthField('Walls up to'),
    perCarton: countField('Boards a carton', 1, 1),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  work: (given, { room, units }) => {
    const surfaces = surfacesOf(given.on, given, room, given.upTo);
    if (!surfaces) return needs('a room, or a length and a width');
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
    const boards = layouts.reduce((sum, layout) => sum + layout.boards, 0);
    const rows = layouts.reduce((sum, layout) => sum + layout.rows, 0);
    const area = surfaces.reduce((sum, surface) => sum + surfaceArea(surface), 0);
    const bought = boards * given.boardLength * given.face;
    const [first] = layouts;
    const source =
      'laid out row by row, offcuts start the next row: the waste is found, not assumed';
    return worked([
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
    ]);
  },
});

/** What a bag of 50 lb thinset covers by the notch of the trowel, sq ft. */
const THINSET: Record<string, number> = { '1/4"': 95, '3/8"': 60, '1/2"': 45 };

/** Grout by the usual joint volume: (L + W) / (L x W) x depth x joint x 1.6 kg/l, millimetres and m². */
export const groutKilograms = (
  tile: { width: number; height: number; thickness: number; joint: number },
  area: number,
): number => {
  const mm = (length: number) => length / TICKS_PER_MM;
  const [w, h] = [mm(tile.width), mm(tile.height)];
  return ((w + h) / (w * h)) * mm(tile.thickness) * mm(tile.joint) * 1.6 * inSquareMetres(area);
};

export const tile = defineSum({
  kind: 'tile',
  title: 'Tile',
  asks: 'How many tiles, from which line, and how much grout?',
  usesRoom: true,
  fields: {
    on: choiceField('Tile what', ['floor', 'walls']),
    tileWidth: lengthField('Tile width', '12"'),
    tileHeight: lengthField('Tile height', '12"'),
    joint: lengthField('Joint', '1/8"'),
    thickness: lengthField('Tile thickness', '3/8"'),
    breakage: numberField('Breakage', '%', 10, { most: 100 }),
    startX: lengthField('Start line from the left'),
    startY: lengthField('Start line from the bottom'),
    trowel: choiceField('Trowel notch', ['3/8"', '1/4"', '1/2"']),
    upTo: lengthField('Walls up to'),
    length: lengthField('Length, without a room'),
    width: lengthField('Width, without a room'),
  },
  work: (given, { room, units }) => {
    const surfaces = surfacesOf(given.on, given, room, given.upTo);
    if (!surfaces) return needs('a room, or a length and a width');
    const layouts = surfaces.map((surface) =>
      layoutTiles(surface, {
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
    const perBag = THINSET[given.trowel] ?? 60;
    const grout = groutKilograms(
      {
        width: given.tileWidth,
        height: given.tileHeight,
        thickness: given.thickness,
        joint: given.joint,
      },
      area,
    );
    const slivers = layouts.flatMap((layout) => layout.slivers);
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
          first
            ? `at the left ${rounded(inInches(first.edges.left))}", right ${rounded(inInches(first.edges.right))}", bottom ${rounded(inInches(first.edges.bottom))}", top ${rounded(inInches(first.edges.top))}"`
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
          'Thinset, 50 lb',
          wholeUp(squareFeet / perBag),
          'bag',
          `${sayArea(area, units)} / ${perBag} sq ft a bag with a ${given.trowel} notch, up`,
          'a starting figure; the bag wins',
        ),
        line(
          'tile.backer',
          'Backer board 3 x 5 ft',
          wholeUp((squareFeet * 1.1) / 15),
          'sheet',
          `${sayArea(area, units)} x 1.1 / 15 sq ft, up`,
          '10% for cuts',
        ),
      ],
      slivers.length > 0
        ? [
            `Cuts under a third of a tile at the ${[...new Set(slivers)].join(' and ')}: move the start line.`,
          ]
        : [],
    );
  },
});
