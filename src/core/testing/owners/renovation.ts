import { idOf } from '../ids';
import { minutesOn, type Project } from '../../house';
import { applyEvents, type EventBodyOf } from '../../journal';
import type { Plan, PlannedJob } from '../../planning/report';
import { addDays, dateOf, lastDayOf, minutes, type PlainDate } from '../../units';
import type { Life, OwnersHouse, OwnersJob } from './life';

/** Shorter waits are for what dries. */
const LEAST_LEAD_MINUTES = 4 * 24 * 60;
const KINDS = { labour: 'labour', subcontract: 'trade', inspection: 'visit' } as const;

/** A planned house as its owner sees it: what is to be done, what waits for what, and in which order. */
export function houseToLive(project: Project, plan: Plan): OwnersHouse {
  const onTheWay = new Set(plan.orders.map(({ jobId }) => jobId));
  const jobs = plan.jobs
    .filter(({ doneOn }) => doneOn === null)
    .toSorted((a, b) => a.start - b.start)
    .map((job) => jobToLive(job, dateOf(plan.now), onTheWay.has(job.id)));
  return {
    jobs,
    people: project.people.map((person) => ({
      id: person.id,
      minutesOn: (on) => minutesOn(person, on),
    })),
    firstDay: dateOf(plan.now),
  };
}

function jobToLive(job: PlannedJob, today: PlainDate, hasOrders: boolean): OwnersJob {
  const held = job.heldBy.reduce<PlainDate>((from, { until }) => {
    const on = dateOf(until);
    return on > from ? on : from;
  }, today);
  const isFree = job.predecessors.every(({ over }) => over);
  return {
    id: job.id,
    family: (job.stepId ?? job.title).split('.')[0] ?? '',
    kind: KINDS[job.work.kind],
    minutes: job.estimate + job.allowance,
    workdays: job.work.kind === 'subcontract' ? job.work.workdays : 0,
    hands: job.work.kind === 'labour' ? job.work.hands : 1,
    oneGo: job.limits.inOneGo === 'whole' ? job.estimate : 0,
    isOutside: job.limits.outdoors === true,
    closes: job.limits.closesRoom ? job.placeId : null,
    after: job.predecessors.map(({ jobId, waitMinutes }) => ({
      id: jobId,
      waitMinutes,
      onTheWay: hasOrders && waitMinutes >= LEAST_LEAD_MINUTES,
    })),
    // A trade that waits for nothing comes when it was called for.
    notBefore: job.work.kind !== 'labour' && isFree ? lastDayOf(job.start) : held,
  };
}

/** The house after the days of a life up to one of them, as its owner would have logged them. */
export function houseAfter(project: Project, plan: Plan, life: Life, until: PlainDate): Project {
  const byDay = new Map<PlainDate, Life['diary']>();
  for (const line of life.diary) {
    if (line.on <= until) byDay.set(line.on, [...(byDay.get(line.on) ?? []), line]);
  }
  const told = new Set(life.diary.map(({ job }) => job));
  const days = [...byDay].map(([on, lines], at): EventBodyOf => ({
    type: 'dayLogged',
    payload: {
      id: idOf(`lived-${at}`),
      date: on,
      line: 'lived',
      entries: [
        ...lines.map(({ who, job, minutes: spent }) => ({
          kind: 'hours' as const,
          personId: who as never,
          minutes: minutes(Math.max(5, Math.round(spent / 5) * 5)),
          jobId: job as never,
          placeId: null,
        })),
        ...[...new Set(lines.map(({ job }) => job))]
          .filter((job) => life.doneOn.get(job) === on)
          .map((job) => ({ kind: 'progress' as const, jobId: job as never, share: 100 })),
      ],
    },
  }));
  const ticks = [...life.doneOn]
    .filter(([job, on]) => on <= until && !told.has(job))
    .map(([job, on]): EventBodyOf => ({ type: 'jobTicked', payload: { jobId: idOf(job), on } }));
  const after = applyEvents(project, [...ordered(plan, until), ...days, ...ticks]);
  if (!after) throw new Error('a house without its first event');
  return after;
}

/** Everything is ordered on the first day, and what should be there by a day came when it was promised. */
function ordered({ orders, now }: Plan, until: PlainDate): EventBodyOf[] {
  const orderedOn = dateOf(now);
  return orders.map(({ lineId, leadDays }, at): EventBodyOf => {
    const expectedOn = addDays(orderedOn, leadDays);
    const arrival =
      expectedOn <= until ? { on: expectedOn, state: 'whole' as const, note: null } : null;
    return {
      type: 'orderPlaced',
      payload: { id: `order-${at}`, lineId, shop: null, orderedOn, expectedOn, arrival },
    };
  });
}
