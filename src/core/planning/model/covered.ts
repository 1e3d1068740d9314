import {
  isInPhase,
  isOutside,
  relationsOf,
  type HardDate,
  type JobId,
  type PlaceId,
} from '../../house';
import { gateRank } from '../../trade/gates';
import type { Job } from '../../trade/steps';
import type { ScheduleModel } from './schedule-model';
import { closesIn, isSkin } from './shell';

function isOutsideOf(model: ScheduleModel, job: Job, placeId: PlaceId): boolean {
  if (job.placeId === placeId) return closesIn(job) || isSkin(job);
  const wraps = relationsOf(model.project).some(
    ({ kind, from, to, told }) =>
      told && from === job.placeId && to === placeId && (kind === 'outside-of' || kind === 'over'),
  );
  return wraps && job.stage > FIRST_STAGES;
}
const FIRST_STAGES = 2;

/** The jobs that must be done by a date from outside, or by the end of a phase. */
export function coveredBy(model: ScheduleModel, { covers }: Pick<HardDate, 'covers'>): JobId[] {
  const isCovered = (job: Job): boolean => {
    switch (covers.kind) {
      case 'place':
        return job.placeId === covers.placeId;
      case 'job':
        return job.id === covers.jobId;
      case 'gate':
        return gateRank(model.membership.get(job.id) ?? 'done') <= gateRank(covers.gate);
      case 'jobs':
        return covers.jobIds.includes(job.id);
      case 'closed-in':
        return closesIn(job);
      case 'outside-of':
        return isOutsideOf(model, job, covers.placeId);
      case 'phase':
        return isInPhase(covers.phase, { jobId: job.id, placeId: job.placeId });
      case 'outside': {
        const place = job.placeId === null ? undefined : model.project.places[job.placeId];
        return place !== undefined && isOutside(place.kind);
      }
    }
  };
  return model.jobs.filter(isCovered).map(({ id }) => id);
}
