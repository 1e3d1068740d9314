import { useState } from 'react';
import { View } from 'react-native';
import { hireOf } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import type { PlannedJob } from '@/core/planning/report';
import { partIdOf } from '@/core/trade/steps/job-id';
import { formatDate } from '@/core/units';
import {
  keep,
  personNameIn,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, SubHeading } from '@/ui';
import { DropForm } from './DropForm';
import { FiguresForm } from './FiguresForm';
import { JobForm } from './JobForm';
import { SplitForm } from './SplitForm';
import { TradeForm } from './TradeForm';
import { VisitForm } from './VisitForm';
import { typedJob } from './job-form';
import { changedWords } from './changed';

type Asked = 'figures' | 'split' | 'trade' | 'drop' | 'visit' | 'own';

/** What an owner may change about a job: its figures, who does it, its day, its parts, and whether it is done at all. */
export function JobChanges({ job }: { job: PlannedJob }) {
  const [asked, setAsked] = useState<Asked | null>(null);
  const close = () => setAsked(null);
  if (job.doneOn !== null) return <Untick job={job} />;
  return (
    <View className="gap-2">
      <SubHeading>Change this job</SubHeading>
      <Changed job={job} />
      {asked ? (
        <Form job={job} asked={asked} onDone={close} />
      ) : (
        <Offers job={job} onAsk={setAsked} />
      )}
    </View>
  );
}

function Form({ job, asked, onDone }: { job: PlannedJob; asked: Asked; onDone: () => void }) {
  const project = useAppSelector(selectProject);
  const own = project.ownJobs[job.id];
  switch (asked) {
    case 'figures':
      return <FiguresForm job={job} onDone={onDone} />;
    case 'split':
      return <SplitForm job={job} onDone={onDone} />;
    case 'trade':
      return <TradeForm job={job} onDone={onDone} />;
    case 'drop':
      return <DropForm job={job} onDone={onDone} />;
    case 'visit':
      return <VisitForm job={job} onDone={onDone} />;
    case 'own':
      return own ? (
        <JobForm
          id={job.id}
          isNew={false}
          initial={typedJob(own, project)}
          origin={{ because: own.because, ...(own.changeId ? { changeId: own.changeId } : {}) }}
          onDone={onDone}
        />
      ) : null;
  }
}

function Offers({ job, onAsk }: { job: PlannedJob; onAsk: (asked: Asked) => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const hire = hireOf(project, job.id);
  const isOwn = Object.hasOwn(project.ownJobs, job.id);
  const isOurs = job.work.kind === 'labour';
  const say = (event: EventBodyOf, what: string) => void dispatch(keep([event], what));
  const offer = (asked: Asked, label: string) => (
    <Button key={asked} label={label} onPress={() => onAsk(asked)} />
  );
  return (
    <View className="flex-row flex-wrap gap-2">
      {isOwn ? offer('own', 'Put the job right') : null}
      {job.work.kind === 'inspection' ? null : offer('figures', 'Change its figures')}
      {job.work.kind === 'inspection'
        ? null
        : offer('trade', hire ? 'Change the trade' : 'A trade does it')}
      {project.hired[job.id] ? (
        <Button
          label="Do it ourselves after all"
          onPress={() =>
            say({ type: 'jobTakenBack', payload: { jobId: job.id } }, `${job.title}: ours again.`)
          }
        />
      ) : null}
      {isOurs ? null : offer('visit', job.bookedOn ? 'Move the visit' : 'Book a day')}
      {project.bookings[job.id] ? (
        <Button
          label="Call the visit off"
          onPress={() =>
            say({ type: 'visitCancelled', payload: { jobId: job.id } }, `${job.title}: called off.`)
          }
        />
      ) : null}
      {isOurs && project.splits[job.id] === undefined ? offer('split', 'Split it') : null}
      {project.splits[job.id] ? <Join job={job} /> : null}
      {offer('drop', 'Leave it out')}
    </View>
  );
}

/** The parts become one again, as long as nothing was told of either: a share of half a job is none of the whole. */
function Join({ job }: { job: PlannedJob }) {
  const dispatch = useAppDispatch();
  const jobs = useAppSelector(selectJobsById);
  const isTold = [job, jobs.get(partIdOf(job.id))].some(
    (part) => part && (part.logged > 0 || part.share !== null || part.doneOn !== null),
  );
  if (isTold) return <Note>In two parts; they have been worked on, so they stay two.</Note>;
  return (
    <Button
      label="Make it one job again"
      onPress={() =>
        void dispatch(
          keep([{ type: 'jobJoined', payload: { jobId: job.id } }], `${job.title}: one job again.`),
        )
      }
    />
  );
}

/** What is not as it started, with the way back. */
function Changed({ job }: { job: PlannedJob }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const figures = project.jobFigures[job.id];
  const lines = changedWords(job, figures, project, (id) => personNameIn(project, id));
  if (lines.length === 0 && !job.bookedOn) return null;
  return (
    <View className="gap-1 border-l-4 border-porch-deep pl-3">
      {job.bookedOn ? <Note>{`Booked for ${formatDate(job.bookedOn, today)}.`}</Note> : null}
      {lines.map((line) => (
        <Note key={line} className="text-ink">
          {line}
        </Note>
      ))}
      {figures ? (
        <Button
          look="quiet"
          className="self-start"
          label="Back to the starting figures"
          onPress={() =>
            void dispatch(
              keep(
                [{ type: 'jobFiguresAgreed', payload: { jobId: job.id, figures: {} } }],
                `${job.title}: as it started.`,
              ),
            )
          }
        />
      ) : null}
    </View>
  );
}

/** Checked off by mistake. What the diary says of it is put right there. */
function Untick({ job }: { job: PlannedJob }) {
  const dispatch = useAppDispatch();
  const { ticked } = useAppSelector(selectProject);
  if (!ticked[job.id]) return null;
  return (
    <Button
      look="quiet"
      className="self-start"
      label="It is not done after all"
      onPress={() =>
        void dispatch(
          keep([{ type: 'jobUnticked', payload: { jobId: job.id } }], `${job.title}: open again.`),
        )
      }
    />
  );
}
