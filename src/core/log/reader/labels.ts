import { surfaceTitle, type JobId, type Project } from '../../house';
import { formatDate, formatMinutes, formatMoney, cents } from '../../units';
import type { Kind } from './kinds';
import type { Label } from './reading';

const KIND_NAMES: Readonly<Record<Kind, string>> = {
  hours: 'Work done',
  progress: 'How far it is',
  money: 'Money spent',
  material: 'Used up',
  find: 'Something found',
  decision: 'A decision',
  note: 'A note',
  quote: 'A quote, not paid',
  leftover: 'Left over',
  ordered: 'Ordered',
  delivered: 'Delivered',
  next: 'For later',
  wait: 'It dries or sets',
  inspection: 'An inspection',
  measured: 'A measurement',
  favour: 'Help owed',
  weather: 'The weather',
  behind: 'Behind a wall',
  punch: 'For the punch list',
  nothing: 'Nothing',
};

/** A choice in words, the same on the command line and on screens. */
export function labelText(
  label: Label,
  project: Pick<Project, 'people' | 'places' | 'currency'>,
  titles: ReadonlyMap<string, string>,
): string {
  const person = (id: string) => project.people.find((one) => one.id === id)?.name ?? id;
  const place = (id: string | null) =>
    id === null ? 'The house as a whole' : (project.places[id]?.name ?? id);
  switch (label.is) {
    case 'job':
      return jobText(label.jobId, place, titles);
    case 'person':
      return person(label.personId);
    case 'people':
      return label.personIds.map(person).join(' and ');
    case 'new-person':
      return `${label.name}, a new helper`;
    case 'place':
      return place(label.placeId);
    case 'surface':
      return surfaceTitle(label.at);
    case 'share':
      return label.share === 100 ? 'Done' : label.share === 50 ? 'About half' : `${label.share}%`;
    case 'total':
      return `${label.share}% in all`;
    case 'added':
      return `So much more: ${label.share}% in all`;
    case 'kind':
      return KIND_NAMES[label.kind];
    case 'amount':
      return formatMoney(cents(label.cents), project.currency);
    case 'minutes':
      return formatMinutes(label.minutes);
    case 'day':
      return formatDate(label.date);
    case 'no-job':
      return 'Hours only, no job';
    case 'half-each':
      return 'Shared between them';
    case 'as-said':
      return 'Yes, as said';
    case 'leave-out':
      return 'Leave it out';
  }
}

function jobText(
  jobId: JobId,
  place: (id: string | null) => string,
  titles: ReadonlyMap<string, string>,
): string {
  const [placeId = ''] = jobId.split('/');
  const where = place(placeId);
  const title = titles.get(jobId) ?? 'A job no longer planned';
  return where === placeId ? title : `${title}, ${where}`;
}
