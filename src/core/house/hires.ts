import type { Hire } from './choices';
import type { JobId } from './entries';
import type { Project } from './project';

type House = Pick<Project, 'hired' | 'accepted'>;

/** A trade that has a job, with the first day they come as far as that was agreed. */
export type Hired = Hire & { from?: Hire['agreedOn'] };

/** The trade a job is given to: by a quote that was taken, else as it was said of the job itself. */
export function hireOf({ hired, accepted }: House, jobId: JobId): Hired | undefined {
  for (const quote of Object.values(accepted)) {
    const share = quote.shares.find((each) => each.jobId === jobId);
    if (!share) continue;
    return {
      jobId,
      trade: quote.from,
      workdays: share.workdays,
      cents: share.cents,
      agreedOn: quote.on,
      ...(quote.bookedFrom ? { from: quote.bookedFrom } : {}),
    };
  }
  return hired[jobId];
}
