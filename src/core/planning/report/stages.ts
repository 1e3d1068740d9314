import type { PlaceId } from '../../house';
import type { JobState, PlannedJob } from './plan';

/** One board on a room's wall: a stage of that room and how far it is. */
export type StageBoard = {
  stage: number;
  state: JobState;
  /** Finished jobs over all jobs of the stage, 0 to 1. */
  share: number;
  jobs: PlannedJob[];
};

const isFinished = (job: PlannedJob) => job.doneOn !== null;

/** The state that matters most to whoever looks: what is under way, then what is stuck, then what may begin. */
const MOST_TELLING: readonly JobState[] = ['in-hand', 'held', 'arrives', 'ready', 'later'];

function stateOfStage(jobs: readonly PlannedJob[]): JobState {
  if (jobs.every(isFinished)) {
    return jobs.some(({ state }) => state === 'setting') ? 'setting' : 'done';
  }
  const open = jobs.filter((job) => !isFinished(job));
  const telling = MOST_TELLING.find((state) => open.some((job) => job.state === state)) ?? 'later';
  return telling === 'later' && jobs.some(isFinished) ? 'in-hand' : telling;
}

/** The boards of one place, first stage first; null gathers what belongs to the house as a whole. */
export function stageBoards(jobs: readonly PlannedJob[], placeId: PlaceId | null): StageBoard[] {
  const stages = new Map<number, PlannedJob[]>();
  for (const job of jobs) {
    if (job.placeId !== placeId) continue;
    stages.set(job.stage, [...(stages.get(job.stage) ?? []), job]);
  }
  return [...stages]
    .sort(([a], [b]) => a - b)
    .map(([stage, here]) => ({
      stage,
      state: stateOfStage(here),
      share: here.filter(isFinished).length / here.length,
      jobs: here,
    }));
}
