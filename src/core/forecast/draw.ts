import type { JobId, HouseToPlan } from '../house';
import { gateRank } from '../keys';
import {
  GATES_COUNTED,
  isAfterwards,
  jobsOfGate,
  type Plan,
  type PlanError,
  type PlannedJob,
} from '../plan';
import { fail, ok, type Result } from '../result';
import { openRisks, type OpenRisk } from '../risk';
import { toTheEnd } from '../in-steps';
import {
  WITHOUT_RISKS,
  layGround,
  openTasks,
  planHouse,
  planInOrder,
  waitMinutes,
  type Ground,
} from '../schedule';
import {
  MINUTES_PER_DAY,
  cents,
  daysBetween,
  lastDayOf,
  moment,
  dateOf,
  toDayNumber,
  type Cents,
  type Moment,
  type PlainDate,
} from '../units';
import { seededRandom } from '../random';
import { quantile, triangular } from './chance';
import { HouseholdDays } from './household-days';
import { Luck, findOf, hashOf } from './luck';
import { Simulator, fateOf, type SimTask } from './simulate';

type Gate = 'sleep' | 'live' | 'done';
const GATES: readonly Gate[] = ['sleep', 'live', 'done'];

/** A gate's day at which so many of a hundred drawn runs were through it; null when nothing is left. */
export type DrawnGate = Record<'p10' | 'p50' | 'p80' | 'p95', PlainDate | null>;

export type Drawn = {
  runs: number;
  gates: Record<Gate, DrawnGate>;
  /** Money still to be spent, finds included. */
  cost: { p50: Cents; p80: Cents };
  /** How often each job lay on the chain that decided the day one can live there, 0 to 1; jobs that never did are left out. */
  decides: { jobId: JobId; share: number }[];
};

/** Runs between two places at which drawing may be stopped. */
const RUNS_A_STEP = 10;
/** Runs without luck, from which the others are measured. */
const CALM_RUNS = 15;
/** Rooms in use, tools fetched, hours cut up: measured against owners lived through by the real scheduler. */
const UNSEEN = [-0.028, 0.012, 0.044] as const;

/** The open jobs as they stand, before any luck. */
type Table = {
  base: SimTask[];
  waiting: number[];
  jobs: JobId[];
  hashes: number[];
  wait: number[];
  rank: number[];
  lookAt: Map<number, OpenRisk[]>;
  risks: readonly OpenRisk[];
};

/** Of no gate: later than any. */
const AFTER_ALL = 9;

function rankOf(ground: Ground, id: JobId): number {
  const job = ground.byId.get(id);
  return job && isAfterwards(job) ? AFTER_ALL : gateRank(ground.membership.get(id) ?? 'done');
}

function tableOf(project: HouseToPlan, now: Moment, plan: Plan): Result<Table, PlanError> {
  const ground = layGround(project, now, WITHOUT_RISKS);
  if (!ground.ok) return ground;
  const { tasks, links } = openTasks(ground.value);
  const planned = new Map<string, PlannedJob>(plan.jobs.map((job) => [job.id, job]));
  const at = new Map(tasks.map(({ id }, index) => [id, index]));
  const successors: SimTask['successors'][number][][] = tasks.map(() => []);
  const waiting = tasks.map(() => 0);
  for (const { before, after, lag, lead = 0 } of links) {
    const [from, to] = [at.get(before), at.get(after)];
    if (from === undefined || to === undefined) continue;
    successors[from]?.push({ task: to, lag: lag - lead, lead });
    waiting[to] = (waiting[to] ?? 0) + 1;
  }
  const base = tasks.map(({ id, work, notBefore, outdoors }, index): SimTask => ({
    kind: work.kind,
    amount: work.kind === 'effort' ? work.minutes : work.kind === 'span' ? work.workdays : 0,
    hands: work.kind === 'effort' ? work.hands : 1,
    outdoors: outdoors === true,
    chunk: work.kind === 'effort' ? (work.chunk ?? 0) : 0,
    notBefore: work.kind === 'hold' ? Math.max(notBefore, work.bookedFrom) : notBefore,
    priority: planned.get(id)?.start ?? 0,
    successors: successors[index] ?? [],
  }));
  const risks = openRisks(project);
  const lookAt = new Map<number, OpenRisk[]>();
  for (const risk of risks) {
    const index = at.get(risk.lookJobId);
    if (index !== undefined) lookAt.set(index, [...(lookAt.get(index) ?? []), risk]);
  }
  return ok({
    base,
    waiting,
    jobs: tasks.map(({ id }) => id as JobId),
    hashes: tasks.map(({ id }) => hashOf(id)),
    wait: tasks.map(({ id }) => waitMinutes(ground.value.byId.get(id as JobId), WITHOUT_RISKS)),
    rank: tasks.map(({ id }) => rankOf(ground.value, id as JobId)),
    lookAt,
    risks,
  });
}

