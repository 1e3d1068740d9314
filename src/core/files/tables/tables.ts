import { plainEntry } from '../../log/reader/plain';
import { daysInOrder, kindTitle, placeNameOf, type PlaceId, type Project } from '../../house';
import { paymentsOf } from '../../money';
import type { Plan } from '../../planning/report';
import { stageName } from '../../trade/steps/stages';
import { cents, dateOf, lastDayOf, plainMoney } from '../../units';

/** A table ready for any CSV writer: the first row names the columns. */
export type Table = string[][];

const hours = (minutes: number): string => (minutes / 60).toFixed(2);
const placeName = (project: Project, placeId: PlaceId | null): string =>
  placeId === null ? 'House' : placeNameOf(project, placeId);

/** Every job of a plan, a row each. */
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
    job.predecessors.map(({ jobId }) => jobId).join(' '),
  ]);
  return [head, ...rows];
}

/** Every sum that was paid or agreed, a row for each room's share. */
export function spendTable(project: Project): Table {
  const head = 'date,place,kind,what,shop,amount,currency,draws on'.split(',');
  const rows = paymentsOf(project).map((paid) => [
    paid.date,
    placeName(project, paid.placeId),
    kindTitle(project.ownKinds, paid.spend),
    paid.what,
    paid.shop ?? '',
    plainMoney(paid.cents, project.currency),
    project.currency,
    paid.drawsOn,
  ]);
  return [head, ...rows];
}

const DIARY = 'date,kind,who,job,place,what,quantity,unit,minutes,amount,share,state,due,note,line';

/** Every entry of the diary, one row each, in plain names. */
export function diaryTable(project: Project): Table {
  const rows = daysInOrder(project).flatMap((day) =>
    day.entries.map((entry) => {
      const plain = plainEntry(entry, day.date);
      const text = (key: string): string => {
        const value = plain[key];
        return value === undefined || typeof value === 'object' ? '' : String(value);
      };
      const first = (...keys: readonly string[]) =>
        keys.map(text).find((value) => value !== '') ?? '';
      const place = 'placeId' in entry ? placeName(project, entry.placeId) : text('room');
      const amount =
        typeof plain.cents === 'number' ? plainMoney(cents(plain.cents), project.currency) : '';
      const size = entry.kind === 'measured' ? Object.values(entry.size).join(' x ') : '';
      const counted = entry.kind === 'progress' ? entry.quantity : undefined;
      return [
        plain.date,
        plain.kind,
        text('who'),
        text('job'),
        place,
        first('what', 'text', 'which'),
        counted ? String(counted.thousandths / 1000) : text('quantity'),
        counted ? counted.unit : text('unit'),
        entry.kind === 'wait' ? String(entry.minutes) : text('minutes'),
        amount,
        text('share'),
        first('state', 'result', 'owed'),
        first('due', 'bookedFor'),
        first('note') || size,
        day.line,
      ];
    }),
  );
  return [DIARY.split(','), ...rows];
}
