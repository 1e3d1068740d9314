import { idOf } from '../../testing/ids';
import type { EventBodyOf } from '../../journal';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { fromInches, plainDate } from '../../units';
import { handoverOf } from '.';

const on = plainDate('2026-03-14');
const held = (what: 'supply' | 'cable', hangsOn?: string) => ({
  what,
  offset: fromInches(22),
  height: fromInches(36),
  note: null,
  ...(hangsOn === undefined ? {} : { hangsOn }),
});
const wall = (id: string, placeId: string, ...holds: ReturnType<typeof held>[]): EventBodyOf => ({
  type: 'wallRecorded',
  payload: { id, placeId: idOf(placeId), wall: `Wall of ${id}`, on, holds },
});
const rooms = [
  added(place('bath', 'bathroom', 8, 'Bathroom')),
  added(place('kitchen', 'kitchen', 12, 'Kitchen')),
  chosen('bath', 'bathroom'),
];

describe('what goes with the house', () => {
  it('is nothing yet in a new one', () => {
    expect(handoverOf(houseOf(...rooms))).toEqual({
      passed: [],
      shutOffs: [],
      finishes: [],
      spares: [],
      trades: [],
      papers: [],
      left: { punch: 0, questions: 0 },
    });
  });

  it('tells of each shut-off all that hangs on it, in every room, however it was written', () => {
    const { shutOffs } = handoverOf(
      houseOf(
        ...rooms,
        wall('k', 'kitchen', held('supply', 'stopcock')),
        wall('b', 'bath', held('supply', 'Stopcock '), held('cable', 'breaker 7'), held('cable')),
      ),
    );
    expect(
      shutOffs.map(({ name, things }) => [name, things.map(({ place: room }) => room.id)]),
    ).toEqual([
      ['breaker 7', ['bath']],
      ['Stopcock ', ['bath', 'kitchen']],
    ]);
  });

  it('holds visits that passed, products, spares that did not go back, trades and papers', () => {
    const events: EventBodyOf[] = [
      {
        type: 'inspectionHeld',
        payload: { jobId: idOf('floor0/hold.plumbing'), on, result: 'failed', note: null },
      },
      {
        type: 'inspectionHeld',
        payload: { jobId: idOf('floor0/hold.plumbing'), on, result: 'passed', note: null },
      },
      {
        type: 'finishChosen',
        payload: { placeId: idOf('bath'), slot: idOf('walls'), productId: 'wall-matt' },
      },
      {
        type: 'leftoverKept',
        payload: { id: 'tile', what: 'Tile', amount: '11 whole', placeId: idOf('bath') },
      },
      {
        type: 'leftoverKept',
        payload: { id: 'mix', what: 'Mix', amount: '2 bags', placeId: null },
      },
      { type: 'leftoverReturned', payload: { leftoverId: 'mix', on } },
      {
        type: 'photoTaken',
        payload: {
          id: 'card',
          placeId: null,
          element: null,
          on,
          about: 'job/floor0/hold.plumbing',
        },
      },
      { type: 'photoTaken', payload: { id: 'paper', placeId: null, element: null, on } },
      { type: 'photoTaken', payload: { id: 'room', placeId: idOf('bath'), element: null, on } },
    ];
    const told = handoverOf(houseOf(...rooms, ...events));
    expect(told.passed.map(({ result }) => result)).toEqual(['passed']);
    expect(told.finishes.map(({ place: room, slot }) => [room.id, slot])).toEqual([
      ['bath', 'walls'],
    ]);
    expect(told.finishes[0]?.name).not.toBe('wall-matt');
    expect(told.spares).toEqual([{ what: 'Tile', amount: '11 whole', placeId: 'bath' }]);
    expect(told.papers).toEqual([
      { id: 'card', about: 'job/floor0/hold.plumbing' },
      { id: 'paper', about: null },
    ]);
  });

  it('counts what is still to be remembered', () => {
    const noted = (id: string, closedOn: typeof on | null): EventBodyOf => ({
      type: 'punchNoted',
      payload: { id, placeId: null, what: 'chip', on, closedOn },
    });
    expect(handoverOf(houseOf(...rooms, noted('1', null), noted('2', on))).left).toEqual({
      punch: 1,
      questions: 0,
    });
  });
});
