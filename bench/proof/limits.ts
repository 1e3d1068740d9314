import { topologicalOrder, type Instance } from '../instances/instance';

/** Of these jobs, running ones never need more than the capacity together: a resource, or what follows from them. */
export type Limit = { capacity: number; needs: Int32Array; jobs: Int32Array };

/** Groups of jobs that exclude each other: more of them prove more and cost more. */
const MOST_GROUPS = 12;

/**
 * The resources themselves; each once more by halves (of jobs that need more than half, one runs at a time; of those
 * that need just half, two); and groups of jobs no two of which can run together, by precedence or by what they need.
 */
export function limitsOf(instance: Instance): Limit[] {
  const { capacities, needs, durations } = instance;
  const jobs = [...durations.keys()];
  const byResource = capacities.flatMap((capacity, resource) => {
    const need = jobs.map((job) => needs[job]?.[resource] ?? 0);
    return [
      { capacity, need },
      { capacity: 2, need: need.map((each) => 1 + Math.sign(2 * each - capacity)) },
    ];
  });
  const groups = exclusiveGroups(instance).map((group) => ({
    capacity: 1,
    need: jobs.map((job) => (group.includes(job) ? 1 : 0)),
  }));
  return [...byResource, ...groups].map(({ capacity, need }) => ({
    capacity,
    needs: Int32Array.from(need),
    jobs: Int32Array.from(jobs.filter((job) => (need[job] ?? 0) > 0 && (durations[job] ?? 0) > 0)),
  }));
}

/** The longest groups found by adding, to each job, those that exclude all so far: longest first, or most excluding. */
function exclusiveGroups(instance: Instance): number[][] {
  const { durations } = instance;
  const excludes = exclusions(instance);
  const real = [...durations.keys()].filter((job) => (durations[job] ?? 0) > 0);
  const length = (group: readonly number[]) =>
    group.reduce((sum, job) => sum + (durations[job] ?? 0), 0);
  const weight = real.map((job) => length(real.filter((other) => excludes(job, other))));
  const orders = [
    real.toSorted((a, b) => (durations[b] ?? 0) - (durations[a] ?? 0)),
    real.toSorted((a, b) => (weight[real.indexOf(b)] ?? 0) - (weight[real.indexOf(a)] ?? 0)),
  ];
  const groups = new Map<string, number[]>();
  for (const seed of real) {
    for (const order of orders) {
      const group = [seed];
      for (const job of order) {
        if (group.every((member) => member !== job && excludes(member, job))) group.push(job);
      }
      groups.set(group.toSorted((a, b) => a - b).join(), group);
    }
  }
  return [...groups.values()].toSorted((a, b) => length(b) - length(a)).slice(0, MOST_GROUPS);
}

function exclusions({ successors, predecessors, needs, capacities }: Instance) {
  const after = successors.map(() => new Set<number>());
  for (const job of (topologicalOrder({ successors, predecessors }) ?? []).toReversed()) {
    for (const next of successors[job] ?? []) {
      after[job]?.add(next);
      after[next]?.forEach((later) => after[job]?.add(later));
    }
  }
  return (a: number, b: number): boolean =>
    after[a]?.has(b) === true ||
    after[b]?.has(a) === true ||
    capacities.some(
      (capacity, resource) => (needs[a]?.[resource] ?? 0) + (needs[b]?.[resource] ?? 0) > capacity,
    );
}
