import type { OpeningChange, PlaceId, WorkChoiceId } from '../../src/core/house';
import type { EventBodyOf } from '../../src/core/journal';
import { plainDate } from '../../src/core/units';
import { size } from './size';

/** What the owners came to want on the way: the rear porch becomes a room, two small panes become one window. */
type Dated = { on: string; event: EventBodyOf };

const choose = (
  id: string,
  placeId: string,
  workId: string,
  opening?: OpeningChange,
): EventBodyOf => ({
  type: 'workChosen',
  payload: {
    id: id as WorkChoiceId,
    placeId: placeId as PlaceId,
    workId,
    count: 1,
    ...(opening ? { opening } : {}),
  },
});

/** They live in the house before the porch is a room. */
const later = (workId: string): Dated => ({
  on: '2026-03-07',
  event: { type: 'workDeferred', payload: { placeId: 'porch' as PlaceId, workId, deferred: true } },
});

const TWO_INTO_ONE: OpeningChange = {
  change: 'two-into-one',
  wall: 'frame',
  header: false,
  linesInTheWay: false,
  now: { width: size(`24"`), height: size(`30"`), sill: size(`40"`) },
  then: { width: size(`5' 0"`), height: size(`42"`), sill: size(`36"`) },
};

export const CHANGES_OF_MIND: readonly Dated[] = [
  {
    on: '2026-03-07',
    event: {
      type: 'placeStateSaid',
      payload: {
        placeId: 'porch' as PlaceId,
        state: 'becomes',
        on: plainDate('2026-03-07'),
        kind: 'hall',
      },
    },
  },
  {
    on: '2026-03-07',
    event: { type: 'workDropped', payload: { workChoiceId: 'porch-porch' as WorkChoiceId } },
  },
  { on: '2026-03-07', event: choose('porch-make-room', 'porch', 'make-room') },
  { on: '2026-03-07', event: choose('porch-new-floor', 'porch', 'new-floor') },
  later('make-room'),
  later('new-floor'),
  {
    on: '2026-02-14',
    event: choose('yard-face-two-into-one', 'yard-face', 'change-opening', TWO_INTO_ONE),
  },
];
