/** Names of the rows in the browser's database. Everything that belongs to a journal carries its id. */
export const keys = {
  /** One command's events; the name carries the last one's counter, device and id, so that no two tabs write the same. */
  events: (journal: string) => `event/${journal}/`,
  /** Many events in one row, sealed out of single ones. */
  segments: (journal: string) => `segment/${journal}/`,
  /** What could not be read and came in with a file, as text. */
  unread: (journal: string) => `unread/${journal}/`,
  photos: (journal: string) => `photo/${journal}/`,
  /** Small pictures for lists; each can be drawn again from its photo. */
  thumbs: (journal: string) => `thumb/${journal}/`,
  snapshot: (journal: string) => `snapshot/${journal}`,
  /** The plan that stands; another can be looked for. */
  standing: (journal: string) => `standing/${journal}`,
  /** Stands while a journal is being brought in and no house points to it yet. */
  arriving: (journal: string) => `arriving/${journal}`,
  house: (id: string) => `house/${id}`,
  /** The same row once more, for the day one of them is torn. */
  houseCopy: (id: string) => `house-copy/${id}`,
};

const OF_A_JOURNAL =
  /^(?:event|segment|unread|photo|thumb)\/([^/]+)\/|^(?:snapshot|arriving|standing)\/(.+)$/;

/** The journal a row belongs to; undefined for rows of no journal. */
export function journalOf(key: string): string | undefined {
  const match = OF_A_JOURNAL.exec(key);
  return match?.[1] ?? match?.[2];
}

const COUNTER_DIGITS = 10;

export const eventKey = (
  journal: string,
  { counter, device, id }: { counter: number; device: string; id: string },
): string =>
  `${keys.events(journal)}${String(counter).padStart(COUNTER_DIGITS, '0')}-${device}-${id}`;
