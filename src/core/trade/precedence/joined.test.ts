import { idOf } from '../../testing/ids';
import {
  planningInputOf,
  relatedTo,
  relationsOf,
  type PlaceId,
  type RelationKind,
} from '../../house';
import type { EventBodyOf } from '../../journal';
import { linksOf, expandJobs } from '../../estimating/jobs';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { plainDate } from '../../units';
import { JOINED } from './joined';
import { buildGraph, closureBefore } from '.';

const related = (kind: RelationKind, placeId: string, ...to: string[]): EventBodyOf => ({
  type: 'placesRelated',
  payload: { kind, placeId: idOf(placeId), to: to as never },
});
const built = (placeId: string): EventBodyOf => ({
  type: 'placeStateSaid',
  payload: { placeId: idOf(placeId), state: 'to-build', on: plainDate('2026-01-05') },
});

/** Whether the first job must be done before the second may begin. */
function goesBefore(before: string, after: string, ...bodies: EventBodyOf[]): boolean {
  const house = houseOf(...bodies);
  const jobs = expandJobs(planningInputOf(house));
  const ids = jobs.map(({ id }) => id);
  expect(ids).toEqual(expect.arrayContaining([before, after]));
  return closureBefore(buildGraph(ids, linksOf(jobs, planningInputOf(house))), [idOf(after)]).has(
    idOf(before),
  );
}

const bed = added(place('bed'));
const upstairs = (id: string, kind: 'bathroom' | 'attic' | 'bedroom' = 'bathroom') =>
  added({ ...place(id, kind), floor: 1 });

/** One house for each cell: two jobs that only the relation orders. */
const CASES: Readonly<
  Record<string, { pair: [string, string]; told: EventBodyOf; bodies: EventBodyOf[] }>
