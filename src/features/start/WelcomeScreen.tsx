import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { useRouter } from 'expo-router';
import {
  openDemo,
  selectDevice,
  selectSession,
  switchHouse,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Body, BoardKey, Button, ButtonLink, Note, PageTitle, Section } from '@/ui';

/** The first thing anybody sees: start a house, or look at the demo. */
export function WelcomeScreen() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { houses } = useAppSelector(selectSession);
  const { keeps, offline } = useAppSelector(selectDevice);
  const [failed, setFailed] = useState(false);
  const showDemo = async () => {
    const opened = await dispatch(openDemo()).catch(() => ({ ok: false as const }));
    if (opened.ok) router.replace('/today');
    else setFailed(true);
  };
  const enter = async (id: string) => {
    await dispatch(switchHouse(id));
    router.replace('/today');
  };
  return (
    <ScrollView className="flex-1 bg-ground" contentContainerClassName="p-4 py-10 items-center">
      <View role="main" className="w-full max-w-[560px] gap-5">
        <PageTitle className="text-[34px] leading-[40px]">Fresh Porch</PageTitle>
        <Body>
          Walk your house once and say what you did each night. Fresh Porch keeps the build order,
          the hours, the orders and the money, and always knows what still stands between you and
          the keys.
        </Body>
        <View className="gap-3">
          <ButtonLink look="main" href="/start" label="Start my house" />
          <Button label="Open the demo house" onPress={() => void showDemo()} />
          <Note>
            The demo is a made-up bakery nine weeks into becoming a home. It never touches a house
            of your own.
          </Note>
          {failed ? (
            <Body role="alert" className="text-brick">
              {keeps === false
                ? 'The demo house could not be kept here.'
                : 'The demo house could not be loaded. Check that the server still runs and try again.'}
            </Body>
          ) : null}
        </View>
        {houses.length > 0 ? (
          <Section title="On this device">
            {houses.map(({ id, name, kind }) => (
              <Button
                key={id}
                label={kind === 'demo' ? `${name} (demo)` : name}
                onPress={() => void enter(id)}
              />
            ))}
          </Section>
        ) : null}
        <ButtonLink look="quiet" href="/open-file" label="Open a house from a file" />
        <Section title="How to read a board">
          <BoardKey states={['done', 'in-hand', 'ready', 'setting', 'held', 'arrives', 'later']} />
        </Section>
        <Note>Everything stays in this browser and in the files you export. No account.</Note>
        {offline === 'not-secure' ? (
          <Note>
            This page came over plain http: it works while its server answers, and the browser keeps
            no copy for the cellar. The README says how a phone gets it over https.
          </Note>
        ) : null}
      </View>
    </ScrollView>
  );
}
