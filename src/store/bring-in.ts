/*
 * Not among the store's common exports: what compares journals comes with the screens that show it, behind the first
 * one.
 */
import { z } from 'zod';
import { actsOf } from '../core/journal/history';
import type { JournalEvent } from '../core/journal';
import {
  differenceOf,
  isSameHouse,
  conflictsOf,
  unite,
  wantsSettling,
  type MergeConflict,
} from '../core/journal/merge';
import { fail, ok, type Result } from '../core/result';
import { TO_SETTLE } from '../storage/drafts';
import { readHouse } from '../storage/houses';
import { JournalStore } from '../storage/journal';
import { photoIds, writePhoto, erasePhoto } from '../storage/photos';
import type { ImportError } from './houses';
import { settlingTold } from './device';
import { loadDraft, saveDraft } from './keep';
import { openCurrent, photosIn, provenOpen } from './open-house';
import type { Outside, ReadFile } from './outside';
import { houseChanged, houseLost } from './session';
import type { Thunk } from './store';

/** What a file of a house that is here already would add, and what of here it lacks. */
export type Comparison = {
  name: string;
  /** Changes and photos that are only in the file. */
  adds: { acts: number; photos: number };
  /** Changes and photos that are only here: replaced, they would be lost. */
  loses: { acts: number; photos: number };
  /** Things both speak of, which would have to be settled. */
  unsettled: number;
  /** Whether the two began as one house; else they cannot be brought together. */
  isSame: boolean;
};

type Stored = { events: JournalEvent[]; photos: ReadonlySet<string> };

async function storedHouse(
  outside: Outside,
  id: string,
): Promise<(Stored & { name: string }) | null> {
  const entry = await readHouse(outside.database, id);
  if (!entry || entry.removed) return null;
  const names = await outside.database.getAllKeys();
  const door = await JournalStore.open(outside.database, entry.journal, names);
  const events = await door.readAll();
  return { name: entry.name, events, photos: new Set(photoIds(names, entry.journal)) };
}

const photosOf = (file: ReadFile): string[] => file.photos.map(([id]) => id);

/** Compares a file with the house of the same name here; null when it is not here. */
export const compareFile =
  (file: Blob): Thunk<Promise<Result<Comparison | null, ImportError>>> =>
  async (_dispatch, _state, outside) => {
    const read = await outside.readFile(file);
    if (!read.ok) return read;
    const stored = await storedHouse(outside, read.value.projectId);
    if (!stored) return ok(null);
    const there = read.value.events.flat();
    const { mine, theirs } = differenceOf(stored.events, there);
    const inFile = new Set(photosOf(read.value));
    return ok({
      name: stored.name,
      adds: {
        acts: actsOf(theirs).length,
        photos: [...inFile].filter((id) => !stored.photos.has(id)).length,
      },
      loses: {
        acts: actsOf(mine).length,
        photos: [...stored.photos].filter((id) => !inFile.has(id)).length,
      },
      unsettled: conflictsOf(stored.events, there).filter(wantsSettling).length,
      isSame: isSameHouse(stored.events, there),
    });
  };

export type BroughtIn = { acts: number; photos: number; unsettled: number };

/** Keeps the pictures that only the file has and the united journal speaks of; `landed` names them as they land. */
async function writeNewPhotos(
  { database, pause }: Outside,
  journal: string,
  file: ReadFile,
  spoken: ReadonlySet<string>,
  landed: string[],
): Promise<void> {
  const here = new Set(photoIds(await database.getAllKeys(), journal));
  for (const [id, picture] of file.photos) {
    if (here.has(id) || !spoken.has(id)) continue;
    await writePhoto(database, journal, id, picture);
    landed.push(id);
    await pause();
  }
}

/**
 * Brings what is new in a file of the open, or an opened, house into its journal. Nothing here is lost or changed but
 * by what the file says later; what both speak of is remembered until it is settled.
 */
