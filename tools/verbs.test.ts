import { moment } from '../src/core/units';
import { run } from './run';
import { cutsVerb, rcpspVerb } from './verbs';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { readProjectFile } from '../src/core/files';
import { planningInputOf, type Project } from '../src/core/house';
import { planHouse } from '../src/core/planning/plan-house';
import { standingOf } from '../src/core/planning/report';
import { linksOf, expandJobs } from '../src/core/estimating/jobs';
import { faultsOf } from '../src/core/testing/check-plan';
import { demoText } from './demo/build';

const DEMO = 'demo/house.json';

/** As typed into a terminal: a process of its own. */
function typed(words: readonly string[], input = '') {
  const ran = spawnSync('node', ['--import', 'tsx', 'tools/core.ts', ...words], {
    input,
    encoding: 'utf8',
  });
  return { code: ran.status, out: ran.stdout, fault: ran.stderr };
}
/** What a terminal would show, without starting a process for it. */
function core(words: readonly string[], input = '') {
  const answer = run(words, () => Buffer.from(input));
  return {
    code: 'fault' in answer ? 2 : 0,
    out: 'value' in answer ? `${JSON.stringify(answer.value, null, 1)}\n` : '',
    fault: 'fault' in answer ? `${answer.fault}\n` : '',
  };
}
const demo = () => {
  const file = readProjectFile(readFileSync(DEMO, 'utf8'));
  if (!file.ok) throw new Error(file.error.code);
  return file.value;
};

type PlanOut = {
  jobs: {
    id: string;
    state: string;
    start: string;
    finish: string;
    waitsFor: { job: string; why: string }[];
  }[];
  gates: Record<'sleep' | 'live' | 'done', { date: string; jobsLeft: number; hoursLeft: number }>;
  orders: { item: string; orderBy: string; neededBy: string }[];
};
const momentOf = (iso: string) => Date.parse(`${iso}:00Z`) / 60_000;

/** Every rule between two jobs left to do, checked on the printed plan alone. */
function brokenLinks(project: Project, { jobs }: PlanOut): string[] {
  const planned = new Map(jobs.map((job) => [job.id, job]));
  const all = expandJobs(planningInputOf(project));
  const waits = new Map(all.map((job) => [job.id, (job.wait?.hours ?? 0) * 60]));
  const begun = (state: string) => state === 'done' || state === 'setting' || state === 'in-hand';
  return linksOf(all, planningInputOf(project)).flatMap(({ before, after, why }) => {
    const [first, next] = [planned.get(before), planned.get(after)];
    if (!first || !next) return [`${before} or ${after} is missing`];
    if (begun(next.state)) return [];
    const free = momentOf(first.finish) + (waits.get(before) ?? 0);
    return momentOf(next.start) >= free ? [] : [`${after} before ${before}: ${why}`];
  });
}

describe('npm run -s core -- plan', () => {
  const ran = typed(['plan', DEMO]);
  const plan = JSON.parse(ran.out) as PlanOut;

  it('keeps every precedence and wait of the demo', () => {
    expect(ran.code).toBe(0);
    const { project, clock } = demo();
    expect(plan.jobs.length).toBeGreaterThanOrEqual(150);
    expect(brokenLinks(project, plan)).toEqual([]);
    const planned = planHouse(planningInputOf(project), clock ?? moment(0));
    expect(planned.ok && faultsOf(planningInputOf(project), planned.value)).toEqual([]);
  });

  it('would notice a broken one', () => {
    const { project } = demo();
    const late = plan.jobs.map((job) => ({ ...job, start: '2026-01-01T08:00' }));
    expect(brokenLinks(project, { ...plan, jobs: late }).length).toBeGreaterThan(0);
  });

  it('gives each link its reason, each gate its date, each order its days', () => {
    for (const job of plan.jobs)
      for (const link of job.waitsFor) expect(link.why).toMatch(/\.$|^Rot/);
    expect(plan.gates.sleep.date <= plan.gates.live.date).toBe(true);
    for (const order of plan.orders) expect(order.orderBy <= order.neededBy).toBe(true);
  });
});

describe('the demo house', () => {
  it('is what its readable source makes', () => {
    expect(readFileSync(DEMO, 'utf8')).toBe(demoText());
  });

  it('holds what the product promises of it', () => {
    const { project, clock } = demo();
    expect(Object.keys(project.places).length).toBeGreaterThanOrEqual(10);
    expect(Object.keys(project.days).length).toBeGreaterThanOrEqual(60);
    expect(project.inspections.some(({ result }) => result === 'failed')).toBe(true);
    const planned = planHouse(planningInputOf(project), clock ?? moment(0));
    const from = planned.ok ? standingOf(planned.value) : null;
    expect(planHouse(planningInputOf(project), clock ?? moment(0), { standing: from })).toEqual(
      planned,
    );
    const states = new Set(planned.ok ? planned.value.jobs.map(({ state }) => state) : []);
    expect(states).toEqual(
      new Set(['done', 'in-hand', 'ready', 'setting', 'held', 'arrives', 'later']),
    );
  });

  it('checks out', () => {
    expect(core(['check', DEMO])).toMatchObject({ code: 0, out: '{\n "ok": true\n}\n' });
  });
});

