import { useMemo } from 'react';
import type { Names } from '@/core/journal/history';
import { findWork } from '@/core/trade/steps/works';
import { formatMoney } from '@/core/units';
import { jobPlace, jobTitle } from '@/features/log/line';
import { placeNameIn, selectJobsById, selectProject, selectToday, useAppSelector } from '@/store';

/** How the house's things are called, but for what only the journal knows. */
export function useNames(): Omit<Names, 'thing'> {
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const today = useAppSelector(selectToday);
  return useMemo(() => {
    const known = { project, jobs };
    return {
      job: (jobId) =>
        [jobTitle(jobId, known), jobPlace(jobId, known)].filter((words) => words !== '').join(', '),
      place: (placeId) => placeNameIn(project, placeId),
      work: (workId) => findWork(workId)?.title ?? workId,
      money: (cents) => formatMoney(cents, project.currency),
      today,
    };
  }, [project, jobs, today]);
}
