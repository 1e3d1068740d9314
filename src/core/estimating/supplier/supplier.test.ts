import { daysBetween, plainDate } from '../../units';
import { deliveryOf, enquirySchema, offersFor } from '.';

const enquiry = enquirySchema.parse({
  what: 'Oak strip',
  units: '50',
  cents: '57000',
  leadDays: '12',
  today: '2026-03-14',
});

describe('the simulated supplier', () => {
  it('answers the same enquiry alike, cheapest first, three shops, prices within a fifth', () => {
    const offers = offersFor(enquiry);
    expect(offersFor(enquiry)).toEqual(offers);
    expect(new Set(offers.map(({ shop }) => shop)).size).toBe(3);
    const prices = offers.map(({ cents }) => cents);
    expect(prices).toEqual(prices.toSorted((a, b) => a - b));
    for (const { cents, inStock, promisedOn, leadDays } of offers) {
      expect(cents / 57_000).toBeGreaterThan(0.8);
      expect(cents / 57_000).toBeLessThan(1.2);
      expect(inStock).toBeLessThanOrEqual(50);
      expect(daysBetween(enquiry.today, promisedOn)).toBe(leadDays);
    }
    expect(offersFor({ ...enquiry, what: 'Pine board' })).not.toEqual(offers);
  });

  it('delivers a quarter late and about one in nine not as ordered, never early', () => {
    const promised = plainDate('2026-04-01');
    const deliveries = Array.from({ length: 1_000 }, (_, at) =>
      deliveryOf(`order-${at}`, promised),
    );
    const late = deliveries.filter(({ on }) => on > promised).length;
    const faulty = deliveries.filter(({ state }) => state !== 'whole').length;
    expect(deliveries.every(({ on }) => on >= promised && daysBetween(promised, on) <= 14)).toBe(
      true,
    );
    expect(late).toBeGreaterThan(200);
    expect(late).toBeLessThan(300);
    expect(faulty).toBeGreaterThan(70);
    expect(faulty).toBeLessThan(150);
  });
});
