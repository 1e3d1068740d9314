/**
 * Figures the planner starts from, each against a value worked by hand: who changes one of them changes what people are
 * told, and has to say so here.
 */
import {
  moment,
  MINUTES_PER_DAY,
  addDays,
  daysBetween,
  dateOf,
  momentAt,
  plainDate,
} from '../units';
import { planningInputOf, type Project } from '../house';
import { added, chosen, houseOf, place } from '../testing/houses';
import type { Job } from '../trade/steps';
import { AS_ESTIMATED } from './model/caution';
import { materialHolds } from './model/orders';
import { buildScheduleModel } from './model/schedule-model';
import { tradeLeadDays } from './model/trades';
import { slipsOf } from './learning';
import { planHouse } from './plan-house';
import { isAfterwards, type Plan, type PlannedJob } from './report';
import { drawForecast } from './simulation';
import { Sampler, chancesOf } from './simulation/sampler';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const house = houseOf(
  added(place('bath', 'bathroom', 8)),
  added(place('bed')),
  chosen('bath', 'bathroom'),
  chosen('bed', 'reline'),
);
function planOf(project: Project): Plan {
  const planned = planHouse(planningInputOf(project), NOW);
  if (!planned.ok) throw new Error(planned.error.code);
  return planned.value;
}
const plan = planOf(house);
const quantileOf = (values: readonly number[], share: number): number =>
  values.toSorted((a, b) => a - b)[Math.floor(share * values.length)] ?? 0;
/** Drawn shares of eight thousand are off by a hundredth at most. */
const within = (value: number, expected: number, off: number) =>
  expect(Math.abs(value - expected)).toBeLessThan(off);
const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

describe('orders', () => {
  it('are wanted two days before their job, and ordered their lead before that', () => {
    const ahead = plan.orders.filter(({ neededBy }) => neededBy > dateOf(plan.now));
    expect(ahead.length).toBeGreaterThan(10);
    for (const { jobId, neededBy, orderBy, leadDays } of ahead) {
      const start = plan.jobs.find(({ id }) => id === jobId)?.start ?? NOW;
      expect(daysBetween(neededBy, dateOf(start))).toBe(2);
      expect(daysBetween(orderBy, neededBy)).toBe(leadDays);
    }
  });

  const holdOf = (leadDays: number, order?: { expectedOn: string }) => {
    const material = { lineId: 'a/b/c', use: { what: 'a thing', leadDays } };
    const orders = new Map(
      order ? [['a/b/c', { expectedOn: plainDate(order.expectedOn), arrival: null }]] : [],
    );
    const job = { materials: [material] } as unknown as Job;
    const [hold] = materialHolds(
      job,
      { firstOn: null } as never,
      orders as never,
      NOW,
      AS_ESTIMATED,
    );
    return hold && { kind: hold.kind, on: dateOf(hold.until) };
  };
  it.each([
    ['four days away is fetched on the way', holdOf(4), undefined],
    [
      'five days away keeps its job back five days',
      holdOf(5),
      { kind: 'to-order', on: '2026-01-10' },
    ],
    [
      'on the way keeps it until it is here',
      holdOf(30, { expectedOn: '2026-01-08' }),
      { kind: 'on-the-way', on: '2026-01-08' },
    ],
    [
      'late is thought to come in a week',
      holdOf(30, { expectedOn: '2026-01-03' }),
      { kind: 'late', on: '2026-01-12' },
    ],
  ])('%s', (_, held, expected) => expect(held).toEqual(expected));
});

describe('who is called', () => {
  it.each([
    ['electrician', 14],
    ['mason', 28],
    ['foundation firm', 35],
    ['tops maker', 5],
    ['somebody new', 14],
  ])('%s comes in %i days', (trade, days) => expect(tradeLeadDays(trade)).toBe(days));

  it('an inspector is called when the work is nearly ready: a day before its end', () => {
    const waits = plan.jobs.flatMap((job) => {
      const { work } = job;
      if (work.kind !== 'inspection') return [];
      return job.predecessors.flatMap(({ jobId, waitMinutes }) => {
        const before = plan.jobs.find(({ id }) => id === jobId);
        if (before?.work.kind === 'inspection' || before?.wait) return [];
        return [{ waitMinutes, ahead: work.bookAheadDays }];
      });
    });
    expect(waits.length).toBeGreaterThan(1);
    for (const { waitMinutes, ahead } of waits) {
      expect(waitMinutes).toBe((ahead - 1) * MINUTES_PER_DAY);
    }
  });
});

