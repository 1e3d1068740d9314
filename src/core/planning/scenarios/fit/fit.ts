import type { PlanningInput } from '../../../house';
import { quietly, type InSteps } from '../../../in-steps';
import { ok, type Result } from '../../../result';
import { addDays, cents, daysBetween, type Moment, type PlainDate } from '../../../units';
import { forwardOptions, peopleOptions } from '../compare/forward';
import { withOption, type Option } from '../compare/option';
import { planInSteps } from '../../plan-house';
import { jobsOfGate, standingOf, type Plan, type PlanError, type Standing } from '../../report';
import { beside, daysLater, simulate } from '../../simulation';
import type { Fit } from './schema';

/** Orders tried for each house on the way: enough to see what a way does, few enough to try dozens. */
const SCHEDULES = 6;
/** More ways at once than these nobody follows. */
const MOST_WAYS = 8;
/** How often the planned day is aimed nearer because the likely one, with its doubt, was not there yet. */
const AIMS = 3;

type Gate = Fit['gate'];

/** A set of ways, in order, with the house it makes and that house's plan. */
type Tried = { ways: readonly Option[]; house: PlanningInput; plan: Plan };

const moneyOf = ({ plan }: Tried): number => plan.gates.done.moneyLeft;

/** One who gives more hours says who gives which, so it is said anew of the people there are then. */
const sayAnew = (house: PlanningInput, way: Option): Option =>
  peopleOptions(house).find(({ id }) => id === way.id) ?? way;

/** Plans sets of ways for one house and counts how many. */
class Trial {
  tried = 0;

  constructor(
    private readonly project: PlanningInput,
    private readonly now: Moment,
    private readonly gate: Gate,
    private readonly standing: Standing,
  ) {}

  /** The house with a set of ways; undefined where it could not be planned so. */
  *of(ways: readonly Option[]): InSteps<null, Tried | undefined> {
    let house = this.project;
    const said: Option[] = [];
    for (const way of ways) {
      const anew = sayAnew(house, way);
      house = withOption(house, anew);
      said.push(anew);
    }
    this.tried += 1;
    const options = { standing: this.standing, isWeighed: true, schedules: SCHEDULES };
    const plan = yield* quietly(planInSteps(house, this.now, options));
    return plan.ok ? { ways: said, house, plan: plan.value } : undefined;
  }

  /** Days by which a gate is planned after a day; nothing left is in time. */
  daysOver({ plan }: Tried, by: PlainDate): number {
    const { date } = plan.gates[this.gate];
    return date === null ? 0 : Math.max(0, daysBetween(by, date));
  }

  /** The minute by which the gate's last job is through. */
  endOf({ plan }: Tried): number {
    const open = jobsOfGate(plan, this.gate).filter(({ doneOn }) => doneOn === null);
    return Math.max(0, ...open.map(({ finish, wait }) => finish + (wait?.minutes ?? 0)));
  }
}

/** Of two sets, the one nearer to the day; where both are as near, the one sooner through, or the cheaper in time. */
const better =
  (trial: Trial, by: PlainDate) =>
  (one: Tried | undefined, other: Tried): Tried => {
    if (!one) return other;
    const nearer = trial.daysOver(other, by) - trial.daysOver(one, by);
    const isInTime = trial.daysOver(one, by) === 0;
    const tie = isInTime ? moneyOf(other) - moneyOf(one) : trial.endOf(other) - trial.endOf(one);
    return nearer < 0 || (nearer === 0 && tie < 0) ? other : one;
  };

/** Adds the way that brings the gate nearest, be it by an hour, again and again, as long as one does. */
function* greedily(
  trial: Trial,
  from: Tried,
  gate: Gate,
  by: PlainDate,
): InSteps<null, { set: Tried; left: Option[] }> {
  let set = from;
  const seen = new Map<string, Option>();
  while (trial.daysOver(set, by) > 0 && set.ways.length < MOST_WAYS) {
    const taken = new Set(set.ways.map(({ id }) => id));
    const [, ...offered] = forwardOptions(set.house, set.plan, set.plan.gates[gate].chain);
    let best: Tried | undefined;
    for (const way of offered) {
      if (taken.has(way.id)) continue;
      seen.set(way.id, way);
      const tried = yield* trial.of([...set.ways, way]);
      if (tried && trial.endOf(tried) < trial.endOf(set)) {
        best = better(trial, by)(best, tried);
      }
    }
    if (!best) break;
    set = best;
  }
  const taken = new Set(set.ways.map(({ id }) => id));
  return { set, left: [...seen.values()].filter(({ id }) => !taken.has(id)) };
}

