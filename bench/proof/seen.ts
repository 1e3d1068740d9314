import type { PartialSchedule } from './partial-schedule';

/** A partial schedule by what matters for the rest: the time reached, and jobs still running then. */
type Front = { now: number; running: number[]; finishes: number[] };

/**
 * PartialSchedule schedules already searched, by the set of jobs in them (the cutset rule of Demeulemeester and Herroelen
 * 1992): one with the same jobs, no further on, none of them running longer, made this one needless.
 */
export class Seen {
  private readonly fronts = new Map<string, Front[]>();

  clear(): void {
    this.fronts.clear();
  }

  /** Whether an earlier one makes this one needless; if not, it is remembered. */
  has({ placed, finishes }: PartialSchedule, now: number): boolean {
    const key = placed.join('');
    const running: number[] = [];
    for (let job = 0; job < placed.length; job += 1) {
      if (placed[job] === 1 && (finishes[job] ?? 0) > now) running.push(job);
    }
    const earlier = this.fronts.get(key) ?? [];
    if (earlier.some((front) => covers(front, now, finishes))) return true;
    earlier.push({ now, running, finishes: running.map((job) => finishes[job] ?? 0) });
    this.fronts.set(key, earlier);
    return false;
  }
}

function covers(front: Front, now: number, finishes: Int32Array): boolean {
  if (front.now > now) return false;
  return front.running.every((job, at) => {
    const finish = front.finishes[at] ?? 0;
    return finish <= now || finish <= (finishes[job] ?? 0);
  });
}
