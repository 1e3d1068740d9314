import { planCuts } from '../core/estimating/cuts';
import { quoteFor } from '../core/estimating/finishes';
import { betterInSteps, forecastInSteps } from '../core/planning/simulation';
import { effectiveEvents, parseEvent } from '../core/journal';
import { readHouseFile, readProjectFile } from '../core/files';
import { shapeOf, type PlanningInput } from '../core/house';
import type { InSteps } from '../core/in-steps';
import { planningInputSchema, withFieldChanges } from '../core/planning/input';
import { droppedWork } from '../core/estimating/scope-history/dropped';
import { scopeHistory } from '../core/estimating/scope-history/history';
import { fitBefore } from '../core/planning/scenarios/fit';
import { weighInSteps } from '../core/planning/scenarios/weigh';
import { tryOut } from '../core/planning/scenarios/whatif';
import { standingOf, type Standing } from '../core/planning/report';
import { hashOf } from '../core/random';
import { findCalculator } from '../core/estimating/calculators';
import { workedSchema } from '../core/estimating/calculators/takeoff-schema';
import { inParts } from './parts';
import { requestSchema, type WorkerReply, type WorkerRequest } from './protocol';

type Steps = InSteps<WorkerReply | null, WorkerReply | null>;

/** A request with the house it is about, where it is about one, and what its file holds. */
type Question = {
  request: WorkerRequest;
  house: PlanningInput | null;
  file?: string | Uint8Array;
};

