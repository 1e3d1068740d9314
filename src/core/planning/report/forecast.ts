import { z } from 'zod';
import { jobIdSchema, personIdSchema } from '../../house';
import { centsSchema, minutesSchema, plainDateSchema } from '../../units';
import { gateIdSchema, planSchema } from './plan';

const doubtSchema = z.object({
  /** One run in ten is through by the soonest, all but one in twenty by the latest. */
  soonest: plainDateSchema.nullable(),
  likely: plainDateSchema.nullable(),
  fairlySafe: plainDateSchema.nullable(),
  latest: plainDateSchema.nullable(),
});
/** A date with its doubt; null when nothing is left to wait for. */
export type Doubt = z.infer<typeof doubtSchema>;

/** What the log has taught of hours against estimates, and of hours kept against hours meant. */
const learnedSchema = z.object({
  /** Of a kind of work: so many times the estimate, and the band with eight chances in ten. */
  paces: z.array(
    z.object({
      kind: z.string(),
      factor: z.number(),
      low: z.number(),
      high: z.number(),
      jobs: z.int(),
      days: z.int(),
    }),
  ),
  points: z.array(
    z.object({ kind: z.string(), ratio: z.number(), on: plainDateSchema, jobId: jobIdSchema }),
  ),
  /** The planned days in the same order at the guesses: what was learned moved them to the plan's. Null without points. */
  atGuess: z.record(gateIdSchema, plainDateSchema.nullable()).nullable(),
  /** Own hours left, by the estimates alone and at the paces the plan goes by. */
  left: z.object({ guessed: minutesSchema, planned: minutesSchema }),
  /** Days' worth of hours kept and lost, and the share the plan goes by. */
  kept: z.array(
    z.object({ personId: personIdSchema, share: z.number(), kept: z.number(), lost: z.number() }),
  ),
});

export const forecastSchema = z.object({
  plan: planSchema,
  learned: learnedSchema,
  /** Runs drawn behind the days below. */
  runs: z.int(),
  gates: z.object({ sleep: doubtSchema, live: doubtSchema, done: doubtSchema }),
  /** Dates from outside and phases, with their doubt; those of which nothing is left are left out. */
  ends: z.array(z.object({ id: z.string(), likely: plainDateSchema, fairlySafe: plainDateSchema })),
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
