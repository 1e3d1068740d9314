import { z } from 'zod';
import { cutErrorSchema, cutPlanSchema, cutProblemSchema } from '../core/estimating/cuts/problem';
import { finishQuoteSchema } from '../core/estimating/finishes/quote-schema';
import { placeSchema, productSchema, slotSchema } from '../core/house';
import { workedSchema } from '../core/estimating/calculators/takeoff-schema';
import { eventBodySchema, type JournalEvent } from '../core/journal';
import { inputChangesSchema } from '../core/planning/input';
import { fileErrorSchema } from '../core/files/file-error';
import {
  forecastSchema,
  gateIdSchema,
  plannedJobSchema,
  standingSchema,
} from '../core/planning/report';
import { droppedSchema, scopeDaySchema } from '../core/estimating/scope-history/past-schema';
import { fitSchema, optionSchema } from '../core/planning/scenarios/fit/schema';
import { whatIfSchema } from '../core/planning/scenarios/whatif/schema';
import {
  centsSchema,
  minutesSchema,
  momentSchema,
  plainDateSchema,
  unitSystemSchema,
} from '../core/units';

export const PROTOCOL_VERSION = 10;

const common = { protocolVersion: z.literal(PROTOCOL_VERSION), id: z.int() };
/**
 * The house is known on both sides and counted in states: a request says what changed since the state `from`, null
 * being none, and which state that makes. A worker that stands at another one asks for everything.
 */
const ground = {
  from: z.int().nullable(),
  state: z.int(),
  changes: inputChangesSchema,
  now: momentSchema,
};

/** The plan people go by, where planning begins; null where there is none yet. */
const from = { standing: standingSchema.nullable() };

export const requestSchema = z.discriminatedUnion('kind', [
  z.object({ ...common, ...ground, ...from, kind: z.literal('forecast') }),
  z.object({
    ...common,
    ...ground,
    ...from,
    kind: z.literal('compare'),
    options: z.array(optionSchema),
  }),
  z.object({
    ...common,
    ...ground,
    ...from,
    kind: z.literal('whatif'),
    tries: z.array(eventBodySchema),
  }),
  /** What it takes for a gate to be likely by a day. */
  z.object({
    ...common,
    ...ground,
    ...from,
    kind: z.literal('fit'),
    gate: fitSchema.shape.gate,
    by: plainDateSchema,
  }),
  /** Whether there is a better plan than the one that stands; asked while nobody waits. */
  z.object({ ...common, ...ground, standing: standingSchema, kind: z.literal('improve') }),
  /** Stops the request of this id; it is answered with `cancelled`. */
  z.object({ ...common, kind: z.literal('cancel') }),
  z.object({ ...common, kind: z.literal('cuts'), problem: cutProblemSchema }),
  /** One calculator with fields that read. */
  z.object({
    ...common,
    kind: z.literal('sum'),
    sum: z.string(),
    fields: z.record(z.string(), z.unknown()),
    place: placeSchema.nullable(),
    units: unitSystemSchema,
  }),
  /** What each of some products would take in a slot of a room. */
  z.object({
    ...common,
    kind: z.literal('quotes'),
    place: placeSchema,
    slot: slotSchema,
    products: z.array(productSchema),
    units: unitSystemSchema,
  }),
  /** The journal as it is stored: events are parsed one by one, as everywhere. */
  z.object({ ...common, kind: z.literal('history'), events: z.array(z.unknown()) }),
  z.object({ ...common, ...ground, kind: z.literal('dropped') }),
  /** An exported house to be read: chosen by somebody, or fetched. */
  z.object({
    ...common,
    kind: z.literal('read-file'),
    file: z.union([z.string(), z.instanceof(Blob)]),
  }),
]);
export type WorkerRequest = z.infer<typeof requestSchema>;

const gateDaysSchema = z.object({ date: plainDateSchema.nullable(), daysLater: z.int() });
const weighedSchema = z.object({
  id: z.string(),
  title: z.string(),
  centsNow: centsSchema,
  centsToEnd: centsSchema,
  contingency: centsSchema,
  centsTotal: centsSchema,
  gates: z.record(gateIdSchema, gateDaysSchema),
  daysLate: z.int(),
  ownMinutes: minutesSchema,
  permits: z.int(),
  inspections: z.int(),
  suspicions: z.int(),
  riskMinutes: minutesSchema,
  yearsGained: z.number().nullable(),
  givesUp: z.string(),
});

const planErrorSchema = z.discriminatedUnion('code', [
  z.object({
    code: z.literal('loop'),
    jobIds: z.array(z.string()),
    titles: z.array(z.string()),
    whys: z.array(z.string()),
  }),
  z.object({ code: z.literal('no-hours'), jobId: z.string() }),
  z.object({ code: z.literal('broke-down'), detail: z.string() }),
  z.object({ code: z.literal('cuts'), error: cutErrorSchema }),
]);
export type PlanningError = z.infer<typeof planErrorSchema>;

export const replySchema = z.discriminatedUnion('kind', [
  z.object({ id: z.int(), kind: z.literal('forecast'), forecast: forecastSchema }),
  /** Jobs of the plan whose forecast follows, which is sent without them. */
  z.object({ id: z.int(), kind: z.literal('jobs'), jobs: z.array(plannedJobSchema) }),
  /** The first feasible plan, while the search goes on. */
  z.object({ id: z.int(), kind: z.literal('progress'), forecast: forecastSchema }),
  z.object({ id: z.int(), kind: z.literal('no-better') }),
  /** The answer takes its time; nothing has broken down. */
  z.object({ id: z.int(), kind: z.literal('working') }),
  z.object({ id: z.int(), kind: z.literal('cancelled') }),
  z.object({ id: z.int(), kind: z.literal('whatif'), whatIf: whatIfSchema }),
  z.object({ id: z.int(), kind: z.literal('fit'), fit: fitSchema }),
  z.object({ id: z.int(), kind: z.literal('compare'), weighed: z.array(weighedSchema) }),
  z.object({ id: z.int(), kind: z.literal('cuts'), plan: cutPlanSchema }),
  z.object({ id: z.int(), kind: z.literal('sum'), worked: workedSchema }),
  /** In the order of the products. */
  z.object({ id: z.int(), kind: z.literal('quotes'), quotes: z.array(finishQuoteSchema) }),
  z.object({ id: z.int(), kind: z.literal('history'), days: z.array(scopeDaySchema) }),
  z.object({ id: z.int(), kind: z.literal('dropped'), dropped: z.array(droppedSchema) }),
  z.object({ id: z.int(), kind: z.literal('failed'), error: planErrorSchema }),
  /** The worker knows another state of the house than the one the changes start from. */
  z.object({ id: z.int(), kind: z.literal('behind') }),
  /** Events and pictures of a file, ahead of the rest; they passed the gate where they were read. */
  z.object({
    id: z.int(),
    kind: z.literal('file-part'),
    events: z.array(z.custom<JournalEvent>()),
    photos: z.array(z.tuple([z.string(), z.string()])),
  }),
  z.object({
    id: z.int(),
    kind: z.literal('file'),
    projectId: z.string(),
    clock: momentSchema.nullable(),
    name: z.string(),
    unread: z.array(z.string()),
    setAside: z.array(z.object({ path: z.string(), reason: z.string() })),
  }),
  z.object({ id: z.int(), kind: z.literal('file-refused'), error: fileErrorSchema }),
]);
export type WorkerReply = z.infer<typeof replySchema>;
