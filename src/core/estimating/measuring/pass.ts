import { openingsOf } from '../finishes';
import { placesInOrder, type Place, type PlaceId, type PlanningInput } from '../../house';
import type { Job } from '../../trade/steps';
import { expandJobs } from '../jobs';
import type { PlainDate } from '../../units';

/** Something to take the tape to, and what asks for it. */
export type ToMeasure = {
  id: string;
  placeId: PlaceId;
  kind: 'room' | 'windows' | 'doors';
  /** How many openings have no size yet; 0 for a room. */
  missing: number;
  /** What waits for the size: materials and jobs, in words of the library. */
  asks: string[];
};

export type MeasuringPass = {
  left: ToMeasure[];
  done: { placeId: PlaceId; on: PlainDate }[];
};

const OPENINGS = [
  { kind: 'windows', opening: 'window', line: 'shell.window+window' },
  { kind: 'doors', opening: 'door', line: 'trim.doors+door' },
] as const;

function roomAsks(jobs: readonly Job[]): string[] {
  const sized = jobs.filter(({ quantity }) => quantity.kind !== 'count').map(({ title }) => title);
  const made = jobs.flatMap(({ materials }) =>
    materials.filter(({ pending }) => pending === 'measure').map(({ use }) => use.what),
  );
  return [...new Set([...made, ...sized])];
}

function ofPlace(project: PlanningInput, place: Place, jobs: readonly Job[]): ToMeasure[] {
  const found: ToMeasure[] = [];
  const asks = roomAsks(jobs);
  if (!project.measured[place.id] && asks.length > 0) {
    found.push({ id: `${place.id}/room`, placeId: place.id, kind: 'room', missing: 0, asks });
  }
  for (const { kind, opening, line } of OPENINGS) {
    const job = jobs.find(({ materials, stepId }) =>
      materials.some(({ use }) => `${stepId}+${use.id}` === line),
    );
    const wanted = job?.quantity.kind === 'count' ? job.quantity.count : 0;
    const missing = wanted - openingsOf(project, place, opening).length;
    if (job && missing > 0) {
      found.push({
        id: `${place.id}/${kind}`,
        placeId: place.id,
        kind,
        missing,
        asks: [job.title],
      });
    }
  }
  return found;
}

/** Everything that must be measured before quantities and orders are more than a guess, in walking order. */
export function measuringPass(
  project: PlanningInput,
  isOpen: (job: Job) => boolean = () => true,
): MeasuringPass {
  const jobs = expandJobs(project).filter(isOpen);
  const places = placesInOrder(project);
  return {
    left: places.flatMap((place) =>
      ofPlace(
        project,
        place,
        jobs.filter(({ placeId }) => placeId === place.id),
      ),
    ),
    done: places.flatMap(({ id }) => {
      const on = project.measured[id];
      return on ? [{ placeId: id, on }] : [];
    }),
  };
}