> = {
  'framed-before-wrapped': {
    pair: ['new/frame.walls', 'face/shell.wrap'],
    told: related('outside-of', 'face', 'new'),
    bodies: [
      added(place('new')),
      built('new'),
      chosen('new', 'frame-shell'),
      added(place('face', 'outside-face')),
      chosen('face', 'siding'),
    ],
  },
  'through-before-siding': {
    pair: ['bath/rough.fan', 'face/outside.siding'],
    told: related('outside-of', 'face', 'bath'),
    bodies: [
      added(place('bath', 'bathroom')),
      chosen('bath', 'bath-fan'),
      added(place('face', 'outside-face')),
      chosen('face', 'siding'),
    ],
  },
  'window-before-siding': {
    pair: ['bed/shell.window', 'face/outside.siding'],
    told: related('outside-of', 'face', 'bed'),
    bodies: [
      bed,
      chosen('bed', 'window'),
      added(place('face', 'outside-face')),
      chosen('face', 'siding'),
    ],
  },
  'wrap-before-window': {
    pair: ['face/shell.wrap', 'bed/shell.window'],
    told: related('outside-of', 'face', 'bed'),
    bodies: [
      bed,
      chosen('bed', 'window'),
      added(place('face', 'outside-face')),
      chosen('face', 'siding'),
    ],
  },
  'face-dry-before-filled': {
    pair: ['face/shell.wrap', 'bed/insulate.batts'],
    told: related('outside-of', 'face', 'bed'),
    bodies: [
      bed,
      chosen('bed', 'reline'),
      added(place('face', 'outside-face')),
      chosen('face', 'siding'),
    ],
  },
  'room-framed-before-roof': {
    pair: ['bed/structure.wall', 'roof/roof.section'],
    told: related('over', 'roof', 'bed'),
    bodies: [
      bed,
      chosen('bed', 'new-wall'),
      added(place('roof', 'roof')),
      chosen('roof', 'new-roof'),
    ],
  },
  'roof-dry-before-lines': {
    pair: ['roof/roof.section', 'bed/rough.cable'],
    told: related('over', 'roof', 'bed'),
    bodies: [
      bed,
      chosen('bed', 'rewire'),
      added(place('roof', 'roof')),
      chosen('roof', 'new-roof'),
    ],
  },
  'roof-dry-before-filled': {
    pair: ['roof/shell.roof', 'bed/paint.prime'],
    told: related('over', 'roof', 'bed'),
    bodies: [bed, chosen('bed', 'repaint'), added(place('roof', 'roof')), chosen('roof', 'roof')],
  },
  'through-roof-before-cover': {
    pair: ['cellar/radon.pipe', 'roof/shell.gutter'],
    told: related('over', 'roof', 'cellar'),
    bodies: [
      added(place('cellar', 'cellar')),
      chosen('cellar', 'radon'),
      added(place('roof', 'roof')),
      chosen('roof', 'gutters'),
    ],
  },
  'deck-before-its-roof': {
    pair: ['deck/deck.frame', 'roof/frame.roof'],
    told: related('carries', 'deck', 'roof'),
    bodies: [
      added(place('deck', 'porch')),
      chosen('deck', 'deck'),
      added(place('roof', 'roof')),
      chosen('roof', 'roof-over'),
    ],
  },
  'opened-below-before-floor-above': {
    pair: ['bed/demo.ceiling', 'bath/structure.joists'],
    told: related('below', 'bed', 'bath'),
    bodies: [bed, chosen('bed', 'reline'), upstairs('bath'), chosen('bath', 'repair-floor')],
  },
  'carried-from-below': {
    pair: ['cellar/level.jack', 'bed/structure.joists'],
    told: related('below', 'cellar', 'bed'),
    bodies: [
      added({ ...place('cellar', 'cellar'), floor: -1 }),
      chosen('cellar', 'level-lift'),
      bed,
      chosen('bed', 'repair-floor'),
    ],
  },
  'floor-opened-before-ceiling-below': {
    pair: ['bath/demo.fixtures', 'bed/paint.ceiling'],
    told: related('below', 'bed', 'bath'),
    bodies: [bed, chosen('bed', 'repaint'), upstairs('bath'), chosen('bath', 'swap-bath')],
  },
  'floor-carried-before-ceiling-below': {
    pair: ['bath/structure.joists', 'bed/board.ceiling'],
    told: related('below', 'bed', 'bath'),
    bodies: [bed, chosen('bed', 'reline'), upstairs('bath'), chosen('bath', 'repair-floor')],
  },
  'lines-above-before-ceiling-below': {
    pair: ['bath/rough.drains', 'bed/board.ceiling'],
    told: related('below', 'bed', 'bath'),
    bodies: [bed, chosen('bed', 'reline'), upstairs('bath'), chosen('bath', 'new-pipes')],
  },
  'visit-above-before-ceiling-below': {
    pair: ['floor1/hold.plumbing', 'bed/board.ceiling'],
    told: related('below', 'bed', 'bath'),
    bodies: [bed, chosen('bed', 'reline'), upstairs('bath'), chosen('bath', 'new-pipes')],
  },
  'wet-above-before-paint-below': {
    pair: ['bath/floor.level', 'bed/paint.ceiling'],
    told: related('below', 'bed', 'bath'),
    bodies: [
      bed,
      chosen('bed', 'repaint'),
      upstairs('bath', 'bedroom'),
      chosen('bath', 'new-floor'),
    ],
  },
  'board-before-blown': {
    pair: ['bed/board.ceiling', 'attic/insulate.blown'],
    told: related('below', 'bed', 'attic'),
    bodies: [
      bed,
      chosen('bed', 'reline'),
      upstairs('attic', 'attic'),
      chosen('attic', 'blown-attic'),
    ],
  },
  'lines-before-blown': {
    pair: ['bed/rough.cable', 'attic/insulate.blown'],
    told: related('below', 'bed', 'attic'),
    bodies: [
      bed,
      chosen('bed', 'rewire'),
      upstairs('attic', 'attic'),
      chosen('attic', 'blown-attic'),
    ],
  },
  'lines-before-sealed-attic': {
    pair: ['bed/rough.cable', 'attic/insulate.seal'],
    told: related('below', 'bed', 'attic'),
    bodies: [
      bed,
      chosen('bed', 'rewire'),
      upstairs('attic', 'attic'),
      chosen('attic', 'blown-attic'),
    ],
  },
  'rooms-before-their-hall': {
    pair: ['bed/demo.haul', 'hall/floor.lay'],
    told: related('way-through', 'hall', 'bed'),
    bodies: [
      bed,
      chosen('bed', 'strip-floor'),
      added(place('hall', 'hall')),
      chosen('hall', 'new-floor'),
    ],
  },
  'floors-before-their-hall': {
    pair: ['bed/floor.lay', 'hall/last.coat'],
    told: related('way-through', 'hall', 'bed'),
    bodies: [
      bed,
      chosen('bed', 'new-floor'),
      added(place('hall', 'hall')),
      chosen('hall', 'repaint'),
    ],
  },
  'levelled-before-the-run': {
    pair: ['bed/floor.level', 'other/floor.lay'],
    told: related('floor-runs', 'bed', 'other'),
    bodies: [bed, chosen('bed', 'new-floor'), added(place('other')), chosen('other', 'new-floor')],
  },
  'ground-before-the-run': {
    pair: ['other/floor.level', 'bed/floor.lay'],
    told: related('floor-runs', 'bed', 'other'),
    bodies: [bed, chosen('bed', 'new-floor'), added(place('other')), chosen('other', 'new-floor')],
  },
  'frame-of-shared-wall': {
    pair: ['bed/structure.wall', 'other/board.walls'],
    told: related('shared-wall', 'bed', 'other'),
    bodies: [
      bed,
      chosen('bed', 'new-wall'),
      added({ ...place('other'), floor: 2 }),
      chosen('other', 'reline'),
    ],
  },
  'frame-of-shared-wall-back': {
    pair: ['other/structure.wall', 'bed/board.walls'],
    told: related('shared-wall', 'bed', 'other'),
    bodies: [
      bed,
      chosen('bed', 'reline'),
      added({ ...place('other'), floor: 2 }),
      chosen('other', 'new-wall'),
    ],
  },
  'dry-before-break-through': {
    pair: ['new/roof.dry-in', 'bed/join.break-through'],
    told: related('joins', 'new', 'bed'),
    bodies: [
      added(place('new')),
      built('new'),
      chosen('new', 'frame-shell'),
      bed,
      built('bed'),
      chosen('bed', 'build-on'),
    ],
  },
  'services-moved-before-building-on': {
    pair: ['bed/service.move', 'new/frame.walls'],
    told: related('joins', 'new', 'bed'),
    bodies: [
      added(place('new')),
      built('new'),
      chosen('new', 'frame-shell'),
      bed,
      {
        type: 'placeStateSaid',
        payload: { placeId: idOf('bed'), state: 'becomes', on: plainDate('2026-01-05') },
      },
      chosen('bed', 'make-room'),
    ],
  },
  'passing-before-covered': {
    pair: ['cellar/stove.flue', 'bed/board.walls'],
    told: related('passes', 'cellar', 'bed'),
    bodies: [
      added({ ...place('cellar', 'cellar'), floor: -1 }),
      chosen('cellar', 'stove'),
      bed,
      chosen('bed', 'reline'),
    ],
  },
};

