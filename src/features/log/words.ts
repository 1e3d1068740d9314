import { placeIdSchema, type Entry, type Project } from '@/core/house';
import type { Choice, LogFault, Question } from '@/core/log';
import type { PlannedJob } from '@/core/plan';
import { addCents, formatDate, formatMinutes, formatMoney, type PlainDate } from '@/core/units';
import { personNameIn, placeOf, placeNameIn } from '@/store';

export type EntryWords = { title: string; note: string; figure: string };
type Known = {
  project: Project;
  jobs: ReadonlyMap<string, PlannedJob>;
  /** What a job was called that is planned no more, such as one of a room since removed. */
  formerTitle?: (jobId: string) => string | undefined;
};

const KIND_TITLES = { find: 'Found', decision: 'Decided', note: 'Note' } as const;

function jobTitle(jobId: string | null, { project, jobs, formerTitle }: Known): string {
  if (jobId === null) return 'Not on one job';
  const title = jobs.get(jobId)?.title ?? project.ownJobs[jobId]?.title ?? formerTitle?.(jobId);
  return title ?? 'A job no longer planned';
}

/** The place a job's id names: ids are made of place and step, and outlive both. */
const jobPlace = (jobId: string, { project, jobs }: Known): string => {
  const job = jobs.get(jobId);
  if (job) return placeOf(project, job);
  const [placeId = ''] = jobId.split('/');
  const known = placeId in project.places || placeId in project.formerNames;
  return known ? placeNameIn(project, placeIdSchema.parse(placeId)) : '';
};

/** One entry of the log in words: what, where, how much. */
export function entryWords(entry: Entry, known: Known): EntryWords {
  const { project } = known;
  const place = (id: Parameters<typeof placeNameIn>[1]) => placeNameIn(project, id);
  switch (entry.kind) {
    case 'hours': {
      const person = personNameIn(project, entry.personId);
      const where = entry.placeId === null ? '' : ` · ${place(entry.placeId)}`;
      return {
        title: entry.jobId === null ? 'Work' : jobTitle(entry.jobId, known),
        note: `${person}${where}`,
        figure: formatMinutes(entry.minutes),
      };
    }
    case 'progress': {
      return {
        title: jobTitle(entry.jobId, known),
        note: jobPlace(entry.jobId, known),
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
      return `${jobTitle(choice.jobId, known)}, ${jobPlace(choice.jobId, known)}`;
    }
    case 'place-only':
      return 'Hours only, no job';
    case 'person':
      return personNameIn(known.project, choice.personId);
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
