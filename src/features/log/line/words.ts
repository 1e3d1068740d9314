import { kindTitle, placeIdSchema, surfaceTitle, type Entry, type Project } from '@/core/house';
import { labelText, type Effect, type Label, type Question } from '@/core/log/reader';
import type { PlannedJob } from '@/core/planning/report';
import {
  addCents,
  countWords,
  formatDate,
  formatMinutes,
  formatMoney,
  formatTimeOfDay,
  dateOf,
  type PlainDate,
} from '@/core/units';
import { heldTitle, heldWords } from '@/features/records/walls';
import { personNameIn, placeOf, placeNameIn } from '@/store';

export type EntryWords = { title: string; note: string; figure: string };
type Known = {
  project: Project;
  jobs: ReadonlyMap<string, PlannedJob>;
  /** What a job was called that is planned no more, such as one of a room since removed. */
  formerTitle?: (jobId: string) => string | undefined;
};

export function jobTitle(jobId: string | null, { project, jobs, formerTitle }: Known): string {
  if (jobId === null) return 'Not on one job';
  const title = jobs.get(jobId)?.title ?? project.ownJobs[jobId]?.title ?? formerTitle?.(jobId);
  return title ?? 'A job no longer planned';
}

/** The place a job's id names: ids are made of place and step, and outlive both. */
export const jobPlace = (jobId: string, { project, jobs }: Known): string => {
  const job = jobs.get(jobId);
  if (job) return placeOf(project, job);
  const [placeId = ''] = jobId.split('/');
  const known = placeId in project.places || placeId in project.formerNames;
  return known ? placeNameIn(project, placeIdSchema.parse(placeId)) : '';
};

const counted = (thousandths: number | null, unit: string | null): string =>
  thousandths === null ? '' : `${thousandths / 1000} ${unit ?? ''}`.trim();

const joined = (...parts: readonly (string | null | undefined | false)[]): string =>
  parts.filter(Boolean).join(' · ');

const STATE_WORDS = {
  whole: 'came whole',
  short: 'came short',
  damaged: 'came damaged',
  wrong: 'came wrong',
} as const;

/** One entry of the log in words: what, where, how much. */
export function entryWords(entry: Entry, known: Known): EntryWords {
  const { project } = known;
  const place = (id: Parameters<typeof placeNameIn>[1]) =>
    id === null ? '' : placeNameIn(project, id);
  const money = (cents: Parameters<typeof formatMoney>[0]) => formatMoney(cents, project.currency);
  switch (entry.kind) {
    case 'hours':
      return {
        title: entry.jobId === null ? (entry.what ?? 'Work') : jobTitle(entry.jobId, known),
        note: joined(personNameIn(project, entry.personId), place(entry.placeId)),
        figure: formatMinutes(entry.minutes),
      };
    case 'progress': {
      const share = entry.share === 100 ? 'done' : entry.share ? `${entry.share}% done` : '';
      const quantity = entry.quantity && counted(entry.quantity.thousandths, entry.quantity.unit);
      return {
        title: jobTitle(entry.jobId, known),
        note: joined(jobPlace(entry.jobId, known), share !== '' && quantity),
        figure: share || quantity || 'begun',
      };
    }
    case 'money': {
      const shares = entry.shares
        .map(({ placeId, cents }) =>
          entry.shares.length > 1
            ? `${placeNameIn(project, placeId)} ${money(cents)}`
            : placeNameIn(project, placeId),
        )
        .join(', ');
      return {
        title: entry.what,
        note: joined(
          kindTitle(project.ownKinds, entry.spend),
          shares,
          entry.shop,
          entry.drawsOn === 'contingency' && 'from contingency',
          entry.committed && 'agreed, not paid yet',
        ),
        figure: money(addCents(entry.shares.map(({ cents }) => cents))),
      };
    }
    case 'quote':
      return {
        title: entry.what,
        note: joined('quote, nothing spent', entry.from, place(entry.placeId)),
        figure: money(entry.cents),
      };
    case 'material':
    case 'leftover':
      return {
        title: entry.what,
        note: joined(
          entry.kind === 'material' ? 'used' : 'left over, in the stores',
          placeNameIn(project, entry.placeId),
        ),
        figure: counted(entry.thousandths, entry.unit),
      };
    case 'ordered':
      return {
        title: entry.what,
        note: joined(
          'ordered',
          entry.due && `due ${formatDate(entry.due)}`,
          entry.shop,
          place(entry.placeId),
        ),
        figure: counted(entry.thousandths, entry.unit),
      };
    case 'delivered':
      return {
        title: entry.what,
        note: joined(
          STATE_WORDS[entry.state],
          entry.missing !== null && `${entry.missing / 1000} of them`,
          place(entry.placeId),
        ),
        figure: counted(entry.thousandths, entry.unit),
      };
    case 'next':
      return {
        title: entry.text,
        note: joined('for later', place(entry.placeId)),
        figure: entry.day ? formatDate(entry.day) : 'next',
      };
    case 'wait':
      return {
        title: entry.what,
        note: joined('dries or sets', place(entry.placeId)),
        figure: formatMinutes(entry.minutes),
      };
    case 'inspection': {
      const { result, bookedFor } = entry;
      return {
        title: `Inspection: ${entry.which}`,
        note: joined(entry.note, bookedFor !== null && `booked for ${formatDate(bookedFor)}`),
        figure: result ?? 'booked',
      };
    }
    case 'measured':
      return {
        title: entry.what,
        note: joined('measured', place(entry.placeId)),
        figure: [entry.size.length, entry.size.width, entry.size.height]
          .filter(Boolean)
          .join(' × '),
      };
    case 'favour':
      return {
        title: entry.owed === 'them' ? `Owed to ${entry.who}` : `${entry.who} owes us`,
        note: 'help, until it is paid back',
        figure: formatMinutes(entry.minutes),
      };
    case 'find':
      return {
        title: entry.text,
        note: joined(
          placeNameIn(project, entry.placeId),
          entry.minutes !== undefined && `perhaps ${formatMinutes(entry.minutes)}`,
          entry.cents !== undefined && `perhaps ${money(entry.cents)}`,
        ),
        figure: 'Found',
      };
    case 'decision':
      return { title: entry.text, note: placeNameIn(project, entry.placeId), figure: 'Decided' };
    case 'behind':
      return {
        title: heldTitle(entry),
        note: joined(
          `${place(entry.placeId)}, ${surfaceTitle(entry.at).toLowerCase()}`,
          heldWords(entry, entry.at, project.units),
        ),
        figure: 'Recorded',
      };
    case 'punch':
      return { title: entry.what, note: placeNameIn(project, entry.placeId), figure: 'Punch list' };
    case 'weather':
      return { title: entry.text, note: 'weather', figure: '' };
    case 'note':
      return { title: entry.text, note: placeNameIn(project, entry.placeId), figure: 'Note' };
  }
}

