import { changedSince, heldFault, isSameThing, surfacesOf } from '../../records/walls';
import type { Entry, EntryOf, Held, Place, PlaceId, SurfaceRef } from '../../house';
import { parseLength, ticks, type Ticks } from '../../units';
import type { LogContext } from './context';
import { placesSaid } from './jobs';
import { MOST_CHOICES, type Made, type Told } from './making';
import type { Label, Memory } from './reading';
import type { Statement } from './segment';
import { behindSaid, type BehindSaid } from './words/behind';

/** A figure alone is inches, or centimetres in a house of metres: as people say where a pipe is. */
function lengthOf(text: string, { units }: LogContext): Ticks | undefined {
  const read = parseLength(text);
  if (read.ok) return read.value;
  const again = parseLength(`${text} ${units === 'metric' ? 'cm' : 'in'}`);
  return again.ok ? again.value : undefined;
}

/** The surfaces that are meant: by number, by what is in them, or ceiling and floor; all where none is said. */
function surfacesSaid(text: string, place: Place): { all: SurfaceRef[]; isSaid: boolean } {
  const all = surfacesOf(place);
  const nth = /\bwall (\d+)\b/i.exec(text)?.[1];
  if (nth !== undefined) {
    return {
      all: all.filter((at) => at.kind === 'wall' && at.wall === Number(nth) - 1),
      isSaid: true,
    };
  }
  const opening = /\b(window|door) wall\b/i.exec(text)?.[1]?.toLowerCase();
  if (opening !== undefined) {
    const holds = (wall: number) =>
      (place.openings ?? []).some((each) => each.wall === wall && each.kind === opening);
    const walls = all.filter((at) => at.kind === 'wall' && holds(at.wall));
    return { all: walls, isSaid: walls.length > 0 };
  }
  const flat = /\bin the (ceiling|floor)\b/i.exec(text)?.[1]?.toLowerCase();
  if (flat !== undefined) return { all: all.filter(({ kind }) => kind === flat), isSaid: true };
  return { all: all.filter(({ kind }) => kind === 'wall'), isSaid: false };
}

/** A surface of a place as the value of a choice. */
export const surfaceValue = (placeId: PlaceId, at: SurfaceRef): string =>
  `${placeId} ${at.kind === 'wall' ? at.wall : at.kind}`;

/** Where a thing lies on a surface, counted from its left corner. */
function placed(
  said: BehindSaid,
  place: Place,
  at: SurfaceRef,
  context: LogContext,
): Held | undefined {
  const [across, height] = [lengthOf(said.across, context), lengthOf(said.up, context)];
  if (across === undefined || height === undefined) return undefined;
  const run = at.kind === 'wall' ? (place.walls[at.wall]?.length ?? 0) : 0;
  const offset = said.fromRight ? ticks(run - across) : across;
  const end =
    said.end && at.kind === 'wall'
      ? { offset, height: said.end === 'ceiling' ? place.height : ticks(0) }
      : null;
  return {
    what: said.what,
    offset,
    height,
    ...(end ? { to: end } : {}),
    ...(said.hangsOn ? { hangsOn: said.hangsOn } : {}),
    ...(said.later ? { later: true as const } : {}),
    note: null,
  };
}

/** One thing behind a wall. Which room and which wall is asked where it is not clear, and where it cannot be there. */
export function behindMade(
  { facts }: Statement,
  told: Told,
  memory: Memory,
  context: LogContext,
): Made {
  const text = facts.stretch.text;
  const said = behindSaid(text);
  if (!said) return { entries: [] };
  const named = told.get('room') ?? placesSaid(facts.stretch).all[0] ?? memory.place;
  const rooms = context.places.filter(
    ({ id, walls }) => walls.length > 2 && (named === null || id === named),
  );
  const answered = told.get('wall');
  const spots = rooms.flatMap((place) => {
    const { all, isSaid } = surfacesSaid(text, place);
    const before = memory.at && memory.at.placeId === place.id && !isSaid ? [memory.at.at] : all;
    return before.flatMap((at) => {
      const held = placed(said, place, at, context);
      const value = surfaceValue(place.id, at);
      if (!held || (answered !== undefined && answered !== value)) return [];
      const records = context.records.filter(
        (record) =>
          record.placeId === place.id && record.at && surfaceValue(place.id, record.at) === value,
      );
      // Which corner the record is counted from is still to be said: nothing new is counted from one of them.
      const isResized = records.some(
        (record) =>
          changedSince(record, place).is === 'resized' &&
          !record.holds.some((kept) => isSameThing(kept, held)),
      );
      const others = records
        .flatMap(({ holds }) => holds)
        // A line that is read again speaks of what it recorded.
        .filter((other) => !isSameThing(other, held));
      const entry: EntryOf<'behind'> = { kind: 'behind', ...held, placeId: place.id, at };
      const fits = !heldFault(place, at, held, others);
      return [{ place, at, entry, value, isFree: fits && !isResized, waits: fits && isResized }];
    });
  });
  const free = spots.filter(({ isFree }) => isFree);
  const [only, second] = free;
  const asNote = (): Entry[] => [{ kind: 'note', text, placeId: named as PlaceId | null }];
  if (!only) {
    const label: Label = { is: 'kind', kind: 'note' };
    const options = [{ label, value: 'note', entries: asNote() }];
    const code = spots.some(({ waits }) => waits) ? 'wall-changed' : 'not-on-wall';
    return { entries: [], ask: { code, slot: 'kind', options } };
  }
  if (!second) return { entries: [only.entry], wordsKept: true, place: only.place.id };
  const inRooms = [...new Set(free.map(({ place }) => place))];
  if (inRooms.length > 1) {
    const options = inRooms.slice(0, MOST_CHOICES).map((place) => ({
      label: { is: 'place' as const, placeId: place.id },
      value: place.id as string,
      entries: free
        .filter((spot) => spot.place === place)
        .slice(0, 1)
        .map(({ entry }) => entry),
    }));
    return { entries: [], ask: { code: 'which-room', slot: 'room', options } };
  }
  const options = free.slice(0, MOST_CHOICES).map(({ at, entry, value }) => ({
    label: { is: 'surface' as const, at },
    value,
    entries: [entry],
  }));
  return { entries: [], ask: { code: 'which-wall', slot: 'wall', options }, place: only.place.id };
}
