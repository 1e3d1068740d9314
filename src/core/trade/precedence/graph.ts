import type { JobId } from '../../house';
import type { Rule } from './rules';

/** "after" cannot start before "before" is done and its wait is over. */
export type Link = {
  before: JobId;
  after: JobId;
  why: string;
  strength: Rule['strength'] | 'own';
  /** Days something is on the way that can only be ordered once "before" is done. */
  leadDays?: number;
};

export type Graph = {
  /** Links into and out of each job. */
  into: ReadonlyMap<JobId, readonly Link[]>;
  outOf: ReadonlyMap<JobId, readonly Link[]>;
  /** Jobs so that every link goes forwards; jobs on a loop are missing from it. */
  sorted: readonly JobId[];
};

function groupBy(links: readonly Link[], end: 'before' | 'after'): Map<JobId, Link[]> {
  const groups = new Map<JobId, Link[]>();
  for (const link of links) {
    const group = groups.get(link[end]);
    if (group) group.push(link);
    else groups.set(link[end], [link]);
  }
  return groups;
}

/** Kahn's algorithm; stable, so that equal inputs give equal orders. */
function sortJobs(
  ids: readonly JobId[],
  into: ReadonlyMap<JobId, readonly Link[]>,
  outOf: ReadonlyMap<JobId, readonly Link[]>,
): JobId[] {
  const open = new Map(ids.map((id) => [id, into.get(id)?.length ?? 0]));
  const queue = ids.filter((id) => open.get(id) === 0);
  for (let at = 0; at < queue.length; at += 1) {
    const id = queue[at];
    for (const { after } of (id && outOf.get(id)) ?? []) {
      const left = (open.get(after) ?? 0) - 1;
      open.set(after, left);
      if (left === 0) queue.push(after);
    }
  }
  return queue;
}

/** Links in both directions with the jobs in an order that keeps them. Expects no loop. */
export function buildGraph(ids: readonly JobId[], links: readonly Link[]): Graph {
  const into = groupBy(links, 'after');
  const outOf = groupBy(links, 'before');
  return { into, outOf, sorted: sortJobs(ids, into, outOf) };
}

/** Everything that must be done before `ids`, and `ids` themselves. */
export function closureBefore(graph: Graph, ids: Iterable<JobId>): Set<JobId> {
  const found = new Set<JobId>(ids);
  const open = [...found];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    for (const { before } of graph.into.get(id) ?? []) {
      if (!found.has(before)) {
        found.add(before);
        open.push(before);
      }
    }
  }
  return found;
}

/** The jobs on a loop, in order, or undefined when there is none. */
export function findLoop(ids: readonly JobId[], links: readonly Link[]): JobId[] | undefined {
  const graph = buildGraph(ids, links);
  if (graph.sorted.length === ids.length) return undefined;
  const sorted = new Set(graph.sorted);
  const start = ids.find((id) => !sorted.has(id));
  const path: JobId[] = [];
  let at = start;
  while (at !== undefined && !path.includes(at)) {
    path.push(at);
    // A job left over by the sort always has a predecessor left over too.
    at = graph.into.get(at)?.find(({ before }) => !sorted.has(before))?.before;
  }
  return path.slice(at === undefined ? 0 : path.indexOf(at)).toReversed();
}

/**
 * Takes jobs out of the links without letting go of the order around them: whatever came before one of them comes
 * before all that came after it. Its own wait goes with it.
 */
export function withoutJobs(links: readonly Link[], gone: ReadonlySet<JobId>): Link[] {
  let kept = [...links];
  for (const id of gone) {
    const into = kept.filter(({ after }) => after === id);
    const outOf = kept.filter(({ before }) => before === id);
    const pairs = new Set(kept.map(({ before, after }) => `${before}>${after}`));
    const round = into.flatMap((first) =>
      outOf
        .filter(({ after }) => after !== first.before && !pairs.has(`${first.before}>${after}`))
        .map((second): Link => ({
          before: first.before,
          after: second.after,
          why: second.why,
          strength: second.strength === 'own' ? first.strength : second.strength,
        })),
    );
    kept = [...kept.filter(({ before, after }) => before !== id && after !== id), ...round];
  }
  return kept;
}

/**
 * Drops links that a chain of others already implies, so that a reason names the nearest cause.
 * Safe because no job lasts less than nothing and no wait is negative. A job that is passed already holds nothing back
 * and implies nothing: what was to come before it may still be open. Expects no loop.
 */
export function withoutImplied(
  ids: readonly JobId[],
  links: readonly Link[],
  isPassed: (id: JobId) => boolean = () => false,
): Link[] {
  const { outOf, sorted } = buildGraph(ids, links);
  const position = new Map(sorted.map((id, index) => [id, index]));
  const reach = new Map<JobId, Set<JobId>>();
  const kept: Link[] = [];
  for (const id of sorted.toReversed()) {
    const reached = new Set<JobId>();
    const nearestFirst = [...(outOf.get(id) ?? [])].sort(
      (a, b) => (position.get(a.after) ?? 0) - (position.get(b.after) ?? 0),
    );
    for (const link of nearestFirst) {
      // A way round says nothing of a delivery.
      if (reached.has(link.after) && link.leadDays === undefined) continue;
      kept.push(link);
      reached.add(link.after);
      if (isPassed(link.after)) continue;
      for (const further of reach.get(link.after) ?? []) reached.add(further);
    }
    reach.set(id, reached);
  }
  return kept;
}
