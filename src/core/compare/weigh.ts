import { applyEvent, type Project } from '../house';
import type { Plan, PlanError } from '../plan';
import { adviseContingency, expectedCost, openRisks } from '../risk';
import { fail, ok, type Result } from '../result';
import { planHouse } from '../schedule';
import { expandJobs } from '../steps';
import { addCents, addDays, cents, dateOf, daysBetween, minutes, type Moment } from '../units';
import type { GateDays, Option, Weighed } from './option';

/** Money for what must be ordered or hired this soon is money now. */
const SOON_DAYS = 30;

/** The house as it would be; an option that the house cannot take leaves it as it is. */
export const withOption = (project: Project, option: Option): Project =>
  option.changes.reduce<Project>((house, change) => applyEvent(house, change) ?? house, project);

function moneyNow(plan: Plan) {
  const until = addDays(dateOf(plan.now), SOON_DAYS);
  const trades = plan.jobs.flatMap((job) =>
    job.work.kind === 'span' && job.doneOn === null && dateOf(job.start) <= until
      ? [job.work.price]
      : [],
  );
  const orders = plan.orders
    .filter(({ state, orderBy }) => state === 'to-order' && orderBy <= until)
    .map(({ price }) => price);
  return addCents([...trades, ...orders]);
}

/**
 * Weighs options side by side by planning the house with each: same day, same people, same rules. Fails where an
 * option cannot be planned at all.
 */
export function weighOptions(
  project: Project,
  now: Moment,
  options: readonly Option[],
): Result<Weighed[], PlanError> {
  const weighed: Weighed[] = [];
  for (const option of options) {
    const house = withOption(project, option);
    const planned = planHouse(house, now);
    if (!planned.ok) return fail(planned.error);
    weighed.push(weigh(house, planned.value, option, weighed[0]));
  }
  return ok(weighed);
}

function weigh(house: Project, plan: Plan, option: Option, against: Weighed | undefined): Weighed {
  const { gates } = plan;
  const risks = openRisks(house);
  const centsToEnd = cents(gates.done.moneyLeft + expectedCost(house));
  const contingency = adviseContingency(house, gates.done.moneyLeft).base;
  const open = plan.jobs.filter(({ doneOn }) => doneOn === null);
  const permitted = new Set(
    expandJobs(house).flatMap(({ id, stepId }) => (stepId === 'permit.apply' ? [id] : [])),
  );
  const gate = (id: 'sleep' | 'live' | 'done'): GateDays => {
    const { date } = gates[id];
    const first = against?.gates[id].date ?? date;
    return { date, daysLater: date === null || first === null ? 0 : daysBetween(first, date) };
  };
  return {
    id: option.id,
    title: option.title,
    centsNow: moneyNow(plan),
    centsToEnd,
    contingency,
    centsTotal: cents(centsToEnd + contingency),
    gates: { sleep: gate('sleep'), live: gate('live'), done: gate('done') },
    ownMinutes: gates.done.minutesLeft,
    permits: open.filter(({ id }) => permitted.has(id)).length,
    inspections: open.filter(({ work }) => work.kind === 'hold').length,
    suspicions: risks.length,
    riskMinutes: minutes(risks.reduce((sum, risk) => sum + risk.expectedMinutes, 0)),
    yearsGained: option.yearsGained,
    givesUp: option.givesUp,
  };
}

/** What would turn the answer round. */
export type Flip =
  /** The dearer one would draw level if its price fell by this much. */
  | { kind: 'price'; cheaper: string; dearer: string; by: number }
  /** The dearer one saves own hours: worth it to whom an hour is worth more than this. */
  | { kind: 'hour'; cheaper: string; dearer: string; centsAnHour: number }
  /** The cheaper one is a gamble: from this chance in percent on it is no longer cheaper. */
  | { kind: 'chance'; cheaper: string; dearer: string; percent: number };

type Pair = { cheaper: Weighed; dearer: Weighed };

function pairOf(options: readonly Weighed[]): Pair | undefined {
  const [cheaper, dearer] = options.toSorted((a, b) => a.centsTotal - b.centsTotal);
  return cheaper && dearer ? { cheaper, dearer } : undefined;
}

/**
 * What would flip the choice between the two cheapest options: a price, the worth of an hour, and, when a
 * suspicion hangs on the element, its chance. `gamble` is chance in percent and cost in cents if it comes true.
 */
export function flipsOf(
  options: readonly Weighed[],
  gamble: { optionId: string; chance: number; cents: number } | null = null,
): Flip[] {
  const pair = pairOf(options);
  if (!pair || pair.dearer.centsTotal === pair.cheaper.centsTotal) return [];
  const { cheaper, dearer } = pair;
  const by = dearer.centsTotal - cheaper.centsTotal;
  const names = { cheaper: cheaper.title, dearer: dearer.title };
  const hoursSaved = (cheaper.ownMinutes - dearer.ownMinutes) / 60;
  const flips: Flip[] = [{ kind: 'price', ...names, by }];
  if (hoursSaved > 0) {
    flips.push({ kind: 'hour', ...names, centsAnHour: Math.round(by / hoursSaved) });
  }
  if (gamble && gamble.optionId === cheaper.id && gamble.cents > 0) {
    const percent = Math.ceil(gamble.chance + (100 * by) / gamble.cents);
    if (percent <= 100) flips.push({ kind: 'chance', ...names, percent });
  }
  return flips;
}
