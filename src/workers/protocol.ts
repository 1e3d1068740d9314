import { z } from 'zod';
import { cutErrorSchema, cutPlanSchema, cutProblemSchema } from '../core/cuts/problem';
import { projectSchema } from '../core/house';
import { eventBodySchema } from '../core/journal';
import { forecastSchema, gateIdSchema, plannedJobSchema } from '../core/plan';
import { droppedSchema, scopeDaySchema } from '../core/survey/past-schema';
import { whatIfSchema } from '../core/whatif/schema';
import { centsSchema, minutesSchema, momentSchema, plainDateSchema } from '../core/units';

export const PROTOCOL_VERSION = 5;

const optionSchema = z.object({
  id: z.string(),
  title: z.string(),
  changes: z.array(eventBodySchema),
  yearsGained: z.number().nullable(),
  givesUp: z.string(),
});

const common = { protocolVersion: z.literal(PROTOCOL_VERSION), id: z.int() };
const ground = { project: projectSchema, now: momentSchema };

export const requestSchema = z.discriminatedUnion('kind', [
  z.object({ ...common, ...ground, kind: z.literal('forecast') }),
  z.object({ ...common, ...ground, kind: z.literal('compare'), options: z.array(optionSchema) }),
  z.object({ ...common, ...ground, kind: z.literal('whatif'), changes: z.array(eventBodySchema) }),
  /** Stops the request of this id; it is answered with `cancelled`. */
  z.object({ ...common, kind: z.literal('cancel') }),
  z.object({ ...common, kind: z.literal('cuts'), problem: cutProblemSchema }),
  /** The journal as it is stored: events are parsed one by one, as everywhere. */
  z.object({ ...common, kind: z.literal('history'), events: z.array(z.unknown()) }),
  z.object({ ...common, kind: z.literal('dropped'), project: projectSchema }),
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
  z.object({ id: z.int(), kind: z.literal('cancelled') }),
  z.object({ id: z.int(), kind: z.literal('whatif'), whatIf: whatIfSchema }),
  z.object({ id: z.int(), kind: z.literal('compare'), weighed: z.array(weighedSchema) }),
  z.object({ id: z.int(), kind: z.literal('cuts'), plan: cutPlanSchema }),
  z.object({ id: z.int(), kind: z.literal('history'), days: z.array(scopeDaySchema) }),
  z.object({ id: z.int(), kind: z.literal('dropped'), dropped: z.array(droppedSchema) }),
  z.object({ id: z.int(), kind: z.literal('failed'), error: planErrorSchema }),
]);
export type WorkerReply = z.infer<typeof replySchema>;
