import type { HeldBy, PlannedJob } from '@/core/planning/report';
import {
  countWords,
  dateOf,
  formatArea,
  formatDate,
  formatElapsed,
  formatLength,
  formatMinutes,
  formatTimeOfDay,
  lastDayOf,
  type Area,
  type Moment,
  type PlainDate,
  type UnitSystem,
} from '@/core/units';

const MEASURES = { floor: 'floor', ceiling: 'ceiling', walls: 'wall, openings not taken off' };

/** A title in the middle of a sentence: `CO alarms` and `Tape` become `CO alarms` and `tape`. */
export const inSentence = (title: string): string =>
  /^\p{Lu}\p{Lu}/u.test(title) ? title : title.charAt(0).toLowerCase() + title.slice(1);

/** First and last day; work under way counts from today. */
function spanOf(job: PlannedJob, today: PlainDate): { from: PlainDate; to: PlainDate } {
  const [from, to] = [dateOf(job.start), lastDayOf(job.finish)];
  const begins = from < today && job.doneOn === null ? today : from;
  return { from: begins < to ? begins : to, to };
}

/** `Sat 14 Mar`, or `Sat 14 Mar to Sun 15 Mar` for work over several days. */
export function whenWords(job: PlannedJob, today: PlainDate): string {
  const { from, to } = spanOf(job, today);
  return from === to
    ? formatDate(to, today)
    : `${formatDate(from, today)} to ${formatDate(to, today)}`;
}

/** The same for the narrow end of a slip: the first day, under it the last one and the effort. */
export function slipWords(
  job: PlannedJob,
  today: PlainDate,
): { figure: string; figureNote: string } {
  const { from, to } = spanOf(job, today);
  const until = from === to ? '' : `to ${formatDate(to, today)}, `;
  return { figure: formatDate(from, today), figureNote: until + effortWords(job) };
}

/** `Tue 17 Mar, 8 pm`. */
export const momentWords = (at: Moment, today: PlainDate): string =>
  `${formatDate(dateOf(at), today)}, ${formatTimeOfDay(at)}`;

/** How much work: own hours, a trade's days, or a visit. */
export function effortWords(job: PlannedJob): string {
  switch (job.work.kind) {
    case 'labour':
      return formatMinutes(job.doneOn === null ? job.left : job.logged || job.estimate);
    case 'subcontract':
      return `${job.work.workdays} ${job.work.workdays === 1 ? 'day' : 'days'}, ${job.work.trade}`;
    case 'inspection':
      return 'a visit';
  }
}

/** Where the hours come from: quantity × rate, what is logged, what is told. */
export function workingWords(job: PlannedJob, units: UnitSystem): string[] {
  const { work, quantity, starting } = job;
  if (work.kind === 'subcontract') {
    return [
      `Hired: ${work.workdays} weekdays of a ${work.trade}${starting?.workdays ? ', your figure' : ''}.`,
    ];
  }
  if (work.kind === 'inspection') {
    return [`A visit of the inspector, booked ${work.bookAheadDays} days ahead.`];
  }
  const setup = work.setup > 0 ? ` + ${formatMinutes(work.setup)} setting up` : '';
  const hands = work.hands === 2 ? ', in hours of one person; two work side by side' : '';
  const isOwn = starting !== null && starting.minutes !== job.estimate;
  const estimate = isOwn
    ? `${formatMinutes(job.estimate)} by your figures; it started with ${formatMinutes(starting.minutes)}.`
    : job.stepId === null || job.part
      ? `${formatMinutes(job.estimate)}${hands}.`
      : `${rateWords(quantity, work, units)}${setup} = ${formatMinutes(job.estimate)}${hands}. A starting guess.`;
  const allowed =
    job.allowance > 0
      ? [
          `${formatMinutes(job.allowance)} more set aside for what it may find: the chance times the middle of its hours.`,
        ]
      : [];
  const told =
    job.share !== null
      ? [`${job.share}% told as done; ${formatMinutes(job.left)} left.`]
      : job.logged > 0
        ? [
            `${formatMinutes(job.logged)} logged; ${formatMinutes(job.left)} left until you say how far it is.`,
          ]
        : [];
  return [estimate, ...allowed, ...told];
}

