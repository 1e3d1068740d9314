import { minutes, addDays, cents, momentAt, plainDate } from '../units';
import { idOf, inUnit } from '../testing/ids';
import { planningInputOf } from './';
import {
  type Entry,
  type EntryOf,
  type Project,
  favoursOpen,
  leftoversOf,
  nextsOpen,
  ordersOf,
  quotesOf,
  shortDeliveriesOf,
} from '.';
import { expectedCost } from '../survey/risk';
import { suspicionOf } from '../survey/risk/from-find';
import { keepLedger } from '../money';
import { diaryTable } from '../files/tables';
import { planHouse } from '../planning/plan-house';
import { added, chosen, houseOf, place } from '../testing/houses';
import type { EventBodyOf } from '../journal';

const day = plainDate('2026-02-02');
const BASE: readonly EventBodyOf[] = [
  added(place('back', 'bedroom', 12, 'Back bedroom')),
  added(place('bath', 'bathroom', 8, 'Bathroom')),
  chosen('back', 'reline'),
  chosen('bath', 'bathroom'),
];
const line = (id: string, ...entries: Entry[]): EventBodyOf => ({
  type: 'dayLogged',
  payload: { id: idOf(id), date: day, line: id, entries },
});
const withdrawn = (id: string): EventBodyOf => ({
  type: 'dayWithdrawn',
  payload: { logId: idOf(id) },
});
const house = (...more: EventBodyOf[]): Project => houseOf(...BASE, ...more);
const planOf = (project: Project) => {
  const plan = planHouse(planningInputOf(project), momentAt(addDays(day, 1), 18 * 60));
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};

describe('a find offers to become a suspicion', () => {
  const found: EntryOf<'find'> = {
    kind: 'find',
    text: 'rot at the sill',
    placeId: idOf('back'),
    element: 'windows',
    suspicion: 'rot',
    minutes: minutes(360),
    cents: cents(20_000),
  };

  it('with its words and what was guessed, once', () => {
    const survey = suspicionOf(found, house(), day);
    expect(survey).toMatchObject({
      placeId: 'back',
      element: 'windows',
      decision: 'undecided',
      suspicion: 'rot',
      reason: 'rot at the sill',
      risk: { minutes: { low: 360, high: 360 }, cents: { low: 20_000, high: 20_000 } },
    });
    if (!survey) throw new Error('no suspicion');
    const walked = house({ type: 'elementSurveyed', payload: survey });
    expect(suspicionOf(found, walked, day)).toBeUndefined();
    expect(expectedCost(walked)).toBeGreaterThan(expectedCost(house()));
  });

  it('and none without a room or a kind of trouble', () => {
    expect(suspicionOf({ ...found, placeId: null }, house(), day)).toBeUndefined();
    expect(suspicionOf({ ...found, suspicion: undefined }, house(), day)).toBeUndefined();
  });
});

