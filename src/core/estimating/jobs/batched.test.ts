import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { CATALOGUE, quoteFor } from '../finishes';
import { planningInputOf, slotOf, shapeOf, type Place } from '../../house';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../../planning/plan-house';
import { shopLists } from '../purchasing';
import { findCalculator } from '../calculators';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { cents, fromFeet, momentAt, plainDate } from '../../units';
import { expandJobs } from './expand';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const WALLS = slotOf('walls');
const matt = CATALOGUE.find(({ id }) => id === 'wall-matt');
if (!matt) throw new Error('no matt paint');

const painted = (...rooms: Place[]): EventBodyOf[] =>
  rooms.flatMap((room): EventBodyOf[] => [
    added(room),
    chosen(room.id, 'repaint'),
    { type: 'finishChosen', payload: { placeId: room.id, slot: WALLS, productId: 'wall-matt' } },
  ]);
const coatsOf = (...bodies: EventBodyOf[]) =>
  expandJobs(planningInputOf(houseOf(...bodies)))
    .flatMap(({ materials }) => materials)
    .filter(({ use }) => use.what === 'Wall paint, matt');
const unitsOf = (...bodies: EventBodyOf[]) => coatsOf(...bodies).map(({ units }) => units);

/** The cans of Sums for two coats on the walls: `[pails, gallons, quarts]`. */
function cansOfSums(room: Place) {
  const worked = findCalculator('paint')?.work(
    { on: 'walls', coats: 2 },
    { room: shapeOf(room), units: 'imperial' },
  );
  if (!worked?.ok) throw new Error('no sum');
  const count = (id: string) =>
    worked.value.lines.find((line) => line.id === `paint.cans.${id}`)?.quantity ?? 0;
  return [count('five'), count('gallon'), count('quart')] as const;
}

const ordered = (units: number, unit?: string): EventBodyOf => ({
  type: 'orderPlaced',
  payload: {
    id: 'o1',
    lineId: 'bed/paint.walls+paint',
    shop: null,
    orderedOn: plainDate('2026-01-05'),
    expectedOn: plainDate('2026-01-06'),
    arrival: null,
    shares: [{ lineId: 'bed/paint.walls+paint', units, ...(unit ? { unit } : {}) }],
  },
});

