import type { Project } from '../house';
import type { Doubt, Forecast, PlanError } from '../plan';
import { ok, type Result } from '../result';
import { openRisks } from '../risk';
import { planHouse } from '../schedule';
import type { Moment } from '../units';
import { drawFrom, prepareDraw } from './draw';

/** Runs drawn for the screens: enough that the day hardly moves from seed to seed, few enough to follow every edit. */
export const SCREEN_RUNS = 300;

/**
 * The plan, and for each gate the likely day (half of the drawn runs are through by then) and the one that is fairly
 * safe (eight in ten are); with the likely days if no suspicion proved true.
 */
export function forecastHouse(
  project: Project,
  now: Moment,
  runs = SCREEN_RUNS,
): Result<Forecast, PlanError> {
  const plan = planHouse(project, now);
  if (!plan.ok) return plan;
  const prepared = prepareDraw(project, now);
  if (!prepared.ok) return prepared;
  const drawn = drawFrom(prepared.value, { runs });
  const calm =
    openRisks(project).length === 0 ? drawn : drawFrom(prepared.value, { runs, finds: false });
  const doubt = (gate: 'sleep' | 'live' | 'done'): Doubt => {
    const { p50, p80 } = drawn.gates[gate];
    return { likely: p50, fairlySafe: p80 };
  };
  const { sleep, live, done } = calm.gates;
  return ok({
    plan: plan.value,
    runs,
    withoutRisks: { sleep: sleep.p50, live: live.p50, done: done.p50 },
    gates: { sleep: doubt('sleep'), live: doubt('live'), done: doubt('done') },
  });
}
