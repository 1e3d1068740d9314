import type { JobId, PlaceId } from '../../src/core/house';
import { correctionJobs, correctionsIn } from '../../src/core/records/inspections';
import type { EventBodyOf } from '../../src/core/journal';
import { plainDate } from '../../src/core/units';

/** What failed visits asked for and when it was done, and what stands on the punch list. */
type Dated = { on: string; event: EventBodyOf };

type Corrected = readonly [
  id: string,
  on: string,
  visit: string,
  title: string,
  said: string,
  doneOn: string,
];

const CORRECTED: readonly Corrected[] = [
  [
    'fall',
    '2026-02-03',
    'floor0/hold.under-slab',
    'Under-slab inspection',
    'Lay the drain to its fall again 3h',
    '2026-02-12',
  ],
  [
    'boxes',
    '2026-02-09',
    'floor1/hold.electric',
    'Rough electrical inspection',
    'Two larger boxes in the bathroom 1h',
    '2026-02-10',
  ],
  [
    'bonding',
    '2026-03-10',
    'floor-1/hold.electric',
    'Rough electrical inspection',
    'Bonding jumper at the panel 45 min',
    '2026-03-12',
  ],
];

const corrections = CORRECTED.flatMap(([name, on, visit, title, said, doneOn]): Dated[] => {
  const id = `house/own.${name}` as JobId;
  const jobs = correctionJobs(
    { id: visit as JobId, title, placeId: null, stage: 8 },
    correctionsIn(said),
    () => id,
  );
  return [
    ...jobs.map((payload): Dated => ({ on, event: { type: 'jobAdded', payload } })),
    { on: doneOn, event: { type: 'jobTicked', payload: { jobId: id, on: plainDate(doneOn) } } },
  ];
});

const noted = (on: string, id: string, placeId: string, what: string): Dated => ({
  on,
  event: {
    type: 'punchNoted',
    payload: { id, placeId: placeId as PlaceId, what, on: plainDate(on), closedOn: null },
  },
});

const PUNCH: readonly Dated[] = [
  noted('2026-02-27', 'shelf', 'box', 'second shelf rocks'),
  {
    on: '2026-03-09',
    event: { type: 'punchClosed', payload: { id: 'shelf', on: plainDate('2026-03-09') } },
  },
  noted('2026-03-05', 'drip', 'bath', 'paint drip under the window board'),
  noted('2026-03-12', 'plate', 'laundry', 'switch plate missing beside the door'),
  noted('2026-03-12', 'seam', 'living', 'seam shows over the shop window'),
];

export const CLOSING: readonly Dated[] = [...corrections, ...PUNCH];
