import { hardDatesOf, isInPhase, type JobId } from '../../house';
import type { Costs } from '../../estimating/job-costs/cost-lines';
import { addCents, daysBetween, lastDayOf, minutes, moment } from '../../units';
import { coveredBy } from '../model/covered';
import type { ScheduleModel } from '../model/schedule-model';
import { openCents, type Plan, type PlannedJob } from '.';

/** Each date set from outside: when what it covers will be done, and by how much it is missed. */
export function demandsOf(
  model: ScheduleModel,
  jobs: ReadonlyMap<JobId, PlannedJob>,
): Plan['demands'] {
  return hardDatesOf(model.project).map((demand) => {
    const jobIds = coveredBy(model, demand);
    const open = jobIds.flatMap((id) => jobs.get(id) ?? []).filter(({ doneOn }) => doneOn === null);
    const last = open.reduce<PlannedJob | null>(
      (late, job) => (late === null || job.finish > late.finish ? job : late),
      null,
    );
    const finish = last === null ? null : lastDayOf(last.finish);
    return {
      id: demand.id,
      jobIds,
      finish,
      lastJobId: last?.id ?? null,
      jobsLeft: open.length,
      daysLate: finish === null ? 0 : Math.max(0, daysBetween(demand.by, finish)),
    };
  });
}

/** Each phase: what is left of it, and what it comes to. */
export function phasesOf(
  model: ScheduleModel,
  jobs: ReadonlyMap<JobId, PlannedJob>,
  costs: Costs,
): Plan['phases'] {
  return Object.values(model.project.phases).map((phase) => {
    const jobIds = coveredBy(model, { covers: { kind: 'phase', phase } });
    const open = jobIds.flatMap((id) => jobs.get(id) ?? []).filter(({ doneOn }) => doneOn === null);
    const lines = costs.lines.filter((line) => isInPhase(phase, line));
    const last = Math.max(0, ...open.map(({ finish }) => finish));
    return {
      id: phase.id,
      jobIds,
      jobsLeft: open.length,
      minutesLeft: minutes(open.reduce((sum, job) => sum + job.left + job.allowance, 0)),
      finish: open.length === 0 ? null : lastDayOf(moment(last)),
      paid: addCents(lines.map(({ paid }) => paid)),
      ...openCents(lines),
    };
  });
}
