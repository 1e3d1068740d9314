import { readProjectFile, writeProjectFile, type FileError } from '../core/files';
import type { EventBodyOf, JournalEvent } from '../core/journal';
import { fail, ok, type Result } from '../core/result';
import type { Dropped, ScopeDay } from '../core/survey';
import { moment, type Moment } from '../core/units';
import { JournalDoor, type SetAside } from '../storage/journal';
import { erasePhotos, readPhotos, writePhotos } from '../storage/photos';
import {
  deviceId,
  readRegistry,
  readSettings,
  writeRegistry,
  writeSettings,
  type RegistryEntry,
  type Settings,
} from '../storage/registry';
import type { Outside } from './outside';
import {
  clockRead,
  houseOpened,
  noticed,
  openFailed,
  registryRead,
  settingsRead,
  undoOffered,
} from './session';
import type { Thunk } from './store';

export const DEMO_ID = 'demo-house';
const QUARTER_HOUR = 15;

/** The plan moves on in quarters of an hour; finer would only re-plan for nothing. */
export const clockNow = (outside: Outside, entry: RegistryEntry | null): Moment =>
  entry?.clock ?? moment(Math.floor(outside.now() / QUARTER_HOUR) * QUARTER_HOUR);

/** Opens whatever this device last had open; also the way other tabs' changes come in. */
export const openCurrent = (): Thunk<Promise<void>> => async (dispatch, getState, outside) => {
  try {
    dispatch(settingsRead(await readSettings(outside.database)));
    const registry = await readRegistry(outside.database);
    dispatch(registryRead(registry));
    const entry = getState().session.current;
    if (!entry) return;
    const opened = await new JournalDoor(outside.database, entry.journal).open();
    if (!opened.project) {
      dispatch(openFailed(describe(opened.setAside)));
      return;
    }
    const now = clockNow(outside, entry);
    dispatch(houseOpened({ project: opened.project, setAside: opened.setAside, now }));
  } catch (cause) {
    dispatch(openFailed(cause instanceof Error ? cause.message : String(cause)));
  }
};

const describe = (setAside: readonly SetAside[]): string =>
  setAside.length > 0 ? setAside.map(({ reason }) => reason).join('; ') : 'no house in the journal';

async function register(outside: Outside, entry: RegistryEntry): Promise<void> {
  const registry = await readRegistry(outside.database);
  // By its journal too: a registry rebuilt from the journals found knows the house by that.
  const others = registry.projects.filter(
    ({ id, journal }) => id !== entry.id && journal !== entry.journal,
  );
  await writeRegistry(outside.database, { projects: [...others, entry], currentId: entry.id });
}

/**
 * Brings a whole journal in, under a fresh name of its own: the registry turns to it once it stands whole, and
 * only then does the journal it replaces go. Killed in between, one or the other is there, never half of both.
 */
async function bring(
  outside: Outside,
  entry: Omit<RegistryEntry, 'journal'>,
  events: readonly JournalEvent[],
  photos: Readonly<Record<string, string>> = {},
): Promise<void> {
  const { projects } = await readRegistry(outside.database);
  const replaced = projects.find(({ id }) => id === entry.id);
  const journal = outside.newId();
  if (Object.keys(photos).length > 0) await writePhotos(outside.database, photos);
  await new JournalDoor(outside.database, journal).appendMany(events);
  await register(outside, { ...entry, journal });
  if (replaced) await new JournalDoor(outside.database, replaced.journal).erase();
}

/** Starts a house of one's own. Rejects when the device has no room; nothing is half kept. */
export const startHouse =
  (bodies: readonly EventBodyOf[], name: string): Thunk<Promise<void>> =>
  async (dispatch, _, outside) => {
    const device = await deviceId(outside.database, outside.newId);
    const events = bodies.map((body, index) => ({
      ...body,
      id: outside.newId(),
      device,
      counter: index + 1,
      at: outside.stampTime(),
    })) as JournalEvent[];
    const id = outside.newId();
    await bring(outside, { id, kind: 'own', name, clock: null }, events);
    await dispatch(openCurrent());
  };

