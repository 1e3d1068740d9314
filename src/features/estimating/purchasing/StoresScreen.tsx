import { useState } from 'react';
import { View } from 'react-native';
import type { OrderLine } from '@/core/estimating/purchasing/order-line';
import { Page, PlanState } from '@/features/shell';
import { selectPlan, selectToday, useAppSelector } from '@/store';
import { addDays } from '@/core/units';
import { Button, ButtonLink, Columns, Empty, Section } from '@/ui';
import { ByHand } from './ByHand';
import { LeftOver, ToOrderAgain } from './LeftOver';
import { OrderSlip } from './OrderSlip';

const WEEK_DAYS = 7;
const SHOWN = 8;

/** What must be measured, chosen and bought, by when, and what is on the way. */
export function StoresScreen() {
  const plan = useAppSelector(selectPlan);
  const today = useAppSelector(selectToday);
  const lines = plan?.orders ?? [];
  const of = (...states: OrderLine['state'][]) =>
    lines.filter(({ state }) => states.includes(state));
  const toOrder = of('to-order');
  const weekOut = addDays(today, WEEK_DAYS);
  return (
    <Page title="Stores">
      <PlanState />
      <View className="flex-row flex-wrap gap-2 print:hidden">
        <ButtonLink href="/stores/list" label="Shop list" />
        <ButtonLink href="/stores/cuts" label="Cut plans" />
        <ButtonLink href="/measure" label="Measuring pass" />
        <ButtonLink href="/sums" label="Sums" />
      </View>
      {plan && lines.length === 0 ? (
        <Empty
          title="What to buy will stand here"
          note="Choose works in a room; quantities come from its sizes, dates from the build order."
        >
          <ButtonLink look="main" href="/house" label="Go to the house" />
        </Empty>
      ) : null}
      <Columns>
        <View className="gap-5">
          <Lines title="Came short, damaged or wrong" lines={of('short', 'damaged', 'wrong')} />
          <Lines title="Late, order now" lines={toOrder.filter(({ orderBy }) => orderBy < today)} />
          <Lines
            title="This week"
            lines={toOrder.filter(({ orderBy }) => orderBy >= today && orderBy <= weekOut)}
          />
          <Lines title="To choose" lines={of('to-choose')} />
          <Lines title="To measure" lines={of('to-measure')} />
          <Lines title="Later" lines={toOrder.filter(({ orderBy }) => orderBy > weekOut)} />
        </View>
        <View className="gap-5">
          <Lines title="On the way" lines={of('on-the-way', 'late')} />
          <Lines title="On site" lines={of('here')} />
          {plan && lines.length > 0 ? <ByHand /> : null}
          <ToOrderAgain />
          <LeftOver />
          <Lines title="Fitted" lines={of('fitted')} />
        </View>
      </Columns>
    </Page>
  );
}

function Lines({ title, lines }: { title: string; lines: readonly OrderLine[] }) {
  const [all, setAll] = useState(false);
  if (lines.length === 0) return null;
  return (
    <Section title={title} sum={`${lines.length} ${lines.length === 1 ? 'line' : 'lines'}`}>
      {lines.slice(0, all ? undefined : SHOWN).map((line) => (
        <OrderSlip key={line.lineId} line={line} />
      ))}
      {lines.length > SHOWN && !all ? (
        <Button
          look="quiet"
          label={`Show all ${lines.length}`}
          hint={`Show all ${lines.length}: ${title}`}
          onPress={() => setAll(true)}
        />
      ) : null}
    </Section>
  );
}
