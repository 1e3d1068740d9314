import type { OpeningChange } from '../../../house';
import { DONE, INSIDE_AND_FACES, LOOK, OLD_HOUSE, PERMIT, ROOMS, SAFE, STANDING } from './parts';
import type { WorkRequest, Work } from './work';

const BUNDLE = [
  'opening.check',
  'opening.save',
  'opening.reroute',
  'opening.shore',
  'opening.frame',
  'opening.set',
  'opening.unshore',
  'opening.patch',
  'opening.skin',
];

/** Larger than it was, somewhere else, or without a header that fits: the wall carries differently from then on. */
export const needsHeader = ({ change, header, now, then }: OpeningChange): boolean =>
  !header ||
  ['new', 'moved', 'two-into-one', 'wider'].includes(change) ||
  (now !== null && then !== null && then.width > now.width);

const NOTHING_OUT: ReadonlySet<OpeningChange['change']> = new Set(['new']);
const NO_UNIT: ReadonlySet<OpeningChange['change']> = new Set(['closed']);

/** What one change of an opening comes to. Nothing said is taken as the larger job, never the smaller. */
function openingSteps({ opening, kind }: WorkRequest): ReadonlySet<string> {
  const steps = new Set(CHANGE_STEPS);
  const without = (...ids: readonly string[]) => ids.forEach((id) => steps.delete(id));
  if (kind === 'outside-face')
    without('opening.patch', 'trim.casing', 'last.caulk', 'safe.dust-wall');
  if (!opening) return steps;
  if (!needsHeader(opening) && opening.wall === 'frame') {
    without(
      'engineer.visit',
      'opening.shore',
      'opening.frame',
      'opening.unshore',
      'hold.framing',
      'final.building',
    );
  }
  if (!opening.linesInTheWay) without('opening.reroute', 'hold.electric', 'safe.isolate');
  if (opening.change === 'smaller') without(...PERMIT);
  if (NOTHING_OUT.has(opening.change)) without('opening.save');
  if (NO_UNIT.has(opening.change)) {
    without(
      'opening.check',
      'opening.set',
      'opening.frame',
      'opening.shore',
      'opening.unshore',
      'engineer.visit',
      'trim.casing',
    );
    steps.add('structure.opening');
  } else steps.delete('structure.opening');
  return steps;
}

const CHANGE_STEPS = [
  ...LOOK,
  ...OLD_HOUSE,
  ...PERMIT,
  'engineer.visit',
  'opening.check',
  ...SAFE,
  'opening.save',
  'opening.reroute',
  'hold.electric',
  'opening.shore',
  'opening.frame',
  'opening.set',
  'opening.unshore',
  'hold.framing',
  'opening.patch',
  'opening.skin',
  'trim.casing',
  'last.caulk',
  'final.building',
  'close.punch',
];

export const OPENING_WORKS: readonly Work[] = [
  {
    id: 'change-opening',
    title: 'Change an opening',
    brings: 'Window to door, wider, lower, moved, closed: unit on site first, never open overnight',
    group: 'Windows and doors',
    also: 'window to door wider lower sill smaller moved closed new',
    kinds: INSIDE_AND_FACES,
    steps: [...CHANGE_STEPS, 'structure.opening'],
    only: openingSteps,
    stepsPerChoice: [...BUNDLE, 'structure.opening'],
    asks: 'opening',
    counted: 'openings',
  },
  {
    id: 'window',
    title: 'Replace a window',
    brings: 'Order to size, old one out, new one set the same day',
    group: 'Windows and doors',
    kinds: INSIDE_AND_FACES,
    steps: [...LOOK, 'survey.test', 'shell.window', 'trim.casing', 'last.caulk', 'close.punch'],
    counted: 'windows',
  },
  {
    id: 'overhaul-window',
    title: 'Overhaul a window',
    brings: 'Ease, putty, cords, weatherstrip',
    group: 'Windows and doors',
    kinds: INSIDE_AND_FACES,
    states: STANDING,
    steps: [...LOOK, 'survey.test', 'mend.window'],
    counted: 'windows',
  },
  {
    id: 'outside-door',
    title: 'New outside door',
    brings: 'Order to size, set, cased',
    group: 'Windows and doors',
    also: 'front door back door',
    kinds: ['hall', 'kitchen', 'living', 'laundry', 'cellar', 'garage', 'dining', 'bedroom'],
    steps: [...LOOK, 'survey.test', 'shell.door', 'trim.casing', 'last.caulk', 'close.punch'],
    counted: 'doors',
  },
  {
    id: 'inside-doors',
    title: 'New inside doors',
    brings: 'Hung and cased once the floor height is known',
    group: 'Windows and doors',
    kinds: ROOMS,
    steps: ['survey.measure', 'trim.prefinish', 'trim.doors', 'trim.casing', 'close.punch'],
    counted: 'doors',
  },
  {
    id: 'rehang-door',
    title: 'Rehang a door in its old frame',
    brings: 'Door trimmed, hinged, new latch',
    group: 'Windows and doors',
    kinds: ROOMS,
    steps: ['survey.measure', 'mend.door', 'trim.locks', 'close.punch'],
    counted: 'doors',
  },
  {
    id: 'locks',
    title: 'New latches and locks',
    brings: 'Fitted to the doors that stay',
    group: 'Windows and doors',
    kinds: ROOMS,
    steps: ['survey.walk', 'trim.locks'],
    counted: 'doors',
  },
  {
    id: 'ease-door',
    title: 'Ease and mend a door',
    brings: 'Hinges, latch, edges',
    group: 'Windows and doors',
    kinds: INSIDE_AND_FACES,
    states: STANDING,
    steps: [...LOOK, 'survey.test', 'mend.door'],
    counted: 'doors',
  },
  {
    id: 'close-opening',
    title: 'Close an opening',
    brings: 'Window or door out, hole framed and closed the same day, inside and skin made good',
    group: 'Windows and doors',
    kinds: INSIDE_AND_FACES,
    states: STANDING,
    steps: [
      ...LOOK,
      ...OLD_HOUSE,
      ...PERMIT,
      ...SAFE,
      'structure.opening',
      'hold.framing',
      'opening.patch',
      'opening.skin',
      ...DONE,
    ],
    counted: 'openings',
  },
  {
    id: 'move-opening',
    title: 'Move an opening',
    brings: 'Unit on site, closed here and opened there in one go, cased again',
    group: 'Windows and doors',
    kinds: ROOMS,
    states: STANDING,
    steps: [
      ...LOOK,
      ...OLD_HOUSE,
      ...PERMIT,
      ...SAFE,
      'engineer.visit',
      'opening.check',
      'opening.reroute',
      'hold.electric',
      'opening.shore',
      'opening.frame',
      'opening.set',
      'opening.unshore',
      'structure.opening',
      'hold.framing',
      'opening.patch',
      'opening.skin',
      'trim.casing',
      ...DONE,
    ],
    counted: 'openings',
  },
];
