import fc from 'fast-check';
import { added, anyHouse, chosen, houseOf, place } from '../testing/houses';
import { expandJobs } from '.';

const jobsOf = (...bodies: Parameters<typeof houseOf>) => {
  const jobs = expandJobs(houseOf(...bodies));
  return new Map(jobs.map((job) => [job.id as string, job]));
};

describe('works become jobs', () => {
  it('with quantity, hours and materials from the room: 12 x 10 ft, 8 ft high', () => {
    const jobs = jobsOf(added(place('a')), chosen('a', 'reline'));
    // 352 sq ft of wall at 75 min per 100 = 264, to the next five minutes 265.
    expect(jobs.get('a/board.walls')?.estimate).toBe(265);
    // Sheets of 32 sq ft, 10% waste: 352 x 1.1 / 32 = 12.1, so 13, at $17.
    expect(jobs.get('a/board.walls')?.materials[0]).toMatchObject({ units: 13, price: 22_100 });
  });

  it('counts what is counted: two windows take twice one', () => {
    const one = jobsOf(added(place('a')), chosen('a', 'window', 1)).get('a/shell.window');
    const two = jobsOf(added(place('a')), chosen('a', 'window', 2)).get('a/shell.window');
    expect([one?.estimate, two?.estimate]).toEqual([210, 420]);
    expect(two?.materials[0]?.units).toBe(2);
  });

  it('one job a place and step, however many works ask for it', () => {
    const jobs = jobsOf(added(place('a')), chosen('a', 'reline'), chosen('a', 'repaint'));
    const prime = [...jobs.values()].filter(({ stepId }) => stepId === 'paint.prime');
    expect(prime).toHaveLength(1);
    expect(prime[0]?.because).toHaveLength(2);
  });

  it('old-house steps follow the year built', () => {
    const house = houseOf(added(place('a')), chosen('a', 'reline'));
    const built = (yearBuilt: number) =>
      expandJobs({ ...house, house: { ...house.house, yearBuilt } }).map(({ id }) => id as string);
    expect(built(1928)).toEqual(expect.arrayContaining(['house/survey.test', 'house/safe.abate']));
    expect(built(1985)).toContain('house/survey.test');
    expect(built(1985)).not.toContain('house/safe.abate');
    expect(built(1995)).not.toContain('house/survey.test');
  });

  it('an inspector sees a floor once, however many rooms are on it', () => {
    const jobs = jobsOf(
      added(place('a')),
      added(place('b')),
      chosen('a', 'rewire'),
      chosen('b', 'rewire'),
    );
    expect([...jobs.keys()].filter((id) => id.endsWith('hold.electric'))).toEqual([
      'floor0/hold.electric',
    ]);
  });

  it('grows with the room and never shrinks with another work', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        const larger = {
          ...project,
          places: Object.fromEntries(
            Object.entries(project.places).map(([id, room]) => [
              id,
              { ...room, walls: room.walls.map((wall) => ({ ...wall, length: wall.length * 2 })) },
            ]),
          ),
        } as typeof project;
        const before = new Map(expandJobs(project).map((job) => [job.id, job.estimate]));
        const after = expandJobs(larger);
        expect(after).toHaveLength(before.size);
        for (const job of after) {
          expect(job.estimate).toBeGreaterThanOrEqual(before.get(job.id) ?? Infinity);
        }
      }),
      { numRuns: 40 },
    );
  });
});
