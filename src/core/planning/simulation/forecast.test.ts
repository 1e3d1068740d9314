import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { planningInputOf, minutesOn, type Person } from '../../house';
import { applyEvents, type EventBodyOf } from '../../journal';
import { planHouse } from '../plan-house';
import { seededRandom } from '../../random';
import { added, anyHouse, chosen, houseOf, place, week } from '../../testing/houses';
import {
  MINUTES_PER_DAY,
  dateOf,
  minutes,
  momentAt,
  moment,
  plainDate,
  toDayNumber,
} from '../../units';
import { standingOf, type Forecast, type Standing } from '../report';
import { logNormal, quantile, triangular } from './chance';
import { drawFrom, prepareDraw, prepareFrom } from './draw';
import { HouseholdDays } from './household-days';
import { Simulator, plainFate, type Keeps, type SimTask } from './simulate';
import { forecastHouse, forecastInSteps } from '.';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const house = houseOf(
  added(place('bed')),
  added(place('bath', 'bathroom', 8)),
  chosen('bed', 'reline'),
  chosen('bed', 'new-floor'),
  chosen('bath', 'bathroom'),
  chosen('bath', 'tile-floor'),
);
const prepared = prepareDraw(planningInputOf(house), NOW);
const drawn = (options = {}) => {
  if (!prepared.ok) throw new Error(prepared.error.code);
  return drawFrom(prepared.value, { runs: 200, ...options });
};
const me: Person = { id: idOf('me'), name: 'Me', role: 'self', week: week(120, 360) };

describe('a forecast in steps', () => {
  const stepsOf = (standing: Standing | null) => {
    const steps = forecastInSteps(planningInputOf(house), NOW, { runs: 20, standing });
    const onTheWay: Forecast[] = [];
    for (;;) {
      const step = steps.next();
      if (step.done) return { onTheWay, last: step.value };
      if (step.value) onTheWay.push(step.value);
    }
  };

  it('speaks of the first plan while a better one is looked for; not where the plan that stands is the last', () => {
    const anew = stepsOf(null);
    if (!anew.last.ok) throw new Error(anew.last.error.code);
    expect(anew.onTheWay).toHaveLength(1);
    const again = stepsOf(standingOf(anew.last.value.plan));
    expect(again.onTheWay).toEqual([]);
    if (!again.last.ok) throw new Error(again.last.error.code);
    expect(again.last.value.gates).toEqual(anew.last.value.gates);
    expect(again.last.value.plan.jobs.map(({ id, start }) => [id, start])).toEqual(
      anew.last.value.plan.jobs.map(({ id, start }) => [id, start]),
    );
  });
});

describe('what a forecast says was learned', () => {
  it('worked by hand: hours left by the guesses are each estimate less its hours, whatever the pace', () => {
    const told = (jobId: string, spent: number, share: number | null): EventBodyOf => ({
      type: 'dayLogged',
      payload: {
        id: idOf(`d-${jobId}`),
        date: plainDate('2026-01-05'),
        line: 'x',
        entries: [
          {
            kind: 'hours',
            personId: idOf('me'),
            minutes: minutes(spent),
            jobId: idOf(jobId),
            placeId: null,
          },
          ...(share === null ? [] : [{ kind: 'progress' as const, jobId: jobId as never, share }]),
        ],
      },
    });
    const before = forecastHouse(planningInputOf(house), NOW, 2);
    if (!before.ok) throw new Error(before.error.code);
    const walk = before.value.plan.jobs.find(({ id }) => id === 'bed/survey.walk');
    const measure = before.value.plan.jobs.find(({ id }) => id === 'bed/survey.measure');
    if (!walk || !measure) throw new Error('no such jobs');
    const { guessed, planned } = before.value.learned.left;
    expect(planned).toBe(guessed);
    const after = applyEvents(house, [
      told(walk.id, walk.estimate * 2, 100),
      told(measure.id, 10, null),
    ]);
    const later =
      after && forecastHouse(planningInputOf(after), momentAt(plainDate('2026-01-06'), 480), 2);
    if (!later?.ok) throw new Error('no forecast');
    const { left } = later.value.learned;
    expect(left.guessed).toBe(guessed - walk.estimate - 10);
    // The one finished job took twice its guess: the rest is planned longer.
    expect(left.planned).toBeGreaterThan(left.guessed);
  });
});

