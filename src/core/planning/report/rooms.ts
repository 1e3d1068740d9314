import { MINUTES_PER_DAY, dateOf, daysBetween, lastDayOf, moment } from '../../units';
import type { Plan } from './plan';

type Worked = {
  placeId?: string | null;
  stretches: readonly { from: number; people: readonly string[] }[];
};

/** How often, over all days, somebody works in one more room than the first: tools carried, boots cleaned. */
export function roomChanges(work: Iterable<Worked>): number {
  const rooms = new Map<string, Map<number, string[]>>();
  let changes = 0;
  for (const { placeId, stretches } of work) {
    const room = placeId ?? '';
    for (const { from, people } of stretches) {
      const day = Math.floor(from / MINUTES_PER_DAY);
      for (const person of people) {
        const days = rooms.get(person) ?? new Map<number, string[]>();
        const seen = days.get(day);
        if (!seen) rooms.set(person, days.set(day, [room]));
        else if (!seen.includes(room)) {
          seen.push(room);
          changes += 1;
        }
      }
    }
  }
  return changes;
}

/**
 * Days on which rooms stand finished before the house is: for each place with work left, from the end of its last job
 * and wait to the end of all of them.
 */
export function roomFreeDays(plan: Plan): number {
  const ends = new Map<string, number>();
  let last = plan.now as number;
  for (const job of plan.jobs) {
    if (job.doneOn !== null) continue;
    const end = job.finish + (job.wait?.minutes ?? 0);
    last = Math.max(last, end);
    if (job.placeId !== null) ends.set(job.placeId, Math.max(ends.get(job.placeId) ?? 0, end));
  }
  const end = dateOf(moment(last));
  return [...ends.values()].reduce(
    (days, free) => days + Math.max(0, daysBetween(lastDayOf(moment(free)), end)),
    0,
  );
}
