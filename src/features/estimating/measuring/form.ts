import {
  ceilingRise,
  FLAT,
  type Ceiling,
  type Opening,
  type Place,
  type RoomShape,
  type WallRun,
} from '@/core/house';
import { closingOf, type Closing, type Diagonal } from '@/core/house/closing';
import { offSquareBy, roomFault, type RoomFault } from '@/core/house/room-faults';
import { formatLength, parseLength, ticks, type Ticks, type UnitSystem } from '@/core/units';

export type Turn = 'right' | 'left' | 'other';
export type WallTyped = { length: string; turn: Turn; degrees: string };
export type OpeningTyped = {
  wall: string;
  kind: Opening['kind'];
  offset: string;
  width: string;
  height: string;
  sill: string;
};
export type DiagonalTyped = { from: string; to: string; length: string };

/** A room while it is measured: texts, so that nothing typed is lost before it can be read. */
export type MeasureTyped = {
  walls: WallTyped[];
  height: string;
  ceiling: Ceiling['kind'];
  /** Ridge or high side above the floor, for a vault. */
  high: string;
  slope: 'gable' | 'shed';
  rise: string;
  inset: string;
  openings: OpeningTyped[];
  diagonals: DiagonalTyped[];
};

export const emptyWall = (): WallTyped => ({ length: '', turn: 'right', degrees: '' });
export const emptyOpening = (kind: Opening['kind']): OpeningTyped => ({
  wall: '1',
  kind,
  offset: '',
  width: '',
  height: '',
  sill: kind === 'window' ? '' : '0',
});
export const emptyDiagonal = (): DiagonalTyped => ({ from: '1', to: '3', length: '' });

const turnTyped = (turn: number): Pick<WallTyped, 'turn' | 'degrees'> => {
  if (turn === 90) return { turn: 'right', degrees: '' };
  if (turn === -90) return { turn: 'left', degrees: '' };
  return { turn: 'other', degrees: String(turn) };
};

export function typedFrom(place: Place, units: UnitSystem): MeasureTyped {
  const say = (length: Ticks) => (length === 0 ? '0' : formatLength(length, units));
  const { ceiling = FLAT, openings = [], walls, height } = place;
  const peak = ticks(height + ceilingRise({ walls, ceiling }));
  return {
    walls: walls.map(({ length, turn }) => ({ length: say(length), ...turnTyped(turn) })),
    height: say(height),
    ceiling: ceiling.kind,
    high: ceiling.kind === 'vaulted' ? say(peak) : '',
    slope: ceiling.kind === 'vaulted' ? ceiling.shape : 'gable',
    rise: ceiling.kind === 'tray' ? say(ceiling.rise) : '',
    inset: ceiling.kind === 'tray' ? say(ceiling.inset) : '',
    openings: openings.map(({ wall, kind, offset, width, height: tall, sill }) => ({
      wall: String(wall + 1),
      kind,
      offset: say(offset),
      width: say(width),
      height: say(tall),
      sill: say(sill),
    })),
    diagonals: [],
  };
}

/** Why one field cannot be used; the field itself by its path, such as `walls.2.length`. */
export type FieldFault = { path: string; code: 'length' | 'number' | 'degrees' | 'high' } & (
  { text: string } | { text?: never }
);

export type Measured = {
  /** The walls up to the first that cannot be read: what can be drawn already. */
  drawn: WallRun[];
  openings: Opening[];
  faults: FieldFault[];
  /** The room when every field reads. */
  shape: RoomShape | null;
  closing: Closing | null;
  fault: RoomFault | null;
  offSquare: Ticks | undefined;
};

class Reader {
  readonly faults: FieldFault[] = [];

  length(path: string, text: string, zero = false): Ticks {
    if (zero && text.trim() === '0') return ticks(0);
    const parsed = parseLength(text);
    if (parsed.ok && (zero || parsed.value > 0)) return parsed.value;
    this.faults.push({ path, code: 'length', text });
    return ticks(0);
  }

  /** A turn, with a decimal point or comma. */
  degrees(path: string, text: string): number {
    const value = Number(text.replace(',', '.'));
    if (text.trim() !== '' && Math.abs(value) <= 180) return value;
    this.faults.push({ path, code: 'degrees', text });
    return 0;
  }

