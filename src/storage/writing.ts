import type { KeyValue } from './key-value';

/** A write that was refused. `left` are rows that landed all the same and could not be taken back. */
class NotWritten extends Error {
  constructor(
    readonly left: readonly string[],
    cause: unknown,
  ) {
    super('the device refused to write', { cause });
  }
}

/**
 * Adds rows that were not there before, and settles what became of them: a store may refuse after some, or all, have
 * landed. Resolves when all stand; rejects with {@link NotWritten}, having taken back what landed.
 */
export async function addRows(
  database: KeyValue,
  rows: Readonly<Record<string, string>>,
): Promise<void> {
  try {
    await database.setMany({ ...rows });
  } catch (cause) {
    const names = Object.keys(rows);
    const there = await landed(database, rows).catch(() => undefined);
    if (there?.length === names.length) return;
    throw new NotWritten(await removeRows(database, there ?? names), cause);
  }
}

async function landed(
  database: KeyValue,
  rows: Readonly<Record<string, string>>,
): Promise<string[]> {
  const stored = await database.getMany(Object.keys(rows));
  return Object.keys(rows).filter((key) => stored[key] === rows[key]);
}

/** Writes one row over what stood there. True when it stands, whatever the store answered. */
export async function putRow(database: KeyValue, key: string, value: string): Promise<boolean> {
  try {
    await database.setItem(key, value);
    return true;
  } catch {
    return database.getItem(key).then(
      (stored) => stored === value,
      () => false,
    );
  }
}

/**
 * Removes rows and reads back that they are gone: the store's own removal resolves before its transaction is through.
 * The names of those still there, after a second try.
 */
export async function removeRows(database: KeyValue, names: readonly string[]): Promise<string[]> {
  let left = [...names];
  for (let tries = 0; tries < 2 && left.length > 0; tries += 1) {
    await database.removeMany(left).catch(() => undefined);
    const stored = await database.getAllKeys().then(
      (all) => new Set(all),
      () => new Set(left),
    );
    left = left.filter((key) => stored.has(key));
  }
  return left;
}
