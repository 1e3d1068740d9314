import type { PlanningInput, Progress } from '../../house';
import type { Job } from '../../trade/steps';
import { daysBetween } from '../../units';

/** How often something comes later than promised, and how late at most. */
export type Slip = { chance: number; mostDays: number };
export type Slips = { deliveries: Slip; trades: Slip; visits: Slip };

/** Starting guesses, made up: each is worth so many cases of the house's own log. */
const CASES = 4;
const STARTING: Slips = {
  deliveries: { chance: 0.25, mostDays: 14 },
  trades: { chance: 0.3, mostDays: 7 },
  visits: { chance: 0.15, mostDays: 6 },
};

/** What the house's own orders, trades and visits say of how often things come late. */
export function slipsOf(
  project: Pick<PlanningInput, 'orders' | 'bookings'>,
  known: readonly { job: Job; progress: Progress }[],
): Slips {
  const orders = Object.values(project.orders).flatMap(({ expectedOn, arrival }) =>
    arrival ? [daysBetween(expectedOn, arrival.on)] : [],
  );
  const trades = known.flatMap(({ job, progress }) => {
    const booked = project.bookings[job.id];
    if (job.work.kind !== 'subcontract' || booked === undefined || progress.firstOn === null)
      return [];
    return [daysBetween(booked, progress.firstOn)];
  });
  const visits = known.flatMap(({ job, progress }) => {
    if (job.work.kind !== 'inspection') return [];
    const passed = progress.doneOn === null ? [] : [0];
    return [...progress.failed.map(() => STARTING.visits.mostDays), ...passed];
  });
  return {
    deliveries: learned(STARTING.deliveries, orders),
    trades: learned(STARTING.trades, trades),
    visits: learned(STARTING.visits, visits),
  };
}

/** Days late, by case: the chance is a share of all, the most leans to twice the mean of those that were late. */
function learned({ chance, mostDays }: Slip, daysLate: readonly number[]): Slip {
  const late = daysLate.filter((days) => days > 0);
  const sum = late.reduce((total, days) => total + days, 0);
  return {
    chance: (chance * CASES + late.length) / (CASES + daysLate.length),
    mostDays: (mostDays * CASES + 2 * sum) / (CASES + late.length),
  };
}