describe('chance', () => {
  it('a triangle keeps to its ends and has its mean: (low + mode + high) / 3', () => {
    const random = seededRandom(3);
    const draws = Array.from({ length: 20_000 }, () => triangular(random, 0.85, 1, 1.4));
    expect(Math.min(...draws)).toBeGreaterThanOrEqual(0.85);
    expect(Math.max(...draws)).toBeLessThanOrEqual(1.4);
    expect(draws.reduce((sum, draw) => sum + draw, 0) / draws.length).toBeCloseTo(3.25 / 3, 2);
  });

  it('a log-normal factor is as often under 1 as over it', () => {
    const random = seededRandom(4);
    const under = Array.from({ length: 10_000 }, () => logNormal(random, 0.2)).filter(
      (draw) => draw < 1,
    );
    expect(under.length / 10_000).toBeCloseTo(0.5, 1);
  });

  it('quantiles are values of the list', () => {
    expect(quantile([1, 2, 3, 4, 5, 6, 7, 8, 9, 10], 0.8)).toBe(8);
    expect(quantile([7], 0.1)).toBe(7);
  });
});

describe('a run lived through', () => {
  const ALL_KEPT: Keeps = { keptShare: 1, isLost: () => false };
  const monday = toDayNumber(plainDate('2026-01-05'));
  const start = monday * MINUTES_PER_DAY;
  const days = (...people: Person[]) => new HouseholdDays(people, null, monday);
  const work = (amount: number, more: Partial<SimTask> = {}): SimTask => ({
    kind: 'labour',
    amount,
    crews: [{ people: [0], hands: 1 }],
    outdoors: false,
    chunk: 0,
    notBefore: start,
    priority: 0,
    successors: [],
    ...more,
  });
  const ends = (tasks: readonly SimTask[], people: HouseholdDays) => {
    const waiting = tasks.map((_, at) =>
      tasks.reduce(
        (sum, { successors }) => sum + successors.filter(({ task }) => task === at).length,
        0,
      ),
    );
    const { finish } = new Simulator(people, start).run(tasks, waiting, plainFate(tasks), ALL_KEPT);
    return [...finish].map((end) => dateOf(moment(end)));
  };

  it('worked by hand: five hours from Monday, two an evening', () => {
    // Two hours on Monday, two on Tuesday, one on Wednesday.
    expect(ends([work(300)], days(me))).toEqual(['2026-01-07']);
  });

  it('what is more pressing goes first, what follows waits for its lag, two people wait for a common day', () => {
    const tasks = [
      work(120, { priority: 2 }),
      work(120, { priority: 1, successors: [{ task: 2, lag: 24 * 60 }] }),
      work(60),
    ];
    // The second on Monday; the first on Tuesday; the third when a day has passed since Monday evening: Wednesday.
    expect(ends(tasks, days(me))).toEqual(['2026-01-06', '2026-01-05', '2026-01-07']);
    const ana: Person = { ...me, id: idOf('ana'), week: week(0, 240) };
    expect(ends([work(240, { crews: [{ people: [0, 1], hands: 2 }] })], days(me, ana))).toEqual([
      '2026-01-10',
    ]);
  });

  it('evenings that come to nothing push the rest on; who is paid by the day comes all the same', () => {
    const lost: Keeps = { keptShare: 0.5, isLost: (day) => day === 0 };
    const endBy = (person: Person) => {
      const { finish } = new Simulator(days(person), start).run(
        [work(120)],
        [0],
        plainFate([work(120)]),
        lost,
      );
      return dateOf(moment(finish[0] ?? 0));
    };
    expect(endBy(me)).toBe('2026-01-06');
    expect(endBy({ ...me, role: 'crew' })).toBe('2026-01-05');
  });

  it('by the plan, evenings are kept as far as they usually are: three hours of four a day', () => {
    const kept = new HouseholdDays([me], null, monday, 0, { me: 0.75 });
    const byPlan: Keeps = { keptShare: null, isLost: () => false };
    // 90 minutes an evening: 300 are done on Thursday, not on Wednesday.
    const { finish } = new Simulator(kept, start).run(
      [work(300)],
      [0],
      plainFate([work(300)]),
      byPlan,
    );
    expect(dateOf(moment(finish[0] ?? 0))).toBe('2026-01-08');
  });

  it('a winter wall waits for daylight, a pour for a day long enough', () => {
    expect(ends([work(60, { outdoors: true })], days(me))).toEqual(['2026-01-10']);
    expect(ends([work(240, { chunk: 240 })], days(me))).toEqual(['2026-01-10']);
  });

  it('more work never ends sooner, and no work is done in hours nobody gives', () => {
    const mine = days(me);
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 9_000 }),
        fc.integer({ min: 0, max: 600 }),
        (amount, more) => {
          const [end = '', later = ''] = [
            ends([work(amount)], mine)[0],
            ends([work(amount + more)], mine)[0],
          ];
          expect(later >= end).toBe(true);
          let given = 0;
          for (let day = monday; dateOf(moment(day * MINUTES_PER_DAY)) <= end; day += 1) {
            given += minutesOn(me, dateOf(moment(day * MINUTES_PER_DAY)));
          }
          expect(given).toBeGreaterThanOrEqual(amount);
        },
      ),
    );
  });
});

