import { minutes, addCents, cents, dateOf, momentAt, plainDate, weekdayOf } from '../../units';
import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { planningInputOf, type JobFigures, type JobId, type Project } from '../../house';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../../planning/plan-house';
import { added, anyHouse, chosen, houseOf, place, week } from '../../testing/houses';
import { skillOf, STEPS, type Job } from '../../trade/steps';
import { expandAll, expandJobs, measureOf, plannedCost } from '.';

const NOW = momentAt(plainDate('2026-01-12'), 600);
const DAY = plainDate('2026-01-12');
const ROOM = [added(place('a')), chosen('a', 'reline')];
const HANG = 'a/board.walls' as JobId;

const figures = (jobId: JobId, of: JobFigures): EventBodyOf => ({
  type: 'jobFiguresAgreed',
  payload: { jobId, figures: of },
});
const split = (jobId: JobId, percent: number, inOrder = true): EventBodyOf => ({
  type: 'jobSplit',
  payload: { jobId, percent, inOrder },
});
const dropped = (jobId: JobId): EventBodyOf => ({
  type: 'jobDropped',
  payload: { jobId, on: DAY, because: 'not here' },
});

const jobIn = (house: Project, id: string): Job => {
  const job = expandJobs(planningInputOf(house)).find((each) => each.id === id);
  if (!job) throw new Error(`no job ${id}`);
  return job;
};
const planOf = (house: Project) => {
  const plan = planHouse(planningInputOf(house), NOW, { schedules: 1 });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};
const plannedIn = (house: Project, id: string) => {
  const job = planOf(house).jobs.find((each) => each.id === id);
  if (!job) throw new Error(`no job ${id}`);
  return job;
};

