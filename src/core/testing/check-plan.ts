import { idOf } from './ids';
import { isAtRest, workWindow, type PlanningInput, type Person } from '../house';
import { soonPairs } from '../trade/precedence';
import type { Plan, PlannedJob } from '../planning/report';
import { daylightOn } from '../planning/calendar/daylight';
import { skillOf } from '../trade/steps';
import { linksOf, expandJobs } from '../estimating/jobs';
import { TRADE_ORDERS, pairsOf } from './trade-orders';
import {
  addDays,
  dateOf,
  daysBetween,
  isWeekend,
  lastDayOf,
  minuteOfDay,
  momentAt,
  toDayNumber,
  type Moment,
} from '../units';

/**
 * What is wrong with a plan, found without the scheduler's help: from the rules, the steps' waits and
 * the people's calendars alone. An empty list is a plan one can work by.
 */
export function faultsOf(project: PlanningInput, plan: Plan): string[] {
  const jobs = expandJobs(project);
  const planned = new Map(plan.jobs.map((job) => [job.id, job]));
  const missing = jobs.filter(({ id }) => !planned.has(id)).map(({ id }) => `${id} is not planned`);
  return [
    ...missing,
    ...orderFaults(project, jobs, planned),
    ...tradeOrderFaults(project, jobs, planned),
    ...leadFaults(project, jobs, planned),
    ...soonFaults(jobs, planned),
    ...calledFaults(project, plan),
    ...bookedFaults(project, jobs, planned),
    ...plan.jobs.flatMap((job) => ownFaults(job, plan)),
    ...peopleFaults(project, plan),
    ...whoFaults(project, jobs, planned),
    ...plan.jobs.flatMap((job) => limitFaults(project, job)),
    ...roomFaults(plan),
    ...tradeFaults(plan),
  ];
}

function orderFaults(
  project: PlanningInput,
  jobs: ReturnType<typeof expandJobs>,
  planned: ReadonlyMap<string, PlannedJob>,
) {
  const waits = new Map(jobs.map((job) => [job.id, (job.wait?.hours ?? 0) * 60]));
  return linksOf(jobs, project).flatMap((link) => {
    const [before, after] = [planned.get(link.before), planned.get(link.after)];
    if (!before || !after || after.doneOn !== null) return [];
    const begin = after.stretches[0]?.from ?? after.finish;
    const lead = (link.leadDays ?? 0) * 24 * 60;
    const free = before.finish + (waits.get(before.id) ?? 0) + lead;
    return begin >= free ? [] : [`${after.id} begins before ${before.id} lets it go`];
  });
}

/** The orders a master builder would not forgive, by their own list: two steps of one place, visits in each they are for. */
function tradeOrderFaults(
  project: PlanningInput,
  jobs: ReturnType<typeof expandJobs>,
  planned: ReadonlyMap<string, PlannedJob>,
): string[] {
  const inPlace = (placeId: string, stepId: string) =>
    jobs.filter(
      (job) =>
        job.stepId === stepId &&
        !job.afterMoveIn &&
        (job.placeId === placeId || job.serves.includes(idOf(placeId))),
    );
  return project.placeOrder.flatMap((placeId) =>
    TRADE_ORDERS.flatMap((order) =>
      pairsOf(order).flatMap(([before, after]) =>
        inPlace(placeId, before).flatMap((first) =>
          inPlace(placeId, after).flatMap((second) => {
            const [early, late] = [planned.get(first.id), planned.get(second.id)];
            if (!early || !late || late.doneOn !== null || first.nth !== second.nth) return [];
            const begin = late.stretches[0]?.from ?? late.finish;
            return begin >= early.finish ? [] : [`${order.name}: ${second.id} before ${first.id}`];
          }),
        ),
      ),
    ),
  );
}

/** What must not stand open is closed in time, or the plan says that it could not. */
function soonFaults(
  jobs: ReturnType<typeof expandJobs>,
  planned: ReadonlyMap<string, PlannedJob>,
): string[] {
  return soonPairs(jobs).flatMap(({ before, after, withinDays }) => {
    const [first, second] = [planned.get(before), planned.get(after)];
    if (!first || !second || first.doneOn !== null || second.doneOn !== null) return [];
    const begin = second.stretches[0]?.from ?? second.finish;
    const inTime = begin - first.finish <= withinDays * 24 * 60;
    return inTime || second.shortfalls.includes('long-gap')
      ? []
      : [`${after} begins more than ${withinDays} days after ${before}`];
  });
}

const FIRST_DAYS = 5;

/** Nobody comes on the day after the call: a trade that was not booked stands here some days from now at the earliest. */
function calledFaults(project: PlanningInput, plan: Plan): string[] {
  return plan.jobs.flatMap(({ id, work, doneOn, state, stretches }) => {
    const first = stretches[0];
    if (work.kind !== 'subcontract' || doneOn !== null || state === 'in-hand' || !first) return [];
    if (project.bookings[id] !== undefined) return [];
    return daysBetween(dateOf(plan.now), dateOf(first.from)) >= FIRST_DAYS
      ? []
      : [`${id} has a trade that was only just called`];
  });
}

