import type { JobId } from '../../house';
import { jobsOfGate, type GateSummary, type Plan, type PlannedJob } from '../report';
import { dateOf, daysBetween, lastDayOf, minutes, type Minutes, type PlainDate } from '../../units';
import { chainBack, type Cause } from './reasons';

/** What is another in the plan that stands now than in the one before it. */
type Difference =
  | { kind: 'new' }
  | { kind: 'done' }
  | { kind: 'pace'; from: number; to: number }
  /** More or less of it is left than was, beyond what was worked. */
  | { kind: 'left'; from: Minutes; to: Minutes }
  | { kind: 'booked'; on: PlainDate }
  | { kind: 'arrives'; what: string; on: PlainDate }
  /** Nothing of its own: it moved for what decides when it starts. */
  | { kind: 'follows'; cause: Cause };

export type Why = { jobId: JobId; is: Difference };

/** Below this it is rounding. */
const LEAST_MINUTES = 5;

function ownDifference(was: PlannedJob | undefined, is: PlannedJob): Difference | undefined {
  if (!was) return { kind: 'new' };
  if (was.doneOn === null && is.doneOn !== null) return { kind: 'done' };
  if (is.pace !== was.pace) return { kind: 'pace', from: was.pace, to: is.pace };
  const worked = is.logged - was.logged;
  const left = is.left - Math.max(0, was.left - worked);
  if (Math.abs(left) > LEAST_MINUTES) {
    return { kind: 'left', from: minutes(Math.max(0, was.left - worked)), to: is.left };
  }
  if (is.bookedOn !== null && is.bookedOn !== was.bookedOn) {
    return { kind: 'booked', on: is.bookedOn };
  }
  for (const held of is.heldBy) {
    if (!('what' in held)) continue;
    const before = was.heldBy.find((each) => 'what' in each && each.what === held.what);
    if (before?.until !== held.until) {
      return { kind: 'arrives', what: held.what, on: lastDayOf(held.until) };
    }
  }
  return undefined;
}

/** At most so many reasons are told: what weighs comes first, the rest follows from it. */
const MOST_WHYS = 3;

/**
 * Why a job stands on another day than in the plan before: what is different on the way to it, first what came first;
 * else what takes or gives hours beside it. Where nothing is different, what decides its start now. Empty where it did not move by a day.
 */
export function whyMoved(before: Plan, after: Plan, jobId: JobId): Why[] {
  const old = new Map(before.jobs.map((job) => [job.id, job]));
  const now = new Map(after.jobs.map((job) => [job.id, job]));
  const [was, is] = [old.get(jobId), now.get(jobId)];
  if (!is || (was && daysBetween(dateOf(was.finish), dateOf(is.finish)) === 0)) return [];
  const isLater = !was || is.finish > was.finish;
  // What makes it later stands on its way now; what lets it come sooner stood on its way before.
  const chain = isLater ? chainBack(after, jobId) : [...chainBack(before, jobId)];
  const whyOf = (id: JobId): Why[] => {
    const job = now.get(id);
    const difference = job && ownDifference(old.get(id), job);
    return difference ? [{ jobId: id, is: difference }] : [];
  };
  const onTheWay = chain.flatMap((each) => whyOf(each.jobId));
  if (onTheWay.length > 0) return onTheWay.toReversed().slice(0, MOST_WHYS);
  // Nothing on the chain itself: then hours went to, or came from, something worked on before it ends.
  const hoursOf = (job: PlannedJob) => Math.abs(job.left - (old.get(job.id)?.left ?? 0));
  const elsewhere = after.jobs
    .filter((job) => (job.stretches[0]?.from ?? job.start) < is.finish)
    .toSorted((a, b) => hoursOf(b) - hoursOf(a))
    .flatMap(({ id }) => whyOf(id));
  if (elsewhere.length > 0) return elsewhere.slice(0, MOST_WHYS);
  const [first] = chainBack(after, jobId);
  return first ? [{ jobId, is: { kind: 'follows', cause: first.cause } }] : [];
}

/** By how many days a gate's planned day moved against the plan before, and why; null where it did not. */
export function gateMoved(
  before: Plan,
  after: Plan,
  gate: GateSummary['gate'],
): { days: number; whys: Why[] } | null {
  const [was, is] = [before.gates[gate].date, after.gates[gate].date];
  if (!was || !is || was === is) return null;
  const last = jobsOfGate(after, gate)
    .filter(({ doneOn }) => doneOn === null)
    .reduce<PlannedJob | null>(
      (late, job) => (late && late.finish >= job.finish ? late : job),
      null,
    );
  return { days: daysBetween(was, is), whys: last ? whyMoved(before, after, last.id) : [] };
}
