import type { Project } from '../house';
import type { Doubt, Forecast, Plan, PlanError } from '../plan';
import { ok, type Result } from '../result';
import { WITHOUT_RISKS, planHouse, type Caution } from '../schedule';
import { openRisks } from '../risk';
import type { Moment } from '../units';

/**
 * The careful plan: every own hour a third longer, waits and deliveries a quarter, inspectors half
 * as busy again, and every suspicion of one in five or more true at its worst. One bad-case plan instead of many drawn ones; its date is "fairly safe", not a percentile.
 */
export const CAREFUL: Caution = {
  effort: 1.33,
  waits: 1.25,
  leads: 1.25,
  bookings: 1.5,
  risk: 'high',
};

/** The plan, and for each gate the likely day with the day that is fairly safe. */
export function forecastHouse(project: Project, now: Moment): Result<Forecast, PlanError> {
  const likely = planHouse(project, now);
  if (!likely.ok) return likely;
  const careful = planHouse(project, now, CAREFUL);
  if (!careful.ok) return careful;
  const doubt = (gate: 'sleep' | 'live' | 'done'): Doubt => {
    const [soon, late] = [likely.value.gates[gate].date, careful.value.gates[gate].date];
    // List scheduling may, rarely, finish sooner with longer jobs; a safe date is never the earlier.
    const safe = soon !== null && late !== null && late < soon ? soon : late;
    return { likely: soon, fairlySafe: safe };
  };
  const calm = openRisks(project).length === 0 ? likely : planHouse(project, now, WITHOUT_RISKS);
  if (!calm.ok) return calm;
  const unless = ({ gates }: Plan) => ({
    sleep: gates.sleep.date,
    live: gates.live.date,
    done: gates.done.date,
  });
  return ok({
    plan: likely.value,
    withoutRisks: unless(calm.value),
    gates: { sleep: doubt('sleep'), live: doubt('live'), done: doubt('done') },
  });
}
