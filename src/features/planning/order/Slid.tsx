import { useMemo } from 'react';
import type { JobId } from '@/core/house';
import { addDays, dateOf, lastDayOf, type PlainDate } from '@/core/units';
import { doneBy, notBefore } from '@/features/job/story';
import { TryOut } from '@/features/planning/scenarios/whatif';
import { selectJobsById, selectToday, useAppSelector } from '@/store';

/** A job slid along the board by some days, and not kept yet. */
export type Slide = {
  jobId: JobId;
  days: number;
  demandId: string;
  /** The soonest day, taken instead of the one it was slid to. */
  by?: PlainDate;
};

/** Later is “not before that day”; sooner is “done that much sooner”, and what objects if it cannot be. */
export function Slid({
  slid,
  onDone,
  onNearest,
}: {
  slid: Slide;
  onDone: () => void;
  onNearest: (by: PlainDate) => void;
}) {
  const { jobId, days, demandId, by: soonest } = slid;
  const today = useAppSelector(selectToday);
  const job = useAppSelector(selectJobsById).get(jobId);
  const wish = useMemo(() => {
    if (!job || days === 0) return null;
    if (days > 0) return notBefore(job, addDays(dateOf(job.stretches[0]?.from ?? job.start), days));
    const by = soonest ?? addDays(lastDayOf(job.finish), days);
    return doneBy(job, by < today ? today : by, demandId);
  }, [job, days, demandId, soonest, today]);
  if (!wish) return null;
  return (
    <TryOut
      changes={wish.changes}
      said={wish.said}
      onDone={onDone}
      onNearest={({ finish }) => onNearest(finish)}
    />
  );
}
