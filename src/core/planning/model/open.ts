import { hardDatesOf } from '../../house';
import { gateRank } from '../../trade/gates';
import { isAfterwards, roomChanges } from '../report';
import { MINUTES_PER_DAY, momentAt, type PlainDate } from '../../units';
import { coveredBy } from './covered';
import { openTasks, shutRoomsOf, waitMinutes, type ScheduleModel } from './schedule-model';
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

/** What of a house is open, with its scheduler and its aims. */
export function openHouse(model: ScheduleModel): OpenHouse {
  const { tasks, links, soon } = openTasks(model);
  const indexOf = new Map(tasks.map((task, index) => [task.id, index]));
  const scheduler = new Scheduler({
    now: model.now,
    people: model.project.people,
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
    outsideRest: model.project.outsideRest,
    keptShares: model.learned.keptShares,
    shutRooms: shutRoomsOf(model),
  });
  return { tasks, indexOf, scheduler, aims: aimsOf(model, tasks, indexOf) };
}

function aimsOf(
  model: ScheduleModel,
  tasks: readonly Task[],
  indexOf: ReadonlyMap<string, number>,
): Aims {
  const waits = tasks.map(() => 0);
  const ofGate: Record<(typeof GATES)[number], number[]> = { sleep: [], live: [], done: [] };
  for (const job of model.jobs) {
    const index = indexOf.get(job.id);
    if (index === undefined || isAfterwards(job)) continue;
    waits[index] = waitMinutes(job, model.caution);
    const rank = gateRank(model.membership.get(job.id) ?? 'done');
    for (const gate of GATES) if (gateRank(gate) >= rank) ofGate[gate].push(index);
  }
  const demands = hardDatesOf(model.project).map((demand) => ({
    by: demand.by,
    indices: coveredBy(model, demand).flatMap((id) => indexOf.get(id) ?? []),
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
