import type { JobId, Project } from '../house';
import { gateRank } from '../keys';
import { GATES_COUNTED, type Plan, type PlanError, type PlannedJob } from '../plan';
import { seededRandom, type Random } from '../random';
import { fail, ok, type Result } from '../result';
import { openRisks, type OpenRisk } from '../risk';
import { WITHOUT_RISKS, layGround, openTasks, planHouse, waitMinutes } from '../schedule';
import {
  MINUTES_PER_DAY,
  cents,
  lastDayOf,
  moment,
  momentAt,
  type Cents,
  type Moment,
  type PlainDate,
} from '../units';
import { logNormal, quantile, triangular } from './chance';
import { Simulator, type SimTask } from './simulate';

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

/** Starting spreads, made up: the owner's own log narrows them. */
const PACE_SPREAD = 0.18;
const EFFORT = [0.85, 1, 1.4] as const;
const WAIT = [1, 1.05, 1.5] as const;
const LATE = { chance: 0.25, mostDays: 14 };
const TRADE_LATE = { chance: 0.3, mostDays: 7 };
const FAILS = { chance: 0.15, days: 6 };
const MONEY = [0.95, 1, 1.2] as const;

/** What can go otherwise: one run's luck. */
class Luck {
  readonly pace: number;
  readonly damp: number;

  constructor(
    private readonly random: Random,
    /** 0 draws nothing: the run everything else is measured against. */
    private readonly strength: 0 | 1,
  ) {
    this.pace = strength === 0 ? 1 : logNormal(random, PACE_SPREAD);
    this.damp = strength === 0 ? 1 : triangular(random, 1, 1, 1.3);
  }

  effort = (): number => (this.strength === 0 ? 1 : this.pace * triangular(this.random, ...EFFORT));
  wait = (): number => (this.strength === 0 ? 1 : this.damp * triangular(this.random, ...WAIT));
  money = (): number => (this.strength === 0 ? 1 : triangular(this.random, ...MONEY));

  /** Days lost with this chance, up to so many. */
  slip({ chance, mostDays }: { chance: number; mostDays: number }): number {
    if (this.strength === 0 || this.random() >= chance) return 0;
    return (1 + Math.floor(this.random() * mostDays)) * MINUTES_PER_DAY;
  }

  fails = (): number =>
    this.strength === 0 || this.random() >= FAILS.chance ? 0 : FAILS.days * MINUTES_PER_DAY;

  find({ risk }: OpenRisk): { minutes: number; cents: number } {
    if (this.strength === 0 || this.random() * 100 >= risk.chance) return { minutes: 0, cents: 0 };
    const share = this.random();
    const between = ({ low, high }: { low: number; high: number }) => low + share * (high - low);
    return { minutes: between(risk.minutes), cents: between(risk.cents) };
  }
}

/** The open jobs as they stand, before any luck. */
type Table = {
  base: SimTask[];
  waiting: number[];
  jobs: JobId[];
  wait: number[];
  rank: number[];
  lookAt: Map<number, OpenRisk[]>;
  risks: readonly OpenRisk[];
};

