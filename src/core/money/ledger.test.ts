import { idOf } from '../testing/ids';
import fc from 'fast-check';
import type { EntryOf, Project } from '../house';
import { diaryOf, pageSums } from '../log/diary';
import { spendTable } from '../files/tables';
import type { CostLine } from '../planning/report';
import { added, houseOf, place } from '../testing/houses';
import { addDays, cents, plainDate } from '../units';
import { keepLedger, paymentsOf } from '.';

type Money = EntryOf<'money'>;
const paid = (dollars: number, over: Partial<Money> = {}): Money => ({
  kind: 'money',
  what: 'screws',
  spend: 'materials',
  shares: [{ placeId: idOf('a'), cents: cents(dollars * 100) }],
  shop: null,
  drawsOn: 'budget',
  ...over,
});

const guessed = (open: number): CostLine => ({
  id: 'x',
  jobId: null,
  placeId: null,
  kind: 'materials',
  what: 'x',
  planned: cents(open),
  isCommitted: false,
  paid: cents(0),
  open: cents(open),
});

function houseWith(days: readonly [date: string, entries: readonly Money[]][]): Project {
  return houseOf(
    added(place('a')),
    added(place('b')),
    {
      type: 'budgetAgreed',
      payload: { total: cents(cents(100_000)), contingency: cents(cents(20_000)) },
    },
    ...days.map(([date, entries], at) => ({
      type: 'dayLogged' as const,
      payload: {
        id: `log-${at}` as never,
        date: plainDate(date),
        line: 'x',
        entries: [...entries],
      },
    })),
  );
}

describe('the ledger', () => {
  const project = houseWith([
    // Two rooms, a refund, a tool, and a find that draws on the contingency.
    ['2026-01-06', [paid(30), paid(0, { shares: [share('a', 6_000), share('b', 3_000)] })]],
    ['2026-01-14', [paid(-10), paid(25, { spend: 'tools', shares: [share(null, 2_500)] })]],
    ['2026-01-14', [paid(62, { drawsOn: 'contingency' })]],
  ]);
  const ledger = keepLedger(project, { lines: [guessed(30_000)], covers: [] });

  it('adds up by room, by kind and by what it draws on', () => {
    // 30 + 60 + 30 - 10 + 25 + 62 = 197 in all, 62 of it from contingency.
    expect(ledger).toMatchObject({
      paid: 19_700,
      paidFromBudget: 13_500,
      drawnFromContingency: 6_200,
      byPlace: [
        { placeId: 'a', cents: 14_200 },
        { placeId: 'b', cents: 3_000 },
        { placeId: null, cents: 2_500 },
      ],
      byKind: [
        { kind: 'materials', cents: 17_200 },
        { kind: 'tools', cents: 2_500 },
      ],
    });
  });

  it('says what is left, and whether it lasts', () => {
    // Budget 1000 - 135 = 865 left; less 300 to come = 565. Contingency 200 - 62 = 138.
    expect(ledger.budget).toMatchObject({
      left: 86_500,
      afterAll: 56_500,
      contingencyLeft: 13_800,
    });
    // 197 paid + 300 to come.
    expect(ledger.forecast).toBe(49_700);
  });

  it('runs on week by week', () => {
    expect(ledger.byWeek).toEqual([
      { monday: '2026-01-05', total: 12_000 },
      { monday: '2026-01-12', total: 19_700 },
    ]);
  });

  it('has a diary page for each day, newest first, with its hours and money', () => {
    expect(
      diaryOf(project).map((page) => [page.date, pageSums(page).spent, page.logs.length]),
    ).toEqual([
      ['2026-01-14', 7_700, 2],
      ['2026-01-06', 12_000, 1],
    ]);
  });

  it('goes out as a table with a row for each share', () => {
    const [head, first, ...rows] = spendTable(project);
    expect(head).toContain('amount');
    expect(first).toEqual(['2026-01-06', 'a', 'materials', 'screws', '', '30.00', 'USD', 'budget']);
    expect(rows).toHaveLength(5);
  });

  it('whatever was paid: rooms, kinds, weeks and table add up to the same sum', () => {
    const entry = fc
      .tuple(
        fc.array(fc.tuple(fc.constantFrom('a', 'b', null), fc.integer({ min: -1e6, max: 1e6 })), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.constantFrom('materials' as const, 'trades' as const, 'food and stay' as const),
        fc.constantFrom('budget' as const, 'contingency' as const),
      )
      .map(([shares, spend, drawsOn]) =>
        paid(0, { spend, drawsOn, shares: shares.map(([id, value]) => share(id, value)) }),
      );
    const day = fc.tuple(
      fc.constantFrom('2026-01-06', '2026-01-14', '2026-02-01'),
      fc.array(entry, { minLength: 1, maxLength: 4 }),
    );
    fc.assert(
      fc.property(fc.array(day, { minLength: 1, maxLength: 8 }), (days) => {
        const house = houseWith(days);
        const { paid: total, byPlace, byKind, byWeek, ...rest } = keepLedger(house);
        const sum = (parts: readonly { cents: number }[]) =>
          parts.reduce((all, part) => all + part.cents, 0);
        expect(sum(byPlace)).toBe(total);
        expect(sum(byKind)).toBe(total);
        expect(sum(paymentsOf(house))).toBe(total);
        expect(byWeek.at(-1)?.total).toBe(total);
        expect(rest.paidFromBudget + rest.drawnFromContingency).toBe(total);
        expect(diaryOf(house).reduce((all, page) => all + pageSums(page).spent, 0)).toBe(total);
      }),
      { numRuns: 60 },
    );
  });
});

function share(placeId: string | null, value: number) {
  return { placeId: placeId as never, cents: cents(value) };
}

describe('many years of spending', () => {
  it('show at most sixty weeks, evenly chosen, and always the last', () => {
    const first = plainDate('2026-01-05');
    const house = houseWith(
      Array.from({ length: 130 }, (_, week) => [addDays(first, week * 7), [paid(1)]] as const).map(
        ([date, entries]) => [date, entries],
      ),
    );
    // 130 weeks, every third counted back from the last: 1, 4, … 130, which are 44.
    const { byWeek } = keepLedger(house);
    expect(byWeek).toHaveLength(44);
    expect(byWeek[0]).toEqual({ monday: '2026-01-05', total: 100 });
    expect(byWeek.at(-1)).toEqual({ monday: addDays(first, 129 * 7), total: 13_000 });
  });
});
