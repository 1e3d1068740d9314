import { z } from 'zod';
import { projectSchema } from '../core/house';
import { forecastSchema } from '../core/plan';
import { momentSchema } from '../core/units';

export const PROTOCOL_VERSION = 1;

export const requestSchema = z.object({
  protocolVersion: z.literal(PROTOCOL_VERSION),
  id: z.int(),
  kind: z.literal('forecast'),
  project: projectSchema,
  now: momentSchema,
});
export type WorkerRequest = z.infer<typeof requestSchema>;

const planErrorSchema = z.discriminatedUnion('code', [
  z.object({ code: z.literal('loop'), jobIds: z.array(z.string()) }),
  z.object({ code: z.literal('no-hours'), jobId: z.string() }),
  z.object({ code: z.literal('broke-down'), detail: z.string() }),
]);
export type PlanningError = z.infer<typeof planErrorSchema>;

export const replySchema = z.discriminatedUnion('kind', [
  z.object({ id: z.int(), kind: z.literal('done'), forecast: forecastSchema }),
  z.object({ id: z.int(), kind: z.literal('failed'), error: planErrorSchema }),
]);
export type WorkerReply = z.infer<typeof replySchema>;
