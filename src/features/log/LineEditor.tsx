import { useState } from 'react';
import { View } from 'react-native';
import type { DayLog } from '@/core/house';
import type { PlainDate } from '@/core/units';
import { Button, Field, Small, useKeeping } from '@/ui';
import { Slips } from './Slips';
import { useLine } from './useLine';
import { useWhenRead } from './useWhenRead';

/** Puts a line right: the same reading as in the strip, on the line's own day unless it names another. */
export function LineEditor({
  line: said,
  day,
  action = 'Keep the change',
  onKeep,
  onClose,
}: {
  line: string;
  day?: PlainDate;
  action?: string;
  /** Answers whether it was kept. */
  onKeep: (read: Omit<DayLog, 'id'>) => Promise<boolean>;
  onClose: () => void;
}) {
  const [text, setText] = useState(said);
  const [asked, setAsked] = useState(false);
  const line = useLine(text, day);
  const keeping = useKeeping(text);
  const save = async () => {
    if (line.reading.fault || line.open.length > 0 || line.entries.length === 0) {
      setAsked(true);
      return;
    }
    const read = { date: line.reading.date, line: text.trim(), entries: line.entries };
    await keeping(() => onKeep(read), onClose);
  };
  const saveWhenRead = useWhenRead(line.isBehind, save);
  return (
    <View className="gap-3 rounded-board border border-spruce p-3">
      <Field label="The line" value={text} onChangeText={setText} onSubmitEditing={saveWhenRead} />
      <Slips line={line} />
      {asked ? (
        <Small role="alert" className="text-brick">
          Not kept yet: answer what is open or put the day right.
        </Small>
      ) : null}
      <View className="flex-row gap-2">
        <Button look="main" label={action} onPress={saveWhenRead} />
        <Button label="Leave as it was" onPress={onClose} />
      </View>
    </View>
  );
}
