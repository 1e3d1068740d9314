import type { PlanningInput } from '../../../house';
import { quietly, toTheEnd, type InSteps } from '../../../in-steps';
import type { Plan, PlanError, Standing } from '../../report';
import { isToOrder } from '../../../estimating/purchasing/order-line';
import { adviseContingency, expectedCost, openRisks } from '../../../survey/risk';
import { fail, ok, type Result } from '../../../result';
import { beside, daysLater, simulate, type Simulated } from '../../simulation';
import { expandJobs } from '../../../estimating/jobs';
import { addCents, addDays, cents, dateOf, minutes, type Moment } from '../../../units';
import { withOption, type GateDays, type Option, type Weighed } from '../compare';

/** Money for what must be ordered or hired this soon is money now. */
const SOON_DAYS = 30;

function moneyNow(plan: Plan) {
  const until = addDays(dateOf(plan.now), SOON_DAYS);
  const trades = plan.jobs.flatMap((job) =>
    job.work.kind === 'subcontract' && job.doneOn === null && dateOf(job.start) <= until
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
  project: PlanningInput,
  now: Moment,
  options: readonly Option[],
  standing: Standing | null = null,
): InSteps<null, Result<Weighed[], PlanError>> {
  const weighed: Weighed[] = [];
  let first: First | undefined;
  for (const option of options) {
    const house = withOption(project, option);
    if (!first) {
      const shown = yield* quietly(simulate(house, now, { standing }));
      if (!shown.ok) return fail(shown.error);
      const searched = yield* quietly(simulate(house, now, beside(shown.value.forecast.plan)));
      if (!searched.ok) return fail(searched.error);
      first = { shown: shown.value, searched: searched.value };
      weighed.push(weigh(house, first.shown, option, first));
      continue;
    }
    const simulated = yield* quietly(simulate(house, now, beside(first.shown.forecast.plan)));
    if (!simulated.ok) return fail(simulated.error);
    weighed.push(weigh(house, simulated.value, option, first));
  }
  return ok(weighed);
}

/** {@link weighInSteps} run to its end. */
export const weighOptions = (
  project: PlanningInput,
  now: Moment,
  options: readonly Option[],
): Result<Weighed[], PlanError> => toTheEnd(weighInSteps(project, now, options));

/** The first option as every screen shows it, and as searched as the others. */
type First = { shown: Simulated; searched: Simulated };

function weigh(house: PlanningInput, simulated: Simulated, option: Option, first: First): Weighed {
  const { plan } = simulated.forecast;
  const { gates } = plan;
  const risks = openRisks(house);
  const centsToEnd = cents(gates.done.moneyLeft + expectedCost(house));
  const contingency = adviseContingency(house, gates.done.moneyLeft).base;
  const open = plan.jobs.filter(({ doneOn }) => doneOn === null);
  const permitted = new Set(
    expandJobs(house, { isBare: true }).flatMap(({ id, stepId }) =>
      stepId === 'permit.apply' ? [id] : [],
    ),
  );
  const gate = (id: 'sleep' | 'live' | 'done'): GateDays => {
    const { likely } = simulated.forecast.gates[id];
    const shown = first.shown.forecast.gates[id].likely;
    if (likely === null || shown === null || simulated === first.shown) {
      return { date: likely, daysLater: 0 };
    }
    const later = daysLater(first.searched.drawn, simulated.drawn, id);
    return { date: addDays(shown, later), daysLater: later };
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
    inspections: open.filter(({ work }) => work.kind === 'inspection').length,
    suspicions: risks.length,
    riskMinutes: minutes(risks.reduce((sum, risk) => sum + risk.expectedMinutes, 0)),
    yearsGained: option.yearsGained,
    givesUp: option.givesUp,
  };
}
