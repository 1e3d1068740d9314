import type { PlaceId, Project } from '../../house';
import type { Plan, PlannedJob } from '../../planning/report';
import {
  addDays,
  countWords,
  dateOf,
  momentAt,
  moment,
  type Moment,
  type PlainDate,
} from '../../units';

/** Something that belongs into a calendar: on whole days, or from one moment to another. */
export type CalendarEntry = {
  uid: string;
  kind: 'work' | 'delivery' | 'visit' | 'trade' | 'wait';
  title: string;
  note: string;
} & ({ days: { from: PlainDate; until: PlainDate } } | { times: { from: Moment; to: Moment } });

/** Waits further ahead than this move too often to be worth a reminder. */
const WAITS_AHEAD_DAYS = 28;
const REMINDER = 30;

const whereOf = (project: Project, placeId: PlaceId | null): string =>
  placeId === null ? 'House' : (project.places[placeId]?.name ?? 'House');

/** One entry for each day somebody of the household works, with the jobs of that day. */
function workDays(project: Project, open: readonly PlannedJob[]): CalendarEntry[] {
  const byDay = new Map<PlainDate, { from: number; to: number; jobs: PlannedJob[] }>();
  for (const job of open) {
    for (const { from, to, people } of job.stretches) {
      if (people.length === 0) continue;
      const day = byDay.get(dateOf(from)) ?? { from, to, jobs: [] };
      byDay.set(dateOf(from), {
        from: Math.min(day.from, from),
        to: Math.max(day.to, to),
        jobs: day.jobs.includes(job) ? day.jobs : [...day.jobs, job],
      });
    }
  }
  return [...byDay].map(([day, { from, to, jobs }]) => ({
    uid: `work-${day}`,
    kind: 'work',
    title: `Work on the house: ${countWords(jobs.length, 'job')}`,
    note: jobs.map((job) => `${whereOf(project, job.placeId)}: ${job.title}`).join('\n'),
    times: { from: moment(from), to: moment(to) },
  }));
}

function visits(project: Project, open: readonly PlannedJob[]): CalendarEntry[] {
  return open.flatMap((job): CalendarEntry[] => {
    const title = `${job.title}, ${whereOf(project, job.placeId)}`;
    const booked = job.bookedOn === null ? 'not booked yet' : 'booked';
    if (job.work.kind === 'inspection') {
      const times = { from: job.start, to: job.finish };
      return [{ uid: `visit-${job.id}`, kind: 'visit', title, note: booked, times }];
    }
    if (job.work.kind !== 'subcontract') return [];
    const days = { from: dateOf(job.start), until: addDays(dateOf(job.finish), 1) };
    return [
      { uid: `trade-${job.id}`, kind: 'trade', title, note: `${job.work.trade}, ${booked}`, days },
    ];
  });
}

function deliveries(project: Project, plan: Plan): CalendarEntry[] {
  return plan.orders.flatMap((line): CalendarEntry[] => {
    if (line.expectedOn === null || (line.state !== 'on-the-way' && line.state !== 'late'))
      return [];
    return [
      {
        uid: `delivery-${line.lineId}`,
        kind: 'delivery',
        title: `Delivery: ${countWords(line.units, line.unit)} ${line.what}`,
        note: `${whereOf(project, line.placeId)}${line.shop ? `, from ${line.shop}` : ''}${line.state === 'late' ? ', late' : ''}`,
        days: { from: line.expectedOn, until: addDays(line.expectedOn, 1) },
      },
    ];
  });
}

function waitsEnding(project: Project, plan: Plan): CalendarEntry[] {
  const until = momentAt(addDays(dateOf(plan.now), WAITS_AHEAD_DAYS), 0);
  return plan.jobs.flatMap(({ id, title, placeId, wait }): CalendarEntry[] => {
    if (!wait || wait.until <= plan.now || wait.until > until) return [];
    const to = moment(wait.until + REMINDER);
    return [
      {
        uid: `wait-${id}`,
        kind: 'wait',
        title: `Over: ${wait.what.toLowerCase()}, ${whereOf(project, placeId)}`,
        note: `after: ${title}`,
        times: { from: wait.until, to },
      },
    ];
  });
}

/** Days of work, visits and trades, deliveries, and waits that end: what one wants to see beside the rest of life. */
export function calendarEntries(project: Project, plan: Plan): CalendarEntry[] {
  const open = plan.jobs.filter(({ doneOn }) => doneOn === null);
  return [
    ...workDays(project, open),
    ...visits(project, open),
    ...deliveries(project, plan),
    ...waitsEnding(project, plan),
  ];
}
