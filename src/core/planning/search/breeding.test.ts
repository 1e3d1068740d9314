import { BothWays } from '../../../../bench/instances/both-ways';
import { Generator } from '../../../../bench/instances/generate';
import { scheduleFaultsOf } from '../../../../bench/instances/check-schedule';
import { drawnInstances } from '../../../../bench/instances/drawn-instances';
import { breed, type Direction, type Member } from './breeding';

const OTHER: Record<Direction, Direction> = { forward: 'backward', backward: 'forward' };

const DRAWN = drawnInstances(30, [0.2, 0.5], 4, 11).map((instance) => {
  const generator = new Generator(instance);
  return { instance, project: new BothWays(instance, generator) };
});

/** The first so many members bred, begun from the jobs in the turn of their numbers. */
function bred(project: BothWays, count: number, schedules = count): Member[] {
  const inTurn = Int32Array.from(project.durations.keys());
  const first = project.generate(inTurn, 'forward');
  const members = breed(project, first, { schedules, seed: 5 });
  return Array.from({ length: count }, () => members.next().value as Member);
}

/** Members one after another that were made the same way. */
function sizesOf(members: readonly Member[]): number[] {
  const sizes: number[] = [];
  members.forEach(({ made }, at) => {
    if (members[at - 1]?.made === made) sizes.push((sizes.pop() ?? 0) + 1);
    else sizes.push(1);
  });
  return sizes;
}

describe('breeding both ways', () => {
  it.each(DRAWN)(
    'makes schedules that hold, and says how long they are',
    ({ instance, project }) => {
      for (const member of bred(project, 300)) {
        const starts = [...project.forwardStarts(member)];
        expect(scheduleFaultsOf(instance, starts)).toEqual([]);
        const ends = starts.map((start, job) => start + (instance.durations[job] ?? 0));
        expect(member.makespan).toBe(Math.max(...ends));
      }
    },
  );

  it.each(DRAWN)('a member placed the other way is no longer: it is justified', ({ project }) => {
    const members = bred(project, 300);
    const justified = members.map(({ sequence, made }) => project.generate(sequence, OTHER[made]));
    members.forEach(({ makespan }, at) => {
      expect(justified[at]?.makespan).toBeLessThanOrEqual(makespan);
    });
    // Of those drawn at random most are shorter for it.
    expect(members.some(({ makespan }, at) => (justified[at]?.makespan ?? 0) < makespan)).toBe(
      true,
    );
  });

  it('turns with every generation, and generations grow smaller', () => {
    const sizes = sizesOf(bred(DRAWN[0]?.project as BothWays, 600));
    expect(sizes.length).toBeGreaterThan(8);
    const bredSizes = sizes.slice(1, -1);
    expect(bredSizes).toEqual(bredSizes.toSorted((a, b) => b - a));
    expect(bredSizes.at(-1)).toBeLessThan((bredSizes[0] ?? 0) / 2);
  });

  it('what is bred is shorter than what is drawn', () => {
    for (const { project } of DRAWN) {
      const members = bred(project, 600);
      const least = (from: number, to: number) =>
        Math.min(...members.slice(from, to).map(({ makespan }) => makespan));
      const mean = (from: number, to: number) =>
        members.slice(from, to).reduce((sum, { makespan }) => sum + makespan, 0) / (to - from);
      expect(mean(500, 600)).toBeLessThan(mean(0, 15));
      expect(least(500, 600)).toBeLessThanOrEqual(least(0, 15));
    }
  });

  it('draws anew when the population has come to rest', () => {
    const sizes = sizesOf(bred(DRAWN[1]?.project as BothWays, 12_000)).slice(1, -1);
    // Bred on and on, no generation would be larger than the one before.
    expect(sizes.some((size, at) => size > (sizes[at - 1] ?? Infinity))).toBe(true);
  });
});
