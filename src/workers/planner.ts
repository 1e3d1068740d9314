import { freeze } from '@reduxjs/toolkit';
import type { FinishQuote } from '../core/estimating/finishes/quote-schema';
import type { WorkedOut } from '../core/estimating/calculators/takeoff-schema';
import type { Option, Weighed } from '../core/planning/scenarios/compare';
import type { CutPlan, CutProblem } from '../core/estimating/cuts';
import type { Dropped, ScopeDay } from '../core/estimating/scope-history/past-schema';
import type { PlanningInput } from '../core/house';
import type { FileError } from '../core/files';
import type { EventBodyOf, JournalEvent } from '../core/journal';
import type { Forecast, Standing } from '../core/planning/report';
import { changesBetween } from '../core/planning/input';
import { fail, ok, type Result } from '../core/result';
import type { Moment } from '../core/units';
import type { Fit } from '../core/planning/scenarios/fit/schema';
import type { WhatIf } from '../core/planning/scenarios/whatif/schema';
import { joiner } from './parts';
import {
  PROTOCOL_VERSION,
  replySchema,
  type PlanningError,
  type WorkerReply,
  type WorkerRequest,
} from './protocol';

type Answer<T> = Promise<Result<T, PlanningError> | undefined>;

/** What is asked about: a house, at a moment, from the plan people go by where there is one. */
export type PlanRequest = { house: PlanningInput; now: Moment; standing: Standing | null };

/** Plans a house somewhere else than on the main thread. Undefined when `signal` was aborted by a newer edit. */
export type Planner = {
  /** `onFirst` hears the first feasible plan while the search goes on. */
  forecast(
    asked: PlanRequest,
    signal: AbortSignal,
    onFirst: (forecast: Forecast) => void,
  ): Answer<Forecast>;
  /** A forecast by a better plan than the one that stands; null where there is none. */
  improve(
    asked: PlanRequest & { standing: Standing },
    signal: AbortSignal,
  ): Answer<Forecast | null>;
  compare(asked: PlanRequest, options: readonly Option[], signal: AbortSignal): Answer<Weighed[]>;
  whatIf(asked: PlanRequest, tries: readonly EventBodyOf[], signal: AbortSignal): Answer<WhatIf>;
  /** What it takes for a gate to be likely by a day. */
  fit(asked: PlanRequest, wish: Pick<Fit, 'gate' | 'by'>, signal: AbortSignal): Answer<Fit>;
  cuts(problem: CutProblem, signal: AbortSignal): Answer<CutPlan>;
  sum(asked: SumAsked, signal: AbortSignal): Answer<WorkedOut>;
  /** In the order of the products. */
  quotes(asked: QuotesAsked, signal: AbortSignal): Answer<FinishQuote[]>;
  history(events: readonly unknown[]): Answer<ScopeDay[]>;
  dropped(house: PlanningInput): Answer<Dropped[]>;
  /** Reads an exported house. What cannot be read for reasons of its own is an error of the file. */
  readFile(file: Blob | string): Answer<Result<FileRead, FileError>>;
};

type Of<K extends WorkerRequest['kind']> = Omit<
  Extract<WorkerRequest, { kind: K }>,
  'id' | 'protocolVersion' | 'kind'
>;
export type SumAsked = Of<'sum'>;
export type QuotesAsked = Of<'quotes'>;

/** A file's contents, its events in stretches as they came. */
type FileRead = Omit<Extract<WorkerReply, { kind: 'file' }>, 'id' | 'kind'> & {
  events: JournalEvent[][];
  photos: [id: string, picture: string][];
};

/** Without a word; a first plan, or a part of the answer, is one. */
const TIMEOUT_MS = 30_000;

type Request = WorkerRequest extends infer R
  ? R extends WorkerRequest
    ? Omit<R, 'id' | 'protocolVersion' | 'from' | 'state' | 'changes'>
    : never
  : never;

/** A question, with the house it is about. */
type Question = { asked: Request; house?: PlanningInput };

/** What a question hears before its answer. */
type Ears = {
  first?: (forecast: Forecast) => void;
  part?: (part: Extract<WorkerReply, { kind: 'file-part' }>) => void;
};

/** One worker that answers one question at a time, started on first use and again after it broke down. */
function workerLine() {
  let worker: Worker | undefined;
  let nextId = 1;
  /** The house as the running worker knows it. */
  let sent: { state: number; house: PlanningInput } | null = null;
  const start = () => (worker ??= new Worker(new URL('./planner.worker', window.location.href)));
  const stop = () => {
    worker?.terminate();
    worker = undefined;
    sent = null;
  };
  /** What has to be told of the house: only what changed since the worker was told last. */
  const told = (house: PlanningInput | undefined) => {
    if (!house) return {};
    const changes = changesBetween(sent?.house ?? null, house);
    const from = sent?.state ?? null;
    sent = { state: (from ?? 0) + 1, house };
    return { from, state: sent.state, changes };
  };
  const ask = ({ asked, house }: Question, signal: AbortSignal, ears: Ears): Answer<WorkerReply> =>
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
        if (part.data.kind === 'working') return;
        // Frozen part by part, the store need not freeze a whole house at once.
        const reply = joined(freeze(part.data, true));
        if (!reply) return;
        if (reply.kind === 'progress') ears.first?.(reply.forecast);
        else if (reply.kind === 'file-part') ears.part?.(reply);
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
      running.postMessage({ protocolVersion: PROTOCOL_VERSION, id, ...asked, ...told(house) });
    });
  return async (question: Question, signal: AbortSignal, ears: Ears = {}): Answer<WorkerReply> => {
    const result = await ask(question, signal, ears);
    if (signal.aborted || !result) return result;
    const isSilent = !result.ok && result.error === SILENT;
    const isBehind = result.ok && result.value.kind === 'behind';
    if (isBehind) sent = null;
    return isSilent || isBehind ? ask(question, signal, ears) : result;
  };
}

