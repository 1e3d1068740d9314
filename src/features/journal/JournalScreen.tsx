import { useState } from 'react';
import { View } from 'react-native';
import { diaryOf, type DiaryPage } from '@/core/diary';
import type { DayLog } from '@/core/house';
import { formatDate, formatMinutes, formatMoney } from '@/core/units';
import { LineEditor, entryWords } from '@/features/log';
import { Page } from '@/features/shell';
import {
  keep,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Body, Button, Empty, Note, Section } from '@/ui';

const PAGE = 14;

/** The days, newest first, each a page of the diary. */
export function JournalScreen() {
  const project = useAppSelector(selectProject);
  const [shown, setShown] = useState(PAGE);
  const pages = diaryOf(project);
  return (
    <Page title="Journal">
      {pages.length === 0 ? (
        <Empty
          title="The days will stand here, newest first"
          note="Say your first evening in the strip below: “2h me measuring kitchen, done”."
        />
      ) : null}
      {pages.slice(0, shown).map((page) => (
        <DayPage key={page.date} page={page} />
      ))}
      {pages.length > shown ? (
        <Button
          label={`Earlier days (${pages.length - shown})`}
          onPress={() => setShown(shown + PAGE)}
        />
      ) : null}
    </Page>
  );
}

function DayPage({ page }: { page: DiaryPage }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const sums = [
    page.minutes > 0 ? formatMinutes(page.minutes) : '',
    page.spent !== 0 ? formatMoney(page.spent, project.currency) : '',
  ].filter(Boolean);
  return (
    <Section title={formatDate(page.date, today)} sum={sums.join(' · ')}>
      {page.logs.map((day) => (
        <DayLine key={day.id} day={day} />
      ))}
    </Section>
  );
}

function DayLine({ day }: { day: DayLog }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const today = useAppSelector(selectToday);
  const [editing, setEditing] = useState(false);
  if (editing) return <LineEditor day={day} onClose={() => setEditing(false)} />;
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
        const words = entryWords(entry, { project, jobs });
        return <Note key={at}>{`${words.figure} · ${words.title} · ${words.note}`}</Note>;
      })}
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
