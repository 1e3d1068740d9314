import { idOf } from '../../testing/ids';
import type { EventBodyOf } from '../../journal';
import { added, houseOf, place } from '../../testing/houses';
import { plainDate } from '../../units';
import { statesAgainstLog } from '.';

const said = (state: 'shell' | 'to-build' | 'finished'): EventBodyOf => ({
  type: 'placeStateSaid',
  payload: { placeId: idOf('a'), state, on: plainDate('2026-03-01') },
});
const ticked = (jobId: string, on: string): EventBodyOf =>
  ({ type: 'jobTicked', payload: { jobId, on: plainDate(on) } }) as unknown as EventBodyOf;

describe('a state that the log speaks against', () => {
  it('is told: a bare shell in which paint was logged before', () => {
    const house = houseOf(added(place('a')), ticked('a/paint.walls', '2026-02-01'), said('shell'));
    expect(statesAgainstLog(house)).toEqual([
      { placeId: 'a', titles: ['First coat on the walls'] },
    ]);
  });

  it('cable in a bare shell is none, but is one where nothing stands', () => {
    const cable = ticked('a/rough.cable', '2026-02-01');
    expect(statesAgainstLog(houseOf(added(place('a')), cable, said('shell')))).toEqual([]);
    expect(statesAgainstLog(houseOf(added(place('a')), cable, said('to-build')))).toHaveLength(1);
  });

  it('is none when the work came after, or the place is finished', () => {
    expect(
      statesAgainstLog(
        houseOf(added(place('a')), said('shell'), ticked('a/paint.walls', '2026-03-09')),
      ),
    ).toEqual([]);
    expect(
      statesAgainstLog(
        houseOf(added(place('a')), ticked('a/paint.walls', '2026-02-01'), said('finished')),
      ),
    ).toEqual([]);
  });
});
