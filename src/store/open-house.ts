import { JOURNAL_VERSION, effectiveEvents, type JournalEvent } from '../core/journal';
import { dateOf, moment, plainDateSchema, toDayNumber, type Moment } from '../core/units';
import {
  lastOpened,
  readHouse,
  readHouses,
  rememberOpened,
  sweep,
  writeHouse,
  type HouseEntry,
  type Houses,
} from '../storage/houses';
import { JournalStore } from '../storage/journal';
import { erasePhoto, moveOldPhotos, oldPhotos, photoIds } from '../storage/photos';
import { TO_SETTLE, ofHouse, readDraft } from '../storage/drafts';
import type { SetAside } from '../storage/rows';
import { readSettings } from '../storage/settings';
import { settlingTold } from './device';
import type { Outside } from './outside';
import {
  clockRead,
  houseChanged,
  houseLost,
  houseOpened,
  housesListed,
  noHouseOpen,
  openFailed,
  settingsRead,
  type Lost,
} from './session';
import type { Thunk } from './store';

const QUARTER_HOUR = 15;

/** The plan moves on in quarters of an hour; finer would only re-plan for nothing. */
const clockNow = (outside: Outside, entry: HouseEntry | null): Moment =>
  entry?.clock ?? moment(Math.floor(outside.now() / QUARTER_HOUR) * QUARTER_HOUR);

const isStanding = ({ removed }: HouseEntry): boolean => !removed;

/** Opens the house this tab had open, or the one opened last on the device; the tab keeps to it from then on. */
export const openCurrent =
  (houseId?: string): Thunk<Promise<void>> =>
  async (dispatch, _getState, outside) => {
    let entry: HouseEntry | null = null;
    try {
      dispatch(settingsRead(await readSettings(outside.database)));
      const houses = await readHouses(outside.database);
      const standing = houses.entries.filter(isStanding);
      dispatch(housesListed(standing));
      const byId = (id: string | null) => standing.find((each) => each.id === id);
      entry =
        byId(houseId ?? outside.tab.read()) ??
        byId(await lastOpened(outside.database)) ??
        standing.at(-1) ??
        null;
      if (!entry) {
        outside.open.door = null;
        outside.tab.write(null);
        dispatch(noHouseOpen());
        outside.later(() => tidy(outside, houses));
        return;
      }
      const door = await JournalStore.open(outside.database, entry.journal, houses.names, {
        pause: outside.pause,
      });
      outside.open.door = door;
      if (!door.project) {
        dispatch(openFailed({ entry, reason: describe(door.setAside) }));
        return;
      }
      outside.tab.write(entry.id);
      await rememberOpened(outside.database, entry.id);
      dispatch(
        houseOpened({
          entry,
          project: door.project,
          setAside: door.setAside,
          now: clockNow(outside, entry),
          lost: entry.writtenBy > JOURNAL_VERSION ? 'newer' : null,
        }),
      );
      const unsettled = await readDraft(outside.drafts, ofHouse(entry.id, TO_SETTLE)).catch(
        () => '',
      );
      dispatch(settlingTold(unsettled !== ''));
      outside.later(async () => {
        await tidy(outside, houses);
        await sealed(outside, door);
        await sweepDropped(outside, door);
      });
    } catch (cause) {
      const reason = cause instanceof Error ? cause.message : String(cause);
      dispatch(openFailed({ entry, reason }));
    }
  };

/** Opens the house as it is now, after another tab changed it; what is kept meanwhile waits for it. */
export const reopen = (): Thunk<Promise<void>> => (dispatch, _getState, outside) =>
  outside.inTurn(() => dispatch(openCurrent()));

const describe = (setAside: readonly SetAside[]): string =>
  setAside.length > 0 ? setAside.map(({ reason }) => reason).join('; ') : 'no house in the journal';

/** Sweeps what nobody can reach; nobody waits for it, and a refusal is tried again at the next start. */
async function tidy(outside: Outside, houses: Houses): Promise<void> {
  const { database, locks } = outside;
  try {
    await locks.hold('houses', async () => {
      // What is arriving in another tab is only kept out by a lock that tabs share.
      const fresh = locks.shared ? await readHouses(database) : houses;
      await sweep(database, fresh, { arriving: locks.shared });
    });
    if (oldPhotos(houses.names).length > 0) await sortOldPhotos(outside, houses);
  } catch {
    // Only room is lost.
  }
}

