import { seededRandom, type Random } from '../../random';
import type { Precedence } from '../generation/serial';

/** A schedule in a population. */
export type Member = {
  /** Its tasks by their starts: placed in this turn again they come to a schedule no worse. */
  sequence: Int32Array;
  starts: ArrayLike<number>;
  /** How good it is: smaller is better, the weightier first. */
  score: readonly number[];
};

/** What breeding has to know of a project. */
export type Bred<M extends Member> = {
  precedence: Precedence;
  /** Makes a schedule of a sequence, and improves on it where the project knows how. */
  evaluate: (sequence: Int32Array) => M;
  /** A sequence by the project's own priority with some chance in it. */
  sampled: (random: Random) => Int32Array;
  /** A sequence by priority, smallest first, never before what it waits for. */
  byPriority: (priority: ArrayLike<number>) => Int32Array;
  durationOf: (member: M, task: number) => number;
  /** The share of everything limited that a task takes while it runs. */
  loads: ArrayLike<number>;
};

export type Breeding = {
  /** Members at a time. */
  population: number;
  /** A parent is the best of so many drawn. */
  draws: number;
  seed: number;
};

/** Neighbours changed over in a child, on average. */
const MUTATIONS = 5;
/** Generations without anything better before half the population is drawn anew. */
const PATIENCE = 60;

/**
 * A hybrid genetic search (after Valls, Ballestín and Quintanilla 2008): sequences, crossover that keeps what is
 * densely packed, survivors no two of which are the same. Begins with `first`, yields every schedule it makes, and goes
 * on until nobody asks any more. Seeded.
 */
export function* breed<M extends Member>(
  project: Bred<M>,
  first: M,
  { population: size, draws, seed }: Breeding,
): Generator<M, void> {
  const random = seededRandom(seed);
  const sample = (): M => project.evaluate(project.sampled(random));
  let population: M[] = [first];
  while (population.length < size) {
    const member = sample();
    population.push(member);
    yield member;
  }
  let best = bestOf(population);
  let idle = 0;
  for (;;) {
    const children: M[] = [];
    for (let pair = 0; pair < size / 2; pair += 1) {
      const [mother, father] = [pick(population, draws, random), pick(population, draws, random)];
      for (const [one, other] of [
        [mother, father],
        [father, mother],
      ] as const) {
        const child =
          random() < 0.5 ? crossed(one, other, random) : peaked(project, one, other, random);
        const member = project.evaluate(mutated(child, project.precedence, random));
        children.push(member);
        yield member;
      }
    }
    population = survivors([...population, ...children], size);
    const next = bestOf(population);
    idle = isBetter(next, best) ? 0 : idle + 1;
    best = next;
    if (idle < PATIENCE) continue;
    idle = 0;
    const drawnAnew = population.toSorted(compare).slice(0, Math.ceil(population.length / 3));
    while (drawnAnew.length < size) {
      const member = sample();
      drawnAnew.push(member);
      yield member;
    }
    population = drawnAnew;
  }
}

function compare(a: Member, b: Member): number {
  for (let at = 0; at < a.score.length; at += 1) {
    const difference = (a.score[at] ?? 0) - (b.score[at] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}

export const isBetter = (a: Member, b: Member): boolean => compare(a, b) < 0;

const bestOf = <M extends Member>(population: readonly M[]): M =>
  population.reduce((best, member) => (isBetter(member, best) ? member : best));

function pick<M extends Member>(population: readonly M[], draws: number, random: Random): M {
  let best: M | undefined;
  for (let draw = 0; draw < draws; draw += 1) {
    const member = population[Math.floor(random() * population.length)];
    if (member && (!best || isBetter(member, best))) best = member;
  }
  return best ?? (population[0] as M);
}

/** Two-point crossover: the middle in the turn of the other parent; precedence holds because it holds in both. */
function crossed(one: Member, other: Member, random: Random): Int32Array {
  const tasks = one.sequence.length;
  const [a, b] = [Math.floor(random() * tasks), Math.floor(random() * tasks)];
  const [from, to] = [Math.min(a, b), Math.max(a, b)];
  const child = new Int32Array(tasks);
  const used = new Uint8Array(tasks);
  let at = 0;
  const put = (task: number) => {
    if (used[task] === 1) return;
    used[task] = 1;
    child[at] = task;
    at += 1;
  };
  for (let index = 0; index < from; index += 1) put(one.sequence[index] ?? 0);
  for (let index = 0; index < tasks && at < to; index += 1) put(other.sequence[index] ?? 0);
  for (let index = 0; index < tasks; index += 1) put(one.sequence[index] ?? 0);
  return child;
}

/** Keeps together the stretch of a parent in which most is in use, the rest in the turn of the other. */
function peaked<M extends Member>(
  { durationOf, loads, byPriority }: Bred<M>,
  one: M,
  other: M,
  random: Random,
): Int32Array {
  const tasks = one.sequence.length;
  const length = Math.max(1, one.score[0] ?? 1);
  const window = Math.max(1, Math.round(length * (0.15 + random() * 0.3)));
  const load = new Float64Array(length + 1);
  for (let task = 0; task < tasks; task += 1) {
    const start = one.starts[task] ?? 0;
    for (let time = start; time < start + durationOf(one, task); time += 1) {
      load[time] = (load[time] ?? 0) + (loads[task] ?? 0);
    }
  }
  let [bestFrom, most] = [0, -1];
  for (let draw = 0; draw < 6; draw += 1) {
    const from = Math.floor(random() * Math.max(1, length - window));
    let sum = 0;
    for (let time = from; time < from + window; time += 1) sum += load[time] ?? 0;
    if (sum > most) [bestFrom, most] = [from, sum];
  }
  const position = new Float64Array(tasks);
  other.sequence.forEach((task, at) => (position[task] = at));
  const peak = [...one.sequence].filter((task) => {
    const start = one.starts[task] ?? 0;
    return start >= bestFrom && start < bestFrom + window;
  });
  const middle =
    peak.reduce((sum, task) => sum + (position[task] ?? 0), 0) / Math.max(1, peak.length);
  peak.forEach((task, at) => (position[task] = middle + (at + 1) / (tasks * 4)));
  return byPriority(position);
}

/** Neighbours change places where precedence allows it. */
function mutated(sequence: Int32Array, { successors }: Precedence, random: Random): Int32Array {
  for (let at = 0; at + 1 < sequence.length; at += 1) {
    if (random() * sequence.length >= MUTATIONS) continue;
    const [a, b] = [sequence[at] ?? 0, sequence[at + 1] ?? 0];
    if (successors[a]?.some(({ after }) => after === b)) continue;
    sequence[at] = b;
    sequence[at + 1] = a;
  }
  return sequence;
}

/** The best of old and new, no schedule twice. */
function survivors<M extends Member>(members: readonly M[], size: number): M[] {
  const kept: M[] = [];
  for (const member of members.toSorted(compare)) {
    const twin = kept.at(-1);
    const isTwin =
      twin !== undefined && compare(twin, member) === 0 && sameStarts(twin.starts, member.starts);
    if (!isTwin) kept.push(member);
    if (kept.length === size) break;
  }
  return kept;
}

function sameStarts(one: ArrayLike<number>, other: ArrayLike<number>): boolean {
  for (let task = 0; task < one.length; task += 1) if (one[task] !== other[task]) return false;
  return true;
}
