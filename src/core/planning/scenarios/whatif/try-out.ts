import { beside, daysLater, simulate, type Simulated } from '../../simulation';
import { hardDatesOf, type PlanningInput } from '../../../house';
import type { EventBodyOf } from '../../../journal';
import { withChanges } from '../../input';
import { causeOf, chainBack, sayCause } from '../../explanation';
import {
  roomChanges,
  roomFreeDays,
  type Forecast,
  type PlanError,
  type PlannedJob,
  type Standing,
} from '../../report';
import { ok, type Result } from '../../../result';
import { quietly } from '../../../in-steps';
import { addDays, dateOf, daysBetween, moment, type Moment } from '../../../units';
import type { Missed, Moved, Side, WhatIf } from './schema';

/** More than these nobody reads; the sides say the rest. */
const MOST_MOVED = 60;

/**
 * What a change would do, seen before it is kept: the house planned and forecast without it and with it, by the same
 * rules, hours and luck, from the plan that stands, and every job that begins on another day with what decides it then. Fails where the house
 * could not be planned any more. Yields `null` wherever it may be stopped.
 */
export function* tryOut(
  project: PlanningInput,
  now: Moment,
  changes: readonly EventBodyOf[],
  standing: Standing | null = null,
): Generator<null, Result<WhatIf, PlanError>, void> {
  const house = withChanges(project, changes);
  const before = yield* quietly(simulate(project, now, { standing }));
  if (!before.ok) return before;
  const from = beside(before.value.forecast.plan);
  const searched = yield* quietly(simulate(project, now, from));
  if (!searched.ok) return searched;
  const after = yield* quietly(simulate(house, now, from));
  if (!after.ok) return after;
  const is = after.value.forecast;
  const moved = movedJobs(searched.value.forecast, is);
  const was = sideOf(before.value.forecast);
  return ok({
    before: was,
    after: withToldDays(was, sideOf(is), searched.value, after.value),
    moved: moved.slice(0, MOST_MOVED),
    movedCount: moved.length,
    missed: missedDates(house, is),
  });
}

function sideOf({ plan, gates }: Forecast): Side {
  const gate = (id: 'sleep' | 'live' | 'done') => ({ date: plan.gates[id].date, ...gates[id] });
  return {
    gates: { sleep: gate('sleep'), live: gate('live'), done: gate('done') },
    ownMinutes: plan.gates.done.minutesLeft,
    moneyLeft: plan.gates.done.moneyLeft,
    daysLate: plan.demands.reduce((sum, { daysLate }) => sum + daysLate, 0),
    roomChanges: roomChanges(plan.jobs),
    roomFreeDays: roomFreeDays(plan),
  };
}

/** Each gate as it stands, moved by what can be told between two forecasts of the same search and luck. */
function withToldDays(was: Side, side: Side, before: Simulated, after: Simulated): Side {
  const gate = (id: 'sleep' | 'live' | 'done') => {
    const { likely, fairlySafe } = was.gates[id];
    const is = side.gates[id];
    if (!likely || !fairlySafe || !is.likely) return is;
    const later = daysLater(before.drawn, after.drawn, id);
    const safer = before.forecast.gates[id].fairlySafe;
    const safeLater =
      later === 0 || !safer || !is.fairlySafe ? 0 : daysBetween(safer, is.fairlySafe);
    return { ...is, likely: addDays(likely, later), fairlySafe: addDays(fairlySafe, safeLater) };
  };
  return { ...side, gates: { sleep: gate('sleep'), live: gate('live'), done: gate('done') } };
}

const beginsOn = (job: PlannedJob) => dateOf(moment(job.stretches[0]?.from ?? job.start));

function movedJobs({ plan: before }: Forecast, { plan: after }: Forecast): Moved[] {
  const old = new Map(before.jobs.map((job) => [job.id, job]));
  const fresh = new Set(after.jobs.map(({ id }) => id));
  const about = ({ id, title, placeId }: PlannedJob) => ({ jobId: id, title, placeId });
  const here = after.jobs.flatMap((job): Moved[] => {
    const was = old.get(job.id);
    if (job.doneOn !== null || was?.doneOn) return [];
    const [from, to] = [was ? beginsOn(was) : null, beginsOn(job)];
    if (from === to) return [];
    const why = sayCause(causeOf(after, job), after);
    return [
      { ...about(job), before: from, after: to, days: from ? daysBetween(from, to) : 0, why },
    ];
  });
  const gone = before.jobs
    .filter(({ id, doneOn }) => doneOn === null && !fresh.has(id))
    .map((job): Moved => ({
      ...about(job),
      before: beginsOn(job),
      after: null,
      days: 0,
      why: 'Nothing asks for it any more.',
    }));
  const comesOrGoes = (moved: Moved) => moved.before === null || moved.after === null;
  return [...here, ...gone].sort(
    (a, b) =>
      Number(comesOrGoes(b)) - Number(comesOrGoes(a)) ||
      Math.abs(b.days) - Math.abs(a.days) ||
      a.jobId.localeCompare(b.jobId),
  );
}

const OBJECTIONS = 3;

/** Dates that are missed even though all they cover goes first: by how much, and what stands in the way. */
function missedDates(house: PlanningInput, { plan }: Forecast): Missed[] {
  return plan.demands.flatMap(({ id, finish, lastJobId, daysLate }) => {
    const demand = hardDatesOf(house).find((each) => each.id === id);
    if (!demand || finish === null || lastJobId === null || daysLate === 0) return [];
    const whys = chainBack(plan, lastJobId)
      .filter(({ cause }) => cause.kind !== 'begun' && cause.kind !== 'free')
      .slice(0, OBJECTIONS)
      .map(({ cause }) => sayCause(cause, plan));
    return [{ demandId: id, what: demand.what, by: demand.by, finish, daysLate, whys }];
  });
}
