import type { Forecast } from '../core/plan';
import type { Project } from '../core/house';
import { fail, ok, type Result } from '../core/result';
import type { Moment } from '../core/units';
import { PROTOCOL_VERSION, replySchema, type PlanningError } from './protocol';

/** Turns a house into its forecast somewhere else than on the main thread. */
export type Planner = {
  /** Resolves to undefined when `signal` was aborted by a newer edit. */
  forecast(
    project: Project,
    now: Moment,
    signal: AbortSignal,
  ): Promise<Result<Forecast, PlanningError> | undefined>;
};

const TIMEOUT_MS = 30_000;

/** The planner in a web worker, started on first use and again after it broke down or was aborted. */
export function workerPlanner(): Planner {
  let worker: Worker | undefined;
  let nextId = 1;
  const start = () => (worker ??= new Worker(new URL('./planner.worker', window.location.href)));
  const stop = () => {
    worker?.terminate();
    worker = undefined;
  };
  return {
    forecast: (project, now, signal) =>
      new Promise((resolve) => {
        const id = nextId++;
        const running = start();
        const settle = (result: Result<Forecast, PlanningError> | undefined) => {
          clearTimeout(timer);
          running.removeEventListener('message', heard);
          running.removeEventListener('error', broke);
          signal.removeEventListener('abort', aborted);
          resolve(result);
        };
        const heard = ({ data }: MessageEvent<unknown>) => {
          const reply = replySchema.safeParse(data);
          if (!reply.success || reply.data.id !== id) return;
          settle(reply.data.kind === 'done' ? ok(reply.data.forecast) : fail(reply.data.error));
        };
        const broke = (event: ErrorEvent) => {
          stop();
          settle(fail({ code: 'broke-down', detail: event.message }));
        };
        const aborted = () => {
          stop();
          settle(undefined);
        };
        const timer = setTimeout(() => {
          stop();
          settle(fail({ code: 'broke-down', detail: 'no answer in time' }));
        }, TIMEOUT_MS);
        running.addEventListener('message', heard);
        running.addEventListener('error', broke);
        signal.addEventListener('abort', aborted);
        running.postMessage({
          protocolVersion: PROTOCOL_VERSION,
          id,
          kind: 'forecast',
          project,
          now,
        });
      }),
  };
}