/** Opens the demo beside whatever else is here. A demo already opened, and changed, is kept as it is. */
export const openDemo =
  ({ afresh = false } = {}): Thunk<Promise<Result<true, FileError>>> =>
  async (dispatch, _, outside) => {
    const known = (await readRegistry(outside.database)).projects.find(({ id }) => id === DEMO_ID);
    if (known && !afresh) {
      await register(outside, known);
    } else {
      const file = readProjectFile(await outside.fetchDemo());
      if (!file.ok) return file;
      const { clock, events, project } = file.value;
      await bring(outside, { id: DEMO_ID, kind: 'demo', name: project.house.name, clock }, events);
    }
    dispatch(undoOffered(null));
    await dispatch(openCurrent());
    return ok(true);
  };

export const switchHouse =
  (id: string): Thunk<Promise<void>> =>
  async (dispatch, _, outside) => {
    const registry = await readRegistry(outside.database);
    const entry = registry.projects.find((project) => project.id === id);
    if (!entry) return;
    await register(outside, entry);
    dispatch(undoOffered(null));
    await dispatch(openCurrent());
  };

/** Removes the open house from this device. */
export const wipeHouse = (): Thunk<Promise<void>> => async (dispatch, getState, outside) => {
  const { current } = getState().session;
  if (!current) return;
  const registry = await readRegistry(outside.database);
  const projects = registry.projects.filter(({ id }) => id !== current.id);
  await writeRegistry(outside.database, { projects, currentId: projects.at(-1)?.id ?? null });
  const door = new JournalDoor(outside.database, current.journal);
  const { events } = await door.readAll();
  await door.erase();
  await erasePhotos(
    outside.database,
    events.flatMap((event) => (event.type === 'photoTaken' ? [event.payload.id] : [])),
  );
  dispatch(undoOffered(null));
  await dispatch(openCurrent());
};

/** The open house as file text. Importing it again gives the same house, and the same text. */
export const exportHouse = (): Thunk<Promise<string>> => async (_, getState, outside) => {
  const { current } = getState().session;
  if (!current) throw new Error('no house is open');
  const { events } = await new JournalDoor(outside.database, current.journal).readAll();
  const ids = events.flatMap((event) => (event.type === 'photoTaken' ? [event.payload.id] : []));
  const photos = await readPhotos(outside.database, ids);
  return writeProjectFile({ projectId: current.id, clock: current.clock, events, photos });
};

/** What the scope was and became, read from the journal's first line on. */
export const readScopeHistory = (): Thunk<Promise<ScopeDay[]>> => async (_, getState, outside) => {
  const { current } = getState().session;
  if (!current) return [];
  const { events } = await new JournalDoor(outside.database, current.journal).readAll();
  const days = await outside.planner.history(events);
  return days?.ok ? days.value : [];
};

/** Hours logged on jobs that nothing asks for any more. */
export const findDropped = (): Thunk<Promise<Dropped[]>> => async (_, getState, outside) => {
  const { project } = getState().session;
  const dropped = project && (await outside.planner.dropped(project));
  return dropped?.ok ? dropped.value : [];
};

export type ImportError = FileError | { code: 'already-here'; name: string };

/** Brings a file in as a house of its own. One that is here already is only replaced when asked to. */
export const importHouse =
  (text: string, { replace = false } = {}): Thunk<Promise<Result<string, ImportError>>> =>
  async (dispatch, _, outside) => {
    const file = readProjectFile(text);
    if (!file.ok) return file;
    const { projectId, clock, events, photos, project } = file.value;
    const { name } = project.house;
    const registry = await readRegistry(outside.database);
    const known = registry.projects.find(({ id }) => id === projectId);
    if (known && !replace) return fail({ code: 'already-here', name: known.name });
    const kind = projectId === DEMO_ID ? 'demo' : 'own';
    await bring(outside, { id: projectId, kind, name, clock }, events, photos);
    dispatch(undoOffered(null));
    await dispatch(openCurrent());
    return ok(name);
  };

export const chooseTheme =
  (theme: Settings['theme']): Thunk<Promise<void>> =>
  async (dispatch, _, outside) => {
    dispatch(settingsRead({ theme }));
    await writeSettings(outside.database, { theme }).catch(() =>
      dispatch(noticed('The theme is on, but this device has no room to remember it.')),
    );
  };

export const readClock = (): Thunk => (dispatch, getState, outside) => {
  const { current, now } = getState().session;
  const next = clockNow(outside, current);
  if (next !== now) dispatch(clockRead(next));
};
