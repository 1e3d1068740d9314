import type { HouseToPlan } from '../../house';
import type { LogJob } from '.';
import { progressOf, readProgress } from '../../house/progress';
import { expandJobs } from '../../trade/steps';

/** The jobs of a house as the grammar sees them, when no plan is at hand to say which are ready. */
export function logJobs(project: HouseToPlan): LogJob[] {
  const progress = readProgress(project);
  return expandJobs(project, { isBare: true }).map((job) => {
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
