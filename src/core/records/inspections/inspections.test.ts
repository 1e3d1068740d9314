import { minutes, addDays, dateOf, isWeekend, momentAt, plainDate } from '../../units';
import { idOf } from '../../testing/ids';
import { planningInputOf, type JobId } from '../../house';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../../planning/plan-house';
import { added, chosen, houseOf, place } from '../../testing/houses';
import {
  correctionJobs,
  correctionsIn,
  inspectionStatuses,
  officeAnswers,
  stageOfVisit,
  visitsLeftOut,
} from '.';

const on = plainDate('2026-01-05');
const base = [added(place('b', 'bathroom')), chosen('b', 'bathroom'), chosen('b', 'reline')];
const ELECTRIC = 'floor0/hold.electric' as JobId;
const held = (result: 'passed' | 'failed', note: string | null = null): EventBodyOf => ({
  type: 'inspectionHeld',
  payload: { jobId: ELECTRIC, on, result, note },
});
function statuses(...events: EventBodyOf[]) {
  const house = houseOf(...base, ...events);
  const plan = planHouse(planningInputOf(house), momentAt(on, 8 * 60), { schedules: 1 });
  if (!plan.ok) throw new Error(plan.error.code);
  const rungs = inspectionStatuses(house, plan.value);
  const status = rungs.find(({ job }) => job.id === ELECTRIC);
  return { house, plan: plan.value, rungs, status };
}

describe('the statuses of inspections', () => {
  it('stands in the order of its days, rough before final, each with what it sees and holds', () => {
    const { rungs, status } = statuses();
    const days = rungs.map(({ visitOn }) => visitOn);
    expect(days).toEqual([...days].sort());
    const ids = rungs.map(({ job }) => job.id as string);
    expect(ids.indexOf(ELECTRIC)).toBeLessThan(ids.indexOf('house/final.electric'));
    expect(status?.sees.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['b/rough.cable', 'b/rough.firestop']),
    );
    // Pipes are another visit's.
    expect(status?.sees.map(({ id }) => id)).not.toContain('b/rough.water');
    expect(status?.holds.map(({ id }) => id)).toContain('floor0/hold.framing');
  });

  it('is called so many days ahead, on a workday', () => {
    for (const { job, callOn, visitOn, state } of statuses().rungs) {
      expect(state).toBe('later');
      const ahead = job.work.kind === 'inspection' ? job.work.bookAheadDays : 0;
      expect(callOn && isWeekend(callOn)).toBe(false);
      expect(callOn && callOn <= addDays(visitOn, -ahead)).toBe(true);
      // Two days earlier at the most, over a weekend.
      expect(callOn && callOn >= addDays(visitOn, -ahead - 2)).toBe(true);
    }
  });

  it('a fail moves a gate by the correction and the next call, less what may slip', () => {
    const { status, plan } = statuses();
    const ahead = status?.job.work.kind === 'inspection' ? status.job.work.bookAheadDays : 0;
    // Three days to call and one to put it right.
    expect(ahead).toBe(3);
    for (const { gate, days } of status?.ifFailed ?? []) {
      expect(days).toBeGreaterThan(0);
      expect(days).toBeLessThanOrEqual(4);
      expect(plan.gates[gate].date).not.toBeNull();
    }
    // What ends a gate has nothing to spare: five days to call for the certificate, and one to put it right.
    const last = statuses().rungs.find(({ job }) => job.id === 'house/final.occupancy');
    const ends = plan.jobs.filter(({ gate, doneOn }) => gate !== 'done' && doneOn === null);
    expect(Math.max(...ends.map(({ finish }) => finish))).toBe(last?.job.finish);
    expect(last?.ifFailed).toContainEqual({ gate: 'live', days: 6 });
  });

  it('one that failed is told with its corrections, which come before it', () => {
    const failed = statuses().status;
    if (!failed) throw new Error('no visit');
    const jobs = correctionJobs(
      failed.job,
      correctionsIn('boxes too full 1h30; nail plates'),
      () => `house/own.${Math.random()}` as JobId,
    );
    const added = jobs.map((payload): EventBodyOf => ({ type: 'jobAdded', payload }));
    const { status, plan } = statuses(held('failed', 'boxes too full'), ...added);
    expect(status?.state).toBe('failed');
    expect(status?.visits.map(({ result }) => result)).toEqual(['failed']);
    expect(new Map(status?.corrections.map(({ title, estimate }) => [title, estimate]))).toEqual(
      new Map([
        ['Boxes too full', 90],
        ['Nail plates', 60],
      ]),
    );
    const start = plan.jobs.find(({ id }) => id === ELECTRIC)?.start ?? 0;
    for (const correction of status?.corrections ?? []) {
      expect(correction.finish).toBeLessThanOrEqual(start);
    }
    // It passes in the end, and is done.
    const passed = statuses(held('failed'), ...added, held('passed')).status;
    expect(passed?.state).toBe('passed');
    expect(passed?.callOn).toBeNull();
    expect(passed?.visitOn).toBe(on);
  });

  it('one that the office does not ask for is left out, and comes back', () => {
    const dropped: EventBodyOf = {
      type: 'jobDropped',
      payload: { jobId: ELECTRIC, on, because: 'not asked for here' },
    };
    const { status, house, plan } = statuses(dropped);
    expect(status).toBeUndefined();
    expect(visitsLeftOut(house, plan).map(({ id }) => id)).toEqual([ELECTRIC]);
  });

  it('one of one’s own holds what it was said to hold until it passed', () => {
    const gas: EventBodyOf = {
      type: 'jobAdded',
      payload: {
        id: 'b/own.gas' as JobId,
        placeId: idOf('b'),
        title: 'Gas test',
        stage: 8,
        minutes: minutes(0),
        hands: 1,
        after: ['b/rough.water' as JobId],
        before: ['b/board.walls' as JobId],
        because: 'the office asks for it',
        visit: { bookAheadDays: 5 },
      },
    };
    const { plan, rungs } = statuses(gas);
    const test = rungs.find(({ job }) => job.id === 'b/own.gas');
    expect(test?.job.work).toEqual({ kind: 'inspection', bookAheadDays: 5 });
    expect(test?.sees.map(({ id }) => id)).toEqual(['b/rough.water']);
    expect(test?.holds.map(({ id }) => id)).toEqual(['b/board.walls']);
    const board = plan.jobs.find(({ id }) => id === 'b/board.walls');
    expect(board?.start).toBeGreaterThanOrEqual(test?.job.finish ?? Infinity);
    expect(test && dateOf(test.job.start) >= addDays(on, 5)).toBe(true);
  });
});

