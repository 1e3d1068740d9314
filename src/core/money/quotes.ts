import { quotesOf, type JobId, type Project, type Quote } from '../house';
import type { CostLine, Plan, PlannedJob } from '../planning/report';
import { cents, minutes, splitCents, type Cents, type Minutes } from '../units';

/** What doing it oneself comes to against a quote. */
type AgainstQuote = {
  /** Paid, and still to pay, for the same jobs. */
  ownCents: Cents;
  ownMinutes: Minutes;
  saved: Cents;
  /** For each hour of one's own; null where no hour was or will be worked. */
  savedPerHour: Cents | null;
  isDone: boolean;
};

export type QuoteStanding = {
  quote: Quote;
  isAccepted: boolean;
  /** Other quotes for the same jobs, cheapest first, this one among them. */
  rank: number;
  of: number;
  against: AgainstQuote | null;
  /** Own work left in the rooms of its jobs that is no part of it. */
  leaves: { jobs: number; minutes: Minutes };
};

const keyOf = ({ jobIds, id }: Quote): string => jobIds?.toSorted().join(' ') || id;

/** What the jobs of a quote cost without the trade: bought, still to buy, or there already at its guess. */
const costOf = ({ paid, open, planned }: CostLine): number =>
  paid + open > 0 ? paid + open : planned;

function againstOwn(quote: Quote, plan: Plan): AgainstQuote | null {
  const ids = new Set<JobId>(quote.jobIds);
  const jobs = plan.jobs.filter((job) => ids.has(job.id) && job.work.kind === 'labour');
  // Something of it is hired, or gone: there is nothing of one's own to compare.
  if (jobs.length === 0 || jobs.length < ids.size) return null;
  const spent = plan.costs.lines
    .filter(({ jobId }) => jobId !== null && ids.has(jobId))
    .reduce((sum, line) => sum + costOf(line), 0);
  const worked = jobs.reduce(
    (sum, { logged, left, doneOn, estimate }) =>
      sum + (doneOn === null ? logged + left : logged || estimate),
    0,
  );
  const saved = cents(quote.cents - spent);
  return {
    ownCents: cents(spent),
    ownMinutes: minutes(worked),
    saved,
    savedPerHour: worked > 0 ? cents((saved * 60) / worked) : null,
    isDone: jobs.every(({ doneOn }) => doneOn !== null),
  };
}

/** What a quote for jobs of some rooms leaves to do there for those who live there. */
function leftBy({ jobIds = [] }: Quote, plan: Plan | null): QuoteStanding['leaves'] {
  const taken = new Set<JobId>(jobIds);
  const jobs = plan?.jobs ?? [];
  const rooms = new Set(
    jobs.flatMap(({ id, placeId }) => (taken.has(id) && placeId !== null ? [placeId] : [])),
  );
  const left = jobs.filter(
    ({ id, placeId, doneOn, work }) =>
      placeId !== null &&
      rooms.has(placeId) &&
      !taken.has(id) &&
      doneOn === null &&
      work.kind === 'labour',
  );
  return { jobs: left.length, minutes: minutes(left.reduce((sum, job) => sum + job.left, 0)) };
}

/** Every quote as it stands: taken or kept for comparison, among others for the same, and against one's own work. */
export function quoteStandings(project: Project, plan: Plan | null): QuoteStanding[] {
  const quotes = quotesOf(project);
  return quotes.map((quote) => {
    const group = quotes
      .filter((other) => keyOf(other) === keyOf(quote))
      .toSorted((a, b) => a.cents - b.cents);
    return {
      quote,
      isAccepted: Object.hasOwn(project.accepted, quote.id),
      rank: group.findIndex(({ id }) => id === quote.id) + 1,
      of: group.length,
      against: plan ? againstOwn(quote, plan) : null,
      leaves: leftBy(quote, plan),
    };
  });
}

/** Each job's part of a quote, by its hours (a trade's days count as days of eight), and of its workdays. */
export function sharesOf(
  { cents: sum }: Pick<Quote, 'cents'>,
  workdays: number,
  jobs: readonly PlannedJob[],
): { jobId: JobId; cents: Cents; workdays: number }[] {
  const weights = jobs.map(({ work, left }) =>
    work.kind === 'subcontract' ? work.workdays * HOURS_OF_A_TRADE : Math.max(1, left),
  );
  const parts = splitCents(sum, weights);
  const whole = weights.reduce((all, weight) => all + weight, 0);
  return jobs.map((job, at) => ({
    jobId: job.id,
    cents: parts[at] ?? cents(0),
    workdays: Math.max(1, Math.round((workdays * (weights[at] ?? 0)) / Math.max(1, whole))),
  }));
}
const HOURS_OF_A_TRADE = 8 * 60;
