import type { Strength } from './rules';

/** How far a cell reaches: steps on one assembly, or any two in one room. */
export type Scope = 'assembly' | 'room';

type Ordered = { scope: Scope; strength: Strength; why: string };
/** A pair of verbs that is never ordered by the table, and why that is safe. */
export type Free = { free: string };
export type PrecedenceCell = Ordered | Free;
/** Whether two verbs may go in either order. */
export const isFree = (cell: PrecedenceCell): cell is Free => 'free' in cell;

const a = (strength: Strength, why: string): Ordered => ({ scope: 'assembly', strength, why });
const r = (strength: Strength, why: string): Ordered => ({ scope: 'room', strength, why });
const free = (reason: string): Free => ({ free: reason });

/**
 * What goes first, by verb: row before column. Written once for all steps, so that a new step forgets no pair. The
 * sentences are those of the general case; `LAYERS` and the rules between named steps say it more closely.
 */
export const MATRIX: Readonly<Record<string, PrecedenceCell>> = {
  '1>2': r('practice', 'Look, decide and ask before you open up.'),
  '1>3': r('practice', 'What carries is looked at before it is built on.'),
  '1>4': a('physics', 'It is made or cut to what was measured and decided.'),
  '1>5': a('practice', 'Know what is there before you run new lines.'),
  '1>6': free('A visit sees work, and the looking comes before that work.'),
  '1>7': a('practice', 'Look before you fill: nobody sees it afterwards.'),
  '1>8': a('practice', 'Look before you cover: nobody sees it afterwards.'),
  '1>9': a('practice', 'What is chosen and looked at is finished once.'),
  '1>10': a('physics', 'It is ordered or built to what was measured and chosen.'),
  '1>11': free('The last coats follow the first, which followed the looking.'),
  '1>12': free('Handing over follows the work, which followed the looking.'),

  '2>3': r('practice', 'A cleared room is safer to build in.'),
  '2>4': a('physics', 'What is old comes off before the new keeps the weather out.'),
  '2>5': r('practice', 'Pipes and cable are run in a room that is cleared.'),
  '2>6': free('A visit sees new work, and that comes after the opening.'),
  '2>7': r('practice', 'Dust and debris go out before insulation comes in.'),
  '2>8': r('physics', 'The old is down and out before it is covered again.'),
  '2>9': r('physics', 'Demolition would ruin a finished surface.'),
  '2>10': r('physics', 'Demolition would ruin what is fitted.'),
  '2>11': r('practice', 'The last coats come when nothing is torn out any more.'),
  '2>12': r('practice', 'Nothing is handed over that is still being torn out.'),

  '3>4': a('physics', 'The frame stands before the weather is kept out of it.'),
  '3>5': a('physics', 'Pipes and cable follow the frame they are fixed to.'),
  '3>6': a('inspection', 'The inspector sees the frame while it is bare.'),
  '3>7': a('physics', 'The frame stands before it is filled.'),
  '3>8': a('physics', 'The frame stands before it is covered.'),
  '3>9': r('practice', 'Heavy work is over before a surface is finished.'),
  '3>10': r('practice', 'Heavy work is over before anything is fitted.'),
  '3>11': r('practice', 'Heavy work is over before the last coats.'),
  '3>12': r('practice', 'A place is handed over when its structure is.'),

  '4>5': r('practice', 'Pipes and cable come when rain and thieves stay out.'),
  '4>6': free('The visit waits for what it sees; rain harms neither.'),
  '4>7': r('physics', 'Wet insulation is worth nothing: dry in first.'),
  '4>8': r('physics', 'Board and backer swell in the wet: dry in first.'),
  '4>9': r('physics', 'No finish holds in a room that the weather reaches.'),
  '4>10': r('practice', 'What is fitted stays dry and safe behind a closed shell.'),
  '4>11': r('practice', 'The last coats come when no hole is cut any more.'),
  '4>12': r('practice', 'A place is handed over when it is closed.'),

  '5>6': a('inspection', 'It is inspected and tested while it can be seen.'),
  '5>7': a('cover-up', 'Pipes, ducts and cable go in before the wall is filled.'),
  '5>8': a('cover-up', 'Pipes, ducts and cable go in before they are covered.'),
  '5>9': r('practice', 'Running lines leaves holes and dust behind.'),
  '5>10': a('physics', 'It ends the lines that were run to it.'),
  '5>11': r('practice', 'The last coats come when all lines are run.'),
  '5>12': r('practice', 'A place is handed over when its lines are.'),

  '6>7': a('inspection', 'Nothing is filled before the visit for it has passed.'),
  '6>8': a('inspection', 'Nothing is covered before the visit for it has passed.'),
  '6>9': a('inspection', 'Filling and paint close a wall too: the visit comes first.'),
  '6>10': a('inspection', 'Nothing is fitted on lines that have not passed.'),
  '6>11': free('The last coats follow the first, which waited for the visit.'),
  '6>12': a('inspection', 'The final visit follows the rough one.'),

  '7>8': a('cover-up', 'What fills the wall goes in before the wall is closed.'),
  '7>9': a('physics', 'A surface is finished when what lies behind it is in.'),
  '7>10': a('physics', 'What is fixed to a wall waits for what fills it.'),
  '7>11': free('The last coats follow the cover, which followed the filling.'),
  '7>12': r('practice', 'A place is handed over when it is warm.'),

  '8>9': r('physics', 'Finish goes on a closed, dry ground, and its dust is over.'),
  '8>10': a('physics', 'It is fixed to a surface that is there.'),
  '8>11': r('practice', 'The last coats come when no surface is open any more.'),
  '8>12': r('practice', 'A place is handed over when it is closed.'),

  '9>10': a('practice', 'It is easier to finish a surface with nothing on it.'),
  '9>11': a('physics', 'The last coat goes over the first.'),
  '9>12': r('practice', 'A place is handed over when it is finished.'),

  '10>11': a('practice', 'Caulk and last coats close what fitting leaves.'),
  '10>12': r('practice', 'A place is handed over when everything in it is fitted.'),

  '11>12': r('practice', 'Clean and look for faults when the last coat is on.'),
};

