import { View } from 'react-native';
import { adviseContingency } from '@/core/survey/risk';
import { formatDate, formatMinutes, formatMoney } from '@/core/units';
import { atStart } from './words';
import { ELEMENT_NAMES, SUSPICION_NAMES } from '@/features/survey/names';
import {
  placeNameIn,
  selectForecast,
  selectLedger,
  selectOpenFirst,
  selectProject,
  selectToday,
  useAppSelector,
} from '@/store';
import { Fact, Note, Section, Slip } from '@/ui';

/** What frightens: places ranked by what may hide there and how much of the plan hangs on it. */
export function OpenFirst() {
  const project = useAppSelector(selectProject);
  const risks = useAppSelector(selectOpenFirst);
  const money = (cents: Parameters<typeof formatMoney>[0]) => formatMoney(cents, project.currency);
  return (
    <>
      {risks.length > 0 ? (
        <Section title="Open up first" sum={`${risks.length} suspected`}>
          {risks.map(
            ({ surveyId, placeId, survey, suspicion, risk, expectedMinutes, expectedCents }) => (
              <Slip
                key={surveyId}
                state="held"
                title={`${atStart(SUSPICION_NAMES[suspicion])} at the ${ELEMENT_NAMES[survey.element].toLowerCase()}`}
                note={`${placeNameIn(project, placeId)} · ${risk.chance}% of ${formatMinutes(risk.minutes.low)} to ${formatMinutes(risk.minutes.high)} and ${money(risk.cents.low)} to ${money(risk.cents.high)}`}
                figure={formatMinutes(expectedMinutes)}
                figureNote={`and ${money(expectedCents)} on average`}
                href={`/walk/${placeId}`}
              />
            ),
          )}
          <Weight />
        </Section>
      ) : null}
      <Contingency />
    </>
  );
}

/** What suspicions cost the date until they are settled. */
function Weight() {
  const forecast = useAppSelector(selectForecast);
  const today = useAppSelector(selectToday);
  const [likely, calm] = [forecast?.gates.live.likely, forecast?.withoutRisks.live];
  if (!likely || !calm) return null;
  return (
    <Note>
      {likely === calm
        ? 'They do not move the day you can live here: other jobs decide it.'
        : `If all of them proved groundless you could live here ${formatDate(calm, today)} instead of ${formatDate(likely, today)}.`}
    </Note>
  );
}

/** How much to hold back, from what is unknown. */
function Contingency() {
  const project = useAppSelector(selectProject);
  const { toCome, budget } = useAppSelector(selectLedger);
  const advice = adviseContingency(project, toCome, budget?.contingencyLeft ?? null);
  const money = (cents: Parameters<typeof formatMoney>[0]) => formatMoney(cents, project.currency);
  const why = [
    `${advice.percent}% of ${money(toCome)} to come`,
    `${advice.old ? 'old work is 10 to 20%' : 'new work is 3 to 5%'}; ${advice.unwalked} of ${advice.places} places not walked, ${advice.undecided} undecided`,
    advice.suspicions > 0
      ? `and ${money(advice.forSuspicions)} for ${advice.suspicions} suspicions, chance by chance`
      : 'no suspicion is open',
  ].join('; ');
  return (
    <Section title="Hold back for the unknown">
      <View>
        <Fact name="Contingency from here on" figure={money(advice.total)} working={why} />
        {budget ? (
          <Fact
            name="You have left"
            figure={money(budget.contingencyLeft)}
            working={
              advice.shortBy ? `short by ${money(advice.shortBy)}` : 'enough, as far as one can see'
            }
          />
        ) : null}
      </View>
    </Section>
  );
}
