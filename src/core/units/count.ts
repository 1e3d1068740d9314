/** Measures that stay as they are in the plural. */
const UNCHANGED = new Set([
  'ft',
  'in',
  'lb',
  'gal',
  'kg',
  'm',
  'L',
  'W',
  'lm',
  'cfm',
  '%',
  'x',
  'sq',
  'cu',
  'm²',
  'm³',
  'btu/h',
]);

const plural = (word: string): string => {
  if (UNCHANGED.has(word)) return word;
  return /(x|s|ch|sh)$/.test(word) ? `${word}es` : `${word}s`;
};

/** `1 board`, `62 boards`, `3 boxes`, `4 sticks of 8 ft`, `24 ft`. */
export function countWords(count: number, unit: string): string {
  const [first = '', ...rest] = unit.split(' ');
  const word = count === 1 ? first : plural(first);
  return [count.toLocaleString('en-US'), word, ...rest].join(' ');
}
