import { minutes, cents, momentAt, plainDate } from '../../units';
import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { planningInputOf, type Project } from '../../house';
import type { EventBodyOf } from '../../journal';
import type { CostLine, Plan } from '../../planning/report';
import { planHouse } from '../../planning/plan-house';
import { added, anyHouse, chosen, houseOf, place } from '../../testing/houses';
import { keepLedger } from '../../money';

const NOW = momentAt(plainDate('2026-01-12'), 600);
const DAY = plainDate('2026-01-08');
const BED = [added(place('bed')), chosen('bed', 'new-floor')];

function planned(house: Project): Plan {
  const plan = planHouse(planningInputOf(house), NOW, { schedules: 1 });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
}
const lineOf = (plan: Plan, id: string): CostLine => {
  const line = plan.costs.lines.find((each) => each.id === id);
  if (!line) throw new Error(`no line ${id}`);
  return line;
};

const PLANKS = 'bed/floor.carry+planks';
/** What the planks are guessed at before anything happens. */
const GUESS = lineOf(planned(houseOf(...BED)), PLANKS).planned;

const ordered = (sum?: number): EventBodyOf => ({
  type: 'orderPlaced',
  payload: {
    id: 'o',
    lineId: PLANKS,
    shop: 'Plank Yard',
    orderedOn: DAY,
    expectedOn: plainDate('2026-01-20'),
    arrival: null,
    ...(sum === undefined
      ? {}
      : { cents: cents(cents(sum)), shares: [{ lineId: PLANKS, units: 7 }] }),
  },
});
const came = (state: 'whole' | 'damaged'): EventBodyOf => ({
  type: 'orderArrived',
  payload: { orderId: 'o', arrival: { on: DAY, state, note: null } },
});
const receipt = (
  id: string,
  sum: number,
  is: 'purchase' | 'deposit' | 'refund' = 'purchase',
): EventBodyOf => ({
  type: 'receiptKept',
  payload: {
    id,
    on: DAY,
    shop: 'Plank Yard',
    is,
    lines: [{ what: 'planks', kind: 'materials', cents: cents(sum), rooms: [], covers: [PLANKS] }],
    taxCents: cents(cents(0)),
    drawsOn: 'budget',
    photoId: null,
    note: null,
  },
});

const after = (...events: EventBodyOf[]) => {
  const house = houseOf(...BED, ...events);
  const plan = planned(house);
  return { line: lineOf(plan, PLANKS), ledger: keepLedger(house, plan.costs), plan };
};

