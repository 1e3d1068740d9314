import type { Project } from '../house';
import { fail, ok, type Result } from '../result';
import { applyEvent, refersToHouse, type JournalEvent } from './events';
import { eventRow, parseEvent } from './read';

/** Why something cannot be kept: what could not be read back, or what speaks of something that is not there. */
export type KeepingFault =
  | { code: 'unreadable'; path: string; reason: string }
  | { code: 'gone'; type: JournalEvent['type'] };

/**
 * The reader's own schema at the door: events as they would be read back, or why they would not be. Whatever passes
 * here opens again on the next start, and changes the house.
 */
export function checkKept(
  project: Project | null,
  events: readonly JournalEvent[],
): Result<JournalEvent[], KeepingFault> {
  const kept: JournalEvent[] = [];
  let house = project;
  for (const event of events) {
    const read = parseEvent(JSON.parse(JSON.stringify(eventRow(event))));
    if (!read.ok) {
      return fail({ code: 'unreadable', path: read.error.path, reason: read.error.reason });
    }
    if (house && !refersToHouse(house, read.value)) return fail({ code: 'gone', type: event.type });
    house = applyEvent(house, read.value);
    kept.push(read.value);
  }
  return ok(kept);
}
