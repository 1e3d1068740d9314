import { extentOf, isOutside, type Place } from '@/core/house';

/** Where each place stands in the cut-through house; fractions of the drawing's width. */
type Cell = { place: Place; from: number; to: number };
export type FloorRow = { floor: number; cells: Cell[] };
export type SectionModel = {
  attic: Place[];
  rows: FloorRow[];
  cellar: FloorRow[];
  /** Roof, faces, porch, yard: they stand beside and before the house. */
  outside: Place[];
};

const byFloorDown = (a: Place, b: Place) => b.floor - a.floor;

/** Rooms as wide as they are, but none narrower than this share of its row. */
const NARROWEST = 0.2;

function cellsOf(places: readonly Place[]): Cell[] {
  const extents = places.map((place) => Math.max(extentOf(place).width, 1));
  const total = extents.reduce((sum, width) => sum + width, 0);
  const raised = extents.map((width) => Math.max(width / total, NARROWEST));
  const sum = raised.reduce((all, share) => all + share, 0);
  let from = 0;
  return places.map((place, at) => {
    const to = from + (raised[at] ?? 0) / sum;
    const cell = { place, from, to };
    from = to;
    return cell;
  });
}

function rowsOf(places: readonly Place[], perRow: number): FloorRow[] {
  const floors = [...new Set(places.toSorted(byFloorDown).map(({ floor }) => floor))];
  return floors.flatMap((floor) => {
    const here = places.filter((place) => place.floor === floor);
    const count = Math.ceil(here.length / perRow);
    const size = Math.ceil(here.length / Math.max(1, count));
    return Array.from({ length: count }, (_, row) => ({
      floor,
      cells: cellsOf(here.slice(row * size, (row + 1) * size)),
    }));
  });
}

/** Any number of floors and rooms: attics under the roof, cellars under the ground, the outside apart. */
export function sectionModel(places: readonly Place[], perRow: number): SectionModel {
  const inside = places.filter(({ kind }) => !isOutside(kind));
  const attic = inside.filter(({ kind }) => kind === 'attic');
  const below = inside.filter((place) => place.kind !== 'attic' && place.floor < 0);
  const above = inside.filter((place) => place.kind !== 'attic' && place.floor >= 0);
  return {
    attic,
    rows: rowsOf(above, perRow),
    cellar: rowsOf(below, perRow),
    outside: places.filter(({ kind }) => isOutside(kind)),
  };
}
