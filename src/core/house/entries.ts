import { z } from 'zod';
import { centsSchema, minutesSchema, plainDateSchema } from '../units';
import { personIdSchema } from './people';
import { placeIdSchema } from './place';
import { heldSchema, surfaceRefSchema } from './behind';
import { elementSchema, suspicionSchema } from './elements';
import { LONGEST_NOTE, keySchema, noteSchema } from './text';

/** A job's id is made of its place and step, so it survives every re-plan: `back-bed/board.tape`. */
export const jobIdSchema = keySchema(160).brand<'JobId'>();
export type JobId = z.infer<typeof jobIdSchema>;

export const spendKindSchema = z.enum([
  'materials',
  'hire',
  'trades',
  'permits',
  'waste',
  'tools',
  'food and stay',
]);
export type SpendKind = z.infer<typeof spendKindSchema>;

/** A kind of spending: one of ours, or the id of one the owner made. */
export const kindKeySchema = keySchema(64);

/** Who a share of a receipt belongs to; null is the house as a whole. */
const moneyShareSchema = z.object({ placeId: placeIdSchema.nullable(), cents: centsSchema });

/** One entry of hours holds a year at most: more is a slip, and a shorter limit would lose an evening. */
const LONGEST_ENTRY = 366 * 24 * 60;

const placeId = placeIdSchema.nullable();
/** Thousandths of the unit: 1.5 buckets is 1500. */
const thousandthsSchema = z.int().min(1).max(1e12);
/** The day an entry is of, where the line names more than one. */
const on = plainDateSchema.optional();