/** So long a picture that was taken off can be brought back from the history. */
const DROPPED_STAYS_DAYS = 30;

/** Removes pictures that were taken off so long ago that nobody brings them back. */
async function sweepDropped(outside: Outside, door: JournalStore): Promise<void> {
  const stored = photoIds(await outside.database.getAllKeys(), door.journal);
  const shown = door.project?.photos ?? {};
  const hidden = new Set(stored.filter((id) => !Object.hasOwn(shown, id)));
  if (hidden.size === 0) return;
  const today = toDayNumber(dateOf(outside.now()));
  for (const event of effectiveEvents(await door.readAll())) {
    if (event.type !== 'photoDropped' || !hidden.has(event.payload.photoId)) continue;
    const dropped = plainDateSchema.safeParse(event.at.slice(0, 10));
    if (!dropped.success || today - toDayNumber(dropped.data) <= DROPPED_STAYS_DAYS) continue;
    await erasePhoto(outside.database, door.journal, event.payload.photoId);
  }
}

/** Pictures once lay together under bare ids: each goes to the journals that speak of it. */
async function sortOldPhotos({ database }: Outside, { entries, names }: Houses): Promise<void> {
  const owners = new Map<string, string[]>();
  for (const { journal } of entries.filter(isStanding)) {
    const door = await JournalStore.open(database, journal, names);
    for (const id of photosIn(await door.readAll())) {
      owners.set(id, [...(owners.get(id) ?? []), journal]);
    }
  }
  await moveOldPhotos(database, oldPhotos(names), (id) => owners.get(id) ?? []);
}

/** Every picture a journal ever spoke of, also those taken off again. */
export const photosIn = (events: readonly JournalEvent[]): string[] =>
  events.flatMap((event) => (event.type === 'photoTaken' ? [event.payload.id] : []));

/** Seals the open journal once enough lies open; one tab at a time. */
export async function sealed(outside: Outside, door: JournalStore): Promise<void> {
  if (!door.wantsSealing) return;
  await outside.locks
    .hold(`seal ${door.journal}`, () => door.seal(outside.newId))
    .catch(() => false);
}

/** Whether this tab's journal is still the house's; the newest version is noted before something is written in it. */
export async function provenOpen(
  outside: Outside,
  current: HouseEntry,
): Promise<Lost | 'refused' | null> {
  const entry = await readHouse(outside.database, current.id);
  if (!entry || entry.removed) return 'removed';
  if (entry.journal !== current.journal) return 'replaced';
  if (entry.writtenBy > JOURNAL_VERSION) return 'newer';
  if (entry.writtenBy === JOURNAL_VERSION) return null;
  const noted = await writeHouse(outside.database, { ...entry, writtenBy: JOURNAL_VERSION });
  return noted ? null : 'refused';
}

/** What another tab wrote comes in; that the house turned into another one is told. */
export const hearTabs = (): Thunk => (dispatch, getState, outside) =>
  outside.tabs.listen((message) => {
    const { current } = getState().session;
    const hear = async () => {
      if (message.kind === 'listed' || message.kind === 'turned') {
        const { entries } = await readHouses(outside.database);
        dispatch(housesListed(entries.filter(isStanding)));
      }
      if (!current || message.kind === 'listed' || message.houseId !== current.id) return;
      if (message.kind === 'grew') await dispatch(catchUp(message.rows));
      else {
        const lost = await provenOpen(outside, current);
        if (lost !== null && lost !== 'refused') dispatch(houseLost(lost));
      }
    };
    // What could not be read now is read when this tab next writes or wakes.
    outside.inTurn(hear).catch(() => undefined);
  });

/** Brings in rows that another tab wrote. */
export const catchUp =
  (rows?: readonly string[]): Thunk<Promise<void>> =>
  async (dispatch, _getState, outside) => {
    const { door } = outside.open;
    const project = await door?.catchUp(rows);
    if (door && project) dispatch(houseChanged({ project, setAside: door.setAside }));
  };

export const readClock = (): Thunk => (dispatch, getState, outside) => {
  const { current, project, now } = getState().session;
  if (!project) return;
  const next = clockNow(outside, current);
  if (next !== now) dispatch(clockRead(next));
};
