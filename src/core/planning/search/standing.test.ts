import fc from 'fast-check';
import { minutesOn, type Project } from '../../house';
import { applyEvents, type EventBodyOf } from '../../journal';
import { isToOrder, standingOf, type Plan } from '../report';
import { anyHouse } from '../../testing/houses';
import { anyRenovation } from '../../testing/renovations';
import { faultsOf } from '../../testing/check-plan';
import {
  MINUTES_PER_DAY,
  addDays,
  dateOf,
  minutes,
  momentAt,
  plainDate,
  type PlainDate,
} from '../../units';
import { planHouse } from '../plan-house';
import { isNowhereLater } from './standing';

const FIRST = plainDate('2026-01-05');
const MORNING = momentAt(FIRST, 8 * 60);
const planOf = (house: Project, now = MORNING, standing: Plan | null = null): Plan => {
  const plan = planHouse(house, now, { schedules: 8, standing: standing && standingOf(standing) });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};

/** A day that went just as planned, but for `more` minutes on its first job: hours, trades, orders and calls. */
function dayAsPlanned(plan: Plan, on: PlainDate, more = 0): EventBodyOf[] {
  const open = plan.jobs.filter(({ doneOn, stretches }) => doneOn === null && stretches.length > 0);
  const today = open.flatMap((job) =>
    job.stretches.filter(({ from }) => dateOf(from) === on).map((stretch) => ({ job, stretch })),
  );
  const told = new Set(today.map(({ job }) => job));
  const entries = [
    ...today.flatMap(({ job, stretch }, at) =>
      stretch.people.map((personId) => ({
        kind: 'hours' as const,
        personId,
        minutes: minutes(stretch.to - stretch.from + (at === 0 ? more : 0)),
        jobId: job.id,
        placeId: null,
      })),
    ),
    ...[...told].flatMap((job) => {
      const past = job.stretches.filter(({ from }) => dateOf(from) <= on).length;
      const isDone = dateOf(job.finish) === on;
      // Of a trade it is told how many of its days are over.
      if (!isDone && job.work.kind === 'effort') return [];
      const before = job.work.kind === 'span' ? job.work.workdays - job.stretches.length : 0;
      const share = isDone
        ? 100
        : Math.round((100 * (before + past)) / (before + job.stretches.length));
      return [{ kind: 'progress' as const, jobId: job.id, share }];
    }),
  ];
  const called = open
    .filter(
      ({ work, bookedOn, start }) => work.kind !== 'effort' && !bookedOn && dateOf(start) > on,
    )
    .map((job): EventBodyOf => ({
      type: 'visitBooked',
      payload: { jobId: job.id, on: dateOf(job.start) },
    }));
  const arrival = { on, state: 'whole' as const, note: null };
  const ordered = plan.orders
    .filter((line) => isToOrder(line) && line.orderBy <= on)
    .map((line): EventBodyOf => ({
      type: 'orderPlaced',
      payload: {
        id: `o${line.lineId}`.slice(0, 64),
        lineId: line.lineId,
        shop: null,
        orderedOn: on,
        expectedOn: addDays(on, line.leadDays),
        arrival: line.leadDays <= 1 ? arrival : null,
      },
    }));
  const came = plan.orders
    .filter(
      ({ orderId, expectedOn, state }) =>
        state === 'on-the-way' && orderId !== null && (expectedOn ?? on) <= addDays(on, 1),
    )
    .map(({ orderId }): EventBodyOf => ({
      type: 'orderArrived',
      payload: { orderId: orderId ?? '', arrival },
    }));
  const day: EventBodyOf = {
    type: 'dayLogged',
    payload: { id: `as-planned-${on}` as never, date: on, line: 'as planned', entries },
  };
  return [...(entries.length > 0 ? [day] : []), ...called, ...ordered, ...came];
}

const after = (house: Project, events: readonly EventBodyOf[]): Project => {
  const changed = applyEvents(house, events);
  if (!changed) throw new Error('no house');
  return changed;
};
const daysOf = (plan: Plan) =>
  new Map(
    plan.jobs
      .filter(({ doneOn }) => doneOn === null)
      .map((job) => [job.id as string, Math.floor(job.finish / MINUTES_PER_DAY)]),
  );
/** Jobs that end on a later day in the second plan, by so many days. */
function laterIn(before: Plan, now: Plan): [string, number][] {
  const days = daysOf(now);
  return [...daysOf(before)].flatMap(([id, day]): [string, number][] =>
    (days.get(id) ?? 0) > day ? [[id, (days.get(id) ?? 0) - day]] : [],
  );
}