/** What one breath of the log says. Every share of `money` is already rounded; their sum is the receipt. */
const entrySchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('hours'),
    personId: personIdSchema,
    minutes: minutesSchema.min(1).max(LONGEST_ENTRY),
    jobId: jobIdSchema.nullable(),
    placeId,
    /** What was done, in the line's words, where it is no job of the plan. */
    what: noteSchema.optional(),
    on,
  }),
  z.object({
    kind: z.literal('progress'),
    jobId: jobIdSchema,
    /** Percent of the whole job that is done now; 100 closes it. Left out where only begun, or counted in what gives no share. */
    share: z.int().min(1).max(100).optional(),
    /** As counted: "42 sq ft set". */
    quantity: z.object({ thousandths: thousandthsSchema, unit: noteSchema }).optional(),
    on,
  }),
  z.object({
    kind: z.literal('money'),
    what: noteSchema,
    spend: kindKeySchema,
    shares: z.array(moneyShareSchema).min(1).max(200),
    shop: noteSchema.nullable(),
    /** Paid from the budget, or from the contingency because nobody could foresee it. */
    drawsOn: z.enum(['budget', 'contingency']),
    /** Agreed, and not paid yet. */
    committed: z.literal(true).optional(),
    on,
  }),
  z.object({
    kind: z.literal('material'),
    what: noteSchema,
    thousandths: thousandthsSchema,
    unit: noteSchema,
    placeId,
    on,
  }),
  z.object({
    kind: z.literal('find'),
    text: noteSchema,
    placeId,
    element: elementSchema.optional(),
    suspicion: suspicionSchema.optional(),
    /** What it may cost in hours and money, as guessed in the line: a risk, nothing worked and nothing paid. */
    minutes: minutesSchema.min(1).max(LONGEST_ENTRY).optional(),
    cents: centsSchema.min(0).optional(),
    on,
  }),
  z.object({
    kind: z.literal('decision'),
    text: noteSchema,
    placeId,
    /** Works of the library that the decision asks for. */
    works: z.array(keySchema(64)).max(10).optional(),
    on,
  }),
  z.object({ kind: z.literal('note'), text: noteSchema, placeId, on }),
  /** What somebody asks for a piece of work: never money spent. */
  z.object({
    kind: z.literal('quote'),
    cents: centsSchema.min(0),
    what: noteSchema,
    from: noteSchema.nullable(),
    placeId,
    on,
  }),
  z.object({
    kind: z.literal('leftover'),
    what: noteSchema,
    thousandths: thousandthsSchema,
    unit: noteSchema,
    placeId,
    on,
  }),
  z.object({
    kind: z.literal('ordered'),
    what: noteSchema,
    thousandths: thousandthsSchema.nullable(),
    unit: noteSchema.nullable(),
    due: plainDateSchema.nullable(),
    shop: noteSchema.nullable(),
    /** The line of the takeoff it serves, where the words name one, with the days that usually takes. */
    lineId: z.string().min(1).max(240).optional(),
    leadDays: z.int().min(0).max(2_000).optional(),
    placeId,
    on,
  }),
  z.object({
    kind: z.literal('delivered'),
    what: noteSchema,
    thousandths: thousandthsSchema.nullable(),
    unit: noteSchema.nullable(),
    state: z.enum(['whole', 'short', 'damaged', 'wrong']),
    /** How many are missing, broken or wrong, as far as it was said. */
    missing: thousandthsSchema.nullable(),
    lineId: z.string().min(1).max(240).optional(),
    placeId,
    on,
  }),
  z.object({
    kind: z.literal('next'),
    text: noteSchema,
    day: plainDateSchema.nullable(),
    placeId,
    on,
  }),
  z.object({
    kind: z.literal('wait'),
    what: noteSchema,
    minutes: minutesSchema.min(1).max(LONGEST_ENTRY),
    /** The job that dries or sets; what follows it waits. */
    jobId: jobIdSchema.nullable(),
    placeId,
    on,
  }),
  z.object({
    kind: z.literal('inspection'),
    which: noteSchema,
    jobId: jobIdSchema.nullable(),
    /** Null for a visit that is only booked. */
    result: z.enum(['passed', 'failed']).nullable(),
    note: noteSchema.nullable(),
    bookedFor: plainDateSchema.nullable(),
    on,
  }),
  z.object({
    kind: z.literal('measured'),
    what: noteSchema,
    placeId,
    /** As they were said, with their units. */
    size: z.object({
      length: noteSchema,
      width: noteSchema.optional(),
      height: noteSchema.optional(),
    }),
    on,
  }),
  z.object({
    kind: z.literal('favour'),
    who: noteSchema,
    personId: personIdSchema.nullable(),
    minutes: minutesSchema.min(1).max(LONGEST_ENTRY),
    /** Whom the hours are owed to. */
    owed: z.enum(['us', 'them']),
    on,
  }),
  z.object({ kind: z.literal('weather'), text: noteSchema, on }),
  /** One thing behind a wall, ceiling or floor. */
  z.object({
    kind: z.literal('behind'),
    ...heldSchema.shape,
    placeId: placeIdSchema,
    at: surfaceRefSchema,
    on,
  }),
  /** Something small to be put right before the house is called done. */
  z.object({ kind: z.literal('punch'), what: noteSchema, placeId, on }),
]);
export type Entry = z.infer<typeof entrySchema>;
export type EntryOf<K extends Entry['kind']> = Extract<Entry, { kind: K }>;

export const logIdSchema = keySchema(64).brand<'LogId'>();
export type LogId = z.infer<typeof logIdSchema>;

/** One slot of one statement, as the owner put it: the job, the person, the room … */
const answerSchema = z.object({
  slot: keySchema(24),
  /** The words of the statement it was said of. */
  about: noteSchema,
  /** Ids, numbers and days as texts; empty for none. */
  value: z.string().max(LONGEST_NOTE),
});
export type Answer = z.infer<typeof answerSchema>;

/** One line of the log strip and what was made of it. A day may have several. */
export const dayLogSchema = z.object({
  id: logIdSchema,
  date: plainDateSchema,
  line: noteSchema,
  /** The day it was said on, by which "yesterday" is told; left out where that is its own day. */
  saidOn: plainDateSchema.optional(),
  entries: z.array(entrySchema).min(1).max(1_000),
  /** What was answered and changed beside the line, so that reading it again loses none of it. */
  answers: z.array(answerSchema).max(200).optional(),
});
export type DayLog = z.infer<typeof dayLogSchema>;
