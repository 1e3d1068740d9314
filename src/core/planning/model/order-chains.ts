import { type JobId, type Order, progressOf, type Progress } from '../../house';
import { buildGraph, closureBefore, type Link } from '../../trade/precedence';
import type { Job, JobMaterial } from '../../trade/steps';
import { BLOCKING_LEAD_DAYS } from './orders';

/** What has to be done before a thing can be ordered, and how that is said. */
const FIRST = {
  measure: { stepId: 'survey.measure', why: 'is ordered once it is measured' },
  choose: { stepId: 'decide.finishes', why: 'is ordered once it is chosen' },
} as const;

type Chain = { before: JobId; after: JobId; leadDays: number; why: string };

/** Things with a long way to come that cannot be ordered yet: not measured, or not chosen. */
function chainsOf(
  jobs: readonly Job[],
  progress: ReadonlyMap<JobId, Progress>,
  orders: ReadonlyMap<string, Order>,
): Chain[] {
  const isOpen = ({ id }: Job) => progressOf(progress, id).doneOn === null;
  const waits = ({ pending, lineId, use }: JobMaterial) =>
    pending !== null && !orders.has(lineId) && use.leadDays >= BLOCKING_LEAD_DAYS;
  return jobs.flatMap((job) => {
    if (progressOf(progress, job.id).firstOn !== null || !isOpen(job)) return [];
    if (job.stepId === ALL_HERE) return piecesOf(job, jobs, isOpen, orders);
    return job.materials.filter(waits).flatMap(({ pending, use }) => {
      const { stepId, why } = FIRST[pending ?? 'measure'];
      const first = jobs.find(
        (other) => other.placeId === job.placeId && other.stepId === stepId && isOpen(other),
      );
      if (!first) return [];
      const said = `${use.what} ${why}, and comes ${use.leadDays} days later.`;
      return { before: first.id, after: job.id, leadDays: use.leadDays, why: said };
    });
  });
}

/** Before the only bath or kitchen of a household is torn out, what replaces it is here. */
const ALL_HERE = 'pieces.here';
/** Cut to a template that is taken on the spot: nobody can have those before. */
const MADE_ON_THE_SPOT: ReadonlySet<string> = new Set(['fit.tops', 'shower.glass']);

function piecesOf(
  job: Job,
  jobs: readonly Job[],
  isOpen: (job: Job) => boolean,
  orders: ReadonlyMap<string, Order>,
): Chain[] {
  const first = jobs.find(
    (other) =>
      other.placeId === job.placeId && other.stepId === FIRST.choose.stepId && isOpen(other),
  );
  const longest = jobs
    .filter(({ placeId, stepId }) => placeId === job.placeId && !MADE_ON_THE_SPOT.has(stepId ?? ''))
    .flatMap(({ materials }) => materials)
    .filter(({ lineId }) => !orders.has(lineId))
    .reduce<JobMaterial | undefined>(
      (most, each) => (each.use.leadDays > (most?.use.leadDays ?? 0) ? each : most),
      undefined,
    );
  if (!first || !longest) return [];
  const { what, leadDays } = longest.use;
  const why = `${what} come ${leadDays} days after they are chosen: nothing is torn out before.`;
  return [{ before: first.id, after: job.id, leadDays, why }];
}

/**
 * The links with those of orders that wait for something: measure, then order, then build in. The longest lead of a
 * pair counts. What one's own rules have turned round is left to them.
 */
export function withOrderChains(
  jobs: readonly Job[],
  links: readonly Link[],
  progress: ReadonlyMap<JobId, Progress>,
  orders: ReadonlyMap<string, Order>,
): Link[] {
  const graph = buildGraph(
    jobs.map(({ id }) => id),
    links,
  );
  const longest = new Map<string, Chain>();
  for (const chain of chainsOf(jobs, progress, orders)) {
    const key = `${chain.before}>${chain.after}`;
    if ((longest.get(key)?.leadDays ?? 0) < chain.leadDays) longest.set(key, chain);
  }
  const chains = [...longest.values()].filter(
    ({ before, after }) => !closureBefore(graph, [before]).has(after),
  );
  const chained = new Set(chains.map(({ before, after }) => `${before}>${after}`));
  return [
    ...links.filter(({ before, after }) => !chained.has(`${before}>${after}`)),
    ...chains.map((chain): Link => ({ ...chain, strength: 'physics' })),
  ];
}
