import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { planningInputOf, type OpeningChange } from '../../house';
import type { EventBodyOf } from '../../journal';
import { added, anyHouse, chosen, houseOf, place } from '../../testing/houses';
import { fromFeet, plainDate } from '../../units';
import { expandJobs } from '.';

const jobsOf = (...bodies: Parameters<typeof houseOf>) => {
  const jobs = expandJobs(planningInputOf(houseOf(...bodies)));
  return new Map(jobs.map((job) => [job.id as string, job]));
};

describe('works become jobs', () => {
  it('with quantity, hours and materials from the room: 12 x 10 ft, 8 ft high', () => {
    const jobs = jobsOf(added(place('a')), chosen('a', 'reline'));
    // 352 sq ft of wall at 156 min per 100 = 549, to the next five minutes 550.
    expect(jobs.get('a/board.walls')?.estimate).toBe(550);
    // Sheets of 32 sq ft, 10% waste: 352 x 1.1 / 32 = 12.1, so 13, at $17.
    expect(jobs.get('a/board.walls')?.materials[0]).toMatchObject({ units: 13, price: 22_100 });
  });

  it('counts what is counted: two windows take twice one', () => {
    const one = jobsOf(added(place('a')), chosen('a', 'window', 1)).get('a/shell.window');
    const two = jobsOf(added(place('a')), chosen('a', 'window', 2)).get('a/shell.window');
    expect([one?.estimate, two?.estimate]).toEqual([330, 660]);
    expect(two?.materials[0]?.units).toBe(2);
  });

  it('what is counted adds up; what a room has once is done once, whoever asks', () => {
    const jobs = jobsOf(
      added(place('a')),
      chosen('a', 'window', 2),
      chosen('a', 'inside-doors', 1),
      chosen('a', 'rewire'),
      chosen('a', 'heat-pump'),
    );
    expect(jobs.get('a/trim.casing')?.quantity).toEqual({ kind: 'count', count: 3 });
    expect(jobs.get('a/rough.cable')?.quantity).toEqual({ kind: 'count', count: 1 });
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
      expandJobs(planningInputOf({ ...house, house: { ...house.house, yearBuilt } })).map(
        ({ id }) => id as string,
      );
    expect(built(1928)).toContain('house/survey.test');
    expect(built(1985)).toContain('house/survey.test');
    expect(built(1995)).not.toContain('house/survey.test');
  });

  it('nothing is removed by a firm before a test, or the owner, says so', () => {
    const ids = (...works: string[]) => [
      ...jobsOf(added(place('a')), ...works.map((work) => chosen('a', work))).keys(),
    ];
    expect(ids('reline')).not.toContain('house/safe.abate');
    expect(ids('reline', 'abatement')).toContain('house/safe.abate');
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
        const before = new Map(
          expandJobs(planningInputOf(project)).map((job) => [job.id, job.estimate]),
        );
        const after = expandJobs(planningInputOf(larger));
        expect(after).toHaveLength(before.size);
        for (const job of after) {
          expect(job.estimate).toBeGreaterThanOrEqual(before.get(job.id) ?? Infinity);
        }
      }),
      { numRuns: 40 },
    );
  });
});

const saidToBe = (
  placeId: string,
  state: 'shell' | 'to-build' | 'becomes',
  kind?: 'bedroom',
): EventBodyOf => ({
  type: 'placeStateSaid',
  payload: {
    placeId: idOf(placeId),
    state,
    on: plainDate('2026-01-05'),
    ...(kind ? { kind } : {}),
  },
});
const ids = (...bodies: Parameters<typeof houseOf>) => [...jobsOf(...bodies).keys()];

describe('what a place is today', () => {
  const OLD = /survey\.test|dust-wall|site\.bin|demo\./;

  it('nothing is tested, walled off or torn out where nothing stands', () => {
    const works = [chosen('a', 'finish-shell'), chosen('a', 'new-floor')];
    expect(ids(added(place('a')), ...works).filter((id) => OLD.test(id))).not.toEqual([]);
    for (const state of ['shell', 'to-build'] as const) {
      const bare = ids(added(place('a')), saidToBe('a', state), ...works);
      expect(bare.filter((id) => OLD.test(id))).toEqual([]);
      expect(bare).toContain('a/floor.lay');
    }
  });

  it('a porch that becomes a bedroom keeps its history, and what it was', () => {
    const house = houseOf(added(place('p', 'porch')), saidToBe('p', 'becomes', 'bedroom'));
    expect(house.places.p?.kind).toBe('bedroom');
    expect(house.placeStates.p).toMatchObject({ state: 'becomes', was: 'porch' });
    const again = houseOf(
      added(place('p', 'porch')),
      saidToBe('p', 'becomes', 'bedroom'),
      saidToBe('p', 'becomes'),
    );
    expect(again.placeStates.p?.was).toBe('porch');
  });

  it('lived in: nobody moves in, no locks of the first day, no certificate, alarms at once', () => {
    const house = houseOf(added(place('a')), chosen('a', 'rewire'));
    const livedIn = { ...house, house: { ...house.house, occupancy: 'lived-in' as const } };
    const of = (project: typeof house) =>
      expandJobs(planningInputOf(project)).map(({ id }) => id as string);
    const MOVING = ['house/move.in', 'house/safe.locks', 'house/final.occupancy'];
    expect(of(house)).toEqual(expect.arrayContaining(MOVING));
    expect(of(house)).not.toContain('house/site.alarms');
    expect(of(livedIn).filter((id) => MOVING.includes(id))).toEqual([]);
    expect(of(livedIn)).toContain('house/site.alarms');
  });

  it('the only bath of a household that stays brings its stand-ins; one of two does not', () => {
    const only = houseOf(added(place('b', 'bathroom')), chosen('b', 'bathroom'));
    const two = houseOf(
      added(place('b', 'bathroom')),
      added(place('c', 'bathroom')),
      chosen('b', 'bathroom'),
    );
    const of = ({ house, ...rest }: typeof only) =>
      expandJobs(planningInputOf({ ...rest, house: { ...house, occupancy: 'lived-in' as const } }))
        .map(({ id }) => id as string)
        .filter((id) => /temp\.|pieces/.test(id));
    expect(of(only)).toEqual(['b/pieces.here', 'b/temp.toilet', 'b/temp.wash']);
    expect(of(two)).toEqual([]);
    expect(expandJobs(planningInputOf(only)).some(({ id }) => id.includes('temp.'))).toBe(false);
  });
});