describe('paint of one colour', () => {
  const [bed, living] = [place('bed'), place('living', 'living', 14)];

  it('of two coats is two gallons: 352 x 2 / 375 = 1.877 gallons, 7.51 quarts', () => {
    const coats = coatsOf(...painted(bed));
    expect(coats.map(({ units, use }) => [units, use.unit])).toEqual([
      [4, 'quart'],
      [4, 'quart'],
    ]);
    expect(coats.reduce((sum, { price }) => sum + price, 0)).toBe(2 * 3_800);
    expect(coats[0]?.working).toContain(
      'all of its colour together: 2 gallons, 0.49 quarts left over',
    );
  });

  it('says where a price is guessed from the one on the label', () => {
    // 384 x 2 / 375 = 2.05 gallons, 8.19 quarts: two gallons and a quart.
    const [coat] = coatsOf(...painted(living));
    expect(coat?.working).toContain(
      '2 gallons + 1 quart, 0.81 quarts left over, price of a quart guessed',
    );
  });

  it('is summed over rooms before it is rounded: 15.70 quarts are 16, not 4 + 4 + 5 + 5', () => {
    const coats = coatsOf(...painted(bed, living));
    expect(coats.reduce((sum, { units }) => sum + units, 0)).toBe(16);
    expect(coats.reduce((sum, { price }) => sum + price, 0)).toBe(4 * 3_800);
    const plan = planHouse(planningInputOf(houseOf(...painted(bed, living))), NOW);
    if (!plan.ok) throw new Error(plan.error.code);
    const items = shopLists(plan.value.orders).flatMap((list) => list.items);
    expect(items.find(({ what }) => what === 'Wall paint, matt')).toMatchObject({
      units: 16,
      amount: '4 gallons',
      cents: 15_200,
    });
  });

  it('is one answer in Sums, in Finishes and in the stores, whatever the room', () => {
    const feet = fc.integer({ min: 4, max: 60 });
    fc.assert(
      fc.property(feet, fc.integer({ min: 7, max: 14 }), (length, height) => {
        const room = { ...place('bed', 'bedroom', length), height: fromFeet(height) };
        const [five, gallon, quart] = cansOfSums(room);
        const holds = five * 20 + gallon * 4 + quart;
        const price = five * 16_500 + gallon * 3_800 + quart * 1_600;
        expect(quoteFor(room, WALLS, matt, 'imperial')).toMatchObject({ cents: price });
        const coats = coatsOf(...painted(room));
        expect(coats.reduce((sum, line) => sum + line.price, 0)).toBe(price);
        const units = coats.reduce((sum, line) => sum + line.units, 0);
        expect(units).toBeLessThanOrEqual(holds);
        expect(holds - units).toBeLessThan(gallon + five > 0 ? 4 : 1);
      }),
      { numRuns: 60 },
    );
  });

  it('takes what was ordered as it was counted on its day', () => {
    expect(unitsOf(...painted(bed), ordered(4, 'quart'))).toEqual([4, 4]);
    expect(unitsOf(...painted(bed), ordered(1))).toEqual([4, 4]);
    expect(unitsOf(...painted(bed), ordered(5, 'quart'))).toEqual([4, 3]);
  });

  it('leaves no line to order where another coat has enough over', () => {
    const plan = planHouse(planningInputOf(houseOf(...painted(bed), ordered(2))), NOW);
    if (!plan.ok) throw new Error(plan.error.code);
    const paint = plan.value.orders.filter(({ what }) => what === 'Wall paint, matt');
    expect(paint.map(({ lineId, orderedUnits }) => [lineId, orderedUnits])).toEqual([
      ['bed/paint.walls+paint', 8],
    ]);
  });

  it('counts no coat that was dropped, and none that a trade brings', () => {
    const alone = place('bed', 'bedroom', 11);
    // 336 / 375 = 0.896 gallons, 3.58 quarts: 4 alone, 8 for two coats.
    const dropped: EventBodyOf = {
      type: 'jobDropped',
      payload: {
        jobId: idOf('bed/last.coat'),
        on: plainDate('2026-01-05'),
        because: 'one coat will do',
      },
    };
    expect(unitsOf(...painted(alone))).toEqual([4, 4]);
    expect(unitsOf(...painted(alone), dropped)).toEqual([4]);
    const hired: EventBodyOf = {
      type: 'jobHired',
      payload: {
        jobId: idOf('bed/paint.walls'),
        trade: 'painter',
        workdays: 1,
        cents: cents(cents(40_000)),
      },
    };
    expect(unitsOf(...painted(alone), hired)).toEqual([4]);
  });

  it('of no colour yet is one in its own room', () => {
    const plain = [added(bed), chosen('bed', 'repaint')];
    const walls = expandJobs(planningInputOf(houseOf(...plain)))
      .flatMap(({ materials }) => materials)
      .filter(({ use }) => use.what === 'Wall paint');
    expect(walls.map(({ units }) => units)).toEqual([4, 4]);
    expect(walls[0]?.working).toContain('all of its colour together');
  });
});

describe('a house measured in metres', () => {
  const house = houseOf(
    added(place('bed')),
    chosen('bed', 'repaint'),
    chosen('bed', 'new-floor'),
    chosen('bed', 'gut'),
  );
  const linesIn = (units: 'imperial' | 'metric') =>
    expandJobs(planningInputOf({ ...house, units })).flatMap(({ materials }) => materials);

  it('is told no square foot and no gallon where a rate stands in for a product', () => {
    const lines = linesIn('metric');
    expect(lines.length).toBeGreaterThan(5);
    for (const { use, working } of lines) {
      expect(`${use.unit}: ${working}`).not.toMatch(/gallon|quart|\bft\b|sq ft|\binch/);
    }
  });

  it('buys about as much for about as much', () => {
    const metric = new Map(linesIn('metric').map((line) => [line.lineId, line]));
    for (const { lineId, price } of linesIn('imperial')) {
      const other = metric.get(lineId)?.price ?? 0;
      expect([lineId, Math.abs(other - price) <= Math.max(6_000, price * 0.35)]).toEqual([
        lineId,
        true,
      ]);
    }
  });
});
