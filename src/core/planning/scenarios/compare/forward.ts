import { findWork } from '../../../trade/steps/works';
import { deferralKey, type JobId, type Person, type PlanningInput } from '../../../house';
import type { EventBodyOf } from '../../../journal';
import type { Plan, PlannedJob } from '../../report';
import { isToOrder } from '../../../estimating/purchasing/order-line';
import { PRACTICES, answerEvent, answerOf } from '../../../trade/practices';
import { scopeOf } from '../../../survey/scope';
import { cents, addDays, dateOf, minutes, type PlainDate } from '../../../units';
import { hireBasis } from './catalogue';
import type { Option, Weighed } from './option';

const EVENING = minutes(120);
const WEEKEND_DAY = minutes(300);
const SATURDAY = 5;
const MOST_HIRES = 2;
const MOST_DEFERRED = 3;
const WORTH_HIRING = 120;

const option = (id: string, title: string, givesUp: string, changes: EventBodyOf[]): Option => ({
  id,
  title,
  changes,
  yearsGained: null,
  givesUp,
});

const withWeek = (
  project: PlanningInput,
  id: string,
  change: (week: Person['week']) => Person['week'],
): EventBodyOf => ({
  type: 'peopleAgreed',
  payload: {
    people: project.people.map((person) =>
      person.id === id ? { ...person, week: change(person.week) } : person,
    ),
  },
});

/** One evening more a week, on the weekday with the fewest hours. */
function eveningOptions(project: PlanningInput): Option[] {
  return project.people.flatMap((person) => {
    const weekdays = person.week.slice(0, SATURDAY);
    const least = weekdays.indexOf(minutes(Math.min(...weekdays)));
    if (person.role !== 'self' || least < 0) return [];
    const change = withWeek(project, person.id, (week) =>
      week.map((day, at) => (at === least ? minutes(day + EVENING) : day)),
    );
    return [
      option(
        `evening:${person.id}`,
        `An evening more a week, ${person.name}`,
        'Two hours of rest.',
        [change],
      ),
    ];
  });
}

/** A helper who comes both days of each weekend. */
function helperOptions(project: PlanningInput): Option[] {
  return project.people.flatMap((person) => {
    const weekend = person.week.slice(SATURDAY);
    if (person.role === 'self' || weekend.every((day) => day >= WEEKEND_DAY)) return [];
    const change = withWeek(project, person.id, (week) =>
      week.map((day, at) => (at >= SATURDAY ? minutes(Math.max(day, WEEKEND_DAY)) : day)),
    );
    return [
      option(
        `helper:${person.id}`,
        `${person.name} both days of each weekend`,
        'A favour to ask.',
        [change],
      ),
    ];
  });
}

/** More hours of those who work here. */
export const peopleOptions = (project: PlanningInput): Option[] => [
  ...eveningOptions(project),
  ...helperOptions(project),
];

/** The longest own jobs on the chain that decides, given to a trade. */
function hireOptions(
  project: PlanningInput,
  plan: Plan,
  chain: readonly PlannedJob[],
  most: number,
): Option[] {
  return chain
    .filter(
      ({ work, left, state }) =>
        work.kind === 'labour' && left >= WORTH_HIRING && state !== 'in-hand',
    )
    .toSorted((a, b) => b.left - a.left)
    .slice(0, most)
    .map((job) => {
      const { workdays, cents: price } = hireBasis(job, plan);
      const where = job.placeId === null ? '' : `, ${project.places[job.placeId]?.name ?? ''}`;
      return option(
        `hire:${job.id}`,
        `Hire out: ${job.title.toLowerCase()}${where}`,
        'The say in every detail.',
        [
          {
            type: 'jobHired',
            payload: { jobId: job.id, trade: 'hired trade', workdays, cents: cents(price) },
          },
        ],
      );
    });
}

/** Works of which nothing was begun and which stand on the chain, put off until somebody lives there. */
function deferOptions(
  project: PlanningInput,
  plan: Plan,
  chain: readonly PlannedJob[],
  most: number,
): Option[] {
  const begun = new Set(
    plan.jobs
      .filter(({ logged, doneOn }) => logged > 0 || doneOn !== null)
      .map(({ id }) => id as string),
  );
  const onChain = new Set(chain.map(({ id }) => id as string));
  const seen = new Set<string>();
  return scopeOf(project)
    .filter(({ placeId, workId, deferred, origin }) => {
      const key = deferralKey(placeId, workId);
      const jobs = (findWork(workId)?.steps ?? []).map((step) => `${placeId}/${step}`);
      const fits =
        !deferred &&
        origin.kind !== 'suspicion' &&
        !seen.has(key) &&
        jobs.some((id) => onChain.has(id)) &&
        !jobs.some((id) => begun.has(id) && !id.includes('/survey.'));
      if (fits) seen.add(key);
      return fits;
    })
    .slice(0, most)
    .map(({ placeId, workId }) =>
      option(
        `defer:${deferralKey(placeId, workId)}`,
        `After moving in: ${findWork(workId)?.title.toLowerCase() ?? workId}, ${project.places[placeId]?.name ?? ''}`,
        'Peace: dust and tools where you live by then.',
        [{ type: 'workDeferred', payload: { placeId, workId, deferred: true } }],
      ),
    );
}

