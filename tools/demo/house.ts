import { cents, minutes, plainDate } from '../../src/core/units';
import { idOf } from '../../src/core/testing/ids';
import { type PlaceKind, rectangle } from '../../src/core/house';
import type { EventBodyOf } from '../../src/core/journal';
import { size } from './size';

/** The made-up bakery: its people, its places with their sizes, and what is to happen in each. */
export const FIRST_DAY = plainDate('2026-01-10');

const week = (...hours: number[]) => hours.map((hour) => minutes(hour * 60));

export const HOUSE: EventBodyOf = {
  type: 'houseStarted',
  payload: {
    house: {
      name: 'Old bakery, Quince Lane',
      yearBuilt: 1928,
      occupancy: 'empty',
      firstDay: FIRST_DAY,
      wishedMoveIn: plainDate('2026-05-31'),
    },
    units: 'imperial',
    currency: 'USD',
    people: [
      { id: idOf('me'), name: 'Me', role: 'self', week: week(3, 3, 3, 3, 3, 8, 6) },
      { id: idOf('ana'), name: 'Ana', role: 'helper', week: week(2, 0, 2, 0, 0, 6, 4) },
    ],
  },
};

export const BUDGET: EventBodyOf = {
  type: 'budgetAgreed',
  payload: { total: cents(4_200_000), contingency: cents(630_000) },
};

type Room = readonly [
  id: string,
  kind: PlaceKind,
  name: string,
  floor: number,
  length: string,
  width: string,
  height: string,
  works: readonly (string | readonly [string, number])[],
];

export const ROOMS: readonly Room[] = [
  [
    'living',
    'living',
    'Living (shop front)',
    0,
    `18' 4"`,
    `15' 2"`,
    `9' 6"`,
    ['reline', 'rewire', 'new-floor', 'heater'],
  ],
  [
    'kitchen',
    'kitchen',
    'Kitchen, dining (bakehouse)',
    0,
    `22' 0"`,
    `14' 8"`,
    `9' 0"`,
    ['screed', 'kitchen', 'tile-floor', 'repaint', ['outside-door', 1], 'abatement'],
  ],
  [
    'laundry',
    'laundry',
    'Laundry (scullery)',
    0,
    `9' 10"`,
    `8' 4"`,
    `8' 2"`,
    ['laundry', 'repaint'],
  ],
  ['stairs', 'stairs', 'Stairs', 0, `11' 6"`, `3' 4"`, `16' 0"`, ['repaint', 'stair-rail']],
  [
    'front-bed',
    'bedroom',
    'Front bedroom',
    1,
    `14' 0"`,
    `12' 6"`,
    `8' 6"`,
    ['reline', ['window', 2], 'sand-floor', ['inside-doors', 1]],
  ],
  [
    'box',
    'box-room',
    'Box room',
    1,
    `8' 2"`,
    `7' 6"`,
    `8' 6"`,
    ['repaint', ['shelves', 1], 'sand-floor'],
  ],
  [
    'bath',
    'bathroom',
    'Bathroom',
    1,
    `9' 4"`,
    `7' 10"`,
    `8' 6"`,
    ['bathroom', 'reline', 'tile-walls', 'tile-floor', 'heater'],
  ],
  [
    'back-bed',
    'bedroom',
    'Back bedroom',
    1,
    `13' 2"`,
    `11' 8"`,
    `8' 6"`,
    ['reline', 'repair-floor', 'new-floor', ['inside-doors', 1]],
  ],
  [
    'small-bed',
    'bedroom',
    'Small bedroom',
    1,
    `10' 4"`,
    `9' 0"`,
    `8' 6"`,
    ['repaint', 'sand-floor', ['window', 1]],
  ],
  ['attic', 'attic', 'Attic', 2, `28' 0"`, `16' 0"`, `5' 0"`, ['blown-attic']],
  ['cellar', 'cellar', 'Cellar', -1, `24' 0"`, `14' 0"`, `6' 8"`, ['boiler', 'panel']],
  ['roof', 'roof', 'Roof', 2, `32' 0"`, `24' 0"`, `8' 0"`, ['roof']],
  ['street', 'outside-face', 'Street face', 0, `34' 0"`, `1' 0"`, `19' 0"`, ['paint-outside']],
  ['yard-face', 'outside-face', 'Yard face', 0, `34' 0"`, `1' 0"`, `19' 0"`, ['siding']],
  ['porch', 'porch', 'Rear porch', 0, `12' 0"`, `8' 0"`, `9' 0"`, ['porch']],
  ['yard', 'yard', 'Yard', 0, `34' 0"`, `28' 0"`, `1' 0"`, ['yard']],
];

export const placeEvents = (): EventBodyOf[] =>
  ROOMS.flatMap(([id, kind, name, floor, length, width, height, works]) => [
    {
      type: 'placeAdded',
      payload: {
        id: idOf(id),
        kind,
        name,
        floor,
        walls: rectangle(size(length), size(width)),
        height: size(height),
      },
    },
    ...works.map((work): EventBodyOf => {
      const [workId, count] = typeof work === 'string' ? [work, 1] : work;
      return {
        type: 'workChosen',
        payload: { id: idOf(`${id}-${workId}`), placeId: idOf(id), workId, count },
      };
    }),
  ]);
