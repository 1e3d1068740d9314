import type { EventBodyOf } from '@/core/journal';
import type { PlannedJob } from '@/core/planning/report';
import { formatDate, type PlainDate } from '@/core/units';

/** Something wished for one job: what would be kept, and how it is said. */
export type Wish = { changes: readonly EventBodyOf[]; said: string; demandId?: string };

type Named = Pick<PlannedJob, 'id' | 'title'>;

export const notBefore = ({ id, title }: Named, on: PlainDate): Wish => ({
  changes: [{ type: 'jobHeldUntil', payload: { jobId: id, on } }],
  said: `${title}: not before ${formatDate(on)}`,
});

/** A hard date for one job: it, and all it waits for, goes before what can wait. */
export const doneBy = ({ id, title }: Named, by: PlainDate, demandId: string): Wish => ({
  changes: [
    {
      type: 'demandMade',
      payload: {
        id: demandId,
        from: 'you',
        what: title,
        covers: { kind: 'job', jobId: id },
        by,
      },
    },
  ],
  said: `${title}: done by ${formatDate(by)}`,
  demandId,
});

export function onDay(job: Named, on: PlainDate, demandId: string): Wish {
  const changes = [...notBefore(job, on).changes, ...doneBy(job, on, demandId).changes];
  return { changes, said: `${job.title}: on ${formatDate(on)}`, demandId };
}

/** A rule of one's own: the job waits for another. */
export const after = (job: Named, before: Named, because: string, ruleId: string): Wish => ({
  changes: [
    { type: 'ruleAdded', payload: { id: ruleId, before: before.id, after: job.id, because } },
  ],
  said: `${job.title} after ${before.title}`,
});
