import type { PersonId } from '../../house';
import type { Phrase } from './line';

/** Who worked how long, or why that is not clear. */
export type Worked =
  | { ok: true; rows: { personId: PersonId; minutes: number }[] }
  | { ok: false; because: 'which-people' | 'whose-time' };

type Piece = { is: 'person'; ids: PersonId[] } | { is: 'time'; minutes: number };

/**
 * Pairs people with times as they stand: "me 3h and Bert 2h", "2h Ana, 1h me", "Bert and I 4h", "2h with Ana".
 * A time without a name is the owner's own.
 */
export function whoWorked(stretch: Phrase): Worked {
  const { context } = stretch;
  const self = context.people.flatMap((person) => (person.self ? [person.id] : []));
  const everybody = context.people.map(({ id }) => id);
  const pieces: Piece[] = [];
  let isUnclear = false;
  let isWithSelf = false;
  const tokens = stretch.line.tokens;
  const things = [...stretch.all('duration'), ...stretch.marked('person')].sort(
    (a, b) => a.at - b.at,
  );
  const hasNames = stretch.marked('person').some(({ all }) => !all);
  for (const thing of things) {
    if (thing.is === 'duration') pieces.push({ is: 'time', minutes: thing.minutes });
    else if (thing.all) {
      // "We" with the names behind it says no more than the names.
      if (hasNames) {
        if (!stretch.marked('person').some((mark) => mark.self)) isWithSelf = true;
        continue;
      }
      if (everybody.length > 2) isUnclear = true;
      pieces.push({ is: 'person', ids: everybody });
    } else {
      const before = tokens[thing.at - 1]?.word;
      if (before === 'with' && !thing.self) isWithSelf = true;
      if (helpsBehind(stretch, thing.to) && thing.at > stretch.at && startsWithWork(stretch))
        isWithSelf = true;
      pieces.push({ is: 'person', ids: [...thing.ids] });
    }
  }
  if (isUnclear) return { ok: false, because: 'which-people' };
  const people = pieces.flatMap((piece) => (piece.is === 'person' ? piece.ids : []));
  if (isWithSelf && !people.some((id) => self.includes(id)))
    pieces.unshift({ is: 'person', ids: self });
  return paired(pieces, self);
}

const helpsBehind = (stretch: Phrase, at: number): boolean =>
  stretch.marks.some((mark) => mark.is === 'cue' && mark.cue === 'helped' && mark.at === at);

/** Whether the statement begins with what was done, so that a helper named behind it did not do it alone. */
const startsWithWork = (stretch: Phrase): boolean => {
  const first = [...stretch.marked('person')][0];
  return first === undefined || stretch.freeWords().some((at) => at < first.at);
};

function paired(pieces: readonly Piece[], self: PersonId[]): Worked {
  const times = pieces.flatMap((piece) => (piece.is === 'time' ? [piece.minutes] : []));
  const ids = (some: readonly Piece[]): PersonId[] => [
    ...new Set(some.flatMap((piece) => (piece.is === 'person' ? piece.ids : []))),
  ];
  const rowsOf = (who: readonly PersonId[], minutes: number) =>
    (who.length > 0 ? who : self).map((personId) => ({ personId, minutes }));
  const [only] = times;
  if (only === undefined) return { ok: true, rows: [] };
  if (times.length === 1) return { ok: true, rows: rowsOf(ids(pieces), only) };
  const hasTimeFirst = pieces[0]?.is === 'time';
  const hasTimeLast = pieces.at(-1)?.is === 'time';
  const rows: { personId: PersonId; minutes: number }[] = [];
  if (hasTimeFirst && !hasTimeLast) {
    // "2h me and 3h Ana": each name has the time in front of it.
    let minutes = 0;
    let named = true;
    for (const piece of pieces) {
      if (piece.is === 'time') {
        if (!named) return { ok: false, because: 'whose-time' };
        minutes = piece.minutes;
        named = false;
      } else {
        rows.push(...rowsOf(piece.ids, minutes));
        named = true;
      }
    }
  } else if (hasTimeLast) {
    // "Me and Ana 3h, Bert 2h"; a time at the very front is the owner's.
    let names: Piece[] = [];
    for (const [index, piece] of pieces.entries()) {
      if (piece.is === 'person') names.push(piece);
      else {
        if (names.length === 0 && index > 0) return { ok: false, because: 'whose-time' };
        rows.push(...rowsOf(ids(names), piece.minutes));
        names = [];
      }
    }
  } else return { ok: false, because: 'whose-time' };
  const isTwice = new Set(rows.map(({ personId }) => personId)).size < rows.length;
  return isTwice ? { ok: false, because: 'whose-time' } : { ok: true, rows };
}
