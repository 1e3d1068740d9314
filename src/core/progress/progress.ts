import {
  inspectionsOf,
  type HouseToPlan,
  type Inspection,
  type JobId,
  type Logged,
} from '../house';
import { NOTHING_LOGGED, loggedIn, touchedOn } from '../planning';
import type { Job } from '../steps';
import { minutes, type Minutes } from '../units';

/** What is known of one job: the diary, ticks and visits together. */
export type Progress = Logged & {
  /** Visits of an inspector that did not pass, oldest first. */
  failed: readonly Inspection[];
};

const UNTOUCHED: Progress = { ...NOTHING_LOGGED, failed: [] };

/** What is known of every job that was ever named. */
export function readProgress(house: HouseToPlan): Map<JobId, Progress> {
  const logged = 'logged' in house ? house.logged : loggedIn(house);
  const byJob = new Map<JobId, Progress>(
    Object.entries(logged).map(([jobId, told]) => [jobId as JobId, { ...told, failed: [] }]),
  );
  const update = (jobId: JobId, change: (before: Progress) => Progress) =>
    byJob.set(jobId, change(byJob.get(jobId) ?? UNTOUCHED));
  for (const [jobId, on] of Object.entries(house.ticked)) {
    update(jobId as JobId, (before) => ({ ...touchedOn(before, on), share: 100, doneOn: on }));
  }
  const inspections = 'logged' in house ? house.inspections : inspectionsOf(house);
  for (const visit of inspections) {
    update(visit.jobId, (before) =>
      visit.result === 'passed'
        ? { ...touchedOn(before, visit.on), share: 100, doneOn: visit.on }
        : { ...before, doneOn: null, failed: [...before.failed, visit] },
    );
  }
  return byJob;
}

export const progressOf = (byJob: ReadonlyMap<JobId, Progress>, jobId: JobId): Progress =>
  byJob.get(jobId) ?? UNTOUCHED;

/** A job that outlives its estimate is taken to need this much of it still, until a share is told. */
const LEAST_LEFT = 0.15;

/**
 * Person-minutes left. A told share wins: estimate × (1 − share). With hours alone: estimate − hours,
 * but never under 15% of the estimate, because a job that is not called done is not done.
 */
export function effortLeft(job: Job, progress: Progress): Minutes {
  if (progress.doneOn !== null) return minutes(0);
  if (progress.share !== null) return minutes(job.estimate * (1 - progress.share / 100));
  if (progress.logged === 0) return job.estimate;
  return minutes(Math.max(job.estimate - progress.logged, job.estimate * LEAST_LEFT));
}
