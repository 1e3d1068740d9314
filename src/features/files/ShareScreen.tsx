import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { diaryTable, jobsTable, spendTable } from '@/core/files/tables';
import { Page } from '@/features/shell';
import {
  DEMO_ID,
  openDemo,
  selectPlan,
  selectProject,
  selectSession,
  switchHouse,
  useAppDispatch,
  useAppSelector,
  wipeHouse,
} from '@/store';
import { countWords } from '@/core/units';
import { Button, ButtonLink, Note, Section } from '@/ui';
import { csvText } from './csv';
import { download, fileStem, textFile } from './files';
import { ImportCard } from './ImportCard';
import { SettleCard } from './SettleCard';
import { WholeHouse } from './WholeHouse';

/** The whole house out as a file and in again, tables for a spreadsheet, and the other houses here. */
export function ShareScreen() {
  return (
    <Page title="Share">
      <SettleCard />
      <Exports />
      <ImportCard />
      <SetAsideCard />
      <Houses />
      <Wipe />
    </Page>
  );
}

const ROW = 'flex-row flex-wrap gap-2';

function Exports() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const { current } = useAppSelector(selectSession);
  const stem = fileStem(project.house.name);
  const saveCalendar = async () => {
    if (!plan) return;
    const { calendarText } = await import('./calendar');
    download(
      `${stem}.ics`,
      textFile(calendarText(project, plan, current?.id ?? ''), 'text/calendar'),
    );
  };
  return (
    <Section title="Take it out">
      <WholeHouse stem={stem} />
      <View className={ROW}>
        <Button label="Calendar file" disabled={!plan} onPress={() => void saveCalendar()} />
        <Button
          label="Jobs as CSV"
          disabled={!plan}
          onPress={() => {
            if (plan)
              download(`${stem}-jobs.csv`, textFile(csvText(jobsTable(project, plan)), 'text/csv'));
          }}
        />
        <Button
          label="Spending as CSV"
          onPress={() =>
            download(`${stem}-spending.csv`, textFile(csvText(spendTable(project)), 'text/csv'))
          }
        />
        <Button
          label="Journal as CSV"
          onPress={() =>
            download(`${stem}-journal.csv`, textFile(csvText(diaryTable(project)), 'text/csv'))
          }
        />
      </View>
    </Section>
  );
}

/** Records that did not read can at least be carried out of the browser. */
function SetAsideCard() {
  const { setAside } = useAppSelector(selectSession);
  if (setAside.length === 0) return null;
  return (
    <Section title="Set aside" sum={`${setAside.length} unreadable`}>
      <Note>
        Stored as they were, and part of every export. The Journal shows what they say, to put right
        or dismiss.
      </Note>
      <View className={ROW}>
        <ButtonLink href="/journal" label="See them in the Journal" />
        <Button
          label="Save them as a file"
          onPress={() =>
            download(
              'set-aside.json',
              textFile(JSON.stringify(setAside, null, 1), 'application/json'),
            )
          }
        />
      </View>
    </Section>
  );
}

function Houses() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { houses, current } = useAppSelector(selectSession);
  const enter = async (open: Promise<unknown>) => {
    await open;
    router.replace('/today');
  };
  return (
    <Section title="Houses on this device">
      {houses.map(({ id, name }) => (
        <Button
          key={id}
          label={id === current?.id ? `${name} (open now)` : `Open ${name}`}
          disabled={id === current?.id}
          onPress={() => void enter(dispatch(switchHouse(id)))}
        />
      ))}
      <View className={ROW}>
        {houses.some(({ id }) => id === DEMO_ID) ? (
          <Button
            label="Put the demo back as it was"
            onPress={() => void enter(dispatch(openDemo({ afresh: true })))}
          />
        ) : (
          <Button label="Open the demo house" onPress={() => void enter(dispatch(openDemo()))} />
        )}
        <ButtonLink href="/start" label="Start another house" />
      </View>
    </Section>
  );
}

function Wipe() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { current, setAside } = useAppSelector(selectSession);
  const [sure, setSure] = useState(false);
  const wipe = async () => {
    if (await dispatch(wipeHouse())) router.replace('/');
  };
  return (
    <Section title="Take this house off the device">
      <Note>
        Export it first. Other houses here are not touched.
        {setAside.length > 0
          ? ` With it goes what could not be read: ${countWords(setAside.length, 'record')}.`
          : ''}
      </Note>
      {sure ? (
        <View className={ROW}>
          <Button
            look="danger"
            label={`Yes, remove ${current?.name ?? 'it'}`}
            onPress={() => void wipe()}
          />
          <Button label="Keep it" onPress={() => setSure(false)} />
        </View>
      ) : (
        <View className={ROW}>
          <Button look="danger" label="Remove this house" onPress={() => setSure(true)} />
        </View>
      )}
    </Section>
  );
}
