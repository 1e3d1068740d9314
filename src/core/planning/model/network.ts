import {
  type JobId,
  type Order,
  type PlanningInput,
  progressOf,
  readProgress,
  type Progress,
} from '../../house';
import { gateMembership, type GateMembership } from '../../trade/gates';
import { fail, ok, type Result } from '../../result';
import { openRisks } from '../../survey/risk';
import { openQuestions, type Undecided } from '../../survey/walk';
import {
  buildGraph,
  closureBefore,
  findLoop,
  withoutImplied,
  withoutJobs,
  type Graph,
  type Link,
} from '../../trade/precedence';
import type { Job } from '../../trade/steps';
import { linksOf, expandAll } from '../../estimating/jobs';
import type { PlanError } from '../report';
import { withOrderChains } from './order-chains';
import { ordersByLine } from './orders';
import { closesIn } from './shell';

/** The jobs of a house and the links between them, with how far they are: all that asks neither time nor doubt. */
export type Network = {
  project: PlanningInput;
  jobs: readonly Job[];
  byId: ReadonlyMap<JobId, Job>;
  /** Jobs the owner left out. */
  dropped: readonly Job[];
  graph: Graph;
  progress: ReadonlyMap<JobId, Progress>;
  membership: GateMembership;
  orders: ReadonlyMap<string, Order>;
  questions: readonly Undecided[];
  /** Jobs that go before all others: looking where trouble is suspected, and what a date from outside presses. */
  urgent: ReadonlySet<JobId>;
  /** What closes the shell against the weather, and all that comes before it. */
  dryIn: ReadonlySet<JobId>;
};

/** New keys on the first day of ownership; alarms where people sleep on the first day of work. */
const FIRST_DAY: ReadonlySet<string> = new Set(['safe.locks', 'site.alarms']);

/** A house is planned several times over: cautiously, at the guesses, without its suspicions. */
const known = new WeakMap<PlanningInput, Result<Network, PlanError>>();

/** Found once for each state of a house, which never changes in place. Fails on a loop of own jobs or rules. */
export function networkOf(house: PlanningInput): Result<Network, PlanError> {
  const found = known.get(house) ?? build(house);
  known.set(house, found);
  return found;
}

function build(project: PlanningInput): Result<Network, PlanError> {
  const all = expandAll(project);
  const dropped = new Set(
    all.filter(({ id }) => Object.hasOwn(project.droppedJobs, id)).map(({ id }) => id),
  );
  const jobs = all.filter(({ id }) => !dropped.has(id));
  const ids = jobs.map((job) => job.id);
  const progress = readProgress(project);
  const orders = ordersByLine(project);
  const links = withOrderChains(
    jobs,
    withoutJobs(linksOf(all, project), dropped),
    progress,
    orders,
  );
  const loop = findLoop(ids, links);
  if (loop) return fail(loopError(loop, jobs, links));
  const graph = buildGraph(
    ids,
    withoutImplied(ids, links, (id) => progressOf(progress, id).doneOn !== null),
  );
  return ok({
    project,
    jobs,
    byId: new Map(jobs.map((job) => [job.id, job])),
    dropped: all.filter(({ id }) => dropped.has(id)),
    graph,
    progress,
    membership: gateMembership(jobs, graph, Object.values(project.phases)),
    orders,
    questions: openQuestions(project, jobs),
    urgent: closureBefore(
      graph,
      [
        ...openRisks(project).map(({ lookJobId }) => lookJobId),
        ...jobs.filter(({ stepId }) => FIRST_DAY.has(stepId ?? '')).map(({ id }) => id),
      ].filter((id) => ids.includes(id)),
    ),
    dryIn: closureBefore(
      graph,
      jobs.filter(closesIn).map(({ id }) => id),
    ),
  });
}

function loopError(
  loop: readonly JobId[],
  jobs: readonly Job[],
  links: readonly Link[],
): PlanError {
  const whys = loop.map((before, at) => {
    const after = loop[(at + 1) % loop.length];
    return links.find((link) => link.before === before && link.after === after)?.why ?? '';
  });
  const titles = loop.map((id) => jobs.find((job) => job.id === id)?.title ?? id);
  return { code: 'loop', jobIds: [...loop], titles, whys };
}
