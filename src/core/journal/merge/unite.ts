import { inJournalOrder, type JournalEvent } from '..';

/**
 * Journals of one household as one: every event of each, once, in the one order. Whoever unites with whom, in whatever
 * order and however often, comes to the same.
 */
export const unite = (...journals: readonly (readonly JournalEvent[])[]): JournalEvent[] =>
  inJournalOrder(journals.flat());

/** What each of two journals has that the other lacks, in journal order. */
export type Difference = { mine: JournalEvent[]; theirs: JournalEvent[] };

/** The difference of two journals: {@link Difference}. */
export function differenceOf(
  here: readonly JournalEvent[],
  there: readonly JournalEvent[],
): Difference {
  const lacking = (some: readonly JournalEvent[], others: readonly JournalEvent[]) => {
    const known = new Set(others.map(({ id }) => id));
    return inJournalOrder(some.filter(({ id }) => !known.has(id)));
  };
  return { mine: lacking(here, there), theirs: lacking(there, here) };
}

/** Whether two journals tell of one house: they began with the same line. */
export function isSameHouse(
  here: readonly JournalEvent[],
  there: readonly JournalEvent[],
): boolean {
  const startOf = (events: readonly JournalEvent[]) =>
    inJournalOrder(events).find(({ type }) => type === 'houseStarted')?.id;
  return startOf(here) !== undefined && startOf(here) === startOf(there);
}
