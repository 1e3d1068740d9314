import { planCuts } from '../core/cuts';
import { forecastHouse } from '../core/forecast';
import { effectiveEvents, parseEvent } from '../core/house';
import { droppedWork } from '../core/survey/dropped';
import { scopeHistory } from '../core/survey/history';
import { weighOptions } from '../core/weigh';
import { requestSchema, type WorkerReply } from './protocol';

/** What the planner worker does with a message; runs without a worker too. */
export function answer(message: unknown): WorkerReply | undefined {
  const read = requestSchema.safeParse(message);
  if (!read.success) return undefined;
  const request = read.data;
  const { id } = request;
  switch (request.kind) {
    case 'forecast': {
      const forecast = forecastHouse(request.project, request.now);
      return forecast.ok
        ? { id, kind: 'forecast', forecast: forecast.value }
        : { id, kind: 'failed', error: forecast.error };
    }
    case 'compare': {
      const weighed = weighOptions(request.project, request.now, request.options);
      return weighed.ok
        ? { id, kind: 'compare', weighed: weighed.value }
        : { id, kind: 'failed', error: weighed.error };
    }
    case 'history': {
      const events = request.events.flatMap((raw) => {
        const read = parseEvent(raw);
        return read.ok ? [read.value] : [];
      });
      return { id, kind: 'history', days: scopeHistory(effectiveEvents(events)) };
    }
    case 'dropped':
      return { id, kind: 'dropped', dropped: droppedWork(request.project) };
    case 'cuts': {
      const plan = planCuts(request.problem);
      return plan.ok
        ? { id, kind: 'cuts', plan: plan.value }
        : { id, kind: 'failed', error: { code: 'cuts', error: plan.error } };
    }
  }
}
