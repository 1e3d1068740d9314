import { planCuts } from '../core/cuts';
import { forecastInSteps } from '../core/forecast';
import { effectiveEvents, parseEvent } from '../core/journal';
import type { InSteps } from '../core/in-steps';
import { droppedWork } from '../core/survey/dropped';
import { scopeHistory } from '../core/survey/history';
import { weighInSteps } from '../core/weigh';
import { tryOut } from '../core/whatif';
import { inParts } from './parts';
import { requestSchema, type WorkerReply, type WorkerRequest } from './protocol';

type Steps = InSteps<WorkerReply | null, WorkerReply | null>;

/** What the planner worker does with a request, in steps between which it listens; runs without a worker too. */
export function* answerInSteps(request: WorkerRequest): Steps {
  const { id } = request;
  const failed = (error: Extract<WorkerReply, { kind: 'failed' }>['error']): WorkerReply => ({
    id,
    kind: 'failed',
    error,
  });
  switch (request.kind) {
    case 'forecast': {
      const steps = forecastInSteps(request.project, request.now);
      for (;;) {
        const step = steps.next();
        if (!step.done) {
          yield step.value && { id, kind: 'progress', forecast: step.value };
        } else {
          const forecast = step.value;
          return forecast.ok
            ? { id, kind: 'forecast', forecast: forecast.value }
            : failed(forecast.error);
        }
      }
    }
    case 'compare': {
      const weighed = yield* weighInSteps(request.project, request.now, request.options);
      return weighed.ok ? { id, kind: 'compare', weighed: weighed.value } : failed(weighed.error);
    }
    case 'whatif': {
      const tried = yield* tryOut(request.project, request.now, request.changes);
      return tried.ok ? { id, kind: 'whatif', whatIf: tried.value } : failed(tried.error);
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
        : failed({ code: 'cuts', error: plan.error });
    }
    case 'cancel':
      return null;
  }
}

/** How long to work before listening again. */
const SLICE_MS = 12;

/**
 * A worker's ear: answers requests in slices, so that a newer word, `cancel` above all, is heard between them. What
 * cannot be read is not answered.
 */
export function listen(
  post: (reply: WorkerReply) => void,
  later: (next: () => void) => void,
  clock: () => number,
): (message: unknown) => void {
  const running = new Set<number>();
  const cancelled = new Set<number>();
  const run = (id: number, steps: Steps): void => {
    const begin = clock();
    while (!cancelled.has(id)) {
      const { value, done } = steps.next();
      if (value) inParts(value).forEach(post);
      if (done) return void running.delete(id);
      if (clock() - begin > SLICE_MS) return later(() => run(id, steps));
    }
    cancelled.delete(id);
    running.delete(id);
    post({ id, kind: 'cancelled' });
  };
  return (message) => {
    const read = requestSchema.safeParse(message);
    if (!read.success) return;
    const { id, kind } = read.data;
    if (kind !== 'cancel') {
      running.add(id);
      run(id, answerInSteps(read.data));
    } else if (running.has(id)) cancelled.add(id);
  };
}
