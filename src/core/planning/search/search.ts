import { seededRandom, type Random } from '../../random';
import { MINUTES_PER_DAY } from '../../units';
import type { Schedule, Scheduler } from '../generation/solve';

/** What a schedule is judged by, the weightier first; smaller is better. */
export type Score = readonly number[];

export type Candidate = { order: readonly number[]; schedule: Schedule; score: Score };

export type Aims = {
  score: (schedule: Schedule) => Score;
  /** Task ends that decide the score, the weightier first: the search lifts what leads to them. */
  targets: readonly (readonly number[])[];
  /** Elapsed minutes after each task before anything may follow. */
  waits: readonly number[];
};

/** Whether one score is before another: the first part that differs decides. */
export const isBetter = (a: Score, b: Score): boolean => {
  for (let at = 0; at < a.length; at += 1) {
    const difference = (a[at] ?? 0) - (b[at] ?? 0);
    if (difference !== 0) return difference < 0;
  }
  return false;
};

/** How often the ranks are drawn anew from the schedule itself before single jobs are tried. */
const RERANKS = 4;
/** Of what leads to the end, the share of tries that lift a job of it; the others lift any. */
const ALONG_CHAIN = 0.7;

const finishOf = (schedule: Schedule, index: number): number => schedule[index]?.finish ?? 0;

/**
 * Improves on the ranked order: first by ranking jobs by how late they may be as the schedule turned out, then by
 * lifting one job, with all it waits for, to an earlier place in the queue. Keeps what is no worse, so that it can
 * cross plains. Yields after every schedule tried; the caller stops it when it likes. Same seed, same answer.
 */
export function* improveOrder(
  scheduler: Scheduler,
  aims: Aims,
  first: Candidate,
  seed: number,
): Generator<Candidate, void> {
  const random = seededRandom(seed);
  let best = first;
  const attempt = (order: readonly number[]): void => {
    const schedule = scheduler.run(order);
    const score = aims.score(schedule);
    if (!isBetter(best.score, score)) best = { order, schedule, score };
  };
  for (let rerank = 0; rerank < RERANKS; rerank += 1) {
    attempt(latestFirst(scheduler, aims, best.schedule));
    yield best;
  }
  for (;;) {
    attempt(lifted(scheduler, aims, best, random));
    yield best;
  }
}

/** An order by latest start, taking for each job the elapsed time it had in the schedule. */
function latestFirst(scheduler: Scheduler, { waits, targets }: Aims, schedule: Schedule): number[] {
  const { tasks } = scheduler.problem;
  const latest = tasks.map(() => Infinity);
  const byFinish = tasks
    .map((_, index) => index)
    .sort((a, b) => finishOf(schedule, b) - finishOf(schedule, a) || b - a);
  const deadline = tasks.map(() => Infinity);
  for (const target of targets) {
    const end = Math.max(0, ...target.map((index) => finishOf(schedule, index)));
    for (const index of target) deadline[index] = Math.min(deadline[index] ?? Infinity, end);
  }
  const visit = sortedBackwards(scheduler, byFinish);
  for (const index of visit) {
    const placement = schedule[index];
    const length = placement ? placement.finish - placement.start : 0;
    const followers = (scheduler.successors[index] ?? []).map(
      ({ after, lag }) => (latest[after] ?? Infinity) - lag,
    );
    const end = Math.min((deadline[index] ?? Infinity) - (waits[index] ?? 0), ...followers);
    latest[index] = end - length;
  }
  const queue = tasks.map((_, index) => index);
  queue.sort((a, b) => {
    const [one = 0, other = 0] = [latest[a], latest[b]];
    return one === other ? a - b : one - other;
  });
  const order = tasks.map(() => 0);
  queue.forEach((index, position) => (order[index] = position));
  return order;
}

/** Every task after all that follow it. */
function sortedBackwards(scheduler: Scheduler, hint: readonly number[]): number[] {
  const left = scheduler.successors.map(({ length }) => length);
  const ready = hint.filter((index) => left[index] === 0);
  for (let at = 0; at < ready.length; at += 1) {
    for (const { before } of scheduler.predecessors[ready[at] ?? 0] ?? []) {
      const open = (left[before] ?? 0) - 1;
      left[before] = open;
      if (open === 0) ready.push(before);
    }
  }
  return ready;
}

/** From what ends last among the targets back through whatever let each one start: a link, or the same hands. */
function chainTo(scheduler: Scheduler, schedule: Schedule, target: readonly number[]): number[] {
  let at = target.reduce(
    (last, index) => (finishOf(schedule, index) > finishOf(schedule, last) ? index : last),
    target[0] ?? -1,
  );
  const chain: number[] = [];
  const seen = new Set<number>();
  while (at >= 0 && !seen.has(at)) {
    seen.add(at);
    chain.push(at);
    at = causeOf(scheduler, schedule, at);
  }
  return chain;
}

function causeOf(scheduler: Scheduler, schedule: Schedule, index: number): number {
  const start = schedule[index]?.start ?? 0;
  let cause = -1;
  let released = -Infinity;
  for (const { before, lag } of scheduler.predecessors[index] ?? []) {
    const until = finishOf(schedule, before) + lag;
    if (until > released) [cause, released] = [before, until];
  }
  // Let go well before it starts: then the hands were busy. The job they finished last before it is the cause.
  if (start - released < MINUTES_PER_DAY / 2) return cause;
  const people = new Set(schedule[index]?.stretches[0]?.people ?? []);
  if (people.size === 0) return cause;
  let busy = -1;
  let end = released;
  for (let other = 0; other < schedule.length; other += 1) {
    if (other === index) continue;
    const placement = schedule[other];
    if (!placement || placement.finish > start || placement.finish <= end) continue;
    if (!placement.stretches.at(-1)?.people.some((person) => people.has(person))) continue;
    [busy, end] = [other, placement.finish];
  }
  return busy >= 0 ? busy : cause;
}

/** One job, with all that must come before it, lifted to a random earlier place in the queue. */
function lifted(
  scheduler: Scheduler,
  { targets }: Aims,
  { order, schedule }: Candidate,
  random: Random,
): number[] {
  const pick = <T>(items: readonly T[]): T | undefined =>
    items[Math.floor(random() * items.length)];
  const target = pick(targets.filter(({ length }) => length > 0)) ?? [];
  const chain = random() < ALONG_CHAIN ? chainTo(scheduler, schedule, target) : [];
  const job = pick(chain) ?? Math.floor(random() * order.length);
  const position = order[job] ?? 0;
  const to = position * random();
  const group = new Set([job]);
  const open = [job];
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    for (const { before } of scheduler.predecessors[at] ?? []) {
      if ((order[before] ?? 0) >= to && !group.has(before)) {
        group.add(before);
        open.push(before);
      }
    }
  }
  // Halves keep the lifted ones together and in their own order, before the one that stood there.
  const queue = order
    .map((place, index) => ({
      index,
      key: group.has(index) ? to + place / (order.length * 2 + 1) : place + (place >= to ? 1 : 0),
    }))
    .sort((a, b) => a.key - b.key || a.index - b.index);
  const next = order.map(() => 0);
  queue.forEach(({ index }, at) => (next[index] = at));
  return next;
}
