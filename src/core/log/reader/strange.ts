import type { LogContext } from './context';
import type { Facts } from './frames';
import { stem } from '../../language/stems';

/** Words of a statement that nothing in the house knows: the owner's own, perhaps. */
export const strangeWords = ({ stretch }: Facts, { lexicon }: LogContext): string[] =>
  stretch
    .freeWords(() => true)
    .map((at) => stretch.line.tokens[at]?.word ?? '')
    .filter(
      (word) => word.length > 3 && !lexicon.words.has(word) && !lexicon.byStem.has(stem(word)),
    );

/** Not one word that the house, or talk, knows. */
export const isNonsense = (facts: Facts, context: LogContext): boolean =>
  strangeWords(facts, context).length ===
  facts.stretch.tokens.filter(({ kind }) => kind === 'word').length;
