import type { PlannedJob } from '@/core/planning/report';
import { placeOf, selectProject, selectToday, useAppSelector } from '@/store';
import { Slip } from '@/ui';
import { slipWords, standingWords } from './words';

/** A job as a slip that opens its story. */
export function JobSlip({
  job,
  figure,
  figureNote,
  note,
}: {
  job: PlannedJob;
  figure?: string;
  figureNote?: string;
  note?: string;
}) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const words = slipWords(job, today);
  return (
    <Slip
      state={job.state}
      share={job.share === null ? undefined : job.share / 100}
      title={job.title}
      note={note ?? `${placeOf(project, job)} · ${standingWords(job, today)}`}
      figure={figure ?? words.figure}
      figureNote={figureNote ?? words.figureNote}
      href={{ pathname: '/job', params: { id: job.id } }}
    />
  );
}