/** Who is booked for a day comes on it, if all that goes before is done by then and the season lets them. */
function bookedFaults(
  project: PlanningInput,
  jobs: ReturnType<typeof expandJobs>,
  planned: ReadonlyMap<string, PlannedJob>,
): string[] {
  const waits = new Map(jobs.map((job) => [job.id, (job.wait?.hours ?? 0) * 60]));
  const links = linksOf(jobs, project);
  return Object.entries(project.bookings).flatMap(([id, on]) => {
    const own = planned.get(id);
    const first = own?.stretches[0];
    if (!own || !first || own.doneOn !== null || own.state === 'in-hand') return [];
    const free = Math.max(
      ...own.heldBy.map(({ until }) => until),
      ...links
        .filter(({ after }) => after === id)
        .map(({ before }) => (planned.get(before)?.finish ?? 0) + (waits.get(before) ?? 0)),
    );
    const morning = momentAt(on, 8 * 60);
    const rests = own.limits.outdoors === true && isAtRest(project.outsideRest, on);
    return free <= morning && !rests && dateOf(first.from) !== on
      ? [`${id} is booked for ${on} and stands on ${dateOf(first.from)}`]
      : [];
  });
}

/** A few days are fetched on the way; longer ones are waited for. */
const SHORT_LEAD_DAYS = 4;
const FIRST = { measure: 'survey.measure', choose: 'decide.finishes' };

/** What was not ordered yet comes its lead time after the day it can be: measured, or chosen, in the same room. */
function leadFaults(
  project: PlanningInput,
  jobs: ReturnType<typeof expandJobs>,
  planned: ReadonlyMap<string, PlannedJob>,
) {
  const ordered = new Set(
    Object.values(project.orders).flatMap(({ lineId, shares }) => [
      lineId,
      ...(shares ?? []).map((share) => share.lineId),
    ]),
  );
  return jobs.flatMap((job) => {
    const own = planned.get(job.id);
    if (!own || own.doneOn !== null || own.state === 'in-hand') return [];
    return job.materials.flatMap(({ pending, lineId, use }) => {
      if (!pending || ordered.has(lineId) || use.leadDays <= SHORT_LEAD_DAYS) return [];
      const first = jobs.find(
        ({ placeId, stepId }) => placeId === job.placeId && stepId === FIRST[pending],
      );
      const tape = first && planned.get(first.id);
      if (!tape || tape.doneOn !== null) return [];
      const begin = own.stretches[0]?.from ?? own.finish;
      return begin >= tape.finish + use.leadDays * 24 * 60
        ? []
        : [`${job.id} begins before ${use.what} can be there`];
    });
  });
}

function ownFaults(job: PlannedJob, plan: Plan): string[] {
  if (job.doneOn !== null) return [];
  const faults: string[] = [];
  const worked = job.stretches.reduce(
    (sum, { from, to, people }) => sum + (to - from) * Math.max(1, people.length),
    0,
  );
  if (job.stretches.some(({ from }) => from < plan.now))
    faults.push(`${job.id} begins in the past`);
  for (const held of job.heldBy) {
    if ((job.stretches[0]?.from ?? job.finish) < held.until)
      faults.push(`${job.id} begins before ${held.kind}`);
  }
  const alone = job.shortfalls.includes('second-pair');
  if (job.work.kind === 'labour' && worked < job.left) {
    faults.push(`${job.id} gets ${worked} of ${job.left} minutes`);
  }
  if (job.work.kind === 'labour' && job.work.hands === 2 && !alone) {
    if (job.stretches.some(({ people }) => new Set(people).size < 2))
      faults.push(`${job.id} wants two people`);
  }
  if (job.work.kind !== 'labour' && job.stretches.some(({ from }) => isWeekend(dateOf(from)))) {
    faults.push(`${job.id} has a trade or an inspector on a weekend`);
  }
  return faults;
}

function peopleFaults(project: PlanningInput, plan: Plan): string[] {
  return project.people.flatMap((person) => {
    const mine = plan.jobs
      .flatMap((job) =>
        job.stretches
          .filter(({ people }) => people.includes(person.id))
          .map((stretch) => ({ ...stretch, job: job.id })),
      )
      .sort((a, b) => a.from - b.from);
    return mine.flatMap((stretch, at) => {
      const window = workWindow(person, dateOf(stretch.from));
      const outside =
        !window ||
        minuteOfDay(stretch.from) < window.from ||
        minuteOfDay(stretch.from) + (stretch.to - stretch.from) > window.to;
      const clash = at > 0 && stretch.from < (mine[at - 1]?.to ?? 0);
      return [
        ...(outside ? [`${person.id} works outside their hours on ${stretch.job}`] : []),
        ...(clash ? [`${person.id} is in two places at once on ${stretch.job}`] : []),
      ];
    });
  });
}

