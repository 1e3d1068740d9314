import type { Precedence } from '../generation/serial';
import type { TaskSoon } from './task';

/**
 * A chain that must not stand open: what opens it, everything between that and what closes it, and what from outside
 * the chain any of these waits for.
 */
export type Cluster = {
  first: number;
  /** What follows the first, to the last of the chain. */
  members: readonly number[];
  outside: readonly number[];
};

function reached(
  from: number,
  links: Precedence['successors'],
  end: 'before' | 'after',
): Set<number> {
  const found = new Set([from]);
  const open = [from];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    for (const link of links[at] ?? []) {
      if (!found.has(link[end])) {
        found.add(link[end]);
        open.push(link[end]);
      }
    }
  }
  return found;
}

/** One chain for each pair; what lies between is on some way from the first to the last. */
export function clustersOf(
  soon: readonly TaskSoon[],
  successors: Precedence['successors'],
  predecessors: Precedence['predecessors'],
): Cluster[] {
  return soon.map(({ before, after }) => {
    const behind = reached(before, successors, 'after');
    const ahead = reached(after, predecessors, 'before');
    const members = [...behind].filter((at) => at !== before && ahead.has(at));
    const inside = new Set([before, ...members]);
    const outside = members
      .flatMap((at) => (predecessors[at] ?? []).map((link) => link.before))
      .filter((at) => !inside.has(at));
    return { first: before, members, outside: [...new Set(outside)] };
  });
}
