import { idOf, inUnit } from '../testing/ids';
import fc from 'fast-check';
import { planningInputOf, type JobId, type Project } from '../house';
import type { EventBodyOf } from '../journal';
import type { Plan } from '../planning/report';
import { planHouse } from '../planning/plan-house';
import { added, chosen, houseOf, place } from '../testing/houses';
import { cents, momentAt, plainDate } from '../units';
import { cascadeOf, changeTree, findsOpen, keepLedger } from '.';
import { quoteStandings, sharesOf } from './quotes';
import { reserveWeeks } from './reserve';

const NOW = momentAt(plainDate('2026-01-19'), 600);
const DAY = plainDate('2026-01-08');
const HANG = 'a/board.walls' as JobId;
const ROOM = [added(place('a')), chosen('a', 'reline')];

const planOf = (house: Project): Plan => {
  const plan = planHouse(planningInputOf(house), NOW, { schedules: 1 });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};
const quote = (id: string, sum: number, jobIds: readonly JobId[] = [HANG]): EventBodyOf => ({
  type: 'quoteKept',
  payload: {
    id,
    placeId: null,
    what: 'Board',
    cents: cents(sum),
    from: `Trade ${id}`,
    jobIds: [...jobIds],
  },
});
const line = (id: string, ...entries: object[]): EventBodyOf => ({
  type: 'dayLogged',
  payload: { id: idOf(id), date: DAY, line: id, entries: entries as never },
});
const found = (text: string) => ({ kind: 'find', text, placeId: 'a' });

describe('quotes', () => {
  const worked = line(
    'w',
    { kind: 'hours', personId: 'me', minutes: 600, jobId: HANG, placeId: 'a' },
    { kind: 'progress', jobId: HANG, share: 100 },
  );

  it('for the same jobs are ranked by price, others stand alone', () => {
    const house = houseOf(...ROOM, quote('x', 90_000), quote('y', 80_000), quote('z', 1, []));
    expect(
      quoteStandings(house, planOf(house)).map(({ quote: { id }, rank, of }) => [id, rank, of]),
    ).toEqual([
      ['x', 2, 2],
      ['y', 1, 2],
      ['z', 1, 1],
    ]);
  });

  it('say what one’s own work saved, and for each of one’s hours', () => {
    const house = houseOf(...ROOM, quote('x', 90_000), worked);
    const plan = planOf(house);
    // Boards that were there when the work began count at what they were guessed at.
    const boards = plan.costs.lines
      .filter(({ jobId }) => jobId === HANG)
      .reduce((sum, { planned }) => sum + planned, 0);
    const saved = 90_000 - boards;
    expect(quoteStandings(house, plan)[0]?.against).toEqual({
      ownCents: boards,
      ownMinutes: 600,
      saved,
      savedPerHour: Math.round(saved / 10),
      isDone: true,
    });
  });

  it('say what of the room they leave to its owner', () => {
    const house = houseOf(...ROOM, added(place('b')), chosen('b', 'repaint'), quote('x', 90_000));
    const plan = planOf(house);
    const rest = plan.jobs.filter(
      ({ id, placeId, work }) => placeId === 'a' && id !== HANG && work.kind === 'labour',
    );
    const [standing] = quoteStandings(house, plan);
    expect(standing?.leaves).toEqual({
      jobs: rest.length,
      minutes: rest.reduce((sum, { left }) => sum + left, 0),
    });
    const all = rest.map(({ id }) => id);
    const whole = houseOf(...ROOM, quote('y', 90_000, [HANG, ...all]));
    expect(quoteStandings(whole, planOf(whole))[0]?.leaves).toEqual({ jobs: 0, minutes: 0 });
  });

  it('taken, each job costs its share and is committed; released, all is as it was', () => {
    const other = 'a/board.ceiling' as JobId;
    const taken: EventBodyOf = {
      type: 'quoteAccepted',
      payload: {
        quoteId: 'x',
        on: DAY,
        from: 'Trade x',
        cents: cents(cents(90_000)),
        bookedFrom: null,
        workdays: 3,
        shares: [
          { jobId: HANG, cents: cents(cents(60_000)), workdays: 2 },
          { jobId: other, cents: cents(cents(30_000)), workdays: 1 },
        ],
      },
    };
    const house = houseOf(...ROOM, quote('x', 90_000, [HANG, other]), taken);
    const lines = planOf(house).costs.lines.filter(({ isCommitted }) => isCommitted);
    expect(lines.map(({ jobId, planned }) => [jobId, planned]).toSorted()).toEqual([
      [other, 30_000],
      [HANG, 60_000],
    ]);
    const released = houseOf(...ROOM, quote('x', 90_000, [HANG, other]), taken, {
      type: 'quoteReleased',
      payload: { quoteId: 'x' },
    });
    const never = houseOf(...ROOM, quote('x', 90_000, [HANG, other]));
    expect(planOf(released)).toEqual(planOf(never));
  });

  it('are shared out over their jobs to the cent, whatever the sum', () => {
    const jobs = planOf(houseOf(...ROOM)).jobs.filter(({ work }) => work.kind !== 'inspection');
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1e8 }),
        fc.integer({ min: 1, max: 40 }),
        fc.subarray(jobs, { minLength: 1 }),
        (sum, days, some) => {
          const shares = sharesOf({ cents: cents(sum) }, days, some);
          expect(shares.reduce((all, share) => all + share.cents, 0)).toBe(sum);
          expect(shares.every(({ workdays }) => workdays >= 1)).toBe(true);
        },
      ),
    );
  });
});