describe('places that belong together', () => {
  it('every cell has its house', () => {
    expect(Object.keys(CASES).sort()).toEqual(JOINED.map(({ id }) => id).sort());
  });

  it.each(Object.entries(CASES))('%s', (_, { pair: [before, after], told, bodies }) => {
    expect(goesBefore(before, after, ...bodies, told)).toBe(true);
    // Said to belong with nothing, the two are free.
    const { kind, placeId } =
      told.type === 'placesRelated' ? told.payload : { kind: 'over' as const, placeId: '' };
    expect(goesBefore(before, after, ...bodies, related(kind, placeId))).toBe(false);
  });
});

describe('two openings in one room', () => {
  it('are two chains, and wait for none of each other', () => {
    const change = (nth: number): EventBodyOf => ({
      type: 'workChosen',
      payload: {
        id: idOf(`o${nth}`),
        placeId: idOf('bed'),
        workId: 'change-opening',
        count: 1,
        ...(nth > 1 ? { nth } : {}),
      },
    });
    const both = [bed, change(1), change(2)];
    expect(goesBefore('bed/opening.check#2', 'bed/opening.set#2', ...both)).toBe(true);
    expect(goesBefore('bed/opening.frame', 'bed/opening.set#2', ...both)).toBe(false);
    expect(goesBefore('bed/opening.shore', 'bed/opening.frame#2', ...both)).toBe(false);
    // What they share comes before both.
    expect(goesBefore('house/engineer.visit', 'bed/opening.frame#2', ...both)).toBe(true);
  });
});

