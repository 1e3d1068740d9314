import type { LogContext } from './context';
import type { Phrase } from './line';
import type { Rows } from './making';
import { meantBy } from './marks';
import { stem } from '../../language/stems';

/** A word behind the work that nothing in the house, and no talk, knows. */
export const hasStrangeWord = (stretch: Phrase, { lexicon }: LogContext): boolean =>
  stretch
    .freeWords(() => true)
    .map((at) => meantBy(stretch.line.tokens[at]?.word ?? '', stretch.context))
    .some((word) => word.length > 3 && !lexicon.words.has(word) && !lexicon.byStem.has(stem(word)));

/** Those who worked along with a stranger: whoever is named, and the owner where the stranger was only with him. */
export function rowsBeside(stretch: Phrase, rows: Rows): Rows {
  const isWith = stretch.tokens.some(({ word }) => word === 'with');
  return isWith || stretch.marked('person').length > 0 ? rows : [];
}

const RELATIVES =
  /^(?:brother|sister|wife|husband|dad|father|mom|mum|mother|son|daughter|neighbou?r|friend|uncle|aunt|cousin|partner|nephew|niece|boyfriend|girlfriend|buddy|mate)s?$/;

/** A name that nobody in the house has: capitalised, or before "helped". */
export function strangerIn(stretch: Phrase, context: LogContext): string | null {
  const { tokens } = stretch.line;
  const free = new Set(stretch.freeWords(() => true));
  const isDuration = (at: number) =>
    stretch.items.some((item) => item.is === 'duration' && (item.at === at || item.to === at));
  const hasPerson = stretch.marked('person').length > 0;
  for (const at of free) {
    const token = tokens[at];
    if (!token || token.text.length < 2) continue;
    const own = tokens[at - 1]?.word ?? '';
    if (RELATIVES.test(token.word) && /^(?:my|our|the|a|with|and|her|his)$/.test(own))
      return token.text;
    const isKnown = context.lexicon.byStem.has(token.word) || context.lexicon.words.has(token.word);
    const helps = stretch.marks.some(
      (mark) => mark.is === 'cue' && mark.cue === 'helped' && mark.at === at + 1,
    );
    const isCapital = /^\p{Lu}\p{Ll}/u.test(token.text);
    const isFirst = at === 0 || /^[.;!?]$/.test(tokens[at - 1]?.text ?? '');
    const beside =
      isDuration(at + 1) || isDuration(at) || /^(?:and|with|,)$/.test(tokens[at - 1]?.word ?? '');
    const acts =
      isFirst &&
      !hasPerson &&
      stretch.context.lexicon.steps.length > 0 &&
      /(?:ed|ing)$/.test(tokens[at + 1]?.word ?? '');
    if (isKnown) continue;
    if (helps || (isCapital && (beside || acts)) || (acts && isFirst && !isCapital && !hasPerson))
      return token.text;
  }
  return null;
}
