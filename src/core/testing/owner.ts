import { Luck, findOf, hashOf } from '../forecast/luck';
import type { Project } from '../house';
import { gateRank } from '../keys';
import { isAfterwards, type Plan } from '../plan';
import { openRisks } from '../risk';
import {
  Scheduler,
  WITHOUT_RISKS,
  layGround,
  openTasks,
  waitMinutes,
  type Ground,
  type Task,
} from '../schedule';
import { lastDayOf, moment, type Moment, type PlainDate } from '../units';

/**
 * An owner who lives through the rest of a house: every job takes what it really takes, every wait, delivery and visit
 * what luck gives it, and the work goes on in the plan's order on the household's real hours, by the scheduler with all
 * its limits. Answers, for each owner by number, the day the whole house is done. The forecast's own simulator has no part in it.
 */
export function ownersOf(project: Project, now: Moment, plan: Plan): (seed: number) => PlainDate {
  const ground = layGround(project, now, WITHOUT_RISKS);
  if (!ground.ok) throw new Error(ground.error.code);
  const open = openTasks(ground.value);
  return (seed) => livedThrough(project, plan, ground.value, open, seed);
}

type Open = ReturnType<typeof openTasks>;

function livedThrough(
  project: Project,
  plan: Plan,
  ground: Ground,
  { tasks, links }: Open,
  seed: number,
): PlainDate {
  const luck = new Luck(hashOf(`owner ${seed}`), 'full');
  const lots = new Map(tasks.map(({ id }) => [id, luck.of(hashOf(id))]));
  const risks = openRisks(project);
  const lived = tasks.map((task): Task => {
    const lot = lots.get(task.id);
    if (!lot) return task;
    const finds = risks
      .filter(({ lookJobId }) => lookJobId === task.id)
      .map((risk) => findOf(lot, risk));
    const extra = finds.reduce((sum, find) => sum + find.minutes, 0);
    const late = task.notBefore > plan.now + DAY ? lot.late : 0;
    const slip = task.work.kind === 'span' ? lot.trade : task.work.kind === 'hold' ? lot.failed : 0;
    const outside = task.outdoors ? lot.outdoors : 1;
    return {
      ...task,
      notBefore: moment(task.notBefore + late + slip),
      work:
        task.work.kind === 'effort'
          ? {
              ...task.work,
              minutes: task.work.minutes * lot.effort * outside + extra,
              ...(task.work.chunk ? { chunk: task.work.chunk * lot.effort } : {}),
            }
          : task.work,
    };
  });
  const indexOf = new Map(lived.map(({ id }, index) => [id, index]));
  const scheduler = new Scheduler({
    now: plan.now,
    people: project.people,
    tasks: lived,
    links: links.map(({ before, after, lag, lead = 0 }) => {
      const lot = lots.get(before);
      const comes = lead > 0 ? lead + (lots.get(after)?.late ?? 0) : 0;
      const repeats =
        lived[indexOf.get(before) ?? 0]?.work.kind === 'hold' ? (lot?.failed ?? 0) : 0;
      return {
        before: indexOf.get(before) ?? 0,
        after: indexOf.get(after) ?? 0,
        lag: (lag - lead) * (lot?.wait ?? 1) + comes + repeats,
      };
    }),
    outsideRest: project.outsideRest,
  });
  const starts = new Map<string, number>(plan.jobs.map((job) => [job.id, job.start]));
  const schedule = scheduler.run(lived.map(({ id }) => starts.get(id) ?? 0));
  const ends = schedule.map((placement, index) => {
    const job = ground.byId.get(lived[index]?.id as never);
    const isCounted =
      job &&
      !isAfterwards(job) &&
      gateRank(ground.membership.get(job.id) ?? 'done') <= gateRank('done');
    return isCounted ? (placement?.finish ?? 0) + waitMinutes(job, WITHOUT_RISKS) : 0;
  });
  return lastDayOf(moment(Math.max(...ends)));
}

const DAY = 24 * 60;