/** Within one verb the layers decide; `listed` only where a closer sentence says so. */
export type Within = { scope: Scope | 'listed'; strength: Strength; why: string };
export const WITHIN: readonly Within[] = [
  { scope: 'listed', strength: 'practice', why: 'You decide on what you have looked at.' },
  { scope: 'room', strength: 'practice', why: 'From the top down, and out with the debris last.' },
  { scope: 'assembly', strength: 'physics', why: 'The upper stands on the lower.' },
  { scope: 'assembly', strength: 'physics', why: 'Lap from the bottom up, upper over lower.' },
  { scope: 'room', strength: 'practice', why: 'What needs slope or room chooses its way first.' },
  {
    scope: 'listed',
    strength: 'inspection',
    why: 'The frame is seen last, with every hole in it.',
  },
  { scope: 'assembly', strength: 'cover-up', why: 'Leaks are sealed while you can reach them.' },
  { scope: 'assembly', strength: 'physics', why: 'One coat or layer lies on the one before.' },
  { scope: 'room', strength: 'practice', why: 'Top down, wet before dry: what drips goes first.' },
  { scope: 'assembly', strength: 'practice', why: 'What others are fitted to goes first.' },
  { scope: 'assembly', strength: 'practice', why: 'Caulk, then the last coat over it.' },
  { scope: 'listed', strength: 'practice', why: 'Clean, then the list of faults.' },
];

/** The verbs that are told closer by layer. Keys are inclusive ranges. */
export type Layer = {
  from: readonly [low: number, high: number];
  to: readonly [low: number, high: number];
  scope: Scope;
  strength: Strength;
  why: string;
};

const layer = (
  from: readonly [number, number],
  to: readonly [number, number],
  scope: Scope,
  strength: Strength,
  why: string,
): Layer => ({ from, to, scope, strength, why });

const WORK = [2, 5.999] as const;

