import { type PlanningInput, effortLeft, progressOf } from '../../house';
import { quietly, toTheEnd, type InSteps } from '../../in-steps';
import {
  standingOf,
  type Doubt,
  type Forecast,
  type Plan,
  type PlanError,
  type Standing,
} from '../report';
import { ok, type Result } from '../../result';
import { openRisks } from '../../survey/risk';
import { planInOrder, planInSteps } from '../plan-house';
import type { ScheduleModel } from '../model/schedule-model';
import { PACE_KINDS } from '../learning';
import type { Job } from '../../trade/steps';
import { minutes, type Moment } from '../../units';
import { drawInSteps, prepareFrom, type Drawn, type Prepared } from './draw';

/** Runs drawn for the screens: enough that the day hardly moves from seed to seed, few enough to follow every edit. */
export const SCREEN_RUNS = 300;
/** Behind the first plan, so that no date ever stands without its doubt. */
const FIRST_RUNS = 60;

/** Runs drawn, and the plan people go by. */
export type ForecastOptions = {
  runs?: number;
  standing?: Standing | null;
  isWeighed?: boolean;
};

/**
 * How both sides of a comparison are simulated: from the plan that stands, with the same search. What a search finds for
 * one side only would be no effect of the change.
 */
export const beside = (plan: Plan): ForecastOptions => ({
  standing: standingOf(plan),
  isWeighed: true,
});

/** A forecast with the runs behind it, which only a comparison needs. */
export type Simulated = { forecast: Forecast; drawn: Drawn };

/**
 * The plan, and for each gate the likely day (half of the drawn runs are through by then) and the one that is fairly
 * safe (eight in ten are); with the likely days if no suspicion proved true. In steps: the first feasible plan with a
 * rough doubt, then `null` wherever it may be stopped, and the improved one at the end.
 */
export function* forecastInSteps(
  project: PlanningInput,
  now: Moment,
  options: ForecastOptions = {},
): InSteps<Forecast | null, Result<Forecast, PlanError>> {
  const simulated = yield* simulate(project, now, options);
  return simulated.ok ? ok(simulated.value.forecast) : simulated;
}

/** The plan and the draws of the rest of the house, in steps. Fails as planning does. */
export function* simulate(
  project: PlanningInput,
  now: Moment,
  { runs = SCREEN_RUNS, standing = null, isWeighed = false }: ForecastOptions = {},
): InSteps<Forecast | null, Result<Simulated, PlanError>> {
  const planning = planInSteps(project, now, { standing, isWeighed });
  const first = planning.next();
  const second = first.done ? first : planning.next();
  // Where nothing is looked for the first plan is the last, and one doubt is enough.
  const rough = !first.done && !second.done && first.value;
  const laidOut = rough ? prepared(project, now, rough) : undefined;
  if (rough && laidOut) yield (yield* drawn(project, now, rough, FIRST_RUNS, laidOut)).forecast;
  const plan = second.done ? second.value : yield* quietly(planning);
  if (!plan.ok) return plan;
  // Nothing better found: it is laid out already.
  const known = plan.value === rough ? laidOut : undefined;
  return ok(yield* drawn(project, now, plan.value, runs, known));
}

/** What can be planned with its suspicions can be planned without them. */
function prepared(project: PlanningInput, now: Moment, plan: Plan): Prepared {
  const laidOut = prepareFrom(project, now, plan);
  if (!laidOut.ok) throw new Error(`no plan without risks: ${laidOut.error.code}`);
  return laidOut.value;
}

/**
 * Looks on from the plan that stands, for as long as the house needs: the forecast by a better order, one that brings a
 * gate nearer and takes none further away; null where there is none.
 */
