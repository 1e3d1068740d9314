import { dateOf, formatDate, formatMinutes, lastDayOf } from '../../units';
import type { GateSummary, Plan } from '../report/plan';
import type { Cause } from './reasons';
import type { Why } from './moved';

/** What the gates are called. */
export const GATE_NAMES: Record<GateSummary['gate'], string> = {
  sleep: 'Sleep here',
  live: 'Live here',
  done: 'Call it done',
};

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

const timesWords = (pace: number) => `${Math.round(pace * 100) / 100}`;

/** Why something moved, as a sentence. */
export function sayWhy({ jobId, is }: Why, plan: Plan): string {
  const title = `“${plan.jobs.find((job) => job.id === jobId)?.title ?? jobId}”`;
  const today = dateOf(plan.now);
  switch (is.kind) {
    case 'new':
      return `${title} is new.`;
    case 'done':
      return `${title} is done.`;
    case 'pace':
      return `${title} goes at ${timesWords(is.to)} of the guess now, ${timesWords(is.from)} before: learned from the log.`;
    case 'left':
      return `${title} has ${formatMinutes(is.to)} left, not ${formatMinutes(is.from)}.`;
    case 'booked':
      return `${title} is booked for ${formatDate(is.on, today)}.`;
    case 'arrives':
      return `${is.what} for ${title} is here on ${formatDate(is.on, today)} at the soonest.`;
    case 'follows':
      return sayCause(is.cause, plan);
  }
}
