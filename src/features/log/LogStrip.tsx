import { useEffect, useRef, useState } from 'react';
import { ScrollView, TextInput, View } from 'react-native';
import { logIdSchema } from '@/core/house';
import {
  freshId,
  keep,
  loadDraft,
  saveDraft,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { formatDate } from '@/core/units';
import { Button, Small } from '@/ui';
import { Slips } from './Slips';
import { useLine } from './useLine';

const DRAFT = 'log strip';

/** One line, docked on every screen: say the evening in one breath, see its slips, keep them. */
export function LogStrip() {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const input = useRef<TextInput>(null);
  const [text, setText] = useState('');
  const [asked, setAsked] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const line = useLine(text);
  const typed = text.trim() !== '';

  useEffect(() => {
    let unmounted = false;
    void dispatch(loadDraft(DRAFT)).then((draft) => {
      if (!unmounted) setText((now) => (now === '' ? draft : now));
    });
    return () => {
      unmounted = true;
    };
  }, [dispatch]);

  const type = (next: string) => {
    setText(next);
    setAsked(false);
    dispatch(saveDraft(DRAFT, next));
  };

  const keepLine = async () => {
    if (!typed || keeping) return;
    if (line.reading.fault || line.open.length > 0 || line.entries.length === 0) {
      setAsked(true);
      return;
    }
    setKeeping(true);
    const { date } = line.reading;
    const id = logIdSchema.parse(dispatch(freshId()));
    const day = { id, date, line: text.trim(), entries: line.entries };
    const when = date === today ? 'today' : formatDate(date, today);
    const kept = await dispatch(keep([{ type: 'dayLogged', payload: day }], `Kept for ${when}.`));
    setKeeping(false);
    if (kept) {
      type('');
      line.reset();
    }
  };

  return (
    <View data-print="hide" role="region" aria-label="Log strip">
      {typed ? (
        <ScrollView
          className="max-h-[46vh] border-t border-line bg-ground"
          contentContainerClassName="p-4 gap-2"
        >
          <Slips line={line} />
          {asked ? (
            <Small role="alert" className="text-brick">
              {whyNotKept(line)}
            </Small>
          ) : null}
        </ScrollView>
      ) : null}
      <View className="flex-row gap-2 bg-strip p-2 wide:px-6">
        <TextInput
          ref={input}
          aria-label="Say your evening"
          placeholder="Say your evening: 2h30 me, taping…"
          value={text}
          onChangeText={type}
          onSubmitEditing={() => void keepLine()}
          submitBehavior="submit"
          autoComplete="off"
          className="min-h-target flex-1 rounded-board bg-paper px-3 font-sans text-body text-ink"
        />
        <Button
          label="Keep"
          className="border-strip-line bg-paper"
          disabled={!typed || keeping}
          onPress={() => void keepLine()}
        />
      </View>
    </View>
  );
}

function whyNotKept({ reading, open, entries }: ReturnType<typeof useLine>): string {
  if (reading.fault) return 'Not kept yet: put the day right first.';
  if (open.length > 0) return 'Not kept yet: answer the question, or leave that part out.';
  return entries.length === 0 ? 'Not kept: nothing is left of the line.' : '';
}
