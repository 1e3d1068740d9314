import { z } from 'zod';
import type { Project } from '../house';
import { ok, type Result } from '../result';
import { planHouse, planSchema, type Caution, type PlanError } from '../schedule';
import { plainDateSchema, type Moment } from '../units';

/**
 * The careful plan: every own hour a third longer, waits and deliveries a quarter, inspectors half
 * as busy again. One bad-case plan instead of many drawn ones; its date is "fairly safe", not a percentile.
 */
export const CAREFUL: Caution = { effort: 1.33, waits: 1.25, leads: 1.25, bookings: 1.5 };

const doubtSchema = z.object({
  likely: plainDateSchema.nullable(),
  fairlySafe: plainDateSchema.nullable(),
});
export type Doubt = z.infer<typeof doubtSchema>;

export const forecastSchema = z.object({
  plan: planSchema,
  gates: z.object({ sleep: doubtSchema, live: doubtSchema, done: doubtSchema }),
});
export type Forecast = z.infer<typeof forecastSchema>;

/** The plan, and for each gate the likely day with the day that is fairly safe. */
export function forecastHouse(project: Project, now: Moment): Result<Forecast, PlanError> {
  const likely = planHouse(project, now);
  if (!likely.ok) return likely;
  const careful = planHouse(project, now, CAREFUL);
  if (!careful.ok) return careful;
  const doubt = (gate: 'sleep' | 'live' | 'done'): Doubt => {
    const [soon, late] = [likely.value.gates[gate].date, careful.value.gates[gate].date];
    // List scheduling may, rarely, finish sooner with longer jobs; a safe date is never the earlier.
    return {
      likely: soon,
      fairlySafe: soon !== null && late !== null && late < soon ? soon : late,
    };
  };
  return ok({
    plan: likely.value,
    gates: { sleep: doubt('sleep'), live: doubt('live'), done: doubt('done') },
  });
}
