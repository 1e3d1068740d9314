import type { HouseToPlan } from '../house';
import { quietly, toTheEnd, type InSteps } from '../in-steps';
import type { Doubt, Forecast, Plan, PlanError } from '../plan';
import { ok, type Result } from '../result';
import { openRisks } from '../risk';
import { planInSteps } from '../schedule';
import type { Moment } from '../units';
import { drawInSteps, prepareFrom, type Drawn } from './draw';

/** Runs drawn for the screens: enough that the day hardly moves from seed to seed, few enough to follow every edit. */
export const SCREEN_RUNS = 300;
/** Behind the first plan, so that no date ever stands without its doubt. */
const FIRST_RUNS = 60;

/**
 * The plan, and for each gate the likely day (half of the drawn runs are through by then) and the one that is fairly
 * safe (eight in ten are); with the likely days if no suspicion proved true. In steps: the first feasible plan with a
 * rough doubt, then `null` wherever it may be stopped, and the improved one at the end.
 */
export function* forecastInSteps(
  project: HouseToPlan,
  now: Moment,
  runs = SCREEN_RUNS,
): InSteps<Forecast | null, Result<Forecast, PlanError>> {
  const planning = planInSteps(project, now);
  const first = planning.next();
  if (!first.done && first.value) yield yield* drawn(project, now, first.value, FIRST_RUNS);
  const plan = first.done ? first.value : yield* quietly(planning);
  return plan.ok ? ok(yield* drawn(project, now, plan.value, runs)) : plan;
}

/** {@link forecastInSteps} run to its end. */
export const forecastHouse = (
  project: HouseToPlan,
  now: Moment,
  runs = SCREEN_RUNS,
): Result<Forecast, PlanError> => toTheEnd(forecastInSteps(project, now, runs));

function* drawn(
  project: HouseToPlan,
  now: Moment,
  plan: Plan,
  runs: number,
): InSteps<null, Forecast> {
  const prepared = prepareFrom(project, now, plan);
  // What can be planned with its suspicions can be planned without them.
  if (!prepared.ok) throw new Error(`no plan without risks: ${prepared.error.code}`);
  const withFinds = yield* drawInSteps(prepared.value, { runs });
  const calm =
    openRisks(project).length === 0
      ? withFinds
      : yield* drawInSteps(prepared.value, { runs, finds: false });
  const { sleep, live, done } = calm.gates;
  return {
    plan,
    runs,
    cost: { likely: withFinds.cost.p50, fairlySafe: withFinds.cost.p80 },
    decides: withFinds.decides.map(({ jobId, share }) => ({
      jobId,
      percent: Math.round(share * 100),
    })),
    withoutRisks: { sleep: sleep.p50, live: live.p50, done: done.p50 },
    gates: {
      sleep: doubtOf(withFinds, 'sleep'),
      live: doubtOf(withFinds, 'live'),
      done: doubtOf(withFinds, 'done'),
    },
  };
}

const doubtOf = ({ gates }: Drawn, gate: 'sleep' | 'live' | 'done'): Doubt => ({
  likely: gates[gate].p50,
  fairlySafe: gates[gate].p80,
});