describe('a thing from its guess to its last payment', () => {
  const rest = after().ledger.toCome - GUESS;

  it('is to come, then committed when ordered, then paid: it never vanishes', () => {
    expect(after().line).toMatchObject({ isCommitted: false, open: GUESS });
    const atOrder = after(ordered(90_000));
    expect(atOrder.line).toMatchObject({ isCommitted: true, planned: 90_000, open: 90_000 });
    expect(atOrder.ledger).toMatchObject({ committed: 90_000, toCome: rest, paid: 0 });
    const paid = after(ordered(90_000), came('whole'), receipt('r', 90_000));
    expect(paid.ledger).toMatchObject({ committed: 0, toCome: rest, paid: 90_000 });
    for (const { ledger } of [atOrder, paid]) {
      expect(ledger.forecast).toBe(cents(rest + 90_000));
    }
  });

  it('is still owed when its job is given to a trade afterwards; what was not ordered is in the trade’s price', () => {
    const hired: EventBodyOf = {
      type: 'jobHired',
      payload: {
        jobId: idOf('bed/floor.carry'),
        trade: 'Floor crew',
        workdays: 1,
        cents: cents(cents(20_000)),
      },
    };
    const lines = planned(houseOf(...BED, ordered(90_000), hired)).costs.lines;
    const carry = lines.filter(({ jobId }) => jobId === 'bed/floor.carry');
    expect(carry.map(({ kind, open }) => [kind, open])).toEqual([
      ['materials', 90_000],
      ['trades', 20_000],
    ]);
    const before = planned(houseOf(...BED, hired)).costs.lines;
    expect(before.some(({ id }) => id === PLANKS)).toBe(false);
  });

  it('bought without an order it is no longer to come; a deposit leaves the rest', () => {
    expect(after(receipt('r', GUESS)).ledger).toMatchObject({ toCome: rest, committed: 0 });
    // A cheaper shop: nine tenths of the guess buys all of it.
    expect(after(receipt('r', Math.round(GUESS * 0.9))).line.open).toBe(0);
    // Four fifths buy it, a cent less is a part.
    const fourFifths = Math.ceil(GUESS * 0.8);
    expect(after(receipt('r', fourFifths)).line.open).toBe(0);
    expect(after(receipt('r', fourFifths - 1)).line.open).toBe(GUESS - fourFifths + 1);
    // Half of it is a part.
    const half = Math.round(GUESS / 2);
    expect(after(receipt('r', half)).line.open).toBe(GUESS - half);
    expect(after(ordered(90_000), receipt('d', 30_000, 'deposit')).line.open).toBe(60_000);
  });

  it('given back whole it is to be bought again; come damaged it is to be ordered again', () => {
    const back = after(receipt('r', GUESS), receipt('b', GUESS, 'refund'));
    expect(back.ledger).toMatchObject({ paid: 0, toCome: rest + GUESS });
    expect(after(ordered(90_000), came('damaged')).line).toMatchObject({
      isCommitted: false,
      open: GUESS,
    });
  });

  it('whatever is ordered, delivered, paid and given back, in any order: one state at a time', () => {
    // The model knows nothing of lines: a price, what was paid, and whether it is settled.
    const step = fc.oneof(
      fc.record({ do: fc.constant('order' as const), sum: fc.integer({ min: 1, max: 200_000 }) }),
      fc.record({ do: fc.constant('come' as const), sum: fc.constant(0) }),
      fc.record({ do: fc.constant('pay' as const), sum: fc.integer({ min: 1, max: 200_000 }) }),
      fc.record({ do: fc.constant('refund' as const), sum: fc.integer({ min: 1, max: 200_000 }) }),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 7 }), (steps) => {
        const events: EventBodyOf[] = [];
        let price: number = GUESS;
        let isOrdered = false;
        let paid = 0;
        steps.forEach(({ do: what, sum }, at) => {
          if (what === 'order' && !isOrdered) {
            events.push(ordered(sum));
            [price, isOrdered] = [sum, true];
          } else if (what === 'come' && isOrdered) {
            events.push(came('whole'));
          } else if (what === 'pay' || what === 'refund') {
            events.push(receipt(`r${at}`, sum, what === 'pay' ? 'purchase' : 'refund'));
            paid += what === 'pay' ? sum : -sum;
          }
        });
        const isBought = !isOrdered && paid > 0 && paid >= price * 0.8;
        const open = isBought ? 0 : Math.max(0, price - Math.max(0, paid));
        const { ledger } = after(...events);
        expect(ledger.paid).toBe(paid);
        expect(ledger.committed + ledger.toCome).toBe(rest + open);
        expect(ledger.committed).toBe(isOrdered ? open : 0);
        expect(ledger.forecast).toBe(paid + rest + open);
      }),
      { numRuns: 60 },
    );
  });
});