type Outcome = { ends: Record<Gate, number>; cents: number; chain: number[] };

function oneRun(
  table: Table,
  simulator: Simulator,
  luck: Luck,
  /** What only is a guess varies; what is agreed does not. */
  money: { guessed: number; agreed: number },
  now: number,
): Outcome {
  let found = 0;
  const fate = fateOf(table.base.length);
  table.base.forEach((task, index) => {
    const lot = luck.of(table.hashes[index] ?? 0);
    let extra = 0;
    for (const risk of table.lookAt.get(index) ?? []) {
      const find = findOf(lot, risk);
      found += find.cents;
      extra += find.minutes;
    }
    const isEffort = task.kind === 'effort';
    const factor = isEffort ? lot.effort * (task.outdoors ? lot.outdoors : 1) : 1;
    // What is promised for later may come later still; what a trade or inspector says, too.
    const late = task.notBefore > now + MINUTES_PER_DAY ? lot.late : 0;
    const trade = task.kind === 'span' ? lot.trade : task.kind === 'hold' ? lot.failed : 0;
    fate.amount[index] = task.amount * factor + (isEffort ? extra : 0);
    fate.chunk[index] = task.chunk * factor;
    fate.notBefore[index] = task.notBefore + late + trade;
    fate.late[index] = lot.late;
    fate.waitFactor[index] = lot.wait;
    fate.waitExtra[index] = task.kind === 'hold' ? trade : 0;
  });
  const { finish, cause } = simulator.run(table.base, table.waiting, fate);
  const ends = { sleep: 0, live: 0, done: 0 };
  let last = -1;
  for (const gate of GATES) {
    const counted = Math.max(...GATES_COUNTED[gate].map((each) => gateRank(each)));
    for (let index = 0; index < finish.length; index += 1) {
      if ((table.rank[index] ?? 0) > counted) continue;
      const end = (finish[index] ?? 0) + (table.wait[index] ?? 0);
      if (end <= ends[gate]) continue;
      ends[gate] = end;
      if (gate === 'live') last = index;
    }
  }
  const chain: number[] = [];
  for (let index = last; index >= 0 && chain.length <= finish.length; index = cause[index] ?? -1) {
    chain.push(index);
  }
  return { ends, cents: money.agreed + money.guessed * luck.money + found, chain };
}

/** A house made ready for drawing: planned once, its hours laid out once. */
export type Prepared = { plan: Plan; table: Table; simulator: Simulator };

/**
 * Lays the house out in the order of `plan`, without what its suspicions are allowed for: what they may find is drawn.
 */
export function prepareFrom(
  project: HouseToPlan,
  now: Moment,
  plan: Plan,
): Result<Prepared, PlanError> {
  const calm = planInOrder(project, now, plan, { caution: WITHOUT_RISKS });
  if (!calm.ok) return calm;
  const table = tableOf(project, now, calm.value);
  if (!table.ok) return fail(table.error);
  const days = new HouseholdDays(
    project.people,
    project.outsideRest,
    toDayNumber(dateOf(calm.value.now)),
    daysBetween(dateOf(calm.value.now), dateOf(lastFinish(calm.value))),
  );
  const simulator = new Simulator(days, calm.value.now);
  return ok({ plan: calm.value, table: table.value, simulator });
}

const lastFinish = ({ jobs, now }: Plan): Moment =>
  jobs.reduce((last, { finish }) => (finish > last ? finish : last), now);

/** {@link prepareFrom} a plan of its own. */
export function prepareDraw(project: HouseToPlan, now: Moment): Result<Prepared, PlanError> {
  const plan = planHouse(project, now);
  return plan.ok ? prepareFrom(project, now, plan.value) : plan;
}

export type DrawOptions = { runs?: number; seed?: number; finds?: boolean };

