import { useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { diaryOf, pageSums, type DiaryPage } from '@/core/log/diary';
import { surveyIdOf, type DayLog } from '@/core/house';
import { findsOpen } from '@/core/money';
import { suspicionOf } from '@/core/survey/risk/from-find';
import { formatDate, formatMinutes, formatMoney } from '@/core/units';
import { LineEditor, entryWords } from '@/features/log/line';
import { useHouseHead } from '@/features/shell';
import {
  findDropped,
  keep,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Body, Button, ButtonLink, Empty, Note, Section } from '@/ui';
import { ListScreen } from '@/ui/list-screen';
import { SetAside } from './SetAside';

/** The days, newest first, each a page of the diary; only those in sight are drawn. */
export function JournalScreen() {
  const project = useAppSelector(selectProject);
  const head = useHouseHead();
  const formerTitle = useFormerTitles();
  const pages = useMemo(() => diaryOf({ days: project.days }), [project.days]);
  return (
    <ListScreen
      title="Journal"
      {...head}
      head={
        <>
          <SetAside />
          <ButtonLink
            look="quiet"
            className="self-start"
            href="/history"
            label="History of changes"
          />
          {pages.length === 0 ? (
            <Empty
              title="The days will stand here, newest first"
              note="Say your first evening in the strip below: “2h me measuring kitchen, done”."
            />
          ) : null}
        </>
      }
      rows={pages}
      keyOf={({ date }) => date}
      row={(page) => <DayPage page={page} formerTitle={formerTitle} />}
    />
  );
}

type FormerTitle = (jobId: string) => string | undefined;

/** What jobs were called that are planned no more, such as those of a room since removed. */
function useFormerTitles(): FormerTitle {
  const dispatch = useAppDispatch();
  const [titles, setTitles] = useState<ReadonlyMap<string, string>>(new Map());
  useEffect(() => {
    let gone = false;
    void dispatch(findDropped()).then((dropped) => {
      if (!gone) setTitles(new Map(dropped.map(({ jobId, title }) => [jobId, title])));
    });
    return () => {
      gone = true;
    };
  }, [dispatch]);
  return (jobId) => titles.get(jobId);
}

function DayPage({ page, formerTitle }: { page: DiaryPage; formerTitle: FormerTitle }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { minutes, spent } = pageSums(page);
  const sums = [
    minutes > 0 ? formatMinutes(minutes) : '',
    spent !== 0 ? formatMoney(spent, project.currency) : '',
  ].filter(Boolean);
  return (
    <Section title={formatDate(page.date, today)} sum={sums.join(' · ')}>
      {page.logs.map((day) => (
        <DayLine key={day.id} day={day} formerTitle={formerTitle} />
      ))}
    </Section>
  );
}

function DayLine({ day, formerTitle }: { day: DayLog; formerTitle: FormerTitle }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const today = useAppSelector(selectToday);
  const [editing, setEditing] = useState(false);
  // A line of two days stands under both; what is put right is all of it.
  const whole = project.days[day.id] ?? day;
  if (editing) {
    return (
      <LineEditor
        line={day.line}
        day={whole}
        onKeep={(read, events) =>
          dispatch(
            keep(
              [...events, { type: 'dayCorrected', payload: { id: day.id, ...read } }],
              'Put the line right.',
            ),
          )
        }
        onClose={() => setEditing(false)}
      />
    );
  }
  const suspicions = day.entries.flatMap((entry) =>
    entry.kind === 'find' ? (suspicionOf(entry, project, today) ?? []) : [],
  );
  const finds = findsOpen(project).filter(({ logId }) => logId === day.id);
  const takeBack = () =>
    void dispatch(
      keep(
        [{ type: 'dayWithdrawn', payload: { logId: day.id } }],
        `Took back a line of ${formatDate(day.date, today)}.`,
      ),
    );
  return (
    <View className="gap-1 rounded-board border border-line bg-paper px-3 py-2">
      <Body>{`“${day.line}”`}</Body>
      {day.entries.map((entry, at) => {
        const words = entryWords(entry, { project, jobs, formerTitle });
        return <Note key={at}>{`${words.figure} · ${words.title} · ${words.note}`}</Note>;
      })}
      {suspicions.map((survey) => (
        <Button
          key={surveyIdOf(survey)}
          look="quiet"
          className="self-start"
          label="Take it as a suspicion"
          hint={`Take as a suspicion: ${survey.reason ?? ''}`}
          onPress={() =>
            void dispatch(
              keep(
                [{ type: 'elementSurveyed', payload: survey }],
                'It weighs on the date until somebody has looked.',
              ),
            )
          }
        />
      ))}
      {finds.map(({ id, entry }) => (
        <ButtonLink
          key={id}
          look="quiet"
          className="self-start"
          href={{ pathname: '/job/new', params: { find: id } }}
          label="Make a job of it"
          hint={`Make a job of it: ${entry.text}`}
        />
      ))}
      <View className="flex-row gap-4">
        <Button
          look="quiet"
          label="Correct"
          hint={`Correct: ${day.line}`}
          onPress={() => setEditing(true)}
        />
        <Button look="quiet" label="Take back" hint={`Take back: ${day.line}`} onPress={takeBack} />
      </View>
    </View>
  );
}
