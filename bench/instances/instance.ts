/** A project of single-mode jobs: each with a duration, successors, and what it needs of renewable resources. */
export type Instance = {
  /** Jobs in file order; the first and last are the start and end of the project. */
  durations: number[];
  successors: number[][];
  predecessors: number[][];
  /** Per job, per resource. */
  needs: number[][];
  capacities: number[];
};

export type InstanceError =
  | { code: 'missing'; section: string }
  | { code: 'bad-line'; line: number; reason: string }
  /** Jobs that wait for each other, in order, counted from 1. */
  | { code: 'loop'; jobs: number[] };

/** Jobs so that each comes after those it waits for; undefined when some wait for each other. */
export function topologicalOrder({
  successors,
  predecessors,
}: Pick<Instance, 'successors' | 'predecessors'>): number[] | undefined {
  const waiting = predecessors.map((before) => before.length);
  const order = [...waiting.keys()].filter((job) => waiting[job] === 0);
  for (let at = 0; at < order.length; at += 1) {
    for (const next of successors[order[at] ?? 0] ?? []) {
      waiting[next] = (waiting[next] ?? 0) - 1;
      if (waiting[next] === 0) order.push(next);
    }
  }
  return order.length === waiting.length ? order : undefined;
}

/** Jobs on one loop, starting from any that never becomes free. */
export function loopIn({
  successors,
  predecessors,
}: Pick<Instance, 'successors' | 'predecessors'>): number[] {
  const waiting = predecessors.map((before) => before.length);
  const free = [...waiting.keys()].filter((job) => waiting[job] === 0);
  for (const job of free) {
    for (const next of successors[job] ?? []) {
      waiting[next] = (waiting[next] ?? 0) - 1;
      if (waiting[next] === 0) free.push(next);
    }
  }
  const stuck = new Set([...waiting.keys()].filter((job) => (waiting[job] ?? 0) > 0));
  const path: number[] = [];
  let at = [...stuck][0] ?? 0;
  while (!path.includes(at)) {
    path.push(at);
    at = (predecessors[at] ?? []).find((before) => stuck.has(before)) ?? at;
  }
  return path.slice(path.indexOf(at)).toReversed();
}

/** The longest way through the precedence relations: no schedule is shorter. */
export function criticalPath(instance: Instance): number {
  const finish = earliestStarts(instance).map(
    (start, job) => start + (instance.durations[job] ?? 0),
  );
  return Math.max(0, ...finish);
}

export function earliestStarts(instance: Instance): number[] {
  const starts = instance.durations.map(() => 0);
  for (const job of topologicalOrder(instance) ?? []) {
    for (const next of instance.successors[job] ?? []) {
      starts[next] = Math.max(
        starts[next] ?? 0,
        (starts[job] ?? 0) + (instance.durations[job] ?? 0),
      );
    }
  }
  return starts;
}

/** Critical path, and for each resource its whole work over its capacity: the larger. */
export function lowerBound(instance: Instance): number {
  const byResource = instance.capacities.map((capacity, resource) => {
    const work = instance.durations.reduce(
      (sum, duration, job) => sum + duration * (instance.needs[job]?.[resource] ?? 0),
      0,
    );
    return capacity > 0 ? Math.ceil(work / capacity) : 0;
  });
  return Math.max(criticalPath(instance), ...byResource);
}
