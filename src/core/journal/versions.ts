/**
 * Raised when a kind of event is added or written in a new version. A house that a newer Fresh Porch has written to
 * is not written to by an older one. `fixtures/versions.json` holds what each number stands for.
 */
export const JOURNAL_VERSION = 10;

/** Raised when the same events come to another house than before: a snapshot of an older reduction is thrown away. */
export const REDUCER_VERSION = 8;