describe('npm run -s core -- log', () => {
  const ask = (line: string, today = '2026-03-14') =>
    core(
      ['log', '-'],
      JSON.stringify({ project: JSON.parse(readFileSync(DEMO, 'utf8')), line, today }),
    );

  it('answers entries, and questions where it is unclear', () => {
    const clear = JSON.parse(ask('2h me sanding back bedroom, half').out) as {
      entries: object[];
      questions: [];
    };
    expect(clear.questions).toEqual([]);
    expect(clear.entries).toEqual([
      {
        kind: 'work',
        who: 'me',
        minutes: 120,
        job: 'back-bed/board.sand',
        room: 'back-bed',
        date: '2026-03-14',
      },
      {
        kind: 'progress',
        job: 'back-bed/board.sand',
        room: 'back-bed',
        share: 50,
        date: '2026-03-14',
      },
    ]);
    const asked = JSON.parse(ask('2h Bogdan sanding back bedroom').out) as { questions: object[] };
    expect(asked.questions).toEqual([expect.objectContaining({ code: 'who' })]);
  });

  it('asks about a day too early, one to come and a new name, and takes nothing and nonsense', () => {
    const asked = (line: string) =>
      (JSON.parse(ask(line).out) as { questions: { code: string; slot: string }[] }).questions.map(
        ({ code, slot }) => `${code} ${slot}`,
      );
    expect(asked('2025-12-01 2h sanding back bedroom')).toEqual(['before-start day']);
    expect(asked('2026-04-01 2h sanding back bedroom')).toEqual(['future day']);
    expect(asked('2h Bogdan sanding back bedroom')).toEqual(['who who']);
    expect(JSON.parse(ask('').out)).toMatchObject({ entries: [], questions: [], ignored: [] });
    expect(JSON.parse(ask('well, blue elephants dance').out)).toMatchObject({
      entries: [{ kind: 'note', text: 'blue elephants dance' }],
      questions: [],
      ignored: ['well', ','],
    });
  });

  it('tells every kind of entry in plain names', () => {
    const told = (line: string) =>
      (JSON.parse(ask(line).out) as { entries: { kind: string }[] }).entries[0];
    expect(told('roofer quoted 2,400 for the roof')).toMatchObject({
      kind: 'quote',
      cents: 240_000,
      from: 'roofer',
      room: 'roof',
    });
    expect(told('$90 paint kitchen 60 laundry 30 at Marl Timber')).toMatchObject({
      kind: 'spend',
      cents: 9_000,
      vendor: 'Marl Timber',
      rooms: [
        { room: 'kitchen', share: 6_000 },
        { room: 'laundry', share: 3_000 },
      ],
    });
    expect(told('18 sheets delivered, 2 damaged')).toMatchObject({
      kind: 'delivered',
      quantity: 18,
      state: 'damaged',
      missing: 2,
    });
    expect(told('measured the laundry, 9 ft 10 by 8 ft 4')).toMatchObject({
      kind: 'measured',
      room: 'laundry',
      size: { length: '9 ft 10', width: '8 ft 4' },
    });
    expect(told('compound in the laundry needs 36 hours to dry')).toMatchObject({
      kind: 'wait',
      hours: 36,
      room: 'laundry',
    });
  });

  it.each([
    [ask('2h', '14 March'), /^today: /],
    [ask('rain '.repeat(2_001)), /^line: over 10,000 letters$/],
    [core(['log', '-'], '{'), /^input: not JSON$/],
    [
      core(['log', '-'], '{"line":"x","today":"2026-03-14","project":{}}'),
      /^project\.format: not a Fresh Porch/,
    ],
    [core(['plan', '-'], '{}'), /^format: not a Fresh Porch project file$/],
    [core(['plan', 'nowhere.json']), /^input: cannot read nowhere\.json$/],
    [typed(['plan']), /^input: missing/],
    [core(['dance', DEMO]), /^verb: "dance" is none of plan, forecast, check, log, takeoff, cuts/],
    [
      core(['check', '-'], readFileSync(DEMO, 'utf8').slice(0, 4_000)),
      /^file: cut off before its end$/,
    ],
    [core(['plan', DEMO, '--today', 'soon']), /^today: not a YYYY-MM-DD date$/],
  ])('ends bad input with 2 and one clear line: %#', (ran, line) => {
    expect(ran.code).toBe(2);
    expect(ran.fault.trim().split('\n')).toHaveLength(1);
    expect(ran.fault.trim()).toMatch(line);
  });
});

