import type { JobId, PlanningInput } from '../../house';
import { gateRank } from '../../trade/gates';
import {
  GATES_COUNTED,
  isAfterwards,
  jobsOfGate,
  type Plan,
  type PlanError,
  type PlannedJob,
} from '../report';
import { ok, type Result } from '../../result';
import { openRisks, type OpenRisk } from '../../survey/risk';
import { toTheEnd } from '../../in-steps';
import { WITHOUT_RISKS } from '../model/caution';
import {
  buildScheduleModel,
  openTasks,
  waitMinutes,
  type ScheduleModel,
} from '../model/schedule-model';
import { planHouse, planInOrder } from '../plan-house';
import { Household } from '../generation/household';
import type { Task } from '../model/task';
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
} from '../../units';
import type { Weighted } from '../learning';
import { hashOf, seededRandom } from '../../random';
import { logNormal, quantile } from './chance';
import { HouseholdDays } from './household-days';
import { Sampler, chancesOf, findOf, type Chances } from './sampler';
import { Simulator, sampleOf, type SimCrew, type SimTask } from './simulate';

type Gate = 'sleep' | 'live' | 'done';
const GATES: readonly Gate[] = ['sleep', 'live', 'done'];

/** A gate's day at which so many of a hundred drawn runs were through it; null when nothing is left. */
export type DrawnGate = Record<'p10' | 'p50' | 'p80' | 'p95', PlainDate | null>;

export type Drawn = {
  runs: number;
  gates: Record<Gate, DrawnGate>;
  /** The same of every date from outside and every phase. */
  sets: ({ id: string } & DrawnGate)[];
  /** When each run was through a gate, in the order of the runs; empty when nothing is left. */
  ends: Record<Gate, readonly number[]>;
  /** Money still to be spent, finds included. */
  cost: { p50: Cents; p80: Cents };
  /** How often each job lay on the chain that decided the day one can live there, 0 to 1; jobs that never did are left out. */
  decides: { jobId: JobId; share: number }[];
};

/** Runs between two places at which drawing may be stopped. */
const RUNS_A_STEP = 10;
/** Baseline runs, nothing going otherwise, from which the others are measured. */
const BASELINE_RUNS = 15;

/** Open jobs whose last end is told, and when the plan has that. */
type JobSet = { id: string; at: readonly number[]; planned: number };

/** The open jobs as they stand, before anything goes otherwise. */
type Table = {
  base: SimTask[];
  waiting: number[];
  jobs: JobId[];
  hashes: number[];
  wait: number[];
  rank: number[];
  /** Which of them belong to a date from outside or a phase. */
  sets: readonly JobSet[];
  /** Of what each job's pace is the sum, and the pace the plan takes. */
  paces: { row: readonly Weighted[]; planned: number }[];
  chances: Chances;
  lookAt: Map<number, OpenRisk[]>;
  risks: readonly OpenRisk[];
};

/**
 * What a run does not see (rooms in use, tools fetched, hours cut up) and what nobody thought of: the spread of the
 * logarithm of how much longer or shorter all that is left may be for it.
 */
const UNSEEN_SPREAD = 0.1;

/** Of no gate: later than any. */
const AFTER_ALL = 9;

function rankOf(model: ScheduleModel, id: JobId): number {
  const job = model.byId.get(id);
  return job && isAfterwards(job) ? AFTER_ALL : gateRank(model.membership.get(id) ?? 'done');
}

function paceOf({ byId, learned }: ScheduleModel, id: JobId): Table['paces'][number] {
  const job = byId.get(id);
  return job ? { row: learned.paces.rowOf(job), planned: learned.paceOf(job) } : NO_PACE;
}
const NO_PACE = { row: [], planned: 1 };