describe('the drawn forecast', () => {
  it('the same seed gives the same days; its percentiles stand in order, the plan is no pessimist', () => {
    expect(drawn({ seed: 9 })).toEqual(drawn({ seed: 9 }));
    const { gates, cost } = drawn();
    for (const { p10, p50, p80, p95 } of Object.values(gates)) {
      expect([p10, p50, p80, p95]).toEqual([p10, p50, p80, p95].toSorted());
    }
    expect(cost.p80).toBeGreaterThanOrEqual(cost.p50);
    const plan = planHouse(planningInputOf(house), NOW);
    expect(plan.ok && (gates.live.p80 ?? '') >= (plan.value.gates.live.date ?? '')).toBe(true);
  });

  it('a house that takes one hour a week for years has a plan, and a likely day not before it', () => {
    const slow = houseOf(
      ...['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'].flatMap((id) => [
        added(place(id)),
        chosen(id, 'repaint'),
        chosen(id, 'reline'),
      ]),
    );
    const project = {
      ...slow,
      people: slow.people.slice(0, 1).map((one) => ({ ...one, week: week(0, 30) })),
    };
    const plan = planHouse(planningInputOf(project), NOW);
    if (!plan.ok) throw new Error(plan.error.code);
    const planned = plan.value.gates.done.date ?? '';
    expect(planned > '2031').toBe(true);
    const ready = prepareFrom(planningInputOf(project), NOW, plan.value);
    if (!ready.ok) throw new Error(ready.error.code);
    const { p50, p95 } = drawFrom(ready.value, { runs: 40 }).gates.done;
    // Half of the runs may be a little quicker than the plan, never years.
    expect((p50 ?? '') > '2031').toBe(true);
    expect((p95 ?? '') > planned).toBe(true);
  });

  it('another seed moves the likely day by little against its spread', () => {
    const at = (seed: number) =>
      toDayNumber(drawn({ seed, runs: 600 }).gates.done.p50 ?? plainDate('2026-01-05'));
    expect(Math.abs(at(1) - at(2))).toBeLessThanOrEqual(4);
  });

  it('says of each job how often it decided the day; something always does', () => {
    const { decides } = drawn();
    expect(decides.length).toBeGreaterThan(0);
    expect(decides[0]?.share).toBeGreaterThan(0.5);
    for (const { share } of decides) {
      expect(share).toBeGreaterThan(0);
      expect(share).toBeLessThanOrEqual(1);
    }
  });

  it('answers for any house: days in order for every gate, or none where nothing is left', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        const result = forecastHouse(planningInputOf(project), NOW, 30);
        if (!result.ok) throw new Error(result.error.code);
        for (const { likely, fairlySafe } of Object.values(result.value.gates)) {
          expect(likely === null).toBe(fairlySafe === null);
          if (likely && fairlySafe) expect(likely <= fairlySafe).toBe(true);
        }
      }),
      { numRuns: 25 },
    );
  });
});
