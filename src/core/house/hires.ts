import type { Hire } from './choices';
import type { JobId } from './entries';
import type { PlainDate } from '../units';
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

/** The other job a trade is booked for on a day; one crew is in one place at a time. */
export function bookedElsewhere(
  house: House & Pick<Project, 'bookings'>,
  trade: string,
  on: PlainDate,
  except: readonly JobId[],
): JobId | undefined {
  const name = trade.trim().toLowerCase();
  const jobs = Object.keys(house.bookings).filter((id) => house.bookings[id] === on) as JobId[];
  const accepted = Object.values(house.accepted).flatMap(({ bookedFrom, shares: [first] }) =>
    bookedFrom === on && first ? [first.jobId] : [],
  );
  return [...jobs, ...accepted].find(
    (id) => !except.includes(id) && hireOf(house, id)?.trade.trim().toLowerCase() === name,
  );
}
