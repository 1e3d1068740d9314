import type { JobFigures, Project } from '@/core/house';
import type { PlannedJob } from '@/core/planning/report';
import { formatMinutes, formatMoney } from '@/core/units';
import { waitText } from './job-form';
import { quantityWords, startingWords } from './starting';

/** What the owner changed of a job, each beside what it started with. */
export function changedWords(
  job: PlannedJob,
  figures: JobFigures | undefined,
  { units, currency }: Pick<Project, 'units' | 'currency'>,
  nameOf: (id: NonNullable<JobFigures['by']>) => string,
): string[] {
  if (!figures) return [];
  const { minutes, quantity, waitHours, hands, workdays, cents, by, note } = figures;
  const starts = startingWords(job, units, currency);
  return [
    minutes === undefined
      ? ''
      : `${formatMinutes(minutes)} by your figure; it started with ${starts.hours}.`,
    quantity === undefined
      ? ''
      : `${quantityWords(job.quantity, units)} by your figure; it started with ${starts.quantity}.`,
    waitHours === undefined
      ? ''
      : `${waitHours === 0 ? 'No waiting' : `Waits ${waitText(waitHours)}`} by your figure; it started with ${starts.wait}.`,
    hands === undefined
      ? ''
      : `${hands === 2 ? 'Two people' : 'One person'} by your word; it started with ${starts.hands}.`,
    workdays === undefined
      ? ''
      : `${workdays} workdays by your figure; it started with ${starts.days}.`,
    cents === undefined
      ? ''
      : `${formatMoney(cents, currency)} by your figure; it started with ${starts.cost}.`,
    by === undefined ? '' : `${nameOf(by)} does it.`,
    note ?? '',
  ].filter((line) => line !== '');
}
