import type { PersonId, PlaceId } from '../../house';
import type { LogContext } from './context';
import type { Item } from './items';
import type { Token } from '../../language/tokens';
import { cuesFrom, type Cue } from './words/cues';
import { stem } from '../../language/stems';

/** What the house knows of the words of a line: who, where, which shop, and cues to the kind of statement. */
export type Mark = { at: number; to: number } & (
  | { is: 'person'; ids: readonly PersonId[]; self: boolean; all: boolean }
  | { is: 'place'; ids: readonly PlaceId[]; weak: boolean }
  | { is: 'shop'; name: string }
  | { is: 'cue'; cue: Cue }
);
export type MarkOf<K extends Mark['is']> = Extract<Mark, { is: K }>;

/** One edit apart: a letter more, less, other, or two changed about. */
function isOneEdit(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false;
  let at = 0;
  while (at < a.length && a[at] === b[at]) at += 1;
  if (a.length === b.length) {
    const swapped =
      a[at] === b[at + 1] && a[at + 1] === b[at] && a.slice(at + 2) === b.slice(at + 2);
    return swapped || a.slice(at + 1) === b.slice(at + 1);
  }
  const [long, short] = a.length > b.length ? [a, b] : [b, a];
  return long.slice(at + 1) === short.slice(at);
}

/** The word that was meant: itself if the house knows it, else the one known word a single slip away. */
export function meantBy(word: string, { lexicon }: LogContext): string {
  if (word.length < 5 || lexicon.words.has(word) || lexicon.words.has(stem(word))) return word;
  const known = lexicon.meant.get(word);
  if (known !== undefined) return known;
  const near: string[] = [];
  const root = stem(word);
  for (const one of lexicon.words) {
    if (one.length < 4 || one[0] !== word[0]) continue;
    if (isOneEdit(one, word) || (root.length >= 5 && isOneEdit(one, root))) near.push(one);
    if (near.length > 1) break;
  }
  const meant = near.length === 1 ? (near[0] ?? word) : word;
  if (lexicon.meant.size > 5_000) lexicon.meant.clear();
  lexicon.meant.set(word, meant);
  return meant;
}

const SELF = /^(?:me|i|i'm|i've|i'd|myself)$/;
const ALL = /^(?:both|we|us|we've|we're)$/;

const NO_YARD = /^(?:lumber|timber|builder|builders|scrap|brick|stone|salvage|junk)$/;

class Marker {
  private readonly inItem = new Set<number>();

  constructor(
    readonly tokens: readonly Token[],
    items: readonly Item[],
    readonly context: LogContext,
  ) {
    for (const { at, to } of items) for (let one = at; one < to; one += 1) this.inItem.add(one);
  }

  word(at: number): string {
    return this.inItem.has(at) ? '' : (this.tokens[at]?.word ?? '');
  }

  private follows(at: number, words: readonly string[], isNear = false): boolean {
    return this.endOf(at, words, isNear) !== undefined;
  }

  /** Index behind some words in a row; the sign of "kids' room" is part of its name. */
  private endOf(from: number, words: readonly string[], isNear = false): number | undefined {
    let at = from;
    for (const [step, word] of words.entries()) {
      if (step > 0 && /^['’]$/.test(this.tokens[at]?.text ?? '')) at += 1;
      const said = this.word(at);
      const isSame =
        said === word || (isNear && word.length >= 5 && meantBy(said, this.context) === word);
      if (!isSame) return undefined;
      at += 1;
    }
    return at;
  }

  person(at: number): Mark | undefined {
    const said = this.word(at);
    const { people } = this.context;
    if (SELF.test(said)) {
      const ids = people.filter(({ self }) => self).map(({ id }) => id);
      return { is: 'person', at, to: at + 1, ids, self: true, all: false };
    }
    if (ALL.test(said)) {
      const to = this.follows(at + 1, ['of', 'us'])
        ? at + 3
        : this.follows(at + 1, ['both'])
          ? at + 2
          : at + 1;
      return { is: 'person', at, to, ids: [], self: false, all: true };
    }
    if (
      /^(?:two|three|four)$/.test(this.tokens[at]?.word ?? '') &&
      this.tokens[at + 1]?.word === 'of' &&
      this.tokens[at + 2]?.word === 'us'
    ) {
      return { is: 'person', at, to: at + 3, ids: [], self: false, all: true };
    }
    const nick = this.context.lexicon.nicknames.find(({ words }) => this.follows(at, words));
    if (nick) {
      return {
        is: 'person',
        at,
        to: at + nick.words.length,
        ids: [nick.id],
        self: false,
        all: false,
      };
    }
    const named = people.filter(
      ({ words, self }) => !self && words.length > 0 && this.follows(at, words, true),
    );
    const [first] = named.toSorted((a, b) => b.words.length - a.words.length);
    if (!first) return undefined;
    return {
      is: 'person',
      at,
      to: at + first.words.length,
      ids: [first.id],
      self: false,
      all: false,
    };
  }

  place(at: number): Mark | undefined {
    const said = this.word(at);
    // A lumber yard is a shop.
    if (said === 'yard' && NO_YARD.test(this.word(at - 1))) return undefined;
    const names = this.context.lexicon.placeNames;
    const rows =
      names.get(said) ?? (said.length >= 5 ? names.get(meantBy(said, this.context)) : undefined);
    for (const { words, places, weak } of rows ?? []) {
      const to = words.length === 1 ? at + 1 : this.endOf(at, [said, ...words.slice(1)], true);
      if (to !== undefined) return { is: 'place', at, to, ids: places, weak };
    }
    return undefined;
  }

  /** "Back bedroom" beats "back"; a person is no room. A cue of several words ("came over") beats a single name. */
  placeOrPerson(at: number): Mark | undefined {
    return this.person(at) ?? this.place(at);
  }

  shop(at: number): Mark | undefined {
    const found = this.context.shops.find(
      ({ words }) => words.length > 0 && this.follows(at, words),
    );
    return found && { is: 'shop', at, to: at + found.words.length, name: found.name };
  }

  cue(at: number): MarkOf<'cue'> | undefined {
    const row = cuesFrom(this.word(at)).find(({ words }) => this.follows(at + 1, words.slice(1)));
    return row && { is: 'cue', at, to: at + row.words.length, cue: row.cue };
  }
}

/** Every mark of a line, in its order; none overlaps another or a typed thing. */
export function marksOf(
  tokens: readonly Token[],
  items: readonly Item[],
  context: LogContext,
): Mark[] {
  const marker = new Marker(tokens, items, context);
  const marks: Mark[] = [];
  for (let at = 0; at < tokens.length;) {
    if (marker.word(at) === '') {
      at += 1;
      continue;
    }
    const mark = marker.shop(at) ?? marker.placeOrPerson(at) ?? marker.cue(at);
    // "Did not get to it": what was not done is not for later either.
    const before = marks.at(-1);
    const isDenied = before?.is === 'cue' && before.cue === 'not-done' && before.to === at;
    if (mark && !(isDenied && mark.is === 'cue' && mark.cue === 'ahead')) marks.push(mark);
    at = mark ? mark.to : at + 1;
  }
  return marks;
}
