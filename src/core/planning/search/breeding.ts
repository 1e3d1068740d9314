import { seededRandom, type Random } from '../../random';
import { listed, type Precedence } from '../generation/serial';

/** Which way time runs while a schedule is generated. */
export type Direction = 'forward' | 'backward';

const OPPOSITE: Record<Direction, Direction> = { forward: 'backward', backward: 'forward' };

/** A schedule, told as the mirror of how it was made: made forward, it is read with time running backward. */
export type Member = {
  made: Direction;
  /** When each task starts in the mirror. */
  starts: Int32Array;
  /** Tasks by those starts. Placed in this turn, the other way, they come to a schedule that is no longer. */
  sequence: Int32Array;
  makespan: number;
  /** Of two schedules as long, the one whose tasks were placed sooner (their starts added up) has more room left. */
  spread: number;
};

/** What breeding has to know of a project. */
export type Bred = {
  durations: ArrayLike<number>;
  /** The share of everything limited that a task takes while it runs. */
  loads: ArrayLike<number>;
  precedence: Record<Direction, Precedence>;
  /** By how late a task may start, counted in the direction's time: the smaller, the more pressing. */
  latest: Record<Direction, ArrayLike<number>>;
  generate: (sequence: Int32Array, direction: Direction) => Member;
};

export type Breeding = {
  /** As many as may be made: by then the population has shrunk to its least. */
  schedules: number;
  seed: number;
};

/** Members at a time, to begin with: more of them the longer the search. */
const membersFor = (schedules: number) => Math.min(450, schedules ** 0.7 * 0.45);
/** What is left of them in the end: wide first, so that much is tried, then narrow, so that the best comes together. */
const IN_THE_END = 0.14;
const FEWEST = 8;
/** The share of the members that is drawn; what is bred of them is better than more of the same. */
const DRAWN = 0.5;
/** Neighbours changed over in a child, on average; of one parent drawn twice, for one in so many. */
const MUTATIONS = 3;
const ALONE = 7;
/** How far chance moves a task's latest start in a schedule drawn, in spans of them all: at least, and so much more. */
const NOISE = { least: 0.25, more: 0.75 };
/** Parts of the makespan that a child keeps of its mother: at least, and at most so much more. */
const WINDOW = { least: 0.1, more: 0.3 };
/** Windows drawn, of which the one with most in use is kept. */
const WINDOWS = 4;
/** Generations without anything better before all but the best are drawn anew. */
const PATIENCE = 60;

/**
 * A genetic search over two populations that justify each other (after Debels and Vanhoucke 2005): the children of
 * schedules made forward are made backward, and theirs forward again, so that every schedule is a justification and a
 * child at once. A child keeps the densest stretch of its mother's schedule, what comes before and after it goes in its
 * father's turn. Begins with `first`, yields every schedule it makes, and goes on until nobody asks any more. Seeded.
 */
export function* breed(
  project: Bred,
  first: Member,
  { schedules, seed }: Breeding,
): Generator<Member, void> {
  const random = seededRandom(seed);
  let parents = [first];
  let grandparents: Member[] = [];
  let best = first;
  let idle = 0;
  let made = 1;
  const sized = () => {
    const share = Math.min(1, made / schedules);
    return Math.max(FEWEST, Math.round(membersFor(schedules) * (1 - (1 - IN_THE_END) * share)));
  };
  for (;;) {
    const way = parents[0]?.made ?? first.made;
    for (; parents.length < sized() * DRAWN; made += 1) {
      const member = project.generate(sampled(project, way, random), way);
      parents.push(member);
      yield member;
    }
    const size = sized();
    const direction = OPPOSITE[way];
    const children: Member[] = [];
    for (; children.length < size; made += 1) {
      const [mother, father] = [pick(parents, random), pick(parents, random)];
      const child = crossed(project, mother, father, random);
      const mutations = mother === father ? child.length / ALONE : MUTATIONS;
      const member = project.generate(
        mutated(child, project.precedence[direction], mutations, random),
        direction,
      );
      children.push(member);
      yield member;
    }
    [parents, grandparents] = [survivors([...children, ...grandparents], sized()), parents];
    const next = parents[0] ?? best;
    idle = compare(next, best) < 0 ? 0 : idle + 1;
    if (idle === 0) best = next;
    if (idle < PATIENCE) continue;
    [parents, grandparents, idle] = [[best], [], 0];
  }
}

