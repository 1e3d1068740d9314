import { reduceJournal, type EventBodyOf, type JournalEvent } from '../core/journal';
import { JournalDoor } from '../storage/journal';
import { readDraft, writeDraft } from '../storage/drafts';
import { deviceId } from '../storage/registry';
import { eventsKept, noticed, projectRebuilt, undoOffered } from './session';
import type { Thunk } from './store';

const NOT_KEPT =
  'This could not be kept: the device has no room left or refuses to write. Nothing changed. Export the house under Share, make room, and try again.';

async function append(
  bodies: readonly EventBodyOf[],
  getState: Parameters<Thunk>[1],
  outside: Parameters<Thunk>[2],
): Promise<JournalEvent[]> {
  const { current } = getState().session;
  if (!current) throw new Error('no house is open');
  const door = new JournalDoor(outside.database, current.journal);
  const counter = await door.lastCounter();
  const device = await deviceId(outside.database, outside.newId);
  const events = bodies.map((body, index) => ({
    ...body,
    id: outside.newId(),
    device,
    counter: counter + index + 1,
    at: outside.stampTime(),
  })) as JournalEvent[];
  await door.append(events);
  outside.tabs.tell(current.id);
  return events;
}

/**
 * Keeps what happened: first in the journal, then on screen. False when it could not be kept; nothing
 * has changed then. `what` is offered for undo ("Kept the evening").
 */
export const keep =
  (bodies: readonly EventBodyOf[], what: string): Thunk<Promise<boolean>> =>
  (dispatch, getState, outside) =>
    // One write at a time: each takes the counter after the one before it.
    outside.inTurn(async () => {
      try {
        const events = await append(bodies, getState, outside);
        dispatch(eventsKept(events));
        dispatch(undoOffered({ eventIds: events.map(({ id }) => id), what }));
        return true;
      } catch {
        dispatch(noticed(NOT_KEPT));
        return false;
      }
    });

/** Takes the last thing back by saying so in the journal; what was taken back stays readable there. */
export const undoLast = (): Thunk<Promise<void>> => (dispatch, getState, outside) =>
  outside.inTurn(async () => {
    const { undoable, current } = getState().session;
    if (!undoable || !current) return;
    try {
      const taken = undoable.eventIds.toReversed();
      await append(
        taken.map((eventId) => ({ type: 'undone', payload: { eventId } })),
        getState,
        outside,
      );
      const { events } = await new JournalDoor(outside.database, current.journal).readAll();
      const project = reduceJournal(events);
      if (project) dispatch(projectRebuilt(project));
      dispatch(undoOffered(null));
    } catch {
      dispatch(noticed(NOT_KEPT));
    }
  });

/** Half-typed forms survive a reload; that a draft cannot be kept is no reason to interrupt typing. */
export const saveDraft =
  (form: string, text: string): Thunk =>
  (_dispatch, _getState, outside) => {
    writeDraft(outside.drafts, form, text).catch(() => undefined);
  };

export const loadDraft =
  (form: string): Thunk<Promise<string>> =>
  (_dispatch, _getState, outside) =>
    readDraft(outside.drafts, form).catch(() => '');

/** A fresh id from outside, for the things a screen creates. */
export const freshId = (): Thunk<string> => (_dispatch, _getState, outside) => outside.newId();
