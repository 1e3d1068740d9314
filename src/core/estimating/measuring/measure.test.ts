import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { planningInputOf, FLAT, rectangle } from '../../house';
import { applyEvent, type EventBodyOf } from '../../journal';
import { seededRandom } from '../../random';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { fromFeet, plainDate, ticks } from '../../units';
import { impactOf, isNoChange, measuringPass, simulatedReading } from '.';

const measuredAs = (feet: number): EventBodyOf => ({
  type: 'roomMeasured',
  payload: {
    placeId: idOf('bed'),
    on: plainDate('2026-01-06'),
    walls: rectangle(fromFeet(feet), fromFeet(10)),
    height: fromFeet(8),
    ceiling: FLAT,
    openings: [],
  },
});

describe('the measuring pass', () => {
  const house = houseOf(
    added(place('hall', 'hall')),
    added(place('bed')),
    chosen('bed', 'window', 2),
    chosen('bed', 'new-floor'),
  );

  it('lists rooms whose works need a size, and windows not measured, in walking order', () => {
    const { left, done } = measuringPass(planningInputOf(house));
    expect(left.map(({ id, missing }) => [id, missing])).toEqual([
      ['bed/room', 0],
      ['bed/windows', 2],
    ]);
    expect(left[0]?.asks).toContain('Lay the floor');
    expect(done).toEqual([]);
  });

  it('ticks a room off once it was walked with the tape', () => {
    const after = applyEvent(house, measuredAs(12));
    if (!after) throw new Error('no house');
    const { left, done } = measuringPass(planningInputOf(after));
    expect(left.map(({ id }) => id)).toEqual(['bed/windows']);
    expect(done).toEqual([{ placeId: 'bed', on: '2026-01-06' }]);
  });
});

describe('what another size changes', () => {
  const house = houseOf(added(place('bed')), chosen('bed', 'new-floor'));
  const change = (feet: number) => {
    const after = applyEvent(house, measuredAs(feet));
    if (!after) throw new Error('no house');
    return impactOf(planningInputOf(house), planningInputOf(after));
  };

  it('nothing when the sizes are what they were', () => {
    expect(isNoChange(change(12))).toBe(true);
  });

  it('more hours, more cartons and more money for a longer room, line by line', () => {
    const impact = change(16);
    // Floor 160 against 120 sq ft; planks at 22 sq ft a carton and 8%: 7.85 and 5.89, so 8 against 6.
    expect(impact.lines).toContainEqual(
      expect.objectContaining({
        lineId: 'bed/floor.carry+planks',
        before: 6,
        after: 8,
        ordered: false,
      }),
    );
    expect(impact.minutes).toBeGreaterThan(0);
    expect(impact.cents).toBeGreaterThanOrEqual(2 * 8_400);
    const back = change(9);
    expect(back.minutes).toBeLessThan(0);
  });

  it('flags what is ordered and leaves its money alone', () => {
    const order: EventBodyOf = {
      type: 'orderPlaced',
      payload: {
        id: 'o',
        lineId: 'bed/floor.carry+planks',
        shop: null,
        orderedOn: plainDate('2026-01-05'),
        expectedOn: plainDate('2026-01-17'),
        arrival: null,
      },
    };
    const ordered = applyEvent(house, order);
    const after = ordered && applyEvent(ordered, measuredAs(16));
    if (!ordered || !after) throw new Error('no house');
    const impact = impactOf(planningInputOf(ordered), planningInputOf(after));
    expect(impact.lines.find(({ lineId }) => lineId === 'bed/floor.carry+planks')?.ordered).toBe(
      true,
    );
    expect(impact.cents).toBeLessThan(change(16).cents);
  });
});

describe('the simulated laser', () => {
  it('reads within 2 mm to the millimetre, and now and then loses its signal', () => {
    const random = seededRandom(1);
    let lost = 0;
    fc.assert(
      fc.property(fc.integer({ min: 100_000, max: 4_000_000 }), (target) => {
        const reading = simulatedReading(ticks(target), random);
        if (reading.kind === 'lost') {
          lost += 1;
          return;
        }
        expect(reading.length % 320).toBe(0);
        expect(Math.abs(reading.length - target)).toBeLessThanOrEqual(2.01 * 320);
      }),
      { numRuns: 400, seed: 5 },
    );
    expect(lost).toBeGreaterThan(10);
    expect(lost).toBeLessThan(120);
  });
});
