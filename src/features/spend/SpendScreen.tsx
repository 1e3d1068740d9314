import { View } from 'react-native';
import type { Ledger } from '@/core/ledger';
import { formatMoney, type Cents, type Currency } from '@/core/units';
import { Page, PlanState } from '@/features/shell';
import {
  placeNameIn,
  selectForecast,
  selectLedger,
  selectPlan,
  selectProject,
  useAppSelector,
} from '@/store';
import { ButtonLink, Columns, Empty, Fact, Note, Section, Slip, Small, Strong } from '@/ui';
import { SpendChart } from './SpendChart';

/** Where the money goes, and whether it will last. */
export function SpendScreen() {
  const project = useAppSelector(selectProject);
  const ledger = useAppSelector(selectLedger);
  const planned = useAppSelector(selectPlan) !== null;
  return (
    <Page title={titleWords(ledger, project.currency, planned)}>
      <PlanState />
      <Columns>
        <View className="gap-5">
          <BudgetFacts ledger={ledger} currency={project.currency} />
          {ledger.byWeek.length === 0 ? (
            <Empty
              title="Nothing spent yet"
              note="Say it in the log strip below: “$18.40 screws back bedroom”, or “$96 tile over kitchen and bath”."
            />
          ) : (
            <SpendChart byWeek={ledger.byWeek} budget={ledger.budget} currency={project.currency} />
          )}
          <Quotes ledger={ledger} />
        </View>
        {ledger.byWeek.length === 0 ? null : <Shares ledger={ledger} />}
      </Columns>
    </Page>
  );
}

function Shares({ ledger }: { ledger: Ledger }) {
  const project = useAppSelector(selectProject);
  const money = (cents: Cents) => formatMoney(cents, project.currency);
  return (
    <View className="gap-5">
      <Section title="By room" sum={money(ledger.paid)}>
        {ledger.byPlace.map(({ placeId, cents }) => (
          <Share
            key={placeId ?? 'house'}
            name={placeNameIn(project, placeId)}
            cents={cents}
            of={ledger.paid}
            currency={project.currency}
          />
        ))}
      </Section>
      <Section title="By kind" sum={money(ledger.paid)}>
        {ledger.byKind.map(({ kind, cents }) => (
          <Share
            key={kind}
            name={kind}
            cents={cents}
            of={ledger.paid}
            currency={project.currency}
          />
        ))}
      </Section>
    </View>
  );
}

function Quotes({ ledger }: { ledger: Ledger }) {
  const project = useAppSelector(selectProject);
  if (ledger.quotes.length === 0) return null;
  return (
    <Section
      title="Quotes for what you do yourselves"
      sum={formatMoney(ledger.quotesTotal, project.currency)}
    >
      {ledger.quotes.map((quote) => (
        <Slip
          key={quote.id}
          title={quote.what}
          note={`${placeNameIn(project, quote.placeId)} · ${quote.from}`}
          figure={formatMoney(quote.cents, project.currency)}
        />
      ))}
    </Section>
  );
}

/** Whether the money lasts is said only once it is known what is still to come. */
function titleWords({ budget, paid }: Ledger, currency: Currency, planned: boolean): string {
  if (!budget || !planned) return `${formatMoney(paid, currency)} spent`;
  return budget.afterAll >= 0
    ? 'The money lasts, as far as one can see'
    : `Short by ${formatMoney(Math.abs(budget.afterAll) as Cents, currency)}, as far as one can see`;
}

function BudgetFacts({ ledger, currency }: { ledger: Ledger; currency: Currency }) {
  const money = (cents: Cents) => formatMoney(cents, currency);
  const { budget } = ledger;
  const planned = useAppSelector(selectPlan) !== null;
  const cost = useAppSelector(selectForecast)?.cost;
  return (
    <View>
      {budget ? (
        <>
          <Fact
            name="Budget left"
            figure={money(budget.left)}
            working={`${money(budget.total)} budget − ${money(ledger.paidFromBudget)} paid from it`}
          />
          <Fact
            name="Contingency left"
            figure={money(budget.contingencyLeft)}
            working={`${money(budget.contingency)} set aside − ${money(ledger.drawnFromContingency)} drawn on by finds and extras`}
          />
        </>
      ) : (
        <View className="gap-2 pb-2">
          <Note>No budget yet. With one you see what is left and whether it lasts.</Note>
          <View className="flex-row">
            <ButtonLink href="/settings" label="Set a budget" />
          </View>
        </View>
      )}
      {planned ? (
        <Fact
          name="Still to come"
          figure={`about ${money(ledger.toCome)}`}
          working="materials and trades of the jobs left, at starting guesses"
        />
      ) : (
        <Fact name="Still to come" figure="not known yet" working="the plan is being worked out" />
      )}
      {cost ? (
        <Fact
          name="Still to come, with its doubt"
          figure={`${money(cost.likely)} to ${money(cost.fairlySafe)}`}
          working="half of the ways it may go come to less than the first, eight in ten to less than the second; finds included"
        />
      ) : null}
      {planned ? (
        <Fact
          name="When all is done"
          figure={`about ${money(ledger.forecast)}`}
          working={`${money(ledger.paid)} paid + ${money(ledger.toCome)} to come${ledger.risksExpected > 0 ? ` + ${money(ledger.risksExpected)} for what is suspected, chance by chance` : ''}`}
        />
      ) : null}
    </View>
  );
}

function Share({
  name,
  cents,
  of,
  currency,
}: {
  name: string;
  cents: Cents;
  of: Cents;
  currency: Currency;
}) {
  const width = of > 0 ? Math.max(0, Math.min(100, (100 * cents) / of)) : 0;
  return (
    <View className="gap-1 py-1">
      <View className="flex-row justify-between gap-3">
        <Small className="flex-1 text-ink">{name}</Small>
        <Strong className="text-small">{formatMoney(cents, currency)}</Strong>
      </View>
      <View className="h-2 bg-line" aria-hidden>
        <View className="h-2 bg-spruce" style={{ width: `${width}%` }} />
      </View>
    </View>
  );
}
