import type { HouseToPlan } from '../house';
import type { LogJob } from '../log';
import { progressOf, readProgress } from './progress';
import { expandJobs } from '../steps';

/** The jobs of a house as the grammar sees them, when no plan is at hand to say which are ready. */
export function logJobs(project: HouseToPlan): LogJob[] {
  const progress = readProgress(project);
  return expandJobs(project).map((job) => {
    const { doneOn, firstOn } = progressOf(progress, job.id);
    return {
      id: job.id,
      placeId: job.placeId,
      title: job.title,
      says: job.says,
      state: doneOn !== null ? 'done' : firstOn !== null ? 'in-hand' : 'open',
    };
  });
}
