import type { PlaceId } from '../../house';
import type { LogContext, LogJob } from './context';
import { ENOUGH, stepsFor, type SaidStems, type StepFit } from './evidence';
import type { Phrase } from './line';
import type { Memory } from './reading';

export type JobFit = { job: LogJob; fit: number };

/** What is under way is likelier meant, then what is ready; what is done least. A lean, never a filter. */
const LEAN: Readonly<Record<LogJob['state'], number>> = {
  'in-hand': 0.5,
  ready: 0.35,
  open: 0,
  done: -0.6,
};
const SAID_BEFORE = 0.8;
const SAME_ROOM = 0.7;
/** Two readings closer than this are asked about. */
const GAP = 0.25;

/** The rooms a stretch names; more than one where a word may mean either. */
export function placesSaid(stretch: Phrase): {
  all: PlaceId[];
  unclear: readonly PlaceId[] | null;
} {
  const marks = stretch.marked('place');
  const strong = marks.filter(({ weak }) => !weak);
  const clear = marks.filter(({ ids, weak }) => ids.length === 1 && (!weak || strong.length === 0));
  const all = [...new Set(clear.flatMap(({ ids }) => ids))];
  const several = marks.find(({ ids }) => ids.length > 1);
  return { all, unclear: all.length === 0 && several ? several.ids : null };
}

/** The jobs some words may mean, best first. Rooms that are named bind; the room spoken of before only leans. */
export function jobsFor(
  said: SaidStems,
  places: readonly PlaceId[],
  memory: Memory,
  context: LogContext,
  fits: readonly StepFit[] = stepsFor(said, context),
): JobFit[] {
  const found = jobsAbove(ENOUGH, places, memory, fits);
  // A room that is named makes half a phrase enough: there are few jobs in it.
  if (places.length > 0) {
    return found.length > 0 ? found : jobsAbove(ENOUGH_IN_ROOM, places, memory, fits);
  }
  if (memory.place === null) return found;
  const here = jobsAbove(ENOUGH_IN_ROOM, [memory.place], memory, fits)
    .filter(({ job }) => job.placeId === memory.place && !found.some((one) => one.job === job))
    .map(({ job, fit }) => ({ job, fit: fit + SAME_ROOM }));
  return [...found, ...here].sort((a, b) => b.fit - a.fit);
}
const ENOUGH_IN_ROOM = 0.5;

/** As `jobsFor`, from a fit of one's own choice upwards. */
export function jobsAbove(
  least: number,
  places: readonly PlaceId[],
  memory: Memory,
  fits: readonly StepFit[],
): JobFit[] {
  const found: JobFit[] = [];
  for (const { step, fit } of fits) {
    if (fit < least) continue;
    for (const job of step.jobs) {
      const isHere = job.placeId !== null && places.includes(job.placeId);
      if (places.length > 0 && !isHere && job.placeId !== null) continue;
      const isFar = places.length > 0 && !isHere;
      const lean =
        LEAN[job.state] +
        (job.id === memory.jobId ? SAID_BEFORE : 0) +
        (places.length === 0 && job.placeId !== null && job.placeId === memory.place
          ? SAME_ROOM
          : 0) -
        (isFar ? 0.4 : 0);
      found.push({ job, fit: fit + lean });
    }
  }
  return found.sort((a, b) => b.fit - a.fit);
}

/** Those that nothing tells apart from the best. */
export const nearBest = (found: readonly JobFit[]): JobFit[] => {
  const top = found[0]?.fit ?? 0;
  return found.filter(({ fit }) => top - fit < GAP);
};
