import { createEvents, type DateTime, type EventAttributes } from 'ics';
import { calendarEntries, type CalendarEntry } from '@/core/files/tables/calendar';
import type { Project } from '@/core/house';
import type { Plan } from '@/core/planning/report';
import { dateOf, minuteOfDay, type Moment, type PlainDate } from '@/core/units';

const day = (date: PlainDate): [number, number, number] => {
  const [year = 1970, month = 1, dayOfMonth = 1] = date.split('-').map(Number);
  return [year, month, dayOfMonth];
};
const time = (moment: Moment): DateTime => [
  ...day(dateOf(moment)),
  Math.floor(minuteOfDay(moment) / 60),
  minuteOfDay(moment) % 60,
];

function eventOf(entry: CalendarEntry, houseId: string): EventAttributes {
  const common = {
    uid: `${entry.uid}.${houseId}@fresh-porch`,
    title: entry.title,
    description: entry.note,
    categories: [entry.kind],
    productId: 'fresh-porch',
    calName: 'House',
  };
  if ('days' in entry) {
    return { ...common, start: day(entry.days.from), end: day(entry.days.until) };
  }
  return {
    ...common,
    start: time(entry.times.from),
    end: time(entry.times.to),
    // The household's own clock, wherever the calendar is read.
    startInputType: 'local',
    startOutputType: 'local',
    endInputType: 'local',
    endOutputType: 'local',
  };
}

/**
 * The plan as an iCalendar text; entries of two houses in one calendar have ids of their own. Fails with a sentence
 * when the calendar library refuses an entry.
 */
export function calendarText(project: Project, plan: Plan, houseId: string): string {
  const { error, value } = createEvents(
    calendarEntries(project, plan).map((entry) => eventOf(entry, houseId)),
  );
  if (error || !value) throw new Error('The calendar could not be written.', { cause: error });
  return value;
}
