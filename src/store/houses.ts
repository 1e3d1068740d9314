import type { FileError, FilePart, ZipEntry } from '../core/files';
import { projectFileParts } from '../core/files/project-file';
import {
  JOURNAL_VERSION,
  checkKept,
  eventIdIn,
  type EventBodyOf,
  type JournalEvent,
} from '../core/journal';
import { fail, ok, type Result } from '../core/result';
import type { Dropped, ScopeDay } from '../core/estimating/scope-history';
import { planningInputOf } from '../core/house';
import { readHouse, readHouses, sweep, writeHouse, type HouseEntry } from '../storage/houses';
import { segmentRow } from '../storage/journal';
import { journalOf, keys } from '../storage/keys';
import { oldPhotos, photoIds, readPhoto, writePhoto } from '../storage/photos';
import { deviceId, writeSettings, type Settings } from '../storage/settings';
import { addRows, removeRows } from '../storage/writing';
import { openCurrent, photosIn } from './open-house';
import type { Outside, ReadFile } from './outside';
import { noticed, settingsRead } from './session';
import type { Thunk } from './store';

export const DEMO_ID = 'demo-house';

/** The device refused somewhere on the way; the house that was there before, if any, stands untouched. */
class NotBroughtIn extends Error {}

type House = Pick<HouseEntry, 'id' | 'kind' | 'name' | 'clock'>;
type Contents = Pick<ReadFile, 'events' | 'photos' | 'unread'> & {
  /** The plan that stands for it, as it is kept. */
  plan?: string | null;
};

/**
 * Brings a whole journal in, under a fresh name of its own. First everything of it is written, marked as arriving;
 * then one row turns the house to it: before that nothing has changed, after it everything has. Only then does the
 * journal it replaces go; what of it cannot be removed at once is swept at a later start.
 */
async function bring(
  outside: Outside,
  house: House,
  contents: Contents,
  onProgress: (share: number) => void = () => undefined,
): Promise<void> {
  const { database, locks, tabs } = outside;
  await locks.hold('houses', async () => {
    const journal = outside.newId();
    const before = await readHouse(database, house.id);
    try {
      await writeContents(outside, journal, contents, onProgress);
      const gone = before ? [...before.gone, before.journal] : [];
      const entry = { ...house, journal, writtenBy: JOURNAL_VERSION, gone, removed: false };
      if (!(await writeHouse(database, entry))) throw new Error('the house row was refused');
    } catch (cause) {
      const names = await database.getAllKeys().catch(() => [] as string[]);
      await removeRows(database, ofJournal(names, journal));
      throw new NotBroughtIn('refused', { cause });
    }
    await removeRows(database, [keys.arriving(journal)]);
    if (before) await removeRows(database, ofJournal(await database.getAllKeys(), before.journal));
    const now = await readHouse(database, house.id);
    // Without a lock another tab may have brought the same house in at the same moment.
    if (now?.journal !== journal) throw new NotBroughtIn('another tab was faster');
    tabs.tell({ kind: 'turned', houseId: house.id });
  });
}

const ofJournal = (names: readonly string[], journal: string): string[] =>
  names.filter((key) => journalOf(key) === journal);

async function writeContents(
  { database, newId, stampTime, pause }: Outside,
  journal: string,
  { events, photos, unread, plan = null }: Contents,
  onProgress: (share: number) => void,
): Promise<void> {
  const steps = events.length + photos.length + 1;
  let done = 0;
  const step = async () => {
    done += 1;
    onProgress(done / steps);
    await pause();
  };
  await addRows(database, { [keys.arriving(journal)]: stampTime() });
  for (const some of events) {
    await addRows(database, segmentRow(journal, some, newId));
    await step();
  }
  for (const [id, picture] of photos) {
    await writePhoto(database, journal, id, picture);
    await step();
  }
  const texts = unread.map((text) => [`${keys.unread(journal)}${newId()}`, text] as const);
  if (texts.length > 0) await addRows(database, Object.fromEntries(texts));
  if (plan !== null) await addRows(database, { [keys.standing(journal)]: plan });
}

