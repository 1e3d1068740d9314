/*
 * Not among the store's common exports: the words of every kind of event come with the screens that show them, behind
 * the first one.
 */
import {
  actsOf,
  subjectOf,
  takingBack,
  undosOf,
  type Act,
  type TakenBack,
} from '../core/journal/history';
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

/** Something of the journal: what was last said of a thing, or what made it. */
export type Which = { about: string } | { made: string };

const isMaker = (event: JournalEvent, id: string): boolean =>
  subjectOf(event) === null && (event.payload as { id?: unknown }).id === id;

/**
 * What stands of a thing, whatever its age: the event that settles it, or the whole act that made it, with what was
 * kept in one go with it. Undefined where nothing of it stands.
 */
export const findStanding =
  (which: Which): Thunk<Promise<Pick<Act, 'events'> | undefined>> =>
  async (dispatch) => {
    const { events, acts } = await dispatch(readHistory());
    if ('made' in which) {
      return acts.find(
        (act) => act.stands && act.events.some((event) => isMaker(event, which.made)),
      );
    }
    const last = effectiveEvents(events).findLast((event) => subjectOf(event) === which.about);
    return last && { events: [last] };
  };