function tableOf(project: Project, now: Moment, plan: Plan): Result<Table, PlanError> {
  const ground = layGround(project, now, WITHOUT_RISKS);
  if (!ground.ok) return ground;
  const { tasks, links } = openTasks(ground.value);
  const planned = new Map<string, PlannedJob>(plan.jobs.map((job) => [job.id, job]));
  const at = new Map(tasks.map(({ id }, index) => [id, index]));
  const successors: { task: number; lag: number }[][] = tasks.map(() => []);
  const waiting = tasks.map(() => 0);
  for (const { before, after, lag } of links) {
    const [from, to] = [at.get(before), at.get(after)];
    if (from === undefined || to === undefined) continue;
    successors[from]?.push({ task: to, lag });
    waiting[to] = (waiting[to] ?? 0) + 1;
  }
  const base = tasks.map(({ id, work, notBefore }, index): SimTask => ({
    kind: work.kind,
    amount: work.kind === 'effort' ? work.minutes : work.kind === 'span' ? work.workdays : 0,
    hands: work.kind === 'effort' ? work.hands : 1,
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
    wait: tasks.map(({ id }) => waitMinutes(ground.value.byId.get(id as JobId), WITHOUT_RISKS)),
    rank: tasks.map(({ id }) => gateRank(ground.value.membership.get(id as JobId) ?? 'done')),
    lookAt,
    risks,
  });
}

type Outcome = { ends: Record<Gate, number>; cents: number; chain: number[] };

function oneRun(
  table: Table,
  simulator: Simulator,
  luck: Luck,
  moneyLeft: number,
  now: number,
): Outcome {
  let found = 0;
  const tasks = table.base.map((task, index): SimTask => {
    const finds = (table.lookAt.get(index) ?? []).map((risk) => luck.find(risk));
    found += finds.reduce((sum, find) => sum + find.cents, 0);
    const extra = finds.reduce((sum, find) => sum + find.minutes, 0);
    const factor = luck.effort();
    // What is promised for later may come later still; what a trade or inspector says, too.
    const late = task.notBefore > now + MINUTES_PER_DAY ? luck.slip(LATE) : 0;
    const trade =
      task.kind === 'span' ? luck.slip(TRADE_LATE) : task.kind === 'hold' ? luck.fails() : 0;
    return {
      ...task,
      amount: task.kind === 'effort' ? task.amount * factor + extra : task.amount,
      notBefore: task.notBefore + late + trade,
      successors: task.successors.map(({ task: after, lag }) => ({
        task: after,
        lag: lag * (lag > 0 ? luck.wait() : 1) + (task.kind === 'hold' ? trade : 0),
      })),
    };
  });
  const { finish, cause } = simulator.run(tasks, table.waiting);
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
  return { ends, cents: moneyLeft * luck.money() + found, chain };
}

/** A house made ready for drawing: planned once, its hours laid out once. */
export type Prepared = { plan: Plan; table: Table; simulator: Simulator };

export function prepareDraw(project: Project, now: Moment): Result<Prepared, PlanError> {
  const plan = planHouse(project, now, WITHOUT_RISKS);
  if (!plan.ok) return plan;
  const table = tableOf(project, now, plan.value);
  if (!table.ok) return fail(table.error);
  const simulator = new Simulator(project.people, plan.value.now);
  return ok({ plan: plan.value, table: table.value, simulator });
}

export type DrawOptions = { runs?: number; seed?: number; finds?: boolean };

/**
 * Draws the rest of the house many times: three-point hours tied together by the owner's pace, waits that stretch in
 * the damp, trades and deliveries that slip, inspections that fail, finds that turn out true. Days are those of the
 * plan, moved by how much each run differs from the run without luck. Same seed, same answer. Without `finds` every
 * suspicion proves groundless.
 */
export function drawFrom(
  { plan, table: whole, simulator }: Prepared,
  { runs = 2_000, seed = 1, finds = true }: DrawOptions = {},
): Drawn {
  const table = finds ? whole : { ...whole, lookAt: new Map<number, OpenRisk[]>() };
  const start = plan.now;
  const moneyLeft = plan.gates.done.moneyLeft;
  const random = seededRandom(seed);
  const calm = oneRun(table, simulator, new Luck(random, 0), moneyLeft, start);
  const outcomes = Array.from({ length: runs }, () =>
    oneRun(table, simulator, new Luck(random, 1), moneyLeft, start),
  );
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

/** The whole of it for one house. */
export function drawForecast(
  project: Project,
  now: Moment,
  options: DrawOptions = {},
): Result<Drawn, PlanError> {
  const prepared = prepareDraw(project, now);
  return prepared.ok ? ok(drawFrom(prepared.value, options)) : prepared;
}

function drawnGate(plan: Plan, gate: Gate, calm: Outcome, outcomes: readonly Outcome[]): DrawnGate {
  const { date } = plan.gates[gate];
  if (date === null) return { p10: null, p50: null, p80: null, p95: null };
  const later = outcomes.map(({ ends }) => ends[gate] - calm.ends[gate]).toSorted((a, b) => a - b);
  const evening = momentAt(date, MINUTES_PER_DAY - 1);
  const at = (share: number): PlainDate =>
    lastDayOf(moment(Math.max(plan.now, evening + quantile(later, share))));
  return { p10: at(0.1), p50: at(0.5), p80: at(0.8), p95: at(0.95) };
}
