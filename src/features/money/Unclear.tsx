import { useState } from 'react';
import { View } from 'react-native';
import { purchasesOf, type Purchase } from '@/core/house';
import type { CostLine } from '@/core/planning/report';
import { formatAbout, formatDate, formatPaid } from '@/core/units';
import { inSentence } from '@/features/job';
import {
  keep,
  placeNameIn,
  selectJobsById,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice, Folded, Note, Section, Slip } from '@/ui';

/** Choices one can take in at a glance. */
const OFFERED = 4;

/** Purchases that may be for more than one thing of the plan: until it is said they count for none. */
export function Unclear() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const today = useAppSelector(selectToday);
  const byId = new Map(purchasesOf(project).map((purchase) => [purchase.id, purchase]));
  const lines = new Map(plan?.costs.lines.map((line) => [line.id, line]));
  const rows = (plan?.costs.covers ?? [])
    .filter(({ is }) => is === 'unclear')
    .toReversed()
    .flatMap(({ purchaseId, lineIds }) => {
      const purchase = byId.get(purchaseId);
      return purchase ? [{ purchase, found: lineIds.flatMap((id) => lines.get(id) ?? []) }] : [];
    });
  if (rows.length === 0) return <Said />;
  return (
    <Section title="What do these pay for?" sum={String(rows.length)}>
      <Note>Until you say so, what they may be for still counts as to come.</Note>
      <Folded
        first={2}
        more={`Show all ${rows.length}`}
        rows={rows.map(({ purchase, found }) => (
          <Slip
            key={purchase.id}
            title={purchase.what}
            note={[purchase.shop, formatDate(purchase.on, today)].filter(Boolean).join(' · ')}
            figure={formatPaid(purchase.cents, project.currency)}
          >
            <Answers purchase={purchase} found={found} />
          </Slip>
        ))}
      />
      <Said />
    </Section>
  );
}

function Answers({ purchase, found }: { purchase: Purchase; found: readonly CostLine[] }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const say = (covers: readonly CostLine[], what: string) =>
    void dispatch(
      keep(
        [
          {
            type: 'purchaseMatched',
            payload: {
              paymentId: purchase.id,
              covers: covers.map(({ id }) => id),
              whole: covers.length > 0,
            },
          },
        ],
        what,
      ),
    );
  const jobs = useAppSelector(selectJobsById);
  const name = (line: CostLine) => {
    const job = line.jobId === null ? undefined : jobs.get(line.jobId);
    return `${line.what}, ${job ? `${inSentence(job.title)}, ` : ''}${placeNameIn(project, line.placeId)}`;
  };
  const offered = found.slice(0, OFFERED);
  return (
    <View className="gap-2">
      <Choice
        label={`What ${purchase.what} pays for`}
        value={null}
        options={[
          ...offered.map((line) => ({
            value: line.id,
            label: name(line),
            note: `about ${formatAbout(line.planned, project.currency)}`,
          })),
          ...(found.length > 1 ? [{ value: ALL, label: 'All of these' }] : []),
          { value: NONE, label: 'Nothing that was planned' },
        ]}
        onChange={(answer) => {
          const covers = answer === ALL ? found : offered.filter(({ id }) => id === answer);
          say(
            covers,
            covers.length === 0
              ? `${purchase.what} was extra.`
              : `${purchase.what} pays for ${covers.map(({ what }) => what).join(', ')}.`,
          );
        }}
      />
    </View>
  );
}
const ALL = 'all';
const NONE = 'none';

/** What was said before, one tap away, each to be asked again. */
function Said() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const [open, setOpen] = useState(false);
  const lines = new Map(plan?.costs.lines.map((line) => [line.id, line.what]));
  const said = purchasesOf(project).filter(({ id }) => project.matches[id]);
  if (said.length === 0) return null;
  if (!open) {
    return (
      <Button
        look="quiet"
        className="self-start"
        label={`Said so far: ${said.length}`}
        onPress={() => setOpen(true)}
      />
    );
  }
  return (
    <>
      {said.map(({ id, what, cents }) => {
        const covers = (project.matches[id]?.covers ?? []).map((line) => lines.get(line) ?? line);
        return (
          <Slip
            key={id}
            title={what}
            note={covers.length > 0 ? `pays for ${covers.join(', ')}` : 'nothing that was planned'}
            figure={formatPaid(cents, project.currency)}
          >
            <Button
              look="quiet"
              className="self-start"
              label="Ask again"
              hint={`Ask again: ${what}`}
              onPress={() =>
                void dispatch(
                  keep(
                    [{ type: 'purchaseUnmatched', payload: { paymentId: id } }],
                    `${what}: to be asked again.`,
                  ),
                )
              }
            />
          </Slip>
        );
      })}
    </>
  );
}
