import { freeze } from '@reduxjs/toolkit';
import type { Option, Weighed } from '../core/compare';
import type { CutPlan, CutProblem } from '../core/cuts';
import type { Dropped, ScopeDay } from '../core/survey/past-schema';
import type { Project } from '../core/house';
import type { EventBodyOf } from '../core/journal';
import type { Forecast } from '../core/plan';
import { fail, ok, type Result } from '../core/result';
import type { Moment } from '../core/units';
import type { WhatIf } from '../core/whatif/schema';
import { joiner } from './parts';
import {
  PROTOCOL_VERSION,
  replySchema,
  type PlanningError,
  type WorkerReply,
  type WorkerRequest,
} from './protocol';

type Answer<T> = Promise<Result<T, PlanningError> | undefined>;

/** Plans a house somewhere else than on the main thread. Undefined when `signal` was aborted by a newer edit. */
export type Planner = {
  /** `onFirst` hears the first feasible plan while the search goes on. */
  forecast(
    project: Project,
    now: Moment,
    signal: AbortSignal,
    onFirst: (forecast: Forecast) => void,
  ): Answer<Forecast>;
  compare(
    project: Project,
    now: Moment,
    options: readonly Option[],
    signal: AbortSignal,
  ): Answer<Weighed[]>;
  whatIf(
    project: Project,
    now: Moment,
    changes: readonly EventBodyOf[],
    signal: AbortSignal,
  ): Answer<WhatIf>;
  cuts(problem: CutProblem, signal: AbortSignal): Answer<CutPlan>;
  history(events: readonly unknown[]): Answer<ScopeDay[]>;
  dropped(project: Project): Answer<Dropped[]>;
};

/** Without a word; a first plan, or a part of the answer, is one. */
const TIMEOUT_MS = 30_000;

type Asked = WorkerRequest extends infer R
  ? R extends WorkerRequest
    ? Omit<R, 'id' | 'protocolVersion'>
    : never
  : never;

/** One worker that answers one question at a time, started on first use and again after it broke down. */
function workerLine() {
  let worker: Worker | undefined;
  let nextId = 1;
  const start = () => (worker ??= new Worker(new URL('./planner.worker', window.location.href)));
  const stop = () => {
    worker?.terminate();
    worker = undefined;
  };
  const ask = (
    request: Asked,
    signal: AbortSignal,
    onFirst: (forecast: Forecast) => void,
  ): Answer<WorkerReply> =>
    new Promise((resolve) => {
      const id = nextId++;
      const running = start();
      const joined = joiner();
      const settle = (result: Result<WorkerReply, PlanningError> | undefined) => {
        clearTimeout(timer);
        running.removeEventListener('message', heard);
        running.removeEventListener('error', broke);
        signal.removeEventListener('abort', aborted);
        resolve(result);
      };
      const heard = ({ data }: MessageEvent<unknown>) => {
        const part = replySchema.safeParse(data);
        if (!part.success || part.data.id !== id) return;
        clearTimeout(timer);
        timer = timeOut();
        // Frozen part by part, the store need not freeze a whole house at once.
        const reply = joined(freeze(part.data, true));
        if (!reply) return;
        if (reply.kind === 'progress') onFirst(reply.forecast);
        else if (reply.kind === 'cancelled') settle(undefined);
        else settle(reply.kind === 'failed' ? fail(reply.error) : ok(reply));
      };
      const broke = (event: ErrorEvent) => {
        stop();
        settle(fail({ code: 'broke-down', detail: event.message }));
      };
      const aborted = () => {
        running.postMessage({ protocolVersion: PROTOCOL_VERSION, id, kind: 'cancel' });
        settle(undefined);
      };
      const timeOut = () =>
        setTimeout(() => {
          stop();
          settle(fail(SILENT));
        }, TIMEOUT_MS);
      let timer = timeOut();
      running.addEventListener('message', heard);
      running.addEventListener('error', broke);
      signal.addEventListener('abort', aborted);
      running.postMessage({ protocolVersion: PROTOCOL_VERSION, id, ...request });
    });
  return async (
    request: Asked,
    signal: AbortSignal,
    onFirst: (forecast: Forecast) => void = () => undefined,
  ): Answer<WorkerReply> => {
    const result = await ask(request, signal, onFirst);
    const isSilent = result !== undefined && !result.ok && result.error === SILENT;
    return isSilent && !signal.aborted ? ask(request, signal, onFirst) : result;
  };
}

/** A worker whose script hangs on its way never says a word: it is started anew, once, before anybody is told. */
const SILENT: PlanningError = { code: 'broke-down', detail: 'no answer in time' };

const NEVER = new AbortController().signal;
const wrongKind = () => fail({ code: 'broke-down' as const, detail: 'the wrong kind of answer' });

/** The planner in web workers: a question from a screen never waits behind the forecast, nor aborts it. */
export function workerPlanner(): Planner {
  const [planning, comparing, cutting] = [workerLine(), workerLine(), workerLine()];
  return {
    forecast: async (project, now, signal, onFirst) => {
      const reply = await planning({ kind: 'forecast', project, now }, signal, onFirst);
      if (!reply?.ok) return reply;
      return reply.value.kind === 'forecast' ? ok(reply.value.forecast) : wrongKind();
    },
    compare: async (project, now, options, signal) => {
      const reply = await comparing(
        { kind: 'compare', project, now, options: [...options] as never },
        signal,
      );
      if (!reply?.ok) return reply;
      return reply.value.kind === 'compare' ? ok(reply.value.weighed) : wrongKind();
    },
    whatIf: async (project, now, changes, signal) => {
      const reply = await comparing(
        { kind: 'whatif', project, now, changes: [...changes] },
        signal,
      );
      if (!reply?.ok) return reply;
      return reply.value.kind === 'whatif' ? ok(reply.value.whatIf) : wrongKind();
    },
    cuts: async (problem, signal) => {
      const reply = await cutting({ kind: 'cuts', problem: problem as never }, signal);
      if (!reply?.ok) return reply;
      return reply.value.kind === 'cuts' ? ok(reply.value.plan) : wrongKind();
    },
    history: async (events) => {
      const reply = await comparing({ kind: 'history', events: [...events] }, NEVER);
      if (!reply?.ok) return reply;
      return reply.value.kind === 'history' ? ok(reply.value.days) : wrongKind();
    },
    dropped: async (project) => {
      const reply = await comparing({ kind: 'dropped', project }, NEVER);
      if (!reply?.ok) return reply;
      return reply.value.kind === 'dropped' ? ok(reply.value.dropped) : wrongKind();
    },
  };
}
