/** One task waits for another; `lag` is what must pass after the earlier one's end. */
export type Precedes = { before: number; after: number; lag: number };

/** Tasks 0 to n-1 by what they wait for, and by what waits for them. */
export type Precedence = {
  predecessors: readonly (readonly Precedes[])[];
  successors: readonly (readonly Precedes[])[];
};

/** Where tasks are put down: it knows what is free of whatever they share. Times are whole numbers of one unit. */
export type Site = {
  /** Puts a task at its earliest feasible place from `from` on; answers when it ends. */
  place(task: number, from: number): number;
};

/** Links, none of which closes a loop, sorted by their tasks. */
export function precedenceOf(tasks: number, links: readonly Precedes[]): Precedence {
  const lists = () => Array.from({ length: tasks }, (): Precedes[] => []);
  const [predecessors, successors] = [lists(), lists()];
  for (const link of links) {
    successors[link.before]?.push(link);
    predecessors[link.after]?.push(link);
  }
  return { predecessors, successors };
}

/** The same tasks with time running backward: what waited goes first. */
export function reversed({ predecessors }: Precedence): Precedence {
  const links = predecessors.flat().map(({ before, after, lag }) => ({
    before: after,
    after: before,
    lag,
  }));
  return precedenceOf(predecessors.length, links);
}

/** Tasks by priority, the smallest first and of equals the first named, none before what it waits for. */
export function listed(
  { predecessors, successors }: Precedence,
  priority: ArrayLike<number>,
): Int32Array {
  const urgency = (task: number) => priority[task] ?? 0;
  const waiting = predecessors.map((before) => before.length);
  const free = [...waiting.keys()].filter((task) => waiting[task] === 0);
  return Int32Array.from(waiting, () => {
    const next = free.reduce((a, b) =>
      urgency(b) < urgency(a) || (urgency(b) === urgency(a) && b < a) ? b : a,
    );
    free.splice(free.indexOf(next), 1);
    for (const { after } of successors[next] ?? []) {
      waiting[after] = (waiting[after] ?? 0) - 1;
      if (waiting[after] === 0) free.push(after);
    }
    return next;
  });
}

/**
 * Serial schedule generation (Kelley 1963): the tasks of a sequence one after another, each at its earliest feasible
 * place; gaps are used. The sequence holds every task once, after all it waits for. What the site is, a house with its
 * people and rooms or the capacities of a published instance, this does not know. Answers when each task ends.
 */
export function generate(
  sequence: ArrayLike<number>,
  { predecessors }: Precedence,
  site: Site,
  notBefore: ArrayLike<number>,
): Float64Array {
  const finishes = new Float64Array(sequence.length);
  for (let at = 0; at < sequence.length; at += 1) {
    const task = sequence[at] ?? 0;
    let from = notBefore[task] ?? 0;
    for (const { before, lag } of predecessors[task] ?? []) {
      const ready = (finishes[before] ?? 0) + lag;
      if (ready > from) from = ready;
    }
    finishes[task] = site.place(task, from);
  }
  return finishes;
}