describe('what is guessed until somebody says', () => {
  const guessed = (kind: RelationKind, id: string, ...bodies: EventBodyOf[]) => {
    const house = houseOf(...bodies);
    const found = house.places[id];
    if (!found) throw new Error(`no ${id}`);
    return relatedTo(house, kind, found).to.map((other) => other.id as string);
  };
  const named = (id: string, kind: Parameters<typeof place>[1], name: string, floor = 0) =>
    added({ ...place(id, kind), name, floor });

  it('a face is the outside of what shares its name, else of every room', () => {
    const rooms = [named('k', 'kitchen', 'Kitchen'), named('b', 'bedroom', 'Back bedroom')];
    expect(guessed('outside-of', 'f', ...rooms, named('f', 'outside-face', 'Back face'))).toEqual([
      'b',
    ]);
    expect(guessed('outside-of', 'f', ...rooms, named('f', 'outside-face', 'North face'))).toEqual([
      'k',
      'b',
    ]);
  });

  it('a roof lies over attic and top floor; that of a porch over the porch, which carries it', () => {
    const house = [
      named('k', 'kitchen', 'Kitchen'),
      named('b', 'bedroom', 'Bedroom', 1),
      named('a', 'attic', 'Attic', 2),
      named('p', 'porch', 'Porch'),
      named('r', 'roof', 'Main roof', 2),
      named('pr', 'roof', 'Porch roof'),
    ];
    expect(guessed('over', 'r', ...house)).toEqual(['a', 'b']);
    expect(guessed('over', 'pr', ...house)).toEqual(['p']);
    expect(guessed('carries', 'p', ...house)).toEqual(['pr']);
  });

  it('a cellar lies under the rooms above it, and nobody guesses which bedroom lies over the kitchen', () => {
    const house = [
      named('c', 'cellar', 'Cellar', -1),
      named('k', 'kitchen', 'Kitchen'),
      named('l', 'living', 'Living room'),
      named('b', 'bedroom', 'Bedroom', 1),
    ];
    expect(guessed('below', 'c', ...house)).toEqual(['k', 'l']);
    expect(guessed('below', 'k', ...house)).toEqual([]);
  });

  it('what is told wins, a place that went is left out, and nothing is its own neighbour', () => {
    const house = houseOf(
      named('k', 'kitchen', 'Kitchen'),
      named('b', 'bedroom', 'Bedroom'),
      related('shared-wall', 'k', 'b', 'k', 'gone'),
    );
    const walls = relationsOf(house).filter(({ kind }) => kind === 'shared-wall');
    expect(walls).toEqual([{ kind: 'shared-wall', from: 'k' as PlaceId, to: 'b', told: true }]);
  });
});
