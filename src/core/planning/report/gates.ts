import { daysBetween } from '../../units';
import type { GateSummary, Plan, PlannedJob } from './plan';

type GateId = GateSummary['gate'];

/** A gate counts its own jobs and those of the gates before it. */
export const GATES_COUNTED: Record<GateId, readonly GateId[]> = {
  sleep: ['sleep'],
  live: ['sleep', 'live'],
  done: ['sleep', 'live', 'done'],
};

/** What comes a season after the house is done keeps no gate open. */
const AFTERWARDS: ReadonlySet<string> = new Set(['after.season']);
/** Whether a job is no part of any gate, such as a check a year later. */
export const isAfterwards = ({ stepId }: { stepId: string | null }): boolean =>
  stepId !== null && AFTERWARDS.has(stepId);

/** The jobs a gate waits for, those of the gates before it among them. */
export const jobsOfGate = (plan: Plan, gate: GateId): PlannedJob[] =>
  plan.jobs.filter((job) => GATES_COUNTED[gate].includes(job.gate) && !isAfterwards(job));

/** Gates that one plan reaches on an earlier day than another, by how many days. */
export function soonerIn(plan: Plan, than: Plan): { gate: GateId; days: number }[] {
  return (['sleep', 'live', 'done'] as const).flatMap((gate) => {
    const [date, before] = [plan.gates[gate].date, than.gates[gate].date];
    const days = date && before ? daysBetween(date, before) : 0;
    return days > 0 ? [{ gate, days }] : [];
  });
}

/** Jobs and own checks between today and living there: each counted once, though one gate holds another. */
export const leftToKeys = (plan: Plan): number =>
  plan.gates.live.jobsLeft + plan.gates.live.checksLeft;

/** What a gate adds to the one before it. */
export function addedBy(plan: Plan, gate: GateId): number {
  const total = ({ jobsLeft, checksLeft }: GateSummary) => jobsLeft + checksLeft;
  const before = { sleep: null, live: plan.gates.sleep, done: plan.gates.live }[gate];
  return total(plan.gates[gate]) - (before ? total(before) : 0);
}
