import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { planningInputOf } from '../../house';
import { applyEvents, reduceJournal, type EventBodyOf } from '../../journal';
import { planHouse } from '../plan-house';
import { STARTED, added, anyHouse, chosen, houseOf, place, stamped } from '../../testing/houses';
import { minutes, momentAt, plainDate } from '../../units';
import { changesBetween, planningInputSchema, withChanges, withFieldChanges } from '.';

const NOW = momentAt(plainDate('2026-01-12'), 600);
const evening = (nth: number, share: number): EventBodyOf => ({
  type: 'dayLogged',
  payload: {
    id: idOf(`d${nth}`),
    date: plainDate(`2026-01-0${5 + (nth % 4)}`),
    line: 'x',
    entries: [
      {
        kind: 'hours',
        personId: idOf('me'),
        minutes: minutes(90),
        jobId: idOf('a/survey.walk'),
        placeId: null,
      },
      { kind: 'progress', jobId: idOf('a/survey.walk'), share },
    ],
  },
});
const bytes = (value: unknown): number => JSON.stringify(value).length;

describe('what the planner gets of a house', () => {
  it('plans to the same day as the house itself', () => {
    fc.assert(
      fc.property(anyHouse, (house) => {
        const few = { schedules: 8 };
        expect(planHouse(planningInputOf(house), NOW, few)).toEqual(
          planHouse(planningInputOf(house), NOW, few),
        );
      }),
      { numRuns: 25 },
    );
  });

  it('adds the diary up by job: minutes, the last share told, first and last day', () => {
    const house = houseOf(added(place('a')), evening(1, 50), evening(2, 100));
    expect(planningInputOf(house).logged).toEqual({
      'a/survey.walk': {
        share: 100,
        logged: 180,
        by: { me: 180 },
        sinceShare: 0,
        firstOn: '2026-01-06',
        lastOn: '2026-01-07',
        doneOn: '2026-01-07',
      },
    });
    expect(planningInputSchema.parse(planningInputOf(house))).toEqual(planningInputOf(house));
    expect('days' in planningInputOf(house)).toBe(false);
  });

  it('follows a quote that is taken, whatever was worked out before', () => {
    const house = houseOf(added(place('a')), chosen('a', 'reline'));
    expect(planningInputOf(house).bookings).toEqual({});
    const taken = applyEvents(house, [
      {
        type: 'quoteAccepted',
        payload: {
          quoteId: 'q',
          on: plainDate('2026-01-12'),
          from: 'Plumb and True',
          cents: 90_000 as never,
          bookedFrom: plainDate('2026-01-20'),
          workdays: 2,
          shares: [{ jobId: 'a/board.walls' as never, cents: 90_000 as never, workdays: 2 }],
        },
      },
    ]);
    if (!taken) throw new Error('no house');
    expect(planningInputOf(taken).bookings).toEqual({ 'a/board.walls': '2026-01-20' });
    const plan = planHouse(planningInputOf(taken), NOW);
    const job = plan.ok && plan.value.jobs.find(({ id }) => id === 'a/board.walls');
    expect(job).toMatchObject({
      bookedOn: '2026-01-20',
      work: { kind: 'subcontract', price: 90_000 },
    });
  });

  it('a change tried on it is the change tried on the house', () => {
    const house = houseOf(added(place('a')), chosen('a', 'reline'), evening(1, 40));
    const changes = [evening(2, 70), added(place('b')), chosen('b', 'repaint')];
    const changed = applyEvents(house, changes);
    if (!changed) throw new Error('no house');
    expect(withChanges(planningInputOf(house), changes)).toEqual(planningInputOf(changed));
  });
});

describe('what changed between two inputs', () => {
  it('makes the one into the other, whatever the two houses', () => {
    fc.assert(
      fc.property(anyHouse, anyHouse, (one, other) => {
        const [was, is] = [planningInputOf(one), planningInputOf(other)];
        const changes = structuredClone(changesBetween(was, is));
        expect(planningInputSchema.parse(withFieldChanges(was, changes))).toEqual(is);
        expect(withFieldChanges(undefined, changesBetween(null, is))).toEqual(is);
        expect(changesBetween(is, planningInputOf(other))).toEqual({});
      }),
    );
  });

  it('is small, and no larger for an old house than for a young one', () => {
    const posted = [10, 2_000].map((evenings) => {
      const days = Array.from({ length: evenings }, (_, at) => ({
        ...evening(at, 10),
        payload: { ...evening(at, 10).payload, id: `old${at}` },
      })) as EventBodyOf[];
      const before = reduceJournal(stamped([STARTED, added(place('a')), ...days]));
      if (!before) throw new Error('no house');
      const after = applyEvents(before, [evening(1, 20)]);
      if (!after) throw new Error('no house');
      return bytes(changesBetween(planningInputOf(before), planningInputOf(after)));
    });
    expect(posted[1]).toBeLessThan((posted[0] ?? 0) + 20);
    expect(posted[1]).toBeLessThan(300);
  });
});
