import { fromFeet } from '../../units';
import { planningInputOf, rectangle, type PlaceKind } from '../../house';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { expandJobs } from '.';

/** A room of so many feet, in a house without plaster (1960) or with it (1928), nobody living there. */
function hoursOf(
  kind: PlaceKind,
  [length, width, height = 8]: readonly number[],
  works: readonly (string | readonly [string, number])[],
  yearBuilt = 1960,
): (...steps: string[]) => number {
  const room = {
    ...place('r', kind),
    walls: rectangle(fromFeet(length ?? 0), fromFeet(width ?? 0)),
    height: fromFeet(height),
  };
  const choices = works.map((work) =>
    typeof work === 'string' ? chosen('r', work) : chosen('r', work[0], work[1]),
  );
  const house = houseOf(added(room), ...choices);
  const jobs = expandJobs(planningInputOf({ ...house, house: { ...house.house, yearBuilt } }));
  return (...steps) =>
    jobs
      .filter(({ stepId }) => stepId !== null && steps.includes(stepId))
      .reduce((sum, { estimate }) => sum + estimate, 0) / 60;
}

const BATH = [8, 5];
const ROOM = [12, 12];
const STRIP = ['demo.fixtures', 'demo.ceiling', 'demo.walls', 'demo.floor', 'demo.haul'];

/** Person-hours of one practised amateur, read off by hand from what such people take; low and high. */
const TABLE: readonly [what: string, hours: number, low: number, high: number][] = [
  [
    'strip a bath, board',
    hoursOf('bathroom', BATH, ['bathroom', 'reline', 'tile-floor'])(...STRIP),
    12,
    18,
  ],
  [
    'strip a bath, plaster and mud bed',
    hoursOf('bathroom', BATH, ['bathroom', 'reline', 'tile-floor'], 1928)(...STRIP),
    20,
    32,
  ],
  ['bath drains', hoursOf('bathroom', BATH, ['bathroom'])('rough.drains'), 8, 14],
  ['bath water', hoursOf('bathroom', BATH, ['bathroom'])('rough.water'), 5, 9],
  ['set a bath or tray', hoursOf('bathroom', BATH, ['bathroom'])('rough.bath-in'), 4, 8],
  ['cable of a room, open', hoursOf('bedroom', ROOM, ['rewire', 'reline'])('rough.cable'), 5, 9],
  ['cable of a room, fished', hoursOf('bedroom', ROOM, ['rewire'])('rough.cable'), 12, 20],
  ['cable of a kitchen', hoursOf('kitchen', ROOM, ['kitchen', 'reline'])('rough.cable'), 16, 28],
  [
    'batts, the outside walls of a room',
    hoursOf('bedroom', ROOM, ['reline'])('insulate.batts'),
    3,
    4,
  ],
  ['hang a ceiling of 150 sq ft', hoursOf('bedroom', [15, 10], ['reline'])('board.ceiling'), 6, 9],
  ['hang the walls of a room', hoursOf('bedroom', ROOM, ['reline'])('board.walls'), 8, 12],
  [
    'tape a room, three coats',
    hoursOf('bedroom', ROOM, ['reline'])(
      'board.tape',
      'board.second',
      'board.finish',
      'board.sand',
    ),
    14,
    22,
  ],
  [
    'prime and two coats',
    hoursOf('bedroom', ROOM, ['reline'])(
      'paint.prime',
      'paint.ceiling',
      'paint.walls',
      'last.coat',
    ),
    9,
    13,
  ],
  [
    'floor backer and membrane, 50 sq ft',
    hoursOf('bathroom', [10, 5], ['tile-floor'])('tile.backer', 'tile.seal'),
    5,
    7,
  ],
  ['floor tile, 50 sq ft', hoursOf('bathroom', [10, 5], ['tile-floor'])('tile.set'), 7, 11],
  ['floor grout, 50 sq ft', hoursOf('bathroom', [10, 5], ['tile-floor'])('tile.grout'), 2, 3],
  [
    'tub surround: backer and membrane',
    hoursOf('bathroom', BATH, ['tile-walls'])('wall.backer', 'wall.seal'),
    8,
    11,
  ],
  ['tub surround: tile', hoursOf('bathroom', BATH, ['tile-walls'])('wall.tile'), 14, 22],
  ['tub surround: grout', hoursOf('bathroom', BATH, ['tile-walls'])('wall.grout'), 3, 4],
  ['click floor, 150 sq ft', hoursOf('bedroom', [15, 10], ['new-floor'])('floor.lay'), 6, 10],
  ['strip a floor, 150 sq ft', hoursOf('bedroom', [15, 10], ['new-floor'])('demo.floor'), 12, 16],
  [
    'sand and finish, 150 sq ft',
    hoursOf('bedroom', [15, 10], ['sand-floor'])('floor.sand', 'floor.finish'),
    12,
    16,
  ],
  ['base and shoe, 50 ft', hoursOf('bedroom', [15, 10], ['new-floor'])('trim.base'), 5, 8],
  [
    'hang and case a door',
    hoursOf('bedroom', ROOM, ['inside-doors'])('trim.doors', 'trim.casing'),
    3,
    5,
  ],
  ['window', hoursOf('bedroom', ROOM, ['window'])('shell.window'), 4, 7],
  ['outside door', hoursOf('hall', ROOM, ['outside-door'])('shell.door'), 6, 9],
  [
    'new opening in a frame wall',
    hoursOf('living', ROOM, ['change-opening'])('opening.frame', 'opening.set'),
    20,
    36,
  ],
  ['cabinets, a run of ten', hoursOf('kitchen', ROOM, ['kitchen'])('cabinets.set'), 20, 32],
  [
    'deck, 200 sq ft',
    hoursOf('porch', [20, 10], [['deck', 6]])('deck.frame', 'outside.deck'),
    45,
    65,
  ],
  [
    'a deck footing',
    hoursOf('porch', [20, 10], [['deck', 6]])('deck.dig', 'deck.footing') / 6,
    3,
    5,
  ],
  [
    'siding, a face of 400 sq ft',
    hoursOf('outside-face', [40, 1, 10], ['siding'])('demo.siding', 'shell.wrap', 'outside.siding'),
    45,
    75,
  ],
  [
    'roof, a square',
    hoursOf('roof', [30, 30, 0], ['new-roof'])('roof.section', 'roof.cover') /
      ((900 * Math.sqrt(1.25)) / 100),
    5,
    9,
  ],
  ['haul the debris of a room', hoursOf('bedroom', ROOM, ['reline'])('demo.haul'), 2, 12],
  [
    'haul the debris of a plaster room',
    hoursOf('bedroom', ROOM, ['reline'], 1928)('demo.haul'),
    2,
    12,
  ],
  ['partition with a door', hoursOf('bedroom', ROOM, ['new-wall'])('structure.wall'), 5, 8],
  ['blown attic, 600 sq ft', hoursOf('attic', [30, 20], ['blown-attic'])('insulate.blown'), 8, 12],
  ['attic sealing, 600 sq ft', hoursOf('attic', [30, 20], ['blown-attic'])('insulate.seal'), 6, 12],
  ['toilet', hoursOf('bathroom', BATH, ['bathroom'])('fit.toilet'), 2, 3],
  ['vanity', hoursOf('bathroom', BATH, ['bathroom'])('fit.basin'), 4, 6],
];

