import { rememberingOf } from '../../remembering';
import { shapeOf, type Place, type Product } from '../../house';
import {
  extentOfSurface,
  floorSurface,
  layoutPlanks,
  layoutTiles,
  turned,
  type Box,
  type Surface,
} from '../layout';
import { findCalculator, hangRoom, readFields, type HangWay, type Hung } from '../calculators';

/** A surface with the pieces of a finish where they lie, and what that takes. */
export type Laid = {
  surface: Surface;
  pieces: (Box & { name: string; cut: boolean })[];
  /** Sheets, boards or tiles used here. */
  count: number;
  /** Share bought that is not on the surface. */
  waste: number;
  /** Pieces that are cut. */
  cuts: number;
  /** Butt joints, for sheets. */
  butts: number;
  /** Edges with a cut under a third of a tile. */
  slivers: string[];
  start?: { x: number; y: number };
};

type Values = Readonly<Record<string, unknown>>;
const valuesOf = ({ sum, fields }: Product): Values => {
  const read = readFields(findCalculator(sum)?.fields ?? {}, fields);
  return read.ok ? read.value : {};
};
const numberOf = (values: Values, name: string, otherwise: number): number =>
  typeof values[name] === 'number' ? (values[name] as number) : otherwise;
const listOf = (values: Values, name: string): number[] =>
  Array.isArray(values[name]) ? (values[name] as number[]) : [];

const back = (box: Box): Box => ({ x: box.y, y: box.x, width: box.height, height: box.width });

/** More than a room is hung in ways and lengths while one looks at them. */
const HANGINGS_KEPT = 50;

/** Places never change once made: each way of hanging a room is worked out once, not for each of its walls. */
const hungIn = rememberingOf(
  HANGINGS_KEPT,
  (part: 'walls' | 'ceiling', rules: Hung['rules'], way: HangWay) =>
    JSON.stringify([part, rules, way]),
  (place: Place, part, rules, way): Hung[] | undefined =>
    hangRoom(shapeOf(place), part, rules, way),
);

export type SheetChoice = { where: 'ceiling' | number; way: HangWay; lengths?: readonly number[] };

/** Sheet lengths a board product is sold in. */
export const sheetLengths = (product: Product): number[] => listOf(valuesOf(product), 'lengths');

/** Board on one wall or the ceiling. Numbers are the order of hanging. */
export function laySheets(place: Place, product: Product, choice: SheetChoice): Laid | undefined {
  const values = valuesOf(product);
  const width = numberOf(values, 'sheetWidth', 1);
  const rules = {
    lengths: choice.lengths ?? sheetLengths(product),
    width,
    spacing: numberOf(values, 'spacing', 1),
  };
  // As the whole room is hung: its joints lie where its walls together take the fewest sheets.
  const part = choice.where === 'ceiling' ? 'ceiling' : 'walls';
  const hung = hungIn(place, part, rules, choice.way)?.find(({ where }) => where === choice.where);
  if (!hung) return undefined;
  const { layout } = hung;
  const standing = choice.way === 'along';
  return {
    surface: standing ? turned(hung.surface) : hung.surface,
    pieces: layout.pieces.map((piece, at) => {
      const sheet = layout.sheets[piece.sheet];
      const cut = piece.width < (sheet?.length ?? 0) - 1 || piece.height < width - 1;
      return { ...(standing ? back(piece) : piece), name: String(at + 1), cut };
    }),
    count: layout.sheets.length,
    waste: layout.waste,
    cuts: layout.pieces.filter(
      ({ width: wide, sheet }) => wide < (layout.sheets[sheet]?.length ?? 0) - 1,
    ).length,
    butts: layout.buttLength,
    slivers: [],
  };
}

export type PlankWay = 'the long way' | 'the short way';

/** Boards on the floor; each named by the board it comes from. */
export function layFloorPlanks(place: Place, product: Product, way: PlankWay): Laid | undefined {
  const values = valuesOf(product);
  const floor = floorSurface(shapeOf(place));
  const { width, height } = extentOfSurface(floor);
  const isTurned = width >= height !== (way === 'the long way');
  const joists = listOf(values, 'joists');
  const length = numberOf(values, 'boardLength', 1);
  const layout = layoutPlanks(isTurned ? turned(floor) : floor, {
    face: numberOf(values, 'face', 1),
    length,
    stagger: numberOf(values, 'stagger', 0),
    shortest: Math.min(length, numberOf(values, 'shortest', 0)),
    ...(joists.length > 0 ? { joists } : {}),
  });
  if (!layout) return undefined;
  return {
    surface: floor,
    pieces: layout.pieces.map((piece) => ({
      ...(isTurned ? back(piece) : piece),
      name: String(piece.board + 1),
      cut: piece.width < length - 1,
    })),
    count: layout.boards,
    waste: layout.waste,
    cuts: layout.pieces.filter((piece) => piece.width < length - 1).length,
    butts: 0,
    slivers: [],
  };
}

/** Tiles on the floor from a start line, or from the best one. */
export function layFloorTiles(
  place: Place,
  product: Product,
  start: { x?: number; y?: number },
): Laid {
  const values = valuesOf(product);
  const tile = {
    width: numberOf(values, 'tileWidth', 1),
    height: numberOf(values, 'tileHeight', 1),
  };
  const surface = floorSurface(shapeOf(place));
  const layout = layoutTiles(surface, { ...tile, joint: numberOf(values, 'joint', 0), start });
  const area = tile.width * tile.height;
  const laid = layout.pieces.reduce((sum, { width, height }) => sum + width * height, 0);
  return {
    surface,
    pieces: layout.pieces.map((piece, at) => ({ ...piece, name: piece.cut ? String(at + 1) : '' })),
    count: layout.whole + layout.cut,
    waste: 1 - laid / Math.max(1, area * layout.pieces.length),
    cuts: layout.cut,
    butts: 0,
    slivers: layout.slivers,
    start: layout.start,
  };
}
