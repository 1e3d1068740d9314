import { relationsOf, type PlaceId } from '../../house';
import { answerOf } from '../practices';
import { operationOf, type Operation, type Job, type Key } from '../steps';
import type { OwnOrder } from './own-order';

/** A job in one of the places it is done in or for, with what it does there. */
export type Placed = Operation & { job: Job; stepId: string | null };

type Here = { has: (stepId: string) => boolean; shutBelow: boolean };

/**
 * Exceptions move a step to another key, and never turn a link round: with smaller keys always first, no choice of
 * works and schools can loop.
 */
function keyOf(stepId: string, key: Key, here: Here, own: OwnOrder): Key {
  if (
    stepId === 'cabinets.set' &&
    answerOf(own, 'floors') === 'cabinets-first' &&
    here.has('floor.lay')
  ) {
    return 9.42;
  }
  if (stepId === 'paint.walls' && answerOf(own, 'paint') === 'last-coat-after-floors') return 9.55;
  // From above only: the pipes lie between the joists before the subfloor hides them.
  if (stepId === 'structure.subfloor' && here.shutBelow && here.has('rough.drains')) return 8;
  return key;
}

/** The jobs of each place, visits, permits and the like in every place they are for. */
export function placedIn(jobs: readonly Job[], own: OwnOrder): Map<PlaceId, Placed[]> {
  const byPlace = new Map<PlaceId, Job[]>();
  for (const job of jobs) {
    for (const placeId of job.placeId === null ? job.serves : [job.placeId]) {
      const known = byPlace.get(placeId);
      if (known) known.push(job);
      else byPlace.set(placeId, [job]);
    }
  }
  const opensCeiling = (id: PlaceId): boolean =>
    (byPlace.get(id) ?? []).some(({ stepId }) => stepId === 'demo.ceiling');
  const isCellar = (id: PlaceId): boolean => own.places[id]?.kind === 'cellar';
  const shutBelow = new Set(
    relationsOf(own)
      .filter(({ kind, from }) => kind === 'below' && !isCellar(from) && !opensCeiling(from))
      .map(({ to }) => to),
  );
  return new Map(
    [...byPlace].map(([placeId, members]) => {
      const steps = new Set(members.map(({ stepId }) => stepId));
      const here: Here = { has: (id) => steps.has(id), shutBelow: shutBelow.has(placeId) };
      const placed = members.flatMap((job): Placed[] => {
        const operation = job.stepId === null ? undefined : operationOf(job.stepId);
        if (!operation || job.stepId === null) return [];
        return [
          {
            ...operation,
            key: keyOf(job.stepId, operation.key, here, own),
            job,
            stepId: job.stepId,
          },
        ];
      });
      return [placeId, placed];
    }),
  );
}