/** As the plan has it: who may, else everybody; two where it needs two and there are two with hours in common. */
function crewsOf(household: Household, task: Task, hands: 1 | 2): readonly SimCrew[] {
  const { everybody } = household;
  for (const { alone, pairs } of [household.crewsFor(task), everybody]) {
    for (const crews of hands === 2 ? [pairs, alone] : [alone]) {
      const able = crews.filter(({ longestDay }) => longestDay > 0);
      if (able.length > 0) return able;
    }
  }
  return [];
}

function tableOf(model: ScheduleModel, plan: Plan): Table {
  const { project } = model;
  const { tasks, links } = openTasks(model);
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
  const { people, outsideRest } = model.project;
  const household = new Household(people, outsideRest, model.now);
  const base = tasks.map((task, index): SimTask => {
    const { id, work, notBefore, outdoors } = task;
    return {
      kind: work.kind,
      amount:
        work.kind === 'labour' ? work.minutes : work.kind === 'subcontract' ? work.workdays : 0,
      crews: work.kind === 'labour' ? crewsOf(household, task, work.hands) : [],
      outdoors: outdoors === true,
      chunk: work.kind === 'labour' ? (work.chunk ?? 0) : 0,
      notBefore: work.kind === 'inspection' ? Math.max(notBefore, work.bookedFrom) : notBefore,
      priority: planned.get(id)?.start ?? 0,
      successors: successors[index] ?? [],
    };
  });
  const risks = openRisks(project);
  const lookAt = new Map<number, OpenRisk[]>();
  for (const risk of risks) {
    const index = at.get(risk.lookJobId);
    if (index !== undefined) lookAt.set(index, [...(lookAt.get(index) ?? []), risk]);
  }
  return {
    base,
    waiting,
    jobs: tasks.map(({ id }) => id as JobId),
    hashes: tasks.map(({ id }) => hashOf(id)),
    wait: tasks.map(({ id }) => waitMinutes(model.byId.get(id as JobId), WITHOUT_RISKS)),
    rank: tasks.map(({ id }) => rankOf(model, id as JobId)),
    sets: setsOf(plan, at, planned),
    paces: tasks.map(({ id }) => paceOf(model, id as JobId)),
    chances: chancesOf(model.learned),
    lookAt,
    risks,
  };
}

/** Dates from outside and phases by the jobs that are left of them. */
function setsOf(
  { demands, phases }: Plan,
  at: ReadonlyMap<string, number>,
  planned: ReadonlyMap<string, PlannedJob>,
): JobSet[] {
  const named = new Map<string, readonly JobId[]>([
    ...phases.map(({ id, jobIds }) => [`phase:${id}`, jobIds] as const),
    ...demands.map(({ id, jobIds }) => [id, jobIds] as const),
  ]);
  return [...named].flatMap(([id, jobIds]) => {
    const open = jobIds.filter((jobId) => at.has(jobId));
    const last = Math.max(...open.map((jobId) => planned.get(jobId)?.finish ?? 0));
    return open.length === 0
      ? []
      : [{ id, at: open.flatMap((jobId) => at.get(jobId) ?? []), planned: last }];
  });
}

/** `sets` holds the end of each set, in the order of the table's. */
type Outcome = { ends: Record<Gate, number>; sets: number[]; cents: number; chain: number[] };