describe('visits belong to a phase', () => {
  const baths = [
    added(place('b', 'bathroom')),
    added(place('c', 'bathroom')),
    chosen('b', 'bathroom'),
    chosen('c', 'bathroom'),
  ];
  const visits = (project: ReturnType<typeof houseOf>) =>
    expandJobs(planningInputOf(project))
      .map(({ id }) => id as string)
      .filter((id) => id.endsWith('hold.plumbing'));

  it('two baths in turn are visited twice, and what comes once comes once', () => {
    const house = houseOf(...baths);
    const livedIn = { ...house, house: { ...house.house, occupancy: 'lived-in' as const } };
    expect(visits(house)).toEqual(['floor0/hold.plumbing']);
    expect(visits(livedIn)).toEqual(['b/hold.plumbing', 'c/hold.plumbing']);
    const permits = expandJobs(planningInputOf(livedIn)).filter(
      ({ stepId }) => stepId === 'permit.apply',
    );
    expect(permits.map(({ serves }) => serves)).toEqual([['b', 'c']]);
  });

  it('a visit that was booked or held for the floor stays one for the floor', () => {
    const house = houseOf(...baths, {
      type: 'inspectionHeld',
      payload: {
        jobId: idOf('floor0/hold.plumbing'),
        on: plainDate('2026-02-02'),
        result: 'passed',
        note: null,
      },
    } as EventBodyOf);
    const livedIn = { ...house, house: { ...house.house, occupancy: 'lived-in' as const } };
    expect(visits(livedIn)).toEqual(['floor0/hold.plumbing']);
  });
});

describe('a changed opening', () => {
  const change = (more: Partial<OpeningChange> = {}, nth?: number): EventBodyOf => ({
    type: 'workChosen',
    payload: {
      id: idOf(`o${nth ?? 1}`),
      placeId: idOf('a'),
      workId: 'change-opening',
      count: 1,
      opening: {
        change: 'window-to-door',
        wall: 'frame',
        header: true,
        linesInTheWay: false,
        now: null,
        then: null,
        ...more,
      },
      ...(nth ? { nth } : {}),
    },
  });
  const steps = (...bodies: EventBodyOf[]) => ids(added(place('a', 'living')), ...bodies);
  const size = (feet: number) => ({
    width: fromFeet(feet),
    height: fromFeet(4),
    sill: fromFeet(3),
  });

  it('with its header in a frame wall is one day: no engineer, no props, no framing', () => {
    const found = steps(change());
    expect(found).toEqual(
      expect.arrayContaining([
        'a/opening.check',
        'a/opening.set',
        'a/opening.patch',
        'a/opening.skin',
      ]),
    );
    expect(found.filter((id) => /engineer|shore|opening\.frame|reroute/.test(id))).toEqual([]);
  });

  it.each([
    ['no header', { header: false }],
    ['masonry', { wall: 'masonry' }],
    ['two into one', { change: 'two-into-one' }],
    ['wider by its sizes', { now: size(3), then: size(5) }],
  ] as const)('%s: engineer, props, days of framing', (_, more) => {
    expect(steps(change(more))).toEqual(
      expect.arrayContaining([
        'house/engineer.visit',
        'a/opening.shore',
        'a/opening.frame',
        'floor0/hold.framing',
      ]),
    );
  });

  it('closed for good: one go, nothing ordered', () => {
    const found = steps(change({ change: 'closed' }));
    expect(found).toContain('a/structure.opening');
    expect(found.filter((id) => /opening\.(check|set|frame)/.test(id))).toEqual([]);
  });

  it('nothing said is taken as the larger job', () => {
    expect(steps(chosen('a', 'change-opening'))).toEqual(
      expect.arrayContaining(['house/engineer.visit', 'a/opening.frame', 'a/opening.reroute']),
    );
  });

  it('a second one is a second chain that keeps its number when the first is dropped', () => {
    const both = steps(change(), change({}, 2));
    expect(both).toEqual(
      expect.arrayContaining(['a/opening.set', 'a/opening.set#2', 'a/opening.check#2']),
    );
    expect(both.filter((id) => id.startsWith('a/survey.measure'))).toEqual(['a/survey.measure']);
    expect(steps(change({}, 2)).filter((id) => id.includes('opening.set'))).toEqual([
      'a/opening.set#2',
    ]);
  });
});