/** Starts a house of one's own. Rejects when the device has no room; nothing is half kept. */
export const startHouse =
  (bodies: readonly EventBodyOf[], name: string): Thunk<Promise<void>> =>
  async (dispatch, _, outside) => {
    const device = await deviceId(outside.database, outside.newId);
    const act = outside.newId();
    const events = bodies.map((body, index) => ({
      ...body,
      id: eventIdIn(act, index, bodies.length),
      device,
      counter: index + 1,
      at: outside.stampTime(),
    })) as JournalEvent[];
    const read = checkKept(null, events);
    if (!read.ok)
      throw new Error(`what starts the house could not be read back: ${read.error.code}`);
    const id = outside.newId();
    const contents = { events: [read.value], photos: [], unread: [] };
    await bring(outside, { id, kind: 'own', name, clock: null }, contents);
    await dispatch(openCurrent(id));
  };

/** Opens the demo beside whatever else is here. A demo already opened, and changed, is kept as it is. */
export const openDemo =
  ({ afresh = false } = {}): Thunk<Promise<Result<true, FileError>>> =>
  async (dispatch, _, outside) => {
    const known = await readHouse(outside.database, DEMO_ID);
    if (!known || known.removed || afresh) {
      const { house, plan } = await outside.fetchDemo();
      const file = await outside.readFile(house);
      if (!file.ok) return file;
      const { clock, name } = file.value;
      await bring(outside, { id: DEMO_ID, kind: 'demo', name, clock }, { ...file.value, plan });
    }
    await dispatch(openCurrent(DEMO_ID));
    return ok(true);
  };

export const switchHouse = (id: string): Thunk<Promise<void>> => openCurrent(id);

const LEFT_BEHIND =
  'The house is off the list, but this device refused to remove all of its rows. They go at the next start.';

/** Removes the open house from this device. False, and said, when the device refused and the house is still here. */
export const wipeHouse = (): Thunk<Promise<boolean>> => async (dispatch, getState, outside) => {
  const { database, locks, tabs } = outside;
  const { current } = getState().session;
  const entry = current && (await readHouse(database, current.id));
  if (!entry) return false;
  const left = await locks.hold('houses', async () => {
    if (!(await writeHouse(database, { ...entry, removed: true }))) return null;
    return sweep(database, await readHouses(database), { arriving: false });
  });
  if (left === null) {
    dispatch(
      noticed('The house could not be removed: this device refuses to write. Nothing changed.'),
    );
    return false;
  }
  tabs.tell({ kind: 'turned', houseId: entry.id });
  await dispatch(openCurrent());
  if (left.length > 0) dispatch(noticed(LEFT_BEHIND));
  return true;
};

/** The open house, ready to be written: its text in parts, and the pictures that belong to it. */
type Writing = {
  parts: (pictures: readonly string[]) => Iterable<FilePart>;
  pictures: string[];
  pictureOf: (id: string) => Promise<string | null>;
};

const writing = (): Thunk<Promise<Writing>> => async (_dispatch, getState, outside) => {
  const { current } = getState().session;
  const { door } = outside.open;
  if (!current || !door) throw new Error('no house is open');
  const { database } = outside;
  const events = await door.readAll();
  const spoken = new Set(photosIn(events));
  const names = await database.getAllKeys();
  const stored = new Set([...photoIds(names, door.journal), ...oldPhotos(names)]);
  const unread = door.setAside.map(({ raw }) => raw);
  const file = { projectId: current.id, clock: current.clock, events, unread };
  return {
    parts: (pictures) => projectFileParts(file, pictures),
    pictures: [...stored].filter((id) => spoken.has(id)).sort(),
    pictureOf: (id) => readPhoto(database, door.journal, id),
  };
};

type Exporting = { onProgress?: (share: number) => void; signal?: AbortSignal };

/**
 * The open house as one JSON text. Importing it again gives the same house, and the same text. Put together a piece at
 * a time, so that the page stays usable however many pictures there are.
 */
