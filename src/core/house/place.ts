import { z } from 'zod';
import { area, fromFeet, ticksSchema, type Area, type Ticks } from '../units';
import { ceilingSchema, heightSchema, openingSchema, spanSchema } from './openings';
import { keySchema } from './text';

/** What a place is. Rooms, then what wraps them, then the ground round the house. */
export const placeKindSchema = z.enum([
  'living',
  'kitchen',
  'dining',
  'bedroom',
  'bathroom',
  'box-room',
  'laundry',
  'hall',
  'stairs',
  'attic',
  'cellar',
  'garage',
  'porch',
  'roof',
  'outside-face',
  'yard',
]);
export type PlaceKind = z.infer<typeof placeKindSchema>;

const OUTSIDE: ReadonlySet<PlaceKind> = new Set(['porch', 'roof', 'outside-face', 'yard']);
/** Whether it is no room: porch, roof, face or yard. */
export const isOutside = (kind: PlaceKind): boolean => OUTSIDE.has(kind);

const COLD: ReadonlySet<PlaceKind> = new Set(['attic', 'cellar', 'garage']);
/** Heated as such a place usually is. */
export const isHeated = (kind: PlaceKind): boolean => !isOutside(kind) && !COLD.has(kind);

export const placeIdSchema = keySchema(64).brand<'PlaceId'>();
export type PlaceId = z.infer<typeof placeIdSchema>;

/** One run of wall; at its end the walker turns right by `turn` degrees (left if negative). */
const wallRunSchema = z.object({
  length: spanSchema,
  /** Degrees, with decimals where a corner is 100.5. */
  turn: z.number().min(-180).max(180),
});
export type WallRun = z.infer<typeof wallRunSchema>;
/** Further round than this is no room and no plot of a house, and its area would not be exact. */
const LONGEST_ROUND = 1_000 * 1_000 * 320;

/** The walls of a place, going round. */
export const wallsSchema = z
  .array(wallRunSchema)
  .min(3)
  .max(200)
  .refine((walls) => walls.reduce((sum, { length }) => sum + length, 0) <= LONGEST_ROUND, {
    error: 'over 1,000 m round',
  });
export type Walled = { walls: readonly WallRun[] };

const nameSchema = z.string().trim().min(1).max(80);

export const placeSchema = z.object({
  id: placeIdSchema,
  kind: placeKindSchema,
  name: nameSchema,
  /** 0 is the ground floor, -1 the cellar, 1 and up above it. */
  floor: z.int().min(-3).max(9),
  walls: wallsSchema,
  height: heightSchema,
  /** Flat when left out. */
  ceiling: ceilingSchema.optional(),
  /** Doors, windows and plain openings; none measured when left out. */
  openings: z.array(openingSchema).max(200).optional(),
});
export type Place = z.infer<typeof placeSchema>;

export type SizeError = { code: 'not-positive' } | { code: 'too-small' } | { code: 'too-large' };
const SMALLEST = fromFeet(0.5);
const LARGEST = fromFeet(300);

/** A wall shorter than 6 in or longer than 300 ft is taken as a slip of the finger; undefined when plausible. */
export function sizeFault(length: Ticks): SizeError | undefined {
  if (length <= 0) return { code: 'not-positive' };
  if (length < SMALLEST) return { code: 'too-small' };
  return length > LARGEST ? { code: 'too-large' } : undefined;
}

/** A rectangle as four runs, walked clockwise. */
export const rectangle = (length: Ticks, width: Ticks): WallRun[] =>
  [length, width, length, width].map((side) => ({ length: side, turn: 90 }));

export type Corner = { x: number; y: number };

/** The corners in ticks, starting at (0, 0) and walking east; y grows downwards. */
export function cornersOf(walls: readonly WallRun[]): Corner[] {
  let heading = 0;
  let at: Corner = { x: 0, y: 0 };
  return walls.map(({ length, turn }) => {
    const corner = at;
    const angle = (heading * Math.PI) / 180;
    at = {
      x: at.x + Math.round(length * Math.cos(angle)),
      y: at.y + Math.round(length * Math.sin(angle)),
    };
    heading += turn;
    return corner;
  });
}

/** Floor area by the shoelace formula. */
export function floorArea(place: Walled): Area {
  const corners = cornersOf(place.walls);
  const twice = corners.reduce((sum, corner, index) => {
    const next = corners[(index + 1) % corners.length] ?? corner;
    return sum + corner.x * next.y - next.x * corner.y;
  }, 0);
  return area(Math.abs(twice) / 2);
}

/** The run of all walls, in ticks. */
export const perimeter = (place: Walled): Ticks =>
  ticksSchema.parse(place.walls.reduce((sum, wall) => sum + wall.length, 0));

/** Gross wall area: sum of run × height. Openings are not taken off until they are measured. */
export const wallArea = (place: Walled & { height: Ticks }): Area =>
  area(perimeter(place) * place.height);

/** How wide and deep the place is drawn: the box round its corners, in ticks. */
export function extentOf(place: Walled): { width: number; depth: number } {
  const corners = cornersOf(place.walls);
  const spread = (values: number[]) => Math.max(...values) - Math.min(...values);
  return { width: spread(corners.map(({ x }) => x)), depth: spread(corners.map(({ y }) => y)) };
}