type EffortWork = Extract<PlannedJob['work'], { kind: 'labour' }>;

function rateWords(quantity: PlannedJob['quantity'], work: EffortWork, units: UnitSystem): string {
  const rate = formatMinutes(work.rateMinutes);
  switch (quantity.kind) {
    case 'area':
      return `${formatArea(quantity.area as Area, units)} of ${MEASURES[quantity.measure]}, ${rate} for each ${work.ratePer} sq ft`;
    case 'run':
      return `${formatLength(quantity.length, units)} round the room, ${rate} for each ${work.ratePer} ft`;
    case 'count':
      return quantity.count === 1 ? rate : `${quantity.count} × ${rate}`;
  }
}

export function heldWords(held: HeldBy, today: PlainDate): string {
  const until = formatDate(dateOf(held.until), today);
  switch (held.kind) {
    case 'to-order':
      return `${held.what}: ordered today it can be here ${until} (${held.leadDays} days).`;
    case 'on-the-way':
      return `${held.what} is on the way, expected ${until}.`;
    case 'late':
      return `${held.what} is late. Planned as if it came ${until}; ask the shop.`;
    case 'failed-visit':
      return `The last visit did not pass${held.note ? `: ${held.note}` : ''}. The next can be ${until}.`;
    case 'not-before':
      return `You said: not before ${until}.`;
    case 'question':
      return `Undecided: ${held.question}`;
  }
}

export const waitWords = (minutes: number): string =>
  minutes > 0 ? `${formatElapsed(minutes)} on the clock` : '';

/** For a slip: what it waits for, in a few words. */
export function standingWords(job: PlannedJob, today: PlainDate): string {
  switch (job.state) {
    case 'done':
      return job.doneOn ? `done ${formatDate(job.doneOn, today)}` : 'done';
    case 'setting':
      return job.wait ? `setting until ${momentWords(job.wait.until, today)}` : 'setting';
    case 'in-hand':
      return job.share === null ? 'in hand' : `in hand, ${job.share}% done`;
    case 'ready':
      return job.work.kind === 'subcontract' ? 'ready to be booked' : 'ready';
    case 'held':
      return 'held until it passes';
    case 'arrives':
      return 'waits for a delivery';
    case 'later':
      return 'later';
  }
}

/** What could not be had, and what to do about it. */
export const SHORTFALL_WORDS: Record<PlannedJob['shortfalls'][number], string> = {
  'second-pair':
    'It wants two people, and nobody else has hours in your calendar. Ask someone for that day.',
  'long-day':
    'It should be finished the day it is begun, and no day in your calendar is long enough. Make one longer under Settings, or ask for help.',
  'short-hire':
    'The hired tool would be kept longer than it should: your hours are spread too thin. A long weekend would save days of hire.',
  'nobody-able':
    'Nobody who does this kind of work, or who was named for it, has an hour: others stand in.',
  'long-gap':
    'What comes before it stands open longer than it should: your hours are spread too thin. Cover it, or ask for a day.',
};

/** What the job asks of its day and its room. */
export function limitWords({ limits }: PlannedJob): string[] {
  return [
    ...(limits.inOneGo === 'whole' ? ['In one go: finished the day it is begun.'] : []),
    ...(limits.inOneGo === 'each' ? ['Each one in one go: finished the day it is begun.'] : []),
    ...(limits.closesRoom === 'work' ? ['Dusty: nobody else works in the room meanwhile.'] : []),
    ...(limits.closesRoom === 'wait' ? ['Wet: the room stays shut until it has dried.'] : []),
    ...(limits.outdoors ? ['Outside: in daylight, not in the season’s rest.'] : []),
    ...(limits.hire
      ? [`Hired: the ${limits.hire.tool}, back within ${countWords(limits.hire.days, 'day')}.`]
      : []),
  ];
}
