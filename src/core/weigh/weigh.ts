import type { HouseToPlan } from '../house';
import { quietly, toTheEnd, type InSteps } from '../in-steps';
import { isToOrder, type Plan, type PlanError, type Standing } from '../plan';
import { adviseContingency, expectedCost, openRisks } from '../risk';
import { fail, ok, type Result } from '../result';
import { beside, daysLater, foresee, type Foreseen } from '../forecast';
import { expandJobs } from '../steps';
import { addCents, addDays, cents, dateOf, daysBetween, minutes, type Moment } from '../units';
import { withOption, type GateDays, type Option, type Weighed } from '../compare';

/** Money for what must be ordered or hired this soon is money now. */
const SOON_DAYS = 30;

function moneyNow(plan: Plan) {
  const until = addDays(dateOf(plan.now), SOON_DAYS);
  const trades = plan.jobs.flatMap((job) =>
    job.work.kind === 'span' && job.doneOn === null && dateOf(job.start) <= until
      ? [job.work.price]
      : [],
  );
  const orders = plan.orders
    .filter(({ state, orderBy }) => isToOrder({ state }) && orderBy <= until)
    .map(({ price }) => price);
  return addCents([...trades, ...orders]);
}

/**
 * Weighs options side by side by forecasting the house with each: same day, same people, same rules, same luck. The
 * first is where the others begin, so that only what an option changes moves; its days are the ones of every screen.
 * Fails where an option cannot be planned at all.
 */
export function* weighInSteps(
  project: HouseToPlan,
  now: Moment,
  options: readonly Option[],
  standing: Standing | null = null,
): InSteps<null, Result<Weighed[], PlanError>> {
  const weighed: Weighed[] = [];
  let first: Foreseen | undefined;
  for (const option of options) {
    const house = withOption(project, option);
    const from = first ? beside(first.forecast.plan) : { standing };
    const foreseen = yield* quietly(foresee(house, now, from));
    if (!foreseen.ok) return fail(foreseen.error);
    first ??= foreseen.value;
    weighed.push(weigh(house, foreseen.value, option, first));
  }
  return ok(weighed);
}

/** {@link weighInSteps} run to its end. */
export const weighOptions = (
  project: HouseToPlan,
  now: Moment,
  options: readonly Option[],
): Result<Weighed[], PlanError> => toTheEnd(weighInSteps(project, now, options));

function weigh(house: HouseToPlan, foreseen: Foreseen, option: Option, first: Foreseen): Weighed {
  const { plan } = foreseen.forecast;
  const { gates } = plan;
  const risks = openRisks(house);
  const centsToEnd = cents(gates.done.moneyLeft + expectedCost(house));
  const contingency = adviseContingency(house, gates.done.moneyLeft).base;
  const open = plan.jobs.filter(({ doneOn }) => doneOn === null);
  const permitted = new Set(
    expandJobs(house).flatMap(({ id, stepId }) => (stepId === 'permit.apply' ? [id] : [])),
  );
  const gate = (id: 'sleep' | 'live' | 'done'): GateDays => {
    const [date, before] = [foreseen.forecast.gates[id].likely, first.forecast.gates[id].likely];
    // Where no difference can be told, none is shown.
    if (date === null || before === null) return { date, daysLater: 0 };
    if (daysLater(first.drawn, foreseen.drawn, id) === 0) return { date: before, daysLater: 0 };
    return { date, daysLater: daysBetween(before, date) };
  };
  return {
    id: option.id,
    title: option.title,
    centsNow: moneyNow(plan),
    centsToEnd,
    contingency,
    centsTotal: cents(centsToEnd + contingency),
    gates: { sleep: gate('sleep'), live: gate('live'), done: gate('done') },
    daysLate: plan.demands.reduce((sum, { daysLate }) => sum + daysLate, 0),
    ownMinutes: gates.done.minutesLeft,
    permits: open.filter(({ id }) => permitted.has(id)).length,
    inspections: open.filter(({ work }) => work.kind === 'hold').length,
    suspicions: risks.length,
    riskMinutes: minutes(risks.reduce((sum, risk) => sum + risk.expectedMinutes, 0)),
    yearsGained: option.yearsGained,
    givesUp: option.givesUp,
  };
}
