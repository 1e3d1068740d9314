import { daysInOrder, type Entry, type JobId, type Logged, type Project } from '../house';
import { minutes, moment, momentAt, type PlainDate } from '../units';

/** What is told in the evening began to dry in the evening. */
const WAITS_FROM = 20 * 60;

/** Of a job that no line names. */
export const NOTHING_LOGGED: Logged = {
  share: null,
  logged: minutes(0),
  firstOn: null,
  lastOn: null,
  doneOn: null,
};
/** The same, spoken of once more on a day. */
export const touchedOn = <T extends Logged>(progress: T, on: PlainDate): T => ({
  ...progress,
  firstOn: progress.firstOn ?? on,
  lastOn: on,
});

function afterEntry(before: Logged, entry: Entry, on: PlainDate): Logged {
  if (entry.kind === 'hours') {
    return touchedOn({ ...before, logged: minutes(before.logged + entry.minutes) }, on);
  }
  if (entry.kind === 'wait') {
    const until = moment(momentAt(on, WAITS_FROM) + entry.minutes);
    return { ...before, waits: { until, what: entry.what } };
  }
  if (entry.kind !== 'progress') return before;
  // Begun, or counted in what gives no share: under way, and as far as it was.
  const { share } = entry;
  if (share === undefined) return touchedOn(before, on);
  return touchedOn({ ...before, share, doneOn: share === 100 ? on : null }, on);
}

const jobOfEntry = (entry: Entry): JobId | null =>
  entry.kind === 'hours' || entry.kind === 'progress' || entry.kind === 'wait' ? entry.jobId : null;

/** What the whole diary says of every job that was ever named; lines read on top of what is known already. */
export function loggedIn(
  house: Pick<Project, 'days'>,
  known: Readonly<Record<string, Logged>> = {},
): Record<string, Logged> {
  const byJob = { ...known };
  for (const day of daysInOrder(house)) {
    for (const entry of day.entries) {
      const jobId = jobOfEntry(entry);
      if (jobId) byJob[jobId] = afterEntry(byJob[jobId] ?? NOTHING_LOGGED, entry, day.date);
    }
  }
  return byJob;
}
