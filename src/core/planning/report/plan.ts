import { z } from 'zod';
import { orderLineSchema } from '../../estimating/purchasing/order-line';
import { jobIdSchema, personIdSchema, placeIdSchema } from '../../house';
import { costLineSchema, coverSchema } from '../../estimating/job-costs/cost-line';
import {
  centsSchema,
  minutesSchema,
  momentSchema,
  plainDateSchema,
  ticksSchema,
} from '../../units';

/** The seven states of a job; each has a board of its own on every screen. */
const jobStateSchema = z.enum(['done', 'in-hand', 'ready', 'setting', 'held', 'arrives', 'later']);
export type JobState = z.infer<typeof jobStateSchema>;

export const gateIdSchema = z.enum(['sleep', 'live', 'done']);

const strengthSchema = z.enum(['safety', 'inspection', 'cover-up', 'physics', 'practice', 'own']);

const waitsForSchema = z.object({
  jobId: jobIdSchema,
  why: z.string(),
  strength: strengthSchema,
  /** Elapsed minutes after the other job is finished. */
  waitMinutes: z.int(),
  /** When this link lets go, if nothing slips. */
  until: momentSchema,
  over: z.boolean(),
});

/** What else than another job keeps this one back. */
const heldBySchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('to-order'),
    what: z.string(),
    leadDays: z.int(),
    until: momentSchema,
  }),
  z.object({ kind: z.literal('on-the-way'), what: z.string(), until: momentSchema }),
  z.object({ kind: z.literal('late'), what: z.string(), until: momentSchema }),
  z.object({ kind: z.literal('failed-visit'), note: z.string(), until: momentSchema }),
  z.object({ kind: z.literal('question'), question: z.string(), until: momentSchema }),
  z.object({ kind: z.literal('not-before'), until: momentSchema }),
]);
export type HeldBy = z.infer<typeof heldBySchema>;

const quantitySchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('area'),
    measure: z.enum(['floor', 'ceiling', 'walls']),
    area: z.number(),
  }),
  z.object({ kind: z.literal('run'), length: ticksSchema }),
  z.object({ kind: z.literal('count'), count: z.int() }),
]);

const workSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('labour'),
    hands: z.union([z.literal(1), z.literal(2)]),
    /** The rate: so many person-minutes for so many sq ft, ft or pieces, after setting up. */
    rateMinutes: z.number(),
    ratePer: z.number(),
    setup: minutesSchema,
  }),
  z.object({
    kind: z.literal('subcontract'),
    trade: z.string(),
    workdays: z.int(),
    price: centsSchema,
  }),
  z.object({ kind: z.literal('inspection'), bookAheadDays: z.int() }),
]);

export const plannedJobSchema = z.object({
  id: jobIdSchema,
  stepId: z.string().nullable(),
  placeId: placeIdSchema.nullable(),
  floor: z.int().nullable(),
  title: z.string(),
  says: z.array(z.string()),
  stage: z.int(),
  gate: gateIdSchema,
  state: jobStateSchema,
  work: workSchema,
  quantity: quantitySchema,
  estimate: minutesSchema,
  /** So many times its estimate it is planned to take, as far as the log says. */
  pace: z.number().positive(),
  logged: minutesSchema,
  left: minutesSchema,
  /** Own time set aside behind an investigation for what it may find. */
  allowance: minutesSchema,
  share: z.int().nullable(),
  doneOn: plainDateSchema.nullable(),
  /** The day agreed with the inspector or trade. */
  bookedOn: plainDateSchema.nullable(),
  start: momentSchema,
  finish: momentSchema,
  stretches: z.array(
    z.object({ from: momentSchema, to: momentSchema, people: z.array(personIdSchema) }),
  ),
  wait: z.object({ minutes: z.int(), what: z.string(), until: momentSchema }).nullable(),
  predecessors: z.array(waitsForSchema),
  successors: z.array(jobIdSchema),
  heldBy: z.array(heldBySchema),
  slackDays: z.int(),
  /** What could not be had: a second pair of hands, a day long enough for one go, the hired tool back in time. */
  shortfalls: z.array(z.enum(['second-pair', 'long-day', 'short-hire', 'long-gap', 'nobody-able'])),
  limits: z.object({
    inOneGo: z.enum(['each', 'whole']).optional(),
    closesRoom: z.enum(['work', 'wait']).optional(),
    outdoors: z.literal(true).optional(),
    hire: z.object({ tool: z.string(), days: z.int() }).optional(),
  }),
  cautions: z.array(z.string()),
  because: z.array(z.string()),
  /** Which part of a split job it is. */
  part: z.enum(['first', 'rest']).nullable(),
  by: personIdSchema.nullable(),
  note: z.string().nullable(),
  /** What it costs as planned: its materials and what else it takes, or a trade's price. */
  cost: centsSchema,
  /** What it had before the owner's own figures; null where it has none of those. */
  starting: z
    .object({
      minutes: minutesSchema,
      quantity: quantitySchema,
      waitHours: z.number(),
      hands: z.union([z.literal(1), z.literal(2)]).nullable(),
      workdays: z.int().nullable(),
      cents: centsSchema,
    })
    .nullable(),
});
export type PlannedJob = z.infer<typeof plannedJobSchema>;

