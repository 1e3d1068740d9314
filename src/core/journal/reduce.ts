import type { Project } from '../house';
import { applyEvents, type JournalEvent } from './events';

const byCodeUnits = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** The one order of a journal, the same on every device: counter, then device, then id, both by code units. */
export const compareEvents = (a: JournalEvent, b: JournalEvent): number =>
  a.counter - b.counter || byCodeUnits(a.device, b.device) || byCodeUnits(a.id, b.id);

/** Two tellings of one event that differ, as no sound journal has them: the same one is first everywhere. */
const compareTold = (a: JournalEvent, b: JournalEvent): number =>
  compareEvents(a, b) || (a === b ? 0 : byCodeUnits(JSON.stringify(a), JSON.stringify(b)));

/** In journal order, each event once: a second telling of an id is the first again. */
export function inJournalOrder(events: readonly JournalEvent[]): JournalEvent[] {
  const seen = new Set<string>();
  return [...events].sort(compareTold).filter(({ id }) => !seen.has(id) && Boolean(seen.add(id)));
}

/**
 * Events that still count, in order. An undo cancels its target unless it was undone itself; the line that starts the
 * house cannot be taken back.
 */
export function effectiveEvents(events: readonly JournalEvent[]): JournalEvent[] {
  const ordered = inJournalOrder(events);
  const cancelled = new Set<string>();
  for (const event of ordered.toReversed()) {
    if (event.type === 'undone' && !cancelled.has(event.id)) cancelled.add(event.payload.eventId);
  }
  return ordered.filter(({ id, type }) => type === 'houseStarted' || !cancelled.has(id));
}

/** The house a journal tells of; null while it holds no `houseStarted`. Linear in the number of events. */
export const reduceJournal = (events: readonly JournalEvent[]): Project | null =>
  applyEvents(null, effectiveEvents(events));
