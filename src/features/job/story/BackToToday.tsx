import { View } from 'react-native';
import { chainBack, sayCause } from '@/core/planning/explanation';
import type { PlannedJob } from '@/core/planning/report';
import { dateOf, formatDate } from '@/core/units';
import {
  placeOf,
  selectJobsById,
  selectPlan,
  selectProject,
  selectToday,
  useAppSelector,
} from '@/store';
import { BlockLink, Note, Small, Strong, SubHeading } from '@/ui';

/** The chain of reasons from this job back to today: what had to happen, link by link. */
export function BackToToday({ job }: { job: PlannedJob }) {
  const plan = useAppSelector(selectPlan);
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const jobs = useAppSelector(selectJobsById);
  if (!plan || job.doneOn !== null || job.state === 'in-hand') return null;
  const chain = chainBack(plan, job.id);
  return (
    <View className="gap-2">
      <SubHeading>Back to today</SubHeading>
      <Small>What decides the day, link by link; the last one is what can be done now.</Small>
      <View role="list">
        {chain.map(({ jobId, cause }, at) => {
          const link = jobs.get(jobId);
          if (!link) return null;
          const begins = dateOf(link.stretches[0]?.from ?? link.start);
          const words = (
            <View className="flex-1 py-1">
              <Strong>{`${link.title}, ${placeOf(project, link)}`}</Strong>
              <Note>{`${formatDate(begins, today)}. ${sayCause(cause, plan)}`}</Note>
            </View>
          );
          return (
            <View key={jobId} role="listitem" className="border-l-2 border-straw-deep pl-3">
              {at === 0 ? (
                words
              ) : (
                <BlockLink href={{ pathname: '/job', params: { id: jobId } }}>{words}</BlockLink>
              )}
            </View>
          );
        })}
      </View>
    </View>
  );
}
