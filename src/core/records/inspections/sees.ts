import type { Plan, PlannedJob } from '../../planning/report';
import { skillOf } from '../../trade/steps';

/** What is another visit's where the family of a step does not tell. */
const OF_AIR = /^rough\.(?:ducts|fan)$/;

type Looks = (job: PlannedJob) => boolean;
const isRough = ({ stepId }: PlannedJob): boolean => /^(?:rough|base|slab)\./.test(stepId ?? '');

/** What each visit is there to see, of the work that comes before it. */
const LOOKS: Readonly<Record<string, Looks>> = {
  'hold.electric': (job) => isRough(job) && skillOf(job) === 'electrics',
  'hold.plumbing': (job) =>
    isRough(job) && skillOf(job) === 'plumbing' && !OF_AIR.test(job.stepId ?? ''),
  'hold.mechanical': ({ stepId }) => OF_AIR.test(stepId ?? ''),
  'hold.framing': (job) => skillOf(job) === 'structure',
  'hold.insulation': ({ stepId }) => stepId?.startsWith('insulate.') === true,
};

/**
 * What a visit has to be able to see: what it waits for at once, and of the work before that its own trade's, up to the
 * visits before it, which have seen what was theirs.
 */
export function seenBy(plan: Plan, visit: PlannedJob): PlannedJob[] {
  const byId = new Map(plan.jobs.map((job) => [job.id, job]));
  const looks = LOOKS[visit.stepId ?? ''];
  const atOnce = new Set(visit.predecessors.map(({ jobId }) => jobId));
  const seen = new Set<PlannedJob>();
  const open = [visit];
  for (let at = open.pop(); at; at = open.pop()) {
    for (const { jobId } of at.predecessors) {
      const job = byId.get(jobId);
      if (!job || job.work.kind === 'inspection' || seen.has(job)) continue;
      seen.add(job);
      open.push(job);
    }
  }
  return plan.jobs.filter((job) => seen.has(job) && (atOnce.has(job.id) || looks?.(job) === true));
}