describe('a plan that stands', () => {
  it('is the same plan again when nothing happened', () => {
    fc.assert(
      fc.property(anyHouse, (house) => {
        const plan = planOf(house);
        expect(laterIn(plan, planOf(house, MORNING, plan))).toEqual([]);
      }),
      { numRuns: 15 },
    );
  });

  it('moves no day for evenings logged as planned, a fortnight long', () => {
    fc.assert(
      fc.property(anyRenovation, (first) => {
        let house: Project = first;
        let plan = planOf(house);
        for (let day = 0; day < 14; day += 1) {
          const on = addDays(FIRST, day);
          house = after(house, dayAsPlanned(plan, on));
          const next = planOf(house, momentAt(addDays(on, 1), 8 * 60), plan);
          expect({ on, later: laterIn(plan, next) }).toEqual({ on, later: [] });
          plan = next;
        }
      }),
      { numRuns: 8 },
    );
  });

  it('ten minutes more move no other job by more than a day', () => {
    fc.assert(
      fc.property(anyRenovation, fc.integer({ min: 0, max: 9 }), (house, day) => {
        let [lived, plan] = [house as Project, planOf(house)];
        for (let at = 0; at < day; at += 1) {
          lived = after(lived, dayAsPlanned(plan, addDays(FIRST, at)));
          plan = planOf(lived, momentAt(addDays(FIRST, at + 1), 8 * 60), plan);
        }
        const on = addDays(FIRST, day);
        const longer = after(lived, dayAsPlanned(plan, on, 10));
        const next = planOf(longer, momentAt(addDays(on, 1), 8 * 60), plan);
        for (const [id, days] of laterIn(plan, next)) expect({ id, days }).toEqual({ id, days: 1 });
      }),
      { numRuns: 12 },
    );
  });

  it('more hours, or one more who helps, never make a gate later', () => {
    fc.assert(
      fc.property(
        anyRenovation,
        fc.integer({ min: 15, max: 180 }),
        fc.boolean(),
        (house, more, helps) => {
          const plan = planOf(house);
          const people = helps
            ? [...house.people, { ...house.people[1]!, id: 'uncle' as never, name: 'Uncle' }]
            : house.people.map((person) => ({
                ...person,
                week: person.week.map((spent) => minutes(Math.min(600, spent + more))),
              }));
          const next = planOf({ ...house, people }, MORNING, plan);
          for (const gate of ['sleep', 'live', 'done'] as const) {
            expect((next.gates[gate].date ?? '') <= (plan.gates[gate].date ?? '')).toBe(true);
          }
        },
      ),
      { numRuns: 20 },
    );
  });

  it('keeps to the hours, rooms and orders of the house, whatever was logged', () => {
    fc.assert(
      fc.property(anyHouse, fc.integer({ min: 0, max: 5 }), (house, nights) => {
        let [lived, plan] = [house, planOf(house)];
        for (let at = 0; at < nights; at += 1) {
          lived = after(lived, dayAsPlanned(plan, addDays(FIRST, at), 20 * at));
          plan = planOf(lived, momentAt(addDays(FIRST, at + 1), 8 * 60), plan);
        }
        expect(faultsOf(lived, plan)).toEqual([]);
      }),
      { numRuns: 15 },
    );
  });

  it('follows another path through the house at once', () => {
    const rooms = fc.sample(anyRenovation, { numRuns: 1, seed: 4 })[0];
    if (!rooms) throw new Error('no house');
    const plan = planOf({ ...rooms, path: 'trades' });
    const byRooms = planOf({ ...rooms, path: 'rooms' }, MORNING, plan);
    expect(byRooms.basis).not.toBe(plan.basis);
    expect(daysOf(byRooms)).not.toEqual(daysOf(plan));
  });

  it('gives hours nobody meant to give to nobody', () => {
    const [house] = fc.sample(anyRenovation, { numRuns: 1, seed: 9 });
    if (!house) throw new Error('no house');
    const plan = planOf(house);
    const people = house.people.map((person) => ({
      ...person,
      week: person.week.map((spent, at) => (at < 5 ? minutes(0) : spent)),
    }));
    const next = planOf({ ...house, people }, MORNING, plan);
    for (const { stretches } of next.jobs) {
      for (const { from, people: who } of stretches) {
        for (const id of who) {
          const person = people.find((each) => each.id === id);
          expect(person && minutesOn(person, dateOf(from))).toBeGreaterThan(0);
        }
      }
    }
  });
});

describe('two schedules of the same tasks', () => {
  const at = (...ends: number[]) =>
    ends.map((finish) => ({ start: 0, finish, stretches: [], lacks: [] })) as never;

  it('one is nowhere later where each task ends on the same day or before', () => {
    const day = MINUTES_PER_DAY;
    expect(isNowhereLater(at(day, 2 * day), at(day + 600, 2 * day + 1))).toBe(true);
    expect(isNowhereLater(at(day + 600, day), at(day, 2 * day))).toBe(true);
    expect(isNowhereLater(at(2 * day, day), at(day, 3 * day))).toBe(false);
  });
});
