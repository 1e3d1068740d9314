import { actIn, effectiveEvents, inJournalOrder, type JournalEvent } from '..';
import { KINDS, sayEvent, type Names } from './kinds';

/** What was kept in one go: its events stand and fall together. */
export type Act = {
  /** In journal order. */
  events: readonly JournalEvent[];
  device: string;
  at: string;
  /** False once it was taken back. */
  stands: boolean;
};

/** Everything that was ever kept, newest first. */
export function actsOf(events: readonly JournalEvent[]): Act[] {
  const standing = new Set(effectiveEvents(events).map(({ id }) => id));
  const groups = new Map<string, JournalEvent[]>();
  for (const event of inJournalOrder(events)) {
    const act = actIn(event);
    const group = groups.get(act);
    if (group) group.push(event);
    else groups.set(act, [event]);
  }
  return [...groups.values()].toReversed().flatMap((group) => {
    const [first] = group;
    if (!first) return [];
    const stands = group.some(({ id }) => standing.has(id));
    return { events: group, device: first.device, at: first.at, stands };
  });
}

/** Whether an act can be taken back: all but the start of the house. */
export const canBeTakenBack = ({ events }: Act): boolean =>
  events.every(({ type }) => type !== 'houseStarted');

/** How each thing was called when it was made, by its id and by its event's. */
export function thingsIn(
  events: readonly JournalEvent[],
  names: Omit<Names, 'thing'>,
): (id: string) => string {
  const called = new Map<string, string>();
  const thing = (id: string) => called.get(id) ?? 'something of the log';
  for (const event of inJournalOrder(events)) {
    const said = sayEvent(event, { ...names, thing });
    called.set(event.id, said);
    const { id } = event.payload as { id?: unknown };
    if (KINDS[event.type].about === null && typeof id === 'string') called.set(id, said);
  }
  return thing;
}
