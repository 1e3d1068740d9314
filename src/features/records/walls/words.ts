import type { HeldFault, NearestConcealed } from '@/core/records/walls';
import type { Held, Place, SurfaceRef } from '@/core/house';
import { TICKS_PER_INCH, formatLength, type Ticks, type UnitSystem } from '@/core/units';

export const WHAT_NAMES: Record<Held['what'], string> = {
  supply: 'supply pipe',
  drain: 'drain',
  vent: 'vent',
  gas: 'gas pipe',
  cable: 'cable',
  duct: 'duct',
  box: 'box',
  blocking: 'blocking',
  beam: 'beam',
  stub: 'capped stub',
};

/** "Wall 2, 10'", "Ceiling". */
export function surfaceName(place: Place, at: SurfaceRef, units: UnitSystem): string {
  if (at.kind !== 'wall') return at.kind === 'ceiling' ? 'Ceiling' : 'Floor';
  const run = place.walls[at.wall];
  return `Wall ${at.wall + 1}${run ? `, ${formatLength(run.length, units)}` : ''}`;
}

export const surfaceKey = (at: SurfaceRef): string => (at.kind === 'wall' ? `${at.wall}` : at.kind);

/** What a spot is counted from. */
export const spotLabels = (at: SurfaceRef): { offset: string; height: string } =>
  at.kind === 'wall'
    ? { offset: 'From the left corner', height: 'Up from the floor' }
    : { offset: 'From the left', height: 'From wall 1' };

/** "22" from the left, 36" up to 96" up · hangs on breaker 4 · left for later". */
export function heldWords(held: Held, at: SurfaceRef | undefined, units: UnitSystem): string {
  const away = at && at.kind !== 'wall' ? 'from wall 1' : 'up';
  const spot = ({ offset, height }: { offset: Ticks; height: Ticks }) =>
    `${formatLength(offset, units)} from the left, ${formatLength(height, units)} ${away}`;
  return [
    spot(held) + (held.to ? `, to ${spot(held.to)}` : ''),
    ...(held.hangsOn ? [`hangs on ${held.hangsOn}`] : []),
    ...(held.later ? ['left for later'] : []),
  ].join(' · ');
}

export const heldTitle = ({ what, note }: Held): string =>
  note ? `${WHAT_NAMES[what]}: ${note}` : WHAT_NAMES[what];

/** What cannot be so, and the way out. */
export function faultWords(fault: HeldFault, units: UnitSystem): string {
  switch (fault.code) {
    case 'no-such-wall':
      return 'This wall is not in the room any more. Measure the room, or record it under another wall.';
    case 'below':
      return 'Count from the left corner and from the floor, in lengths of 0 or more.';
    case 'past-end':
      return `That is ${formatLength(fault.by, units)} past the end of it. Measure from the left corner again.`;
    case 'past-top':
      return `That is ${formatLength(fault.by, units)} above it. Measure from the floor again.`;
    case 'in-opening':
      return `That is in the ${fault.opening}. Nothing can be behind it there.`;
    case 'same-spot':
      return `A ${WHAT_NAMES[fault.what]} is recorded at this very spot. Take that one out first, or measure again.`;
  }
}

/** Nearer than this a screw may find it: half a stud and the length of a screw's wander. */
const NEAR = 2 * TICKS_PER_INCH;

/** What the wall says to "may I screw here?". */
export function answerWords(
  { near, unplaced, resized, isRecorded }: NearestConcealed,
  units: UnitSystem,
  wall: string,
): string[] {
  const [first] = near;
  const unknown = isRecorded
    ? []
    : [`Nobody has recorded ${wall}: what is behind it is not known, so look before you drill.`];
  const moved = resized.map(
    ({ wall: name }) =>
      `${name} was measured anew since it was recorded: say on it which corner stayed, its spots may be off.`,
  );
  const words =
    unplaced.length === 0
      ? []
      : [
          `Also recorded in this room, on no wall as it is drawn now: ${unplaced.map((record) => record.wall).join('; ')}.`,
        ];
  if (!first) {
    const empty = isRecorded ? ['Nothing is recorded behind it.'] : [];
    return [...empty, ...unknown, ...moved, ...words];
  }
  const { held, record, distance } = first;
  const isNear = distance < NEAR;
  const at = `${formatLength(distance, units)} from ${/^[aeiou]/.test(WHAT_NAMES[held.what]) ? 'an' : 'a'} ${heldTitle(held)} (${record.wall})`;
  const off = held.hangsOn ? ` It hangs on ${held.hangsOn}.` : '';
  return [
    isNear ? `No: it is only ${at}.${off}` : `The nearest that is recorded is ${at}.${off}`,
    ...unknown,
    ...moved,
    ...words,
  ];
}
