import {
  SKILLS,
  type Person,
  type PersonId,
  type PlanningInput,
  type Skill,
  type Progress,
} from '../../house';
import { ableFor, skillOf, type Job } from '../../trade/steps';
import type { PlainDate } from '../../units';
import { Belief, type Prior, type Seen, type Weighted } from './belief';

/** A kind of work as paces are told apart; what anybody does has one of its own. */
export type PaceKind = Skill | 'anything';
export const PACE_KINDS: readonly PaceKind[] = [...SKILLS.map(({ id }) => id), 'anything'];

/** Hours that a job, or a told share of it, took against its estimate. */
export type PacePoint = {
  job: Job['id'];
  kind: PaceKind;
  /** 1 is as estimated, 2 twice as long. */
  ratio: number;
  on: PlainDate;
};

/**
 * Spreads of the logarithm of a pace, in natural units. Made up from what people say of their own work: one owner is
 * half as quick again as another, a kind of work off by a fifth from that, one job by a third from its kind.
 */
const OWNER_SPREAD = 0.5;
const KIND_SPREAD = 0.2;
const PERSON_SPREAD = 0.12;
export const JOB_SPREAD = 0.3;
/** People round to the half hour: of a short job the figures say little. */
const ROUNDING_MINUTES = 12;
/** Shorter jobs, smaller shares and figures beyond these teach nothing. */
const SHORTEST_MINUTES = 15;
const LEAST_SHARE = 20;
const RATIOS = { least: 0.1, most: 10 };
/** Nobody plans by a pace outside of these, whatever the log says. */
const PLANNED = { least: 0.4, most: 3 };

type Known = { job: Job; progress: Progress };

/** What the log says of how long work takes, by kind and person, shrunk to the estimates where it says little. */
export class Paces {
  readonly points: readonly PacePoint[];
  private readonly seen: readonly Seen[];
  private readonly people: readonly Person[];
  /** With the estimates as the starting guess: what the plan goes by. */
  private readonly belief: Belief;

  constructor(project: Pick<PlanningInput, 'people'>, known: readonly Known[]) {
    this.people = project.people;
    const looks = known.flatMap((each) => this.lookAt(each));
    this.points = looks.map(({ point }) => point);
    this.seen = looks.map(({ seen }) => seen);
    this.belief = this.startingFrom(0);
  }

  /** What is believed when owners were thought beforehand to take `exp(overrun)` of the estimates. */
  startingFrom(overrun: number): Belief {
    const priors: Prior[] = [
      { mean: overrun, spread: OWNER_SPREAD },
      ...PACE_KINDS.map(() => ({ mean: 0, spread: KIND_SPREAD })),
      ...this.people.map(() => ({ mean: 0, spread: PERSON_SPREAD })),
    ];
    return Belief.of(priors, this.seen);
  }

  /** Of what a job's pace is the sum: the household, its kind, and who does it. */
  rowOf(job: Job): Weighted[] {
    const doers = job.by
      ? this.people.filter(({ id }) => id === job.by)
      : ableFor(this.people, job);
    const given = (person: Person) => 1 + person.week.reduce((sum, day) => sum + day, 0);
    const all = doers.reduce((sum, person) => sum + given(person), 0);
    return this.row(
      paceKindOf(job),
      doers.map((person) => ({ id: person.id, share: given(person) / all })),
    );
  }

  /** How long a job takes against its estimate, as far as the log says: 1 without a log. In hundredths. */
  of(job: Job): number {
    const factor = Math.exp(this.belief.expects(this.rowOf(job)));
    return Math.round(Math.min(PLANNED.most, Math.max(PLANNED.least, factor)) * 100) / 100;
  }

  /** The pace of a kind of work and the band it lies in with eight chances in ten. */
  ofKind(kind: PaceKind): { factor: number; low: number; high: number } {
    const row = this.row(kind, []);
    const [middle, off] = [this.belief.expects(row), 1.2816 * this.belief.spread(row)];
    return { factor: Math.exp(middle), low: Math.exp(middle - off), high: Math.exp(middle + off) };
  }

  private row(kind: PaceKind, doers: readonly { id: PersonId; share: number }[]): Weighted[] {
    return [
      { at: 0, weight: 1 },
      { at: 1 + PACE_KINDS.indexOf(kind), weight: 1 },
      ...doers.flatMap(({ id, share }) => {
        const who = this.people.findIndex((person) => person.id === id);
        return who < 0 ? [] : [{ at: 1 + PACE_KINDS.length + who, weight: share }];
      }),
    ];
  }

  private lookAt({ job, progress }: Known): { point: PacePoint; seen: Seen }[] {
    const took = measured(job, progress);
    if (!took || progress.lastOn === null) return [];
    const { ratio, share } = took;
    const kind = paceKindOf(job);
    const doers = Object.entries(progress.by).map(([id, minutes]) => ({
      id: id as PersonId,
      share: minutes / Math.max(1, progress.logged),
    }));
    return [
      {
        point: { job: job.id, kind, ratio, on: progress.doneOn ?? progress.lastOn },
        seen: {
          row: this.row(kind, doers),
          value: Math.log(Math.min(RATIOS.most, Math.max(RATIOS.least, ratio))),
          spread: Math.hypot(
            JOB_SPREAD / Math.sqrt(share),
            ROUNDING_MINUTES / (job.estimate * share),
          ),
        },
      },
    ];
  }
}

/** The kind of work whose pace a job follows. */
export const paceKindOf = (job: Pick<Job, 'stepId' | 'stage'>): PaceKind =>
  skillOf(job) ?? 'anything';

/** What a finished job, or a told share of one, took against its estimate; undefined where that is not known. */
function measured(job: Job, progress: Progress): { ratio: number; share: number } | undefined {
  if (job.work.kind !== 'labour' || job.estimate < SHORTEST_MINUTES) return undefined;
  const isDone = progress.doneOn !== null;
  const share = isDone ? 100 : (progress.share ?? 0);
  const hours = isDone ? progress.logged : progress.logged - progress.sinceShare;
  if (share < LEAST_SHARE || hours <= 0) return undefined;
  return { ratio: hours / (job.estimate * (share / 100)), share: share / 100 };
}