describe('what a purchase is for', () => {
  const logged = (id: string, what: string, placeId: string | null): EventBodyOf => ({
    type: 'dayLogged',
    payload: {
      id: idOf(id),
      date: DAY,
      line: what,
      entries: [
        {
          kind: 'money',
          what,
          spend: 'materials',
          shares: [{ placeId: placeId as never, cents: cents(GUESS) }],
          shop: null,
          drawsOn: 'budget',
        },
      ],
    },
  });
  const second = [added(place('den')), chosen('den', 'new-floor')];
  const coverOf = (...events: EventBodyOf[]) =>
    planned(houseOf(...BED, ...second, ...events)).costs.covers[0];

  it('is clear from its words and its room', () => {
    const { what } = lineOf(planned(houseOf(...BED)), PLANKS);
    expect(coverOf(logged('a', what, 'bed'))).toEqual({
      purchaseId: 'a:0',
      is: 'clear',
      lineIds: [PLANKS],
    });
  });

  it('is asked where two rooms want the same, and is nothing planned where none does', () => {
    const { what } = lineOf(planned(houseOf(...BED)), PLANKS);
    const asked = coverOf(logged('a', what, null));
    expect(asked?.is).toBe('unclear');
    expect(asked?.lineIds).toContain('den/floor.carry+planks');
    expect(coverOf(logged('a', 'a teapot', 'bed'))?.is).toBe('none');
    // While it is asked it counts for nothing: too much to come, never too little.
    const house = houseOf(...BED, ...second, logged('a', what, null));
    const before = keepLedger(
      houseOf(...BED, ...second),
      planned(houseOf(...BED, ...second)).costs,
    );
    expect(keepLedger(house, planned(house).costs).toCome).toBe(before.toCome);
  });

  it('is asked where it may have been for what is there already, or where no room is said', () => {
    const { what } = lineOf(planned(houseOf(...BED)), PLANKS);
    const alone = (...events: EventBodyOf[]) => planned(houseOf(...BED, ...events)).costs.covers[0];
    expect(alone(logged('a', what, null))?.is).toBe('unclear');
    // The same thing for another job of the room, which was begun with it: either may be meant.
    const own: EventBodyOf = {
      type: 'jobAdded',
      payload: {
        id: idOf('bed/own.step'),
        placeId: idOf('bed'),
        title: `Mend the ${what.toLowerCase()}`,
        stage: 13,
        minutes: minutes(60),
        hands: 1,
        before: [],
        because: 'one was loose',
        cents: cents(cents(2_000)),
      },
    };
    const done: EventBodyOf = {
      type: 'jobTicked',
      payload: { jobId: idOf('bed/own.step'), on: DAY },
    };
    expect(alone(logged('a', what, 'bed'))?.is).toBe('clear');
    expect(alone(own, done, logged('a', what, 'bed'))?.is).toBe('unclear');
  });

  it('is what the owner says, and can be unsaid', () => {
    const match: EventBodyOf = {
      type: 'purchaseMatched',
      payload: { paymentId: 'a:0', covers: [PLANKS], whole: true },
    };
    const told = after(logged('a', 'teapot', null), match);
    expect(told.line.open).toBe(0);
    const unsaid: EventBodyOf = { type: 'purchaseUnmatched', payload: { paymentId: 'a:0' } };
    expect(after(logged('a', 'teapot', null), match, unsaid).line.open).toBe(GUESS);
  });
});

describe('a receipt', () => {
  it('spreads its tax over its lines and its lines over rooms, to the cent', () => {
    const amounts = fc.array(fc.integer({ min: 1, max: 500_000 }), { minLength: 1, maxLength: 6 });
    const weights = fc.array(fc.integer({ min: 1, max: 99 }), { maxLength: 4 });
    fc.assert(
      fc.property(amounts, weights, fc.integer({ min: 0, max: 90_000 }), (sums, rooms, tax) => {
        const house = houseOf(...rooms.map((_, at) => added(place(`p${at}`))), {
          type: 'receiptKept',
          payload: {
            id: 'r',
            on: DAY,
            shop: null,
            is: 'purchase',
            lines: sums.map((sum) => ({
              what: 'x',
              kind: 'tools',
              cents: cents(sum),
              rooms: rooms.map((weight, at) => ({ placeId: `p${at}` as never, weight })),
            })),
            taxCents: cents(cents(tax)),
            drawsOn: 'budget',
            photoId: null,
            note: null,
          },
        });
        const total = sums.reduce((all, sum) => all + sum, tax);
        const ledger = keepLedger(house);
        expect(ledger.paid).toBe(total);
        expect(ledger.byPlace.reduce((all, each) => all + each.cents, 0)).toBe(total);
        expect(ledger.byKind).toEqual([{ kind: 'tools', cents: total }]);
      }),
    );
  });
});

describe('the plan and the ledger', () => {
  it('say the same of what is still to be paid, whatever the house', () => {
    fc.assert(
      fc.property(anyHouse, (house) => {
        const plan = planHouse(planningInputOf(house), NOW, { schedules: 1 });
        if (!plan.ok) return;
        const { committed, toCome } = keepLedger(house, plan.value.costs);
        expect(plan.value.gates.done.moneyLeft).toBe(committed + toCome);
        expect(plan.value.gates.done.moneyCommitted).toBe(committed);
      }),
      { numRuns: 25 },
    );
  });
});