describe('float', () => {
  it('is the whole days a job may slip, back from its gate’s end through all that follows it', () => {
    const jobs = new Map(plan.jobs.map((job) => [job.id, job]));
    const ends = new Map<string, number>();
    for (const job of plan.jobs.filter((each) => !isAfterwards(each))) {
      ends.set(job.gate, Math.max(ends.get(job.gate) ?? 0, job.finish));
    }
    const known = new Map<string, number>();
    const lastFinish = (job: PlannedJob): number => {
      const before = known.get(job.id);
      if (before !== undefined) return before;
      const followers = job.successors.flatMap((id) => {
        const next = jobs.get(id);
        const lag = next?.predecessors.find(({ jobId }) => jobId === job.id)?.waitMinutes ?? 0;
        return next ? [lastFinish(next) - (next.finish - next.start) - lag] : [];
      });
      const gate = isAfterwards(job) ? job.finish : (ends.get(job.gate) ?? 0);
      const last = Math.min(gate, ...followers);
      known.set(job.id, last);
      return last;
    };
    const days = plan.jobs.map((job) => (lastFinish(job) - job.finish) / MINUTES_PER_DAY);
    expect(plan.jobs.map(({ slackDays }) => slackDays)).toEqual(
      days.map((left) => Math.max(0, Math.floor(left))),
    );
    // More than half a day over among them, or rounding up would not show.
    expect(days.filter((left) => left > 0 && left % 1 > 0.5).length).toBeGreaterThan(5);
  });
});

describe('what comes late', () => {
  const job = { id: 'a/b', work: { kind: 'subcontract' } } as unknown as Job;
  it('before any log: a quarter of deliveries, three trades and three visits in ten or less', () => {
    expect(slipsOf({ orders: {}, bookings: {} }, [])).toEqual({
      deliveries: { chance: 0.25, mostDays: 14 },
      trades: { chance: 0.3, mostDays: 7 },
      visits: { chance: 0.15, mostDays: 6 },
    });
  });

  it('after two deliveries, one of them ten days late', () => {
    const order = (on: string, days: number) => ({
      expectedOn: plainDate(on),
      arrival: { on: addDays(plainDate(on), days), state: 'whole' },
    });
    const orders = { a: order('2026-01-10', 10), b: order('2026-02-10', 0) };
    const { deliveries } = slipsOf({ orders, bookings: {} } as never, [
      { job, progress: { firstOn: null, failed: [] } as never },
    ]);
    // Four cases thought of, two seen: (0.25 x 4 + 1) / (4 + 2); days (14 x 4 + 2 x 10) / (4 + 1).
    expect(deliveries.chance).toBeCloseTo(2 / 6, 10);
    expect(deliveries.mostDays).toBeCloseTo(76 / 5, 10);
  });
});

