import { z } from 'zod';
import { centsSchema, minutesSchema, plainDateSchema } from '../units';
import { jobIdSchema } from './entries';
import { placeIdSchema } from './place';

const wordsSchema = z.string().trim().min(1).max(300);

/** A job given to a hired trade, at a price that brings its materials. */
export const hireSchema = z.object({
  jobId: jobIdSchema,
  trade: wordsSchema,
  workdays: z.int().min(1).max(120),
  cents: centsSchema.min(0),
});
export type Hire = z.infer<typeof hireSchema>;

/** How the work goes through the house: each trade through all rooms, or each room to its end. */
export const pathSchema = z.enum(['trades', 'rooms']);
export type Path = z.infer<typeof pathSchema>;

/** A work put off until somebody lives there. */
export const deferralSchema = z.object({
  placeId: placeIdSchema,
  workId: z.string().min(1).max(64),
  deferred: z.boolean(),
});
export const deferralKey = (placeId: string, workId: string): string => `${placeId}/${workId}`;

/** What one option would have come to on the day it was weighed. */
const weighedSchema = z.object({
  title: wordsSchema,
  cents: centsSchema,
  minutes: minutesSchema,
  livingOn: plainDateSchema.nullable(),
});

/** A decision with the options it was taken from and why, to be read years later. */
export const decisionRecordSchema = z.object({
  id: z.string().min(1).max(80),
  on: plainDateSchema,
  question: wordsSchema,
  options: z.array(weighedSchema).min(2).max(6),
  chosen: z.int().min(0).max(5),
  reasons: wordsSchema.nullable(),
});
export type DecisionRecord = z.infer<typeof decisionRecordSchema>;