/** First that fits speaks. */
export const LAYERS: readonly Layer[] = [
  // Among the looks: only these wait for each other.
  layer([1.1, 1.1], [1.11, 1.95], 'assembly', 'practice', 'The walk says what there is to do.'),
  layer([1.12, 1.12], [1.25, 1.55], 'assembly', 'practice', 'You choose and draw to a size.'),
  layer([1.12, 1.12], [1.8, 1.81], 'assembly', 'physics', 'It is ordered to the measured size.'),
  layer(
    [1.15, 1.15],
    [1.2, 1.2],
    'assembly',
    'safety',
    'Test suspect materials before you disturb them.',
  ),
  layer([1.18, 1.18], [1.2, 1.2], 'room', 'safety', 'Even a small hole is opened dead.'),
  layer([1.2, 1.21], [1.3, 1.3], 'room', 'practice', 'Look before you order for that room.'),
  layer([1.2, 1.21], [1.5, 1.5], 'room', 'safety', 'The engineer reads what the holes show.'),
  layer([1.2, 1.21], [1.55, 1.6], 'room', 'practice', 'Plans are drawn of what is really there.'),
  layer([1.5, 1.5], [1.55, 1.6], 'assembly', 'safety', 'The plans carry the engineer’s sizes.'),
  layer([1.55, 1.55], [1.6, 1.6], 'assembly', 'physics', 'The office reads plans.'),
  layer([1.3, 1.3], [1.8, 1.81], 'room', 'physics', 'It is ordered once it is chosen.'),
  layer(
    [1.6, 1.6],
    [1.85, 1.94],
    'assembly',
    'practice',
    'Nothing is set up before you may begin.',
  ),
  layer(
    [1.8, 1.8],
    [1.85, 1.86],
    'room',
    'practice',
    'What is hired comes when it is needed, not weeks before.',
  ),
  layer(
    [1.8, 1.88],
    [1.9, 1.92],
    'room',
    'practice',
    'Nothing is shut off before what replaces it is here.',
  ),
  // Row 1 by what the looking was.
  layer([1.15, 1.15], WORK, 'room', 'safety', 'Test suspect materials before you disturb them.'),
  layer(
    [1.15, 1.15],
    [8.29, 9.5],
    'assembly',
    'safety',
    'Old paint and finish are tested before they are sanded.',
  ),
  layer([1.1, 1.1], WORK, 'room', 'practice', 'The walk says what there is to do.'),
  layer([1.2, 1.21], WORK, 'room', 'practice', 'What hides trouble is looked at first.'),
  layer([1.3, 1.3], WORK, 'room', 'practice', 'Decide before you open up.'),
  layer([1.5, 1.5], WORK, 'assembly', 'safety', 'Sizes come from an engineer, never a guess.'),
  layer([1.55, 1.6], WORK, 'room', 'inspection', 'What needs a permit begins once it is granted.'),
  layer([1.62, 1.62], WORK, 'assembly', 'safety', 'Buried lines are marked before anyone digs.'),
  layer(
    [1.8, 1.81],
    WORK,
    'room',
    'practice',
    'Nothing is torn out before what replaces it is here.',
  ),
  layer(
    [1.85, 1.86],
    [2, 2.9],
    'room',
    'safety',
    'You keep a place to cook, wash and go while it is out.',
  ),
  layer([1.9, 1.9], WORK, 'room', 'safety', 'Nothing is opened before it is proved dead.'),
  layer([1.92, 1.92], [2, 3.999], 'room', 'safety', 'Dust is walled off before it is made.'),
  layer(
    [1.93, 1.93],
    [8.29, 9.4],
    'room',
    'practice',
    'Cover what stays before you wash, sand and paint.',
  ),
  // Visits: trades first, then the frame with its holes, then the record of what they changed.
  layer(
    [6.1, 6.1],
    [6.3, 6.3],
    'room',
    'inspection',
    'The frame is seen last, with every hole in it.',
  ),
  layer([6.1, 6.3], [6.5, 6.5], 'room', 'cover-up', 'What a visit changes is recorded too.'),
  layer(
    [5, 5.999],
    [6.5, 6.5],
    'room',
    'cover-up',
    'What is in the wall is recorded while it shows.',
  ),
  layer([3.6, 3.66], [6.5, 6.5], 'room', 'cover-up', 'Blocking is recorded while it shows.'),
  layer(
    [6.5, 6.5],
    [7, 8.999],
    'assembly',
    'cover-up',
    'Nothing is covered before it is recorded.',
  ),
  layer(
    [8.1, 8.1],
    [8.2, 8.2],
    'room',
    'practice',
    'Ceilings first: the wall board holds their edge.',
  ),
  layer(
    [8, 8.299],
    [8.3, 8.45],
    'room',
    'physics',
    'Tape covers hung joints; patches are one ground with them.',
  ),
  layer([8.3, 8.45], [8.44, 8.45], 'room', 'practice', 'All coats dry, then one sanding.'),
  layer([12.35, 12.4], [12.5, 12.5], 'room', 'practice', 'Faults show on a clean surface.'),
  layer([12.5, 12.5], [12.55, 12.55], 'room', 'practice', 'What was set up goes when all is done.'),
];

/** Handing over: a visit sees what it is for, cleaning and the list of faults see the whole room. */
export const FINALS_END = 12.3;