describe('npm run -s core -- cuts and takeoff', () => {
  const D01 = readFileSync('bench/cutting/d01.json', 'utf8');

  it('answers boards with their price and waste, proved where it can', () => {
    const ran = core(['cuts', '-'], D01);
    expect(ran.code).toBe(0);
    const plan = JSON.parse(ran.out) as { price: number; boards: object[]; proven: boolean };
    expect(plan).toMatchObject({ price: 17_381, proven: true, lowerBound: 17_381 });
  });

  it.each<[object | string, RegExp]>([
    ['[', /^input: not JSON$/],
    [{}, /^stock: not a list of lengths on sale$/],
    [{ stock: [{ length: 8 }], pieces: [] }, /^stock\.0\.price: the price is missing/],
    [{ stock: [{ length: 8, price: 1 }], pieces: [] }, /^pieces: none given$/],
    [{ stock: [], pieces: [{ length: 3 }] }, /^stock: no length on sale given$/],
    [
      { stock: [{ length: 8, price: 1 }], pieces: [{ length: 9, qty: 1 }] },
      /^pieces\.0\.length: 9 is longer than every stock; the longest is 8$/,
    ],
    [
      { stock: [{ length: 8, price: 1, available: 1 }], pieces: [{ length: 5, qty: 2 }] },
      /^stock: the lengths available do not hold all pieces$/,
    ],
    [{ kerf: -1, stock: [{ length: 8, price: 1 }], pieces: [{ length: 5 }] }, /^kerf: /],
    [{ stock: [{ length: 0, price: 1 }], pieces: [{ length: 5 }] }, /^stock\.0: /],
    [{ stock: [{ length: 8, price: 1.5 }], pieces: [{ length: 5 }] }, /^stock\.0\.price: /],
    [{ stock: [{ length: 8, price: 1 }], pieces: [{ length: -5 }] }, /^pieces\.0: /],
    [
      {
        stock: [
          { length: 8, price: 1 },
          { length: 8, price: 2 },
        ],
        pieces: [{ length: 5 }],
      },
      /^stock\.1\.length: 8 is listed twice$/,
    ],
  ])('cuts refuses %j', (input, line) => {
    const answer = cutsVerb(typeof input === 'string' ? input : JSON.stringify(input));
    expect('fault' in answer && answer.fault).toMatch(line);
  });

  it('takeoff answers areas, lines and cautions, and bad input with 2, one line and the areas', () => {
    const wall = (length: string) => ({ length, turn: 90 });
    const room = { walls: ["12'", "10'", "12'", "10'"].map(wall), height: "8'" };
    const good = core(
      ['takeoff', '-'],
      JSON.stringify({ units: 'imperial', room, finish: { kind: 'paint' } }),
    );
    expect(good.code).toBe(0);
    const answer = JSON.parse(good.out) as { areas: object; lines: { id: string }[] };
    expect(answer.areas).toMatchObject({ floor: { value: 120, unit: 'ft2' } });
    expect(answer.lines[0]?.id).toBe('paint.gallons');
    const open = { ...room, walls: [wall('12\' 4"'), ...room.walls.slice(1)] };
    const bad = core(['takeoff', '-'], JSON.stringify({ room: open, finish: { kind: 'paint' } }));
    expect(bad.code).toBe(2);
    expect(bad.fault.trim()).toMatch(
      /^room\.walls: do not close: the last wall ends 4" from corner 0/,
    );
    expect(JSON.parse(bad.out)).toMatchObject({
      areas: { closingError: { value: 4, unit: 'in' } },
    });
  });

  it('rcpsp answers makespan, a start for each job and the schedules made; a bad file or flag says why', () => {
    const ran = core(['rcpsp', 'bench/rcpsp/d30_01.sm', '--schedules', '200', '--seed', '4']);
    expect(ran.code).toBe(0);
    const answer = JSON.parse(ran.out) as { makespan: number; starts: number[]; schedules: number };
    expect(answer.starts).toHaveLength(32);
    expect(answer.schedules).toBeLessThanOrEqual(200);
    expect(answer.makespan).toBeGreaterThanOrEqual(48);
    const flag = (value: string) => rcpspVerb('', new Map([['schedules', value]]));
    expect(flag('none')).toEqual({ fault: expect.stringMatching(/^schedules: must be a whole/) });
    expect(flag('10')).toEqual({ fault: expect.stringMatching(/^file: the section "jobs/) });
  });
});
