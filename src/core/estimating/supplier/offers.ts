import { z } from 'zod';
import { seededRandom, type Random } from '../../random';
import { addDays, cents, centsSchema, plainDateSchema, type PlainDate } from '../../units';

/** What one asks a shop for. */
export const enquirySchema = z.object({
  what: z.string().trim().min(1).max(160),
  units: z.coerce.number().int().min(1).max(100_000),
  /** The price one reckons with, for all of it. */
  cents: z.coerce.number().pipe(centsSchema.min(0)),
  leadDays: z.coerce.number().int().min(0).max(400),
  today: plainDateSchema,
});
export type Enquiry = z.infer<typeof enquirySchema>;

const offerSchema = z.object({
  shop: z.string(),
  cents: centsSchema,
  /** On the shelf today; the rest comes with the lead time. */
  inStock: z.int(),
  leadDays: z.int(),
  promisedOn: plainDateSchema,
});
export const offersSchema = z.array(offerSchema);
export type Offer = z.infer<typeof offerSchema>;

/** How a delivery turns out. */
export const deliverySchema = z.object({
  on: plainDateSchema,
  state: z.enum(['whole', 'short', 'damaged', 'wrong']),
});
export type Delivery = z.infer<typeof deliverySchema>;

const SHOPS = ['Marl Timber', 'Plank Yard', 'Quarry Lane', 'Basin and Bell', 'Copperline'];

/** A seed from words: the same enquiry on the same day is answered alike, here and on the server. */
function seedOf(text: string): number {
  let hash = 2_166_136_261;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 16_777_619);
  return hash >>> 0;
}

/**
 * The simulated supplier: three made-up shops answer with a price round the one reckoned with, what is on the shelf,
 * and a date. The same data offline and behind the server.
 */
export function offersFor({ what, units, cents: price, leadDays, today }: Enquiry): Offer[] {
  const random = seededRandom(seedOf(`${what} ${today}`));
  const first = Math.floor(random() * SHOPS.length);
  return [0, 1, 2]
    .map((step): Offer => {
      const shop = SHOPS[(first + step) % SHOPS.length] ?? 'Marl Timber';
      const asked = cents(price * (0.88 + random() * 0.3));
      const hasAll = random() < 0.5 && leadDays <= 7;
      const inStock = hasAll ? units : Math.floor(units * random() * 0.8);
      const days = hasAll
        ? Math.min(leadDays, 1)
        : Math.max(1, Math.round(leadDays * (0.7 + random() * 0.8)));
      return { shop, cents: asked, inStock, leadDays: days, promisedOn: addDays(today, days) };
    })
    .toSorted((a, b) => a.cents - b.cents);
}

const LATE_SHARE = 0.25;
const FAULTS = [
  { below: 0.06, state: 'short' },
  { below: 0.09, state: 'damaged' },
  { below: 0.11, state: 'wrong' },
] as const;

function faultOf(random: Random): Delivery['state'] {
  const drawn = random();
  return FAULTS.find(({ below }) => drawn < below)?.state ?? 'whole';
}

/** What becomes of an order with a simulated shop: a quarter come late by up to two weeks, about one in nine not as ordered. */
export function deliveryOf(orderId: string, promisedOn: PlainDate): Delivery {
  const random = seededRandom(seedOf(`${orderId} ${promisedOn}`));
  const late = random() < LATE_SHARE ? 1 + Math.floor(random() * 14) : 0;
  return { on: addDays(promisedOn, late), state: faultOf(random) };
}
