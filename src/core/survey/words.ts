import type { Decision, Element, ElementCondition, Suspicion } from '../house';

/** How people name what they see while walking. The first pattern of a table that fits wins. */
type Table<T> = readonly (readonly [RegExp, T])[];

export const ELEMENT_WORDS: Table<Element> = [
  [/\bwindows?\b|\bsills?\b|\bsash(?:es)?\b|\bglazing\b/i, 'windows'],
  [/\bdoors?\b/i, 'doors'],
  [/\bceilings?\b/i, 'ceiling'],
  [/\b(?:floor(?:s|boards?)?|joists?|subfloor)\b/i, 'floor'],
  [/\b(?:stairs?|treads?|banister|handrail)\b/i, 'stairs'],
  [/\b(?:plumbing|pipes?|taps?|toilet|basin|bath|tub|shower)\b/i, 'plumbing'],
  [/\b(?:heating|heater|radiators?|boiler|furnace|cooling|ducts?)\b/i, 'heating'],
  [
    /\b(?:power|lights?|lighting|electrics?|outlets?|sockets?|wiring|switch(?:es)?|panel)\b/i,
    'power',
  ],
  [/\b(?:fixtures?|cabinets?|cupboards?|counter|built[- ]ins?|kitchen units?)\b/i, 'fixtures'],
  [/\b(?:storage|closets?|shel(?:f|ves)|wardrobe)\b/i, 'storage'],
  [/\b(?:drainage|drains?|gutters?|downpipes?)\b/i, 'drainage'],
  [/\b(?:siding|cladding|brickwork|render|skin|shingles?|flashing)\b/i, 'skin'],
  [/\b(?:walls?|plaster|panelling|wallpaper)\b/i, 'walls'],
];

export const DECISION_WORDS: Table<Decision> = [
  [/\b(?:undecided|not sure|maybe|don['’]t know|to decide)\b/i, 'undecided'],
  [/\b(?:replace[ds]?|replacing|renew|new)\b/i, 'replace'],
  [/\b(?:remove[ds]?|take out|takes? down|rip out|goes|go|strip)\b/i, 'remove'],
  [/\b(?:repairs?|mend|patch(?:ed)?|fix|overhaul|make good)\b/i, 'repair'],
  [/\b(?:move[ds]?|shift|relocate)\b/i, 'move'],
  [/\b(?:adds?|extra)\b/i, 'add'],
  [/\b(?:clean|wash|scrub)\b/i, 'clean'],
  [/\b(?:keeps?|stays?|leave|sound|fine|good|ok)\b/i, 'keep'],
];

export const CONDITION_WORDS: Table<ElementCondition> = [
  [/\b(?:sound|fine|good|solid|ok)\b/i, 'sound'],
  [
    /\b(?:rotten|rotted|broken|cracked|failing|failed|dead|gone|collapsed|leak(?:s|ing)?)\b/i,
    'failing',
  ],
  [/\b(?:tired|worn|tatty|dated|scratched|stained|loose|sticks?)\b/i, 'tired'],
];

export const SUSPICION_WORDS: Table<Suspicion> = [
  [/\b(?:rot|rotten|rotted|spongy|soft)\b/i, 'rot'],
  [/\b(?:leak(?:s|ing)?|damp|wet|water stain|stained)\b/i, 'leak'],
  [/\bmou?ld(?:y)?\b/i, 'mould'],
  [/\b(?:pests?|mice|mouse|rats?|ants|termites?|woodworm|beetles?|droppings)\b/i, 'pest'],
  [/\b(?:movement|sag(?:s|ging)?|bulg(?:es|ing)|lean(?:s|ing)|subsid\w*)\b/i, 'movement'],
  [/\b(?:unsafe wiring|knob and tube|old wiring|scorched|bare wires?)\b/i, 'wiring'],
  [/\basbestos\b/i, 'asbestos'],
  [/\blead paint\b|\blead\b/i, 'lead'],
  [/\bno permit\b/i, 'no-permit'],
  [/\bnot to code\b|\bcode\b/i, 'not-to-code'],
  [/\b(?:off square|out of square|crooked|out of level|out of plumb)\b/i, 'off-square'],
];

/** Words that name the way something is done: "floor keep and sand". */
export const WAY_WORDS: Table<string> = [
  [/\bsand(?:ed|ing)?\b/i, 'sand-floor'],
  [/\btil(?:e|es|ed|ing)\b/i, 'tile-floor'],
  [/\bscreed\b/i, 'screed'],
  [/\b(?:re)?paint(?:ed|ing)?\b/i, 'repaint'],
  [/\bjoists?\b/i, 'repair-floor'],
  [/\brewire\b/i, 'rewire'],
];

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

export const first = <T>(table: Table<T>, text: string): T | undefined =>
  table.find(([pattern]) => pattern.test(text))?.[1];

/** "two windows", "3 doors". */
export function countIn(text: string): number {
  const digits = /\b(\d{1,2})\s+\p{L}/u.exec(text)?.[1];
  if (digits) return Math.max(1, Number(digits));
  const word = NUMBERS.findIndex((name) => new RegExp(`\\b${name}\\b`, 'i').test(text));
  return word + 1 || 1;
}
