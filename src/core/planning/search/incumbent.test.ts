import fc from 'fast-check';
import { planningInputOf, minutesOn, type Person, type Project } from '../../house';
import { applyEvents, type EventBodyOf } from '../../journal';
import { standingOf, type Plan } from '../report';
import { added, anyHouse, chosen, houseOf, place } from '../../testing/houses';
import { dayAsPlanned } from '../../testing/days';
import {
  PERTURBATIONS,
  laterJobs,
  perturbationsOf,
  withHelper,
  type Perturbation,
  type Planner,
} from '../../testing/perturbations';
import { anyRenovation } from '../../testing/renovations';
import { faultsOf } from '../../testing/check-plan';
import { MINUTES_PER_DAY, addDays, dateOf, minutes, momentAt, plainDate } from '../../units';
import { planHouse } from '../plan-house';
import { isNowhereLater } from './incumbent';

const FIRST = plainDate('2026-01-05');
const MORNING = momentAt(FIRST, 8 * 60);
const planOf = (house: Project, now = MORNING, standing: Plan | null = null): Plan => {
  const plan = planHouse(planningInputOf(house), now, {
    schedules: 8,
    standing: standing && standingOf(standing),
  });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};

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
describe('a plan that stands', () => {
  it('is the same plan again when nothing happened', () => {
    fc.assert(
      fc.property(anyHouse, (house) => {
        const plan = planOf(house);
        expect(laterJobs(plan, planOf(house, MORNING, plan))).toEqual([]);
      }),
      { numRuns: 15 },
    );
  });

  describe('through sixty small changes on each of five houses', () => {
    const houses = fc
      .sample(anyRenovation, { numRuns: 20, seed: 8 })
      .filter((house) => planOf(house).jobs.length <= 60)
      .slice(0, 5);
    const all = houses.flatMap((house) => [...perturbationsOf(house, FIRST, 15, planOf)]);
    const those = (kind: Perturbation) => all.filter((each) => each.kind === kind);

    it('are as many as were meant', () => {
      expect(PERTURBATIONS.map((kind) => those(kind).length)).toEqual([75, 75, 75, 75]);
    });

    it('an evening logged as planned moves no day', () => {
      for (const { on, before, after } of those('as planned')) {
        expect({ on, later: laterJobs(before, after) }).toEqual({ on, later: [] });
      }
    });

    it('ten minutes more move no job by more than a day', () => {
      for (const { on, before, after } of those('ten minutes more')) {
        const far = laterJobs(before, after).filter(({ days }) => days > 1);
        expect({ on, far }).toEqual({ on, far: [] });
      }
    });

    it.each(['more hours', 'a helper'] as const)('%s make no gate later', (kind) => {
      for (const { on, before, after } of those(kind)) {
        for (const gate of ['sleep', 'live', 'done'] as const) {
          const [was, is] = [before.gates[gate].date ?? '', after.gates[gate].date ?? ''];
          expect({ on, gate, isLater: is > was }).toEqual({ on, gate, isLater: false });
        }
      }
    });
  });

  it('is found again by whoever asks anew each day, as long as days go as planned', () => {
    const [house] = fc.sample(anyRenovation, { numRuns: 1, seed: 8 });
    if (!house) throw new Error('no house');
    const anew: Planner = (lived, now) => planOf(lived, now);
    for (const { kind, on, before, after } of perturbationsOf(house, FIRST, 10, anew)) {
      const later = kind === 'as planned' ? laterJobs(before, after) : [];
      expect({ on, later }).toEqual({ on, later: [] });
    }
  });

  it('asked anew, with one more who helps, has no gate later than without', () => {
    const houses = fc.sample(anyRenovation, { numRuns: 12, seed: 8 });
    const dates = ({ gates }: Plan) => [gates.sleep.date, gates.live.date, gates.done.date];
    const later = houses.flatMap((house) => {
      const without = dates(planOf(house));
      return dates(planOf(withHelper(house))).filter((date, at) => date! > without[at]!);
    });
    expect(later).toEqual([]);
  });

  it('leaves nothing that wants two to one alone, once there is a second', () => {
    const house = houseOf(added(place('a')), chosen('a', 'window', 2));
    const [me, ana] = house.people as [Person, Person];
    const lacking = ({ jobs }: Plan) =>
      jobs
        .filter(({ shortfalls }) => shortfalls.includes('second-pair'))
        .map(({ id }) => id as string);
    const alone = planOf({ ...house, people: [me] });
    expect(lacking(alone)).toEqual(['a/shell.window', 'house/move.in']);
    // Half an hour a day: it takes longer than one alone all evening would.
    const short = { ...ana, week: ana.week.map(() => minutes(35)) };
    const both = planOf({ ...house, people: [me, short] }, MORNING, alone);
    expect(lacking(both)).toEqual([]);
    expect(faultsOf(planningInputOf({ ...house, people: [me, short] }), both)).toEqual([]);
  });

  it('gives a job to who was named for it since', () => {
    const house = houseOf(added(place('a')), chosen('a', 'repaint'));
    const [me, ana] = house.people as [Person, Person];
    const plan = planOf(house);
    const painted = ({ jobs }: Plan) => jobs.find(({ id }) => id === 'a/paint.walls')!;
    const named = (who: Person): EventBodyOf => ({
      type: 'jobFiguresAgreed',
      payload: { jobId: painted(plan).id, figures: { by: who.id } },
    });
    for (const who of [me, ana]) {
      const given = planOf(after(house, [named(who)]), MORNING, plan);
      expect(painted(given).stretches.flatMap(({ people }) => people)).toContain(who.id);
      expect(painted(given).stretches.every(({ people }) => people.includes(who.id))).toBe(true);
    }
  });

  it('keeps to the hours, rooms and orders of the house, whatever was logged', () => {
    fc.assert(
      fc.property(anyHouse, fc.integer({ min: 0, max: 5 }), (house, nights) => {
        let [lived, plan] = [house, planOf(house)];
        for (let at = 0; at < nights; at += 1) {
          lived = after(lived, dayAsPlanned(plan, addDays(FIRST, at), 20 * at));
          plan = planOf(lived, momentAt(addDays(FIRST, at + 1), 8 * 60), plan);
        }
        expect(faultsOf(planningInputOf(lived), plan)).toEqual([]);
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
    ends.map((finish) => ({ start: 0, finish, stretches: [], shortfalls: [] })) as never;

  it('one is nowhere later where each task ends on the same day or before', () => {
    const day = MINUTES_PER_DAY;
    expect(isNowhereLater(at(day, 2 * day), at(day + 600, 2 * day + 1))).toBe(true);
    expect(isNowhereLater(at(day + 600, day), at(day, 2 * day))).toBe(true);
    expect(isNowhereLater(at(2 * day, day), at(day, 3 * day))).toBe(false);
  });
});
