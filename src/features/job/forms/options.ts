import type { JobId, Project } from '@/core/house';
import { placeOf, selectJobs, selectProject, useAppSelector } from '@/store';

/** Everybody by name, for "who does it". */
export const whoOptions = ({ people }: Project) =>
  people.map(({ id, name }) => ({ value: id as string, label: name }));

/** Open jobs by title and place, for what comes before and after. */
export function useJobOptions(except: JobId | null) {
  const project = useAppSelector(selectProject);
  return useAppSelector(selectJobs)
    .filter(({ id, doneOn }) => doneOn === null && id !== except)
    .map((job) => ({ value: job.id as string, label: `${job.title}, ${placeOf(project, job)}` }));
}