const compare = (a: Member, b: Member): number => a.makespan - b.makespan || a.spread - b.spread;

/** The better of two drawn. */
function pick(members: readonly Member[], random: Random): Member {
  const draw = () => members[Math.floor(random() * members.length)] as Member;
  const [one, other] = [draw(), draw()];
  return compare(other, one) < 0 ? other : one;
}

/** By latest start, with much chance in it. */
function sampled({ precedence, latest }: Bred, direction: Direction, random: Random): Int32Array {
  const starts = Float64Array.from(latest[direction]);
  const span = starts.reduce((most, start) => Math.max(most, start), 1);
  const noise = span * (NOISE.least + random() * NOISE.more);
  const drawn = starts.map((start) => start + (random() * 2 - 1) * noise);
  return listed(precedence[direction], drawn);
}

/** The mother's window as she has it, and what she has before and after it in the turn of the father. */
function crossed(project: Bred, mother: Member, father: Member, random: Random): Int32Array {
  const { from, until } = densest(project, mother, random);
  const startOf = (task: number) => mother.starts[task] ?? 0;
  const isBefore = (task: number) => startOf(task) < from;
  const isAfter = (task: number) => startOf(task) >= until;
  const child = new Int32Array(mother.sequence.length);
  let at = 0;
  const put = (sequence: Int32Array, belongs: (task: number) => boolean) => {
    for (const task of sequence) if (belongs(task)) child[at++] = task;
  };
  put(father.sequence, isBefore);
  put(mother.sequence, (task) => !isBefore(task) && !isAfter(task));
  put(father.sequence, isAfter);
  return child;
}

/** Of a few windows of one length drawn, the one in which most is in use. */
function densest(
  { durations, loads }: Bred,
  { starts, makespan }: Member,
  random: Random,
): { from: number; until: number } {
  const length = Math.max(1, Math.round(makespan * (WINDOW.least + random() * WINDOW.more)));
  const load = new Float64Array(makespan);
  starts.forEach((start, task) => {
    const end = start + (durations[task] ?? 0);
    for (let time = start; time < end; time += 1)
      load[time] = (load[time] ?? 0) + (loads[task] ?? 0);
  });
  let [from, most] = [0, -1];
  for (let draw = 0; draw < WINDOWS; draw += 1) {
    const begin = Math.floor(random() * Math.max(1, makespan - length));
    const inUse = load.subarray(begin, begin + length).reduce((sum, units) => sum + units, 0);
    if (inUse > most) [from, most] = [begin, inUse];
  }
  return { from, until: from + length };
}

/** Neighbours change places where precedence allows it, so many on average. */
function mutated(
  sequence: Int32Array,
  { successors }: Precedence,
  mutations: number,
  random: Random,
): Int32Array {
  for (let at = 0; at + 1 < sequence.length; at += 1) {
    if (random() * sequence.length >= mutations) continue;
    const [a, b] = [sequence[at] ?? 0, sequence[at + 1] ?? 0];
    if (successors[a]?.some(({ after }) => after === b)) continue;
    sequence[at] = b;
    sequence[at + 1] = a;
  }
  return sequence;
}

/** The best of them, no schedule twice. */
function survivors(members: readonly Member[], size: number): Member[] {
  const kept: Member[] = [];
  for (const member of members.toSorted(compare)) {
    const twin = kept.at(-1);
    const isTwin =
      twin &&
      compare(twin, member) === 0 &&
      twin.starts.every((start, at) => start === member.starts[at]);
    if (!isTwin) kept.push(member);
    if (kept.length === size) break;
  }
  return kept;
}