/** What holds the chain up because nobody ordered it: ordered this very day. */
function orderOptions(plan: Plan, chain: readonly PlannedJob[], most: number): Option[] {
  const ids = new Set(chain.map(({ id }) => id));
  const today = dateOf(plan.now);
  const waiting = plan.orders.filter(
    (line) => isToOrder(line) && line.leadDays > 0 && ids.has(line.jobId),
  );
  return waiting
    .toSorted((a, b) => b.leadDays - a.leadDays)
    .slice(0, most)
    .map((late) =>
      option(
        `order:${late.lineId}`,
        `Order today: ${late.what.toLowerCase()}`,
        'Money now rather than later.',
        [
          {
            type: 'orderPlaced',
            payload: {
              id: `now-${late.lineId}`.slice(0, 64),
              lineId: late.lineId,
              shop: late.shop,
              orderedOn: today,
              expectedOn: addDays(today, late.leadDays),
              arrival: null,
              shares: [{ lineId: late.lineId, units: late.units, unit: late.unit }],
            },
          },
        ],
      ),
    );
}

/** Another answer to each question on which builders disagree. */
const practiceOptions = (project: PlanningInput): Option[] =>
  PRACTICES.flatMap((practice) =>
    practice.answers
      .filter(({ id }) => id !== answerOf(project, practice.id))
      .map(({ id, title, because }) =>
        option(
          `school:${practice.id}:${id}`,
          `${practice.question}: ${title.toLowerCase()}`,
          because,
          [answerEvent(practice.id, id)],
        ),
      ),
  );

/** Everything that can be changed about how the rest of the house is done, whether or not it brings the day forward. */
export function everyChange(project: PlanningInput, plan: Plan): Option[] {
  const open = plan.jobs.filter(({ doneOn }) => doneOn === null);
  return [
    ...peopleOptions(project),
    ...hireOptions(project, plan, open, Infinity),
    ...deferOptions(project, plan, open, Infinity),
    ...orderOptions(plan, open, Infinity),
    ...practiceOptions(project),
  ];
}

/**
 * What might bring the day one can live there forward, or another day whose chain is given, each as the events that
 * would say so; the first is to leave all as it is. How much each brings is measured by planning the house with it.
 */
export function forwardOptions(
  project: PlanningInput,
  plan: Plan,
  chainIds: readonly JobId[] = plan.gates.live.chain,
): Option[] {
  const byId = new Map(plan.jobs.map((job) => [job.id, job]));
  const chain = chainIds.flatMap((id) => byId.get(id) ?? []);
  return [
    option('now', 'As it stands', '', []),
    ...peopleOptions(project),
    ...hireOptions(project, plan, chain, MOST_HIRES),
    ...deferOptions(project, plan, chain, MOST_DEFERRED),
    ...orderOptions(plan, chain, 1),
  ];
}

/** One way tried, against leaving all as it is. */
export type WayForward = {
  option: Option;
  /** The plan's day one can live there with it; null when nothing is left. */
  date: PlainDate | null;
  daysSooner: number;
  /** To the end, contingency included; negative when it saves. */
  centsMore: number;
};

/** The ways that save days of the dates from outside, the most first: what would keep a hard date. */
export function waysToKeep(
  options: readonly Option[],
  weighed: readonly Weighed[],
): { option: Option; daysSaved: number; daysLate: number }[] {
  const [now] = weighed;
  return options
    .slice(1)
    .flatMap((each) => {
      const found = weighed.find(({ id }) => id === each.id);
      if (!found || !now) return [];
      return [{ option: each, daysSaved: now.daysLate - found.daysLate, daysLate: found.daysLate }];
    })
    .filter(({ daysSaved }) => daysSaved > 0)
    .sort((a, b) => b.daysSaved - a.daysSaved);
}

/** The ways that bring the day forward, the most first, and the titles of those that do not. */
export function waysForward(
  options: readonly Option[],
  weighed: readonly Weighed[],
): { sooner: WayForward[]; idle: string[] } {
  const [now] = weighed;
  const ways = options.slice(1).flatMap((each): WayForward[] => {
    const found = weighed.find(({ id }) => id === each.id);
    if (!found || !now) return [];
    const { date, daysLater } = found.gates.live;
    return [
      {
        option: each,
        date,
        daysSooner: 0 - daysLater,
        centsMore: found.centsTotal - now.centsTotal,
      },
    ];
  });
  return {
    sooner: ways
      .filter(({ daysSooner }) => daysSooner > 0)
      .sort((a, b) => b.daysSooner - a.daysSooner || a.centsMore - b.centsMore),
    idle: ways.filter(({ daysSooner }) => daysSooner <= 0).map(({ option: each }) => each.title),
  };
}
