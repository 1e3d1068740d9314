import { handsOf, minutesOn, type HouseFacts, type Person } from '../../house';
import type { Plan, PlannedJob } from '../../planning/report';
import { isToOrder, type OrderLine } from '../../estimating/purchasing/order-line';
import { addDays, dateOf, minutes, type Minutes, type Moment, type PlainDate } from '../../units';

export type Tonight = {
  date: PlainDate;
  /** Hours of each person with any today, added up. */
  available: Minutes;
  hands: number;
  /** Jobs the plan works on today, in their order, with person-minutes of today. */
  fitted: { job: PlannedJob; minutes: Minutes; hands: number }[];
  fits: Minutes;
  /** Ready or in hand, but not fitted into today. */
  alsoReady: PlannedJob[];
  /** What dries, cures or settles, soonest over first. */
  clocks: { job: PlannedJob; left: number; until: Moment; successors: PlannedJob[] }[];
  /** Deliveries and visits within the week. */
  comes: { job: PlannedJob; on: PlainDate }[];
  /** Order lines due by tomorrow or late, most pressing first. */
  toOrder: OrderLine[];
  arriving: OrderLine[];
  /** The next day with hours, when today has none. */
  nextWorkday: PlainDate | null;
};

const isOpenNow = (job: PlannedJob) => job.state === 'ready' || job.state === 'in-hand';
const LOOK_AHEAD_DAYS = 7;
const URGENT_DAYS = 1;

function fittedToday(plan: Plan, today: PlainDate, people: readonly Person[]): Tonight['fitted'] {
  const hands = new Map(people.map((person) => [person.id, handsOf(person)]));
  return plan.jobs
    .flatMap((job) => {
      const stretches = job.stretches.filter(
        ({ from, people }) => people.length > 0 && dateOf(from) === today,
      );
      const [first] = stretches;
      if (!first || !isOpenNow(job)) return [];
      const spent = stretches.reduce(
        (sum, { from, to, people: who }) =>
          sum + (to - from) * who.reduce((all, id) => all + (hands.get(id) ?? 1), 0),
        0,
      );
      return [{ job, minutes: minutes(spent), hands: first.people.length, from: first.from }];
    })
    .sort((a, b) => a.from - b.from)
    .map(({ job, minutes: spent, hands }) => ({ job, minutes: spent, hands }));
}

function clocksOf(plan: Plan): Tonight['clocks'] {
  const byId = new Map(plan.jobs.map((job) => [job.id, job]));
  return plan.jobs
    .flatMap((job) => {
      if (job.state !== 'setting' || !job.wait) return [];
      const successors = job.successors.flatMap((id) => byId.get(id) ?? []);
      return [{ job, left: job.wait.until - plan.now, until: job.wait.until, successors }];
    })
    .sort((a, b) => a.until - b.until);
}

/** What today holds: jobs fitted to its hours, clocks that run, who and what comes, what must be ordered. */
export function planTonight(project: Pick<HouseFacts, 'people'>, plan: Plan): Tonight {
  const date = dateOf(plan.now);
  const present = project.people.filter((person) => minutesOn(person, date) > 0);
  const fitted = fittedToday(plan, date, project.people);
  const taken = new Set(fitted.map(({ job }) => job.id));
  const horizon = addDays(date, LOOK_AHEAD_DAYS);
  const week = Array.from({ length: LOOK_AHEAD_DAYS }, (_, at) => addDays(date, at + 1));
  return {
    date,
    available: minutes(present.reduce((sum, person) => sum + minutesOn(person, date), 0)),
    hands: present.length,
    fitted,
    fits: minutes(fitted.reduce((sum, entry) => sum + entry.minutes, 0)),
    alsoReady: plan.jobs
      .filter((job) => isOpenNow(job) && !taken.has(job.id))
      .sort((a, b) => a.start - b.start),
    clocks: clocksOf(plan),
    comes: plan.jobs
      .filter(({ work, doneOn }) => work.kind !== 'labour' && doneOn === null)
      .map((job) => ({ job, on: dateOf(job.start) }))
      .filter(({ on }) => on <= horizon)
      .sort((a, b) => a.on.localeCompare(b.on)),
    toOrder: plan.orders.filter(
      ({ state, orderBy, leadDays }) =>
        isToOrder({ state }) && leadDays > 0 && orderBy <= addDays(date, URGENT_DAYS),
    ),
    arriving: plan.orders.filter(
      ({ state, expectedOn }) =>
        state === 'late' ||
        (state === 'on-the-way' && expectedOn !== null && expectedOn <= horizon),
    ),
    nextWorkday:
      week.find((day) => project.people.some((person) => minutesOn(person, day) > 0)) ?? null,
  };
}
