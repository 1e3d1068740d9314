import { isSpokenOf, type Place, type Project, type SurfaceRef } from '../../house';
import type { Plan, PlannedJob } from '../../planning/report';
import { findStep } from '../../trade/steps';
import { isPlaced, sameSurface } from './since';
import { surfacesOf } from './surfaces';

const RECORDS = 'record.walls';

/** What stands in the way of closing walls: surfaces nobody recorded, and work or visits that would be covered up. */
export type BeforeClosing = {
  surfaces: readonly { place: Place; at: SurfaceRef }[];
  jobs: readonly PlannedJob[];
};

/** Walls and ceiling of which nobody said what is behind them, be it nothing. Floors are said where somebody wants to. */
export function unrecordedIn(
  { wallRecords }: Pick<Project, 'wallRecords'>,
  place: Place,
): SurfaceRef[] {
  const said = Object.values(wallRecords).filter(
    (record) => record.placeId === place.id && isSpokenOf(record) && isPlaced(record, place),
  );
  return surfacesOf(place).filter(
    (at) => at.kind !== 'floor' && !said.some((record) => record.at && sameSurface(record.at, at)),
  );
}

const tagsOf = ({ stepId }: PlannedJob) => findStep(stepId ?? '')?.tags ?? [];
const closes = (job: PlannedJob) =>
  tagsOf(job).some((tag) => tag === 'insulates' || tag === 'board');

/** Whether some work opens the walls of a room, so that they are to be recorded before they are closed. */
export const hasWallsToRecord = (plan: Plan, { id }: Pick<Place, 'id'>): boolean =>
  plan.jobs.some(({ placeId, stepId }) => placeId === id && stepId === RECORDS);

/** Whether a room with walls to be recorded was closed: what closes it is done, be it recorded or not. */
export const isClosed = (plan: Plan, place: Pick<Place, 'id'>): boolean =>
  hasWallsToRecord(plan, place) &&
  plan.jobs.some((job) => job.placeId === place.id && closes(job) && job.doneOn !== null);

/** All that has to come before a job and is not done, through every link. */
function openBefore(plan: Plan, job: PlannedJob): PlannedJob[] {
  const byId = new Map(plan.jobs.map((each) => [each.id, each]));
  const seen = new Map<string, PlannedJob>();
  const open = [job];
  for (let at = open.pop(); at; at = open.pop()) {
    for (const { jobId } of at.predecessors) {
      const before = byId.get(jobId);
      if (!before || before.doneOn !== null || seen.has(jobId)) continue;
      seen.set(jobId, before);
      open.push(before);
    }
  }
  return [...seen.values()];
}

/**
 * What has to be recorded or passed before a job may be ticked: of the record itself each surface that nobody spoke of;
 * of what closes a wall those too, whoever said that they were recorded, with the pipes and cables of its room, and
 * every visit that is to see them. A log line that says it is done is kept all the same.
 */
export function beforeClosing(
  project: Pick<Project, 'wallRecords' | 'places'>,
  plan: Plan,
  job: PlannedJob,
): BeforeClosing {
  const isCoveredUp = (before: PlannedJob): boolean =>
    before.work.kind === 'inspection' ||
    (before.placeId === job.placeId &&
      (before.stepId === RECORDS || tagsOf(before).includes('rough')));
  const jobs = closes(job) ? openBefore(plan, job).filter(isCoveredUp) : [];
  const place = job.placeId === null ? undefined : project.places[job.placeId];
  const isAsked =
    job.stepId === RECORDS || (closes(job) && place !== undefined && hasWallsToRecord(plan, place));
  const surfaces =
    place && isAsked ? unrecordedIn(project, place).map((at) => ({ place, at })) : [];
  return { surfaces, jobs };
}
