import { z } from 'zod';
import { jobIdSchema, placeIdSchema } from '../../house';
import { batchSchema } from '../../trade/steps/batch';
import { centsSchema, plainDateSchema } from '../../units';

/** A material of a job with the days it is needed and has to be ordered by, and how far it has come. */
export const orderLineSchema = z.object({
  lineId: z.string(),
  jobId: jobIdSchema,
  placeId: placeIdSchema.nullable(),
  what: z.string(),
  unit: z.string(),
  units: z.int(),
  price: centsSchema,
  leadDays: z.int(),
  neededBy: plainDateSchema,
  orderBy: plainDateSchema,
  state: z.enum([
    'to-measure',
    'to-choose',
    'to-order',
    'on-the-way',
    'late',
    'short',
    'damaged',
    'wrong',
    'here',
    'fitted',
  ]),
  /** How the units came about. */
  working: z.string(),
  /** Of paint: its part of the cans of its colour. */
  batch: batchSchema.optional(),
  shop: z.string().nullable(),
  /** Units of this line in its order, when that was written down; other than `units` when the need changed since. */
  orderedUnits: z.int().nullable(),
  orderId: z.string().nullable(),
  expectedOn: plainDateSchema.nullable(),
});
export type OrderLine = z.infer<typeof orderLineSchema>;

/** Not ordered yet, whether or not it could be today. */
export const isToOrder = ({ state }: Pick<OrderLine, 'state'>): boolean =>
  state === 'to-order' || state === 'to-choose' || state === 'to-measure';
