import { seededRandom, type Random } from '../random';
import type { OpenRisk } from '../risk';
import { MINUTES_PER_DAY } from '../units';
import { logNormal, triangular } from './chance';

/** Starting spreads, made up: the owner's own log narrows them. */
const PACE_SPREAD = 0.18;
const EFFORT = [0.85, 1, 1.4] as const;
const WAIT = [1, 1.05, 1.5] as const;
const DAMP = [1, 1, 1.3] as const;
/** Share of the days outside that the weather takes. */
const WEATHER = [0.05, 0.2, 0.45] as const;
const LATE = { chance: 0.25, mostDays: 14 };
const TRADE_LATE = { chance: 0.3, mostDays: 7 };
const FAILS = { chance: 0.15, days: 6 };
const MONEY = [0.95, 1, 1.2] as const;
/** A breath of difference, and nothing else: what schedules differ by for no reason. */
const BREATH = [0.96, 1, 1.04] as const;

/** FNV-1a: a number of its own for each name. */
export function hashOf(name: string): number {
  let hash = 0x811c9dc5;
  for (let at = 0; at < name.length; at += 1) {
    hash = Math.imul(hash ^ name.charCodeAt(at), 0x01000193);
  }
  return hash >>> 0;
}

export type JobLuck = {
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
 * hours, leaves the luck of all others as it was: two houses are compared under the same weather.
 */
export class Luck {
  private readonly pace: number;
  private readonly damp: number;
  private readonly weather: number;
  readonly money: number;

  constructor(
    private readonly seed: number,
    /** `breath` moves the hours by a hair and leaves the rest: the runs all others are measured against. */
    private readonly kind: 'full' | 'breath',
  ) {
    const random = seededRandom(seed);
    const isFull = kind === 'full';
    this.pace = isFull ? logNormal(random, PACE_SPREAD) : 1;
    this.damp = isFull ? triangular(random, ...DAMP) : 1;
    this.weather = isFull ? 1 / (1 - triangular(random, ...WEATHER)) : 1;
    this.money = isFull ? triangular(random, ...MONEY) : 1;
  }

  of(jobHash: number): JobLuck {
    const random = seededRandom((this.seed ^ jobHash) >>> 0);
    if (this.kind === 'breath') {
      const effort = triangular(random, ...BREATH);
      return { ...CALM, effort };
    }
    return {
      effort: this.pace * triangular(random, ...EFFORT),
      wait: this.damp * triangular(random, ...WAIT),
      outdoors: this.weather,
      late: slip(random, LATE),
      trade: slip(random, TRADE_LATE),
      failed: random() < FAILS.chance ? FAILS.days * MINUTES_PER_DAY : 0,
      finds: random,
    };
  }
}

const NOTHING = { minutes: 0, cents: 0 };
const CALM: JobLuck = {
  effort: 1,
  wait: 1,
  outdoors: 1,
  late: 0,
  trade: 0,
  failed: 0,
  finds: null,
};

/** Minutes lost with this chance, up to so many days. */
function slip(random: Random, { chance, mostDays }: { chance: number; mostDays: number }): number {
  const [falls, days] = [random(), random()];
  return falls < chance ? (1 + Math.floor(days * mostDays)) * MINUTES_PER_DAY : 0;
}

/** What a suspicion proves to be, where it is looked into; drawn anew each time it is asked. */
export function findOf(
  { finds: random }: JobLuck,
  { risk }: OpenRisk,
): { minutes: number; cents: number } {
  if (!random) return NOTHING;
  const [falls, share] = [random(), random()];
  if (falls * 100 >= risk.chance) return NOTHING;
  const between = ({ low, high }: { low: number; high: number }) => low + share * (high - low);
  return { minutes: between(risk.minutes), cents: between(risk.cents) };
}
