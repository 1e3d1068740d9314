import { Page, PlanState } from '@/features/shell';
import { jobIdSchema } from '@/core/house';
import { selectJobsById, selectPlanning, useAppSelector } from '@/store';
import { ButtonLink, Empty } from '@/ui';
import { JobStory } from './JobStory';

/** One job on a page of its own. */
export function JobScreen({ id }: { id: string }) {
  const jobs = useAppSelector(selectJobsById);
  const { forecast } = useAppSelector(selectPlanning);
  const parsed = jobIdSchema.safeParse(id);
  const job = parsed.success ? jobs.get(parsed.data) : undefined;
  return (
    <Page title={job?.title ?? 'Job'}>
      <PlanState />
      {job ? <JobStory job={job} titled={false} /> : null}
      {forecast && !job ? (
        <Empty title="This job is not in the plan" note="Its work may have been dropped since.">
          <ButtonLink href="/order" label="Open the build order" />
        </Empty>
      ) : null}
    </Page>
  );
}
