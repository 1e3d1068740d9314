import type { PlaceKind, PlaceState } from '../../../house';
import { LINE_WORKS } from './lines';
import { OPENING_WORKS } from './openings';
import { OUTSIDE_WORKS } from './outside';
import { ROOM_WORKS } from './rooms';
import { STRUCTURE_WORKS } from './structure';
import { WET_WORKS } from './wet';
import { WORK_GROUPS, type WorkRequest, type Work } from './work';

export { WORK_GROUPS, type WorkRequest, type Work };
export { needsHeader } from './openings';

export const WORKS: readonly Work[] = [
  ...ROOM_WORKS,
  ...OPENING_WORKS,
  ...WET_WORKS,
  ...LINE_WORKS,
  ...STRUCTURE_WORKS,
  ...OUTSIDE_WORKS,
];

/** What every house needs, whatever is chosen. */
export const ALWAYS: readonly string[] = [
  'safe.locks',
  'site.alarms',
  'fit.alarms',
  'move.in',
  'after.papers',
  'after.season',
];

const look = (id: string, title: string, brings: string, steps: readonly string[]): Work => ({
  id,
  title,
  brings,
  group: 'Structure',
  kinds: [],
  steps: ['survey.walk', ...steps],
});

/** Investigations that a suspicion brings; nobody chooses them from a list. */
export const LOOK_WORKS: readonly Work[] = [
  look(
    'look-open',
    'Open up and look',
    'A hole where trouble is suspected, before anything is ordered',
    ['survey.test', 'look.isolate', 'look.open'],
  ),
  look('look-wiring', 'Have the wiring looked at', 'By a licensed electrician', ['look.wiring']),
  look('look-frame', 'Have the movement looked at', 'By an engineer', ['look.frame']),
  look('look-office', 'Ask the building office', 'What stands without a permit or not to code', [
    'look.office',
  ]),
  look(
    'look-square',
    'Check for square',
    'Square, level and plumb, before anything is cut to size',
    ['look.square'],
  ),
  look('look-test', 'Test it first', 'A sample for the laboratory, before it is disturbed', [
    'look.sample',
  ]),
];

const BY_ID = new Map([...WORKS, ...LOOK_WORKS].map((work) => [work.id, work]));
/** A work by its id; undefined where the library has none. */
export const findWork = (id: string): Work | undefined => BY_ID.get(id);

/** The works that make sense in a place of this kind and state, in the order of the groups. */
export const worksFor = (kind: PlaceKind, state: PlaceState = 'finished'): Work[] =>
  WORKS.filter((work) => work.kinds.includes(kind) && (work.states?.includes(state) ?? true)).sort(
    (a, b) => WORK_GROUPS.indexOf(a.group) - WORK_GROUPS.indexOf(b.group),
  );

/** What is mostly done in a place of its kind, so that nobody has to look through all of it. */
const USUAL: Readonly<Record<PlaceKind, readonly string[]>> = {
  living: [
    'repaint',
    'reline',
    'new-floor',
    'sand-floor',
    'window',
    'change-opening',
    'inside-doors',
    'rewire',
  ],
  kitchen: ['kitchen', 'swap-kitchen', 'reline', 'new-floor', 'tile-floor', 'repaint', 'gas-line'],
  dining: ['repaint', 'reline', 'new-floor', 'sand-floor', 'window', 'rewire'],
  bedroom: [
    'repaint',
    'reline',
    'new-floor',
    'sand-floor',
    'carpet',
    'window',
    'inside-doors',
    'rewire',
    'shelves',
  ],
  bathroom: ['bathroom', 'swap-bath', 'reline', 'tile-walls', 'tile-floor', 'bath-fan', 'repaint'],
  'box-room': ['repaint', 'reline', 'new-floor', 'shelves', 'rewire'],
  laundry: ['laundry', 'reline', 'tile-floor', 'repaint', 'rewire'],
  hall: ['repaint', 'reline', 'new-floor', 'outside-door', 'stair-rail', 'new-stair'],
  stairs: ['stair-rail', 'new-stair', 'repaint', 'carpet'],
  attic: ['blown-attic', 'insulate-roof', 'new-stair', 'rewire', 'clean'],
  cellar: ['boiler', 'panel', 'foundation-wall', 'screed', 'stair-rail', 'radon', 'clean'],
  garage: ['reline', 'outside-door', 'screed', 'rewire', 'roof', 'siding'],
  porch: ['porch', 'deck', 'roof-over', 'board-ceiling', 'roof', 'siding'],
  roof: ['new-roof', 'roof', 'roof-leads', 'gutters', 'roof-over'],
  'outside-face': [
    'siding',
    'paint-outside',
    'patch-skin',
    'change-opening',
    'window',
    'render',
    'gutters',
  ],
  yard: ['yard', 'regrade', 'paving', 'fence', 'garden', 'clear-drains'],
};
const FOR_NEW = [
  'build-on',
  'build-on-slab',
  'frame-shell',
  'make-room',
  'finish-shell',
  'new-skin',
  'roof-over',
];

/** The short list for a place: what is mostly done there, as it stands today. */
export function usualWorks(kind: PlaceKind, state: PlaceState = 'finished'): Work[] {
  const offered = worksFor(kind, state);
  const usual = [...(state === 'finished' ? [] : FOR_NEW), ...USUAL[kind]];
  return usual.flatMap((id) => offered.find((work) => work.id === id) ?? []);
}

/** Those in which every word of the search is found, in title, gain or the other words for it. */
export function searchWorks(works: readonly Work[], search: string): Work[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return works.filter(({ title, brings, group, also = '' }) => {
    const text = `${title} ${brings} ${group} ${also}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
}

/** The steps one choice of a work brings. */
export function stepsOf(work: Work, asked: WorkRequest): readonly string[] {
  const only = work.only?.(asked);
  return only ? work.steps.filter((id) => only.has(id)) : work.steps;
}