function oneRun(
  table: Table,
  simulator: Simulator,
  sampler: Sampler,
  /** What only is a guess varies; what is agreed does not. */
  money: { guessed: number; agreed: number },
  now: number,
): Outcome {
  let found = 0;
  const sample = sampleOf(table.base.length);
  table.base.forEach((task, index) => {
    const lot = sampler.of(table.hashes[index] ?? 0);
    let extra = 0;
    for (const risk of table.lookAt.get(index) ?? []) {
      const find = findOf(lot, risk);
      found += find.cents;
      extra += find.minutes;
    }
    const isEffort = task.kind === 'labour';
    const { row, planned } = table.paces[index] ?? NO_PACE;
    const pace = sampler.paceOf(row, planned) / planned;
    const factor = isEffort ? pace * lot.effort * (task.outdoors ? lot.outdoors : 1) : 1;
    // What is promised for later may come later still; what a trade or inspector says, too.
    const late = task.notBefore > now + MINUTES_PER_DAY ? lot.late : 0;
    const trade =
      task.kind === 'subcontract' ? lot.trade : task.kind === 'inspection' ? lot.failed : 0;
    sample.amount[index] = task.amount * factor + (isEffort ? extra : 0);
    sample.chunk[index] = task.chunk * factor;
    sample.notBefore[index] = task.notBefore + late + trade;
    sample.late[index] = lot.late;
    sample.waitFactor[index] = lot.wait;
    sample.waitExtra[index] = task.kind === 'inspection' ? trade : 0;
  });
  const { finish, cause } = simulator.run(table.base, table.waiting, sample, sampler);
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
  const sets = table.sets.map(({ at }) => Math.max(...at.map((index) => finish[index] ?? 0)));
  return { ends, sets, cents: money.agreed + money.guessed * sampler.money + found, chain };
}

/** A house made ready for drawing: planned once, its hours laid out once. */
export type Prepared = { plan: Plan; model: ScheduleModel; table: Table; simulator: Simulator };

/**
 * Lays the house out in the order of `plan`, without what its suspicions are allowed for: what they may find is drawn.
 */
export function prepareFrom(
  project: PlanningInput,
  now: Moment,
  plan: Plan,
): Result<Prepared, PlanError> {
  const baseline = planInOrder(project, now, plan, { caution: WITHOUT_RISKS });
  if (!baseline.ok) return baseline;
  const model = buildScheduleModel(project, now, WITHOUT_RISKS, baseline.value);
  if (!model.ok) return model;
  const days = new HouseholdDays(
    project.people,
    project.outsideRest,
    toDayNumber(dateOf(baseline.value.now)),
    daysBetween(dateOf(baseline.value.now), dateOf(lastFinish(baseline.value))),
    baseline.value.keptShares,
  );
  const simulator = new Simulator(days, baseline.value.now);
  const table = tableOf(model.value, baseline.value);
  return ok({ plan: baseline.value, model: model.value, table, simulator });
}

const lastFinish = ({ jobs, now }: Plan): Moment =>
  jobs.reduce((last, { finish }) => (finish > last ? finish : last), now);

/** {@link prepareFrom} a plan of its own. */
export function prepareDraw(project: PlanningInput, now: Moment): Result<Prepared, PlanError> {
  const plan = planHouse(project, now);
  return plan.ok ? prepareFrom(project, now, plan.value) : plan;
}

export type DrawOptions = { runs?: number; seed?: number; finds?: boolean };

/**
 * Draws the rest of the house many times: three-point hours tied together by the owner's pace, waits that stretch in
 * the damp, trades and deliveries that slip, inspections that fail, finds that turn out true. Days are those of the
 * plan, moved by how much each run differs from the baseline run. Same seed, same answer. Without `finds` every
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
  const runOf = (run: number, kind: 'full' | 'baseline') =>
    oneRun(
      table,
      simulator,
      new Sampler(hashOf(`${seed} ${run}`), kind, table.chances),
      money,
      start,
    );
  const baseline = baselineEnds(
    Array.from({ length: BASELINE_RUNS }, (_, run) => runOf(run, 'baseline')),
  );
  const outcomes: Outcome[] = [];
  const unseen = seededRandom(hashOf(`${seed} unseen`));
  for (let run = 0; run < runs; run += 1) {
    outcomes.push(withUnseen(runOf(run, 'full'), start, logNormal(unseen, UNSEEN_SPREAD)));
    if (run % RUNS_A_STEP === 0) yield null;
  }
  const times = new Map<number, number>();
  for (const { chain } of outcomes) {
    for (const index of chain) times.set(index, (times.get(index) ?? 0) + 1);
  }
  const ends = {
    sleep: endsOf(plan, 'sleep', baseline.ends, outcomes),
    live: endsOf(plan, 'live', baseline.ends, outcomes),
    done: endsOf(plan, 'done', baseline.ends, outcomes),
  };
  const spent = outcomes.map((outcome) => outcome.cents).toSorted((a, b) => a - b);
  return {
    runs,
    gates: { sleep: daysOf(ends.sleep), live: daysOf(ends.live), done: daysOf(ends.done) },
    ends,
    sets: table.sets.map(({ id, planned }, nth) => ({
      id,
      ...daysOf(
        stretched(
          start,
          planned,
          baseline.sets[nth] ?? start,
          outcomes.map(({ sets }) => sets[nth] ?? start),
        ),
      ),
    })),
    cost: { p50: cents(quantile(spent, 0.5)), p80: cents(quantile(spent, 0.8)) },
    decides: [...times]
      .map(([index, count]) => ({ jobId: table.jobs[index] as JobId, share: count / runs }))
      .sort((a, b) => b.share - a.share || a.jobId.localeCompare(b.jobId)),
  };
}

/** The runs of a prepared house, to the end. */
export const drawFrom = (prepared: Prepared, options: DrawOptions = {}): Drawn =>
  toTheEnd(drawInSteps(prepared, options));

