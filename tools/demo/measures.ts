import { cents, plainDate, ticks } from '../../src/core/units';
import { idOf } from '../../src/core/testing/ids';
import { FLAT, rectangle, slotOf, type Opening } from '../../src/core/house';
import type { EventBodyOf } from '../../src/core/journal';
import { SHOPPED } from './shops';
import { size } from './size';

/** The measuring pass of the second week of March, what was chosen after it, and a length left over. */
const ON = plainDate('2026-03-13');

type Sized = readonly [
  wall: number,
  kind: Opening['kind'],
  offset: string,
  width: string,
  height: string,
  sill: string,
];

const openings = (all: readonly Sized[]): Opening[] =>
  all.map(([wall, kind, offset, width, height, sill]) => ({
    wall,
    kind,
    offset: size(offset),
    width: size(width),
    height: size(height),
    sill: sill === '0' ? ticks(0) : size(sill),
  }));

const measured = (
  placeId: string,
  walls: readonly (readonly [string, number])[],
  height: string,
  holes: readonly Sized[],
): EventBodyOf => ({
  type: 'roomMeasured',
  payload: {
    placeId: idOf(placeId),
    on: ON,
    walls: walls.map(([length, turn]) => ({ length: size(length), turn })),
    height: size(height),
    ceiling: FLAT,
    openings: openings(holes),
  },
});

const square = (length: string, width: string) =>
  rectangle(size(length), size(width)).map((_, at): [string, number] => [
    at % 2 === 0 ? length : width,
    90,
  ]);

const chosen = (placeId: string, slot: string, productId: string): EventBodyOf => ({
  type: 'finishChosen',
  payload: { placeId: idOf(placeId), slot: slotOf(slot), productId },
});

const EVENTS: readonly EventBodyOf[] = [
  measured('living', square(`18' 4"`, `15' 2"`), `9' 6"`, [
    [0, 'window', `2' 6"`, `9' 4"`, `6' 2"`, `22"`],
    [0, 'door', `13' 8"`, `36"`, `84"`, '0'],
    [2, 'door', `4' 3"`, `32"`, `80"`, '0'],
  ]),
  measured('kitchen', square(`22' 0"`, `14' 8"`), `9' 0"`, [
    [1, 'door', `5' 10"`, `36"`, `82"`, '0'],
    [2, 'window', `8' 2"`, `5' 0"`, `42"`, `40"`],
    [3, 'door', `2' 4"`, `32"`, `80"`, '0'],
  ]),
  measured('back-bed', square(`13' 2"`, `11' 8"`), `8' 6"`, [
    [0, 'door', `9' 6"`, `30"`, `80"`, '0'],
    [2, 'window', `2' 1"`, `34"`, `56"`, `30"`],
    [2, 'window', `8' 3"`, `34"`, `56"`, `30"`],
  ]),
  // The chimney breast takes a corner of it.
  measured(
    'small-bed',
    [
      [`10' 4"`, 90],
      [`7' 6"`, 90],
      [`4' 0"`, -90],
      [`1' 6"`, 90],
      [`6' 4"`, 90],
      [`9' 0"`, 90],
    ],
    `8' 6"`,
    [
      [0, 'door', `7' 2"`, `30"`, `78"`, '0'],
      [5, 'window', `3' 2"`, `32"`, `54"`, `30"`],
    ],
  ),
  ...SHOPPED,
  chosen('living', 'floor', 'pine-board'),
  chosen('living', 'walls', 'wall-wipe'),
  chosen('living', 'ceiling', 'ceiling-white'),
  chosen('living', 'trim', 'trim-pine'),
  chosen('kitchen', 'floor', 'tile-slate-12'),
  chosen('kitchen', 'walls', 'wall-wipe'),
  chosen('back-bed', 'board', 'board-half'),
  chosen('back-bed', 'floor', 'oak-strip'),
  chosen('back-bed', 'walls', 'wall-matt'),
  chosen('back-bed', 'ceiling', 'ceiling-white'),
  chosen('back-bed', 'opening-0', 'door-panel'),
  chosen('small-bed', 'opening-1', 'window-sash'),
  chosen('small-bed', 'walls', 'wall-matt'),
  chosen('small-bed', 'trim', 'trim-pine'),
  chosen('box', 'trim', 'trim-pine'),
  {
    type: 'leftoverKept',
    payload: {
      id: 'pine-lengths',
      what: 'Pine base and casing, 8 to 16 ft',
      amount: `2 x 6' 5"`,
      placeId: null,
      offcut: { length: size(`6' 5"`), count: 2 },
    },
  },
  {
    type: 'lineAdded',
    payload: {
      id: 'sash-chain',
      what: 'Sash chain',
      unit: 'ft',
      units: 24,
      price: cents(110),
      leadDays: 4,
      jobId: idOf('small-bed/shell.window'),
    },
  },
];

export const MEASURES = EVENTS.map((event) => ({ on: ON, event }));
