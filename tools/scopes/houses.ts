/** Scopes told as an owner would, each a made-up house: what `docs/scopes.md` is made from. */
import { idOf } from '../../src/core/testing/ids';
import { addDays, fromFeet, minutes, plainDate } from '../../src/core/units';
import {
  rectangle,
  type OpeningChange,
  type PlaceKind,
  type PlaceState,
} from '../../src/core/house';
import { reduceJournal, type EventBodyOf, type JournalEvent } from '../../src/core/journal';

type Room = {
  id: string;
  kind: PlaceKind;
  name: string;
  size: readonly [length: number, width: number, height?: number];
  floor?: number;
  state?: PlaceState;
  works?: readonly (string | readonly [work: string, count: number])[];
  openings?: readonly OpeningChange[];
};

export type Scope = {
  id: string;
  title: string;
  says: string;
  yearBuilt: number;
  livedIn?: true;
  hands: 1 | 2;
  rooms: readonly Room[];
  /** The outside of this place must be finished by then. */
  outsideBy?: { placeId: string; date: string };
  path?: 'rooms' | 'trades';
};

export const FIRST_DAY = plainDate('2026-04-06');

const FRAME_DOOR: OpeningChange = {
  change: 'window-to-door',
  wall: 'frame',
  header: true,
  linesInTheWay: true,
  now: { width: fromFeet(3), height: fromFeet(4), sill: fromFeet(3) },
  then: { width: fromFeet(3), height: fromFeet(6.75), sill: fromFeet(0) },
} as OpeningChange;

