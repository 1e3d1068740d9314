import { z } from 'zod';
import { areasOf, ceilingRise, type Ceiling, type RoomShape, type WallRun } from '../../house';
import { roomFault, type RoomFault } from '../../house/room-faults';
import { fail, ok, type Result } from '../../result';
import { ticks, unitSystemSchema, type Ticks, type UnitSystem } from '../../units';
import { readLength, type FieldError } from './field';
import { measuredArea, measuredGap, measuredLength, type Measured, type TakeoffLine } from './line';
import type { CalculatorError } from './calculator';
import { findCalculator } from './sums';

/** A takeoff as JSON: `units`, a `room` unless the finish does without, and a `finish` with its `kind` and fields. */
const requestSchema = z.object({
  units: unitSystemSchema.default('imperial'),
  room: z.unknown().optional(),
  finish: z.record(z.string(), z.unknown()),
});

const roomSchema = z.object({
  walls: z
    .array(z.object({ length: z.unknown(), turn: z.number().min(-180).max(180).default(90) }))
    .min(3)
    .max(200),
  height: z.unknown(),
  ceiling: z
    .object({
      kind: z.enum(['flat', 'vaulted', 'tray']),
      pitch: z.union([z.string(), z.number()]).optional(),
      shape: z.enum(['gable', 'shed']).default('gable'),
      high: z.unknown().optional(),
      rise: z.unknown().optional(),
      inset: z.unknown().optional(),
    })
    .default({ kind: 'flat', shape: 'gable' }),
  openings: z
    .array(
      z.object({
        wall: z.int().min(0),
        kind: z.enum(['door', 'window', 'opening']).default('opening'),
        offset: z.unknown(),
        width: z.unknown(),
        height: z.unknown(),
        sill: z.unknown().optional(),
      }),
    )
    .max(200)
    .default([]),
});

export type RequestError =
  | { code: 'not-json' }
  | { code: 'shape'; path: string; reason: string }
  | { code: 'length'; path: string; error: FieldError }
  | { code: 'pitch'; path: string }
  | { code: 'room'; fault: RoomFault }
  | { code: 'finish'; kind: string; error: CalculatorError };

export type Areas = Record<
  'floor' | 'ceiling' | 'wallsGross' | 'wallsNet' | 'perimeter' | 'closingError',
  Measured
>;
export type TakeoffAnswer = { areas: Areas | null; lines: TakeoffLine[]; cautions: string[] };

class Unreadable extends Error {
  constructor(readonly error: RequestError) {
    super(error.code);
  }
}

const parsed = <S extends z.ZodType>(schema: S, value: unknown, under: string): z.infer<S> => {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const issue = result.error.issues[0];
  const path = [under, ...(issue?.path ?? [])].filter((part) => part !== '').join('.');
  throw new Unreadable({ code: 'shape', path, reason: issue?.message ?? 'unreadable' });
};

const lengthAt = (value: unknown, path: string, zero = false): Ticks => {
  const read = readLength(value, zero);
  if ('error' in read) throw new Unreadable({ code: 'length', path, error: read.error });
  return read.value;
};

/** `6/12`, `6 in 12` or the number before the twelve. */
function pitchOf(value: string | number | undefined): number {
  const match = /^\s*(\d+(?:\.\d+)?)\s*(?:(?:\/|in|:)\s*(\d+(?:\.\d+)?))?\s*$/.exec(
    String(value ?? ''),
  );
  const pitch = match ? (Number(match[1]) * 12) / Number(match[2] ?? 12) : Number.NaN;
  if (!(pitch > 0 && pitch <= 24))
    throw new Unreadable({ code: 'pitch', path: 'room.ceiling.pitch' });
  return pitch;
}

function ceilingFrom(
  given: z.infer<typeof roomSchema>['ceiling'],
  walls: readonly WallRun[],
  height: Ticks,
): Ceiling {
  const { kind, shape } = given;
  if (kind === 'flat') return { kind };
  if (kind === 'tray') {
    const at = 'room.ceiling';
    return {
      kind,
      rise: lengthAt(given.rise, `${at}.rise`),
      inset: lengthAt(given.inset, `${at}.inset`),
    };
  }
  if (given.high === undefined) return { kind, shape, pitch: pitchOf(given.pitch) };
  const high = lengthAt(given.high, 'room.ceiling.high');
  const perTwelve = ceilingRise({ walls, ceiling: { kind, shape, pitch: 12 } });
  return { kind, shape, pitch: pitchOf((12 * (high - height)) / perTwelve) };
}

function roomFrom(value: unknown): RoomShape {
  const given = parsed(roomSchema, value, 'room');
  const walls = given.walls.map(({ length, turn }, at) => ({
    length: lengthAt(length, `room.walls.${at}.length`),
    turn,
  }));
  const height = lengthAt(given.height, 'room.height');
  const openings = given.openings.map((each, at) => {
    const path = `room.openings.${at}`;
    return {
      wall: each.wall,
      kind: each.kind,
      offset: lengthAt(each.offset, `${path}.offset`, true),
      width: lengthAt(each.width, `${path}.width`),
      height: lengthAt(each.height, `${path}.height`),
      sill: each.sill === undefined ? ticks(0) : lengthAt(each.sill, `${path}.sill`, true),
    };
  });
  return { walls, height, ceiling: ceilingFrom(given.ceiling, walls, height), openings };
}

function reportAreas(room: RoomShape, units: UnitSystem): Areas {
  const areas = areasOf(room);
  return {
    floor: measuredArea(areas.floor, units),
    ceiling: measuredArea(areas.ceiling, units),
    wallsGross: measuredArea(areas.wallsGross, units),
    wallsNet: measuredArea(areas.wallsNet, units),
    perimeter: measuredLength(areas.perimeter, units),
    closingError: measuredGap(areas.closingError, units),
  };
}

/**
 * Works out one takeoff from JSON text. A room that cannot be built in is an error with the fault; its areas are
 * given along, because somebody looking for the wrong wall wants them.
 */
export function answerTakeoff(
  text: string,
): Result<TakeoffAnswer, { error: RequestError; areas: Areas | null; units: UnitSystem }> {
  let areas: Areas | null = null;
  let units: UnitSystem = 'imperial';
  const wrong = (error: RequestError) => fail({ error, areas, units });
  try {
    const request = parsed(requestSchema, JSON.parse(text), '');
    units = request.units;
    const room = request.room === undefined ? null : roomFrom(request.room);
    if (room) {
      areas = reportAreas(room, units);
      const fault = roomFault(room);
      if (fault) return wrong({ code: 'room', fault });
    }
    const kind = typeof request.finish.kind === 'string' ? request.finish.kind : '';
    const sum = findCalculator(kind);
    if (!sum) return wrong({ code: 'finish', kind, error: { code: 'unknown-sum', kind } });
    const result = sum.work(request.finish, { room, units });
    return result.ok
      ? ok({
          areas,
          ...result.value,
          lines: result.value.lines.map(({ exact: _, ...each }) => each),
        })
      : wrong({ code: 'finish', kind, error: result.error });
  } catch (cause) {
    if (cause instanceof Unreadable) return wrong(cause.error);
    if (cause instanceof SyntaxError) return wrong({ code: 'not-json' });
    throw cause;
  }
}
