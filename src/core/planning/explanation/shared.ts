import type { JobId, PersonId } from '../../house';
import type { Plan, PlannedJob } from '../report';

/** What a job shares with others: the hands that come from another and go on to one, and the room it closes or is shut out of. */
export type Shared = {
  hands: { personId: PersonId; before: JobId | null; after: JobId | null }[];
  /** Jobs of the same room that cannot be worked on while this one is, or the other way round. */
  room: JobId[];
};

const spanOf = ({ stretches, start, finish }: PlannedJob) => ({
  from: stretches[0]?.from ?? start,
  to: stretches.at(-1)?.to ?? finish,
});

/** The job's neighbours in the plan. Done jobs share nothing any more. */
export function sharedWith(plan: Plan, job: PlannedJob): Shared {
  const { from, to } = spanOf(job);
  const others = plan.jobs.filter(({ id, doneOn }) => id !== job.id && doneOn === null);
  const people = [...new Set(job.stretches.flatMap((stretch) => stretch.people))];
  const hands = people.map((personId) => {
    let before: { id: JobId; at: number } | null = null;
    let after: { id: JobId; at: number } | null = null;
    for (const { id, stretches } of others) {
      for (const stretch of stretches) {
        if (!stretch.people.includes(personId)) continue;
        if (stretch.to <= from && stretch.to > (before?.at ?? -Infinity)) {
          before = { id, at: stretch.to };
        }
        if (stretch.from >= to && stretch.from < (after?.at ?? Infinity)) {
          after = { id, at: stretch.from };
        }
      }
    }
    return { personId, before: before?.id ?? null, after: after?.id ?? null };
  });
  const room = others
    .filter(
      (other) =>
        job.placeId !== null &&
        other.placeId === job.placeId &&
        (job.limits.closesRoom !== undefined || other.limits.closesRoom !== undefined),
    )
    .toSorted((a, b) => spanOf(a).from - spanOf(b).from)
    .map(({ id }) => id);
  return { hands, room };
}
