import { placesInOrder, type Held, type Place, type Project, type WallRecord } from '../../house';

export type Found = { place: Place; record: WallRecord; held: Held };

const letters = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N}]+/gu, ' ');

/** Everything behind any wall of the house that all words speak of: what it is, what it hangs on, its wall, its room. */
export function findBehind(
  project: Pick<Project, 'wallRecords' | 'places' | 'placeOrder'>,
  words: string,
): Found[] {
  const wanted = letters(words).split(' ').filter(Boolean);
  if (wanted.length === 0) return [];
  return placesInOrder(project).flatMap((place) =>
    Object.values(project.wallRecords)
      .filter(({ placeId }) => placeId === place.id)
      .flatMap((record) =>
        record.holds
          .filter((held) => {
            const text = letters(
              [held.what, held.note, held.hangsOn, record.wall, place.name].join(' '),
            );
            return wanted.every((word) => text.includes(word));
          })
          .map((held) => ({ place, record, held })),
      ),
  );
}

/** What was left for later: capped stubs, empty conduit, blocking for a rail to come. */
export const leftForLater = (
  project: Pick<Project, 'wallRecords' | 'places' | 'placeOrder'>,
): Found[] =>
  placesInOrder(project).flatMap((place) =>
    Object.values(project.wallRecords)
      .filter(({ placeId }) => placeId === place.id)
      .flatMap((record) =>
        record.holds
          .filter(({ what, later }) => later || what === 'stub')
          .map((held) => ({ place, record, held })),
      ),
  );
