import { forecastHouse } from '../core/forecast';
import { requestSchema, type WorkerReply } from './protocol';

/** What the planner worker does with a message; runs without a worker too. */
export function answer(message: unknown): WorkerReply | undefined {
  const request = requestSchema.safeParse(message);
  if (!request.success) return undefined;
  const { id, project, now } = request.data;
  const forecast = forecastHouse(project, now);
  return forecast.ok
    ? { id, kind: 'done', forecast: forecast.value }
    : { id, kind: 'failed', error: forecast.error };
}