export const SCOPES: readonly Scope[] = [
  {
    id: 'bath-gut',
    title: 'Bath gutted, tiled walls',
    says: 'The only bath of a 1928 house that is lived in, down to the studs: tub, tiled surround, tiled floor.',
    yearBuilt: 1928,
    livedIn: true,
    hands: 2,
    rooms: [
      {
        id: 'bath',
        kind: 'bathroom',
        name: 'Bath',
        size: [8, 5],
        works: ['reline', 'bathroom', 'tile-walls', 'tile-floor', 'shower-glass'],
      },
      { id: 'bed', kind: 'bedroom', name: 'Bedroom', size: [12, 12] },
    ],
  },
  {
    id: 'only-kitchen',
    title: 'The only kitchen, lived in',
    says: 'A new kitchen with new floor and walls while the household goes on cooking.',
    yearBuilt: 1962,
    livedIn: true,
    hands: 2,
    rooms: [
      {
        id: 'kitchen',
        kind: 'kitchen',
        name: 'Kitchen',
        size: [14, 11],
        works: ['reline', 'kitchen', 'new-floor', 'gas-line'],
      },
      { id: 'bath', kind: 'bathroom', name: 'Bath', size: [8, 6] },
      { id: 'bed', kind: 'bedroom', name: 'Bedroom', size: [12, 12] },
    ],
  },
  {
    id: 'gutted-empty',
    title: 'Small house, gutted, empty',
    says: 'Two bedrooms, bath, kitchen, living room and hall on one floor, attic above, cellar below; rewired, re-piped, re-lined.',
    yearBuilt: 1934,
    hands: 2,
    rooms: [
      {
        id: 'living',
        kind: 'living',
        name: 'Living room',
        size: [16, 13],
        works: ['reline', 'rewire', 'new-floor', ['window', 2], ['inside-doors', 1]],
      },
      {
        id: 'kitchen',
        kind: 'kitchen',
        name: 'Kitchen',
        size: [13, 10],
        works: ['reline', 'kitchen', 'new-floor'],
      },
      {
        id: 'front-bed',
        kind: 'bedroom',
        name: 'Front bedroom',
        size: [12, 11],
        works: ['reline', 'rewire', 'sand-floor', 'window', 'inside-doors', 'heater'],
      },
      {
        id: 'back-bed',
        kind: 'bedroom',
        name: 'Back bedroom',
        size: [11, 10],
        works: ['reline', 'rewire', 'carpet', 'window', 'inside-doors', 'heater'],
      },
      {
        id: 'bath',
        kind: 'bathroom',
        name: 'Bath',
        size: [8, 6],
        works: ['reline', 'bathroom', 'tile-walls', 'tile-floor', 'repair-floor'],
      },
      {
        id: 'hall',
        kind: 'hall',
        name: 'Hall',
        size: [14, 4],
        works: ['reline', 'rewire', 'new-floor', 'panel'],
      },
      {
        id: 'attic',
        kind: 'attic',
        name: 'Attic',
        size: [30, 24, 5],
        floor: 1,
        works: ['blown-attic'],
      },
      {
        id: 'cellar',
        kind: 'cellar',
        name: 'Cellar',
        size: [28, 22, 7],
        floor: -1,
        works: ['boiler', 'stair-rail'],
      },
      { id: 'roof', kind: 'roof', name: 'Roof', size: [34, 28, 0], floor: 1, works: ['roof'] },
    ],
  },
  {
    id: 'porch-room',
    title: 'Porch to room',
    says: 'An open back porch of 1950 becomes a bedroom beside a lived-in house.',
    yearBuilt: 1950,
    livedIn: true,
    hands: 2,
    rooms: [
      {
        id: 'porch',
        kind: 'bedroom',
        name: 'Back porch',
        size: [14, 10],
        state: 'becomes',
        works: ['make-room', 'new-floor', ['window', 2], 'inside-doors', 'heat-pump'],
      },
      { id: 'bed', kind: 'bedroom', name: 'Bedroom', size: [12, 12] },
      { id: 'bath', kind: 'bathroom', name: 'Bath', size: [8, 6] },
    ],
  },
  {
    id: 'addition',
    title: 'Addition with a date for its outside',
    says: 'A family room built on; the contract wants its outside finished by the end of October.',
    yearBuilt: 1971,
    livedIn: true,
    hands: 2,
    outsideBy: { placeId: 'family', date: '2026-10-31' },
    rooms: [
      {
        id: 'family',
        kind: 'living',
        name: 'Family room',
        size: [18, 14],
        state: 'to-build',
        works: [
          'build-on',
          'finish-shell',
          'new-floor',
          ['window', 3],
          'outside-door',
          'heat-pump',
        ],
      },
      { id: 'dining', kind: 'dining', name: 'Dining room', size: [12, 11] },
      { id: 'yard', kind: 'yard', name: 'Yard', size: [60, 40, 0], works: ['regrade'] },
    ],
  },
  {
    id: 'exterior',
    title: 'Exterior with roof and deck',
    says: 'New roof, two faces re-sided, a new deck with a roof that lands on it, gutters and the ground.',
    yearBuilt: 1966,
    livedIn: true,
    hands: 2,
    rooms: [
      { id: 'living', kind: 'living', name: 'Living room', size: [16, 13], works: [['window', 2]] },
      {
        id: 'roof',
        kind: 'roof',
        name: 'Main roof',
        size: [40, 28, 0],
        floor: 1,
        works: ['new-roof'],
      },
      { id: 'deck', kind: 'porch', name: 'Back deck', size: [16, 12], works: [['deck', 6]] },
      {
        id: 'deck-roof',
        kind: 'roof',
        name: 'Roof over the back deck',
        size: [18, 13, 0],
        works: ['roof-over'],
        state: 'to-build',
      },
      { id: 'back', kind: 'outside-face', name: 'Back face', size: [40, 1, 9], works: ['siding'] },
      { id: 'side', kind: 'outside-face', name: 'Side face', size: [28, 1, 9], works: ['siding'] },
      { id: 'yard', kind: 'yard', name: 'Yard', size: [60, 40, 0], works: ['yard', 'garden'] },
    ],
  },
  {
    id: 'wide-door',
    title: 'Window to a wide door',
    says: 'A window of the living room becomes a door: unit on site first, closed the same day.',
    yearBuilt: 1958,
    livedIn: true,
    hands: 2,
    rooms: [
      { id: 'living', kind: 'living', name: 'Living room', size: [16, 13], openings: [FRAME_DOOR] },
      { id: 'bed', kind: 'bedroom', name: 'Bedroom', size: [12, 12] },
    ],
  },
  {
    id: 'two-baths',
    title: 'Two wet rooms, one after the other',
    says: 'Upstairs bath and downstairs bath renewed in turn by a household that stays.',
    yearBuilt: 1978,
    livedIn: true,
    hands: 1,
    rooms: [
      {
        id: 'lower',
        kind: 'bathroom',
        name: 'Lower bath',
        size: [8, 5],
        works: ['reline', 'bathroom', 'tile-walls', 'tile-floor'],
      },
      {
        id: 'upper',
        kind: 'bathroom',
        name: 'Upper bath',
        size: [9, 6],
        floor: 1,
        works: ['reline', 'bathroom', 'tile-walls', 'tile-floor'],
      },
      { id: 'bed', kind: 'bedroom', name: 'Bedroom', size: [12, 12], floor: 1 },
    ],
  },
];