describe('hours come out within what people take', () => {
  it.each(TABLE)('%s: %d h', (_, hours, low, high) => {
    expect(hours).toBeGreaterThanOrEqual(low);
    expect(hours).toBeLessThanOrEqual(high);
  });

  it('a device takes 0.4 h, a light one, a sistered joist 1.5 to 3', () => {
    const count = (kind: PlaceKind, work: string, step: string) => {
      const job = expandJobs(
        planningInputOf(houseOf(added(place('r', kind)), chosen('r', work))),
      ).find(({ stepId }) => stepId === step);
      const pieces = job?.quantity.kind === 'count' ? job.quantity.count : 0;
      return (job?.estimate ?? 0) / 60 / pieces;
    };
    // Estimates are rounded up to five minutes as a whole.
    expect(count('bedroom', 'rewire', 'fit.devices')).toBeCloseTo(0.4, 1);
    expect(count('bedroom', 'rewire', 'fit.lights')).toBeCloseTo(1, 1);
    expect(count('bedroom', 'repair-floor', 'structure.joists')).toBeGreaterThanOrEqual(1.5);
    expect(count('bedroom', 'repair-floor', 'structure.joists')).toBeLessThanOrEqual(3);
  });

  it('living beside the work costs a fifth more, looking and the outside nothing', () => {
    const house = houseOf(
      added(place('r')),
      chosen('r', 'reline'),
      added(place('f', 'outside-face')),
      chosen('f', 'siding'),
    );
    const livedIn = { ...house, house: { ...house.house, occupancy: 'lived-in' as const } };
    const of = (project: typeof house, id: string) =>
      expandJobs(planningInputOf(project)).find((job) => job.id === id)?.estimate ?? 0;
    expect(of(livedIn, 'r/board.walls') / of(house, 'r/board.walls')).toBeCloseTo(1.2, 1);
    expect(of(livedIn, 'r/survey.walk')).toBe(of(house, 'r/survey.walk'));
    expect(of(livedIn, 'f/outside.siding')).toBe(of(house, 'f/outside.siding'));
  });
});
