import fc from 'fast-check';
import { personSchema, type PersonId } from '../../house';
import { seededRandom } from '../../random';
import { minutes, plainDate, type PlainDate } from '../../units';
import { Belief, beta, keptHours, normal, type DaysWork } from '.';

const meanOf = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length;
const look = (value: number, spread = 0.3) => ({ row: [{ at: 0, weight: 1 }], value, spread });

describe('a belief', () => {
  const prior = [{ mean: 0, spread: 0.4 }];
  const row = [{ at: 0, weight: 1 }];

  it('stays what it was when nothing was seen', () => {
    const belief = Belief.of(prior, []);
    expect(belief.expects(row)).toBe(0);
    expect(belief.spread(row)).toBeCloseTo(0.4, 9);
  });

  it('worked by hand: looks at nought only make it surer, by 5/4 of each while nothing is off', () => {
    const belief = Belief.of(prior, [look(0), look(0)]);
    // 1 / (1/0.16 + 2 x 1.25 / 0.09) = 0.02939; its root is 0.1714.
    expect(belief.expects(row)).toBeCloseTo(0, 9);
    expect(belief.spread(row)).toBeCloseTo(0.1714, 3);
  });

  it('comes to what is seen again and again, and one mad evening hardly moves it', () => {
    const steady = Array.from({ length: 12 }, (_, at) => look(0.5 + (at % 2 ? 0.05 : -0.05)));
    const calm = Belief.of(prior, steady).expects(row);
    expect(calm).toBeGreaterThan(0.45);
    expect(calm).toBeLessThan(0.5);
    const mad = Belief.of(prior, [...steady, look(2.3)]).expects(row);
    // Without Student's t it would be drawn on by 0.13.
    expect(mad - calm).toBeLessThan(0.04);
  });

  it('a look as expected moves nothing, whatever was seen before', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { maxLength: 8 }),
        (seen) => {
          const before = Belief.of(
            prior,
            seen.map((value) => look(value)),
          ).expects(row);
          const after = Belief.of(
            prior,
            [...seen, before].map((value) => look(value)),
          ).expects(row);
          expect(after).toBeCloseTo(before, 3);
        },
      ),
    );
  });

  it('shares what it sees: one unknown known makes the other of a sum known', () => {
    const two = [
      { at: 0, weight: 1 },
      { at: 1, weight: 1 },
    ];
    const priors = [
      { mean: 0, spread: 0.4 },
      { mean: 0, spread: 0.2 },
    ];
    const seen = [...Array(9)].map(() => ({ row: two, value: 0.6, spread: 0.1 }));
    const belief = Belief.of(priors, seen);
    // The wider unknown takes four fifths of what both come to: 0.16 against 0.04.
    expect(belief.expects([{ at: 0, weight: 1 }]) / belief.expects(two)).toBeCloseTo(0.8, 2);
    expect(belief.spread(two)).toBeLessThan(belief.spread([{ at: 0, weight: 1 }]));
  });

  it('draws have its mean and spread', () => {
    const belief = Belief.of(prior, [look(0.5), look(0.4)]);
    const random = seededRandom(5);
    const draws = Array.from({ length: 4_000 }, () => belief.drawn(random)[0] ?? 0);
    const mean = meanOf(draws);
    expect(mean).toBeCloseTo(belief.expects(row), 2);
    const spread = Math.sqrt(meanOf(draws.map((draw) => (draw - mean) ** 2)));
    expect(spread).toBeCloseTo(belief.spread(row), 2);
  });
});

describe('draws', () => {
  it('a normal one has mean nought and spread one, a share its mean a / (a + b)', () => {
    const random = seededRandom(8);
    const normals = Array.from({ length: 8_000 }, () => normal(random));
    expect(meanOf(normals)).toBeCloseTo(0, 1);
    expect(meanOf(normals.map((value) => value * value))).toBeCloseTo(1, 1);
    for (const [a, b] of [
      [7, 1.2],
      [0.8, 0.6],
    ] as const) {
      const shares = Array.from({ length: 6_000 }, () => beta(random, a, b));
      expect(meanOf(shares)).toBeCloseTo(a / (a + b), 1);
      expect(Math.min(...shares)).toBeGreaterThanOrEqual(0);
      expect(Math.max(...shares)).toBeLessThanOrEqual(1);
    }
  });
});

describe('hours that are kept', () => {
  const person = (id: string, role: 'self' | 'helper' | 'crew' = 'self') =>
    personSchema.parse({ id, name: id, role, week: [120, 120, 120, 120, 120, 0, 0] });
  const me = 'me' as PersonId;
  const today = plainDate('2026-01-12');
  const shareOf = (
    worked: Record<string, Record<string, number>>,
    workOn: (on: PlainDate) => DaysWork = () => 'left',
    people = [person('me')],
  ) => keptHours({ people, worked: worked as never }, today, workOn).get(me);
  const evenings = (given: readonly number[]) =>
    Object.fromEntries(
      given.flatMap((spent, at) =>
        spent > 0 ? [[`2026-01-0${5 + at}`, { me: minutes(spent) }]] : [],
      ),
    );

  it('are all that was told as long as there is no log', () => {
    expect(shareOf({})).toEqual({ share: 1, kept: 0, lost: 0 });
  });

  it('worked by hand: three of five evenings, shrunk to what was told', () => {
    // Household (3 + 5) / (5 + 5) = 0.8; with it eight days of this person: (3 + 6.4) / (5 + 8) = 0.723, so 0.7.
    expect(shareOf(evenings([120, 120, 0, 120, 0]))).toEqual({ share: 0.7, kept: 3, lost: 2 });
  });

  it('count by minutes, never over what was meant, and a weekend nobody meant to give is no loss', () => {
    expect(shareOf(evenings([60, 240, 120, 120, 120]))).toMatchObject({ kept: 4.5, lost: 0.5 });
  });

  it('nobody loses a day without work, or one on which what was in hand was finished', () => {
    const worked = evenings([120, 30, 0, 0, 0]);
    expect(shareOf(worked, (on) => (on === '2026-01-06' ? 'finished' : 'none'))).toMatchObject({
      kept: 1,
      lost: 0,
    });
  });

  it('a day told without hours says nothing', () => {
    const worked = { ...evenings([120, 0, 120, 120, 120]), '2026-01-06': {} };
    expect(shareOf(worked)).toMatchObject({ kept: 4, lost: 0 });
  });

  it('nobody is planned with less than two fifths, and who is paid by the day comes', () => {
    const once = { '2025-11-03': { me: minutes(120) } };
    expect(shareOf(once)?.share).toBe(0.4);
    expect(shareOf(once, () => 'left', [person('me', 'crew')])?.share).toBe(1);
  });
});
