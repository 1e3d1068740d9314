/** Words that must not stand on any screen: the program's own names, slips of grammar, and words nobody says. */

/** Words that end in s and are one all the same. */
const SINGULAR = new Set([
  'glass',
  'bus',
  'gas',
  'us',
  'is',
  'was',
  'this',
  'its',
  'plus',
  'less',
  'across',
  'access',
]);
/** Words that rightly stand twice. */
const TWICE = new Set(['that', 'had', 'very']);

const PATTERNS: readonly (readonly [RegExp, string])[] = [
  [/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}/i, 'an id'],
  [/\b[a-z][a-z0-9-]*\/[a-z]+\.[a-z-]+/, 'a job’s id'],
  [/\b(?:undefined|null|NaN|\[object|Invalid Date|Infinity)\b/, 'a value of the program'],
  [/\bnoughts?\b/i, 'nought'],
  [/\b[a-z]+_[a-z_]+\b/, 'a code'],
  [/\b[a-z]{2,}[A-Z][a-z]+[A-Za-z]*\b/, 'a code'],
];

/** What is wrong with the words of a screen, with the line it stands in. */
export function wordFaults(text: string): string[] {
  return text.split('\n').flatMap((line) => {
    const faults = PATTERNS.flatMap(([pattern, what]) => (pattern.test(line) ? [what] : []));
    const words = line.split(/[^A-Za-z’'0-9]+/).filter(Boolean);
    words.forEach((word, at) => {
      const next = words[at + 1]?.toLowerCase() ?? '';
      const same = word.toLowerCase() === next && /^[a-z]{3,}$/.test(next);
      if (same && !TWICE.has(next) && line.includes(`${word} ${words[at + 1]}`))
        faults.push(`“${word}” twice`);
      const plural = /^[a-z]{3,}s$/.test(next) && !SINGULAR.has(next) && !/ss$/.test(next);
      if (word === '1' && plural && new RegExp(`(?<![\\d./,:$€£ ])1 ${next}\\b`).test(line))
        faults.push(`1 ${next}`);
    });
    return [...new Set(faults)].map((fault) => `${fault}: ${line.trim().slice(0, 120)}`);
  });
}
