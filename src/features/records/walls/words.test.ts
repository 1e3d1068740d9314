import { nearestConcealed } from '@/core/records/walls';
import type { Held, Place, WallRecord } from '@/core/house';
import { added, houseOf, place } from '@/core/testing/houses';
import { fromInches, fromMillimetres, plainDate } from '@/core/units';
import { answerWords, faultWords, heldWords, surfaceName } from './words';

const room: Place = place('a', 'kitchen', 12);
const wall = { kind: 'wall', wall: 0 } as const;
const pipe: Held = {
  what: 'supply',
  offset: fromInches(22),
  height: fromInches(36),
  to: { offset: fromInches(22), height: fromInches(96) },
  hangsOn: 'stopcock under the sink',
  note: 'cold',
};
const record: WallRecord = {
  id: 'w',
  placeId: room.id,
  wall: 'Wall 1',
  at: wall,
  on: plainDate('2026-02-08'),
  holds: [pipe],
};
const answered = (records: WallRecord[], offset: number, height: number) => {
  const answer = nearestConcealed(room, records, {
    at: wall,
    offset: fromInches(offset),
    height: fromInches(height),
  });
  return answer ? answerWords(answer, 'imperial', 'wall 1') : [];
};

describe('what a wall says', () => {
  it('names its surfaces and where a run goes', () => {
    expect(surfaceName(room, { kind: 'wall', wall: 1 }, 'imperial')).toBe(`Wall 2, 10'`);
    expect(surfaceName(room, { kind: 'ceiling' }, 'metric')).toBe('Ceiling');
    expect(heldWords(pipe, wall, 'imperial')).toBe(
      `1' 10" from the left, 3' up, to 1' 10" from the left, 8' up · hangs on stopcock under the sink`,
    );
  });

  it('warns of what is near, and tells the nearest otherwise, with its shut-off', () => {
    expect(answered([record], 23, 60)).toEqual([
      'No: it is only 1" from a supply pipe: cold (Wall 1). It hangs on stopcock under the sink.',
    ]);
    expect(answered([record], 40, 60)).toEqual([
      `The nearest that is recorded is 1' 6" from a supply pipe: cold (Wall 1). It hangs on stopcock under the sink.`,
    ]);
  });

  it('never says that a wall nobody recorded is free', () => {
    expect(answered([], 40, 60)).toEqual([
      'Nobody has recorded wall 1: what is behind it is not known, so look before you drill.',
    ]);
    expect(answered([{ ...record, holds: [], clear: true }], 40, 60)).toEqual([
      'Nothing is recorded behind it.',
    ]);
    const { at: _, ...inWords } = record;
    expect(answered([inWords], 40, 60)[1]).toBe(
      'Also recorded in this room, on no wall as it is drawn now: Wall 1.',
    );
  });

  it('says what cannot be, in the units of the house, and what to do', () => {
    const past = { code: 'past-end', by: fromMillimetres(150) } as const;
    expect(faultWords(past, 'metric')).toMatch(/^That is 0\.15 m past the end of it\. Measure/);
    expect(faultWords({ code: 'in-opening', opening: 'window' }, 'metric')).toMatch(
      /in the window/,
    );
    expect(houseOf(added(room)).wallRecords).toEqual({});
  });
});
