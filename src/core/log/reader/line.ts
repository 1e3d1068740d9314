import type { LogContext } from './context';
import { struckOut } from './corrections';
import { itemsOf, type Item, type ItemOf } from './items';
import { marksOf, meantBy, type Mark, type MarkOf } from './marks';
import { tokensOf, type Span, type Token } from '../../language/tokens';
import type { Cue } from './words/cues';
import { ACTION_VERBS } from './words/actions';
import { FILLER, stem } from '../../language/stems';
import { PIECES } from './words/units';

/** A line with all that stands in it: tokens, typed things and marks. */
export type Line = {
  text: string;
  tokens: readonly Token[];
  items: readonly Item[];
  marks: readonly Mark[];
  /** Tokens taken back in the same breath. */
  struck: ReadonlySet<number>;
  /** Words that stand in no typed thing and were not taken back. */
  plain: ReadonlySet<number>;
  context: LogContext;
};

/** A stretch of tokens of a line, with what stands in it. */
export class Phrase {
  readonly items: readonly Item[];
  readonly marks: readonly Mark[];
  private readonly cues: ReadonlySet<Cue>;

  constructor(
    readonly line: Line,
    readonly at: number,
    readonly to: number,
  ) {
    this.items = line.items.filter((item) => item.at >= at && item.to <= to);
    this.marks = line.marks.filter((mark) => mark.at >= at && mark.to <= to);
    this.cues = new Set(this.marks.flatMap((mark) => (mark.is === 'cue' ? [mark.cue] : [])));
  }

  get context(): LogContext {
    return this.line.context;
  }

  get tokens(): readonly Token[] {
    return this.line.tokens.slice(this.at, this.to);
  }

  get span(): Span {
    return {
      from: this.line.tokens[this.at]?.from ?? 0,
      to: this.line.tokens[this.to - 1]?.to ?? 0,
    };
  }

  private said: string | null = null;

  /** As it was written, without signs at its ends. */
  get text(): string {
    this.said ??= textOf(this.line, this.at, this.to);
    return this.said;
  }

  all<K extends Item['is']>(is: K): ItemOf<K>[] {
    return this.items.filter((item): item is ItemOf<K> => item.is === is);
  }

  marked<K extends Mark['is']>(is: K): MarkOf<K>[] {
    return this.marks.filter((mark): mark is MarkOf<K> => mark.is === is);
  }

  has(...cues: readonly Cue[]): boolean {
    return cues.some((cue) => this.cues.has(cue));
  }

  cueAt(cue: Cue): MarkOf<'cue'> | undefined {
    return this.marks.find((mark): mark is MarkOf<'cue'> => mark.is === 'cue' && mark.cue === cue);
  }

  /** Indexes of the words that stand in no typed thing, no name and no cue of `but`. */
  freeWords(but: (mark: Mark) => boolean = (mark) => mark.is !== 'cue'): number[] {
    const taken = new Set<number>();
    for (const mark of this.marks) {
      if (but(mark)) for (let one = mark.at; one < mark.to; one += 1) taken.add(one);
    }
    const free: number[] = [];
    for (let at = this.at; at < this.to; at += 1) {
      if (!taken.has(at) && this.line.plain.has(at)) free.push(at);
    }
    return free;
  }

  /** What its words may say of a job. A room's name gives no evidence, but for a word that means a thing as well. */
  stems(): Map<string, number> {
    const said = new Map<string, number>();
    // "Finished" tells how far something is, and nothing of what; before "coat" it is a coat.
    const isTold = new Set(
      this.marks.flatMap((mark) =>
        mark.is === 'cue' && (mark.cue === 'done' || mark.cue === 'begun')
          ? [mark.at, mark.to - 1]
          : [],
      ),
    );
    for (const at of this.freeWords()) {
      const word = this.line.tokens[at]?.word ?? '';
      if (FILLER.has(word) || isTold.has(at)) continue;
      said.set(stem(meantBy(word, this.context)), 1);
    }
    // "11 sheets up": what is counted is what the work is on.
    for (const { unit } of this.all('amount')) {
      if (/^sheets?$/.test(unit) || PIECES.test(unit)) said.set(stem(unit), 1);
    }
    for (const mark of this.marked('place')) {
      // "Set the bath" is about the bath; "grouting bath" is about the room.
      const isThing = said.size === 0 || [...said.keys()].some((one) => ACTION_VERBS.has(one));
      if (!mark.weak || !isThing) continue;
      const one = stem(this.line.tokens[mark.at]?.word ?? '');
      if (!said.has(one)) said.set(one, 0.7);
    }
    return said;
  }
}

/** Tokens as they were written, blanks and all, without signs and joining words at the ends. */
export function textOf(
  { text, tokens }: Pick<Line, 'text' | 'tokens'>,
  at: number,
  to: number,
): string {
  let [first, last] = [at, to - 1];
  const isEdge = (one: number) =>
    /^[,.;:!?\-–—&+]$/.test(tokens[one]?.text ?? '') ||
    /^(?:and|then|but|also|so)$/.test(tokens[one]?.word ?? '');
  while (first <= last && isEdge(first)) first += 1;
  while (last >= first && isEdge(last)) last -= 1;
  if (first > last) return '';
  return text.slice(tokens[first]?.from ?? 0, tokens[last]?.to ?? 0).replace(/\s+/g, ' ');
}

/** A text in words, numbers and names of the house. */
export function lineOf(text: string, context: LogContext): Line {
  const tokens = tokensOf(text);
  const all = itemsOf(tokens, context);
  const struck = struckOut(tokens, all);
  const items = all.filter(({ at }) => !struck.has(at));
  const marks = marksOf(tokens, all, context).filter(({ at }) => !struck.has(at));
  const inItem = new Set(struck);
  for (const { at, to } of items) for (let one = at; one < to; one += 1) inItem.add(one);
  const plain = new Set<number>();
  tokens.forEach(({ kind }, at) => {
    if (kind === 'word' && !inItem.has(at)) plain.add(at);
  });
  const timed = withBareHours(tokens, items, marks);
  return { text, tokens, items: timed, marks, struck, plain, context };
}

/** "Hours: me 2, Lena 3": figures beside names are hours where the line says so once for all. */
function withBareHours(
  tokens: readonly Token[],
  items: readonly Item[],
  marks: readonly Mark[],
): readonly Item[] {
  const isIn = (at: number) => items.some((item) => item.at <= at && at < item.to);
  const isHeading = tokens.some(({ word }, at) => /^hours?$/.test(word) && !isIn(at));
  // "I spent three hours …, and Bert did two".
  const isEllipsis = (item: Item) =>
    items.some((one) => one.is === 'duration' && one.at < item.at) &&
    /^(?:did|worked|spent)$/.test(tokens[item.at - 1]?.word ?? '') &&
    marks.some((mark) => mark.is === 'person' && mark.to === item.at - 1);
  const isName = (at: number) =>
    marks.some((mark) => mark.is === 'person' && mark.at <= at && at < mark.to);
  return items.map((item) =>
    item.is === 'number' &&
    item.value <= 24 &&
    ((isHeading && (isName(item.at - 1) || isName(item.to))) || isEllipsis(item))
      ? { is: 'duration', at: item.at, to: item.to, minutes: Math.round(item.value * 60) }
      : item,
  );
}