/** What the planner worker does with a request, in steps between which it listens; runs without a worker too. */
function* answerInSteps({ request, house, file = '' }: Question): Steps {
  const { id } = request;
  const failed = (error: Extract<WorkerReply, { kind: 'failed' }>['error']): WorkerReply => ({
    id,
    kind: 'failed',
    error,
  });
  const noHouse = failed({ code: 'broke-down', detail: 'the house could not be read' });
  switch (request.kind) {
    case 'forecast': {
      if (!house) return noHouse;
      const steps = forecastInSteps(house, request.now, { standing: request.standing });
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
    case 'improve': {
      if (!house) return noHouse;
      const better = yield* betterInSteps(house, request.now, request.standing);
      if (!better.ok) return failed(better.error);
      return better.value
        ? { id, kind: 'forecast', forecast: better.value }
        : { id, kind: 'no-better' };
    }
    case 'compare': {
      if (!house) return noHouse;
      const weighed = yield* weighInSteps(house, request.now, request.options, request.standing);
      return weighed.ok ? { id, kind: 'compare', weighed: weighed.value } : failed(weighed.error);
    }
    case 'whatif': {
      if (!house) return noHouse;
      const tried = yield* tryOut(house, request.now, request.tries, request.standing);
      return tried.ok ? { id, kind: 'whatif', whatIf: tried.value } : failed(tried.error);
    }
    case 'fit': {
      if (!house) return noHouse;
      const { gate, by } = request;
      const fit = yield* fitBefore(house, request.now, { gate, by }, request.standing);
      return fit.ok ? { id, kind: 'fit', fit: fit.value } : failed(fit.error);
    }
    case 'history': {
      const events = request.events.flatMap((raw) => {
        const read = parseEvent(raw);
        return read.ok ? [read.value] : [];
      });
      return { id, kind: 'history', days: scopeHistory(effectiveEvents(events)) };
    }
    case 'dropped':
      return house ? { id, kind: 'dropped', dropped: droppedWork(house) } : noHouse;
    case 'read-file':
      return yield* fileInSteps(id, file);
    case 'cuts': {
      const plan = planCuts(request.problem);
      return plan.ok
        ? { id, kind: 'cuts', plan: plan.value }
        : failed({ code: 'cuts', error: plan.error });
    }
    case 'sum': {
      const { sum, fields, place, units } = request;
      const room = place && shapeOf(place);
      const worked = workedSchema.safeParse(findCalculator(sum)?.work(fields, { room, units }));
      return worked.success
        ? { id, kind: 'sum', worked: worked.data }
        : failed({ code: 'broke-down', detail: `the sum ${sum} was asked what does not read` });
    }
    case 'quotes': {
      const { place, slot, products, units } = request;
      const quotes = products.map((product) => quoteFor(place, slot, product, units));
      return { id, kind: 'quotes', quotes };
    }
    case 'cancel':
      return null;
  }
}

const EVENTS_IN_A_PART = 500;

/** A file's events and pictures in parts small enough to be handed over without a hitch, then the rest. */
function* fileInSteps(id: number, from: string | Uint8Array): Steps {
  const file = typeof from === 'string' ? readProjectFile(from) : readHouseFile(from);
  if (!file.ok) return { id, kind: 'file-refused', error: file.error };
  const { projectId, clock, events, photos, unread, project } = file.value;
  for (let at = 0; at < events.length; at += EVENTS_IN_A_PART) {
    yield { id, kind: 'file-part', events: events.slice(at, at + EVENTS_IN_A_PART), photos: [] };
  }
  for (const photo of Object.entries(photos)) {
    yield { id, kind: 'file-part', events: [], photos: [photo] };
  }
  const setAside = file.value.setAside.map(({ path, reason }) => ({ path, reason }));
  return { id, kind: 'file', projectId, clock, name: project.house.name, unread, setAside };
}

/** So many states back the plan of each is remembered. */
const INCUMBENTS_KEPT = 12;
/** How long to work before listening again. */
const SLICE_MS = 12;
/** How long to work without a word: whoever asked takes a longer silence for a breakdown. */
const WORD_MS = 5_000;

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
  let known: { state: number; house: PlanningInput } | null = null;
  /** The house after what changed; undefined when the changes start from another state than the one known. */
  const houseAfter = (request: WorkerRequest): PlanningInput | null | undefined => {
    if (!('changes' in request)) return null;
    if (request.from !== null && request.from !== known?.state) return undefined;
    const before = request.from === null ? null : known?.house;
    const house = planningInputSchema.safeParse(withFieldChanges(before, request.changes));
    known = house.success ? { state: request.state, house: house.data } : null;
    return known?.house ?? null;
  };
  /** Plans of the last states of the house: what is taken back brings the plan back that stood before it. */
  const incumbent = new Map<number, Standing>();
  const remember = (house: PlanningInput | null, reply: WorkerReply): void => {
    if (!house || reply.kind !== 'forecast') return;
    const key = hashOf(JSON.stringify(house));
    incumbent.delete(key);
    incumbent.set(key, standingOf(reply.forecast.plan));
    const [oldest] = incumbent.keys();
    if (incumbent.size > INCUMBENTS_KEPT && oldest !== undefined) incumbent.delete(oldest);
  };
  const fromWhatStood = (request: WorkerRequest, house: PlanningInput | null): WorkerRequest => {
    if (request.kind !== 'forecast' || !house) return request;
    const standing = incumbent.get(hashOf(JSON.stringify(house))) ?? request.standing;
    return { ...request, standing };
  };
  const run = (
    id: number,
    steps: Steps,
    house: PlanningInput | null = null,
    said = clock(),
  ): void => {
    const begin = clock();
    let lastWord = said;
    if (begin - lastWord > WORD_MS) {
      post({ id, kind: 'working' });
      lastWord = begin;
    }
    while (!cancelled.has(id)) {
      const { value, done } = steps.next();
      if (value) {
        remember(house, value);
        inParts(value).forEach(post);
      }
      if (done) return void running.delete(id);
      if (clock() - begin > SLICE_MS) return later(() => run(id, steps, house, lastWord));
    }
    cancelled.delete(id);
    running.delete(id);
    post({ id, kind: 'cancelled' });
  };
  return (message) => {
    const read = requestSchema.safeParse(message);
    if (!read.success) return;
    const { id, kind } = read.data;
    if (kind === 'cancel') {
      if (running.has(id)) cancelled.add(id);
      return;
    }
    const request = read.data;
    const house = houseAfter(request);
    if (house === undefined) return post({ id, kind: 'behind' });
    running.add(id);
    if (request.kind === 'read-file' && typeof request.file !== 'string') {
      void request.file.arrayBuffer().then(
        (bytes) => run(id, answerInSteps({ request, house, file: new Uint8Array(bytes) })),
        () => post({ id, kind: 'file-refused', error: { code: 'not-json' } }),
      );
    } else {
      const file =
        request.kind === 'read-file' && typeof request.file === 'string' ? request.file : '';
      run(id, answerInSteps({ request: fromWhatStood(request, house), house, file }), house);
    }
  };
}
