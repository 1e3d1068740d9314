/** What small changes do to a plan, for whoever goes by a standing plan and for whoever asks anew each time. */
import { planningInputOf } from '../src/core/house';
import fc from 'fast-check';
import { planHouse } from '../src/core/planning/plan-house';
import { standingOf } from '../src/core/planning/report';
import {
  PERTURBATIONS,
  laterJobs,
  perturbationsOf,
  type Perturbed,
  type Planner,
} from '../src/core/testing/perturbations';
import { anyRenovation } from '../src/core/testing/renovations';
import { daysBetween, plainDate } from '../src/core/units';

const FIRST = plainDate('2026-01-05');
const GATES = ['sleep', 'live', 'done'] as const;

const planning =
  (isStanding: boolean): Planner =>
  (house, now, before) => {
    const standing = isStanding && before ? standingOf(before) : null;
    const plan = planHouse(planningInputOf(house), now, { standing });
    if (!plan.ok) throw new Error(plan.error.code);
    return plan.value;
  };

const WAYS = { 'from the standing plan': planning(true), 'asked anew': planning(false) };

const gateLater = ({ before, after }: Perturbed): number =>
  Math.max(
    ...GATES.map((gate) => {
      const [was, is] = [before.gates[gate].date, after.gates[gate].date];
      return was && is ? daysBetween(was, is) : 0;
    }),
  );

/** One row a way and kind of change: how often a gate, and how often any job, is later than it may be. */
export function perturbationRows({ houses = 12, days = 15, seed = 11 } = {}): string[][] {
  const drawn = fc.sample(anyRenovation, { numRuns: houses, seed });
  return Object.entries(WAYS).flatMap(([way, plan]) => {
    const all = drawn.flatMap((house) => [...perturbationsOf(house, FIRST, days, plan)]);
    return PERTURBATIONS.map((kind) => {
      const those = all.filter((each) => each.kind === kind);
      const may = kind === 'ten minutes more' ? 1 : 0;
      const gates = those.map(gateLater);
      const jobs = those.filter(
        ({ before, after }) => (laterJobs(before, after)[0]?.days ?? 0) > may,
      );
      const late = gates.filter((later) => later > may).length;
      return [
        `${kind}, ${way}`,
        `${those.length} of ${houses} houses, seed ${seed}`,
        `a gate more than ${may} d later in ${late}, at most ${Math.max(...gates)} d`,
        kind === 'more hours' || kind === 'a helper' ? '' : `some job in ${jobs.length}`,
      ];
    });
  });
}
