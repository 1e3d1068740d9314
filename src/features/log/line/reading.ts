import { createSelector } from '@reduxjs/toolkit';
import {
  contextOf,
  lessonsOf,
  readLine,
  saidOnOf,
  settle,
  type LogContext,
  type LogJob,
} from '@/core/log/reader';
import type { JobState } from '@/core/planning/report';
import { loggedIn } from '@/core/house';
import { selectJobs, selectPlan, selectProject, selectToday } from '@/store';
import { Slips } from './Slips';
import { eventsOf } from '@/core/log/reader/brought';
import type { LineReader } from '@/features/log/strip';

const logState = (state: JobState): LogJob['state'] => {
  if (state === 'done' || state === 'setting') return 'done';
  return state === 'in-hand' || state === 'ready' ? state : 'open';
};

/** All a house knows to read a line by; worked out once for a plan, not for a key. */
const selectContext = createSelector(
  [selectProject, selectJobs, selectPlan, selectToday],
  (project, jobs, plan, today): LogContext => {
    const logged = loggedIn(project);
    const known = jobs.map((job) => ({
      ...job,
      state: logState(job.state),
      toldOn: logged[job.id]?.lastOn ?? null,
    }));
    return contextOf(project, known, today, plan?.orders ?? []);
  },
);

/** The reader of lines with the slips it makes: everything of the strip that is not wanted before somebody types. */
export const lineReader: LineReader = {
  readLine,
  saidOnOf,
  settle,
  lessonsOf,
  selectContext,
  eventsOf,
  Slips,
};
