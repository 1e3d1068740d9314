import { z } from 'zod';
import { jobIdSchema } from '../house';
import { centsSchema, plainDateSchema } from '../units';
import { planSchema } from './plan';

const doubtSchema = z.object({
  likely: plainDateSchema.nullable(),
  fairlySafe: plainDateSchema.nullable(),
});
/** A date with its doubt; null when nothing is left to wait for. */
export type Doubt = z.infer<typeof doubtSchema>;

export const forecastSchema = z.object({
  plan: planSchema,
  /** Runs drawn behind the days below. */
  runs: z.int(),
  gates: z.object({ sleep: doubtSchema, live: doubtSchema, done: doubtSchema }),
  /** Money still to be spent, finds included: half of the runs come to less, and eight in ten. */
  cost: z.object({ likely: centsSchema, fairlySafe: centsSchema }),
  /** Jobs that lay on the chain deciding the day one can live there, in so many of a hundred runs. */
  decides: z.array(z.object({ jobId: jobIdSchema, percent: z.int() })),
  /** The likely days if every suspicion proved groundless: the difference is what they weigh. */
  withoutRisks: z.object({
    sleep: plainDateSchema.nullable(),
    live: plainDateSchema.nullable(),
    done: plainDateSchema.nullable(),
  }),
});
export type Forecast = z.infer<typeof forecastSchema>;
