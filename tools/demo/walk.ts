import { plainDate } from '../../src/core/units';
import { idOf } from '../../src/core/testing/ids';
import type { Decision, Element, Survey } from '../../src/core/house';
import type { EventBodyOf } from '../../src/core/journal';
import { FIRST_DAY } from './house';

/** What was seen on the first walk: place, element, decision, and what else was said of it. */
type Seen = readonly [place: string, element: Element, decision: Decision, more?: Partial<Survey>];

const SEEN: readonly Seen[] = [
  [
    'living',
    'ceiling',
    'replace',
    { how: 'reline', condition: 'failing', reason: 'second ceiling over it' },
  ],
  ['living', 'walls', 'replace', { how: 'reline', condition: 'failing' }],
  ['living', 'floor', 'replace', { condition: 'failing', reason: 'worn through at the counter' }],
  ['living', 'windows', 'keep', { condition: 'sound', reason: 'the old shop front stays' }],
  ['living', 'doors', 'keep', { condition: 'sound' }],
  ['kitchen', 'ceiling', 'keep', { condition: 'sound' }],
  ['kitchen', 'walls', 'keep', { condition: 'tired', how: 'repaint' }],
  [
    'kitchen',
    'floor',
    'replace',
    { how: 'screed', condition: 'failing', reason: 'falls the wrong way' },
  ],
  [
    'kitchen',
    'doors',
    'undecided',
    { options: ['keep', 'remove'], reason: 'a door to the laundry, or wide and cased?' },
  ],
  ['kitchen', 'fixtures', 'replace', { how: 'kitchen', condition: 'failing' }],
  ['stairs', 'stairs', 'repair', { condition: 'tired', reason: 'no rail on the open side' }],
  ['stairs', 'walls', 'keep', { how: 'repaint', condition: 'tired' }],
  ['stairs', 'ceiling', 'keep', { condition: 'sound' }],
  ['bath', 'plumbing', 'replace', { how: 'bathroom', condition: 'failing' }],
  ['bath', 'floor', 'replace', { how: 'tile-floor', condition: 'failing' }],
  ['bath', 'doors', 'keep', { condition: 'sound' }],
  ['small-bed', 'windows', 'replace', { condition: 'failing', reason: 'sash stuck and cracked' }],
  ['small-bed', 'floor', 'keep', { how: 'sand-floor', condition: 'tired' }],
  ['small-bed', 'walls', 'keep', { how: 'repaint', condition: 'tired' }],
  ['attic', 'floor', 'keep', { condition: 'sound' }],
  [
    'attic',
    'ceiling',
    'keep',
    { condition: 'tired', suspicion: 'leak', reason: 'brown ring by the stack' },
  ],
  [
    'cellar',
    'walls',
    'keep',
    { condition: 'tired', suspicion: 'movement', reason: 'stepped crack at the yard end' },
  ],
  ['cellar', 'power', 'replace', { how: 'panel', condition: 'failing' }],
  ['roof', 'skin', 'repair', { how: 'roof', condition: 'failing', reason: 'flashing lifted' }],
  ['street', 'skin', 'keep', { how: 'paint-outside', condition: 'tired' }],
  [
    'yard-face',
    'skin',
    'replace',
    { condition: 'failing', salvage: { what: 'Sound cedar boards', size: '9 of 8 ft' } },
  ],
  [
    'yard-face',
    'windows',
    'undecided',
    { options: ['repair', 'replace'], reason: 'two small panes to the yard' },
  ],
];

const seen = ([placeId, element, decision, more = {}]: Seen): EventBodyOf => ({
  type: 'elementSurveyed',
  payload: {
    placeId: idOf(placeId),
    element,
    decision,
    on: FIRST_DAY,
    condition: 'unknown',
    how: null,
    count: 1,
    reason: null,
    size: null,
    suspicion: null,
    risk: null,
    salvage: null,
    options: [],
    ...more,
  },
});

/** The walk of the first day, and the date the insurer set. */
export const WALK: readonly EventBodyOf[] = [
  ...SEEN.map(seen),
  {
    type: 'demandMade',
    payload: {
      id: 'insurer-outside',
      from: 'insurer',
      what: 'Outside closed and painted',
      covers: { kind: 'outside' },
      by: plainDate('2026-06-30'),
    },
  },
];
