import { type Phrase, textOf } from './line';
import type { Mark } from './marks';
import type { Cue } from './words/cues';
import { FILLER } from '../../language/stems';

/** What a statement is about, in its own words. */

const EDGE =
  /^(?:of|for|on|in|at|from|to|with|the|a|an|and|by|it|is|was|were|some|more|each|over|into|my|our|that|has|have|had|got|get|until|till|for|went|then)$/;

/** The words that are in no typed thing, no name, and no cue of those given; joining words at the ends left off. */
export function thingIn(
  stretch: Phrase,
  cues: readonly Cue[],
  without: ReadonlySet<number> = new Set(),
): string {
  const isTaken = (mark: Mark) => mark.is !== 'cue' || cues.includes(mark.cue);
  const free = stretch.freeWords(isTaken).filter((at) => !without.has(at));
  return trimmed(free.map((at) => stretch.line.tokens[at]?.text ?? '').join(' ')).slice(0, 120);
}

/** Without joining words at its ends. */
export function trimmed(text: string): string {
  const words = text.split(/\s+/).filter((word) => word !== '');
  let [first, last] = [0, words.length - 1];
  const isEdge = (at: number) => {
    const word = (words[at] ?? '').toLowerCase();
    return EDGE.test(word) || FILLER.has(word);
  };
  while (first <= last && isEdge(first)) first += 1;
  while (last >= first && isEdge(last)) last -= 1;
  return words.slice(first, last + 1).join(' ');
}

/** The words behind the cue that opens a statement, as they were written. */
export function sayingBehind(stretch: Phrase, cues: readonly Cue[]): string {
  const lead = stretch.marks.find((mark) => mark.is === 'cue' && cues.includes(mark.cue));
  const isOpening =
    lead !== undefined &&
    stretch
      .freeWords((mark) => mark.is !== 'cue')
      .every((at) => at >= lead.at || isJoin(stretch, at));
  const from = isOpening && lead ? lead.to : stretch.at;
  const text = textOf(stretch.line, from, stretch.to).replace(/^(?:that|to|on|is|was|:)\s+/i, '');
  return text || stretch.text;
}

const isJoin = (stretch: Phrase, at: number): boolean =>
  FILLER.has(stretch.line.tokens[at]?.word ?? '');

/** Words of a statement that say something and were not used: its note. */
export function leftWords(stretch: Phrase, used: ReadonlySet<number>): string {
  const free = stretch.freeWords(() => true).filter((at) => !used.has(at));
  const telling = free.filter((at) => !FILLER.has(stretch.line.tokens[at]?.word ?? ''));
  return telling.map((at) => stretch.line.tokens[at]?.text ?? '').join(' ');
}

/** A capitalised name, joined by "and" or "&": `Ridge and Eave`, `Stein und Holz`. `to` lies behind it. */
export function nameAt(stretch: Phrase, at: number): { name: string; to: number } | undefined {
  const { tokens } = stretch.line;
  const isName = (one: number) =>
    one < stretch.to &&
    /^\p{Lu}/u.test(tokens[one]?.text ?? '') &&
    !stretch.items.some((item) => item.at <= one && one < item.to) &&
    !stretch.marks.some((mark) => mark.is === 'place' && mark.at <= one && one < mark.to);
  if (!isName(at)) return undefined;
  let to = at + 1;
  for (;;) {
    if (isName(to)) to += 1;
    else if (/^(?:and|&|und|y|et|of)$/.test(tokens[to]?.word ?? '') && isName(to + 1)) to += 2;
    else break;
  }
  return { name: stretch.line.text.slice(tokens[at]?.from ?? 0, tokens[to - 1]?.to ?? 0), to };
}
