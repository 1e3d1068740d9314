import { cornersOf, wallOutline, type RoomShape } from '../../house';

/** A point of a surface in ticks: `x` along it from the left, `y` up (walls) or across (floors, ceilings). */
type Point = { x: number; y: number };
export type Box = { x: number; y: number; width: number; height: number };
type Span = { from: number; to: number };

/** What is covered: its outline, and the holes that stay open. */
export type Surface = { outline: readonly Point[]; holes: readonly Box[] };

/** One wall seen from inside, floor at 0. */
export function wallSurface(shape: RoomShape, wall: number): Surface {
  const top = wallOutline(shape, wall);
  const length = shape.walls[wall]?.length ?? 0;
  return {
    outline: [
      { x: 0, y: 0 },
      ...top.map(({ along, height }) => ({ x: along, y: height })),
      { x: length, y: 0 },
    ],
    holes: shape.openings
      .filter((opening) => opening.wall === wall)
      .map(({ offset, sill, width, height }) => ({ x: offset, y: sill, width, height })),
  };
}

/** A plain rectangle. */
export const rectangleSurface = (width: number, height: number): Surface => ({
  outline: [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ],
  holes: [],
});

/** The floor seen from above, moved so that its box begins at (0, 0). */
export function floorSurface({ walls }: Pick<RoomShape, 'walls'>): Surface {
  const corners = cornersOf(walls);
  const left = Math.min(...corners.map(({ x }) => x));
  const top = Math.min(...corners.map(({ y }) => y));
  return { outline: corners.map(({ x, y }) => ({ x: x - left, y: y - top })), holes: [] };
}

/** The same with x and y changed over: boards running the other way. */
export const turned = ({ outline, holes }: Surface): Surface => ({
  outline: outline.map(({ x, y }) => ({ x: y, y: x })),
  holes: holes.map(({ x, y, width, height }) => ({ x: y, y: x, width: height, height: width })),
});

/** The same upside down: rows then begin at the top. */
export function flipped(surface: Surface): Surface {
  const { height } = extentOfSurface(surface);
  return {
    outline: surface.outline.map(({ x, y }) => ({ x, y: height - y })),
    holes: surface.holes.map((hole) => ({ ...hole, y: height - hole.y - hole.height })),
  };
}

/** Width and height of the smallest box round a surface, in ticks. */
export const extentOfSurface = ({ outline }: Surface): { width: number; height: number } => ({
  width: Math.max(...outline.map(({ x }) => x)),
  height: Math.max(...outline.map(({ y }) => y)),
});

/** Area inside the outline less its holes, in ticks². */
export function surfaceArea({ outline, holes }: Surface): number {
  const twice = outline.reduce((sum, point, at) => {
    const next = outline[(at + 1) % outline.length] ?? point;
    return sum + point.x * next.y - next.x * point.y;
  }, 0);
  return Math.abs(twice) / 2 - holes.reduce((sum, { width, height }) => sum + width * height, 0);
}

/** Where a level line lies inside the outline. */
export function spansAt({ outline }: Surface, y: number): Span[] {
  const crossings: number[] = [];
  outline.forEach((point, at) => {
    const next = outline[(at + 1) % outline.length] ?? point;
    if (point.y <= y === next.y <= y) return;
    crossings.push(point.x + ((y - point.y) / (next.y - point.y)) * (next.x - point.x));
  });
  crossings.sort((a, b) => a - b);
  const spans: Span[] = [];
  for (let at = 0; at + 1 < crossings.length; at += 2) {
    spans.push({ from: crossings[at] ?? 0, to: crossings[at + 1] ?? 0 });
  }
  return spans;
}

const HAIR = 1;

function joined(spans: readonly Span[]): Span[] {
  const result: Span[] = [];
  for (const span of spans.toSorted((a, b) => a.from - b.from)) {
    const last = result.at(-1);
    if (last && span.from <= last.to + HAIR) last.to = Math.max(last.to, span.to);
    else result.push({ ...span });
  }
  return result;
}

/** What of a row between two levels must be covered: the widest the outline gets there, less holes as tall as the row. */
export function rowSpans(surface: Surface, bottom: number, top: number): Span[] {
  const levels = [
    bottom + HAIR / 2,
    top - HAIR / 2,
    ...surface.outline
      .map(({ y }) => y)
      .filter((y) => y > bottom && y < top)
      .flatMap((y) => [y - HAIR / 2, y + HAIR / 2]),
  ];
  const covered = joined(levels.flatMap((level) => spansAt(surface, level)));
  const through = surface.holes.filter(
    ({ y, height }) => y <= bottom + HAIR && y + height >= top - HAIR,
  );
  return covered
    .flatMap((span) => without(span, through))
    .map(({ from, to }) => ({ from: Math.round(from), to: Math.round(to) }))
    .filter(({ from, to }) => to - from > HAIR);
}

function without(span: Span, holes: readonly Box[]): Span[] {
  return holes.reduce<Span[]>(
    (left, { x, width }) =>
      left.flatMap(({ from, to }) => {
        if (x >= to || x + width <= from) return { from, to };
        return [
          { from, to: Math.min(to, x) },
          { from: Math.max(from, x + width), to },
        ].filter((part) => part.to - part.from > HAIR);
      }),
    [span],
  );
}

/** Whether a box lies wholly inside a hole, or wholly outside the outline. */
export function isOpen(surface: Surface, box: Box): boolean {
  const inHole = surface.holes.some(
    (hole) =>
      hole.x <= box.x + HAIR &&
      hole.y <= box.y + HAIR &&
      hole.x + hole.width >= box.x + box.width - HAIR &&
      hole.y + hole.height >= box.y + box.height - HAIR,
  );
  if (inHole) return true;
  const spans = rowSpans({ ...surface, holes: [] }, box.y, box.y + box.height);
  return !spans.some(({ from, to }) => from < box.x + box.width - HAIR && to > box.x + HAIR);
}

/** Whether the outline or a hole takes something off a box. */
export function isCut(surface: Surface, box: Box): boolean {
  const touched = surface.holes.some(
    (hole) =>
      hole.x < box.x + box.width - HAIR &&
      hole.x + hole.width > box.x + HAIR &&
      hole.y < box.y + box.height - HAIR &&
      hole.y + hole.height > box.y + HAIR,
  );
  if (touched) return true;
  const levels = [box.y + HAIR, box.y + box.height - HAIR, ...surface.outline.map(({ y }) => y)]
    .filter((level) => level > box.y && level < box.y + box.height)
    .flatMap((level) => [level - HAIR / 2, level + HAIR / 2]);
  return levels.some(
    (level) =>
      !spansAt(surface, level).some(
        ({ from, to }) => from <= box.x + HAIR && to >= box.x + box.width - HAIR,
      ),
  );
}
