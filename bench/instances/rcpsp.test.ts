import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { scheduleFaultsOf } from './check-schedule';
import { criticalPath, latestFinishPass, lowerBound, readSm, solve, type Instance } from '.';
import { Branch } from '../proof/branch';

const FILE = readFileSync('bench/rcpsp/d30_01.sm', 'utf8');
const read = (text: string): Instance => {
  const result = readSm(text);
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  return result.value;
};
const makespanOf = ({ durations }: Instance, starts: readonly number[]) =>
  Math.max(...starts.map((start, job) => start + (durations[job] ?? 0)));

/** Any project: jobs that wait only for earlier ones, two resources, between a start and an end of no length. */
const anyProject: fc.Arbitrary<Instance> = fc
  .array(
    fc.record({
      duration: fc.integer({ min: 0, max: 6 }),
      needs: fc.tuple(fc.integer({ min: 0, max: 4 }), fc.integer({ min: 0, max: 4 })),
      waits: fc.array(fc.nat({ max: 99 }), { maxLength: 3 }),
    }),
    { minLength: 1, maxLength: 12 },
  )
  .map((jobs) => {
    const last = jobs.length + 1;
    const predecessors = [
      [],
      ...jobs.map(({ waits }, at) => [...new Set([0, ...waits.map((wait) => wait % (at + 1))])]),
      Array.from({ length: last }, (_, job) => job),
    ];
    const successors: number[][] = predecessors.map(() => []);
    predecessors.forEach((before, job) => before.forEach((other) => successors[other]?.push(job)));
    return {
      durations: [0, ...jobs.map(({ duration }) => duration), 0],
      needs: [[0, 0], ...jobs.map(({ needs }) => needs), [0, 0]],
      predecessors,
      successors,
      capacities: [4, 5],
    };
  });

/** The shortest makespan, by trying every order. */
const best = (instance: Instance): number => {
  let least = Infinity;
  const place = (starts: (number | undefined)[]): void => {
    const done = starts.filter((start) => start !== undefined).length;
    const length = Math.max(
      0,
      ...starts.map(
        (start, job) => (start ?? 0) + (start === undefined ? 0 : (instance.durations[job] ?? 0)),
      ),
    );
    if (length >= least) return;
    if (done === starts.length) {
      least = length;
      return;
    }
    starts.forEach((start, job) => {
      const before = instance.predecessors[job] ?? [];
      if (start !== undefined || before.some((other) => starts[other] === undefined)) return;
      const from = Math.max(
        0,
        ...before.map((other) => (starts[other] ?? 0) + (instance.durations[other] ?? 0)),
      );
      for (let at = from; ; at += 1) {
        const next = starts.with(job, at);
        const placed = {
          ...instance,
          successors: instance.successors.map(() => []),
          needs: instance.needs.map((needs, other) =>
            next[other] === undefined ? needs.map(() => 0) : needs,
          ),
        };
        if (
          scheduleFaultsOf(
            placed,
            next.map((value) => value ?? 0),
          ).length > 0
        )
          continue;
        place(next);
        return;
      }
    });
  };
  place(instance.durations.map(() => undefined));
  return least;
};

