import { z } from 'zod';
import { plainDateSchema } from '../units';
import { jobIdSchema } from './entries';
import { keySchema, noteSchema } from './text';

/** A wish for one job: not before a day. */
export const heldUntilSchema = z.object({ jobId: jobIdSchema, on: plainDateSchema });

/** A rule of one's own: this before that, because. */
export const ownRuleSchema = z.object({
  id: keySchema(64),
  before: jobIdSchema,
  after: jobIdSchema,
  because: noteSchema,
});

/** A rule of the trade set aside between two jobs, with the reason. Only usual practice can be. */
export const overruleSchema = z.object({
  before: jobIdSchema,
  after: jobIdSchema,
  because: noteSchema,
});

/** The key of two jobs, the one that goes first at the front. */
export const pairKey = (before: string, after: string): string => `${before}>${after}`;
