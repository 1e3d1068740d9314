import { isSameThing, recordOf, recordWith } from '../../records/walls';
import { actsOf } from '../../journal/history';
import { applyEvents, effectiveEvents, type EventBodyOf, type JournalEvent } from '../../journal';
import type { DayLog, Entry, EntryOf, Project } from '../../house';
import { surfaceValue } from './behind';
import type { Brought } from './brought';

/** What is kept beside a line and goes with what it said; walls are told thing by thing, people stay. */
const GOES_WITH_ITS_LINE: ReadonlySet<JournalEvent['type']> = new Set([
  'punchNoted',
  'jobAdded',
  'workChosen',
  'placeCorrected',
]);

/**
 * What a corrected line brings in the place of what it brought before: what it no longer says is taken back, what it
 * still says stays as it is. What somebody has spoken of since is theirs and stays too. `read` tells what the line brings
 * to a house that never heard it.
 */
export function broughtAnew(
  all: readonly JournalEvent[],
  day: Pick<DayLog, 'id' | 'entries'>,
  entries: readonly Entry[],
  read: (house: Project) => Brought,
): Brought | null {
  const taken = goingWith(all, day.id);
  const gone = new Set(taken.map(({ id }) => id));
  const without = applyEvents(
    null,
    effectiveEvents(all).filter(({ id }) => !gone.has(id)),
  );
  if (!without) return null;
  const walls = wallsWithout(without, thingsIn(day.entries), thingsIn(entries));
  const brought = read(applyEvents(without, walls) ?? without);
  const said = (body: EventBodyOf) => `${body.type} ${JSON.stringify(unnamed(body.payload))}`;
  const before = new Set(taken.map(said));
  const after = new Set(brought.events.map(said));
  return {
    ...brought,
    events: [
      ...taken
        .filter((event) => !after.has(said(event)))
        .toReversed()
        .map(({ id }): EventBodyOf => ({ type: 'undone', payload: { eventId: id } })),
      ...walls,
      ...brought.events.filter((event) => !before.has(said(event))),
    ],
  };
}

/** The same thing kept on another day, or by another name, is the same thing. */
const unnamed = (payload: object) => ({ ...payload, id: undefined, on: undefined });

/** What stands of what was kept in one go with a line, or with a correction of it, and nobody has spoken of since. */
function goingWith(all: readonly JournalEvent[], dayId: string): JournalEvent[] {
  const standing = effectiveEvents(all);
  const isStanding = new Set(standing.map(({ id }) => id));
  const tellsTheLine = (event: JournalEvent) =>
    (event.type === 'dayLogged' || event.type === 'dayCorrected') && event.payload.id === dayId;
  const own = actsOf(all)
    .toReversed()
    .filter(({ events }) => events.some(tellsTheLine))
    .flatMap(({ events }) => events)
    .filter(({ id, type }) => isStanding.has(id) && GOES_WITH_ITS_LINE.has(type));
  const owned = new Set(own.map(({ id }) => id));
  const others = standing.filter(({ id }) => !owned.has(id)).map(({ payload }) => payload);
  const rest = JSON.stringify(others);
  const isSpokenOf = (event: JournalEvent) =>
    event.type !== 'placeCorrected' &&
    rest.includes(JSON.stringify((event.payload as { id: string }).id));
  return own.filter((event) => !isSpokenOf(event));
}

const thingsIn = (entries: readonly Entry[]): EntryOf<'behind'>[] =>
  entries.filter((entry) => entry.kind === 'behind');

/** The walls' records without the things that were said to be there and are said no more. */
function wallsWithout(
  house: Project,
  said: readonly EntryOf<'behind'>[],
  still: readonly EntryOf<'behind'>[],
): EventBodyOf[] {
  const wallOf = ({ placeId, at }: EntryOf<'behind'>) => surfaceValue(placeId, at);
  const unsaid = said.filter(
    (thing) => !still.some((other) => wallOf(other) === wallOf(thing) && isSameThing(other, thing)),
  );
  const walls = new Map(unsaid.map((thing) => [wallOf(thing), thing]));
  return [...walls].flatMap(([wall, { placeId, at }]): EventBodyOf[] => {
    const place = house.places[placeId];
    const record = place && recordOf(house, place, at);
    if (!record) return [];
    const here = unsaid.filter((thing) => wallOf(thing) === wall);
    const holds = record.holds.filter((held) => !here.some((thing) => isSameThing(held, thing)));
    if (holds.length === record.holds.length) return [];
    const payload = recordWith(house, place, at, { holds }, { id: record.id, on: record.on });
    return [{ type: 'wallRecorded', payload }];
  });
}