const gateSummarySchema = z.object({
  gate: gateIdSchema,
  /** Null when nothing is left. */
  date: plainDateSchema.nullable(),
  jobsLeft: z.int(),
  /** Conditions that only a person's own check can meet and that nobody checked yet. */
  checksLeft: z.int(),
  minutesLeft: minutesSchema,
  /** The longest chain of what is left, first job first. */
  chain: z.array(jobIdSchema),
  /** Waiting inside that chain: drying, curing, booking ahead. */
  chainWaitMinutes: z.int(),
  /** Still to be paid: what is agreed and ordered, and what is only guessed. */
  moneyLeft: centsSchema,
  moneyCommitted: centsSchema,
  conditions: z.array(
    z.object({
      id: z.string(),
      title: z.string(),
      jobIds: z.array(jobIdSchema),
      openJobIds: z.array(jobIdSchema),
      checkedOn: plainDateSchema.nullable(),
      /** Why it does not apply here. */
      waived: z.string().nullable(),
      /** Open items of the punch list, for the condition that asks for none. */
      punchLeft: z.int(),
      met: z.boolean(),
    }),
  ),
});
export type GateSummary = z.infer<typeof gateSummarySchema>;

const decisionSchema = z.object({
  id: z.string(),
  question: z.string(),
  placeId: placeIdSchema.nullable(),
  /** The latest day that moves no gate; null when nothing waits for it. */
  decideBy: plainDateSchema.nullable(),
  leadDays: z.int(),
  holdsUp: z.array(jobIdSchema),
});

/** How a date set from outside stands, or the end of a phase. */
const demandStateSchema = z.object({
  id: z.string(),
  /** All it covers, done or not. */
  jobIds: z.array(jobIdSchema),
  finish: plainDateSchema.nullable(),
  lastJobId: jobIdSchema.nullable(),
  jobsLeft: z.int(),
  daysLate: z.int(),
});

/** How a phase stands: by hours, days and money. */
const phaseStateSchema = z.object({
  id: z.string(),
  jobIds: z.array(jobIdSchema),
  jobsLeft: z.int(),
  minutesLeft: minutesSchema,
  /** The planned day of its last job; null when nothing is left. */
  finish: plainDateSchema.nullable(),
  paid: centsSchema,
  committed: centsSchema,
  toCome: centsSchema,
});
export type PhaseState = z.infer<typeof phaseStateSchema>;

export const planSchema = z.object({
  now: momentSchema,
  /** Of what it was looked for: a plan stands as long as that is the same. */
  basis: z.string(),
  /** The share of their hours that people are planned to keep, by person. */
  keptShares: z.record(z.string(), z.number()),
  jobs: z.array(plannedJobSchema),
  /** The open jobs as they were given their places: the first had the choice of all hours, the last of what was left. */
  queue: z.array(jobIdSchema),
  gates: z.object({ sleep: gateSummarySchema, live: gateSummarySchema, done: gateSummarySchema }),
  orders: z.array(orderLineSchema),
  decisions: z.array(decisionSchema),
  demands: z.array(demandStateSchema),
  phases: z.array(phaseStateSchema),
  /** Jobs the owner left out. */
  dropped: z.array(
    z.object({
      id: jobIdSchema,
      title: z.string(),
      placeId: placeIdSchema.nullable(),
      floor: z.int().nullable(),
    }),
  ),
  /** Everything to be paid for, in one state each, and what each purchase is for. */
  costs: z.object({ lines: z.array(costLineSchema), covers: z.array(coverSchema) }),
});
export type Plan = z.infer<typeof planSchema>;

const standingJobSchema = plannedJobSchema.pick({
  id: true,
  pace: true,
  start: true,
  finish: true,
  stretches: true,
  shortfalls: true,
});

/** In what a browser kept before the field was renamed, shortfalls are called `lacks`. */
const renamed = (job: unknown): unknown =>
  typeof job === 'object' && job !== null && 'lacks' in job
    ? { shortfalls: job.lacks, ...job }
    : job;

/** A plan that people go by, as far as the next one has to know it. */
export const standingSchema = planSchema.pick({ basis: true, keptShares: true }).extend({
  jobs: z.array(z.preprocess(renamed, standingJobSchema)),
  /** Empty in what was kept before plans told it. */
  queue: planSchema.shape.queue.default([]),
});
export type Standing = z.infer<typeof standingSchema>;

/** What the next plan has to know of this one. */
export const standingOf = ({ basis, keptShares, queue, jobs }: Plan): Standing => ({
  basis,
  keptShares,
  queue,
  jobs: jobs.map(({ id, pace, start, finish, stretches, shortfalls }) => ({
    id,
    pace,
    start,
    finish,
    stretches,
    shortfalls,
  })),
});

export type PlanError =
  /** Jobs on a loop, in order, and why each must come before the next; only own jobs and rules can make one. */
  | { code: 'loop'; jobIds: string[]; titles: string[]; whys: string[] }
  /** Nobody in the calendar has an hour for work that is left. */
  | { code: 'no-hours'; jobId: string };
