import { View } from 'react-native';
import type { Forecast } from '@/core/planning/report';
import { formatDayMonth } from '@/core/units';
import { Page, PlanState } from '@/features/shell';
import { selectForecast, selectProject, selectToday, useAppSelector } from '@/store';
import { Body, LineChart, Note, Section, Small, Strong } from '@/ui';
import { bandWords, keptWords, kindTitle, leftWords, movedWords, paceWords } from './words';

/** Fewer points make no line. */
const LEAST_POINTS = 3;

/** What the log has taught of how long work takes, and of how many hours come to something. */
export function PaceScreen() {
  const forecast = useAppSelector(selectForecast);
  return (
    <Page title="How your work goes">
      <PlanState />
      {forecast ? <Learned forecast={forecast} /> : null}
    </Page>
  );
}

function Learned({ forecast: { learned, plan } }: { forecast: Forecast }) {
  const today = useAppSelector(selectToday);
  const { date } = plan.gates.live;
  const { people } = useAppSelector(selectProject);
  return (
    <View className="gap-4">
      {learned.paces.length === 0 ? (
        <Body>
          Nothing finished with hours yet. Tell the hours of a job you finish, and the plan learns
          how you work.
        </Body>
      ) : (
        <View className="gap-1">
          <Strong>{leftWords(learned)}</Strong>
          {learned.atGuess?.live && date ? (
            <Body>{movedWords(learned.atGuess.live, date, today)}</Body>
          ) : null}
        </View>
      )}
      {learned.paces.map((pace) => (
        <Section key={pace.kind} title={kindTitle(pace.kind)}>
          <Body>{paceWords(pace)}</Body>
          <Note>{bandWords(pace)}</Note>
          <PaceChart points={learned.points.filter(({ kind }) => kind === pace.kind)} pace={pace} />
        </Section>
      ))}
      <Section title="Hours kept">
        {learned.kept.map((hours) => {
          const person = people.find(({ id }) => id === hours.personId);
          return person ? <Body key={person.id}>{keptWords(hours, person)}</Body> : null;
        })}
        <Note>
          Counted on days with a job in hand that was not finished. Who is paid by the day comes.
        </Note>
      </Section>
    </View>
  );
}

type Paced = Forecast['learned'];

function PaceChart({ points, pace }: { points: Paced['points']; pace: Paced['paces'][number] }) {
  if (points.length < LEAST_POINTS) return null;
  const inOrder = points.toSorted((a, b) => a.on.localeCompare(b.on));
  const percent = (ratio: number) => Math.round(ratio * 100);
  return (
    <View>
      <LineChart
        points={inOrder.map(({ on, ratio }) => ({
          label: formatDayMonth(on),
          value: percent(ratio),
        }))}
        line={100}
        against={inOrder.map(() => percent(pace.factor))}
        spoken={`Percent of the guess, job by job: ${inOrder
          .map(({ on, ratio }) => `${formatDayMonth(on)} ${percent(ratio)}`)
          .join(', ')}. Learned ${percent(pace.factor)}, the guess 100.`}
      />
      <Small>
        Each finished job in percent of its guess. Dashed: what was learned. Red: the guess, 100.
      </Small>
    </View>
  );
}
