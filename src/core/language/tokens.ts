/** A stretch of the line, in code units; `to` lies behind its last one. */
export type Span = { from: number; to: number };

/** A word, a number or a sign of the line, with the place it stands at. Nothing of the line but blanks is left out. */
export type Token = Span & {
  text: string;
  /** In small letters, without the s of "Bert's". */
  word: string;
  kind: 'word' | 'number' | 'sign';
  /** Whether it stands right behind the one before, without a blank. */
  glued: boolean;
};

const PIECE = /\p{L}[\p{L}\p{M}]*(?:['’]\p{L}+)*|\d+(?:[.,:]\d+)*|[½¼¾⅓⅔]|[^\s]/gu;
const FRACTIONS = '½¼¾⅓⅔';

const kindOf = (text: string): Token['kind'] =>
  /^\p{L}/u.test(text) ? 'word' : /^\d/.test(text) || FRACTIONS.includes(text) ? 'number' : 'sign';

/** The line in pieces; every character that is no blank belongs to one. */
export function tokensOf(line: string): Token[] {
  let end = -1;
  return [...line.matchAll(PIECE)].map(({ 0: text, index }) => {
    const glued = index === end;
    end = index + text.length;
    const word = text.toLowerCase().replace('’', "'").replace(/'s$/, '');
    return { text, word, kind: kindOf(text), from: index, to: end, glued };
  });
}
