import type { KeyValue } from './key-value';

const keyOf = (id: string): string => `photo/${id}`;

/** Pictures lie beside the journal, each under its id; the journal says which of them belong to the house. */
export const writePhotos = (
  database: KeyValue,
  photos: Readonly<Record<string, string>>,
): Promise<void> =>
  database.setMany(
    Object.fromEntries(Object.entries(photos).map(([id, picture]) => [keyOf(id), picture])),
  );

export const readPhoto = (database: KeyValue, id: string): Promise<string | null> =>
  database.getItem(keyOf(id));

/** Those of `ids` that are stored. */
export async function readPhotos(
  database: KeyValue,
  ids: readonly string[],
): Promise<Record<string, string>> {
  if (ids.length === 0) return {};
  const rows = await database.getMany(ids.map(keyOf));
  return Object.fromEntries(
    ids.flatMap((id) => {
      const picture = rows[keyOf(id)];
      return picture ? [[id, picture]] : [];
    }),
  );
}

export const erasePhotos = (database: KeyValue, ids: readonly string[]): Promise<void> =>
  ids.length === 0 ? Promise.resolve() : database.removeMany(ids.map(keyOf));
