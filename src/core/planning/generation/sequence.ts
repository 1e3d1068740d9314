import type { Task } from '../model/task';
import type { Cluster } from '../model/soon';
import type { Precedence } from './serial';

/**
 * The turn in which tasks are placed: of those whose predecessors had theirs, the one of the smallest group and then
 * of the smallest `order`. What opens a chain that must not stand open waits until all had their turn that the rest of
 * the chain waits for; once opened, the chain goes on before anything else.
 */
export function sequenceOf(
  tasks: readonly Task[],
  { predecessors, successors }: Precedence,
  clusters: readonly Cluster[],
  order: readonly number[],
): number[] {
  const waiting = predecessors.map(({ length }) => length);
  const opened = new Set<number>();
  const gates = clusters.map(({ outside }) => new Set(outside));
  for (const [at, { first }] of clusters.entries()) {
    if ((gates[at]?.size ?? 0) > 0) waiting[first] = (waiting[first] ?? 0) + 1;
  }
  const ready = tasks.flatMap((_, index) => (waiting[index] === 0 ? [index] : []));
  const release = (index: number): void => {
    const left = (waiting[index] ?? 0) - 1;
    waiting[index] = left;
    if (left === 0) ready.push(index);
  };
  const sequence: number[] = [];
  for (;;) {
    if (ready.length === 0) {
      // Two chains that wait for each other: one is opened all the same, and the gap is said.
      const stuck = gates.findIndex(({ size }) => size > 0);
      if (stuck < 0) return sequence;
      gates[stuck]?.clear();
      release(clusters[stuck]?.first ?? 0);
      continue;
    }
    const index = takeFirst(ready, tasks, order, opened);
    sequence.push(index);
    for (const [at, { first, members }] of clusters.entries()) {
      if (first === index) for (const member of members) opened.add(member);
      const gate = gates[at];
      if (gate?.delete(index) && gate.size === 0) release(first);
    }
    for (const { after } of successors[index] ?? []) release(after);
  }
}

function takeFirst(
  ready: number[],
  tasks: readonly Task[],
  order: readonly number[],
  opened: ReadonlySet<number>,
): number {
  let first = 0;
  for (let at = 1; at < ready.length; at += 1) {
    const [mine = 0, best = 0] = [ready[at], ready[first]];
    const chained = Number(opened.has(best)) - Number(opened.has(mine));
    const groups = chained || (tasks[mine]?.group ?? 0) - (tasks[best]?.group ?? 0);
    if (groups < 0 || (groups === 0 && (order[mine] ?? 0) < (order[best] ?? 0))) first = at;
  }
  const taken = ready[first] ?? 0;
  ready[first] = ready[ready.length - 1] ?? 0;
  ready.pop();
  return taken;
}
