import { useMemo } from 'react';
import { View } from 'react-native';
import { kindTitle, type PlaceId } from '@/core/house';
import type { Allotted, Ledger } from '@/core/money';
import { formatAbout, formatPaid, type Cents, type Currency } from '@/core/units';
import {
  placeNameIn,
  selectForecast,
  selectLedger,
  selectPlan,
  selectProject,
  useAppSelector,
} from '@/store';
import { Button, ButtonLink, Columns, Empty, Fact, Note, Section, Small, Strong } from '@/ui';
import { OwnHours } from './OwnHours';
import { ReserveChart } from './ReserveChart';
import { SpendChart } from './SpendChart';
import { Unclear } from './Unclear';

/** Budget, paid, agreed and to come, each with its working; then by week, by room and by kind. */
export function Standing({ onReceipt }: { onReceipt: () => void }) {
  const project = useAppSelector(selectProject);
  const ledger = useAppSelector(selectLedger);
  return (
    <Columns>
      <View className="gap-5">
        <Facts ledger={ledger} currency={project.currency} />
        <Unclear />
        {ledger.byWeek.length === 0 ? (
          <Empty
            title="Nothing spent yet"
            note="Say it in the log strip below: “$18.40 screws back bedroom”, or “$96 tile over kitchen and bath”."
          >
            <Button className="self-start" label="Add a receipt" onPress={onReceipt} />
          </Empty>
        ) : (
          <SpendChart byWeek={ledger.byWeek} budget={ledger.budget} currency={project.currency} />
        )}
        <ReserveChart />
      </View>
      <View className="gap-5">
        <Shares ledger={ledger} />
        <OwnHours />
      </View>
    </Columns>
  );
}

function Facts({ ledger, currency }: { ledger: Ledger; currency: Currency }) {
  const paid = (cents: Cents) => formatPaid(cents, currency);
  const about = (cents: Cents) => `about ${formatAbout(cents, currency)}`;
  const { budget } = ledger;
  const planned = useAppSelector(selectPlan) !== null;
  const cost = useAppSelector(selectForecast)?.cost;
  const doubt = cost
    ? ` Half of the ways it may go come to under ${about(cost.likely).slice(6)} from now on, eight in ten to under ${about(cost.fairlySafe).slice(6)}.`
    : '';
  return (
    <View>
      {planned ? (
        <Fact
          name="When all is done"
          figure={about(ledger.forecast)}
          working={`${paid(ledger.paid)} paid + ${paid(ledger.committed)} agreed + ${about(ledger.toCome)} to come${ledger.risksExpected > 0 ? ` + ${about(ledger.risksExpected)} for what is suspected, chance by chance` : ''}.${doubt}`}
        />
      ) : null}
      {budget ? (
        <Fact
          name="Budget left"
          figure={paid(budget.left)}
          working={`${paid(budget.total)} budget − ${paid(ledger.paidFromBudget)} paid from it`}
        />
      ) : (
        <View className="gap-2 pb-2">
          <Note>No budget yet. With one you see what is left and whether it lasts.</Note>
          <View className="flex-row">
            <ButtonLink href="/settings" label="Set a budget" />
          </View>
        </View>
      )}
      {planned ? (
        <>
          <Fact
            name="Agreed and ordered"
            figure={paid(ledger.committed)}
            working="orders and trades you said yes to, less what you paid towards them"
          />
          <Fact
            name="Still to come"
            figure={about(ledger.toCome)}
            working="things and trades of the jobs left, at starting guesses or your own figures"
          />
        </>
      ) : (
        <Fact name="Still to come" figure="not known yet" working="the plan is being worked out" />
      )}
      {budget ? (
        <Fact
          name="Contingency left"
          figure={paid(budget.contingencyLeft)}
          working={`${paid(budget.contingency)} set aside − ${paid(ledger.drawnFromContingency)} drawn on by finds and extras${budget.contingencySpokenFor > 0 ? `; ${about(budget.contingencySpokenFor)} of it is spoken for by change orders` : ''}`}
        />
      ) : null}
    </View>
  );
}

type Row = { key: string; name: string; cents: Cents; allotted: Allotted | undefined };

/** What was spent, and what was given to each of a budget, also where nothing is spent yet. */
function rowsOf(
  spent: readonly { key: string; cents: Cents }[],
  allotted: readonly Allotted[],
  nameOf: (key: string) => string,
): Row[] {
  const keys = [...new Set([...spent.map(({ key }) => key), ...allotted.map(({ key }) => key)])];
  return keys.map((key) => ({
    key,
    name: nameOf(key),
    cents: spent.find((each) => each.key === key)?.cents ?? (0 as Cents),
    allotted: allotted.find((each) => each.key === key),
  }));
}

const HOUSE = 'house';

function Shares({ ledger }: { ledger: Ledger }) {
  const project = useAppSelector(selectProject);
  const { budget } = ledger;
  const rooms = useMemo(
    () =>
      rowsOf(
        ledger.byPlace.map(({ placeId, cents }) => ({ key: placeId ?? HOUSE, cents })),
        budget?.byPlace ?? [],
        (key) => placeNameIn(project, key === HOUSE ? null : (key as PlaceId)),
      ),
    [ledger, budget, project],
  );
  const kinds = rowsOf(
    ledger.byKind.map(({ kind, cents }) => ({ key: kind, cents })),
    budget?.byKind ?? [],
    (key) => kindTitle(project.ownKinds, key),
  );
  if (rooms.length + kinds.length === 0) return null;
  const sum = formatPaid(ledger.paid, project.currency);
  return (
    <View className="gap-5">
      {[
        { title: 'By room', rows: rooms, rest: budget?.unassigned.byPlace, is: budget?.byPlace },
        { title: 'By kind', rows: kinds, rest: budget?.unassigned.byKind, is: budget?.byKind },
      ].map(({ title, rows, rest, is }) => (
        <Section key={title} title={title} sum={sum}>
          {rows.map((row) => (
            <Share key={row.key} row={row} of={ledger.paid} currency={project.currency} />
          ))}
          {rest !== undefined && is && is.length > 0 ? (
            <Note>{`${formatPaid(rest, project.currency)} of the budget is given to none of them.`}</Note>
          ) : null}
        </Section>
      ))}
    </View>
  );
}

/** A bar of what was spent: of its own budget where it has one, else of all that was spent. */
function Share({ row, of, currency }: { row: Row; of: Cents; currency: Currency }) {
  const { name, cents, allotted } = row;
  const whole = allotted ? allotted.planned : of;
  const width = whole > 0 ? Math.max(0, Math.min(100, (100 * cents) / whole)) : 0;
  const isOver = allotted !== undefined && allotted.left < 0;
  const left = allotted
    ? isOver
      ? `${formatPaid(Math.abs(allotted.left) as Cents, currency)} over its ${formatPaid(allotted.planned, currency)}`
      : `${formatPaid(allotted.left, currency)} left of ${formatPaid(allotted.planned, currency)}`
    : '';
  return (
    <View className="gap-1 py-1">
      <View className="flex-row justify-between gap-3">
        <Small className="flex-1 text-ink">{name}</Small>
        <Strong className="text-small">{formatPaid(cents, currency)}</Strong>
      </View>
      <View className="h-2 bg-line" aria-hidden>
        <View
          className={`h-2 ${isOver ? 'bg-brick' : 'bg-spruce'}`}
          style={{ width: `${width}%` }}
        />
      </View>
      {left ? <Small className={isOver ? 'text-brick' : ''}>{left}</Small> : null}
    </View>
  );
}
