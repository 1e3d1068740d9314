import { View } from 'react-native';
import type { PlannedJob } from '@/core/planning/report';
import { CAUTIONS, DEFERS, type CautionId } from '@/core/trade/steps/cautions';
import { stageName } from '@/core/trade/steps/stages';
import { countWords, formatDate, formatAbout } from '@/core/units';
import {
  placeOf,
  selectDecides,
  selectForecast,
  selectJobsById,
  selectPlan,
  selectProject,
  selectToday,
  useAppSelector,
} from '@/store';
import { BlockLink, Body, Caution, Note, Small, Strong, SubHeading, Title } from '@/ui';
import { TakeBack } from '@/features/history';
import { JobChanges } from '@/features/job/forms';
import { jobPaceWords } from '@/features/planning/pace';
import { BackToToday } from './BackToToday';
import { JobActions } from './JobActions';
import { MoveJob } from './MoveJob';
import { Floats, MovedSince, SharedWith } from './Slipping';
import { RuleActions, RulesAnyway, SetAside } from './RuleActions';
import {
  SHORTFALL_WORDS,
  effortWords,
  heldWords,
  limitWords,
  momentWords,
  standingWords,
  waitWords,
  whenWords,
  workingWords,
} from '@/features/job';

/** "Why here?": what a job is, what it waits for and lets go, what it needs and what can hurt. */
export function JobStory({ job, titled = true }: { job: PlannedJob; titled?: boolean }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const decided = useAppSelector(selectDecides).get(job.id);
  const forecast = useAppSelector(selectForecast);
  const paced = forecast ? jobPaceWords(job, forecast.learned) : undefined;
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Small>{`${placeOf(project, job)} · ${stageName(job.stage)}`}</Small>
        {titled ? <Title>{job.title}</Title> : null}
        <Strong>{`${whenWords(job, today)} · ${effortWords(job)}`}</Strong>
        <Body>{`${standingWords(job, today)} · ${slackWords(job)}`}</Body>
        {decided ? <Small>{decidesWords(job, decided)}</Small> : null}
      </View>
      <MovedSince job={job} />
      <JobActions key={job.id} job={job} />
      {project.inspections.some(({ jobId }) => jobId === job.id) ? (
        <TakeBack
          about={`inspection/${job.id}`}
          what={`how the last visit went, ${job.title}`}
          label="Take back how the last visit went"
        />
      ) : null}
      <JobChanges key={`changes-${job.id}`} job={job} />
      <WhatHolds job={job} />
      <WaitsFor job={job} />
      <RulesAnyway job={job} />
      <SetAside job={job} />
      {job.doneOn === null ? <MoveJob key={`move-${job.id}`} job={job} /> : null}
      <LetsGo job={job} />
      <Floats job={job} />
      <SharedWith job={job} />
      <BackToToday job={job} />
      <View>
        <SubHeading>The hours</SubHeading>
        {workingWords(job, project.units).map((line) => (
          <Note key={line}>{line}</Note>
        ))}
        {paced ? (
          <BlockLink href="/pace">
            <Note>{paced}</Note>
          </BlockLink>
        ) : null}
        {limitWords(job).map((line) => (
          <Note key={line}>{line}</Note>
        ))}
        {job.shortfalls.map((shortfall) => (
          <Note key={shortfall} className="text-brick">
            {SHORTFALL_WORDS[shortfall]}
          </Note>
        ))}
      </View>
      <Needs job={job} />
      <Cautions job={job} />
      <Note>{`Asked for by: ${job.because.join(', ')}.`}</Note>
    </View>
  );
}

const slackWords = (job: PlannedJob): string => {
  if (job.doneOn !== null) return 'nothing left to do here';
  return job.slackDays === 0
    ? 'no slack: a day late here is a day late at the gate'
    : `may slip ${job.slackDays} ${job.slackDays === 1 ? 'day' : 'days'}`;
};

/** A job that may slip can still decide: its hours are taken from others, whenever they are worked. */
const decidesWords = (job: PlannedJob, percent: number): string =>
  job.slackDays === 0
    ? `In ${percent} of a hundred ways it may go, this job decides the day you can live here.`
    : `It may stand later, but its hours count whenever they are worked: in ${percent} of a hundred ways it may go, they decide the day you can live here.`;

function WhatHolds({ job }: { job: PlannedJob }) {
  const today = useAppSelector(selectToday);
  if (job.heldBy.length === 0) return null;
  return (
    <View className="gap-1">
      <SubHeading>Held by</SubHeading>
      {job.heldBy.map((held) => (
        <Note key={heldWords(held, today)} className="text-ink">
          {heldWords(held, today)}
        </Note>
      ))}
    </View>
  );
}

function WaitsFor({ job }: { job: PlannedJob }) {
  const jobs = useAppSelector(selectJobsById);
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  return (
    <View className="gap-2">
      <SubHeading>Waits for</SubHeading>
      {job.predecessors.length === 0 ? <Note>Nothing: it could start today.</Note> : null}
      {job.predecessors.map((link) => {
        const before = jobs.get(link.jobId);
        if (!before) return null;
        const wait = waitWords(link.waitMinutes);
        const free = link.over ? 'Passed' : `Free ${momentWords(link.until, today)}`;
        return (
          <View key={link.jobId}>
            <JobLink job={before}>
              <Strong>{`${before.title}, ${placeOf(project, before)}`}</Strong>
              <Note>{`${link.why} ${free}${wait ? `, after ${wait}` : ''}.`}</Note>
            </JobLink>
            {link.over ? null : <RuleActions link={link} after={job} />}
          </View>
        );
      })}
    </View>
  );
}

function LetsGo({ job }: { job: PlannedJob }) {
  const jobs = useAppSelector(selectJobsById);
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  return (
    <View className="gap-2">
      <SubHeading>Lets go</SubHeading>
      {job.successors.length === 0 ? <Note>Nothing waits for it.</Note> : null}
      {job.successors.map((id) => {
        const after = jobs.get(id);
        if (!after) return null;
        return (
          <JobLink key={id} job={after}>
            <Strong>{`${after.title}, ${placeOf(project, after)}`}</Strong>
            <Note>{after.doneOn ? 'done' : `planned for ${whenWords(after, today)}`}</Note>
          </JobLink>
        );
      })}
    </View>
  );
}

function JobLink({ job, children }: { job: PlannedJob; children: React.ReactNode }) {
  return <BlockLink href={{ pathname: '/job', params: { id: job.id } }}>{children}</BlockLink>;
}

function Needs({ job }: { job: PlannedJob }) {
  const plan = useAppSelector(selectPlan);
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const lines = plan?.orders.filter((line) => line.jobId === job.id) ?? [];
  if (lines.length === 0) return null;
  return (
    <View className="gap-1">
      <SubHeading>Needs</SubHeading>
      {lines.map((line) => (
        <Note key={line.lineId}>
          {`${countWords(line.units, line.unit)} ${line.what}, about ${formatAbout(line.price, project.currency)}; order by ${formatDate(line.orderBy, today)}`}
        </Note>
      ))}
    </View>
  );
}

function Cautions({ job }: { job: PlannedJob }) {
  if (job.cautions.length === 0 || job.doneOn !== null) return null;
  return (
    <Caution>
      {job.cautions.map((caution) => (
        <Body key={caution}>{CAUTIONS[caution as CautionId]}</Body>
      ))}
      <Small className="text-ink">{DEFERS}</Small>
    </Caution>
  );
}
