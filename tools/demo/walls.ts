import { recordWith } from '../../src/core/records/walls';
import type { Held, Project, SurfaceRef } from '../../src/core/house';
import type { EventBodyOf } from '../../src/core/journal';
import { plainDate, type PlainDate, type Ticks } from '../../src/core/units';
import { size } from './size';

/** What was recorded behind the walls before they were closed, as the screen writes it; days.txt holds what was spoken. */
type Thing = readonly [
  what: Held['what'],
  offset: string,
  height: string,
  more?: { note?: string; hangsOn?: string; to?: readonly [string, string]; later?: true },
];

type Told = readonly [on: string, placeId: string, at: SurfaceRef, things: readonly Thing[]];

const wall = (nth: number): SurfaceRef => ({ kind: 'wall', wall: nth - 1 });
const CEILING: SurfaceRef = { kind: 'ceiling' };

const TOLD: readonly Told[] = [
  [
    '2026-02-08',
    'bath',
    wall(1),
    [
      [
        'supply',
        `31"`,
        `21"`,
        { note: 'hot and cold, basin', hangsOn: 'valve in the hall cupboard' },
      ],
      ['drain', `34"`, `18"`, { note: 'basin, 1 1/2"', to: [`34"`, `4"`] }],
      ['cable', `52"`, `48"`, { note: 'mirror light', hangsOn: 'breaker 7', to: [`52"`, `102"`] }],
      ['blocking', `20"`, `34"`, { note: 'for the rail', later: true }],
    ],
  ],
  ['2026-02-08', 'bath', wall(2), [['vent', `88"`, `12"`, { note: 'soil', to: [`88"`, `102"`] }]]],
  [
    '2026-02-08',
    'bath',
    wall(3),
    [
      [
        'supply',
        `20"`,
        `28"`,
        { note: 'mixer of the bath', hangsOn: 'valve in the hall cupboard' },
      ],
    ],
  ],
  ['2026-02-08', 'bath', wall(4), []],
  ['2026-02-08', 'bath', CEILING, [['duct', `40"`, `30"`, { note: 'fan', to: [`40"`, `94"`] }]]],
  [
    '2026-02-14',
    'living',
    wall(1),
    [
      ['box', `14"`, `16"`, { note: 'outlet', hangsOn: 'breaker 3' }],
      ['cable', `14"`, `20"`, { note: 'outlet ring', hangsOn: 'breaker 3', to: [`14"`, `114"`] }],
    ],
  ],
  [
    '2026-02-14',
    'living',
    wall(2),
    [
      [
        'supply',
        `40"`,
        `6"`,
        { note: 'to the heater', hangsOn: 'valve at the boiler', to: [`120"`, `6"`] },
      ],
    ],
  ],
  ['2026-02-14', 'living', wall(3), []],
  [
    '2026-02-14',
    'living',
    CEILING,
    [['cable', `110"`, `90"`, { note: 'lamp', hangsOn: 'breaker 3' }]],
  ],
  [
    '2026-02-16',
    'kitchen',
    wall(3),
    [
      ['supply', `126"`, `22"`, { note: 'cold, sink', hangsOn: 'stopcock in the cellar' }],
      [
        'stub',
        `20"`,
        `24"`,
        { note: 'cold, for the garden tap', hangsOn: 'stopcock in the cellar', later: true },
      ],
      ['drain', `132"`, `16"`, { note: 'sink' }],
    ],
  ],
  ['2026-02-16', 'kitchen', wall(2), []],
  ['2026-02-16', 'kitchen', wall(4), []],
  ['2026-02-16', 'kitchen', CEILING, []],
  ['2026-02-16', 'laundry', wall(1), []],
  ['2026-02-16', 'laundry', wall(4), []],
  ['2026-02-16', 'laundry', CEILING, []],
];

const spot = (offset: string, height: string): { offset: Ticks; height: Ticks } => ({
  offset: size(offset),
  height: size(height),
});

const heldOf = ([what, offset, height, more = {}]: Thing): Held => ({
  what,
  ...spot(offset, height),
  note: more.note ?? null,
  ...(more.to ? { to: spot(...more.to) } : {}),
  ...(more.hangsOn ? { hangsOn: more.hangsOn } : {}),
  ...(more.later ? { later: true as const } : {}),
});

/** The records of a day, on the walls as the rooms have them then. */
export function wallsOn(project: Project, date: PlainDate): EventBodyOf[] {
  return TOLD.flatMap(([on, placeId, at, things], nth): EventBodyOf[] => {
    const place = project.places[placeId];
    if (plainDate(on) !== date || !place) return [];
    const said = things.length > 0 ? { holds: things.map(heldOf) } : { clear: true as const };
    const payload = recordWith(project, place, at, said, { id: `wall-${nth + 1}`, on: date });
    return [{ type: 'wallRecorded', payload }];
  });
}
