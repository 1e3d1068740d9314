import {
  inspectionsOf,
  type Inspection,
  type Photo,
  type PlaceId,
  type Project,
} from '../../house';
import { floatsOf } from '../../planning/explanation/floats';
import type { GateSummary, Plan, PlannedJob } from '../../planning/report';
import { findStep, stepInId } from '../../trade/steps';
import { addDays, dateOf, isWeekend, type PlainDate } from '../../units';
import { seenBy } from './sees';

/** One inspection and how it stands: what it looks at, what it holds, when it is called and what a fail would cost. */
export type InspectionStatus = {
  job: PlannedJob;
  state: 'passed' | 'failed' | 'booked' | 'to-call' | 'later';
  /** Work that must be there to be seen, done or not. */
  sees: readonly PlannedJob[];
  /** Pictures of the rooms it looks at, to be shown on the day. */
  photos: readonly Photo[];
  /** Work that may not go on before it has passed. */
  holds: readonly PlannedJob[];
  /** Held so far, oldest first. */
  visits: readonly Inspection[];
  /** Jobs that put right what did not pass, and are not done. */
  corrections: readonly PlannedJob[];
  /** The day to call the office, so that the visit can be on its day; null once it passed or is booked. */
  callOn: PlainDate | null;
  /** The day agreed, else the day as planned; the day it passed. */
  visitOn: PlainDate;
  /** Gates that would move if it did not pass, as planned, and by how many days. */
  ifFailed: readonly { gate: GateSummary['gate']; days: number }[];
};

/** What an inspector finds is put right in a day, before the visit can be called again. */
const DAYS_TO_PUT_RIGHT = 1;

/** Offices answer on workdays. */
function workdayBefore(day: PlainDate): PlainDate {
  return isWeekend(day) ? workdayBefore(addDays(day, -1)) : day;
}

const bookAheadOf = ({ work }: PlannedJob): number =>
  work.kind === 'inspection' ? work.bookAheadDays : 0;

function stateOf(job: PlannedJob, today: PlainDate, callOn: PlainDate): InspectionStatus['state'] {
  if (job.doneOn !== null) return 'passed';
  if (job.bookedOn !== null && job.bookedOn >= today) return 'booked';
  if (job.heldBy.some(({ kind }) => kind === 'failed-visit')) return 'failed';
  return callOn <= today ? 'to-call' : 'later';
}

function statusOf(project: Project, plan: Plan, job: PlannedJob): InspectionStatus {
  const today = dateOf(plan.now);
  const byId = new Map<string, PlannedJob>(plan.jobs.map((each) => [each.id, each]));
  const jobsOf = (ids: readonly string[]) => ids.flatMap((id) => byId.get(id) ?? []);
  const before = jobsOf(job.predecessors.map(({ jobId }) => jobId));
  const isCorrection = ({ id }: PlannedJob) =>
    project.ownJobs[id]?.before.includes(job.id) === true;
  const sees = seenBy(plan, job).filter((each) => !isCorrection(each));
  const rooms = new Set<PlaceId | null>(sees.map(({ placeId }) => placeId));
  const visitOn = job.doneOn ?? job.bookedOn ?? dateOf(job.start);
  const callBy = workdayBefore(addDays(visitOn, -bookAheadOf(job)));
  const state = stateOf(job, today, callBy);
  const late = DAYS_TO_PUT_RIGHT + bookAheadOf(job);
  return {
    job,
    state,
    sees,
    photos: Object.values(project.photos).filter(
      ({ placeId, about }) => about === undefined && placeId !== null && rooms.has(placeId),
    ),
    holds: jobsOf(job.successors).filter(({ doneOn }) => doneOn === null),
    visits: inspectionsOf(project).filter(({ jobId }) => jobId === job.id),
    corrections: before.filter((each) => isCorrection(each) && each.doneOn === null),
    callOn: state === 'passed' || state === 'booked' ? null : callBy < today ? today : callBy,
    visitOn,
    ifFailed: floatsOf(plan, job, []).flatMap(({ to, days }) =>
      typeof to === 'string' && days < late ? [{ gate: to, days: late - Math.max(0, days) }] : [],
    ),
  };
}

/** Every visit of the house in the order of its days: those that passed first. */
export function inspectionStatuses(project: Project, plan: Plan): InspectionStatus[] {
  return plan.jobs
    .filter(({ work }) => work.kind === 'inspection')
    .map((job) => statusOf(project, plan, job))
    .sort((a, b) => a.visitOn.localeCompare(b.visitOn) || a.job.stage - b.job.stage);
}

/** Visits that the office does not ask for here, as the owner said. */
export function visitsLeftOut(project: Project, plan: Plan): Plan['dropped'] {
  return plan.dropped.filter(({ id }) => {
    const stepId = stepInId(id);
    return (
      project.ownJobs[id]?.visit !== undefined || findStep(stepId ?? '')?.work.kind === 'inspection'
    );
  });
}
