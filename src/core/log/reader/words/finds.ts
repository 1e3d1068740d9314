import type { Element, Suspicion } from '../../../house';

/** How people name what they see. The first pattern of a table that fits wins. */
export type Table<T> = readonly (readonly [RegExp, T])[];

export const SUSPICION_WORDS: Table<Suspicion> = [
  [/\b(?:rot|rotten|rotted|spongy|soft|mushy)\b/i, 'rot'],
  [/\b(?:leak(?:s|ing|ed)?|damp|wet|water stains?|stained|moisture)\b/i, 'leak'],
  [/\bmou?ld(?:y)?\b|\bmildew\b/i, 'mould'],
  [/\b(?:pests?|mice|mouse|rats?|ants|termites?|woodworm|beetles?|droppings|wasps?)\b/i, 'pest'],
  [
    /\b(?:movement|sag(?:s|ging)?|bulg(?:es|ing)|lean(?:s|ing)|subsid\w*|sinking|sunk)\b/i,
    'movement',
  ],
  [/\b(?:unsafe wiring|knob and tube|old wiring|scorched|bare wires?|burnt wires?)\b/i, 'wiring'],
  [/\basbestos\b/i, 'asbestos'],
  [/\blead paint\b|\blead\b/i, 'lead'],
  [/\bno permit\b/i, 'no-permit'],
  [/\bnot to code\b|\bcode\b/i, 'not-to-code'],
  [/\b(?:off square|out of square|crooked|out of level|out of plumb)\b/i, 'off-square'],
];

export const ELEMENT_WORDS: Table<Element> = [
  [/\bwindows?\b|\bsills?\b|\bsash(?:es)?\b|\bglazing\b/i, 'windows'],
  [/\bdoors?\b/i, 'doors'],
  [/\bceilings?\b/i, 'ceiling'],
  [/\b(?:floor(?:s|boards?)?|joists?|subfloor)\b/i, 'floor'],
  [/\b(?:stairs?|treads?|banister|handrail)\b/i, 'stairs'],
  [/\b(?:plumbing|pipes?|taps?|toilet|basin|bath|tub|shower|sink)\b/i, 'plumbing'],
  [/\b(?:heating|heater|radiators?|boiler|furnace|cooling|ducts?)\b/i, 'heating'],
  [
    /\b(?:power|lights?|lighting|electrics?|outlets?|sockets?|wiring|wires?|switch(?:es)?|panel)\b/i,
    'power',
  ],
  [/\b(?:fixtures?|cabinets?|cupboards?|counter|built[- ]ins?|kitchen units?)\b/i, 'fixtures'],
  [/\b(?:storage|closets?|shel(?:f|ves)|wardrobe)\b/i, 'storage'],
  [/\b(?:drainage|drains?|gutters?|downpipes?)\b/i, 'drainage'],
  [/\b(?:siding|cladding|brickwork|render|skin|shingles?|flashing)\b/i, 'skin'],
  [/\b(?:walls?|plaster|panelling|wallpaper)\b/i, 'walls'],
];

/** What the first pattern of a table that fits stands for. */
export const first = <T>(table: Table<T>, text: string): T | undefined =>
  table.find(([pattern]) => pattern.test(text))?.[1];
