import type { Entry, Project } from '@/core/house';
import type { Choice, LogFault, Question } from '@/core/log';
import type { PlannedJob } from '@/core/plan';
import { addCents, formatDate, formatMinutes, formatMoney, type PlainDate } from '@/core/units';
import { placeOf, placeNameIn } from '@/store';

export type EntryWords = { title: string; note: string; figure: string };
type Known = { project: Project; jobs: ReadonlyMap<string, PlannedJob> };

const KIND_TITLES = { find: 'Found', decision: 'Decided', note: 'Note' } as const;

const jobTitle = (jobId: string | null, { jobs }: Known): string =>
  (jobId !== null && jobs.get(jobId)?.title) || (jobId ?? 'Not on one job');

/** One entry of the log in words: what, where, how much. */
export function entryWords(entry: Entry, known: Known): EntryWords {
  const { project, jobs } = known;
  const place = (id: Parameters<typeof placeNameIn>[1]) => placeNameIn(project, id);
  switch (entry.kind) {
    case 'hours': {
      const person = project.people.find(({ id }) => id === entry.personId)?.name ?? 'Somebody';
      const where = entry.placeId === null ? '' : ` · ${place(entry.placeId)}`;
      return {
        title: entry.jobId === null ? 'Work' : jobTitle(entry.jobId, known),
        note: `${person}${where}`,
        figure: formatMinutes(entry.minutes),
      };
    }
    case 'progress': {
      const job = jobs.get(entry.jobId);
      return {
        title: jobTitle(entry.jobId, known),
        note: job ? placeOf(project, job) : '',
        figure: entry.share === 100 ? 'done' : `${entry.share}% done`,
      };
    }
    case 'money': {
      const shares = entry.shares
        .map(({ placeId, cents }) =>
          entry.shares.length > 1
            ? `${place(placeId)} ${formatMoney(cents, project.currency)}`
            : place(placeId),
        )
        .join(', ');
      const shop = entry.shop ? ` · ${entry.shop}` : '';
      const from = entry.drawsOn === 'contingency' ? ' · from contingency' : '';
      return {
        title: entry.what,
        note: `${entry.spend} · ${shares}${shop}${from}`,
        figure: formatMoney(addCents(entry.shares.map(({ cents }) => cents)), project.currency),
      };
    }
    case 'material':
      return {
        title: entry.what,
        note: `used · ${place(entry.placeId)}`,
        figure: `${entry.thousandths / 1000} ${entry.unit}`,
      };
    case 'find':
    case 'decision':
    case 'note':
      return { title: entry.text, note: place(entry.placeId), figure: KIND_TITLES[entry.kind] };
  }
}

export function questionWords(question: Question): string {
  switch (question.code) {
    case 'which-job':
      return `Which job is “${question.about}”?`;
    case 'who':
      return `Who is meant in “${question.about}”?`;
    case 'how-far':
      return `How far is “${question.about}”?`;
    case 'what-is-this':
      return `What is “${question.about}”?`;
  }
}

export function choiceWords(choice: Choice, known: Known): string {
  switch (choice.kind) {
    case 'job': {
      const job = known.jobs.get(choice.jobId);
      return `${jobTitle(choice.jobId, known)}, ${job ? placeOf(known.project, job) : ''}`;
    }
    case 'place-only':
      return 'Hours only, no job';
    case 'person':
      return known.project.people.find(({ id }) => id === choice.personId)?.name ?? 'Somebody';
    case 'share':
      return choice.share === 100
        ? 'Done'
        : choice.share === 50
          ? 'About half'
          : choice.share === 10
            ? 'Just started'
            : `${choice.share}%`;
    case 'find':
      return 'Something found';
    case 'decision':
      return 'A decision';
    case 'note':
      return 'A note';
    case 'leave-out':
      return 'Leave it out';
  }
}

export function faultWords(fault: LogFault, today: PlainDate): string | null {
  switch (fault.code) {
    case 'empty':
      return null;
    case 'before-start':
      return `${formatDate(fault.date, today)} is before the first day, ${formatDate(fault.firstDay, today)}. Change the day in the line, or the first day under Settings.`;
    case 'future':
      return `${formatDate(fault.date, today)} has not come yet. Log it when it is done, or change the day in the line.`;
  }
}
