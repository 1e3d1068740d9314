import type { Bred, Direction, Member } from '../../src/core/planning/search/breeding';
import { latestStarts, ranks, type Generator } from './generate';
import { criticalPath, earliestStarts, type Instance } from './instance';

/** An instance as breeding sees it: schedules made forward or backward, each read from its other end. */
export class BothWays implements Bred {
  readonly durations: readonly number[];
  readonly loads: readonly number[];
  readonly precedence: Bred['precedence'];
  readonly latest: Bred['latest'];
  private readonly rank: Int32Array;

  constructor(
    instance: Instance,
    private readonly generator: Generator,
  ) {
    const { durations, needs, capacities } = instance;
    this.durations = durations;
    this.loads = needs.map((need) =>
      need.reduce((sum, units, at) => sum + units / Math.max(1, capacities[at] ?? 1), 0),
    );
    this.precedence = generator.precedence;
    this.rank = ranks(instance);
    const earliest = Int32Array.from(earliestStarts(instance));
    this.latest = {
      forward: latestStarts(instance),
      // What may start first going forward comes last going backward.
      backward: this.mirrored(earliest, criticalPath(instance)),
    };
  }

  generate(sequence: Int32Array, direction: Direction): Member {
    return this.memberOf(this.generator.generate(sequence, direction), direction);
  }

  /** `starts` as they were made, in the time of `made`. */
  memberOf(starts: Int32Array, made: Direction): Member {
    const makespan = this.generator.makespan(starts);
    const mirror = this.mirrored(starts, makespan);
    return {
      made,
      starts: mirror,
      sequence: this.sorted(mirror, made === 'forward' ? -1 : 1),
      makespan,
      spread: starts.reduce((sum, start) => sum + start, 0),
    };
  }

  /** When each job starts with time running forward, however the schedule was made. */
  forwardStarts({ made, starts, makespan }: Member): Int32Array {
    return made === 'backward' ? starts : this.mirrored(starts, makespan);
  }

  /** The same schedule read from its other end: what ended last starts first. */
  private mirrored(starts: Int32Array, makespan: number): Int32Array {
    return starts.map((start, job) => makespan - start - (this.durations[job] ?? 0));
  }

  /** Jobs by their starts; of equal ones in topological order, or its reverse. */
  private sorted(starts: Int32Array, order: 1 | -1): Int32Array {
    return Int32Array.from(starts.keys()).sort(
      (a, b) =>
        (starts[a] ?? 0) - (starts[b] ?? 0) || order * ((this.rank[a] ?? 0) - (this.rank[b] ?? 0)),
    );
  }
}
