import { SKILLS, type Person } from '@/core/house';
import type { Forecast, PlannedJob } from '@/core/planning/report';
import { paceKindOf } from '@/core/planning/learning';
import { countWords, daysBetween, formatDate, formatMinutes, type PlainDate } from '@/core/units';

type Learned = Forecast['learned'];
type Pace = Learned['paces'][number];

export const kindTitle = (kind: string): string =>
  SKILLS.find(({ id }) => id === kind)?.title ?? 'Everything else';

/** 0.7, 1.25: as many places as say something. */
const factorWords = (factor: number): string => String(Math.round(factor * 100) / 100);

/** "Painting: at 0.7 of the guess, from 6 days". */
export const paceWords = ({ kind, factor, days }: Pace): string =>
  `${kindTitle(kind)}: at ${factorWords(factor)} of the guess, from ${countWords(days, 'day')}.`;

export const bandWords = ({ low, high }: Pace): string =>
  `Eight chances in ten that the pace lies between ${factorWords(low)} and ${factorWords(high)}; one job may differ more.`;

/** How long a job is planned to take against its estimate, and where that comes from; undefined where nothing is known. */
export function jobPaceWords(job: PlannedJob, { paces }: Learned): string | undefined {
  if (job.work.kind !== 'labour' || job.doneOn !== null || paces.length === 0) return undefined;
  const kind = paceKindOf(job);
  const own = paces.find((pace) => pace.kind === kind);
  const from = own ? `from ${countWords(own.days, 'day')}` : 'as your other work does';
  return `${kindTitle(kind)}: planned at ${factorWords(job.pace)} of the guess, ${from}.`;
}

/** The own hours that are left, by the estimates and as the work goes. */
export const leftWords = ({ left: { guessed, planned } }: Learned): string =>
  `${formatMinutes(guessed)} of own work are left by the guesses; as it goes, ${formatMinutes(planned)}.`;

/** What the learned paces did to the planned day of a gate. */
export function movedWords(guessed: PlainDate, planned: PlainDate, today: PlainDate): string {
  const days = daysBetween(guessed, planned);
  const at = `At the guesses you would be planned to live there on ${formatDate(guessed, today)}`;
  return days === 0
    ? `${at}; what was learned moves that by no day.`
    : `${at}; what was learned makes it ${formatDate(planned, today)}, ${countWords(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'sooner'}.`;
}

/** What of the hours somebody meant to give was given. */
export function keptWords(
  { share, kept, lost }: Learned['kept'][number],
  { name }: Pick<Person, 'name'>,
): string {
  const days = Math.round(kept + lost);
  const planned = `The plan takes ${Math.round(share * 100)} of 100`;
  // Of who has no days of their own, the household's say something all the same.
  if (days === 0)
    return `${name}: nothing known yet. ${planned}${share < 1 ? ', as the others keep' : ''}.`;
  const percent = Math.round((100 * kept) / (kept + lost));
  return `${name}: ${percent} of 100 hours meant were kept, from ${countWords(days, 'day')}. ${planned}.`;
}
