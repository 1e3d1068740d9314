const STOP = new Set(
  'a an and at by did do for from got had i in into is it me my of off on one onto our over put some that the them then there to two up us was we went were with all day work worked working again more'.split(
    ' ',
  ),
);

/** `taping`, `taped`, `tape` and `tapes` fall together. Crude on purpose: both sides go through it. */
export function stem(word: string): string {
  const plain = word.toLowerCase().replace(/[^a-z0-9]/g, '');
  if (plain.length <= 3) return plain;
  const cut = plain
    .replace(/(ing|ed|es|s)$/, '')
    .replace(/e$/, '')
    .replace(/(.)\1$/, '$1')
    .replace(/y$/, 'i');
  return cut.length >= 3 ? cut : plain;
}

export const wordsOf = (text: string): string[] =>
  text.split(/[^\p{L}\p{N}'’]+/u).filter((word) => word !== '');

/** The words of a text that can carry meaning. */
export const tellingWords = (text: string): string[] =>
  wordsOf(text).filter((word) => !STOP.has(word.toLowerCase()));

export const stemsOf = (text: string): string[] => tellingWords(text).map(stem);

/** How many of the `wanted` stems stand in `stems` if all do, else nought. */
export const phraseScore = (wanted: readonly string[], stems: ReadonlySet<string>): number =>
  wanted.length > 0 && wanted.every((word) => stems.has(word)) ? wanted.length : 0;

/** How many of the `wanted` stems stand in `stems`, counted once at least half do. */
export function overlapScore(wanted: readonly string[], stems: ReadonlySet<string>): number {
  const found = wanted.filter((word) => stems.has(word)).length;
  return wanted.length > 0 && found * 2 >= wanted.length ? found : 0;
}