/** Leaves out what is not needed, then takes another way for one that costs more, while the set does as much. */
function* exchanged(
  trial: Trial,
  found: Tried,
  left: readonly Option[],
  by: PlainDate,
): InSteps<null, Tried> {
  let set = found;
  const doesAsMuch = (tried: Tried | undefined): tried is Tried =>
    tried !== undefined && trial.daysOver(tried, by) <= trial.daysOver(set, by);
  for (const way of set.ways) {
    const without = yield* trial.of(set.ways.filter(({ id }) => id !== way.id));
    if (doesAsMuch(without)) set = without;
  }
  for (const way of set.ways) {
    for (const other of left) {
      if (set.ways.some(({ id }) => id === other.id)) continue;
      const swapped = yield* trial.of(set.ways.map((each) => (each.id === way.id ? other : each)));
      if (doesAsMuch(swapped) && moneyOf(swapped) < moneyOf(set)) {
        set = swapped;
        break;
      }
    }
  }
  return set;
}

/**
 * What it takes for a gate to be likely by a day, as a set: hours, helpers, hires, works put off, things ordered now.
 * Greedy over single ways by planned day, then exchanges; the day the set is told to bring is drawn with its doubt,
 * under the same luck as the one that stands, and the search goes on where that is not there yet. Fails where the house
 * cannot be planned.
 */
export function* fitBefore(
  project: PlanningInput,
  now: Moment,
  { gate, by }: Pick<Fit, 'gate' | 'by'>,
  standing: Standing | null = null,
): InSteps<null, Result<Fit, PlanError>> {
  const shown = yield* quietly(simulate(project, now, { standing }));
  if (!shown.ok) return shown;
  const { plan, gates } = shown.value.forecast;
  const like = beside(plan);
  const searched = yield* quietly(simulate(project, now, like));
  if (!searched.ok) return searched;
  const trial = new Trial(project, now, gate, standingOf(plan));
  const is = gates[gate];
  const planned = plan.gates[gate].date;
  const base: Tried = { ways: [], house: project, plan };
  let set = base;
  let later = 0;
  let safer = 0;
  // The planned day lies ahead of the likely one: aim as far ahead of the day that is wished for.
  let aim = planned && is.likely ? addDays(by, -daysBetween(planned, is.likely)) : by;
  for (
    let aims = 0;
    aims < AIMS && is.likely && daysBetween(by, is.likely) + later > 0;
    aims += 1
  ) {
    const { set: found, left } = yield* greedily(trial, set, gate, aim);
    set = yield* exchanged(trial, found, left, aim);
    if (set.ways.length === 0) break;
    const simulated = yield* quietly(simulate(set.house, now, like));
    if (!simulated.ok) return simulated;
    later = daysLater(searched.value.drawn, simulated.value.drawn, gate);
    const [was, then] = [searched.value, simulated.value].map(
      ({ forecast }) => forecast.gates[gate].fairlySafe,
    );
    safer = was && then && later !== 0 ? daysBetween(was, then) : 0;
    const over = daysBetween(by, is.likely) + later;
    if (trial.daysOver(set, aim) > 0) break;
    aim = addDays(aim, -Math.max(0, over));
  }
  const moved = (day: PlainDate | null, days: number) => day && addDays(day, days);
  const ways: Fit['ways'] = [];
  for (const way of set.ways) {
    const without = yield* trial.of(set.ways.filter(({ id }) => id !== way.id));
    const [ends, endsWithout] = [set.plan.gates[gate].date, without?.plan.gates[gate].date];
    const daysSooner = ends && endsWithout ? Math.max(0, daysBetween(ends, endsWithout)) : 0;
    ways.push({ ...way, changes: [...way.changes], daysSooner });
  }
  const likely = moved(is.likely, later);
  return ok({
    gate,
    by,
    fits: likely === null || likely <= by,
    ways,
    before: { likely: is.likely, fairlySafe: is.fairlySafe },
    after: { likely, fairlySafe: moved(is.fairlySafe, safer) },
    centsMore: cents(moneyOf(set) - moneyOf(base)),
    minutesMore: set.plan.gates.done.minutesLeft - plan.gates.done.minutesLeft,
    tried: trial.tried,
  });
}
