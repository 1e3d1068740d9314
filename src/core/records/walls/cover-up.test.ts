import { idOf } from '../../testing/ids';
import { planningInputOf } from '../../house';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../../planning/plan-house';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { momentAt, plainDate, ticks } from '../../units';
import {
  nearestConcealed,
  beforeClosing,
  closedUnrecorded,
  readiness,
  recordWith,
  surfacesOf,
  unrecordedIn,
} from '.';

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
  payload: { jobId: idOf(jobId), on },
});
function missing(jobId: string, ...events: EventBodyOf[]) {
  const house = houseOf(...base, ...events);
  const plan = planHouse(planningInputOf(house), momentAt(on, 8 * 60), { schedules: 1 });
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
      // A line may say that they were recorded; what nobody recorded is asked for all the same.
      const said = missing(id, ticked('b/record.walls'));
      expect(said.jobs.map((job) => job.id)).not.toContain('b/record.walls');
      expect(said.jobs.map((job) => job.id)).toContain('floor0/hold.plumbing');
      expect(said.surfaces).toHaveLength(5);
    }
    // What is behind the walls has passed and is recorded: the board may go up.
    const done = missing('b/insulate.seal').jobs.map(({ id }) => ticked(id));
    const all = [0, 1, 2, 3, 'ceiling' as const].map(clear);
    expect(missing('b/insulate.seal', ...done).surfaces).toHaveLength(5);
    expect(missing('b/insulate.seal', ...done, ...all)).toEqual({ surfaces: [], jobs: [] });
  });

  it('what closes nothing may be ticked at any time', () => {
    expect(missing('house/move.in')).toEqual({ surfaces: [], jobs: [] });
  });
});

describe('a room that was closed', () => {
  const planned = (...events: EventBodyOf[]) => {
    const house = houseOf(...base, ...events);
    const plan = planHouse(planningInputOf(house), momentAt(on, 8 * 60), { schedules: 1 });
    if (!plan.ok) throw new Error(plan.error.code);
    return { house, plan: plan.value };
  };

  it('before its walls were recorded is told wall by wall, until each was spoken of', () => {
    const open = planned();
    expect(closedUnrecorded(open.house, open.plan)).toEqual([]);
    const closed = planned(ticked('b/board.walls'), clear(1));
    expect(closedUnrecorded(closed.house, closed.plan)).toEqual([
      {
        place: room,
        surfaces: [
          { kind: 'wall', wall: 0 },
          { kind: 'wall', wall: 2 },
          { kind: 'wall', wall: 3 },
          { kind: 'ceiling' },
        ],
      },
    ]);
    const unseen: EventBodyOf = {
      type: 'wallRecorded',
      payload: recordWith(
        closed.house,
        room,
        { kind: 'wall', wall: 0 },
        { unseen: true },
        { id: 'w', on },
      ),
    };
    const said = planned(
      ticked('b/board.walls'),
      unseen,
      ...[1, 2, 3, 'ceiling' as const].map(clear),
    );
    expect(closedUnrecorded(said.house, said.plan)).toEqual([]);
    // Nobody knows what is behind it: it is never called free.
    const answer = nearestConcealed(room, Object.values(said.house.wallRecords), {
      at: { kind: 'wall', wall: 0 },
      offset: ticks(1000),
      height: ticks(1000),
    });
    expect(answer?.isRecorded).toBe(false);
  });

  it('is ready for the board when each of its walls, its pipes and its visits are', () => {
    const { house, plan } = planned();
    const [bath] = readiness(house, plan, 'board');
    expect(bath?.place).toEqual(room);
    expect(bath?.surfaces).toHaveLength(5);
    expect(bath?.jobs.map(({ id }) => id)).toContain('floor0/hold.plumbing');
    const done = (bath?.jobs ?? []).map(({ id }) => ticked(id));
    const after = planned(...done, ...[0, 1, 2, 3, 'ceiling' as const].map(clear));
    expect(readiness(after.house, after.plan, 'board')[0]).toMatchObject({
      surfaces: [],
      jobs: [],
    });
  });
});