export function* betterInSteps(
  project: PlanningInput,
  now: Moment,
  standing: Standing,
): InSteps<null, Result<Forecast | null, PlanError>> {
  const planning = planInSteps(project, now, { standing, isWeighed: true, isIdle: true });
  const first = planning.next();
  const stands = first.done ? null : first.value;
  const found = first.done ? first.value : yield* quietly(planning);
  if (!found.ok) return found;
  if (found.value === stands) return ok(null);
  return ok((yield* drawn(project, now, found.value, SCREEN_RUNS)).forecast);
}

/** {@link forecastInSteps} run to its end. */
export const forecastHouse = (
  project: PlanningInput,
  now: Moment,
  runs = SCREEN_RUNS,
): Result<Forecast, PlanError> => toTheEnd(forecastInSteps(project, now, { runs }));

function* drawn(
  project: PlanningInput,
  now: Moment,
  plan: Plan,
  runs: number,
  laidOut = prepared(project, now, plan),
): InSteps<null, Simulated> {
  const withFinds = yield* drawInSteps(laidOut, { runs });
  const groundless =
    openRisks(project).length === 0
      ? withFinds
      : yield* drawInSteps(laidOut, { runs, finds: false });
  const { sleep, live, done } = groundless.gates;
  const forecast: Forecast = {
    plan,
    learned: {
      ...learnedOf(laidOut.model),
      atGuess: atGuess(project, now, plan, laidOut),
    },
    runs,
    cost: { likely: withFinds.cost.p50, fairlySafe: withFinds.cost.p80 },
    decides: withFinds.decides.map(({ jobId, share }) => ({
      jobId,
      percent: Math.round(share * 100),
    })),
    withoutRisks: { sleep: sleep.p50, live: live.p50, done: done.p50 },
    ends: withFinds.sets.flatMap(({ id, p50, p80 }) =>
      p50 && p80 ? [{ id, likely: p50, fairlySafe: p80 }] : [],
    ),
    gates: {
      sleep: doubtOf(withFinds, 'sleep'),
      live: doubtOf(withFinds, 'live'),
      done: doubtOf(withFinds, 'done'),
    },
  };
  return { forecast, drawn: withFinds };
}

const doubtOf = ({ gates }: Drawn, gate: 'sleep' | 'live' | 'done'): Doubt => ({
  soonest: gates[gate].p10,
  likely: gates[gate].p50,
  fairlySafe: gates[gate].p80,
  latest: gates[gate].p95,
});

/** The days of the gates, were every job to take what it was guessed at. */
function atGuess(
  project: PlanningInput,
  now: Moment,
  plan: Plan,
  { model }: Prepared,
): Forecast['learned']['atGuess'] {
  if (model.learned.paces.points.length === 0) return null;
  const guessed = planInOrder(project, now, plan, { learns: false });
  if (!guessed.ok) return null;
  const { sleep, live, done } = guessed.value.gates;
  return { sleep: sleep.date, live: live.date, done: done.date };
}

/** What the log has taught, kind of work by kind of work and person by person, with what it was taken from. */
function learnedOf({
  jobs,
  progress,
  learned,
}: ScheduleModel): Omit<Forecast['learned'], 'atGuess'> {
  const { paces, kept, paceOf } = learned;
  const leftAt = (pace: (job: Job) => number) =>
    minutes(
      jobs.reduce((sum, job) => sum + effortLeft(job, progressOf(progress, job.id), pace(job)), 0),
    );
  const points = paces.points.map(({ kind, ratio, on, job }) => ({ kind, ratio, on, jobId: job }));
  return {
    points,
    left: { guessed: leftAt(() => 1), planned: leftAt(paceOf) },
    paces: PACE_KINDS.filter((kind) => points.some((point) => point.kind === kind)).map((kind) => {
      const own = points.filter((point) => point.kind === kind);
      return {
        kind,
        ...paces.ofKind(kind),
        jobs: own.length,
        days: new Set(own.map(({ on }) => on)).size,
      };
    }),
    kept: [...kept].map(([personId, hours]) => ({ personId, ...hours })),
  };
}
