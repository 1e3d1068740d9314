import type { HouseFacts, JobId } from '../../house';
import { openRisks, type OpenRisk } from './risk';

/** An hour of one's own set against money for ranking alone, in cents: a made-up $25. */
const HOUR_CENTS = 2_500;

/** Jobs of a plan with how many days they may slip. */
type Slack = { jobs: readonly { id: JobId; slackDays: number }[] };

/**
 * Open suspicions, the one to open up first at the front: what it costs on average in hours and money, the more
 * so the less slack its investigation has, because then the whole plan hangs on it.
 */
export function openFirst(project: HouseFacts, plan: Slack | null): OpenRisk[] {
  const slack = new Map(plan?.jobs.map((job) => [job.id, job.slackDays]));
  const weight = ({ expectedCents, expectedMinutes, lookJobId }: OpenRisk) =>
    (expectedCents + (expectedMinutes / 60) * HOUR_CENTS) / (1 + (slack.get(lookJobId) ?? 0) / 7);
  return openRisks(project).toSorted((a, b) => weight(b) - weight(a));
}
