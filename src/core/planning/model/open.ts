import { gateRank } from '../../keys';
import { isAfterwards, roomChanges } from '../report';
import { MINUTES_PER_DAY, momentAt, type PlainDate } from '../../units';
import { coveredBy } from './covered';
import { openTasks, shutRoomsOf, waitMinutes, type Ground } from './problem';
import type { Aims, Score } from '../search/search';
import { Scheduler, type Schedule } from '../generation/solve';
import type { Task } from './task';

/** The open jobs of a house as a scheduling problem, and what a schedule of them is judged by. */
export type OpenHouse = {
  tasks: readonly Task[];
  indexOf: ReadonlyMap<string, number>;
  scheduler: Scheduler;
  aims: Aims;
};

const GATES = ['sleep', 'live', 'done'] as const;

export function openHouse(ground: Ground): OpenHouse {
  const { tasks, links, soon } = openTasks(ground);
  const indexOf = new Map(tasks.map((task, index) => [task.id, index]));
  const scheduler = new Scheduler({
    now: ground.now,
    people: ground.project.people,
    tasks,
    links: links.map(({ before, after, lag }) => ({
      before: indexOf.get(before) ?? 0,
      after: indexOf.get(after) ?? 0,
      lag,
    })),
    soon: soon.map(({ before, after, most }) => ({
      before: indexOf.get(before) ?? 0,
      after: indexOf.get(after) ?? 0,
      most,
    })),
    outsideRest: ground.project.outsideRest,
    keptShares: ground.learned.keptShares,
    shutRooms: shutRoomsOf(ground),
  });
  return { tasks, indexOf, scheduler, aims: aimsOf(ground, tasks, indexOf) };
}

function aimsOf(
  ground: Ground,
  tasks: readonly Task[],
  indexOf: ReadonlyMap<string, number>,
): Aims {
  const waits = tasks.map(() => 0);
  const ofGate: Record<(typeof GATES)[number], number[]> = { sleep: [], live: [], done: [] };
  for (const job of ground.jobs) {
    const index = indexOf.get(job.id);
    if (index === undefined || isAfterwards(job)) continue;
    waits[index] = waitMinutes(job, ground.caution);
    const rank = gateRank(ground.membership.get(job.id) ?? 'done');
    for (const gate of GATES) if (gateRank(gate) >= rank) ofGate[gate].push(index);
  }
  const demands = Object.values(ground.project.demands).map((demand) => ({
    by: demand.by,
    indices: coveredBy(ground, demand).flatMap((id) => indexOf.get(id) ?? []),
  }));
  const endOf = (schedule: Schedule, indices: readonly number[], withWait: boolean): number =>
    indices.reduce(
      (last, index) =>
        Math.max(last, (schedule[index]?.finish ?? 0) + (withWait ? (waits[index] ?? 0) : 0)),
      0,
    );
  // Hard dates first, then the day one can live there, the first night, the end, and the fewest rooms in a day.
  const score = (schedule: Schedule): Score => {
    const late = demands.reduce(
      (sum, { by, indices }) => sum + daysLate(by, endOf(schedule, indices, false)),
      0,
    );
    const [live, sleep, done] = [ofGate.live, ofGate.sleep, ofGate.done].map((indices) =>
      endOf(schedule, indices, true),
    );
    const days = [live, sleep, done].map((end = 0) => Math.ceil(end / MINUTES_PER_DAY));
    const worked = schedule.map((placement, index) => ({
      placeId: tasks[index]?.placeId ?? null,
      stretches: placement?.stretches ?? [],
    }));
    return [late, ...days, roomChanges(worked), (live ?? 0) + (done ?? 0)];
  };
  return {
    score,
    targets: [...demands.map(({ indices }) => indices), ofGate.live, ofGate.sleep, ofGate.done],
    waits,
  };
}

const daysLate = (by: PlainDate, end: number): number =>
  Math.max(0, Math.ceil((end - momentAt(by, MINUTES_PER_DAY)) / MINUTES_PER_DAY));
