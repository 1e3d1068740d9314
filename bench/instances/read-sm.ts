import { fail, ok, type Result } from '../../src/core/result';
import { loopIn, topologicalOrder, type Instance, type InstanceError } from './instance';

/** More jobs than any house; a file that claims more is taken for a slip. */
const MOST_JOBS = 20_000;

class Malformed extends Error {
  constructor(readonly error: InstanceError) {
    super(error.code);
  }
}

const missing = (section: string): never => {
  throw new Malformed({ code: 'missing', section });
};
const bad = (line: number, reason: string): never => {
  throw new Malformed({ code: 'bad-line', line: line + 1, reason });
};

/** The lines of a file with a finger on one of them. */
class Lines {
  private readonly lines: string[];

  constructor(text: string) {
    this.lines = text.split(/\r?\n/);
  }

  find(pattern: RegExp, section: string): number {
    const at = this.lines.findIndex((line) => pattern.test(line));
    return at < 0 ? missing(section) : at;
  }

  /** Whole numbers of a line; anything else in it is an error. */
  numbers(at: number): number[] {
    const words = (this.lines[at] ?? '').trim().split(/\s+/).filter(Boolean);
    return words.map((word) =>
      /^\d+$/.test(word) ? Number(word) : bad(at, `"${word}" is no whole number`),
    );
  }

  firstNumber(at: number, what: string): number {
    const match = /:\s*(\d+)/.exec(this.lines[at] ?? '');
    return match ? Number(match[1]) : bad(at, `${what} is missing`);
  }
}

function readSuccessors(lines: Lines, jobs: number): number[][] {
  const head = lines.find(/^\s*PRECEDENCE RELATIONS/i, 'PRECEDENCE RELATIONS');
  return Array.from({ length: jobs }, (_, job) => {
    const at = head + 2 + job;
    const [number, modes, count, ...successors] = lines.numbers(at);
    if (number !== job + 1) bad(at, `job ${job + 1} expected here`);
    if (modes !== 1)
      bad(at, `job ${job + 1} has ${modes ?? 'no'} modes; only single-mode files are read`);
    if (count !== successors.length)
      bad(at, `job ${job + 1} says ${count ?? 'no'} successors and lists ${successors.length}`);
    for (const next of successors) {
      if (next < 1 || next > jobs) bad(at, `there is no job ${next}`);
      if (next === job + 1) bad(at, `job ${next} waits for itself`);
    }
    return successors.map((next) => next - 1);
  });
}

function readRequests(lines: Lines, jobs: number, resources: number) {
  const head = lines.find(/^\s*REQUESTS\/DURATIONS/i, 'REQUESTS/DURATIONS');
  const rows = Array.from({ length: jobs }, (_, job) => {
    const at = head + 3 + job;
    const [number, mode, duration, ...needs] = lines.numbers(at);
    if (number !== job + 1) bad(at, `job ${job + 1} expected here`);
    if (mode !== 1)
      bad(at, `job ${job + 1} has mode ${mode ?? 'none'}; only single-mode files are read`);
    if (duration === undefined) bad(at, `job ${job + 1} has no duration`);
    if (needs.length !== resources)
      bad(at, `job ${job + 1} has ${needs.length} requests for ${resources} resources`);
    return { duration: duration ?? 0, needs, at };
  });
  return rows;
}

/**
 * Reads the published single-mode `.sm` text format (Kolisch and Sprecher 1997). A malformed file says which line and
 * why; jobs that wait for each other are named.
 */
export function readSm(text: string): Result<Instance, InstanceError> {
  try {
    const lines = new Lines(text);
    const jobsAt = lines.find(/^\s*jobs\s*\(incl/i, 'jobs (incl. supersource/sink )');
    const jobs = lines.firstNumber(jobsAt, 'the number of jobs');
    if (jobs < 1 || jobs > MOST_JOBS) bad(jobsAt, `${jobs} jobs; from 1 to ${MOST_JOBS} are read`);
    const resourcesAt = lines.find(/^\s*-\s*renewable/i, 'renewable resources');
    const resources = lines.firstNumber(resourcesAt, 'the number of renewable resources');
    const successors = readSuccessors(lines, jobs);
    const rows = readRequests(lines, jobs, resources);
    const capacityAt = lines.find(/^\s*RESOURCEAVAILABILITIES/i, 'RESOURCEAVAILABILITIES') + 2;
    const capacities = lines.numbers(capacityAt);
    if (capacities.length !== resources)
      bad(capacityAt, `${capacities.length} availabilities for ${resources} resources`);
    rows.forEach(({ needs, at, duration }, job) =>
      needs.forEach((need, resource) => {
        const capacity = capacities[resource] ?? 0;
        if (need > capacity && duration > 0)
          bad(
            at,
            `job ${job + 1} needs ${need} of resource ${resource + 1}, which has ${capacity}`,
          );
      }),
    );
    const predecessors: number[][] = successors.map(() => []);
    successors.forEach((after, job) => after.forEach((next) => predecessors[next]?.push(job)));
    const instance = {
      durations: rows.map(({ duration }) => duration),
      needs: rows.map(({ needs }) => needs),
      successors,
      predecessors,
      capacities,
    };
    if (!topologicalOrder(instance)) {
      return fail({ code: 'loop', jobs: loopIn(instance).map((job) => job + 1) });
    }
    return ok(instance);
  } catch (cause) {
    if (cause instanceof Malformed) return fail(cause.error);
    throw cause;
  }
}
