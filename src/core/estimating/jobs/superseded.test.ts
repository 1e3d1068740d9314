import { planningInputOf } from '../../house';
import type { EventBodyOf } from '../../journal';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { plainDate } from '../../units';
import { expandJobs } from '.';

const ticked = (jobId: string): EventBodyOf =>
  ({
    type: 'jobTicked',
    payload: { jobId, on: plainDate('2026-02-01') },
  }) as unknown as EventBodyOf;
const bath = [added(place('b', 'bathroom')), chosen('b', 'bathroom')];
const ids = (...bodies: EventBodyOf[]) =>
  expandJobs(planningInputOf(houseOf(...bodies))).map(({ id }) => id as string);

describe('steps a house has gone past', () => {
  it('are not asked for where the log speaks of work behind them', () => {
    expect(ids(...bath)).toEqual(
      expect.arrayContaining(['b/rough.firestop', 'b/rough.bath-wall', 'floor0/hold.framing']),
    );
    const closed = ids(...bath, ticked('b/board.walls'));
    expect(closed.filter((id) => /firestop|bath-wall|hold\.framing/.test(id))).toEqual([]);
    // What it had from the first is asked for still: nobody knows that it was done.
    expect(closed).toContain('b/rough.cable');
  });

  it('are asked for in the room beside it, where nothing was logged', () => {
    const both = ids(
      ...bath,
      added(place('c', 'bathroom')),
      chosen('c', 'bathroom'),
      ticked('b/board.walls'),
    );
    expect(both.filter((id) => id.endsWith('rough.firestop'))).toEqual(['c/rough.firestop']);
  });

  it('stay while the log has not come that far', () => {
    expect(ids(...bath, ticked('b/demo.fixtures'))).toContain('b/rough.firestop');
  });
});
