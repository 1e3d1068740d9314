import { z } from 'zod';
import { JOURNAL_VERSION } from '../core/journal';
import { momentSchema } from '../core/units';
import { journalOf, keys } from './keys';
import type { KeyValue } from './key-value';
import { putRow, removeRows } from './writing';

const entrySchema = z.object({
  id: z.string().min(1),
  /** Under which id its journal is stored: a house that was replaced from a file has a fresh one. */
  journal: z.string().min(1),
  kind: z.enum(['own', 'demo']),
  name: z.string(),
  /** A file made to be shown stands at its own moment. */
  clock: momentSchema.nullable(),
  /** The newest version of the journal's events that was ever written to it. */
  writtenBy: z.int().default(1),
  /** Journals it had before: what still lies there of them is to be removed. */
  gone: z.array(z.string()).default([]),
  /** Taken off the device; the row stays until everything of it is gone. */
  removed: z.boolean().default(false),
});
export type HouseEntry = z.infer<typeof entrySchema>;

/** The row in which all houses stood before each had its own. */
const OLD_LIST = 'projects';
const oldListSchema = z.object({
  projects: z.array(entrySchema),
  currentId: z.string().nullable(),
});
const LAST_OPENED = 'last-opened';

function parsed<T>(raw: string | null | undefined, schema: z.ZodType<T>): T | null {
  if (raw === null || raw === undefined) return null;
  try {
    return schema.parse(JSON.parse(raw));
  } catch {
    return null;
  }
}

/** Every house's row is its own, so that two tabs bringing houses in cannot lose each other's. */
export async function readHouse(database: KeyValue, id: string): Promise<HouseEntry | null> {
  const rows = await database.getMany([keys.house(id), keys.houseCopy(id)]);
  return entryIn(rows, id);
}

const entryIn = (rows: Record<string, string | null>, id: string): HouseEntry | null =>
  parsed(rows[keys.house(id)], entrySchema) ?? parsed(rows[keys.houseCopy(id)], entrySchema);

/** True when the house stands so; its row alone decides, the copy is for the day that one is torn. */
export async function writeHouse(database: KeyValue, entry: HouseEntry): Promise<boolean> {
  const text = JSON.stringify(entry);
  const stands = await putRow(database, keys.house(entry.id), text);
  if (stands) await putRow(database, keys.houseCopy(entry.id), text);
  return stands;
}

const idsIn = (names: readonly string[]): string[] => [
  ...new Set(names.flatMap((key) => /^house(?:-copy)?\/(.+)$/.exec(key)?.[1] ?? [])),
];

/** What this device holds: the houses, also those being removed, and the names of all rows, listed once. */
export type Houses = { entries: HouseEntry[]; names: string[] };

/** The houses of this device. Houses of the old common list get rows of their own; a torn row is found again. */
export async function readHouses(database: KeyValue): Promise<Houses> {
  const names = await database.getAllKeys();
  const ids = idsIn(names);
  const rows = await database.getMany([
    ...ids.flatMap((id) => [keys.house(id), keys.houseCopy(id)]),
    OLD_LIST,
  ]);
  const entries = ids.flatMap((id) => entryIn(rows, id) ?? []);
  const listed = new Set(entries.map(({ id }) => id));
  const torn = ids.filter((id) => !listed.has(id));
  const old = parsed(rows[OLD_LIST], oldListSchema);
  const moved = (old?.projects ?? []).filter(({ id }) => !listed.has(id));
  const found = foundHouses([...entries, ...moved], names, torn);
  const fresh = [...moved, ...found];
  const written = await Promise.all(fresh.map((entry) => writeHouse(database, entry)));
  if (names.includes(OLD_LIST) && written.every(Boolean)) await removeRows(database, [OLD_LIST]);
  if (old?.currentId && moved.length > 0) await rememberOpened(database, old.currentId);
  return { entries: [...entries, ...fresh], names };
}

/** Journals that no row speaks of, neither as a house's nor as gone nor as arriving: houses whose row is lost. */
function foundHouses(
  entries: readonly HouseEntry[],
  names: readonly string[],
  torn: readonly string[],
): HouseEntry[] {
  const known = new Set(entries.flatMap(({ journal, gone }) => [journal, ...gone]));
  const arriving = new Set(
    names.filter((key) => key.startsWith(keys.arriving(''))).flatMap((key) => journalOf(key) ?? []),
  );
  const journals = new Set(
    names
      .filter((key) => key.startsWith(keys.events('').slice(0, -1)) || key.startsWith('segment/'))
      .flatMap((key) => journalOf(key) ?? []),
  );
  return [...journals]
    .filter((journal) => !known.has(journal) && !arriving.has(journal))
    .map((journal, at) => ({
      id: torn[at] ?? journal,
      journal,
      kind: 'own' as const,
      name: 'Found house',
      clock: null,
      writtenBy: JOURNAL_VERSION,
      gone: [],
      removed: false,
    }));
}

/** Which house a new tab opens: the one opened last on this device. No more than a habit; it may fail. */
export const rememberOpened = (database: KeyValue, id: string): Promise<boolean> =>
  putRow(database, LAST_OPENED, id);
export const lastOpened = (database: KeyValue): Promise<string | null> =>
  database.getItem(LAST_OPENED);

/**
 * Removes what nobody can reach: rows of journals that are gone, of houses that were removed, and of imports that never
 * came to their end (`arriving` may be swept only by who holds the lock that importing holds). The names still there.
 */
export async function sweep(
  database: KeyValue,
  { entries, names }: Houses,
  { arriving }: { arriving: boolean },
): Promise<string[]> {
  const standing = entries.filter(({ removed }) => !removed);
  const kept = new Set(standing.map(({ journal }) => journal));
  const dead = new Set(
    entries.flatMap(({ journal, gone, removed }) => (removed ? [journal, ...gone] : gone)),
  );
  for (const key of arriving ? names.filter((name) => name.startsWith(keys.arriving(''))) : []) {
    dead.add(journalOf(key) ?? '');
  }
  const unreachable = names.filter((key) => {
    const journal = journalOf(key);
    if (journal === undefined) return false;
    return kept.has(journal) ? arriving && key === keys.arriving(journal) : dead.has(journal);
  });
  const left = unreachable.length === 0 ? [] : await removeRows(database, unreachable);
  if (left.length > 0) return left;
  const removed = entries.filter((entry) => entry.removed);
  const rows = removed.flatMap(({ id }) => [keys.house(id), keys.houseCopy(id)]);
  return rows.length === 0 ? [] : removeRows(database, rows);
}
