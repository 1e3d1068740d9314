import { z } from 'zod';
import { plainDateSchema } from '../units';
import { jobIdSchema } from './entries';

/** A wish for one job: not before a day. */
export const heldUntilSchema = z.object({ jobId: jobIdSchema, on: plainDateSchema });

/** A rule of one's own: this before that, because. */
export const ownRuleSchema = z.object({
  id: z.string().min(1).max(64),
  before: jobIdSchema,
  after: jobIdSchema,
  because: z.string().trim().min(1).max(200),
});
export type OwnRule = z.infer<typeof ownRuleSchema>;

/** A rule of the trade set aside between two jobs, with the reason. Only usual practice can be. */
export const overruleSchema = z.object({
  before: jobIdSchema,
  after: jobIdSchema,
  because: z.string().trim().min(1).max(200),
});

export const pairKey = (before: string, after: string): string => `${before}>${after}`;
