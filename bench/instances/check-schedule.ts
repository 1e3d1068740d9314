import type { Instance } from '.';

/** Everything wrong with a schedule of a general project, found without the solver: order, and resources at every time. */
export function scheduleFaultsOf(instance: Instance, starts: readonly number[]): string[] {
  const { durations, successors, needs, capacities } = instance;
  const finish = (job: number) => (starts[job] ?? 0) + (durations[job] ?? 0);
  const faults: string[] = [];
  if (starts.length !== durations.length) faults.push(`${starts.length} starts`);
  successors.forEach((after, job) => {
    for (const next of after) {
      if ((starts[next] ?? 0) < finish(job)) faults.push(`${next} before the end of ${job}`);
    }
  });
  const end = Math.max(0, ...durations.map((_, job) => finish(job)));
  for (let time = 0; time < end; time += 1) {
    capacities.forEach((capacity, resource) => {
      const used = durations.reduce(
        (sum, _, job) =>
          (starts[job] ?? 0) <= time && time < finish(job)
            ? sum + (needs[job]?.[resource] ?? 0)
            : sum,
        0,
      );
      if (used > capacity) faults.push(`resource ${resource} at ${time}: ${used} of ${capacity}`);
    });
  }
  return faults;
}
