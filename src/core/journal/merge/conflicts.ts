import { subjectOf } from '../history';
import { effectiveEvents, type JournalEvent } from '..';
import { differenceOf, unite, type Difference } from './unite';

/** Something that both phones said while they were apart. */
export type MergeConflict = {
  kind:
    /** One thing settled two ways: the later word stands until somebody settles it. */
    | 'differs'
    /** One thing settled the same way twice: it counts once. */
    | 'agrees'
    /** The same person at the same job on the same day: perhaps one evening, logged twice. */
    | 'same-evening'
    /** Two places of one name: perhaps one room, added twice. */
    | 'same-place';
  mine: readonly JournalEvent[];
  theirs: readonly JournalEvent[];
  /** Whose word stands as things are; null where both count. */
  stands: 'mine' | 'theirs' | null;
};

const sameWords = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Jobs that an event of the log says are done. */
const doneIn = (event: JournalEvent): string[] =>
  event.type === 'dayLogged'
    ? event.payload.entries.flatMap((entry) =>
        entry.kind === 'progress' && entry.share === 100 ? [entry.jobId] : [],
      )
    : event.type === 'jobTicked'
      ? [event.payload.jobId]
      : [];

/** What each side last said of a thing. */
function bySubject(events: readonly JournalEvent[]): Map<string, JournalEvent[]> {
  const found = new Map<string, JournalEvent[]>();
  for (const event of events) {
    const subject = subjectOf(event);
    // Taking the same thing back twice is taking it back.
    if (subject === null || event.type === 'undone') continue;
    found.set(subject, [...(found.get(subject) ?? []), event]);
  }
  return found;
}

const saysTheSame = (a: JournalEvent | undefined, b: JournalEvent | undefined): boolean => {
  if (!a || !b || a.type !== b.type) return false;
  if (a.type === 'jobTicked') return true;
  return JSON.stringify(a.payload) === JSON.stringify(b.payload);
};

function subjectsMet(
  { mine, theirs }: Difference,
  order: ReadonlyMap<string, number>,
): MergeConflict[] {
  const there = bySubject(theirs);
  return [...bySubject(mine)].flatMap(([subject, own]): MergeConflict[] => {
    const others = there.get(subject);
    const [a, b] = [own.at(-1), others?.at(-1)];
    if (!others || !a || !b) return [];
    const stands = (order.get(a.id) ?? 0) > (order.get(b.id) ?? 0) ? 'mine' : 'theirs';
    const kind = saysTheSame(a, b) ? 'agrees' : 'differs';
    return [{ kind, mine: own, theirs: others, stands }];
  });
}

/** Jobs that both say are done, one of them or both by a line of the log. */
function doneTwice({ mine, theirs }: Difference, known: readonly MergeConflict[]): MergeConflict[] {
  const told = new Set(known.flatMap((conflict) => conflict.mine.map(({ id }) => id)));
  return mine.flatMap((own) => {
    if (told.has(own.id)) return [];
    const jobs = new Set(doneIn(own));
    const others = theirs.filter((event) => doneIn(event).some((job) => jobs.has(job)));
    return others.length === 0
      ? []
      : [{ kind: 'agrees' as const, mine: [own], theirs: others, stands: null }];
  });
}

/** The evenings of a line: who was at what, on which day. */
const eveningsIn = (event: JournalEvent): string[] =>
  event.type !== 'dayLogged'
    ? []
    : event.payload.entries.flatMap((entry) =>
        entry.kind === 'hours'
          ? [
              `${event.payload.date} ${entry.personId} ${entry.jobId ?? entry.what ?? entry.placeId ?? ''}`,
            ]
          : [],
      );

function eveningsMet({ mine, theirs }: Difference): MergeConflict[] {
  return mine.flatMap((own) => {
    const evenings = new Set(eveningsIn(own));
    const others = theirs.filter((event) => eveningsIn(event).some((each) => evenings.has(each)));
    return others.length === 0
      ? []
      : [{ kind: 'same-evening' as const, mine: [own], theirs: others, stands: null }];
  });
}

function placesMet({ mine, theirs }: Difference): MergeConflict[] {
  return mine.flatMap((own) => {
    if (own.type !== 'placeAdded') return [];
    const others = theirs.filter(
      (event) =>
        event.type === 'placeAdded' &&
        event.payload.id !== own.payload.id &&
        sameWords(event.payload.name, own.payload.name),
    );
    return others.length === 0
      ? []
      : [{ kind: 'same-place' as const, mine: [own], theirs: others, stands: null }];
  });
}

/** What two journals of one house both speak of; what was taken back since is no matter any more. */
export function conflictsOf(
  here: readonly JournalEvent[],
  there: readonly JournalEvent[],
): MergeConflict[] {
  const all = effectiveEvents(unite(here, there));
  const order = new Map(all.map(({ id }, at) => [id, at]));
  const standing = (events: readonly JournalEvent[]) => events.filter(({ id }) => order.has(id));
  const raw = differenceOf(here, there);
  const difference = { mine: standing(raw.mine), theirs: standing(raw.theirs) };
  const subjects = subjectsMet(difference, order);
  return [
    ...subjects,
    ...placesMet(difference),
    ...eveningsMet(difference),
    ...doneTwice(difference, subjects),
  ];
}

/** What somebody has to settle; the rest is only told. */
export const wantsSettling = ({ kind }: MergeConflict): boolean => kind !== 'agrees';

/** How a conflict is settled: one word stands and the other is taken back, or both count. */
export type Settling = 'mine' | 'theirs' | 'both';

/** What is taken back by it. */
export const takenBackBy = (
  { mine, theirs }: MergeConflict,
  settling: Settling,
): readonly JournalEvent[] => (settling === 'both' ? [] : settling === 'mine' ? theirs : mine);