  number(path: string, text: string): number {
    const value = Number(text);
    if (text.trim() !== '' && Number.isInteger(value)) return value;
    this.faults.push({ path, code: 'number', text });
    return 0;
  }
}

/** An untouched text stands for the exact size it was made from, not for what it was rounded to on screen. */
const exactly = (typed: Ticks, before: Ticks | undefined, units: UnitSystem): Ticks =>
  before !== undefined && formatLength(typed, units) === formatLength(before, units)
    ? before
    : typed;

function readCeiling(
  typed: MeasureTyped,
  walls: readonly WallRun[],
  height: Ticks,
  before: Ceiling | undefined,
  read: Reader,
  units: UnitSystem,
): Ceiling {
  if (typed.ceiling === 'flat') return FLAT;
  if (typed.ceiling === 'tray') {
    return {
      kind: 'tray',
      rise: read.length('rise', typed.rise),
      inset: read.length('inset', typed.inset),
    };
  }
  const high = read.length('high', typed.high);
  if (before?.kind === 'vaulted' && before.shape === typed.slope) {
    const peak = ticks(height + ceilingRise({ walls, ceiling: before }));
    if (exactly(high, peak, units) === peak) return before;
  }
  const unit: Ceiling = { kind: 'vaulted', shape: typed.slope, pitch: 12 };
  const pitch = (12 * (high - height)) / Math.max(1, ceilingRise({ walls, ceiling: unit }));
  if (pitch > 0 && pitch <= 24) return { ...unit, pitch };
  read.faults.push({ path: 'high', code: 'high', text: typed.high });
  return FLAT;
}

const turnOf = ({ turn, degrees }: WallTyped, path: string, read: Reader): number =>
  turn === 'right' ? 90 : turn === 'left' ? -90 : read.degrees(path, degrees);

/** Reads a room as far as it was typed, and says what is wrong with the rest. */
export function readMeasure(typed: MeasureTyped, place: Place, units: UnitSystem): Measured {
  const read = new Reader();
  const walls = typed.walls.map((wall, at) => ({
    length: exactly(read.length(`walls.${at}.length`, wall.length), place.walls[at]?.length, units),
    turn: turnOf(wall, `walls.${at}.degrees`, read),
  }));
  const firstUnread = walls.findIndex(({ length }) => length === 0);
  const drawn = firstUnread < 0 ? walls : walls.slice(0, firstUnread);
  const height = exactly(read.length('height', typed.height), place.height, units);
  const openings = typed.openings.map((opening, at): Opening => {
    const path = `openings.${at}`;
    const before = place.openings?.[at];
    return {
      wall: read.number(`${path}.wall`, opening.wall) - 1,
      kind: opening.kind,
      offset: exactly(read.length(`${path}.offset`, opening.offset, true), before?.offset, units),
      width: exactly(read.length(`${path}.width`, opening.width), before?.width, units),
      height: exactly(read.length(`${path}.height`, opening.height), before?.height, units),
      sill: exactly(read.length(`${path}.sill`, opening.sill, true), before?.sill, units),
    };
  });
  const diagonals: Diagonal[] = typed.diagonals
    .map(({ from, to, length }, at) => ({
      from: read.number(`diagonals.${at}.from`, from) - 1,
      to: read.number(`diagonals.${at}.to`, to) - 1,
      length: read.length(`diagonals.${at}.length`, length),
    }))
    .filter(({ length }) => length > 0);
  const ceiling = readCeiling(typed, walls, height, place.ceiling, read, units);
  const whole = firstUnread < 0 && walls.length >= 3;
  const shape = whole && read.faults.length === 0 ? { walls, height, ceiling, openings } : null;
  return {
    drawn,
    openings: openings.filter(
      ({ wall, width, offset }) => width > 0 && offset + width <= (drawn[wall]?.length ?? 0),
    ),
    faults: read.faults,
    shape,
    closing: whole ? closingOf(walls, diagonals) : null,
    fault: shape ? (roomFault(shape, diagonals) ?? null) : null,
    offSquare: whole ? offSquareBy(walls, diagonals) : undefined,
  };
}
