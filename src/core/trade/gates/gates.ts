import { isInPhase, openPunch, type HouseFacts, type JobId, type Phase } from '../../house';
import { closureBefore, type Graph } from '../precedence';
import type { Job } from '../steps';
import { CONDITIONS, GATES, type Condition, type GateId } from '../steps/conditions';

/** Which gate each job belongs to: the first whose conditions need it; the rest is for "call it done". */
export type GateMembership = ReadonlyMap<JobId, GateId>;

const conditionsOf = (gate: GateId): Condition[] =>
  CONDITIONS.filter((condition) => condition.gate === gate);

const jobsMeeting = (condition: Condition, jobs: readonly Job[]): Job[] =>
  jobs.filter((job) => job.meets.includes(condition.id));

/** Whether a gate waits for a job because it waits for the whole phase it is part of. */
const isWaitedFor = ({ id, placeId }: Job, gate: GateId, phases: readonly Phase[]): boolean =>
  phases.some((phase) => phase.before === gate && isInPhase(phase, { jobId: id, placeId }));

/** Expects a graph without loops. */
export function gateMembership(
  jobs: readonly Job[],
  graph: Graph,
  phases: readonly Phase[] = [],
): GateMembership {
  const membership = new Map<JobId, GateId>(jobs.map((job) => [job.id, 'done']));
  for (const gate of ['live', 'sleep'] as const) {
    const ends = conditionsOf(gate)
      .flatMap((condition) => jobsMeeting(condition, jobs))
      .concat(jobs.filter((job) => isWaitedFor(job, gate, phases)))
      .filter(({ afterMoveIn }) => !afterMoveIn);
    for (const id of closureBefore(
      graph,
      ends.map((job) => job.id),
    )) {
      membership.set(id, gate);
    }
  }
  return membership;
}

/** 0 for what one must have to sleep there, 2 for what may wait. */
export const gateRank = (gate: GateId): number => GATES.indexOf(gate);

export type ConditionState = {
  condition: Condition;
  /** Jobs in the plan that meet it; with none, a person's own check does. */
  jobIds: JobId[];
  openJobIds: JobId[];
  checkedOn: string | null;
  /** Why it does not apply here, as the owner said. */
  waived: string | null;
  /** Open items of the punch list, for the condition that asks for none. */
  punchLeft: number;
  met: boolean;
};

/**
 * In a house that is lived in, what one needs to sleep and live there holds today: it ends where a place is opened up,
 * and holds again when the jobs that meet it are done. What an office has to say holds when it has said it.
 */
function holdsToday(
  gate: GateId,
  project: HouseFacts,
  openJobs: readonly Job[],
  jobs: readonly Job[],
  isDone: (id: JobId) => boolean,
): boolean {
  if (project.house.occupancy !== 'lived-in' || gate === 'done') return false;
  const openedUp = new Set(
    jobs.filter((job) => job.tags.includes('opens-up') && isDone(job.id)).map((job) => job.placeId),
  );
  return openJobs.every(({ placeId }) => placeId !== null && !openedUp.has(placeId));
}

/**
 * A condition is met when all its jobs are done, by an own check or a reason why it does not apply when nothing in the
 * plan meets it, or because it holds today in a house that is lived in; the punch list's when nothing on it is open too.
 */
export function conditionStates(
  gate: GateId,
  project: HouseFacts,
  jobs: readonly Job[],
  isDone: (id: JobId) => boolean,
): ConditionState[] {
  return conditionsOf(gate).map((condition) => {
    const jobIds = jobsMeeting(condition, jobs).map((job) => job.id);
    const openJobIds = jobIds.filter((id) => !isDone(id));
    const checkedOn = project.checks[condition.id] ?? null;
    const open = jobs.filter(({ id }) => openJobIds.includes(id));
    const waived = project.waivers[condition.id]?.because ?? null;
    const punchLeft = condition.id === 'punch' ? openPunch(project).length : 0;
    // A reason sets aside the look somebody would have to take, never a job that is open.
    const isSaid = checkedOn !== null || waived !== null;
    const isMet = (jobIds.length > 0 ? openJobIds.length === 0 : isSaid) && punchLeft === 0;
    const met = isMet || holdsToday(gate, project, open, jobs, isDone);
    return { condition, jobIds, openJobIds, checkedOn, waived, punchLeft, met };
  });
}
