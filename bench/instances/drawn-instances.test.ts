import { topologicalOrder, type Instance } from './instance';
import { drawnInstances } from './drawn-instances';

const DRAWN = drawnInstances(60, [0, 0.4, 1], 12, 3);

/** Whether an end is reached from a job without the arc between them. */
const isSaidTwice = ({ successors }: Instance, from: number, to: number): boolean => {
  const seen = new Set<number>();
  const open = (successors[from] ?? []).filter((next) => next !== to);
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    if (at === to) return true;
    if (!seen.has(at)) open.push(...(successors[at] ?? []));
    seen.add(at);
  }
  return false;
};

describe('instances drawn for the benchmark', () => {
  it('have every job once on a way from start to end, and no arc that others say already', () => {
    for (const instance of DRAWN) {
      expect(instance.durations).toHaveLength(62);
      expect(topologicalOrder(instance)).toHaveLength(62);
      instance.successors.forEach((after, job) => {
        expect(after.length > 0).toBe(job !== 61);
        expect(instance.predecessors[job]?.length === 0).toBe(job === 0);
        expect(new Set(after).size).toBe(after.length);
        for (const next of after) expect(isSaidTwice(instance, job, next)).toBe(false);
      });
    }
  });

  it('have arcs by their complexity, capacities for every job, and more of them the stronger', () => {
    const room = DRAWN.map(({ needs, capacities }) =>
      capacities.map((units, resource) => {
        const most = Math.max(...needs.map((need) => need[resource] ?? 0));
        expect(units).toBeGreaterThanOrEqual(Math.max(1, most));
        return units - Math.max(1, most);
      }),
    );
    // Without strength there is just enough for the hungriest job.
    expect(new Set(room.filter((_, at) => at % 3 === 0).flat())).toEqual(new Set([0]));
    const sum = (at: number) =>
      room.filter((_, index) => index % 3 === at).reduce((all, each) => all + Math.max(...each), 0);
    expect(sum(2)).toBeGreaterThan(sum(1));
    for (const { successors } of DRAWN) {
      expect(successors.flat().length / 62).toBeGreaterThan(1.4);
      expect(successors.flat().length / 62).toBeLessThan(2.4);
    }
  });

  it('are the same again from the same seed, others from another', () => {
    expect(drawnInstances(60, [0, 0.4, 1], 12, 3)).toEqual(DRAWN);
    expect(drawnInstances(60, [0, 0.4, 1], 12, 4)).not.toEqual(DRAWN);
  });
});