const week = (weekday: number, weekend: number) =>
  [weekday, weekday, weekday, weekday, weekday, weekend, weekend].map(minutes);

/** The journal of a scope: every line one that a screen can write. */
export function journalOf(scope: Scope): JournalEvent[] {
  const bodies: EventBodyOf[] = [
    {
      type: 'houseStarted',
      payload: {
        house: {
          name: scope.title,
          yearBuilt: scope.yearBuilt,
          occupancy: scope.livedIn ? 'lived-in' : 'empty',
          firstDay: FIRST_DAY,
          wishedMoveIn: addDays(FIRST_DAY, 270),
        },
        units: 'imperial',
        currency: 'USD',
        people: [
          { id: idOf('me'), name: 'Me', role: 'self', week: week(150, 420) },
          ...(scope.hands === 2
            ? [{ id: 'ana' as never, name: 'Ana', role: 'helper' as const, week: week(60, 360) }]
            : []),
        ],
      },
    },
  ];
  if (scope.path) bodies.push({ type: 'pathChosen', payload: { path: scope.path } });
  for (const room of scope.rooms) {
    const [length, width, height = 8] = room.size;
    bodies.push({
      type: 'placeAdded',
      payload: {
        id: idOf(room.id),
        kind: room.kind,
        name: room.name,
        floor: room.floor ?? 0,
        walls: rectangle(fromFeet(length), fromFeet(width)),
        height: fromFeet(height),
      },
    });
    if (room.state) {
      const placeId = room.id as never;
      bodies.push({
        type: 'placeStateSaid',
        payload: { placeId, state: room.state, on: FIRST_DAY },
      });
    }
    for (const work of room.works ?? []) {
      const [workId, count] = typeof work === 'string' ? [work, 1] : work;
      const id = `${room.id}-${workId}` as never;
      bodies.push({
        type: 'workChosen',
        payload: { id, placeId: idOf(room.id), workId, count },
      });
    }
    for (const [at, opening] of (room.openings ?? []).entries()) {
      bodies.push({
        type: 'workChosen',
        payload: {
          id: idOf(`${room.id}-opening-${at}`),
          placeId: idOf(room.id),
          workId: 'change-opening',
          count: 1,
          opening,
          ...(at > 0 ? { nth: at + 1 } : {}),
        },
      });
    }
  }
  if (scope.outsideBy) {
    const { placeId, date } = scope.outsideBy;
    bodies.push({
      type: 'demandMade',
      payload: {
        id: 'contract',
        from: 'lender',
        what: 'outside finished',
        covers: { kind: 'outside-of', placeId: idOf(placeId) },
        by: plainDate(date),
      },
    });
  }
  return bodies.map((body, at) => ({
    ...body,
    id: `scope-${at + 1}`,
    device: 'scope',
    counter: at + 1,
    at: `${FIRST_DAY}T08:00:00`,
  })) as JournalEvent[];
}

export function houseOf(scope: Scope) {
  const house = reduceJournal(journalOf(scope));
  if (!house) throw new Error(`${scope.id} has no house`);
  return house;
}
