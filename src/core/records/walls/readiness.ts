import { placesInOrder, type Place, type Project, type SurfaceRef } from '../../house';
import type { Plan, PlannedJob } from '../../planning/report';
import { findStep } from '../../trade/steps';
import { beforeClosing, isClosed, unrecordedIn } from './cover-up';

/** What closes walls: what is put into them, or what is put over them. */
export type Closing = 'insulates' | 'board';

/** One room that is to be closed, and all that keeps it from being. */
export type Readiness = {
  place: Place;
  /** The job that closes it. */
  job: PlannedJob;
  surfaces: readonly SurfaceRef[];
  jobs: readonly PlannedJob[];
};

const does = ({ stepId }: PlannedJob, what: Closing): boolean =>
  findStep(stepId ?? '')?.tags.includes(what) === true;

/** Room by room, in walking order: what is still missing before the insulators, or the board, may come. */
export function readiness(project: Project, plan: Plan, what: Closing): Readiness[] {
  return placesInOrder(project).flatMap((place) =>
    plan.jobs
      .filter((job) => job.placeId === place.id && job.doneOn === null && does(job, what))
      .slice(0, 1)
      .map((job) => {
        const { surfaces, jobs } = beforeClosing(project, plan, job);
        return { place, job, surfaces: surfaces.map(({ at }) => at), jobs };
      }),
  );
}

/** A room whose walls were closed before anybody said what is behind them. */
export type ClosedUnrecorded = { place: Place; surfaces: readonly SurfaceRef[] };

/** Rooms that a line of the log, or a tick of before, closed while walls of them were not recorded. */
export function closedUnrecorded(project: Project, plan: Plan): ClosedUnrecorded[] {
  return placesInOrder(project).flatMap((place) => {
    if (!isClosed(plan, place)) return [];
    const surfaces = unrecordedIn(project, place);
    return surfaces.length === 0 ? [] : [{ place, surfaces }];
  });
}
