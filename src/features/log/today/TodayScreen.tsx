import { View } from 'react-native';
import { inSentence, momentWords } from '@/features/job';
import { Page, PlanState } from '@/features/shell';
import { leftToKeys, type Plan } from '@/core/planning/report';
import type { Tonight } from '@/core/log/today';
import { formatElapsed } from '@/core/units';
import {
  placeOf,
  selectForecast,
  selectProject,
  selectToday,
  selectTonight,
  useAppSelector,
} from '@/store';
import { ButtonLink, Columns, Empty, Section, Slip } from '@/ui';
import { Calls } from './Calls';
import { TonightList } from './Evening';
import { ForecastLine } from './ForecastLine';
import { HelpOwed, PutOff } from './Told';
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
      {tonight && forecast ? <Lists plan={forecast.plan} tonight={tonight} /> : null}
    </Page>
  );
}

function Lists({ plan, tonight }: { plan: Plan; tonight: Tonight }) {
  return (
    <Columns>
      <View className="gap-5">
        <TonightList plan={plan} tonight={tonight} />
        <ButtonLink className="self-start" href="/job/new" label="Add a job" />
      </View>
      <View className="gap-5">
        <PutOff />
        <Setting tonight={tonight} />
        <Calls tonight={tonight} />
        <HelpOwed />
      </View>
    </Columns>
  );
}

function Setting({ tonight }: { tonight: Tonight }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  if (tonight.clocks.length === 0) return null;
  return (
    <Section title="Setting" sum="on its own time">
      <View className="gap-2">
        {tonight.clocks.map(({ job, left, until, successors }) => (
          <Slip
            key={job.id}
            state="setting"
            title={`${job.wait?.what ?? job.title}, ${placeOf(project, job)}`}
            note={
              successors.length > 0
                ? `lets go: ${successors.map(({ title }) => inSentence(title)).join(', ')}`
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
