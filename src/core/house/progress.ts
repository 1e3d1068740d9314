import type { JobId } from './entries';
import { NOTHING_LOGGED, touchedOn, type Logged } from './logged';
import type { PlanningInput } from './planning-input';
import type { Inspection } from './records';
import { minutes, type Minutes } from '../units';

/** What is known of one job: the diary, ticks and visits together. */
export type Progress = Logged & {
  /** Visits of an inspector that did not pass, oldest first. */
  failed: readonly Inspection[];
};

const UNTOUCHED: Progress = { ...NOTHING_LOGGED, failed: [] };

/** Something with a guess of its whole work. */
type Estimated = { estimate: Minutes };

/** What is known of every job that was ever named. */
export function readProgress(house: PlanningInput): Map<JobId, Progress> {
  const byJob = new Map<JobId, Progress>(
    Object.entries(house.logged).map(([jobId, told]) => [jobId as JobId, { ...told, failed: [] }]),
  );
  const update = (jobId: JobId, change: (before: Progress) => Progress) =>
    byJob.set(jobId, change(byJob.get(jobId) ?? UNTOUCHED));
  for (const [jobId, on] of Object.entries(house.ticked)) {
    update(jobId as JobId, (before) => ({ ...touchedOn(before, on), share: 100, doneOn: on }));
  }
  for (const visit of house.inspections) {
    update(visit.jobId, (before) =>
      visit.result === 'passed'
        ? { ...touchedOn(before, visit.on), share: 100, doneOn: visit.on }
        : { ...before, doneOn: null, failed: [...before.failed, visit] },
    );
  }
  return byJob;
}

/** What is known of a job; untouched where nothing was said of it. */
export const progressOf = (byJob: ReadonlyMap<JobId, Progress>, jobId: JobId): Progress =>
  byJob.get(jobId) ?? UNTOUCHED;

/** A job that outlives its estimate is taken to need this much of it still, until a share is told. */
const LEAST_LEFT = 0.15;

/**
 * Person-minutes left of a job that takes `pace` times its estimate. A told share wins, less the hours of lines after
 * it: estimate × pace × (1 − share) − hours since. With hours alone: estimate × pace − hours. Never under 15% of what
 * was left when counting began, because a job that is not called done is not done.
 */
export const effortLeft = (job: Estimated, progress: Progress, pace = 1): Minutes =>
  toldLeft(job, progress, pace).left;

/** The same, and how much of it is only that no job is nearly done until it is called done. */
export function toldLeft(
  job: Estimated,
  progress: Progress,
  pace: number,
): { left: Minutes; spare: Minutes } {
  if (progress.doneOn !== null) return { left: minutes(0), spare: minutes(0) };
  const { share, logged, sinceShare } = progress;
  const whole = job.estimate * pace * (1 - (share ?? 0) / 100);
  const since = share === null ? logged : sinceShare;
  const plain = Math.max(0, whole - since);
  const left = since === 0 ? whole : Math.max(plain, whole * LEAST_LEFT);
  return { left: minutes(left), spare: minutes(left - plain) };
}
