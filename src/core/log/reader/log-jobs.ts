import { planningInputOf, progressOf, readProgress, type Project } from '../../house';
import type { LogJob } from './context';
import { expandJobs } from '../../estimating/jobs';

/** The jobs of a house as the grammar sees them, when no plan is at hand to say which are ready. */
export function logJobs(project: Project): LogJob[] {
  const house = planningInputOf(project);
  const progress = readProgress(house);
  return expandJobs(house, { isBare: true }).map((job) => {
    const { doneOn, firstOn, lastOn, share } = progressOf(progress, job.id);
    return {
      id: job.id,
      placeId: job.placeId,
      title: job.title,
      says: job.says,
      share,
      toldOn: lastOn,
      quantity: job.quantity,
      state: doneOn !== null ? 'done' : firstOn !== null ? 'in-hand' : 'open',
    };
  });
}
