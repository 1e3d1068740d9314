import {
  type JobId,
  type PersonId,
  type PlanningInput,
  progressOf,
  type Progress,
} from '../../house';
import type { Graph } from '../../trade/precedence';
import { Paces, keptHours, slipsOf, type DaysWork, type KeptByPerson, type Slips } from '.';
import type { Standing } from '../report';
import type { Job } from '../../trade/steps';
import { dateOf, type Moment, type PlainDate } from '../../units';

/** What the log teaches of the work ahead, and what of it this plan goes by. */
export type Learned = {
  paces: Paces;
  kept: KeptByPerson;
  slips: Slips;
  /** How long a job is planned to take against its estimate. */
  paceOf: (job: Job) => number;
  /** The share of their hours that people are planned to keep. */
  keptShares: ReadonlyMap<PersonId, number>;
};

/** What is learned moves a standing plan only when it moves by more than this: less is noise. */
const STEADY = { pace: 0.05, kept: 0.05 };

type Known = {
  project: PlanningInput;
  now: Moment;
  jobs: readonly Job[];
  graph: Graph;
  progress: ReadonlyMap<JobId, Progress>;
};

/** Learns from a house's log; a standing plan keeps what it went by as long as the log says nearly the same. */
export function learnFrom(known: Known, standing: Standing | null): Learned {
  const { project, now, jobs, progress } = known;
  const looks = jobs.map((job) => ({ job, progress: progressOf(progress, job.id) }));
  const paces = new Paces(project, looks);
  const kept = keptHours(project, dateOf(now), workOn(known));
  const before = new Map(standing?.jobs.map(({ id, pace }) => [id, pace]));
  const paceByJob = new Map(
    jobs.map((job) => [job.id, steady(before.get(job.id), paces.of(job), STEADY.pace)]),
  );
  const keptBefore = standing?.keptShares ?? {};
  return {
    paces,
    kept,
    slips: slipsOf(project, looks),
    paceOf: (job) => paceByJob.get(job.id) ?? 1,
    keptShares: new Map(
      [...kept].map(([id, { share }]) => [id, steady(keptBefore[id], share, STEADY.kept)]),
    ),
  };
}

/** The same with every job at its guess; the hours people keep stay as they were learned. */
export const atTheGuess = (learned: Learned): Learned => ({ ...learned, paceOf: () => 1 });

const steady = (before: number | undefined, now: number, within: number): number =>
  before !== undefined && Math.abs(now - before) <= within + 1e-9 ? before : now;

/**
 * What a day left of own work that any evening would do: a job begun before and not finished then, which wants no
 * second person, long day or dry weather. What was not begun may have waited for things that nobody wrote down.
 */
function workOn({ jobs, progress }: Known): (on: PlainDate) => DaysWork {
  const spans = jobs.flatMap((job) => {
    const { work, limits } = job;
    const isPlain = !limits.inOneGo && !limits.outdoors && !limits.closesRoom;
    const { firstOn, doneOn } = progressOf(progress, job.id);
    if (work.kind !== 'labour' || work.hands === 2 || !isPlain || firstOn === null) return [];
    return [{ from: firstOn, to: doneOn }];
  });
  return (on) => {
    const inHand = spans.filter(({ from, to }) => from < on && (to === null || on <= to));
    if (inHand.length === 0) return 'none';
    return inHand.every(({ to }) => to === on) ? 'finished' : 'left';
  };
}