describe('the luck of a run', () => {
  const model = buildScheduleModel(planningInputOf(house), NOW, AS_ESTIMATED);
  if (!model.ok) throw new Error(model.error.code);
  const chances = chancesOf(model.value.learned);
  const full = Array.from(
    { length: 8_000 },
    (_, seed) => new Sampler(seed * 7_919 + 1, 'full', chances),
  );
  const jobs = full.map((luck, at) => luck.of(at * 104_729));

  it('people keep seven days of 8.2 before anything is known of them', () => {
    expect(mean(full.map(({ keptShare }) => keptShare ?? 0))).toBeCloseTo(7 / 8.2, 2);
  });

  it('owners take 1.22 of the estimate in the middle, half as long again either way', () => {
    const paces = full.map((luck) => luck.paceOf([{ at: 0, weight: 1 }], 1));
    within(quantileOf(paces, 0.5), 1.22, 0.02);
    // One spread of the logarithm, 0.5, above the middle lie 16 in a hundred.
    within(Math.log(quantileOf(paces, 0.84)), Math.log(1.22) + 0.5, 0.03);
    const kinds = full.map((luck) => luck.paceOf([{ at: 1, weight: 1 }], 1));
    within(Math.log(quantileOf(kinds, 0.84)), 0.2, 0.02);
    const single = jobs.map(({ effort }) => Math.log(effort));
    within(Math.sqrt(mean(single.map((value) => value ** 2))), 0.3, 0.02);
  });

  it('money, weather and drying stay within their three points, about their mean', () => {
    const money = full.map((luck) => luck.money);
    expect(Math.min(...money)).toBeGreaterThanOrEqual(0.95);
    expect(Math.max(...money)).toBeGreaterThan(1.19);
    expect(Math.max(...money)).toBeLessThanOrEqual(1.2);
    expect(mean(money)).toBeCloseTo((0.95 + 1 + 1.2) / 3, 2);
    const lost = jobs.map(({ outdoors }) => 1 - 1 / outdoors);
    expect(mean(lost)).toBeCloseTo((0.05 + 0.2 + 0.45) / 3, 2);
    // Damp of the year times the luck of the one job: (0.9 + 1 + 1.3) / 3 x (0.9 + 1.05 + 1.5) / 3.
    within(mean(jobs.map(({ wait }) => wait)), (3.2 / 3) * (3.45 / 3), 0.02);
    expect(Math.max(...jobs.map(({ wait }) => wait))).toBeGreaterThan(1.75);
  });

  it('deliveries, trades and visits go wrong as often as is thought', () => {
    const share = (isSo: (job: (typeof jobs)[number]) => boolean) =>
      jobs.filter(isSo).length / jobs.length;
    within(
      share(({ late }) => late > 0),
      0.25,
      0.015,
    );
    within(
      share(({ trade }) => trade > 0),
      0.3,
      0.015,
    );
    within(
      share(({ failed }) => failed > 0),
      0.15,
      0.015,
    );
    expect(Math.max(...jobs.map(({ late }) => late))).toBe(14 * MINUTES_PER_DAY);
    expect(Math.max(...jobs.map(({ failed }) => failed))).toBe(6 * MINUTES_PER_DAY);
  });

  it('a run by the plan differs by four hundredths at most, and by nothing else', () => {
    const efforts = Array.from({ length: 2_000 }, (_, seed) =>
      new Sampler(seed, 'baseline', chances).of(seed * 31),
    );
    expect(Math.max(...efforts.map(({ effort }) => effort))).toBeGreaterThan(1.03);
    expect(Math.max(...efforts.map(({ effort }) => Math.abs(effort - 1)))).toBeLessThanOrEqual(
      0.04,
    );
    expect(
      efforts.every(({ late, trade, failed, wait }) => late + trade + failed === 0 && wait === 1),
    ).toBe(true);
  });
});

describe('the days and the money that are told', () => {
  const drawn = drawForecast(planningInputOf(house), NOW, { runs: 1_000 });
  if (!drawn.ok) throw new Error(drawn.error.code);

  it.each([
    ['p10', 0.1],
    ['p50', 0.5],
    ['p80', 0.8],
    ['p95', 0.95],
  ] as const)('by %s so many runs are through, and a day before not yet', (name, share) => {
    const { live } = drawn.value.ends;
    const day = drawn.value.gates.live[name];
    const through = (by: string) =>
      live.filter((end) => dateOf(moment(end - 1)) <= by).length / live.length;
    if (!day) throw new Error('no day');
    expect(through(day)).toBeGreaterThanOrEqual(share);
    expect(through(addDays(day, -1))).toBeLessThan(share);
  });

  it('money: half of the runs end under 1.042 of what is guessed, eight in ten under 1.1', () => {
    // Of a triangle 0.95, 1, 1.2: (1.2 - x)^2 = (1 - share) x 0.25 x 0.2. No finds, nothing agreed here.
    const { moneyLeft, moneyCommitted } = plan.gates.done;
    expect(moneyCommitted).toBe(0);
    const { p50, p80 } = drawn.value.cost;
    expect(p50 / moneyLeft).toBeCloseTo(1.2 - Math.sqrt(0.5 * 0.05), 2);
    expect(p80 / moneyLeft).toBeCloseTo(1.1, 2);
  });
});
