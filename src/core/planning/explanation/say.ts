import { dateOf, formatDate, lastDayOf } from '../../units';
import type { Plan, PlanError } from '../report/plan';
import type { Cause } from './reasons';

const DAYS = {
  light: 'It wants a day with enough daylight.',
  'long-day': 'It wants a day long enough to finish in one go.',
  'two-people': 'It wants two people on one day.',
  tool: 'It wants days in a row for the hired tool.',
  weekday: 'Trades and inspectors come on weekdays.',
  hours: 'Nobody has hours before that.',
} as const;

/** A cause as a sentence. Titles come from the plan. */
export function sayCause(cause: Cause, plan: Plan): string {
  const titleOf = (id: string) => plan.jobs.find((job) => job.id === id)?.title ?? id;
  const today = dateOf(plan.now);
  switch (cause.kind) {
    case 'free':
      return 'Nothing keeps it: it starts with the next hours.';
    case 'begun':
      return 'It has begun.';
    case 'after':
      return `After “${titleOf(cause.link.jobId)}”: ${cause.link.why}`;
    case 'hands':
      return `The same hands are at “${titleOf(cause.jobId)}” before.`;
    case 'day':
      return DAYS[cause.wants];
    case 'held':
      switch (cause.held.kind) {
        case 'to-order':
        case 'on-the-way':
        case 'late':
          return `${cause.held.what} is here on ${formatDate(lastDayOf(cause.held.until), today)} at the soonest.`;
        case 'question':
          return `Undecided: ${cause.held.question}`;
        case 'failed-visit':
          return 'The last visit failed; the next is booked days ahead.';
        case 'not-before':
          return `You said not before ${formatDate(dateOf(cause.held.until), today)}.`;
      }
  }
}

/** A ring of jobs that wait for each other, each with the rule that sends it round. */
export const sayLoop = ({ titles, whys }: Extract<PlanError, { code: 'loop' }>): string =>
  titles
    .map((title, at) => {
      const next = titles[(at + 1) % titles.length] ?? '';
      return `“${title}” before “${next}”: ${whys[at] ?? ''}`;
    })
    .join(' ');
