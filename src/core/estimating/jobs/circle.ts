import type { JobId, PlanningInput } from '../../house';
import { findLoop, withoutJobs } from '../../trade/precedence';
import { expandAll } from './expand';
import { linksOf } from './links';

/** The jobs that would wait for each other in a circle, in order; undefined where every job can be begun some day. */
export function circleIn(house: PlanningInput): { jobId: JobId; title: string }[] | undefined {
  const all = expandAll(house, { isBare: true });
  const dropped = new Set(
    all.filter(({ id }) => Object.hasOwn(house.droppedJobs, id)).map(({ id }) => id),
  );
  const jobs = all.filter(({ id }) => !dropped.has(id));
  const links = withoutJobs(linksOf(all, house), dropped);
  return findLoop(
    jobs.map(({ id }) => id),
    links,
  )?.map((jobId) => ({
    jobId,
    title: jobs.find(({ id }) => id === jobId)?.title ?? jobId,
  }));
}