describe('the general scheduler', () => {
  it('worked by hand: two jobs of 3 and 4 on one machine, a third beside them', () => {
    const instance: Instance = {
      durations: [0, 3, 4, 5, 0],
      needs: [[0], [2], [2], [1], [0]],
      predecessors: [[], [0], [0], [0], [1, 2, 3]],
      successors: [[1, 2, 3], [4], [4], [4], []],
      capacities: [3],
    };
    // 2 + 2 is over 3: one after the other, 7; the third fits beside either.
    expect(lowerBound(instance)).toBe(7);
    expect(criticalPath(instance)).toBe(5);
    expect(solve(instance, { schedules: 50, seed: 1 }).makespan).toBe(7);
  });

  it('every schedule it gives holds, is no shorter than the bound and no longer than one plain pass', () => {
    fc.assert(
      fc.property(
        anyProject,
        fc.integer({ min: 1, max: 300 }),
        fc.nat(),
        (instance, schedules, seed) => {
          const solution = solve(instance, { schedules, seed });
          expect(scheduleFaultsOf(instance, solution.starts)).toEqual([]);
          expect(solution.makespan).toBe(makespanOf(instance, solution.starts));
          expect(solution.schedules).toBeLessThanOrEqual(schedules);
          expect(solution.makespan).toBeGreaterThanOrEqual(lowerBound(instance));
          const pass = latestFinishPass(instance);
          expect(scheduleFaultsOf(instance, pass)).toEqual([]);
          expect(solution.makespan).toBeLessThanOrEqual(makespanOf(instance, pass));
        },
      ),
      { numRuns: 150 },
    );
  });

  it('finds what trying every order finds, on small projects', () => {
    fc.assert(
      fc.property(
        anyProject.filter(({ durations }) => durations.length <= 6),
        (instance) => {
          expect(solve(instance, { schedules: 400, seed: 3 }).makespan).toBe(best(instance));
        },
      ),
      { numRuns: 40 },
    );
  });

  it('branching alone finds the shortest and proves it, whatever it starts from', () => {
    fc.assert(
      fc.property(
        anyProject.filter(({ durations }) => durations.length <= 6),
        fc.integer({ min: 1, max: 20 }),
        (instance, longer) => {
          const shortest = best(instance);
          const found: number[] = [];
          const note = (starts: Int32Array) => {
            expect(scheduleFaultsOf(instance, [...starts])).toEqual([]);
            return found.push(makespanOf(instance, [...starts])) > 0;
          };
          expect(new Branch(instance).search(shortest + longer, 10_000, note)).toBe(true);
          expect(found.at(-1)).toBe(shortest);
          expect(new Branch(instance).search(shortest, 10_000, note)).toBe(true);
          expect(found.at(-1)).toBe(shortest);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('proves an instance of thirty jobs whose bound is far below', () => {
    const instance = read(readFileSync('bench/rcpsp/d30_16.sm', 'utf8'));
    expect(lowerBound(instance)).toBe(50);
    expect(solve(instance, { schedules: 5_000, seed: 2 })).toMatchObject({
      makespan: 64,
      lowerBound: 64,
    });
  });

  it('the same file, seed and number of schedules give the same answer; more schedules never a longer one', () => {
    const instance = read(readFileSync('bench/rcpsp/d60_04.sm', 'utf8'));
    const once = solve(instance, { schedules: 400, seed: 7 });
    expect(solve(instance, { schedules: 400, seed: 7 })).toEqual(once);
    const seen: number[] = [];
    solve(instance, {
      schedules: 400,
      seed: 7,
      onBetter: ({ makespan }) => {
        seen.push(makespan);
        return true;
      },
    });
    // It improves in place: every schedule reported is shorter than the one before.
    expect(seen).toEqual(seen.toSorted((a, b) => b - a));
    expect(seen.at(-1)).toBe(once.makespan);
  });

  it('stops at once when told to', () => {
    const instance = read(readFileSync('bench/rcpsp/d60_04.sm', 'utf8'));
    const first = solve(instance, { schedules: 5_000, seed: 1, onBetter: () => false });
    expect(first.schedules).toBeLessThanOrEqual(3);
    expect(scheduleFaultsOf(instance, first.starts)).toEqual([]);
  });
});

describe('the .sm format', () => {
  it('reads jobs, durations, requests and capacities', () => {
    const instance = read(FILE);
    expect(instance.durations).toHaveLength(32);
    expect(instance.successors[0]).toEqual([1, 2, 3]);
    expect(instance.durations[1]).toBe(10);
    expect(instance.needs[1]).toEqual([0, 2, 0, 0]);
    expect(instance.capacities).toHaveLength(4);
    expect(read(FILE.replaceAll('\n', '\r\n'))).toEqual(instance);
  });

  it.each<[string, (text: string) => string, object]>([
    ['an empty file', () => '', { code: 'missing', section: 'jobs (incl. supersource/sink )' }],
    [
      'no requests',
      (text) => text.slice(0, text.indexOf('REQUESTS')),
      { code: 'missing', section: 'REQUESTS/DURATIONS' },
    ],
    [
      'a word for a number',
      (text) =>
        text.replace('2        1          3          11', '2        1          three      11'),
      { code: 'bad-line', line: 20, reason: '"three" is no whole number' },
    ],
    [
      'a successor too many',
      (text) =>
        text.replace('2        1          3          11', '2        1          4          11'),
      { code: 'bad-line', line: 20, reason: 'job 2 says 4 successors and lists 3' },
    ],
    [
      'a job that is not there',
      (text) => text.replace('11  21  24', '11  21  99'),
      { code: 'bad-line', line: 20, reason: 'there is no job 99' },
    ],
    ['a loop', (text) => text.replace('11  21  24', '11  21   1'), { code: 'loop', jobs: [2, 1] }],
    [
      'two modes',
      (text) =>
        text.replace('2        1          3          11', '2        2          3          11'),
      { code: 'bad-line', line: 20 },
    ],
    [
      'a need no capacity meets',
      (text) => text.replace('  2      1    10       0    2', '  2      1    10      99    2'),
      { code: 'bad-line' },
    ],
  ])('says of %s which line and why', (_, change, error) => {
    const text = change(FILE);
    expect(text).not.toBe(FILE);
    expect(readSm(text)).toMatchObject({ ok: false, error });
  });

  it('reads any text without throwing', () => {
    fc.assert(
      fc.property(fc.string(), fc.nat({ max: 4_000 }), (noise, at) => {
        expect(typeof readSm(FILE.slice(0, at) + noise + FILE.slice(at)).ok).toBe('boolean');
      }),
    );
  });
});