export const exportHouse =
  ({ onProgress = () => undefined, signal }: Exporting = {}): Thunk<Promise<Blob>> =>
  async (dispatch, _getState, outside) => {
    const { parts, pictures, pictureOf } = await dispatch(writing());
    const pieces: Blob[] = [];
    let done = 0;
    for (const part of parts(pictures)) {
      signal?.throwIfAborted();
      if (typeof part === 'string') pieces.push(new Blob([part]));
      else {
        pieces.push(new Blob([JSON.stringify(await pictureOf(part.picture))]));
        done += 1;
        onProgress(done / pictures.length);
      }
      await outside.pause();
    }
    return new Blob(pieces, { type: 'application/json' });
  };

/** The open house as one zip: `house.json`, and `photos/` as pictures anybody can look at. */
export const exportZip =
  ({ onProgress = () => undefined, signal = new AbortController().signal }: Exporting = {}): Thunk<
    Promise<Blob>
  > =>
  async (dispatch, _getState, outside) => {
    const { parts, pictures, pictureOf } = await dispatch(writing());
    async function* entries(): AsyncGenerator<ZipEntry> {
      yield { house: [...parts([])].flatMap((part) => (typeof part === 'string' ? part : [])) };
      for (const [at, photo] of pictures.entries()) {
        const picture = await pictureOf(photo);
        if (picture !== null) yield { photo, picture };
        onProgress((at + 1) / pictures.length);
      }
    }
    return outside.zipper(entries(), signal);
  };

/** What the scope was and became, read from the journal's first line on. */
export const readScopeHistory = (): Thunk<Promise<ScopeDay[]>> => async (_, _getState, outside) => {
  const events = (await outside.open.door?.readAll()) ?? [];
  const days = await outside.planner.history(events);
  return days?.ok ? days.value : [];
};

/** Hours logged on jobs that nothing asks for any more. */
export const findDropped = (): Thunk<Promise<Dropped[]>> => async (_, getState, outside) => {
  const { project } = getState().session;
  const dropped = project && (await outside.planner.dropped(planningInputOf(project)));
  return dropped?.ok ? dropped.value : [];
};

export type ImportError =
  | FileError
  | { code: 'already-here'; name: string }
  /** A file of another house that carries the same name inside: the two cannot be brought together. */
  | { code: 'other-house' }
  /** The device refused, or another tab was faster; nothing here has changed. */
  | { code: 'refused' };

export type Imported = { name: string; setAside: ReadFile['setAside'] };

/**
 * Brings a file in as the house it is. One that is here already is only replaced when asked to; `beside` it becomes
 * another house, which knows the first no more.
 */
export const importHouse =
  (
    file: Blob | string,
    {
      replace = false,
      beside = false,
      onProgress = (_share: number): void => undefined,
    }: { replace?: boolean; beside?: boolean; onProgress?: (share: number) => void } = {},
  ): Thunk<Promise<Result<Imported, ImportError>>> =>
  async (dispatch, _, outside) => {
    const read = await outside.readFile(file);
    if (!read.ok) return read;
    const { clock, name, setAside } = read.value;
    const projectId = beside ? outside.newId() : read.value.projectId;
    const known = await readHouse(outside.database, projectId);
    if (known && !known.removed && !replace)
      return fail({ code: 'already-here', name: known.name });
    const kind = projectId === DEMO_ID ? 'demo' : 'own';
    try {
      await bring(outside, { id: projectId, kind, name, clock }, read.value, onProgress);
    } catch (cause) {
      if (cause instanceof NotBroughtIn) return fail({ code: 'refused' });
      throw cause;
    }
    await dispatch(openCurrent(projectId));
    return ok({ name, setAside });
  };

export const chooseTheme =
  (theme: Settings['theme']): Thunk<Promise<void>> =>
  async (dispatch, _, outside) => {
    dispatch(settingsRead({ theme }));
    await writeSettings(outside.database, { theme }).catch(() =>
      dispatch(noticed('The theme is on, but this device has no room to remember it.')),
    );
  };
