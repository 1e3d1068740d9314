import { z } from 'zod';
import { jobIdSchema, placeIdSchema } from '../../house';
import { addCents, centsSchema, type Cents } from '../../units';

/**
 * One thing the plan has to pay for, from the first guess to the last payment. It is in one state at a time, so that
 * nothing is counted twice: what of it is paid is a payment, and only the open rest is committed or to come.
 */
export const costLineSchema = z.object({
  id: z.string(),
  jobId: jobIdSchema.nullable(),
  placeId: placeIdSchema.nullable(),
  kind: z.enum(['materials', 'trades']),
  what: z.string(),
  /** What it comes to: guessed, ordered or agreed. */
  planned: centsSchema,
  /** Ordered or agreed; else still a guess. */
  isCommitted: z.boolean(),
  /** Paid towards it, less what came back. */
  paid: centsSchema,
  /** What still has to be paid. */
  open: centsSchema,
});
export type CostLine = z.infer<typeof costLineSchema>;

/** A payment and what of the plan it is for. */
export const coverSchema = z.object({
  purchaseId: z.string(),
  /** `told` by the owner, `clear` from its words and room, `unclear`: to be asked, or `none`: nobody planned it. */
  is: z.enum(['told', 'clear', 'unclear', 'none']),
  lineIds: z.array(z.string()),
});
export type Cover = z.infer<typeof coverSchema>;

/** What of some lines is still to be paid: agreed, and only guessed. */
export function openCents(lines: readonly CostLine[]): { committed: Cents; toCome: Cents } {
  const open = (isCommitted: boolean) =>
    addCents(lines.filter((line) => line.isCommitted === isCommitted).map((line) => line.open));
  return { committed: open(true), toCome: open(false) };
}
