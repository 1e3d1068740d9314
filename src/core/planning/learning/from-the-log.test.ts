import { type PlanningInput, NOTHING_LOGGED, type Progress } from '../../house';
import type { Job } from '../../trade/steps';
import { minutes, plainDate } from '../../units';
import { Paces, slipsOf } from '.';

const ON = plainDate('2026-01-08');
const me = { id: 'me', name: 'Me', role: 'self', week: [120, 120, 120, 120, 120, 0, 0] };
const house = { people: [me] } as never as Pick<PlanningInput, 'people'>;
const job = (id: string, over: Partial<Job> = {}) =>
  ({
    id,
    stepId: 'paint.walls',
    stage: 11,
    estimate: minutes(240),
    work: { kind: 'labour', hands: 1 },
    ...over,
  }) as Job;
const told = (over: Partial<Progress>): Progress => ({
  ...NOTHING_LOGGED,
  firstOn: ON,
  lastOn: ON,
  failed: [],
  ...over,
});
const done = (spent: number) =>
  told({ share: 100, logged: minutes(spent), by: { me: minutes(spent) }, doneOn: ON });

/** The same by a scalar: one unknown of variance 0.5² + 0.2² + 0.12², looks of 0.3² + (12/240)², t weights. */
function byHand(ratios: readonly number[]): number {
  const [prior, look] = [0.5 ** 2 + 0.2 ** 2 + 0.12 ** 2, 0.3 ** 2 + 0.05 ** 2];
  let mean = 0;
  for (let round = 0; round < 9; round += 1) {
    const weights = ratios.map((ratio) =>
      round === 0 ? 1 : 5 / (4 + (Math.log(ratio) - mean) ** 2 / look),
    );
    const sure = weights.reduce((sum, weight) => sum + weight / look, 0);
    const pull = weights.reduce(
      (sum, weight, at) => sum + (weight / look) * Math.log(ratios[at] ?? 1),
      0,
    );
    mean = pull / (1 / prior + sure);
  }
  return Math.exp(mean);
}

describe('the pace of a kind of work', () => {
  it('is the guess without a log', () => {
    expect(new Paces(house, []).of(job('a'))).toBe(1);
  });

  it.each([[[480]], [[480, 480, 480]], [[120, 150, 130, 140]], [[480, 480, 480, 2_400]]])(
    'worked apart: %j minutes on jobs of 240',
    (spent) => {
      const paces = new Paces(
        house,
        spent.map((each, at) => ({ job: job(`j${at}`), progress: done(each) })),
      );
      expect(paces.of(job('next'))).toBeCloseTo(byHand(spent.map((each) => each / 240)), 2);
      expect(paces.points.map(({ ratio }) => ratio)).toEqual(spent.map((each) => each / 240));
    },
  );

  it('says of other kinds what the household is like, and less of it', () => {
    const paces = new Paces(house, [{ job: job('a'), progress: done(480) }]);
    const [own, other] = [paces.of(job('b')), paces.of(job('c', { stepId: 'tile.set' }))];
    expect(other).toBeGreaterThan(1);
    expect(own).toBeGreaterThan(other);
    expect(paces.ofKind('painting').low).toBeLessThan(paces.ofKind('painting').factor);
  });

  it('learns from a told share by the hours before it, from no share under a fifth, and from no short job', () => {
    const half = told({
      share: 50,
      logged: minutes(400),
      by: { me: minutes(400) },
      sinceShare: minutes(160),
    });
    expect(new Paces(house, [{ job: job('a'), progress: half }]).points).toEqual([
      { job: 'a', kind: 'painting', ratio: 2, on: ON },
    ]);
    const started = { ...half, share: 15 };
    expect(new Paces(house, [{ job: job('a'), progress: started }]).points).toEqual([]);
    const short = job('a', { estimate: minutes(10) });
    expect(new Paces(house, [{ job: short, progress: done(60) }]).points).toEqual([]);
  });

  it('is never planned beyond three times the guess, nor under two fifths of it', () => {
    const many = (spent: number) =>
      Array.from({ length: 12 }, (_, at) => ({ job: job(`j${at}`), progress: done(spent) }));
    expect(new Paces(house, many(2_000)).of(job('next'))).toBe(3);
    expect(new Paces(house, many(30)).of(job('next'))).toBe(0.4);
  });
});

describe('what comes late', () => {
  const order = (days: number) => ({
    expectedOn: plainDate('2026-01-10'),
    arrival: { on: plainDate(`2026-01-${10 + days}`), state: 'whole', note: null },
  });
  const slips = (orders: readonly unknown[], known: Parameters<typeof slipsOf>[1] = []) =>
    slipsOf({ orders: { ...orders } as never, bookings: { t: ON } }, known);

  it('is a starting guess, each worth four cases', () => {
    expect(slips([])).toEqual({
      deliveries: { chance: 0.25, mostDays: 14 },
      trades: { chance: 0.3, mostDays: 7 },
      visits: { chance: 0.15, mostDays: 6 },
    });
  });

  it('worked by hand: two of four orders late, by two and four days', () => {
    // (0.25 x 4 + 2) / (4 + 4); (14 x 4 + 2 x 6) / (4 + 2).
    const { deliveries } = slips([order(0), order(2), order(4), order(0)]);
    expect(deliveries.chance).toBeCloseTo(3 / 8, 9);
    expect(deliveries.mostDays).toBeCloseTo(68 / 6, 9);
  });

  it('counts trades against the day they were booked for, and visits that did not pass', () => {
    const trade = job('t', { work: { kind: 'subcontract', workdays: 2 } as never });
    const visit = job('v', { work: { kind: 'inspection' } as never });
    const late = told({ firstOn: plainDate('2026-01-11') });
    const failed = told({ doneOn: ON, failed: [{}] as never });
    const found = slips(
      [],
      [
        { job: trade, progress: late },
        { job: visit, progress: failed },
      ],
    );
    expect(found.trades.chance).toBeCloseTo((0.3 * 4 + 1) / 5, 9);
    expect(found.trades.mostDays).toBeCloseTo((7 * 4 + 6) / 5, 9);
    expect(found.visits.chance).toBeCloseTo((0.15 * 4 + 1) / 6, 9);
  });
});
