import { z } from 'zod';
import { placeKindSchema, rectangle, sizeFault, type Place, type PlaceId } from '@/core/house';
import { formatLength, parseLength, type Ticks, type UnitSystem } from '@/core/units';
import { lengthWords, sizeWords } from './words';

/** A typed length becomes ticks; the message says what is wrong and how to write it. */
const sizeField = z.string().transform((text, context): Ticks => {
  const parsed = parseLength(text);
  if (!parsed.ok) {
    context.addIssue({ code: 'custom', message: lengthWords(parsed.error) });
    return z.NEVER;
  }
  const fault = sizeFault(parsed.value);
  if (fault) {
    context.addIssue({ code: 'custom', message: sizeWords(fault) });
    return z.NEVER;
  }
  return parsed.value;
});

export const roomFormSchema = z.object({
  kind: placeKindSchema,
  name: z.string().trim().min(1, 'Give the room a name.').max(80, 'Use at most 80 letters.'),
  floor: z.string(),
  length: sizeField,
  width: sizeField,
  height: sizeField,
});
export type RoomTyped = z.input<typeof roomFormSchema>;
export type RoomRead = z.output<typeof roomFormSchema>;

export const placeFrom = (room: RoomRead, id: PlaceId): Place => ({
  id,
  kind: room.kind,
  name: room.name,
  floor: Number(room.floor),
  walls: rectangle(room.length, room.width),
  height: room.height,
});

export function typedFrom(place: Place, units: UnitSystem): RoomTyped {
  const [first, second] = place.walls;
  return {
    kind: place.kind,
    name: place.name,
    floor: String(place.floor),
    length: first ? formatLength(first.length, units) : '',
    width: second ? formatLength(second.length, units) : '',
    height: formatLength(place.height, units),
  };
}

/** The place put right: sizes whose text was left alone stay exact, in whatever units they were shown. */
export function correctedFrom(room: RoomRead, place: Place, units: UnitSystem): Place {
  const same = (typed: Ticks, before: Ticks | undefined) =>
    before !== undefined && formatLength(typed, units) === formatLength(before, units);
  const [first, second] = place.walls;
  const untouched = same(room.length, first?.length) && same(room.width, second?.length);
  const corrected = placeFrom(room, place.id);
  return {
    ...place,
    ...corrected,
    walls: untouched ? place.walls : corrected.walls,
    height: same(room.height, place.height) ? place.height : room.height,
  };
}

/** What a typed length was understood as; undefined while it cannot be read. */
export function understood(text: string, units: UnitSystem): string | undefined {
  const parsed = parseLength(text);
  return parsed.ok ? `read as ${formatLength(parsed.value, units)}` : undefined;
}
