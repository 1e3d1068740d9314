import { planningInputOf } from '@/core/house';
import { View } from 'react-native';
import { measuringPass, type ToMeasure } from '@/core/estimating/measuring';
import { countWords, formatDate } from '@/core/units';
import { Page, PlanState } from '@/features/shell';
import { placeNameIn, selectJobsById, selectProject, selectToday, useAppSelector } from '@/store';
import { ButtonLink, Columns, Empty, Section, Slip } from '@/ui';
import { toMeasureWords } from './words';

const NAMED = 3;

function asksWords({ asks }: ToMeasure): string {
  const named = asks.slice(0, NAMED).join(', ').toLowerCase();
  return asks.length > NAMED ? `for ${named} and ${asks.length - NAMED} more` : `for ${named}`;
}

/** Everything that wants the tape, in walking order: one pass through the house. */
export function PassScreen() {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const jobs = useAppSelector(selectJobsById);
  const { left, done } = measuringPass(
    planningInputOf(project),
    ({ id }) => jobs.get(id)?.doneOn === null,
  );
  const [next] = left;
  return (
    <Page title="Measuring pass">
      <PlanState />
      {left.length + done.length === 0 ? (
        <Empty
          title="What must be measured will stand here"
          note="Choose works in a room; they say which sizes they need."
        >
          <ButtonLink look="main" href="/house" label="Go to the house" />
        </Empty>
      ) : null}
      {next ? (
        <ButtonLink
          look="main"
          className="self-start"
          href={`/measure/${next.placeId}`}
          label={`Start with ${placeNameIn(project, next.placeId)}`}
        />
      ) : null}
      <Columns>
        <View className="gap-5">
          {left.length > 0 ? (
            <Section title="To measure, in walking order" sum={`${left.length} left`}>
              {left.map((item) => (
                <Slip
                  key={item.id}
                  state="ready"
                  title={placeNameIn(project, item.placeId)}
                  note={asksWords(item)}
                  figure={toMeasureWords(item)}
                  href={`/measure/${item.placeId}`}
                />
              ))}
            </Section>
          ) : null}
        </View>
        <View className="gap-5">
          {done.length > 0 ? (
            <Section title="Measured" sum={countWords(done.length, 'room')}>
              {done.map(({ placeId, on }) => (
                <Slip
                  key={placeId}
                  state="done"
                  title={placeNameIn(project, placeId)}
                  figure={formatDate(on, today)}
                  figureNote="with the tape"
                  href={`/measure/${placeId}`}
                />
              ))}
            </Section>
          ) : null}
        </View>
      </Columns>
    </Page>
  );
}
