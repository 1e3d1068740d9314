import { View } from 'react-native';
import { JobSlip, inSentence, momentWords } from '@/features/job';
import { Page, PlanState } from '@/features/shell';
import { leftToKeys } from '@/core/plan';
import type { Tonight } from '@/core/today';
import { formatElapsed, formatMinutes } from '@/core/units';
import {
  placeOf,
  selectForecast,
  selectProject,
  selectToday,
  selectTonight,
  useAppSelector,
} from '@/store';
import { ButtonLink, Columns, Empty, Note, Section, Slip } from '@/ui';
import { Calls } from './Calls';
import { ForecastLine } from './ForecastLine';
import { titleWords } from './words';

/** What can be done with the hours there are. */
export function TodayScreen() {
  const project = useAppSelector(selectProject);
  const forecast = useAppSelector(selectForecast);
  const tonight = useAppSelector(selectTonight);
  const title = tonight ? titleWords(project, tonight) : 'Today';
  const hasWorks = Object.keys(project.works).length > 0;
  return (
    <Page title={title}>
      <PlanState />
      {forecast && hasWorks ? (
        <ForecastLine forecast={forecast} left={leftToKeys(forecast.plan)} />
      ) : null}
      {!hasWorks ? (
        <Empty
          title="What is ready tonight will stand here"
          note="Say what is to happen in your rooms; the order and the hours follow from it."
        >
          <ButtonLink look="main" href="/house" label="Choose works for a room" />
        </Empty>
      ) : null}
      {tonight ? <Lists tonight={tonight} /> : null}
    </Page>
  );
}

const SHOWN = 6;

function Lists({ tonight }: { tonight: Tonight }) {
  return (
    <Columns>
      <View className="gap-5">
        <ReadyNow tonight={tonight} />
        <AlsoReady tonight={tonight} />
      </View>
      <View className="gap-5">
        <Setting tonight={tonight} />
        <Calls tonight={tonight} />
      </View>
    </Columns>
  );
}

function ReadyNow({ tonight }: { tonight: Tonight }) {
  return (
    <Section
      title="Ready now"
      sum={
        tonight.available > 0
          ? `fits today: ${formatMinutes(tonight.fits)} of ${formatMinutes(tonight.available)}`
          : undefined
      }
    >
      {tonight.fitted.length === 0 ? (
        <Note>
          {tonight.alsoReady.length > 0
            ? 'No hours today. What is ready stays ready.'
            : 'Nothing is ready: all that is left waits for something.'}
        </Note>
      ) : null}
      {tonight.fitted.map(({ job, minutes, hands }) => (
        <FittedSlip key={job.id} job={job} minutes={minutes} hands={hands} />
      ))}
    </Section>
  );
}

function AlsoReady({ tonight: { alsoReady } }: { tonight: Tonight }) {
  if (alsoReady.length === 0) return null;
  return (
    <Section title="Also ready" sum={`${alsoReady.length} jobs, not today`}>
      {alsoReady.slice(0, SHOWN).map((job) => (
        <JobSlip key={job.id} job={job} />
      ))}
      {alsoReady.length > SHOWN ? (
        <ButtonLink look="quiet" href="/order" label="See all in the build order" />
      ) : null}
    </Section>
  );
}

function FittedSlip({ job, minutes, hands }: Tonight['fitted'][number]) {
  const project = useAppSelector(selectProject);
  const decides = job.slackDays === 0 ? ' · decides the date' : '';
  const two = hands > 1 ? ' · two people' : '';
  const whole = minutes < job.left ? `of ${formatMinutes(job.left)} left` : 'all that is left';
  return (
    <JobSlip
      job={job}
      note={`${placeOf(project, job)}${two}${decides}`}
      figure={formatMinutes(minutes)}
      figureNote={whole}
    />
  );
}

function Setting({ tonight }: { tonight: Tonight }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  if (tonight.clocks.length === 0) return null;
  return (
    <Section title="Setting" sum="on its own time">
      <View className="gap-2">
        {tonight.clocks.map(({ job, left, until, letsGo }) => (
          <Slip
            key={job.id}
            state="setting"
            title={`${job.wait?.what ?? job.title}, ${placeOf(project, job)}`}
            note={
              letsGo.length > 0
                ? `lets go: ${letsGo.map(({ title }) => inSentence(title)).join(', ')}`
                : 'nothing waits for it'
            }
            figure={formatElapsed(left)}
            figureNote={momentWords(until, today)}
            href={{ pathname: '/job', params: { id: job.id } }}
          />
        ))}
      </View>
    </Section>
  );
}