/** The whole of it for one house. */
export function drawForecast(
  project: PlanningInput,
  now: Moment,
  options: DrawOptions = {},
): Result<Drawn, PlanError> {
  const prepared = prepareDraw(project, now);
  return prepared.ok ? ok(drawFrom(prepared.value, options)) : prepared;
}

function withUnseen(outcome: Outcome, start: number, factor: number): Outcome {
  const { ends, sets } = outcome;
  const moved = (end: number) => start + Math.max(0, end - start) * factor;
  return {
    ...outcome,
    ends: { sleep: moved(ends.sleep), live: moved(ends.live), done: moved(ends.done) },
    sets: sets.map(moved),
  };
}

/** Where the gates are in the baseline: the middle of runs that differ by a breath, so that no accident of one counts. */
function baselineEnds(runs: readonly Outcome[]): Pick<Outcome, 'ends' | 'sets'> {
  const middle = (end: (run: Outcome) => number) =>
    quantile(
      runs.map(end).toSorted((a, b) => a - b),
      0.5,
    );
  const [sleep, live, done] = GATES.map((gate) => middle(({ ends }) => ends[gate]));
  return {
    ends: { sleep: sleep ?? 0, live: live ?? 0, done: done ?? 0 },
    sets: (runs[0]?.sets ?? []).map((_, nth) => middle(({ sets }) => sets[nth] ?? 0)),
  };
}

/** A gate's end in each run; empty when nothing is left before it. */
function endsOf(
  plan: Plan,
  gate: Gate,
  baseline: Record<Gate, number>,
  outcomes: readonly Outcome[],
): number[] {
  if (plan.gates[gate].date === null) return [];
  const start: number = plan.now;
  const planned = jobsOfGate(plan, gate)
    .filter(({ doneOn }) => doneOn === null)
    .reduce((last, job) => Math.max(last, job.finish + (job.wait?.minutes ?? 0)), start);
  return stretched(
    start,
    planned,
    baseline[gate],
    outcomes.map(({ ends }) => ends[gate]),
  );
}

/** Each run's way to an end, as long as the plan's own and stretched as the run is against the baseline's. */
function stretched(
  start: number,
  planned: number,
  baseline: number,
  ends: readonly number[],
): number[] {
  const usual = Math.max(1, baseline - start);
  return ends.map((end) => Math.max(start, start + ((planned - start) * (end - start)) / usual));
}

function daysOf(ends: readonly number[]): DrawnGate {
  if (ends.length === 0) return { p10: null, p50: null, p80: null, p95: null };
  const sorted = ends.toSorted((a, b) => a - b);
  const at = (share: number): PlainDate => lastDayOf(moment(quantile(sorted, share)));
  return { p10: at(0.1), p50: at(0.5), p80: at(0.8), p95: at(0.95) };
}