/** A worker whose script hangs on its way never says a word: it is started anew, once, before anybody is told. */
const SILENT: PlanningError = { code: 'broke-down', detail: 'no answer in time' };

const NEVER = new AbortController().signal;
const wrongKind = () => fail({ code: 'broke-down' as const, detail: 'the wrong kind of answer' });

/** The planner in web workers: a question from a screen never waits behind the forecast, nor aborts it. */
export function workerPlanner(): Planner {
  const [planning, comparing, working] = [workerLine(), workerLine(), workerLine()];
  let waitedFor = 0;
  let looking = new AbortController();
  /** Somebody waits for this answer: what is looked for while nobody asks makes way. */
  const first = async <T>(answer: () => Promise<T>): Promise<T> => {
    waitedFor += 1;
    looking.abort();
    return answer().finally(() => (waitedFor -= 1));
  };
  return {
    forecast: async ({ house, ...asked }, signal, onFirst) => {
      const request = { kind: 'forecast' as const, ...asked };
      const reply = await planning({ asked: request, house }, signal, { first: onFirst });
      if (!reply?.ok) return reply;
      return reply.value.kind === 'forecast' ? ok(reply.value.forecast) : wrongKind();
    },
    improve: async ({ house, ...asked }, signal) => {
      if (waitedFor > 0) return undefined;
      const own = new AbortController();
      looking = own;
      signal.addEventListener('abort', () => own.abort());
      const reply = await planning({ asked: { kind: 'improve', ...asked }, house }, own.signal);
      if (!reply?.ok) return reply;
      if (reply.value.kind === 'no-better') return ok(null);
      return reply.value.kind === 'forecast' ? ok(reply.value.forecast) : wrongKind();
    },
    compare: async ({ house, ...asked }, options, signal) => {
      const request = { kind: 'compare' as const, ...asked, options: options.map(sendable) };
      const reply = await first(() => comparing({ asked: request, house }, signal));
      if (!reply?.ok) return reply;
      return reply.value.kind === 'compare' ? ok(reply.value.weighed) : wrongKind();
    },
    whatIf: async ({ house, ...asked }, tries, signal) => {
      const request = { kind: 'whatif' as const, ...asked, tries: [...tries] };
      const reply = await first(() => comparing({ asked: request, house }, signal));
      if (!reply?.ok) return reply;
      return reply.value.kind === 'whatif' ? ok(reply.value.whatIf) : wrongKind();
    },
    fit: async ({ house, ...asked }, wish, signal) => {
      const request = { kind: 'fit' as const, ...asked, ...wish };
      const reply = await first(() => comparing({ asked: request, house }, signal));
      if (!reply?.ok) return reply;
      return reply.value.kind === 'fit' ? ok(reply.value.fit) : wrongKind();
    },
    cuts: async ({ kerf, stock, pieces }, signal) => {
      const reply = await working(
        { asked: { kind: 'cuts', problem: { kerf, stock: [...stock], pieces: [...pieces] } } },
        signal,
      );
      if (!reply?.ok) return reply;
      return reply.value.kind === 'cuts' ? ok(reply.value.plan) : wrongKind();
    },
    sum: async (asked, signal) => {
      const reply = await working({ asked: { kind: 'sum', ...asked } }, signal);
      if (!reply?.ok) return reply;
      return reply.value.kind === 'sum' ? ok(reply.value.worked) : wrongKind();
    },
    quotes: async (asked, signal) => {
      const reply = await working({ asked: { kind: 'quotes', ...asked } }, signal);
      if (!reply?.ok) return reply;
      return reply.value.kind === 'quotes' ? ok(reply.value.quotes) : wrongKind();
    },
    history: async (events) => {
      const reply = await comparing({ asked: { kind: 'history', events: [...events] } }, NEVER);
      if (!reply?.ok) return reply;
      return reply.value.kind === 'history' ? ok(reply.value.days) : wrongKind();
    },
    dropped: async (house) => {
      const asked = { kind: 'dropped' as const, now: NO_MOMENT };
      const reply = await comparing({ asked, house }, NEVER);
      if (!reply?.ok) return reply;
      return reply.value.kind === 'dropped' ? ok(reply.value.dropped) : wrongKind();
    },
    readFile: async (file) => {
      const events: JournalEvent[][] = [];
      const photos: [string, string][] = [];
      const reply = await working({ asked: { kind: 'read-file', file } }, NEVER, {
        part: (part) => {
          if (part.events.length > 0) events.push(part.events);
          photos.push(...part.photos);
        },
      });
      if (!reply?.ok) return reply;
      if (reply.value.kind === 'file-refused') return ok(fail(reply.value.error));
      if (reply.value.kind !== 'file') return wrongKind();
      const { projectId, clock, name, unread, setAside } = reply.value;
      return ok(ok({ projectId, clock, name, unread, setAside, events, photos }));
    },
  };
}

const sendable = ({ changes, ...option }: Option) => ({ ...option, changes: [...changes] });

/** What was dropped does not depend on the hour. */
const NO_MOMENT = 0 as Moment;
