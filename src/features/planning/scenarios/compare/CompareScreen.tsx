import { planningInputOf } from '@/core/house';
import { useMemo } from 'react';
import { View } from 'react-native';
import { comparisonsOf, type ComparisonKind } from '@/core/planning/scenarios/compare';
import { formatDate, formatMinutes, formatMoney } from '@/core/units';
import { TakeBack } from '@/features/history';
import { Questions } from '@/features/house/questions';
import { Page, PlanState } from '@/features/shell';
import { selectPlan, selectProject, selectToday, useAppSelector } from '@/store';
import { Columns, Empty, Note, Section, Slip } from '@/ui';
import { KIND_TITLES } from './words';

const ORDER: readonly ComparisonKind[] = ['path', 'element', 'hire', 'defer'];

/** Every question this house offers to weigh, and what was decided so far. */
export function CompareScreen() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const all = useMemo(
    () => (plan ? comparisonsOf(planningInputOf(project), plan) : []),
    [project, plan],
  );
  const sections = ORDER.map((kind) => ({
    kind,
    here: all.filter((one) => KIND_TITLES[one.kind] === KIND_TITLES[kind]),
  })).filter(({ here }) => here.length > 0);
  return (
    <Page title="Weigh it up">
      <PlanState />
      <Note>
        Each question is answered by planning the house both ways: money, days, hours, risk. Nothing
        changes until you choose.
      </Note>
      <Columns>
        <>
          {sections.map(({ kind, here }) => (
            <Section key={kind} title={KIND_TITLES[kind]} sum={`${here.length}`}>
              {here.map(({ id, question, options }) => (
                <Slip
                  key={id}
                  title={question}
                  note={options.map(({ title }) => title).join(' · ')}
                  href={{ pathname: '/compare/one', params: { id } }}
                />
              ))}
            </Section>
          ))}
        </>
        <View className="gap-5">
          <Questions />
          <Decided />
        </View>
      </Columns>
    </Page>
  );
}

/** Decisions written down, newest first, with the figures of their day. */
function Decided() {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const written = Object.values(project.decisions).toSorted((a, b) => b.on.localeCompare(a.on));
  return (
    <Section title="Decided">
      {written.length === 0 ? (
        <Empty
          title="Decisions will stand here"
          note="With what they were chosen from, the figures of the day, and your reasons."
        />
      ) : null}
      {written.map(({ id, on, question, options, chosen, reasons }) => (
        <Slip
          key={id}
          state="done"
          title={`${question}: ${options[chosen]?.title ?? ''}`}
          note={[
            ...options.map(
              ({ title, cents, minutes, livingOn }) =>
                `${title} ${formatMoney(cents, project.currency)}, ${formatMinutes(minutes)}${livingOn ? `, living here ${formatDate(livingOn, on)}` : ''}`,
            ),
            reasons ? `Because: ${reasons}` : '',
          ]
            .filter(Boolean)
            .join(' · ')}
          figure={formatDate(on, today)}
        >
          <TakeBack made={id} what={`the decision, ${question}`} label="Take the decision back" />
        </Slip>
      ))}
    </Section>
  );
}
