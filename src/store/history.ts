/*
 * Not among the store's common exports: the words of every kind of event come with the screens that show them, behind
 * the first one.
 */
import { actsOf, subjectOf, takingBack, undosOf, type Act, type TakenBack } from '../core/history';
import { effectiveEvents, type JournalEvent } from '../core/journal';
import { deviceId } from '../storage/settings';
import { keep } from './keep';
import type { Thunk } from './store';

/** The whole journal as it lies on this device, and which device that is. */
export type History = { events: JournalEvent[]; acts: Act[]; device: string };

export const readHistory = (): Thunk<Promise<History>> => async (_dispatch, _state, outside) => {
  const events = (await outside.open.door?.readAll()) ?? [];
  const device = await deviceId(outside.database, outside.newId);
  return { events, acts: actsOf(events), device };
};

/** What taking an act back would do, worked out on the journal as it is now. */
export const tryTakingBack =
  (act: Pick<Act, 'events'>): Thunk<Promise<TakenBack>> =>
  async (dispatch) =>
    takingBack((await dispatch(readHistory())).events, act);

export const takeBack = (act: Pick<Act, 'events'>, what: string): Thunk<Promise<boolean>> =>
  keep(undosOf(act), what);

/** The event that stands for the thing it is about, whatever its age; undefined where none does. */
export const findStanding =
  (about: string): Thunk<Promise<JournalEvent | undefined>> =>
  async (dispatch) => {
    const { events } = await dispatch(readHistory());
    return effectiveEvents(events).findLast((event) => subjectOf(event) === about);
  };
