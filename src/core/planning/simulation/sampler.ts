import { seededRandom, type Random } from '../../random';
import type { OpenRisk } from '../../survey/risk';
import { JOB_SPREAD, beta, type Belief, type Slip, type Slips, type Weighted } from '../learning';
import type { Learned } from '../learning/learned';
import { MINUTES_PER_DAY } from '../../units';
import { logNormal, triangular } from './chance';

/**
 * What is thought beforehand of owners nobody knows yet. Most take longer than estimated, by how much nobody can say;
 * of the hours they mean to give, about one in seven comes to nothing: so many days' worth kept and lost.
 */
const OVERRUN = Math.log(1.22);
const KEPT_BEFORE = { kept: 7, lost: 1.2 };
const WAIT = [0.9, 1.05, 1.5] as const;
const DAMP = [0.9, 1, 1.3] as const;
/** Share of the days outside that the weather takes. */
const WEATHER = [0.05, 0.2, 0.45] as const;
const MONEY = [0.95, 1, 1.2] as const;
/** A breath of difference, and nothing else: what schedules differ by for no reason. */
const BASELINE_SPREAD = [0.96, 1, 1.04] as const;

/** Of the golden ratio: neighbouring days get seeds far from each other (Knuth 1998, 6.4). */
const SPREADS = 0x9e3779b1;

/** What the log has taught of what goes otherwise; the starting guesses where it is silent. */
export type Chances = { belief: Belief; kept: number; lost: number; slips: Slips };

/** What the draws are made from: the log's lessons over the starting guesses. */
export function chancesOf({ paces, kept, slips }: Learned): Chances {
  const days = [...kept.values()];
  return {
    belief: paces.startingFrom(OVERRUN),
    kept: days.reduce((sum, each) => sum + each.kept, KEPT_BEFORE.kept),
    lost: days.reduce((sum, each) => sum + each.lost, KEPT_BEFORE.lost),
    slips,
  };
}

export type JobSample = {
  /** Of the job alone; how quick the owner is at its kind comes beside it. */
  effort: number;
  wait: number;
  outdoors: number;
  /** Minutes by which what is promised, a trade, or an inspection that must be repeated comes later. */
  late: number;
  trade: number;
  failed: number;
  /** What its finds are drawn from; null when nothing is found. */
  finds: Random | null;
};

/**
 * What goes otherwise in one run. Every job draws from a source of its own, so that a change of one job, or of the
 * hours, leaves the draws of all others as it was: two houses are compared under the same weather.
 */
export class Sampler {
  private readonly paces: Float64Array;
  private readonly damp: number;
  private readonly weather: number;
  readonly money: number;
  /** The share of their evenings that people keep; null in a run that goes by the plan's own. */
  readonly keptShare: number | null;

  constructor(
    private readonly seed: number,
    /** `baseline` moves the hours by a hair and leaves the rest: the runs all others are measured against. */
    private readonly kind: 'full' | 'baseline',
    private readonly chances: Chances,
  ) {
    const random = seededRandom(seed);
    const isFull = kind === 'full';
    this.paces = isFull ? chances.belief.drawn(random) : new Float64Array();
    this.keptShare = isFull ? beta(random, chances.kept, chances.lost) : null;
    this.damp = isFull ? triangular(random, ...DAMP) : 1;
    this.weather = isFull ? 1 / (1 - triangular(random, ...WEATHER)) : 1;
    this.money = isFull ? triangular(random, ...MONEY) : 1;
  }

  /** How long this owner takes for a kind of work against its estimate, in this run; `planned` in a run by the plan. */
  paceOf(row: readonly Weighted[], planned: number): number {
    if (this.kind === 'baseline') return planned;
    return Math.exp(row.reduce((sum, { at, weight }) => sum + weight * (this.paces[at] ?? 0), 0));
  }

  /** Whether the household comes to nothing on a day: the same days in every run of this sampler. */
  isLost(day: number): boolean {
    if (this.keptShare === null) return false;
    return seededRandom((this.seed ^ Math.imul(day + 1, SPREADS)) >>> 0)() >= this.keptShare;
  }

  of(jobHash: number): JobSample {
    const random = seededRandom((this.seed ^ jobHash) >>> 0);
    if (this.kind === 'baseline') {
      const effort = triangular(random, ...BASELINE_SPREAD);
      return { ...CALM, effort };
    }
    const { deliveries, trades, visits } = this.chances.slips;
    return {
      effort: logNormal(random, JOB_SPREAD),
      wait: this.damp * triangular(random, ...WAIT),
      outdoors: this.weather,
      late: slip(random, deliveries),
      trade: slip(random, trades),
      failed: random() < visits.chance ? visits.mostDays * MINUTES_PER_DAY : 0,
      finds: random,
    };
  }
}

const NOTHING = { minutes: 0, cents: 0 };
const CALM: JobSample = {
  effort: 1,
  wait: 1,
  outdoors: 1,
  late: 0,
  trade: 0,
  failed: 0,
  finds: null,
};

/** Minutes lost with this chance, up to so many days. */
function slip(random: Random, { chance, mostDays }: Slip): number {
  const [falls, days] = [random(), random()];
  return falls < chance ? (1 + Math.floor(days * mostDays)) * MINUTES_PER_DAY : 0;
}

/** What a suspicion proves to be, where it is looked into; drawn anew each time it is asked. */
export function findOf(
  { finds: random }: JobSample,
  { risk }: OpenRisk,
): { minutes: number; cents: number } {
  if (!random) return NOTHING;
  const [falls, share] = [random(), random()];
  if (falls * 100 >= risk.chance) return NOTHING;
  const between = ({ low, high }: { low: number; high: number }) => low + share * (high - low);
  return { minutes: between(risk.minutes), cents: between(risk.cents) };
}