describe('what a line brings about goes with the line', () => {
  const quote: Entry = {
    kind: 'quote',
    cents: cents(240_000),
    what: 'roof',
    from: 'Ridge and Eave',
    placeId: null,
  };

  it('a quote is kept, and never spent', () => {
    const project = house(line('q', quote));
    const ledger = keepLedger(project);
    expect(ledger).toMatchObject({ paid: 0, quotesTotal: 240_000 });
    expect(quotesOf(house(line('q', quote), withdrawn('q')))).toEqual([]);
  });

  it('what is agreed is committed until it is paid, and no more than that', () => {
    const sum = (value: number, committed?: true): Entry => ({
      kind: 'money',
      what: 'roof',
      spend: 'trades',
      shares: [{ placeId: null, cents: cents(value) }],
      shop: 'Ridge and Eave',
      drawsOn: 'budget',
      ...(committed ? { committed } : {}),
    });
    const ledgerOf = (...entries: Entry[]) => {
      const told = house(line('a', ...entries));
      return keepLedger(told, planOf(told).costs);
    };
    expect(ledgerOf(sum(400_000, true))).toMatchObject({ paid: 0, committed: 400_000 });
    expect(ledgerOf(sum(400_000, true), sum(100_000))).toMatchObject({
      paid: 100_000,
      committed: 300_000,
    });
    expect(ledgerOf(sum(400_000, true), sum(500_000))).toMatchObject({ committed: 0 });
  });

  it('a delivery that came damaged is a line to order again', () => {
    const wanted = planOf(house()).orders.find(({ jobId }) => jobId.startsWith('bath/'));
    if (!wanted) throw new Error('nothing to order');
    const came = (state: 'whole' | 'damaged'): Entry => ({
      kind: 'delivered',
      what: wanted.what,
      thousandths: null,
      unit: null,
      state,
      missing: null,
      lineId: wanted.lineId,
      placeId: null,
    });
    const stateOf = (...events: EventBodyOf[]) =>
      planOf(house(...events)).orders.find(({ lineId }) => lineId === wanted.lineId)?.state;
    expect(stateOf()).toBe(wanted.state);
    expect(stateOf(line('d', came('whole')))).toBe('here');
    expect(stateOf(line('d', came('damaged')))).toBe('damaged');
    expect(stateOf(line('d', came('damaged')), withdrawn('d'))).toBe(wanted.state);
  });

  it('an order comes by the day it is due, or by the days its kind takes', () => {
    const ordered = (due: string | null): Entry => ({
      kind: 'ordered',
      what: 'vanity',
      thousandths: null,
      unit: null,
      due: due === null ? null : plainDate(due),
      shop: null,
      lineId: 'bath/fit.basin+vanity',
      leadDays: 21,
      placeId: null,
    });
    const due = (entry: Entry) =>
      Object.values(ordersOf(house(line('o', entry)), addDays)).map(({ expectedOn }) => expectedOn);
    expect(due(ordered('2026-03-01'))).toEqual(['2026-03-01']);
    expect(due(ordered(null))).toEqual(['2026-02-23']);
  });

  it('what came short and is no line of the takeoff is to be ordered again by hand', () => {
    const short: Entry = {
      kind: 'delivered',
      what: 'odd tiles',
      thousandths: 10_000,
      unit: 'boxes',
      state: 'short',
      missing: 2_000,
      placeId: null,
    };
    expect(shortDeliveriesOf(house(line('s', short))).map(({ entry }) => entry.what)).toEqual([
      'odd tiles',
    ]);
  });

  it('a failed visit holds what it covers, a passed one lets it go', () => {
    const visit = planOf(house()).jobs.find(({ work }) => work.kind === 'inspection');
    if (!visit) throw new Error('no visit');
    const held = (result: 'passed' | 'failed'): Entry => ({
      kind: 'inspection',
      which: visit.title,
      jobId: visit.id,
      result,
      note: 'no clamp',
      bookedFor: null,
    });
    const jobAfter = (...events: EventBodyOf[]) =>
      planOf(house(...events)).jobs.find(({ id }) => id === visit.id);
    expect(jobAfter(line('f', held('failed')))?.heldBy).toEqual(
      expect.arrayContaining([expect.objectContaining({ kind: 'failed-visit', note: 'no clamp' })]),
    );
    expect(jobAfter(line('p', held('passed')))?.state).toBe('done');
  });

  it('a wait told longer than usual holds what follows until it is over', () => {
    const done: Entry = { kind: 'progress', jobId: idOf('back/board.tape'), share: 100 };
    const dries: Entry = {
      kind: 'wait',
      what: 'compound',
      minutes: minutes(5 * 24 * 60),
      jobId: idOf('back/board.tape'),
      placeId: idOf('back'),
    };
    const until = (...entries: Entry[]) =>
      planOf(house(line('w', ...entries)))
        .jobs.find(({ id }) => id === 'back/board.second')
        ?.predecessors.find(({ jobId }) => jobId === 'back/board.tape')?.until ?? 0;
    // Told on the evening of the second: until the evening of the seventh.
    expect(until(done, dries)).toBe(momentAt(addDays(day, 5), 20 * 60));
    expect(until(done)).toBeLessThan(until(done, dries));
  });

  it('what is left over goes to the stores, and back to the shop', () => {
    const left: Entry = {
      kind: 'leftover',
      what: 'drywall',
      thousandths: 3_000,
      unit: 'sheets',
      placeId: idOf('back'),
    };
    const returned: EventBodyOf = {
      type: 'leftoverReturned',
      payload: { leftoverId: 'l:0', on: day },
    };
    expect(leftoversOf(house(line('l', left)))).toMatchObject([
      { id: 'l:0', what: 'drywall', amount: '3 sheets' },
    ]);
    expect(leftoversOf(house(line('l', left), returned))).toMatchObject([{ returnedOn: day }]);
  });

  it('help is owed until it is settled; each way counts against the other', () => {
    const favour = (owed: 'us' | 'them', minutes: number): Entry => ({
      kind: 'favour',
      who: 'Bert',
      personId: null,
      minutes: inUnit(minutes),
      owed,
    });
    const settled: EventBodyOf = { type: 'favourSettled', payload: { who: 'Bert', on: day } };
    const lines = [line('a', favour('them', 180)), line('b', favour('us', 60))];
    expect(favoursOpen(house(...lines))).toEqual([{ who: 'Bert', minutes: 120 }]);
    expect(favoursOpen(house(...lines, settled))).toEqual([]);
  });

  it('what was put off stands until it is done', () => {
    const next: Entry = { kind: 'next', text: 'call the office', day: null, placeId: null };
    const done: EventBodyOf = { type: 'nextDone', payload: { id: 'n:0', on: day } };
    expect(nextsOpen(house(line('n', next)))).toMatchObject([{ id: 'n:0', saidOn: day }]);
    expect(nextsOpen(house(line('n', next), done))).toEqual([]);
  });

  it('a line of two days stands under both, and each entry keeps its id', () => {
    const other = plainDate('2026-02-01');
    const hours = (on?: typeof other): Entry => ({
      kind: 'hours',
      personId: idOf('me'),
      minutes: minutes(60),
      jobId: null,
      placeId: null,
      ...(on ? { on } : {}),
    });
    const next: Entry = { kind: 'next', text: 'sand', day: null, placeId: null, on: other };
    const project = house(line('two', hours(), hours(other), next));
    const rows = diaryTable(project).slice(1);
    expect(rows.map(([date, kind]) => `${date} ${kind}`)).toEqual([
      '2026-02-01 work',
      '2026-02-01 next',
      '2026-02-02 work',
    ]);
    expect(nextsOpen(project)).toMatchObject([{ id: 'two:2', saidOn: other }]);
  });
});