/** Who was named, who does that kind of work, and as many as it wants; or the plan says who is lacking, and truly. */
function whoFaults(
  project: PlanningInput,
  jobs: ReturnType<typeof expandJobs>,
  planned: ReadonlyMap<string, PlannedJob>,
): string[] {
  return jobs.flatMap((job) => {
    const own = planned.get(job.id);
    if (!own || own.doneOn !== null || own.work.kind !== 'labour') return [];
    const skill = skillOf(job);
    const does = ({ id, skills }: Person) =>
      job.by ? id === job.by : !skills || (skill !== undefined && skills.includes(skill));
    const able = new Set(project.people.filter(does).map(({ id }) => id));
    const faults = own.stretches.flatMap(({ people }) => {
      const hands = job.by ? people.some((id) => able.has(id)) : people.every((id) => able.has(id));
      const isLacking = own.shortfalls.includes('nobody-able');
      return hands || isLacking ? [] : [`${job.id} is given to ${people.join(' and ')}`];
    });
    if (own.work.hands === 1 && own.stretches.some(({ people }) => people.length > 1)) {
      faults.push(`${job.id} wants one and has two`);
    }
    const couldMeet = project.people.some((one) =>
      project.people.some(
        (other) =>
          one !== other &&
          (job.by ? does(one) || does(other) : does(one) && does(other)) &&
          meetSoon(one, other, own.start),
      ),
    );
    if (own.shortfalls.includes('second-pair') && !own.limits.outdoors && couldMeet) {
      faults.push(`${job.id} says that nobody else has hours`);
    }
    return faults;
  });
}

const MEET_DAYS = 28;

/** Whether two give an hour at the same time within some weeks. */
function meetSoon(one: Person, other: Person, from: Moment): boolean {
  return Array.from({ length: MEET_DAYS }, (_, days) => addDays(dateOf(from), days)).some((day) => {
    const [a, b] = [workWindow(one, day), workWindow(other, day)];
    return a !== undefined && b !== undefined && a.from < b.to && b.from < a.to;
  });
}

/** Daylight and season outside, pieces that are not cut in two by a night, tools that go back in time. */
function limitFaults(project: PlanningInput, job: PlannedJob): string[] {
  if (job.doneOn !== null || job.stretches.length === 0) return [];
  const { outdoors, inOneGo, hire } = job.limits;
  const faults: string[] = [];
  for (const { from, to, people } of outdoors ? job.stretches : []) {
    const day = dateOf(from);
    if (isAtRest(project.outsideRest, day)) faults.push(`${job.id} is outside in the rest`);
    const light = daylightOn(toDayNumber(day));
    const dark = minuteOfDay(from) < light.from || minuteOfDay(from) + (to - from) > light.to;
    if (people.length > 0 && dark) faults.push(`${job.id} is outside in the dark`);
  }
  const days = new Map<string, number>();
  for (const { from, to } of job.stretches) {
    days.set(dateOf(from), (days.get(dateOf(from)) ?? 0) + (to - from));
  }
  if (inOneGo === 'whole' && days.size > 1 && !job.shortfalls.includes('long-day')) {
    faults.push(`${job.id} takes ${days.size} days, not one`);
  }
  if (inOneGo === 'each' && job.quantity.kind === 'count' && !job.shortfalls.includes('long-day')) {
    const pieces = job.quantity.count;
    if (days.size > pieces) faults.push(`${job.id} cuts one of ${pieces} pieces in two`);
  }
  const [first, last] = [job.stretches[0], job.stretches.at(-1)];
  if (
    hire &&
    first &&
    last &&
    job.work.kind === 'labour' &&
    !job.shortfalls.includes('short-hire')
  ) {
    const kept = daysBetween(dateOf(first.from), lastDayOf(last.to)) + 1;
    if (kept > hire.days) faults.push(`${job.id} keeps the ${hire.tool} ${kept} days`);
  }
  return faults;
}

/** Nobody works in a room that wet or dusty work, or its drying, keeps shut. */
function roomFaults(plan: Plan): string[] {
  const open = plan.jobs.filter(({ placeId, doneOn }) => placeId !== null && doneOn === null);
  return plan.jobs
    .filter(({ placeId, limits }) => placeId !== null && limits.closesRoom !== undefined)
    .flatMap((job) => {
      const drying =
        job.limits.closesRoom === 'wait' && job.wait
          ? [{ from: job.finish as number, to: job.finish + job.wait.minutes }]
          : [];
      const shut = [...(job.doneOn === null ? job.stretches : []), ...drying];
      return open
        .filter(({ id, placeId }) => id !== job.id && placeId === job.placeId)
        .flatMap((other) =>
          other.stretches
            .filter(({ from, to }) => shut.some((wall) => from < wall.to && to > wall.from))
            .map(() => `${other.id} is in the room that ${job.id} keeps shut`),
        );
    });
}

/** One crew is in one place at a time. */
function tradeFaults(plan: Plan): string[] {
  const booked = new Map<string, string>();
  return plan.jobs.flatMap((job) => {
    const { work } = job;
    if (work.kind !== 'subcontract' || job.doneOn !== null) return [];
    return job.stretches.flatMap(({ from }) => {
      const key = `${work.trade} ${dateOf(from)}`;
      const other = booked.get(key);
      booked.set(key, job.id);
      return other === undefined ? [] : [`${work.trade} is at ${other} and ${job.id} on one day`];
    });
  });
}
