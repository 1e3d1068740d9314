import { forecastHouse } from '../core/forecast';
import { weighOptions } from '../core/weigh';
import { requestSchema, type WorkerReply } from './protocol';

/** What the planner worker does with a message; runs without a worker too. */
export function answer(message: unknown): WorkerReply | undefined {
  const read = requestSchema.safeParse(message);
  if (!read.success) return undefined;
  const request = read.data;
  const { id, project, now } = request;
  switch (request.kind) {
    case 'forecast': {
      const forecast = forecastHouse(project, now);
      return forecast.ok
        ? { id, kind: 'forecast', forecast: forecast.value }
        : { id, kind: 'failed', error: forecast.error };
    }
    case 'compare': {
      const weighed = weighOptions(project, now, request.options);
      return weighed.ok
        ? { id, kind: 'compare', weighed: weighed.value }
        : { id, kind: 'failed', error: weighed.error };
    }
  }
}