describe('what an inspector wants put right', () => {
  it('is one job for each, of an hour where no time is said', () => {
    expect(
      correctionsIn('two boxes over-filled 1h30; nail plates at the sill\n- bond the gas 45 min'),
    ).toEqual([
      { title: 'two boxes over-filled', minutes: 90 },
      { title: 'nail plates at the sill', minutes: 60 },
      { title: 'bond the gas', minutes: 45 },
    ]);
    expect(correctionsIn(' ; \n')).toEqual([]);
    expect(correctionsIn('45 min')).toEqual([{ title: '45 min', minutes: 60 }]);
  });
});

describe('the made-up building office', () => {
  it('answers the same for the same house and day, on workdays, and only of what has not passed', () => {
    const { rungs } = statuses(held('passed'));
    const answers = officeAnswers(rungs, on);
    expect(officeAnswers(rungs, on)).toEqual(answers);
    expect(answers).toHaveLength(rungs.length - 1);
    for (const { firstDay } of answers) {
      expect(isWeekend(firstDay)).toBe(false);
      expect(firstDay >= addDays(on, 3)).toBe(true);
    }
  });
});

describe('a visit of one’s own', () => {
  const jobs = [
    { id: 'cellar/rough.gas' as never, stage: 7 },
    { id: 'kitchen/fit.appliances' as never, stage: 15 },
  ];
  const stage = (after: string[], before: string[]) => stageOfVisit(jobs, { after, before });

  it('stands where the last it has to see stands, else where the first that waits for it does', () => {
    expect(stage(['cellar/rough.gas'], ['kitchen/fit.appliances'])).toBe(7);
    expect(stage(['cellar/rough.gas', 'kitchen/fit.appliances'], [])).toBe(15);
    expect(stage([], ['kitchen/fit.appliances'])).toBe(15);
    expect(stage([], [])).toBe(8);
    expect(stage(['house/gone'], [])).toBe(8);
  });
});
