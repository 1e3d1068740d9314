import { createSelector } from '@reduxjs/toolkit';
import { useDispatch, useSelector, type TypedUseSelectorHook } from 'react-redux';
import { placesInOrder, conventionsOf, type JobId, type Project } from '../core/house';
import { keepLedger } from '../core/money';
import type { PlannedJob } from '../core/planning/report';
import { expectedCost, openFirst } from '../core/survey/risk';
import { planTonight } from '../core/log/today';
import { dateOf } from '../core/units';
import type { Dispatch, RootState } from './store';

export const useAppDispatch = () => useDispatch<Dispatch>();
export const useAppSelector: TypedUseSelectorHook<RootState> = useSelector;

export const selectDevice = (state: RootState) => state.device;
export const selectSession = (state: RootState) => state.session;
export const selectPlanning = (state: RootState) => state.planning;
/** Whether the jobs of the house as it is now are not known yet; a first plan of it is on its way. */
export const selectPlanIsBehind = ({ planning, session }: RootState): boolean =>
  planning.working && planning.forRevision !== session.revision;
export const selectToday = (state: RootState) => dateOf(state.session.now);
export const selectForecast = (state: RootState) => state.planning.forecast;
/** The plan that stood before the last change. */
export const selectPlanBefore = (state: RootState) => state.planning.before?.plan ?? null;
export const selectPlan = (state: RootState) => state.planning.forecast?.plan ?? null;

/** The open house. Only screens behind the open gate use it, so there always is one. */
export const selectProject = (state: RootState): Project => {
  if (!state.session.project) throw new Error('no house is open');
  return state.session.project;
};

/** The made-up house, the only one made-up shops may write into. */
export const selectIsDemo = (state: RootState): boolean => state.session.current?.kind === 'demo';

export const selectPlaces = createSelector([selectProject], placesInOrder);

const NO_JOBS: PlannedJob[] = [];
export const selectJobs = (state: RootState): PlannedJob[] => selectPlan(state)?.jobs ?? NO_JOBS;

export const selectJobsById = createSelector(
  [selectJobs],
  (jobs) => new Map<JobId, PlannedJob>(jobs.map((job) => [job.id, job])),
);

export const selectTonight = createSelector([selectProject, selectPlan], (project, plan) =>
  plan ? planTonight(project, plan) : null,
);

export const selectOpenFirst = createSelector([selectProject, selectPlan], openFirst);

export const selectLedger = createSelector([selectProject, selectPlan], (project, plan) =>
  keepLedger(project, plan?.costs, expectedCost(project)),
);

/** In how many of a hundred drawn runs each job decided the day one can live there. */
export const selectDecides = createSelector(
  [selectForecast],
  (forecast) =>
    new Map<JobId, number>(forecast?.decides.map(({ jobId, percent }) => [jobId, percent])),
);

/** How dates and numbers are written in this house, for every field. */
export const selectWays = createSelector([selectProject], conventionsOf);
