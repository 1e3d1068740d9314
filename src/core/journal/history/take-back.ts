import type { Project } from '../../house';
import { applyEvents, effectiveEvents, type JournalEvent } from '..';
import type { Act } from './acts';

/** What taking something back would do to the house. */
export type TakenBack = {
  /** Later events that spoke of what it made: they would change nothing any more. */
  goes: readonly JournalEvent[];
  /** Earlier or later ones that would count again. */
  comesBack: readonly JournalEvent[];
  /** False where something later says the same anew, so that the house stays as it is. */
  changes: boolean;
};

type Told = { house: Project | null; working: ReadonlySet<string> };

function toldBy(events: readonly JournalEvent[]): Told {
  const counted = effectiveEvents(events);
  const working = new Set(counted.map(({ id }) => id));
  const house = applyEvents(null, counted, ({ id }) => working.delete(id));
  return { house, working };
}

/** The undos that take an act back, as bodies in the order to keep them in: the last of it first. */
export const undosOf = ({ events }: Pick<Act, 'events'>) =>
  events.toReversed().map(({ id }) => ({ type: 'undone' as const, payload: { eventId: id } }));

/** Works out what taking an act back changes, by telling the journal with and without it. */
export function takingBack(all: readonly JournalEvent[], act: Pick<Act, 'events'>): TakenBack {
  const counter = Math.max(0, ...all.map((event) => event.counter));
  const undos = undosOf(act).map((body, at) => ({
    ...body,
    id: `taking back ${at}`,
    device: 'trial',
    counter: counter + at + 1,
    at: act.events[0]?.at ?? '',
  }));
  const [before, after] = [toldBy(all), toldBy([...all, ...undos])];
  const own = new Set(act.events.map(({ id }) => id));
  const isOwn = ({ id, type }: JournalEvent) => own.has(id) || type === 'undone';
  return {
    goes: all.filter(
      (event) => !isOwn(event) && before.working.has(event.id) && !after.working.has(event.id),
    ),
    comesBack: all.filter(
      (event) => !isOwn(event) && !before.working.has(event.id) && after.working.has(event.id),
    ),
    changes: JSON.stringify(before.house) !== JSON.stringify(after.house),
  };
}
