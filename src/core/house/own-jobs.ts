import { z } from 'zod';
import { centsSchema, minutesSchema, plainDateSchema } from '../units';
import { jobIdSchema } from './entries';
import { personIdSchema } from './people';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

/** One job holds ten years of evenings at most: more is a slip. */
const LONGEST_JOB = 10 * 366 * 8 * 60;
/** The longest anything dries or is waited for: two years. */
const LONGEST_WAIT_HOURS = 2 * 366 * 24;

const jobMinutesSchema = minutesSchema.min(0).max(LONGEST_JOB);
const handsSchema = z.union([z.literal(1), z.literal(2)]);
const waitHoursSchema = z.int().min(0).max(LONGEST_WAIT_HOURS);

/** A job the library does not know, mostly the child of a find: "sister the rotten sill". */
export const ownJobSchema = z.object({
  id: jobIdSchema,
  placeId: placeIdSchema.nullable(),
  title: z.string().trim().min(1).max(120),
  stage: z.int().min(1).max(21),
  minutes: jobMinutesSchema,
  hands: handsSchema,
  /** Jobs that cannot start before this one is done, and why. */
  before: z.array(jobIdSchema).max(40),
  because: noteSchema,
  /** Jobs that must be done before this one. */
  after: z.array(jobIdSchema).max(40).optional(),
  inOneGo: z.literal(true).optional(),
  /** Dusty: nobody else works in that room meanwhile. Wet: nor until its wait is over. */
  shuts: z.enum(['dusty', 'wet']).optional(),
  outdoors: z.literal(true).optional(),
  /** Elapsed time after the work before anything may follow. */
  waitHours: waitHoursSchema.optional(),
  /** What it costs apart from lines of Stores. */
  cents: centsSchema.min(0).optional(),
  /** An inspector's visit, called so many days ahead. */
  visit: z.object({ bookAheadDays: z.int().min(0).max(120) }).optional(),
  /** The change order it belongs to. */
  changeId: keySchema(64).optional(),
});
export type OwnJob = z.infer<typeof ownJobSchema>;

/**
 * The owner's figures for one job, over those it started with; what is left out stays as it started. Of a job in
 * parts they are those of the whole.
 */
export const jobFiguresSchema = z.object({
  /** Person-minutes of the whole job. */
  minutes: jobMinutesSchema.min(1).optional(),
  /** In the job's own measure: ticks², ticks or pieces. */
  quantity: z.number().positive().max(1e15).optional(),
  waitHours: waitHoursSchema.optional(),
  hands: handsSchema.optional(),
  /** The one who does it. */
  by: personIdSchema.optional(),
  /** All its materials together; of a trade's work its price. */
  cents: centsSchema.min(0).optional(),
  /** Workdays of a trade. */
  workdays: z.int().min(1).max(240).optional(),
  note: noteSchema.optional(),
});
export type JobFigures = z.infer<typeof jobFiguresSchema>;

/** A job done in two parts, which are planned, logged and hired out apart. */
export const jobSplitSchema = z.object({
  jobId: jobIdSchema,
  /** What the first part is of the whole. */
  percent: z.int().min(1).max(99),
  /** The rest waits for the first part. */
  inOrder: z.boolean(),
});
export type JobSplit = z.infer<typeof jobSplitSchema>;

/** A job the owner leaves out, with the reason. */
export const jobDropSchema = z.object({
  jobId: jobIdSchema,
  on: plainDateSchema,
  because: noteSchema,
});
