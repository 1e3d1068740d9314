import type { EventBodyOf } from '../journal';
import { planHouse } from '../planning/plan-house';
import { added, chosen, houseOf, place } from '../testing/houses';
import { momentAt, plainDate } from '../units';
import { beforeClosing, surfacesOf, unrecordedIn } from '.';

const on = plainDate('2026-01-05');
const room = place('b', 'bathroom');
const base = [added(room), chosen('b', 'bathroom'), chosen('b', 'reline')];
const clear = (wall: number | 'ceiling'): EventBodyOf => ({
  type: 'wallRecorded',
  payload: {
    id: `w${wall}`,
    placeId: room.id,
    wall: `wall ${wall}`,
    at: wall === 'ceiling' ? { kind: 'ceiling' } : { kind: 'wall', wall },
    on,
    clear: true,
    holds: [],
  },
});
const ticked = (jobId: string): EventBodyOf => ({
  type: 'jobTicked',
  payload: { jobId: jobId as never, on },
});
function missing(jobId: string, ...events: EventBodyOf[]) {
  const house = houseOf(...base, ...events);
  const plan = planHouse(house, momentAt(on, 8 * 60), { schedules: 1 });
  if (!plan.ok) throw new Error(plan.error.code);
  const job = plan.value.jobs.find(({ id }) => id === jobId);
  if (!job) throw new Error(`no job ${jobId}`);
  return beforeClosing(house, plan.value, job);
}

describe('closing a wall', () => {
  it('the record is not done before each wall and the ceiling was spoken of', () => {
    expect(missing('b/record.walls').surfaces.map(({ at }) => at)).toEqual(
      surfacesOf(room).filter(({ kind }) => kind !== 'floor'),
    );
    const some = missing('b/record.walls', clear(0), clear(2));
    expect(some.surfaces.map(({ at }) => at)).toEqual([
      { kind: 'wall', wall: 1 },
      { kind: 'wall', wall: 3 },
      { kind: 'ceiling' },
    ]);
    const all = [0, 1, 2, 3, 'ceiling' as const].map(clear);
    expect(missing('b/record.walls', ...all).surfaces).toEqual([]);
    expect(unrecordedIn(houseOf(...base, ...all), room)).toEqual([]);
  });

  it('the board names the record and its walls, in every order of doing', () => {
    for (const id of ['b/insulate.seal', 'b/insulate.batts', 'b/board.ceiling', 'b/board.walls']) {
      const before = missing(id);
      const ids = before.jobs.map((job) => job.id);
      expect(ids).toEqual(
        expect.arrayContaining(['b/record.walls', 'b/rough.water', 'floor0/hold.plumbing']),
      );
      expect(before.surfaces).toHaveLength(5);
      // Said by a line although nobody recorded anything: it is no longer in the way.
      const said = missing(id, ticked('b/record.walls')).jobs.map((job) => job.id);
      expect(said).not.toContain('b/record.walls');
      expect(said).toContain('floor0/hold.plumbing');
    }
    // What is behind the walls has passed and is recorded: the board may go up.
    const done = missing('b/insulate.seal').jobs.map(({ id }) => ticked(id));
    expect(missing('b/insulate.seal', ...done)).toEqual({ surfaces: [], jobs: [] });
  });

  it('what closes nothing may be ticked at any time', () => {
    expect(missing('house/move.in')).toEqual({ surfaces: [], jobs: [] });
  });
});
