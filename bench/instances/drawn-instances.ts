/**
 * Instances drawn for the benchmark, so that nothing is judged on the few it was made on. After Kolisch, Sprecher and
 * Drexl (1995): network complexity, resource factor and resource strength say how hard a project is.
 */
import { earliestStarts, type Instance } from './instance';
import { seededRandom, type Random } from '../../src/core/random';

/** How many jobs at a time begin or end the project, and the most arcs in or out of one. */
const AT_THE_ENDS = 3;
const MOST_ARCS = 3;
const LONGEST = 10;
const MOST_UNITS = 10;
const RESOURCES = 4;

const COMPLEXITIES = [1.5, 1.8, 2.1];
const FACTORS = [0.25, 0.5, 0.75, 1];

const between = (random: Random, low: number, high: number) =>
  low + Math.floor(random() * (high - low + 1));
const pick = <T>(random: Random, items: readonly T[]): T =>
  items[Math.floor(random() * items.length)] as T;

/** `count` projects of so many jobs; `strengths` are drawn from in turn: smaller is scarcer. Seeded. */
export function drawnInstances(
  jobs: number,
  strengths: readonly number[],
  count: number,
  seed: number,
): Instance[] {
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, at) =>
    drawn(random, jobs, {
      complexity: pick(random, COMPLEXITIES),
      factor: pick(random, FACTORS),
      strength: strengths[at % strengths.length] ?? 0.5,
    }),
  );
}

type Hardness = { complexity: number; factor: number; strength: number };

function drawn(random: Random, jobs: number, hardness: Hardness): Instance {
  const successors = network(random, jobs, hardness.complexity);
  const predecessors = successors.map((): number[] => []);
  successors.forEach((after, job) => after.forEach((next) => predecessors[next]?.push(job)));
  const isDummy = (job: number) => job === 0 || job === jobs + 1;
  const durations = successors.map((_, job) => (isDummy(job) ? 0 : between(random, 1, LONGEST)));
  const needs = successors.map((_, job) =>
    isDummy(job) ? Array<number>(RESOURCES).fill(0) : unitsOf(random, hardness.factor),
  );
  const project: Instance = { durations, successors, predecessors, needs, capacities: [] };
  return { ...project, capacities: capacitiesOf(project, hardness.strength) };
}

/** Each job needs a share of the resources, one at least. */
function unitsOf(random: Random, factor: number): number[] {
  const units = Array.from({ length: RESOURCES }, () =>
    random() < factor ? between(random, 1, MOST_UNITS) : 0,
  );
  if (!units.some((unit) => unit > 0)) {
    units[Math.floor(random() * RESOURCES)] = between(random, 1, MOST_UNITS);
  }
  return units;
}

/** Jobs from 0, the start, to the last, the end; arcs go from a smaller number to a larger. */
class Network {
  readonly successors: number[][];
  arcs = 0;
  private readonly arcsIn: Int32Array;
  /** What can be reached from each job, and from what it is reached; itself in both. */
  private readonly below: Set<number>[];
  private readonly above: Set<number>[];

  constructor(nodes: number) {
    this.successors = Array.from({ length: nodes }, () => []);
    this.arcsIn = new Int32Array(nodes);
    this.below = this.successors.map((_, job) => new Set([job]));
    this.above = this.successors.map((_, job) => new Set([job]));
  }

  mayLeave(job: number): boolean {
    return (this.successors[job] ?? []).length < MOST_ARCS;
  }

  /** Whether an arc would say what no other says, and would make none of them say what is said twice. */
  mayLink(from: number, to: number): boolean {
    if (!this.mayLeave(from) || (this.arcsIn[to] ?? 0) >= MOST_ARCS) return false;
    if (this.below[from]?.has(to)) return false;
    const spans = (early: number) =>
      this.successors[early]?.some((next) => this.below[to]?.has(next));
    return ![...(this.above[from] ?? [])].some(spans);
  }

  link(from: number, to: number): void {
    this.successors[from]?.push(to);
    this.arcsIn[to] = (this.arcsIn[to] ?? 0) + 1;
    this.arcs += 1;
    for (const early of this.above[from] ?? []) {
      for (const late of this.below[to] ?? []) {
        this.below[early]?.add(late);
        this.above[late]?.add(early);
      }
    }
  }
}

/** Every job on a way from start to end, then arcs until there are so many a job; fewer where no more fit. */
function network(random: Random, jobs: number, complexity: number): number[][] {
  const made = new Network(jobs + 2);
  const numbers = (first: number, last: number) =>
    Array.from({ length: Math.max(0, last - first + 1) }, (_, at) => first + at);
  const [lastInside, firstInside] = [jobs - AT_THE_ENDS, AT_THE_ENDS + 1];
  for (const job of numbers(1, AT_THE_ENDS)) made.link(0, job);
  for (const job of numbers(firstInside, jobs)) {
    const from = numbers(1, Math.min(job - 1, lastInside)).filter((each) => made.mayLeave(each));
    made.link(pick(random, from), job);
  }
  for (const job of numbers(1, lastInside)) {
    if (made.successors[job]?.length) continue;
    const later = numbers(Math.max(job + 1, firstInside), jobs).filter((to) =>
      made.mayLink(job, to),
    );
    if (later.length > 0) made.link(job, pick(random, later));
  }
  for (let tries = 0; tries < jobs * 200 && made.arcs < complexity * (jobs + 2); tries += 1) {
    const from = between(random, 1, lastInside);
    const to = between(random, Math.max(from + 1, firstInside), jobs);
    if (made.mayLink(from, to)) made.link(from, to);
  }
  for (const job of numbers(1, jobs)) if (!made.successors[job]?.length) made.link(job, jobs + 1);
  return made.successors;
}

/** Between what the hungriest job needs and what all would need that nothing held back, by strength. */
function capacitiesOf(project: Instance, strength: number): number[] {
  const starts = earliestStarts(project);
  return Array.from({ length: RESOURCES }, (_, resource) => {
    const needOf = (job: number) => project.needs[job]?.[resource] ?? 0;
    const least = Math.max(0, ...project.durations.map((_, job) => needOf(job)));
    const load: number[] = [];
    starts.forEach((start, job) => {
      for (let time = start; time < start + (project.durations[job] ?? 0); time += 1)
        load[time] = (load[time] ?? 0) + needOf(job);
    });
    const most = Math.max(least, ...load.map((units) => units ?? 0));
    return Math.max(1, least + Math.round(strength * (most - least)));
  });
}
