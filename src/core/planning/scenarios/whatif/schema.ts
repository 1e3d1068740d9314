import { z } from 'zod';
import { jobIdSchema, placeIdSchema } from '../../../house';
import { gateIdSchema } from '../../report';
import { centsSchema, minutesSchema, plainDateSchema } from '../../../units';

const gateSideSchema = z.object({
  /** The plan's day, and the day with its doubt; null when nothing is left. */
  date: plainDateSchema.nullable(),
  likely: plainDateSchema.nullable(),
  fairlySafe: plainDateSchema.nullable(),
});

/** A house as it stands, or as it would. */
const sideSchema = z.object({
  gates: z.record(gateIdSchema, gateSideSchema),
  ownMinutes: minutesSchema,
  moneyLeft: centsSchema,
  /** Days missed by, summed over the dates set from outside. */
  daysLate: z.int(),
  roomChanges: z.int(),
  roomFreeDays: z.int(),
});
export type Side = z.infer<typeof sideSchema>;

const movedSchema = z.object({
  jobId: jobIdSchema,
  title: z.string(),
  placeId: placeIdSchema.nullable(),
  /** The day it begins; null when it is not there. */
  before: plainDateSchema.nullable(),
  after: plainDateSchema.nullable(),
  /** Later is positive; 0 for a job that comes or goes. */
  days: z.int(),
  why: z.string(),
});
export type Moved = z.infer<typeof movedSchema>;

/** A date set from outside, or wished for, that is missed all the same. */
const missedSchema = z.object({
  demandId: z.string(),
  what: z.string(),
  by: plainDateSchema,
  /** The nearest day it could be. */
  finish: plainDateSchema,
  daysLate: z.int(),
  /** What objects, nearest first. */
  whys: z.array(z.string()),
});
export type Missed = z.infer<typeof missedSchema>;

export const whatIfSchema = z.object({
  before: sideSchema,
  after: sideSchema,
  /** The ones that moved the most first, and how many there are in all. */
  moved: z.array(movedSchema),
  movedCount: z.int(),
  missed: z.array(missedSchema),
});
export type WhatIf = z.infer<typeof whatIfSchema>;
