import { keys } from './keys';
import type { KeyValue } from './key-value';
import { addRows, putRow, removeRows } from './writing';

/** Pictures lie beside the journal they belong to, each under its id; the journal says which of them the house shows. */
const photoKey = (journal: string, id: string): string => `${keys.photos(journal)}${id}`;

const thumbKey = (journal: string, id: string): string => `${keys.thumbs(journal)}${id}`;

/** A picture with its small one, where that was drawn already: both land, or neither. */
export const writePhoto = (
  database: KeyValue,
  journal: string,
  id: string,
  picture: string,
  thumb?: string,
): Promise<void> =>
  addRows(database, {
    [photoKey(journal, id)]: picture,
    ...(thumb === undefined ? {} : { [thumbKey(journal, id)]: thumb }),
  });

export const readThumb = (
  database: KeyValue,
  journal: string,
  id: string,
): Promise<string | null> => database.getItem(thumbKey(journal, id));

export const writeThumb = (
  database: KeyValue,
  journal: string,
  id: string,
  thumb: string,
): Promise<boolean> => putRow(database, thumbKey(journal, id), thumb);

const OLD_KEY = /^photo\/([^/]+)$/;
const oldKey = (id: string): string => `photo/${id}`;

/** A picture; also one that still lies where all houses' pictures lay together once. */
export async function readPhoto(
  database: KeyValue,
  journal: string,
  id: string,
): Promise<string | null> {
  const own = await database.getItem(photoKey(journal, id));
  return own ?? (id.includes('/') ? null : database.getItem(oldKey(id)));
}

/** The pictures stored for a journal, among all names of the database. */
export const photoIds = (names: readonly string[], journal: string): string[] =>
  names
    .filter((key) => key.startsWith(keys.photos(journal)))
    .map((key) => key.slice(keys.photos(journal).length));

export const erasePhoto = (database: KeyValue, journal: string, id: string): Promise<string[]> =>
  removeRows(database, [photoKey(journal, id), thumbKey(journal, id)]);

/** Ids of pictures that lie where all houses' pictures lay together once. */
export const oldPhotos = (names: readonly string[]): string[] =>
  names.flatMap((key) => OLD_KEY.exec(key)?.[1] ?? []);

/**
 * Gives pictures of the old common place to the journals that speak of them, one at a time: each is copied to all of
 * its houses before it goes. `owners` names the journals of a picture. What nobody speaks of goes too.
 */
export async function moveOldPhotos(
  database: KeyValue,
  ids: readonly string[],
  owners: (id: string) => readonly string[],
): Promise<void> {
  for (const id of ids) {
    const picture = await database.getItem(oldKey(id));
    if (picture === null) continue;
    const copies = owners(id).map((journal) => [photoKey(journal, id), picture] as const);
    await addRows(database, Object.fromEntries(copies));
    await removeRows(database, [oldKey(id)]);
  }
}
