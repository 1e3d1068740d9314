import { z } from 'zod';
import { eventBodySchema } from '../../../journal';
import { gateIdSchema } from '../../report';
import { centsSchema, plainDateSchema } from '../../../units';

/** A way to go on, as what would be said to the journal. */
export const optionSchema = z.object({
  id: z.string(),
  title: z.string(),
  changes: z.array(eventBodySchema),
  yearsGained: z.number().nullable(),
  givesUp: z.string(),
});

const sideSchema = z.object({
  likely: plainDateSchema.nullable(),
  fairlySafe: plainDateSchema.nullable(),
});

/** What it takes for a gate to be likely by a day: a set of ways that go together. */
export const fitSchema = z.object({
  gate: gateIdSchema,
  by: plainDateSchema,
  /** Whether the likely day is the one wished for, or sooner. */
  fits: z.boolean(),
  /** In the order in which they are taken; each begins where the ones before it end. */
  ways: z.array(
    optionSchema.extend({
      /** Planned days sooner when this one is left out of the set: what it is in it for. */
      daysSooner: z.int(),
    }),
  ),
  before: sideSchema,
  after: sideSchema,
  /** To the end; negative when it saves. */
  centsMore: centsSchema,
  /** Of one's own hours; negative when others do it. */
  minutesMore: z.int(),
  /** Houses planned on the way to it. */
  tried: z.int(),
});
export type Fit = z.infer<typeof fitSchema>;
