import { cents, fromFeet, fromInches, momentAt, plainDate } from '../../units';
import { idOf } from '../../testing/ids';
import { cutFaultsOf } from '../../testing/check-cuts';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { CATALOGUE } from '../finishes';
import { planningInputOf, slotOf } from '../../house';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../../planning/plan-house';
import { cutLists, planCutList, shopLists } from '.';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const pine = (placeId: string): EventBodyOf => ({
  type: 'finishChosen',
  payload: { placeId: idOf(placeId), slot: slotOf('trim'), productId: 'trim-pine' },
});
const rooms = [
  added(place('bed')),
  added(place('living', 'living', 14)),
  chosen('bed', 'new-floor'),
  chosen('living', 'new-floor'),
];

describe('cut lists', () => {
  it('put the trim of all rooms on the same boards, each piece with its room', () => {
    const house = houseOf(...rooms, pine('bed'), pine('living'));
    const [list] = cutLists(house);
    if (!list) throw new Error('no list');
    // Two rooms of four walls, none longer than the 16 ft on sale.
    expect(list.pieces).toHaveLength(8);
    const answer = planCutList(list);
    if (!answer.ok) throw new Error(answer.error.code);
    expect(cutFaultsOf(list.problem, answer.value.plan)).toEqual([]);
    const cuts = answer.value.boards.flatMap(({ cuts: each }) => each);
    expect(
      cuts
        .filter(({ placeId }) => placeId === 'bed')
        .map(({ length }) => length)
        .toSorted(),
    ).toEqual([12, 10, 12, 10].map(fromFeet).toSorted());
    expect(cuts).toHaveLength(8);
  });

  it('cut from lengths in the stores first, until they went back to the shop', () => {
    const kept: EventBodyOf = {
      type: 'leftoverKept',
      payload: {
        id: 'l1',
        what: 'Pine base and casing, 8 to 16 ft',
        amount: '2 x 10 ft 1 in',
        placeId: null,
        offcut: { length: fromInches(121), count: 2 },
      },
    };
    const house = houseOf(...rooms, pine('bed'), kept);
    const [list] = cutLists(house);
    expect(list?.problem.stock[0]).toEqual({ length: fromInches(121), price: 0, available: 2 });
    const answer = list && planCutList(list);
    if (!answer?.ok) throw new Error('no plan');
    expect(answer.value.boards.filter(({ fromStores }) => fromStores)).toHaveLength(2);
    const returned = houseOf(...rooms, pine('bed'), kept, {
      type: 'leftoverReturned',
      payload: { leftoverId: 'l1', on: plainDate('2026-01-09') },
    });
    expect(cutLists(returned)[0]?.problem.stock.some(({ price }) => price === 0)).toBe(false);
  });
});

describe('the shop list', () => {
  const floors = ['bed', 'living'].map((placeId): EventBodyOf => ({
    type: 'finishChosen',
    payload: { placeId: idOf(placeId), slot: slotOf('floor'), productId: 'click-ash' },
  }));
  const ash = CATALOGUE.find(({ id }) => id === 'click-ash');
  if (!ash) throw new Error('no click floor');
  const found: EventBodyOf = { type: 'productAdded', payload: { ...ash, shop: 'Plank Yard' } };
  const house = houseOf(...rooms, found, ...floors);

  it('adds one thing up over rooms, under its shop, with the earliest day', () => {
    const plan = planHouse(planningInputOf(house), NOW);
    if (!plan.ok) throw new Error(plan.error.code);
    const yard = shopLists(plan.value.orders).find(({ shop }) => shop === 'Plank Yard');
    // 120 x 1.1 / 20.4 = 6.47 and 140 x 1.1 / 20.4 = 7.55: 7 and 8 cartons.
    expect(yard?.items).toEqual([
      expect.objectContaining({ what: 'Click floor, ash look', units: 15, cents: 15 * 5_800 }),
    ]);
    const days = yard?.items[0]?.lines.map(({ orderBy }) => orderBy) ?? [];
    expect(yard?.items[0]?.orderBy).toBe(days.toSorted()[0]);
  });

  it('one order over both rooms stands under both lines', () => {
    const ids = ['bed/floor.carry+planks', 'living/floor.carry+planks'];
    const ordered = planHouse(
      planningInputOf(
        houseOf(...rooms, ...floors, {
          type: 'orderPlaced',
          payload: {
            id: 'o1',
            lineId: 'bed/floor.carry+planks',
            shop: 'Plank Yard',
            orderedOn: plainDate('2026-01-05'),
            expectedOn: plainDate('2026-01-11'),
            arrival: null,
            shares: [
              { lineId: 'bed/floor.carry+planks', units: 7 },
              { lineId: 'living/floor.carry+planks', units: 8 },
            ],
            cents: cents(87_000),
          },
        }),
      ),
      NOW,
    );
    if (!ordered.ok) throw new Error(ordered.error.code);
    const lines = ordered.value.orders.filter(({ lineId }) => ids.includes(lineId));
    expect(lines.map(({ state, orderedUnits }) => [state, orderedUnits]).toSorted()).toEqual([
      ['on-the-way', 7],
      ['on-the-way', 8],
    ]);
    const items = shopLists(ordered.value.orders).flatMap((list) => list.items);
    expect(items.some(({ what }) => what === 'Click floor, ash look')).toBe(false);
  });
});
