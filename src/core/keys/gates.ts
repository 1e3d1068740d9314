import type { JobId, HouseToPlan } from '../house';
import { closureBefore, type Graph } from '../order';
import type { Job } from '../steps';
import { CONDITIONS, GATES, type Condition, type GateId } from '../steps/conditions';

/** Which gate each job belongs to: the first whose conditions need it; the rest is for "call it done". */
export type GateMembership = ReadonlyMap<JobId, GateId>;

const conditionsOf = (gate: GateId): Condition[] =>
  CONDITIONS.filter((condition) => condition.gate === gate);

export const jobsMeeting = (condition: Condition, jobs: readonly Job[]): Job[] =>
  jobs.filter((job) => job.meets.includes(condition.id));

/** Expects a graph without loops. */
export function gateMembership(jobs: readonly Job[], graph: Graph): GateMembership {
  const membership = new Map<JobId, GateId>(jobs.map((job) => [job.id, 'done']));
  for (const gate of ['live', 'sleep'] as const) {
    const ends = conditionsOf(gate)
      .flatMap((condition) => jobsMeeting(condition, jobs))
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
  met: boolean;
};

/** A condition is met when all its jobs are done, or by an own check when nothing in the plan meets it. */
export function conditionStates(
  gate: GateId,
  project: HouseToPlan,
  jobs: readonly Job[],
  isDone: (id: JobId) => boolean,
): ConditionState[] {
  return conditionsOf(gate).map((condition) => {
    const jobIds = jobsMeeting(condition, jobs).map((job) => job.id);
    const openJobIds = jobIds.filter((id) => !isDone(id));
    const checkedOn = project.checks[condition.id] ?? null;
    const met = jobIds.length > 0 ? openJobIds.length === 0 : checkedOn !== null;
    return { condition, jobIds, openJobIds, checkedOn, met };
  });
}
