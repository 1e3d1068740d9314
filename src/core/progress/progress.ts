import {
  daysInOrder,
  type DayLog,
  type Entry,
  type Inspection,
  type JobId,
  type Project,
} from '../house';
import type { Job } from '../steps';
import { minutes, type Minutes, type PlainDate } from '../units';

/** What the log says of one job. */
export type Progress = {
  /** Percent done as last told; null when only hours are known. */
  share: number | null;
  /** Person-minutes logged. */
  logged: Minutes;
  /** Days with a line about it, first and last. */
  firstOn: PlainDate | null;
  lastOn: PlainDate | null;
  doneOn: PlainDate | null;
  /** Visits of an inspector that did not pass, oldest first. */
  failed: readonly Inspection[];
};

const NOTHING: Progress = {
  share: null,
  logged: minutes(0),
  firstOn: null,
  lastOn: null,
  doneOn: null,
  failed: [],
};

function touched(progress: Progress, on: PlainDate): Progress {
  return {
    ...progress,
    firstOn: progress.firstOn ?? on,
    lastOn: on,
  };
}

function afterEntry(progress: Progress, entry: Entry, on: PlainDate): Progress {
  if (entry.kind === 'hours') {
    return touched({ ...progress, logged: minutes(progress.logged + entry.minutes) }, on);
  }
  if (entry.kind === 'progress') {
    const doneOn = entry.share === 100 ? on : null;
    return touched({ ...progress, share: entry.share, doneOn }, on);
  }
  return progress;
}

const jobOfEntry = (entry: Entry): JobId | null =>
  entry.kind === 'hours' || entry.kind === 'progress' ? entry.jobId : null;

/** Reads the whole log once: what is known of every job that was ever named. */
export function readProgress(project: Project): Map<JobId, Progress> {
  const byJob = new Map<JobId, Progress>();
  const update = (jobId: JobId, change: (before: Progress) => Progress) =>
    byJob.set(jobId, change(byJob.get(jobId) ?? NOTHING));
  const readDay = (day: DayLog) => {
    for (const entry of day.entries) {
      const jobId = jobOfEntry(entry);
      if (jobId) update(jobId, (before) => afterEntry(before, entry, day.date));
    }
  };
  daysInOrder(project).forEach(readDay);
  for (const [jobId, on] of Object.entries(project.ticked)) {
    update(jobId as JobId, (before) => ({ ...touched(before, on), share: 100, doneOn: on }));
  }
  for (const visit of project.inspections) {
    update(visit.jobId, (before) =>
      visit.result === 'passed'
        ? { ...touched(before, visit.on), share: 100, doneOn: visit.on }
        : { ...before, doneOn: null, failed: [...before.failed, visit] },
    );
  }
  return byJob;
}

export const progressOf = (byJob: ReadonlyMap<JobId, Progress>, jobId: JobId): Progress =>
  byJob.get(jobId) ?? NOTHING;

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
