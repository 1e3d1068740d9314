import type { Decision, Element, ElementCondition } from '../../house';
import {
  ELEMENT_WORDS as FOUND_ELEMENTS,
  SUSPICION_WORDS,
  type Table,
} from '../reader/words/finds';

export { SUSPICION_WORDS };

/** What people point at while walking; the finer things first, since a chimney breast is no wall. */
const ELEMENT_WORDS: Table<Element> = [
  [/\b(?:chimneys?|flue)\b/i, 'chimney'],
  [/\b(?:stoves?|fireplace|woodburner)\b/i, 'stove'],
  [/\bpartitions?(?: walls?)?\b/i, 'partition'],
  [/\b(?:beams?|girders?|lintels?)\b/i, 'beam'],
  [/\b(?:foundations?|footings?|piers?)\b/i, 'foundation'],
  [/\b(?:insulation|batts)\b/i, 'insulation'],
  [/\b(?:ground|soil|grading)\b/i, 'ground'],
  ...FOUND_ELEMENTS,
];

/** A door that becomes a window, an opening that grows: its own way of being replaced. */
const CHANGES_OPENING =
  /\b(?:becomes?|turns? into|change[ds]? to|smaller|bigger|larger|wider|narrower|lower(?:ed)?|higher|taller|enlarged?)\b/i;

export const DECISION_WORDS: Table<Decision> = [
  [/\b(?:undecided|not sure|maybe|don['’]t know|to decide)\b/i, 'undecided'],
  [/\b(?:replace[ds]?|replacing|renew|new)\b/i, 'replace'],
  [CHANGES_OPENING, 'replace'],
  [
    /\b(?:remove[ds]?|take out|takes? down|comes? (?:out|down)|rip out|goes|go|strip|out|gone|closed(?: up)?|close up|bricked up|wall(?:ed)? up)\b/i,
    'remove',
  ],
  [/\b(?:repairs?|mend|patch(?:ed)?|fix(?:ed)?|overhaul|make good)\b/i, 'repair'],
  [/\b(?:move[ds]?|shift(?:ed)?|relocated?)\b/i, 'move'],
  [/\b(?:adds?|extra)\b/i, 'add'],
  [/\b(?:clean|wash|scrub)\b/i, 'clean'],
  [/\b(?:keeps?|stays?|leave|sound|fine|good|ok)\b/i, 'keep'],
];

export const CONDITION_WORDS: Table<ElementCondition> = [
  [
    /\b(?:rotten|rotted|broken|cracked|cracks|failing|failed|dead|collapsed|leak(?:s|ing|y)?|sag(?:s|ging)?|soft|spongy|missing)\b/i,
    'failing',
  ],
  [
    /\b(?:tired|worn|tatty|dated|scratched|stained|loose|sticks?|smells?|smelly|musty|draughty|drafty|damp|slopes?)\b/i,
    'tired',
  ],
  [/\b(?:sound|fine|good|solid|ok)\b/i, 'sound'],
];

/** Words that name the way something is done: "floor keep and sand". */
export const WAY_WORDS: Table<string> = [
  [CHANGES_OPENING, 'change-opening'],
  [/\bsand(?:ed|ing)?\b/i, 'sand-floor'],
  [/\btil(?:e|es|ed|ing)\b/i, 'tile-floor'],
  [/\bscreed\b/i, 'screed'],
  [/\b(?:re)?paint(?:ed|ing)?\b/i, 'repaint'],
  [/\bjoists?\b/i, 'repair-floor'],
  [/\brewire\b/i, 'rewire'],
];

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

/** What the first pattern of a table that fits stands for. */
export const first = <T>(table: Table<T>, text: string): T | undefined =>
  table.find(([pattern]) => pattern.test(text))?.[1];

const WHERE =
  /\b(?:in|to|on|under|behind|at|over|above|of)(?:\s+(?:the|its|our))?(?:\s+\p{L}+)?\s+$/iu;

/** Every element a text names, in its order, each once, and the text without their words. */
export function elementsIn(text: string): { elements: Element[]; rest: string } {
  const found: { element: Element; at: number }[] = [];
  let rest = text;
  for (const [pattern, element] of ELEMENT_WORDS) {
    const all = new RegExp(pattern.source, 'gi');
    for (const match of rest.matchAll(all)) found.push({ element, at: match.index });
    // As many blanks as letters, so that what is found later keeps its place.
    rest = rest.replace(all, (word) => ' '.repeat(word.length));
  }
  found.sort((a, b) => a.at - b.at);
  const change = CHANGES_OPENING.exec(text)?.index ?? text.length;
  // "Door becomes window", "insulation missing in the walls": what stands behind is what it turns into, or where.
  const isSubject = ({ at }: { at: number }, nth: number) =>
    nth === 0 || (at < change && !WHERE.test(text.slice(0, at)));
  const subjects = found.filter(isSubject);
  return { elements: [...new Set(subjects.map(({ element }) => element))], rest };
}

/** "Two windows", "3 doors". */
export function countIn(text: string): number {
  const digits = /\b(\d{1,2})\s+\p{L}/u.exec(text)?.[1];
  if (digits) return Math.max(1, Number(digits));
  const word = NUMBERS.findIndex((name) => new RegExp(`\\b${name}\\b`, 'i').test(text));
  return word + 1 || 1;
}