const QUESTIONS: Record<Question['code'], (about: string) => string> = {
  'which-wall': (about) => `Which wall is “${about}” in?`,
  'not-on-wall': (about) =>
    `“${about}”: no wall there has that spot free. It is past its end, in an opening, or something is recorded there. Measure again, or keep the words.`,
  'wall-changed': (about) =>
    `“${about}”: that wall was measured anew since things in it were recorded. Say on its page which corner they are counted from, then say this again; or keep the words.`,
  'which-job': (about) => `Which job is “${about}”?`,
  'which-room': (about) => `Which room is “${about}” in?`,
  who: (about) => `Who is meant in “${about}”?`,
  'whose-time': (about) => `Whose time is which in “${about}”?`,
  'how-far': (about) => `How far is “${about}”?`,
  'total-or-added': (about) => `Is “${about}” all there is, or more than before?`,
  'what-is-this': (about) => `What is “${about}”?`,
  currency: (about) => `“${about}” is in another currency. Take the figure as it stands?`,
  'long-day': (about) => `“${about}”: over 16 hours for one person on one day. Is it so?`,
  'large-sum': (about) => `“${about}”: over a tenth of the budget. Is it so?`,
  'goes-back': (about) => `“${about}”: less than was told before. Is it so?`,
  'before-start': (about) =>
    `“${about}” is of a day before the first. Another day? The first day is changed under Settings.`,
  future: (about) => `“${about}” is of a day that has not come yet. Which is meant?`,
  'odd-figure': (about) =>
    `“${about}”: is the figure in thousands? Money here is written with a point before its cents.`,
  'which-day': (about) => `Which day is “${about}” of?`,
};

export const questionWords = ({ code, about }: Question): string => QUESTIONS[code](about);

export const choiceWords = (label: Label, { project, jobs }: Known): string =>
  labelText(label, project, new Map([...jobs].map(([id, { title }]) => [id, title])));

/** What keeping an entry changes, in one line; none where it only stands in the journal. */
export function effectWords(effect: Effect | null, known: Known, today: PlainDate): string | null {
  const money = (cents: Parameters<typeof formatMoney>[0]) =>
    formatMoney(cents, known.project.currency);
  switch (effect?.is) {
    case undefined:
      return null;
    case 'done': {
      const next = effect.next === null ? '' : `, next: ${jobTitle(effect.next, known)}`;
      const from =
        effect.next !== null && effect.from !== null
          ? ` from ${formatDate(dateOf(effect.from), today)} ${formatTimeOfDay(effect.from)}`
          : '';
      const keys =
        effect.after < effect.jobsLeft
          ? `; to live there ${effect.jobsLeft} → ${effect.after} jobs`
          : '';
      return `Done${next}${from}${keys}`;
    }
    case 'covers-up':
      return `Kept all the same. Nobody recorded ${countWords(effect.walls, 'wall')} of it: Keys asks wall by wall`;
    case 'worked':
      return `${formatMinutes(effect.logged)} so far, of about ${formatMinutes(effect.estimate)}`;
    case 'spent':
      return `Budget left: ${money(effect.left)} → ${money(effect.after)}`;
    case 'not-spent':
      return 'No money spent by it';
    case 'order-again':
      return 'Stands in Stores, to be ordered again';
    case 'holds':
      return `What follows “${jobTitle(effect.jobId, known)}” waits`;
    case 'on-today':
      return effect.day === null
        ? 'Stands on Today until it is done'
        : `On Today for ${formatDate(effect.day, today)}`;
    case 'suspicion':
      return 'Once kept, the Journal offers it as a suspicion';
    case 'in-stores':
      return 'Goes to the stores';
    case 'owed':
      return 'Stands on Today until it is paid back';
  }
}