describe('figures of the owner', () => {
  const start = jobIn(houseOf(...ROOM), HANG);

  it('stand over the starting ones, which are kept beside them', () => {
    const house = houseOf(
      ...ROOM,
      figures(HANG, {
        minutes: minutes(300),
        waitHours: 12,
        hands: 1,
        cents: cents(cents(50_000)),
      }),
    );
    const job = jobIn(house, HANG);
    expect(job).toMatchObject({ estimate: 300, wait: { hours: 12 }, work: { hands: 1 } });
    expect(plannedCost(job)).toBe(50_000);
    expect(job.starting).toMatchObject({ minutes: start.estimate, cents: plannedCost(start) });
    expect(plannedIn(house, HANG)).toMatchObject({ estimate: 300, left: 300, cost: 50_000 });
  });

  it('a wait of nought is no wait', () => {
    const tape = 'a/board.tape' as JobId;
    expect(jobIn(houseOf(...ROOM), tape).wait).toBeDefined();
    expect(jobIn(houseOf(...ROOM, figures(tape, { waitHours: 0 })), tape).wait).toBeUndefined();
  });

  it('twice as much wall takes twice the rate and twice the boards', () => {
    const house = houseOf(...ROOM, figures(HANG, { quantity: 2 * measureOf(start.quantity) }));
    const job = jobIn(house, HANG);
    if (start.work.kind !== 'labour') throw new Error('not ours');
    const rate = start.estimate - start.work.setup;
    // Each estimate is rounded up to five minutes.
    expect(job.estimate - start.work.setup).toBeGreaterThan(2 * rate - 10);
    expect(job.estimate - start.work.setup).toBeLessThanOrEqual(2 * rate + 5);
    for (const [at, { units, use }] of job.materials.entries()) {
      expect(units).toBe(use.byJob ? 1 : 2 * (start.materials[at]?.units ?? 0));
    }
  });

  it('go back exactly, whatever was said', () => {
    const anyFigures = fc.record(
      {
        minutes: fc.integer({ min: 1, max: 9_000 }),
        quantity: fc.integer({ min: 1, max: 1e9 }),
        waitHours: fc.integer({ min: 0, max: 900 }),
        hands: fc.constantFrom(1, 2),
        cents: fc.integer({ min: 0, max: 1e7 }),
        note: fc.constant('mine'),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(anyHouse, anyFigures, fc.nat(), (house, said, pick) => {
        const jobs = expandAll(planningInputOf(house));
        const job = jobs[pick % jobs.length];
        if (!job) return;
        const changed = { ...house, jobFigures: { [job.id]: said as JobFigures } };
        expect(
          expandAll(planningInputOf(changed))
            .map(({ id }) => id)
            .toSorted(),
        ).toEqual(jobs.map(({ id }) => id).toSorted());
        expect(expandAll(planningInputOf({ ...changed, jobFigures: {} }))).toEqual(jobs);
      }),
      { numRuns: 40 },
    );
  });
});

describe('a job in parts', () => {
  it('adds up to the whole: hours, quantity, things and money to the cent', () => {
    fc.assert(
      fc.property(anyHouse, fc.integer({ min: 1, max: 99 }), fc.nat(), (house, percent, pick) => {
        const jobs = expandJobs(planningInputOf(house)).filter(
          ({ work }) => work.kind === 'labour',
        );
        const job = jobs[pick % Math.max(1, jobs.length)];
        if (!job) return;
        const parts = expandJobs(
          planningInputOf({
            ...house,
            splits: { [job.id]: { jobId: job.id, percent, inOrder: true } },
          }),
        ).filter(({ id }) => id === job.id || id === `${job.id}~2`);
        expect(parts).toHaveLength(2);
        const sum = (of: (part: Job) => number) => parts.reduce((all, part) => all + of(part), 0);
        expect(sum(({ estimate }) => estimate)).toBe(job.estimate);
        expect(addCents(parts.map(plannedCost))).toBe(plannedCost(job));
        expect(sum(({ materials }) => materials.reduce((all, each) => all + each.units, 0))).toBe(
          job.materials.reduce((all, each) => all + each.units, 0),
        );
        const isOneThing = job.quantity.kind === 'count' && job.quantity.count < 2;
        if (!isOneThing)
          expect(sum((part) => measureOf(part.quantity))).toBe(measureOf(job.quantity));
      }),
      { numRuns: 60 },
    );
  });

  it('does the rest after the first part, and each part where its rules put it', () => {
    const plan = planOf(houseOf(...ROOM, split(HANG, 50)));
    const [first, rest] = [HANG, `${HANG}~2`].map((id) => plan.jobs.find((job) => job.id === id));
    const tape = plan.jobs.find(({ id }) => id === 'a/board.tape');
    if (!first || !rest || !tape) throw new Error('parts are missing');
    expect(rest.start).toBeGreaterThanOrEqual(first.finish);
    expect(tape.start).toBeGreaterThanOrEqual(rest.finish);
    expect(rest.title).toBe(`${first.title.replace('the first 50%', 'the other 50%')}`);
  });

  it('half of it may be hired out, and the other half stays ours', () => {
    const house = houseOf(...ROOM, split(HANG, 50, false), {
      type: 'jobHired',
      payload: {
        jobId: `${HANG}~2` as JobId,
        trade: 'board crew',
        workdays: 1,
        cents: cents(cents(40_000)),
      },
    });
    expect(jobIn(house, HANG).work.kind).toBe('labour');
    expect(jobIn(house, `${HANG}~2`).work).toMatchObject({ kind: 'subcontract', price: 40_000 });
  });

  it('is whole again when joined', () => {
    const joined: EventBodyOf = { type: 'jobJoined', payload: { jobId: HANG } };
    expect(expandJobs(planningInputOf(houseOf(...ROOM, split(HANG, 30), joined)))).toEqual(
      expandJobs(planningInputOf(houseOf(...ROOM))),
    );
  });
});

describe('a job that is dropped', () => {
  it('lets go of no order: whatever came before it comes before all that came after', () => {
    fc.assert(
      fc.property(anyHouse, fc.nat(), (house, pick) => {
        const before = planHouse(planningInputOf(house), NOW, { schedules: 1 });
        if (!before.ok || before.value.jobs.length === 0) return;
        const gone = before.value.jobs[pick % before.value.jobs.length];
        if (!gone) return;
        const without = planHouse(
          planningInputOf({
            ...house,
            droppedJobs: { [gone.id]: { jobId: gone.id, on: DAY, because: 'no' } },
          }),
          NOW,
          { schedules: 1 },
        );
        if (!without.ok) throw new Error(without.error.code);
        expect(without.value.jobs.some(({ id }) => id === gone.id)).toBe(false);
        // Reachability, worked out by hand on both plans.
        const reach = (jobs: typeof before.value.jobs, from: string): Set<string> => {
          const into = new Map(jobs.map((job) => [job.id as string, job.predecessors]));
          const found = new Set<string>();
          const open = [from];
          for (let id = open.pop(); id !== undefined; id = open.pop()) {
            for (const { jobId } of into.get(id) ?? []) {
              if (!found.has(jobId)) {
                found.add(jobId);
                open.push(jobId);
              }
            }
          }
          return found;
        };
        for (const { id } of without.value.jobs) {
          const was = reach(before.value.jobs, id);
          was.delete(gone.id);
          expect([...was].filter((each) => !reach(without.value.jobs, id).has(each))).toEqual([]);
        }
      }),
      { numRuns: 25 },
    );
  });

  it('comes back as it was, and a gate’s condition asks for a person’s own check meanwhile', () => {
    const back: EventBodyOf = { type: 'jobBroughtBack', payload: { jobId: HANG } };
    expect(expandJobs(planningInputOf(houseOf(...ROOM, dropped(HANG), back)))).toEqual(
      expandJobs(planningInputOf(houseOf(...ROOM))),
    );
    const bath = [added(place('b', 'bathroom')), chosen('b', 'bathroom')];
    const toilet = (house: Project) =>
      planOf(house).gates.sleep.conditions.find(({ id }) => id === 'toilet');
    const jobs = toilet(houseOf(...bath))?.jobIds ?? [];
    expect(jobs.length).toBeGreaterThan(0);
    expect(toilet(houseOf(...bath, ...jobs.map(dropped)))).toMatchObject({
      jobIds: [],
      met: false,
    });
  });
});

describe('a job of one’s own', () => {
  const own = (over: object): EventBodyOf => ({
    type: 'jobAdded',
    payload: {
      id: 'a/own.x' as JobId,
      placeId: idOf('a'),
      title: 'Sister the joist',
      stage: 5,
      minutes: minutes(240),
      hands: 1,
      before: [],
      because: 'a find',
      ...over,
    },
  });

  it('stands between what it comes after and what it comes before, dries, and costs', () => {
    const house = houseOf(
      ...ROOM,
      own({ after: ['a/demo.walls'], before: [HANG], waitHours: 48, cents: 12_300 }),
    );
    const plan = planOf(house);
    const at = (id: string) => plan.jobs.find((job) => job.id === id);
    const [demo, mine, hang] = [at('a/demo.walls'), at('a/own.x'), at(HANG)];
    if (!demo || !mine || !hang) throw new Error('jobs are missing');
    expect(mine.start).toBeGreaterThanOrEqual(demo.finish);
    expect(hang.start).toBeGreaterThanOrEqual(mine.finish + 48 * 60);
    expect(plan.gates.done.moneyLeft - planOf(houseOf(...ROOM)).gates.done.moneyLeft).toBe(12_300);
  });

  it('in two parts keeps what it comes after for both of them', () => {
    const parts = (inOrder: boolean) => {
      const plan = planOf(
        houseOf(...ROOM, own({ after: ['a/demo.walls'] }), split('a/own.x' as JobId, 40, inOrder)),
      );
      const at = (id: string) => plan.jobs.find((job) => job.id === id);
      return [at('a/demo.walls'), at('a/own.x'), at('a/own.x~2')];
    };
    for (const inOrder of [true, false]) {
      const [demo, first, rest] = parts(inOrder);
      expect(first?.start).toBeGreaterThanOrEqual(demo?.finish ?? Infinity);
      expect(rest?.start).toBeGreaterThanOrEqual(demo?.finish ?? Infinity);
      expect(first?.predecessors.map(({ jobId }) => jobId)).toContain('a/demo.walls');
    }
  });

  it('that would wait for itself is told, with its circle', () => {
    const plan = planHouse(
      planningInputOf(houseOf(...ROOM, own({ after: [HANG], before: [HANG] }))),
      NOW,
    );
    expect(plan).toMatchObject({ ok: false, error: { code: 'loop' } });
  });

  it('in one go and outdoors it keeps to one day with light', () => {
    const job = jobIn(
      houseOf(...ROOM, own({ inOneGo: true, outdoors: true, shuts: 'wet' })),
      'a/own.x',
    );
    expect(job.limits).toMatchObject({ inOneGo: 'whole', outdoors: true, shuts: 'wait' });
  });
});

describe('people with their own days and kinds of work', () => {
  const people = (...more: object[]): EventBodyOf => ({
    type: 'peopleAgreed',
    payload: {
      people: [{ id: 'me', name: 'Me', role: 'self', week: week(120, 240) }, ...more] as never,
    },
  });
  const dad = {
    id: 'dad',
    name: 'Dad',
    role: 'helper',
    week: week(0, 0).map((_, day) => (day === 5 ? 480 : 0)),
    skills: ['electrics'],
  };

  it('somebody for electrics alone is given nothing else', () => {
    const house = houseOf(
      added(place('a')),
      chosen('a', 'rewire'),
      chosen('a', 'repaint'),
      people(dad),
    );
    const jobs = planOf(house).jobs.filter(({ stretches }) =>
      stretches.some((each) => each.people.includes(idOf('dad'))),
    );
    expect(jobs.length).toBeGreaterThan(0);
    expect(jobs.every((job) => skillOf(job) === 'electrics')).toBe(true);
    for (const { stretches } of jobs) {
      for (const { from, people: who } of stretches) {
        if (who.includes(idOf('dad'))) expect(weekdayOf(dateOf(from))).toBe(5);
      }
    }
  });

  it('a named job is that person’s; one who has no hours is said not to', () => {
    const named = plannedIn(
      houseOf(...ROOM, people(dad), figures(HANG, { by: idOf('dad') })),
      HANG,
    );
    expect(named.stretches.every(({ people: who }) => who.includes(idOf('dad')))).toBe(true);
    const idle = { ...dad, id: 'zoe', name: 'Zoe', week: week(0, 0) };
    const stood = plannedIn(
      houseOf(...ROOM, people(idle), figures(HANG, { by: idOf('zoe') })),
      HANG,
    );
    expect(stood.shortfalls).toContain('nobody-able');
    expect(stood.stretches.length).toBeGreaterThan(0);
  });

  it('a crew of two is a pair by itself and halves the clock', () => {
    const crew = {
      id: 'crew',
      name: 'Plumb and True',
      role: 'crew',
      week: week(480, 0),
      crew: { size: 2, dayCents: 60_000 },
    };
    const alone = plannedIn(
      houseOf(...ROOM, people(crew), figures(HANG, { by: idOf('crew') })),
      HANG,
    );
    const clock = alone.stretches.reduce((all, { from, to }) => all + to - from, 0);
    expect(alone.shortfalls).not.toContain('second-pair');
    expect(clock).toBe(Math.ceil(alone.estimate / 2));
  });

  it('every kind of work anybody is good at has its steps', () => {
    const known = new Set(STEPS.map(({ id, stage }) => skillOf({ stepId: id, stage })));
    expect([...known].filter(Boolean)).toHaveLength(10);
  });
});
