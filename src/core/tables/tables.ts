import { placeNameOf, type PlaceId, type Project } from '../house';
import { paymentsOf } from '../ledger';
import type { Plan } from '../plan';
import { stageName } from '../steps/stages';
import { dateOf, lastDayOf } from '../units';

/** A table ready for any CSV writer: the first row names the columns. */
export type Table = string[][];

const hours = (minutes: number): string => (minutes / 60).toFixed(2);
const placeName = (project: Project, placeId: PlaceId | null): string =>
  placeId === null ? 'House' : placeNameOf(project, placeId);

export function jobsTable(project: Project, plan: Plan): Table {
  const head =
    'job,place,title,stage,state,hours estimated,hours logged,hours left,start,finish,waits for'.split(
      ',',
    );
  const rows = plan.jobs.map((job) => [
    job.id,
    placeName(project, job.placeId),
    job.title,
    `${job.stage} ${stageName(job.stage)}`,
    job.state,
    hours(job.estimate),
    hours(job.logged),
    hours(job.left),
    dateOf(job.start),
    lastDayOf(job.finish),
    job.waitsFor.map(({ jobId }) => jobId).join(' '),
  ]);
  return [head, ...rows];
}

export function spendTable(project: Project): Table {
  const head = 'date,place,kind,what,shop,amount,currency,draws on'.split(',');
  const rows = paymentsOf(project).map((paid) => [
    paid.date,
    placeName(project, paid.placeId),
    paid.spend,
    paid.what,
    paid.shop ?? '',
    (paid.cents / 100).toFixed(2),
    project.currency,
    paid.drawsOn,
  ]);
  return [head, ...rows];
}