export const bringInNew =
  (file: Blob): Thunk<Promise<Result<BroughtIn, ImportError>>> =>
  async (dispatch, getState, outside) => {
    const read = await outside.readFile(file);
    if (!read.ok) return read;
    const { projectId } = read.value;
    if (getState().session.current?.id !== projectId) await dispatch(openCurrent(projectId));
    return outside.inTurn(async () => {
      const { door } = outside.open;
      const { current } = getState().session;
      if (!door || current?.id !== projectId) return fail({ code: 'refused' });
      // Into a journal that is no longer the house's it would be brought in for nobody.
      const turned = await provenOpen(outside, current);
      if (turned !== null) {
        if (turned !== 'refused') dispatch(houseLost(turned));
        return fail({ code: 'refused' });
      }
      await door.catchUp();
      const here = await door.readAll();
      const there = read.value.events.flat();
      if (!isSameHouse(here, there)) return fail({ code: 'other-house' });
      const { theirs } = differenceOf(here, there);
      const spoken = new Set(photosIn(unite(here, there)));
      const photos: string[] = [];
      try {
        await writeNewPhotos(outside, door.journal, read.value, spoken, photos);
        const rows = await door.takeIn(theirs, read.value.unread, outside.newId);
        outside.tabs.tell({ kind: 'grew', houseId: projectId, journal: door.journal, rows });
      } catch {
        for (const id of photos) await erasePhoto(outside.database, door.journal, id);
        return fail({ code: 'refused' });
      }
      if (door.project) {
        dispatch(houseChanged({ project: door.project, setAside: door.setAside }));
      }
      const open = conflictsOf(here, there).filter(wantsSettling);
      await dispatch(rememberOpen(open));
      return ok({ acts: actsOf(theirs).length, photos: photos.length, unsettled: open.length });
    });
  };

type OpenPair = { mine: string[]; theirs: string[] };

const pairOf = ({ mine, theirs }: MergeConflict): OpenPair => ({
  mine: mine.map(({ id }) => id),
  theirs: theirs.map(({ id }) => id),
});

const pairsSchema = z.array(z.object({ mine: z.array(z.string()), theirs: z.array(z.string()) }));

const readPairs = (): Thunk<Promise<OpenPair[]>> => async (dispatch) => {
  try {
    return pairsSchema.parse(JSON.parse(await dispatch(loadDraft(TO_SETTLE))));
  } catch {
    // Nothing is to be settled, or the row is torn: the history of changes still shows both words.
    return [];
  }
};

const writePairs =
  (pairs: readonly OpenPair[]): Thunk =>
  (dispatch) => {
    dispatch(saveDraft(TO_SETTLE, pairs.length === 0 ? '' : JSON.stringify(pairs)));
    dispatch(settlingTold(pairs.length > 0));
  };

/** Adds to what is to be settled by hand; it stays until it is, over reloads. */
const rememberOpen =
  (conflicts: readonly MergeConflict[]): Thunk<Promise<void>> =>
  async (dispatch) => {
    dispatch(writePairs([...(await dispatch(readPairs())), ...conflicts.map(pairOf)]));
  };

/** What both phones spoke of and nobody settled yet. Where one of the two was taken back since, it is settled. */
export const readOpenMeetings =
  (): Thunk<Promise<MergeConflict[]>> =>
  async (dispatch, _state, { open: { door } }) => {
    const pairs = await dispatch(readPairs());
    if (!door || pairs.length === 0) return [];
    const all = await door.readAll();
    const mine = new Set(pairs.flatMap((pair) => pair.mine));
    const theirs = new Set(pairs.flatMap((pair) => pair.theirs));
    // The two sides as they were when they met: each without what only the other brought.
    const here = all.filter(({ id }) => !theirs.has(id));
    const there = all.filter(({ id }) => !mine.has(id));
    const open = conflictsOf(here, there).filter(wantsSettling);
    if (open.length === 0) dispatch(writePairs([]));
    return open;
  };

/** Lets both stand, for good. */
export const letBothStand =
  (conflict: MergeConflict): Thunk<Promise<void>> =>
  async (dispatch) => {
    const { mine, theirs } = pairOf(conflict);
    const meets = (some: string[], others: string[]) => some.some((id) => others.includes(id));
    const pairs = await dispatch(readPairs());
    dispatch(
      writePairs(pairs.filter((pair) => !(meets(pair.mine, mine) && meets(pair.theirs, theirs)))),
    );
  };
