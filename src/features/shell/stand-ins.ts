import type { z } from 'zod';
import { simulatedReading, type MeasuringDevice } from '@/core/estimating/measuring/laser';
import { seededRandom } from '@/core/random';
import { deliveryOf, deliverySchema, offersFor, offersSchema } from '@/core/estimating/supplier';
import type { Supplier } from '@/store';

/** Asks our own server; without it the same simulated data is worked out here. */
async function asked<S extends z.ZodType>(
  path: string,
  schema: S,
  offline: () => z.infer<S>,
): Promise<z.infer<S>> {
  try {
    const response = await fetch(path);
    if (!response.ok) return offline();
    const read = schema.safeParse(await response.json());
    return read.success ? read.data : offline();
  } catch {
    return offline();
  }
}

/** Made-up shops with prices, stock and dates. */
export const simulatedSupplier = (): Supplier => ({
  offers: (enquiry) => {
    const query = new URLSearchParams(
      Object.entries(enquiry).map(([name, value]) => [name, String(value)]),
    );
    return asked(`/api/supplier/offers?${query.toString()}`, offersSchema, () =>
      offersFor(enquiry),
    );
  },
  delivery: (orderId, promisedOn) =>
    asked(
      `/api/supplier/deliveries/${encodeURIComponent(orderId)}?promised=${promisedOn}`,
      deliverySchema,
      () => deliveryOf(orderId, promisedOn),
    ),
});

/** A laser that is not there: readings near the size already known. */
export function simulatedLaser(): MeasuringDevice {
  const random = seededRandom(20_260_314);
  return { measure: (target) => Promise.resolve(simulatedReading(target, random)) };
}
