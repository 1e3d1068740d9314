import { useState } from 'react';
import { View } from 'react-native';
import type { DayLog } from '@/core/house';
import { keep, useAppDispatch } from '@/store';
import { Button, Field, Small } from '@/ui';
import { Slips } from './Slips';
import { useLine } from './useLine';

/** Puts a kept line right: the same reading as in the strip, on the line's own day. */
export function LineEditor({ day, onClose }: { day: DayLog; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [text, setText] = useState(day.line);
  const [asked, setAsked] = useState(false);
  const line = useLine(text, day.date);
  const save = async () => {
    if (line.reading.fault || line.open.length > 0 || line.entries.length === 0) {
      setAsked(true);
      return;
    }
    const corrected = { ...day, date: line.reading.date, line: text.trim(), entries: line.entries };
    const kept = await dispatch(
      keep([{ type: 'dayCorrected', payload: corrected }], 'Put the line right.'),
    );
    if (kept) onClose();
  };
  return (
    <View className="gap-3 rounded-board border border-spruce p-3">
      <Field
        label="The line"
        value={text}
        onChangeText={setText}
        onSubmitEditing={() => void save()}
      />
      <Slips line={line} />
      {asked ? (
        <Small role="alert" className="text-brick">
          Not kept yet: answer what is open or put the day right.
        </Small>
      ) : null}
      <View className="flex-row gap-2">
        <Button look="main" label="Keep the change" onPress={() => void save()} />
        <Button label="Leave as it was" onPress={onClose} />
      </View>
    </View>
  );
}
