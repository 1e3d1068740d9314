import {
  addDays,
  minutes,
  moment,
  momentAt,
  type Minutes,
  type Moment,
  type PlainDate,
} from '../units';
import type { Entry, JobId } from './entries';
import { daysInOrder, type Project } from './project';

/** What the diary says of one job, added up over all its lines. */
export type Logged = {
  /** Percent done as last told; null when only hours are known. */
  share: number | null;
  /** Person-minutes logged. */
  logged: Minutes;
  /** Of these, the minutes of each person, and those of lines after the one that told the share. */
  by: Readonly<Record<string, Minutes>>;
  sinceShare: Minutes;
  /** Days with a line about it, first and last. */
  firstOn: PlainDate | null;
  lastOn: PlainDate | null;
  doneOn: PlainDate | null;
  /** Told to dry or set: until when, and what. */
  waits?: { until: Moment; what: string } | null;
};

/** What is told in the evening began to dry in the evening. */
const WAITS_FROM = 20 * 60;

/** Of a job that no line names. */
export const NOTHING_LOGGED: Logged = {
  share: null,
  logged: minutes(0),
  by: {},
  sinceShare: minutes(0),
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
    const { personId, minutes: spent } = entry;
    const all = {
      ...before,
      logged: minutes(before.logged + spent),
      by: { ...before.by, [personId]: minutes((before.by[personId] ?? 0) + spent) },
      sinceShare: minutes(before.sinceShare + spent),
    };
    return touchedOn(all, on);
  }
  if (entry.kind === 'wait') {
    const until = moment(momentAt(on, WAITS_FROM) + entry.minutes);
    return { ...before, waits: { until, what: entry.what } };
  }
  if (entry.kind !== 'progress') return before;
  // Begun, or counted in what gives no share: under way, and as far as it was.
  const { share } = entry;
  if (share === undefined) return touchedOn(before, on);
  const doneOn = share === 100 ? on : null;
  return touchedOn({ ...before, share, sinceShare: minutes(0), doneOn }, on);
}

const jobOfEntry = (entry: Entry): JobId | null =>
  entry.kind === 'hours' || entry.kind === 'progress' || entry.kind === 'wait' ? entry.jobId : null;

/** A share told in a line is the one after the hours of that line, however it was said. */
const hoursFirst = (entries: readonly Entry[]): Entry[] => [
  ...entries.filter(({ kind }) => kind === 'hours'),
  ...entries.filter(({ kind }) => kind !== 'hours'),
];

/** What the whole diary says of every job that was ever named; lines read on top of what is known already. */
export function loggedIn(
  house: Pick<Project, 'days'>,
  known: Readonly<Record<string, Logged>> = {},
): Record<string, Logged> {
  const byJob = { ...known };
  for (const day of daysInOrder(house)) {
    for (const entry of hoursFirst(day.entries)) {
      const jobId = jobOfEntry(entry);
      if (jobId) byJob[jobId] = afterEntry(byJob[jobId] ?? NOTHING_LOGGED, entry, day.date);
    }
  }
  return byJob;
}

type Worked = Readonly<Record<string, Readonly<Record<string, Minutes>>>>;

/** What older days say of how many hours are kept is forgotten: a house is planned by how it goes now. */
const DAYS_KEPT = 120;

/** Minutes of each person by day, of the last months in which anything was told; on top of what is known already. */
export function workedIn(
  house: Pick<Project, 'days'>,
  known: Worked = {},
): Record<string, Record<string, Minutes>> {
  const days = daysInOrder(house);
  const last = days.at(-1)?.date;
  const byDate = Object.fromEntries(Object.entries(known).map(([on, row]) => [on, { ...row }]));
  for (const { date, entries } of days) {
    if (last === undefined || date < addDays(last, -DAYS_KEPT)) continue;
    const row = (byDate[date] ??= {});
    for (const entry of entries) {
      if (entry.kind !== 'hours') continue;
      row[entry.personId] = minutes((row[entry.personId] ?? 0) + entry.minutes);
    }
  }
  return byDate;
}
