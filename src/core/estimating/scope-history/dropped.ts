import { type PlanningInput, progressOf, readProgress } from '../../house';
import { findStep } from '../../trade/steps';
import { expandJobs } from '../jobs';
import type { Dropped } from './past-schema';

/** Nothing logged is lost when a decision changes: it stands here until the job is wanted again. */
export function droppedWork(project: PlanningInput): Dropped[] {
  const wanted = new Set(expandJobs(project, { isBare: true }).map(({ id }) => id));
  const progress = readProgress(project);
  return [...progress.keys()]
    .filter((id) => !wanted.has(id) && progressOf(progress, id).logged > 0)
    .map((jobId) => {
      const [where = '', stepId = ''] = jobId.split('/');
      const step = findStep(stepId);
      return {
        jobId,
        title: step?.title ?? jobId,
        placeId: project.places[where]?.id ?? null,
        minutes: progressOf(progress, jobId).logged,
      };
    });
}