describe('change orders', () => {
  const change = (id: string, cause: object, sum = 0, drawsOn = 'contingency'): EventBodyOf => ({
    type: 'changeOrdered',
    payload: { id, on: DAY, title: id, placeId: null, cause, cents: sum, drawsOn } as never,
  });
  const own = (id: string, changeId: string, minutes: number, sum: number): EventBodyOf => ({
    type: 'jobAdded',
    payload: {
      id: `a/own.${id}` as JobId,
      placeId: idOf('a'),
      title: id,
      stage: 5,
      minutes: inUnit(minutes),
      hands: 1,
      before: [],
      because: 'rot',
      cents: cents(cents(sum)),
      changeId,
    },
  });
  const budget: EventBodyOf = {
    type: 'budgetAgreed',
    payload: { total: cents(cents(1_000_000)), contingency: cents(cents(100_000)) },
  };
  const cascade = [
    ...ROOM,
    budget,
    line('f', found('rot at the sill'), found('a wasp nest')),
    change('sill', { kind: 'find', text: 'rot', entryId: 'f:0' }, 1_000),
    own('cut', 'sill', 120, 500),
    change('joists', { kind: 'change', text: 'soft behind it', changeId: 'sill' }, 2_000),
    own('sister', 'joists', 300, 700),
  ];

  it('hang under what led to them, and add up with all they led to', () => {
    const house = houseOf(...cascade);
    const tree = changeTree(house, planOf(house));
    expect(tree.map(({ change: { id } }) => id)).toEqual(['sill']);
    expect(tree[0]?.ledTo.map(({ change: { id } }) => id)).toEqual(['joists']);
    expect(tree[0]).toMatchObject({ minutes: 120, cents: 1_500 });
    // 120 + 300 minutes; 1000 + 500 + 2000 + 700.
    expect(tree[0] && cascadeOf(tree[0])).toEqual({ minutes: 420, cents: 4_200, jobs: 2 });
    expect(findsOpen(house).map(({ entry }) => entry.text)).toEqual(['a wasp nest']);
  });

  it('two that name each other stand by themselves, each once', () => {
    const ring = houseOf(
      change('x', { kind: 'change', text: 'y', changeId: 'y' }),
      change('y', { kind: 'change', text: 'x', changeId: 'x' }),
    );
    const ids = changeTree(ring, null).flatMap((top) => [
      top.change.id,
      ...top.ledTo.map((next) => next.change.id),
    ]);
    expect(ids.toSorted()).toEqual(['x', 'y']);
  });

  it('are to come, and speak for the contingency they draw on, not for the budget', () => {
    const before = houseOf(...ROOM, budget);
    const [was, is] = [before, houseOf(...cascade)].map((house) =>
      keepLedger(house, planOf(house).costs),
    );
    expect((is?.toCome ?? 0) - (was?.toCome ?? 0)).toBe(4_200);
    expect(is?.budget?.contingencySpokenFor).toBe(4_200);
    expect(is?.budget?.afterAll).toBe(was?.budget?.afterAll);
  });

  it('called off go with their jobs', () => {
    const off = houseOf(...cascade, {
      type: 'changeWithdrawn',
      payload: { changeId: 'joists' },
    });
    expect(Object.keys(off.ownJobs)).toEqual(['a/own.cut']);
    expect(Object.keys(off.changes)).toEqual(['sill']);
  });
});

describe('a budget shared out', () => {
  it('says what each room has left, and what nobody was given', () => {
    const house = houseOf(
      ...ROOM,
      added(place('b')),
      {
        type: 'budgetAgreed',
        payload: {
          total: cents(cents(100_000)),
          contingency: cents(cents(0)),
          byPlace: { a: cents(cents(30_000)) },
        },
      },
      line('m', {
        kind: 'money',
        what: 'screws',
        spend: 'materials',
        shares: [
          { placeId: 'a', cents: 32_000 },
          { placeId: 'b', cents: 1_000 },
        ],
        shop: null,
        drawsOn: 'budget',
      }),
    );
    expect(keepLedger(house).budget).toMatchObject({
      byPlace: [{ key: 'a', planned: 30_000, paid: 32_000, left: -2_000 }],
      unassigned: { byPlace: 70_000, byKind: 100_000 },
    });
  });
});

describe('contingency against unknowns', () => {
  it('falls as it is drawn on, and unknowns fall when somebody has looked', () => {
    const house = houseOf(
      ...ROOM,
      {
        type: 'budgetAgreed',
        payload: { total: cents(cents(0)), contingency: cents(cents(50_000)) },
      },
      {
        type: 'elementSurveyed',
        payload: {
          placeId: 'a',
          element: 'floor',
          on: '2026-01-06',
          decision: 'keep',
          condition: 'tired',
          suspicion: 'rot',
          risk: {
            chance: 50,
            minutes: { low: 60, high: 60 },
            cents: { low: 10_000, high: 30_000 },
          },
          reason: null,
          wayId: null,
          count: 1,
          size: null,
          salvage: null,
          options: [],
        } as never,
      },
      {
        type: 'suspicionSettled',
        payload: { surveyId: 'a/floor', on: plainDate('2026-01-14'), found: null },
      },
      line('m', {
        kind: 'money',
        what: 'joist',
        spend: 'materials',
        shares: [{ placeId: 'a', cents: 4_000 }],
        shop: null,
        drawsOn: 'contingency',
      }),
    );
    // Half of the middle of 100 and 300 is 100; settled in the second week.
    expect(reserveWeeks(house, plainDate('2026-01-20'))).toEqual([
      { monday: '2026-01-05', left: 46_000, unknowns: 10_000 },
      { monday: '2026-01-12', left: 46_000, unknowns: 0 },
      { monday: '2026-01-19', left: 46_000, unknowns: 0 },
    ]);
  });
});