/**
 * Draws the rest of the house many times: three-point hours tied together by the owner's pace, waits that stretch in
 * the damp, trades and deliveries that slip, inspections that fail, finds that turn out true. Days are those of the
 * plan, moved by how much each run differs from the run without luck. Same seed, same answer. Without `finds` every
 * suspicion proves groundless.
 */
export function* drawInSteps(
  { plan, table: whole, simulator }: Prepared,
  { runs = 2_000, seed = 1, finds = true }: DrawOptions = {},
): Generator<null, Drawn, void> {
  const table = finds ? whole : { ...whole, lookAt: new Map<number, OpenRisk[]>() };
  const start = plan.now;
  const { moneyLeft, moneyCommitted } = plan.gates.done;
  const money = { guessed: moneyLeft - moneyCommitted, agreed: moneyCommitted };
  const runOf = (run: number, kind: 'full' | 'breath') =>
    oneRun(table, simulator, new Luck(hashOf(`${seed} ${run}`), kind), money, start);
  const calm = calmEnds(Array.from({ length: CALM_RUNS }, (_, run) => runOf(run, 'breath')));
  const outcomes: Outcome[] = [];
  const unseen = seededRandom(hashOf(`${seed} unseen`));
  for (let run = 0; run < runs; run += 1) {
    outcomes.push(withUnseen(runOf(run, 'full'), calm, start, triangular(unseen, ...UNSEEN)));
    if (run % RUNS_A_STEP === 0) yield null;
  }
  const times = new Map<number, number>();
  for (const { chain } of outcomes) {
    for (const index of chain) times.set(index, (times.get(index) ?? 0) + 1);
  }
  const spent = outcomes.map((outcome) => outcome.cents).toSorted((a, b) => a - b);
  return {
    runs,
    gates: {
      sleep: drawnGate(plan, 'sleep', calm, outcomes),
      live: drawnGate(plan, 'live', calm, outcomes),
      done: drawnGate(plan, 'done', calm, outcomes),
    },
    cost: { p50: cents(quantile(spent, 0.5)), p80: cents(quantile(spent, 0.8)) },
    decides: [...times]
      .map(([index, count]) => ({ jobId: table.jobs[index] as JobId, share: count / runs }))
      .sort((a, b) => b.share - a.share || a.jobId.localeCompare(b.jobId)),
  };
}

export const drawFrom = (prepared: Prepared, options: DrawOptions = {}): Drawn =>
  toTheEnd(drawInSteps(prepared, options));

/** The whole of it for one house. */
export function drawForecast(
  project: HouseToPlan,
  now: Moment,
  options: DrawOptions = {},
): Result<Drawn, PlanError> {
  const prepared = prepareDraw(project, now);
  return prepared.ok ? ok(drawFrom(prepared.value, options)) : prepared;
}

/** A run is simpler than the house: what it does not see may make its stretch so much shorter or longer. */
function withUnseen(
  outcome: Outcome,
  calm: Record<Gate, number>,
  now: number,
  share: number,
): Outcome {
  const moved = (gate: Gate) => outcome.ends[gate] + share * Math.max(0, calm[gate] - now);
  return {
    ...outcome,
    ends: { sleep: moved('sleep'), live: moved('live'), done: moved('done') },
  };
}

/** Where the gates are without luck: the middle of runs that differ by a breath, so that no accident of one counts. */
function calmEnds(runs: readonly Outcome[]): Record<Gate, number> {
  const middle = (gate: Gate) =>
    quantile(
      runs.map(({ ends }) => ends[gate]).toSorted((a, b) => a - b),
      0.5,
    );
  return { sleep: middle('sleep'), live: middle('live'), done: middle('done') };
}

function drawnGate(
  plan: Plan,
  gate: Gate,
  calm: Record<Gate, number>,
  outcomes: readonly Outcome[],
): DrawnGate {
  const { date } = plan.gates[gate];
  if (date === null) return { p10: null, p50: null, p80: null, p95: null };
  const later = outcomes.map(({ ends }) => ends[gate] - calm[gate]).toSorted((a, b) => a - b);
  const planned = jobsOfGate(plan, gate)
    .filter(({ doneOn }) => doneOn === null)
    .reduce(
      (last, job) => Math.max(last, job.finish + (job.wait?.minutes ?? 0)),
      plan.now as number,
    );
  const at = (share: number): PlainDate =>
    lastDayOf(moment(Math.max(plan.now, planned + quantile(later, share))));
  return { p10: at(0.1), p50: at(0.5), p80: at(0.8), p95: at(0.95) };
}
