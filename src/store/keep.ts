import {
  checkKept,
  eventIdIn,
  type EventBodyOf,
  type JournalEvent,
  type KeepingFault,
} from '../core/journal';
import type { Project } from '../core/house';
import { fail, ok, type Result } from '../core/result';
import type { SetAside } from '../storage/rows';
import { ofHouse, readDraft, writeDraft } from '../storage/drafts';
import { deviceId } from '../storage/settings';
import { provenOpen, sealed } from './open-house';
import { asideSettled, houseChanged, houseLost, noticed, undoOffered, type Lost } from './session';
import type { Thunk } from './store';
import { NOT_KEPT, faultWords, lostWords } from './words';

type Refusal = { code: 'refused' } | { code: 'lost'; lost: Lost } | KeepingFault;

/** Appends to the open house's journal; what is acknowledged was read as it will be read, and lies in the house's own. */
const append =
  (bodies: readonly EventBodyOf[]): Thunk<Promise<Result<JournalEvent[], Refusal>>> =>
  async (dispatch, getState, outside) => {
    const { current, project, lost } = getState().session;
    const { door } = outside.open;
    if (!current || !door) return fail({ code: 'refused' });
    if (lost) return fail({ code: 'lost', lost });
    const device = await deviceId(outside.database, outside.newId);
    const act = outside.newId();
    const stamped = bodies.map((body, index) => ({
      ...body,
      id: eventIdIn(act, index, bodies.length),
      device,
      counter: door.counter + index + 1,
      at: outside.stampTime(),
    })) as JournalEvent[];
    const events = checkKept(project, stamped);
    if (!events.ok) return events;
    const before = await provenOpen(outside, current);
    if (before !== null) return refusedBy(before);
    const after = await door.append(events.value);
    // Another tab may have put another journal in its place while this was on its way.
    const turned = await provenOpen(outside, current).catch(() => null);
    if (turned === 'replaced' || turned === 'removed') {
      await door.withdraw(events.value);
      return refusedBy(turned);
    }
    outside.tabs.tell({
      kind: 'grew',
      houseId: current.id,
      journal: door.journal,
      rows: [door.rowOf(events.value)],
    });
    if (after) dispatch(houseChanged({ project: after, setAside: door.setAside }));
    outside.later(() => sealed(outside, door));
    return ok(events.value);
  };

const refusedBy = (why: Lost | 'refused'): Result<never, Refusal> =>
  fail(why === 'refused' ? { code: 'refused' } : { code: 'lost', lost: why });

/** Says why something was not kept; nothing has changed then. */
const refuse =
  (refusal: Refusal): Thunk =>
  (dispatch) => {
    if (refusal.code === 'lost') {
      dispatch(houseLost(refusal.lost));
      dispatch(noticed(lostWords(refusal.lost)));
    } else {
      dispatch(noticed(refusal.code === 'refused' ? NOT_KEPT : faultWords(refusal)));
    }
  };

/** What happened; where it follows from the house, it is worked out once what was kept before it has landed. */
type Happened = readonly EventBodyOf[] | ((project: Project) => readonly EventBodyOf[]);

/**
 * Keeps what happened: first in the journal, then on screen. False when it could not be kept; nothing
 * has changed then. `what` is offered for undo ("Kept the evening").
 */
export const keep =
  (happened: Happened, what: string): Thunk<Promise<boolean>> =>
  (dispatch, getState, outside) =>
    // One write at a time: each takes the counter after the one before it.
    outside.inTurn(async () => {
      const { project } = getState().session;
      const bodies = typeof happened !== 'function' ? happened : project ? happened(project) : [];
      if (bodies.length === 0) return true;
      const kept = await dispatch(append(bodies)).catch(() => fail({ code: 'refused' as const }));
      if (!kept.ok) {
        dispatch(refuse(kept.error));
        return false;
      }
      if (getState().session.notice?.startsWith('Not kept')) dispatch(noticed(null));
      dispatch(undoOffered({ eventIds: kept.value.map(({ id }) => id), what }));
      return true;
    });

/** Takes the last thing back by saying so in the journal; what was taken back stays readable there. */
export const undoLast = (): Thunk<Promise<void>> => (dispatch, getState, outside) =>
  outside.inTurn(async () => {
    const { undoable } = getState().session;
    if (!undoable) return;
    const bodies = undoable.eventIds
      .toReversed()
      .map((eventId) => ({ type: 'undone' as const, payload: { eventId } }));
    const taken = await dispatch(append(bodies)).catch(() => fail({ code: 'refused' as const }));
    if (taken.ok) dispatch(undoOffered(null));
    else dispatch(refuse(taken.error));
  });

/** Puts a record that could not be read away, because it was put right or is not wanted. */
export const settleAside =
  (aside: SetAside): Thunk<Promise<boolean>> =>
  (dispatch, getState, outside) =>
    outside.inTurn(async () => {
      const { current } = getState().session;
      const { door } = outside.open;
      if (!current || !door) return false;
      const done =
        (await provenOpen(outside, current).catch(() => 'refused' as const)) === null &&
        (await door.settle(aside).catch(() => false));
      if (done) dispatch(asideSettled(door.setAside));
      else dispatch(noticed(NOT_KEPT));
      return done;
    });

/** Half-typed forms of a house; those of no house yet belong to the device. */
type DraftOf = 'house' | 'device';

const draftName = (form: string, of: DraftOf, houseId: string | undefined): string =>
  of === 'house' && houseId ? ofHouse(houseId, form) : form;

/** Half-typed forms survive a reload; that a draft cannot be kept is no reason to interrupt typing. */
export const saveDraft =
  (form: string, text: string, of: DraftOf = 'house'): Thunk =>
  (_dispatch, getState, outside) => {
    const name = draftName(form, of, getState().session.current?.id);
    writeDraft(outside.drafts, name, text).catch(() => undefined);
  };

export const loadDraft =
  (form: string, of: DraftOf = 'house'): Thunk<Promise<string>> =>
  (_dispatch, getState, outside) =>
    readDraft(outside.drafts, draftName(form, of, getState().session.current?.id)).catch(() => '');

/** A fresh id from outside, for the things a screen creates. */
export const freshId = (): Thunk<string> => (_dispatch, _getState, outside) => outside.newId();
