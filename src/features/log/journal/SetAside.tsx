import { useState } from 'react';
import { View } from 'react-native';
import { logIdSchema } from '@/core/house';
import { wordsIn } from '@/core/journal';
import { countWords, formatDate } from '@/core/units';
import { LineEditor } from '@/features/log/line';
import {
  freshId,
  keep,
  limitWords,
  selectSession,
  selectToday,
  settleAside,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Body, Button, Note, Section } from '@/ui';

/** What is corrected is no line of the log yet. */
const NO_LINE = logIdSchema.parse('set-aside');

type Aside = ReturnType<typeof selectSession>['setAside'][number];

/** What could not be read, as the words it holds: to be said again, or dismissed. Every export carries it meanwhile. */
export function SetAside() {
  const { setAside } = useAppSelector(selectSession);
  if (setAside.length === 0) return null;
  return (
    <Section title="Could not be read" sum={countWords(setAside.length, 'record')}>
      {setAside.map((aside) => (
        <OneAside key={`${aside.key} ${aside.raw}`} aside={aside} />
      ))}
    </Section>
  );
}

/** Why a record was set aside, as people say it. */
function whyAside({ newer, reason }: Aside): string {
  if (newer) return 'Written by a newer Fresh Porch; load this page anew to read it.';
  if (reason === 'torn') return 'The record is torn; this is what is left of it.';
  if (reason === 'unread') return 'It came like this in a file.';
  const [path = ''] = reason.split(': ');
  return limitWords(path);
}

function OneAside({ aside }: { aside: Aside }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const [doing, setDoing] = useState<'correct' | 'dismiss' | null>(null);
  const { words, date } = wordsIn(aside.raw);
  if (doing === 'correct') {
    return (
      <LineEditor
        line={words}
        day={date === null ? undefined : { id: NO_LINE, date, line: words, entries: [] }}
        action="Keep it as a line"
        onKeep={async (read, events) => {
          const day = { ...read, id: logIdSchema.parse(dispatch(freshId())) };
          const kept = await dispatch(
            keep(
              [...events, { type: 'dayLogged', payload: day }],
              `Kept for ${formatDate(day.date, today)}.`,
            ),
          );
          return kept && dispatch(settleAside(aside));
        }}
        onClose={() => setDoing(null)}
      />
    );
  }
  const why = whyAside(aside);
  return (
    <View className="gap-1 rounded-board border border-straw-deep bg-straw-pale px-3 py-2">
      <Body numberOfLines={6}>{`“${words}”`}</Body>
      <Note>{date === null ? why : `${formatDate(date, today)}. ${why}`}</Note>
      {doing === 'dismiss' ? (
        <View className="flex-row flex-wrap gap-2">
          <Button
            look="danger"
            label="Yes, dismiss it for good"
            onPress={() => void dispatch(settleAside(aside))}
          />
          <Button label="Keep it aside" onPress={() => setDoing(null)} />
        </View>
      ) : (
        <View className="flex-row gap-4">
          {aside.newer ? null : (
            <Button
              look="quiet"
              label="Put it right"
              hint={`Put right: ${words.slice(0, 80)}`}
              onPress={() => setDoing('correct')}
            />
          )}
          <Button
            look="quiet"
            label="Dismiss"
            hint={`Dismiss: ${words.slice(0, 80)}`}
            onPress={() => setDoing('dismiss')}
          />
        </View>
      )}
    </View>
  );
}
