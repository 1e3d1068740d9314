import { useState } from 'react';
import { View } from 'react-native';
import type { OrderLine } from '@/core/plan';
import { Page, PlanState } from '@/features/shell';
import { placeNameIn, selectPlan, selectProject, selectToday, useAppSelector } from '@/store';
import { salvageOf } from '@/core/survey/summary';
import { addDays } from '@/core/units';
import { Button, ButtonLink, Columns, Empty, Section, Slip } from '@/ui';
import { OrderSlip } from './OrderSlip';

const WEEK_DAYS = 7;
const SHOWN = 15;

/** What must be bought, by when, and what is on the way. */
export function StoresScreen() {
  const plan = useAppSelector(selectPlan);
  const today = useAppSelector(selectToday);
  const project = useAppSelector(selectProject);
  const lines = plan?.orders ?? [];
  const toOrder = lines.filter(({ state }) => state === 'to-order');
  const onTheWay = lines.filter(({ state }) => state === 'on-the-way' || state === 'late');
  const wrong = lines.filter(({ state }) => ['short', 'damaged', 'wrong'].includes(state));
  const here = lines.filter(({ state }) => state === 'here');
  const weekOut = addDays(today, WEEK_DAYS);
  const leftovers = Object.values(project.leftovers);
  const salvage = salvageOf(project);
  return (
    <Page title="Stores">
      <PlanState />
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
          <Lines title="Came short, damaged or wrong" lines={wrong} />
          <Lines title="Late, order now" lines={toOrder.filter(({ orderBy }) => orderBy < today)} />
          <Lines
            title="This week"
            lines={toOrder.filter(({ orderBy }) => orderBy >= today && orderBy <= weekOut)}
          />
          <Lines title="Later" lines={toOrder.filter(({ orderBy }) => orderBy > weekOut)} />
        </View>
        <View className="gap-5">
          <Lines title="On the way" lines={onTheWay} />
          <Lines title="On site" lines={here} />
          {leftovers.length + salvage.length > 0 ? (
            <Section title="Left over and kept" sum="use these first">
              {leftovers.map(({ id, what, amount, placeId }) => (
                <Slip key={id} title={what} note={placeNameIn(project, placeId)} figure={amount} />
              ))}
              {salvage.map(({ surveyId, what, size, placeId }) => (
                <Slip
                  key={surveyId}
                  title={what}
                  note={`taken out of ${placeNameIn(project, placeId)}, to use again`}
                  figure={size ?? 'size not taken'}
                />
              ))}
            </Section>
          ) : null}
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
        <Button look="quiet" label={`Show all ${lines.length}`} onPress={() => setAll(true)} />
      ) : null}
    </Section>
  );
}
